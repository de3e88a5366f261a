/**
 * Inference: what is believed after the readings, what is proved and why, what to ask next.
 *
 * <p>Begin with {@code Engine}, which reads like a table of contents. {@code Evidence} turns facts
 * into answers of checks, {@code Belief} weighs every cause by Bayes' rule, {@code Judgement} asks
 * for more than probability before it says proved, {@code NextTests} and {@code Forecast} choose
 * what to ask next, {@code WhatToDo} says what to do when the part has no name yet.
 *
 * <p>May use {@code chain}, {@code check}, {@code fact}, {@code family}, {@code likelihood}, {@code
 * signal}, {@code winding}.
 */
@NullMarked
package variablerotor.core.diagnosis;

import org.jspecify.annotations.NullMarked;
