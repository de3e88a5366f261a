package variablerotor.core.fact;

/** What sort of value a fact has. */
public enum FactKind {
  /** A finite number in the fact's unit. */
  NUMBER,
  /** A resistance [Ω]: a number, or OL. */
  OHMS,
  /** True or false. */
  FLAG,
  /** One of a few words. */
  CHOICE,
  /** A code as read: text, or a code book and a code in it. */
  CODE,
  /** A list of suspects. */
  SUSPECTS,
  /** Lowest and highest good value. */
  WINDOW
}
