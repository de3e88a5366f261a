package variablerotor.core.family;

/**
 * Where the two tips of a meter go for a reading.
 *
 * @param red id of the terminal under the red tip
 * @param black id of the terminal under the black tip
 */
public record Probe(String red, String black) {}
