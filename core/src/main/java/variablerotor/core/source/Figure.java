package variablerotor.core.source;

/**
 * A number that decides something, with its unit and its source.
 *
 * @param id stable name, dotted
 * @param title what it is, in a technician's words
 * @param value the figure, in {@code unit}
 * @param unit the unit as shown; empty for a pure number
 * @param source who says so
 */
public record Figure(String id, String title, double value, String unit, Source source) {}
