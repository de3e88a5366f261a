package variablerotor.core.fact;

/** What sort of value a fact has. */
public enum FactKind {
  /** A finite number in the fact's unit. */
  NUMBER(""),
  /** A resistance [Ω]: a number, or OL. */
  OHMS("Ω"),
  /** An insulation resistance [MΩ]: a number, or OL. */
  MEGOHMS("MΩ"),
  /** True or false. */
  FLAG(""),
  /** One of a few words. */
  CHOICE(""),
  /** A code as read: text, or a code book and a code in it. */
  CODE(""),
  /** A list of suspects. */
  SUSPECTS(""),
  /** Lowest and highest good value. */
  WINDOW("V");

  private final String unit;

  FactKind(String unit) {
    this.unit = unit;
  }

  /** The unit that goes with the kind; empty where each fact has its own. */
  String unit() {
    return unit;
  }
}
