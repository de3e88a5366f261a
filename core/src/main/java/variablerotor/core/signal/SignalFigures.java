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

  private SignalFigures() {}

  public static List<Figure> all() {
    return List.of(LINE_TOLERANCE, COMMAND_LOW, COMMAND_HIGH, ABSENT_SHARE);
  }
}
