package variablerotor.core.winding;

/**
 * What the ohmmeter adds to a reading. Gain and zero error are common to the three pairs and cancel
 * in their comparison; resolution and contact repeatability do not.
 *
 * @param leadOhms resistance of the test leads, subtracted from every reading [Ω]
 * @param countOhms one count of the display [Ω]
 */
public record Meter(double leadOhms, double countOhms) {

  /** Contact repeatability of hand-held probes on clean pins, two-wire [Ω]. Common practice. */
  public static final double CONTACT_OHMS = WindingFigures.CONTACT_REPEATABILITY.value();

  /** A common hand-held meter, zeroed: 0.1 Ω a count. */
  public static final Meter HAND_HELD = new Meter(0, WindingFigures.METER_COUNT.value());

  public Meter {
    if (!(leadOhms >= 0) || !(countOhms > 0)) {
      throw new IllegalArgumentException("lead ohms zero or more, count ohms above zero");
    }
  }

  /** A display as fine as this is of a milliohm meter, which measures with four wires [Ω]. */
  private static final double FOUR_WIRES = 0.001;

  /**
   * Half-width of the band in which the true value of one reading lies, as far as it is not common
   * to all three [Ω]: half a count of resolution, and contact repeatability, which is that of the
   * probes whatever the display resolves. A milliohm meter measures past its contacts.
   */
  public double errorOhms() {
    return countOhms / 2 + (countOhms <= FOUR_WIRES ? countOhms / 2 : CONTACT_OHMS);
  }
}
