package variablerotor.core.check;

import java.util.List;
import variablerotor.core.source.Figure;
import variablerotor.core.source.Source;

/** Minutes and likelihoods that the order of checks turns on. */
public final class CheckFigures {
  private static final Source PLANNING = Source.practice("typical minutes, made for planning");

  public static final Figure LOCK_OUT =
      new Figure("minutes.lockOut", "Lock out, prove dead, open the cover", 2, "min", PLANNING);
  public static final Figure RESTART =
      new Figure("minutes.restart", "Restore power, with the restart delay", 5, "min", PLANNING);
  public static final Figure MODULE_OFF =
      new Figure("minutes.moduleOff", "Module off, or on again", 5, "min", PLANNING);
  public static final Figure PULL_BLOWER =
      new Figure("minutes.pullBlower", "Pull the blower, or put it back", 15, "min", PLANNING);
  public static final Figure CONTROL_PLUG =
      new Figure("minutes.controlPlug", "Pull the control plug and watch", 2, "min", PLANNING);
  public static final Figure MISREAD =
      new Figure(
          "likelihood.misread",
          "How often a reading is simply wrong",
          0.0005,
          "",
          Source.practice("judgement: one in two thousand; keeps one slip from deciding"));
  public static final Figure CODE_WEIGHT =
      new Figure(
          "likelihood.codeWeight",
          "A code makes the suspects that it raises this many times likelier",
          3,
          "",
          Source.practice("judgement: a code names what the board saw, not the part"));
  public static final Figure ALSO_WEIGHT =
      new Figure(
          "likelihood.alsoWeight",
          "A second complaint makes what usually brings it about this many times likelier",
          3,
          "",
          Source.practice("judgement: two complaints at once have one cause more often than two"));
  public static final Figure LIKELY =
      new Figure(
          "likelihood.likely",
          "A suspect is called likely from",
          0.5,
          "",
          Source.practice("judgement: likelier than all others together"));

  public static final Figure STATIC_LIMIT =
      new Figure(
          "air.static",
          "External static pressure, usual most",
          0.5,
          "in. w.c.",
          Source.practice("the plate's own figure rules; 0.5 is common"));

  public static final Figure STATIC_LEAST =
      new Figure(
          "air.staticLeast",
          "External static pressure, hardly any below",
          0.12,
          "in. w.c.",
          Source.practice("judgement: a filter or coil inside the cabinet lowers it"));
  public static final Figure ROOM =
      new Figure(
          "proof.room",
          "What may be left over for causes that nobody listed, where something is called proved",
          3,
          "%",
          Source.practice("judgement: the world is open"));
  public static final Figure SLIP =
      new Figure(
          "likelihood.slip",
          "How often a reading is wrong, where it is asked whether to take it again",
          2,
          "%",
          Source.practice("judgement: one in fifty"));
  public static final Figure DOUBTED =
      new Figure(
          "likelihood.doubted",
          "A reading that a proof rests on is taken again where it is wrong this often",
          1.5,
          "%",
          Source.practice("judgement: dear parts are mostly not returnable"));

  private CheckFigures() {}

  /** Every figure of this class, with its source. */
  public static List<Figure> all() {
    return List.of(
        LOCK_OUT,
        RESTART,
        MODULE_OFF,
        PULL_BLOWER,
        CONTROL_PLUG,
        MISREAD,
        CODE_WEIGHT,
        ALSO_WEIGHT,
        LIKELY,
        STATIC_LIMIT,
        STATIC_LEAST,
        ROOM,
        SLIP,
        DOUBTED);
  }
}
