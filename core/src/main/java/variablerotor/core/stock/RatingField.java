package variablerotor.core.stock;

/** A figure on a small part, with its unit and what can stand there. */
public enum RatingField {
  MICROFARADS("microfarads", "µF", 0.1, 1000),
  /** Rated volts of a capacitor or a drive. */
  VOLTS("volts", "V", 1, 1000),
  /** Contacts for a motor load, the full load of a drive, or the upper end of an overload. */
  AMPS("amps", "A", 0.05, 1000),
  /** The lower end to which an overload can be set. */
  AMPS_FROM("ampsFrom", "A from", 0.05, 1000),
  COIL_VOLTS("coilVolts", "V coil", 5, 600),
  VA("va", "VA", 1, 5000),
  POLES("poles", "poles", 1, 4);

  private final String id;
  private final String unit;
  private final double least;
  private final double most;

  RatingField(String id, String unit, double least, double most) {
    this.id = id;
    this.unit = unit;
    this.least = least;
    this.most = most;
  }

  /** Its name in a tree and in a table. */
  public String id() {
    return id;
  }

  /** As it is shown after the figure. */
  public String unit() {
    return unit;
  }

  /** The least that can stand there, in its unit. */
  public double least() {
    return least;
  }

  /** The most that can stand there, in its unit. */
  public double most() {
    return most;
  }
}
