/**
 * The links of the chain from supply to air path, as suspects.
 *
 * <p>A variable-speed fan turns only if every link of the chain holds; diagnosis is elimination
 * along it. A {@code Suspect} is a link as one to blame, {@code NONE} and {@code OTHER} what lies
 * outside.
 *
 * <p>Uses nothing of ours.
 */
@NullMarked
package variablerotor.core.chain;

import org.jspecify.annotations.NullMarked;
