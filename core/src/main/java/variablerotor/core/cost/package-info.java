/** What a way forward costs at first. May use figures alone. */
package variablerotor.core.cost;
