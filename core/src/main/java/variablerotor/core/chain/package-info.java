/** The links of the chain from supply to air path, as suspects. Uses nothing of ours. */
@NullMarked
package variablerotor.core.chain;

import org.jspecify.annotations.NullMarked;
