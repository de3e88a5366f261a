/**
 * Simulated motors with hidden faults, their meter, and the orders of checks judged on them. May
 * use everything but what is read outside the core; nothing that diagnoses may use it.
 */
package variablerotor.core.bench;
