package variablerotor.core.fact;

/** One reading, sight or statement. */
public record Fact(FactType type, FactValue value) {

  /** With its unit: {@code 241 V}. */
  public String spoken() {
    boolean unit = !type.unit().isEmpty() && !(value instanceof FactValue.Resistance);
    return unit ? value.spoken() + " " + type.unit() : value.spoken();
  }
}
