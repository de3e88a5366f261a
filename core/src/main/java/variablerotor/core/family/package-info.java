/**
 * One profile a family of motors, whole: links, terminals, probes, the faults it can have.
 *
 * <p>Seven kinds of motor differ in what arrives at their plug and what sits inside. {@code
 * Profiles} has one entry for each; read that of the constant-torque blower first, the others say
 * where they differ.
 *
 * <p>May use {@code chain}, {@code fact}.
 */
@NullMarked
package variablerotor.core.family;

import org.jspecify.annotations.NullMarked;
