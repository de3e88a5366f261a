package variablerotor.core.stock;

/** A figure on a small part, with its unit and what can stand there. */
public enum RatingField {
  MICROFARADS("microfarads", "Capacity", "µF", 0.1, 1000),
  /** Rated volts of a capacitor or a drive. */
  VOLTS("volts", "Rated volts", "V", 1, 1000),
  /** Contacts for a motor load, the full load of a drive, or the upper end of an overload. */
  AMPS("amps", "Amps", "A", 0.05, 1000),
  /** The lower end to which an overload can be set. */
  AMPS_FROM("ampsFrom", "Can be set from", "A and up", 0.05, 1000),
  COIL_VOLTS("coilVolts", "Coil", "V coil", 5, 600),
  VA("va", "Power", "VA", 1, 5000),
  POLES("poles", "Poles", "poles", 1, 4);

  private final String id;
  private final String title;
  private final String unit;
  private final double least;
  private final double most;

  RatingField(String id, String title, String unit, double least, double most) {
    this.id = id;
    this.title = title;
    this.unit = unit;
    this.least = least;
    this.most = most;
  }

  /** Its name in a tree and in a table. */
  public String id() {
    return id;
  }

  /** As it is asked for. */
  public String title() {
    return title;
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
