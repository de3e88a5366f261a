/**
 * Simulated motors with hidden faults, their meter, and the orders of checks judged on them. May
 * use everything but what is read outside the core; nothing that diagnoses may use it.
 */
@NullMarked
package variablerotor.core.bench;

import org.jspecify.annotations.NullMarked;
