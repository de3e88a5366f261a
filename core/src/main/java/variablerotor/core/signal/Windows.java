package variablerotor.core.signal;

/** The windows that hold where the unit's own literature gives none. */
public final class Windows {
  /** A 24 V call, tap or stage between its terminal and common [V AC]. */
  public static final Window CONTROL_24V =
      new Window(
          SignalFigures.COMMAND_LOW.value(),
          SignalFigures.COMMAND_HIGH.value(),
          "V",
          SignalFigures.COMMAND_LOW.source());

  private Windows() {}
}
