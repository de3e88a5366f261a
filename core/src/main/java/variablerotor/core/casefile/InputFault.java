package variablerotor.core.casefile;

/**
 * One thing wrong with what was given.
 *
 * @param path where, such as {@code facts[0].value}; empty for the whole
 * @param message what was found and what is allowed
 */
public record InputFault(String path, String message) {}
