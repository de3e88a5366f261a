package variablerotor.core.source;

/**
 * Who says so: where a figure comes from.
 *
 * @param kind practice, standard or memory
 * @param reference the work and clause for a standard; otherwise whose habit it is
 */
public record Source(Kind kind, String reference) {

  /** How much weight a source carries. */
  public enum Kind {
    /** Common practice in the trade, without a published source; a shop may set its own. */
    PRACTICE,
    /** A published standard or handbook, quoted from memory. */
    STANDARD,
    /** The unit's own plate or literature, typed in for one call. */
    UNIT,
    /** General engineering knowledge, from memory; the unit's own literature wins over it. */
    MEMORY
  }

  /** Common practice. */
  public static Source practice(String reference) {
    return new Source(Kind.PRACTICE, reference);
  }

  /** A published work, by name and clause. */
  public static Source standard(String reference) {
    return new Source(Kind.STANDARD, reference);
  }

  /** The unit's own literature. */
  public static Source unit(String reference) {
    return new Source(Kind.UNIT, reference);
  }

  /** Engineering knowledge from memory. */
  public static Source memory(String reference) {
    return new Source(Kind.MEMORY, reference);
  }

  /** One line for a person. */
  public String sentence() {
    switch (kind) {
      case PRACTICE:
        return "Common practice: " + reference;
      case STANDARD:
        return reference + " (from memory)";
      case UNIT:
        return "The unit's own literature, " + reference;
      default:
        return "Engineering knowledge, from memory: " + reference;
    }
  }
}
