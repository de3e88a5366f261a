package variablerotor.core.fact;

/**
 * One reading, sight or statement.
 *
 * @param phase whether it was taken before the repair or after it
 * @param again whether it is a second measurement of what was measured before, and corrects nothing
 * @param taken how it came about
 */
public record Fact(FactType type, FactValue value, RepairPhase phase, boolean again, Taken taken) {

  /** Nothing said of how it came about. */
  public Fact(FactType type, FactValue value, RepairPhase phase, boolean again) {
    this(type, value, phase, again, Taken.UNSAID);
  }

  /** Taken once, or in correction of an earlier one. */
  public Fact(FactType type, FactValue value, RepairPhase phase) {
    this(type, value, phase, false);
  }

  /** Taken before the repair, as every reading of a diagnosis is. */
  public Fact(FactType type, FactValue value) {
    this(type, value, RepairPhase.BEFORE);
  }

  /** With its unit: {@code 241 V}. */
  public String spoken() {
    return spoken(type, value);
  }

  /** A value of this type with its unit: {@code 241 V}. */
  public static String spoken(FactType type, FactValue value) {
    boolean bare = value instanceof FactValue.Resistance || value instanceof FactValue.Untold;
    boolean unit = !type.unit().isEmpty() && !bare;
    return unit ? value.spoken() + " " + type.unit() : value.spoken();
  }
}
