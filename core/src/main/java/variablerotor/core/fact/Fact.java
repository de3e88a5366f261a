package variablerotor.core.fact;

/**
 * One reading, sight or statement.
 *
 * @param phase whether it was taken before the repair or after it
 */
public record Fact(FactType type, FactValue value, RepairPhase phase) {

  /** Taken before the repair, as every reading of a diagnosis is. */
  public Fact(FactType type, FactValue value) {
    this(type, value, RepairPhase.BEFORE);
  }

  /** With its unit: {@code 241 V}. */
  public String spoken() {
    boolean unit = !type.unit().isEmpty() && !(value instanceof FactValue.Resistance);
    return unit ? value.spoken() + " " + type.unit() : value.spoken();
  }
}
