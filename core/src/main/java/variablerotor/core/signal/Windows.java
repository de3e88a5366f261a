package variablerotor.core.signal;

import variablerotor.core.source.Figure;

/** The windows that hold where the unit's own literature gives none. */
public final class Windows {
  /** A 24 V call, tap or stage between its terminal and common [V AC]. */
  public static final Window CONTROL_24V =
      new Window(
          SignalFigures.COMMAND_LOW.value(),
          SignalFigures.COMMAND_HIGH.value(),
          "V",
          SignalFigures.COMMAND_LOW.source(),
          SignalFigures.COMMAND_LOW.id());

  /** Five-wire DC bus, red to black [V DC]. */
  public static final Window BUS = dc(SignalFigures.BUS_LOW, SignalFigures.BUS_HIGH);

  /** Five-wire logic supply, white to black [V DC]. */
  public static final Window LOGIC = dc(SignalFigures.LOGIC_LOW, SignalFigures.LOGIC_HIGH);

  /** Five-wire speed command, yellow to black, when it should turn [V DC]. */
  public static final Window SPEED_COMMAND = dc(SignalFigures.SPEED_LOW, SignalFigures.SPEED_HIGH);

  /** Plug fan command when it should turn [V DC]. */
  public static final Window PLUG_COMMAND =
      new Window(
          SignalFigures.PLUG_LOW.value(),
          SignalFigures.PLUG_HIGH.value() + SignalFigures.AUX_TOLERANCE.value(),
          "V DC",
          SignalFigures.PLUG_LOW.source(),
          SignalFigures.PLUG_LOW.id());

  /** A plug fan's own supply out [V DC]. */
  public static final Window AUX =
      new Window(
          SignalFigures.PLUG_HIGH.value() - SignalFigures.AUX_TOLERANCE.value(),
          SignalFigures.PLUG_HIGH.value() + SignalFigures.AUX_TOLERANCE.value(),
          "V DC",
          SignalFigures.AUX_TOLERANCE.source(),
          SignalFigures.AUX_TOLERANCE.id());

  /** Supply of a serial link from the board [V DC]. */
  public static final Window SERIAL_LINK = dc(SignalFigures.LINK_LOW, SignalFigures.LINK_HIGH);

  private Windows() {}

  private static Window dc(Figure low, Figure high) {
    return new Window(low.value(), high.value(), "V DC", low.source(), low.id());
  }
}
