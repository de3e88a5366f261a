package variablerotor.core.signal;

import java.util.List;
import variablerotor.core.source.Figure;
import variablerotor.core.source.Source;

/** The figures behind the windows. */
public final class SignalFigures {
  public static final Figure LINE_TOLERANCE =
      new Figure(
          "line.tolerance",
          "Line voltage about the rated value",
          10,
          "%",
          Source.standard("NEMA MG 1, 12.44, voltage variation ±10 %"));
  public static final Figure COMMAND_LOW =
      new Figure(
          "command.low",
          "24 V command, least",
          18,
          "V",
          Source.practice("below it, a weak transformer or a bad joint, not a motor fault"));
  public static final Figure COMMAND_HIGH =
      new Figure(
          "command.high",
          "24 V command, most",
          30,
          "V",
          Source.practice("a lightly loaded 24 V transformer reads up to this"));
  public static final Figure ABSENT_SHARE =
      new Figure(
          "signal.absent",
          "A signal counts as absent below this share of its least good value",
          20,
          "%",
          Source.practice("stray voltage on an open lead seldom reads more"));

  public static final Figure SPEED_APART =
      new Figure(
          "speed.apart",
          "Two speeds of a wheel are two from this far apart",
          3,
          "%",
          Source.practice("judgement: an ear is sure of a speed to about one in a hundred"));
  public static final Figure EDGE =
      new Figure(
          "signal.edge",
          "A reading this far outside a usual window is a question, not a finding",
          12,
          "%",
          Source.practice("judgement: units have windows of their own; boosted buses run 10 % up"));
  public static final Figure LINE_EDGE =
      new Figure(
          "line.edge",
          "Line this far beyond its tolerance is a question, not a finding",
          5,
          "%",
          Source.practice("judgement: a motor does not stop for a few volts"));

  public static final Figure IDLE_MOST =
      new Figure(
          "command.idle",
          "With no call, a command counts as there from",
          1.5,
          "V",
          Source.practice("there should be none; stray pick-up on an open lead stays below"));

  private static final Source FIVE_WIRE =
      Source.practice("five-wire fans; where the unit's literature differs it rules");

  public static final Figure BUS_LOW =
      new Figure("bus.low", "Five-wire DC bus, least", 270, "V DC", FIVE_WIRE);
  public static final Figure BUS_HIGH =
      new Figure("bus.high", "Five-wire DC bus, most", 350, "V DC", FIVE_WIRE);
  public static final Figure LOGIC_LOW =
      new Figure("logic.low", "Five-wire logic supply, least", 14, "V DC", FIVE_WIRE);
  public static final Figure LOGIC_HIGH =
      new Figure("logic.high", "Five-wire logic supply, most", 17, "V DC", FIVE_WIRE);
  public static final Figure SPEED_LOW =
      new Figure("speed.low", "Five-wire speed command, starts near", 2, "V DC", FIVE_WIRE);
  public static final Figure SPEED_HIGH =
      new Figure("speed.high", "Five-wire speed command, most", 6.5, "V DC", FIVE_WIRE);
  public static final Figure PLUG_LOW =
      new Figure(
          "plug.low",
          "Plug fan command, starts near",
          1,
          "V DC",
          Source.practice("0 to 10 V DC, starts near 1 V"));
  public static final Figure PLUG_HIGH =
      new Figure(
          "plug.high",
          "Plug fan command, most",
          10,
          "V DC",
          Source.practice("0 to 10 V DC; half a volt over is let pass"));
  public static final Figure AUX_TOLERANCE =
      new Figure(
          "aux.tolerance",
          "Plug fan's own supply out, about 10 V",
          0.5,
          "V DC",
          Source.practice("10 V within half a volt with line present"));
  public static final Figure LINK_LOW =
      new Figure(
          "link.low",
          "Serial link supply, least",
          5,
          "V DC",
          Source.memory("links differ; the unit's own literature gives the figure"));
  public static final Figure LINK_HIGH =
      new Figure(
          "link.high",
          "Serial link supply, most",
          30,
          "V DC",
          Source.memory("links differ; the unit's own literature gives the figure"));
  public static final Figure UNBALANCE_LIMIT =
      new Figure(
          "line.unbalance",
          "Three-phase unbalance, do not run above",
          5,
          "%",
          Source.standard("NEMA MG 1, 14.36"));
  public static final Figure UNBALANCE_FREE =
      new Figure(
          "line.unbalanceFree",
          "Three-phase unbalance, derate above",
          1,
          "%",
          Source.standard("NEMA MG 1, 14.36"));

  private SignalFigures() {}

  /** Every figure of this class, with its source. */
  public static List<Figure> all() {
    return List.of(
        LINE_TOLERANCE,
        UNBALANCE_FREE,
        UNBALANCE_LIMIT,
        COMMAND_LOW,
        COMMAND_HIGH,
        ABSENT_SHARE,
        SPEED_APART,
        EDGE,
        LINE_EDGE,
        IDLE_MOST,
        BUS_LOW,
        BUS_HIGH,
        LOGIC_LOW,
        LOGIC_HIGH,
        SPEED_LOW,
        SPEED_HIGH,
        PLUG_LOW,
        PLUG_HIGH,
        AUX_TOLERANCE,
        LINK_LOW,
        LINK_HIGH);
  }
}
