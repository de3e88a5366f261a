package variablerotor.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.FactValue;
import variablerotor.core.fact.Facts;
import variablerotor.core.signal.Level;
import variablerotor.core.signal.LineVoltage;
import variablerotor.core.signal.SignalFigures;
import variablerotor.core.signal.Window;
import variablerotor.core.text.Numbers;
import variablerotor.core.text.Words;
import variablerotor.core.winding.BackEmf;
import variablerotor.core.winding.FrameState;
import variablerotor.core.winding.Insulation;
import variablerotor.core.winding.Signature;
import variablerotor.core.winding.Unbalance;
import variablerotor.core.winding.WindingFigures;
import variablerotor.core.winding.WindingState;
import variablerotor.core.winding.WindingVerdict;

/** The ways in which facts answer a check. */
public final class WaysToAnswer {
  /**
   * A drive gives nothing below this [V]. Chosen here: at its lowest speed it still puts out some
   * tens of volts, and stray pick-up reads less than this.
   */
  private static final double DRIVE_SILENT = 5;

  private final Situation situation;
  private final WindingVerdict winding;

  public WaysToAnswer(Situation situation, WindingVerdict winding) {
    this.situation = situation;
    this.winding = winding;
  }

  /** The facts in force. */
  public Facts facts() {
    return situation.facts();
  }

  /** A choice, its words being the outcomes. */
  public @Nullable Observation choice(FactType type) {
    String word = facts().choice(type);
    return word == null
        ? null
        : new Observation(
            word, type.title() + ": " + new FactValue.Choice(word).spoken() + ".", List.of(type));
  }

  /**
   * How the shaft feels now, against how it felt before: free after a drag is an answer of its own.
   *
   * @param before the feels to compare with; the first that was noted counts
   */
  public @Nullable Observation dragGone(FactType now, FactType... before) {
    Observation feel = choice(now);
    if (feel == null || !feel.outcome().equals("FREE")) {
      return feel;
    }
    for (FactType type : before) {
      String earlier = facts().choice(type);
      if (earlier != null) {
        return earlier.equals("FREE")
            ? feel
            : new Observation(
                "GONE", now.title() + ": free, the drag is gone.", List.of(now, type));
      }
    }
    return feel;
  }

  /** Yes or no. */
  public @Nullable Observation flag(FactType type) {
    Boolean flag = facts().flag(type);
    return flag == null
        ? null
        : new Observation(
            flag ? "YES" : "NO", type.title() + ": " + (flag ? "yes." : "no."), List.of(type));
  }

  /** A number against the window in force. */
  public @Nullable Observation volts(FactType type, Window window) {
    Double volts = facts().number(type);
    if (volts == null) {
      return null;
    }
    Level level = window.level(volts);
    return new Observation(
        level.name(), against(type, volts, level, window.spoken()), List.of(type), window.figure());
  }

  /** Three readings of one kind, or null where one is missing. */
  private double @Nullable [] three(FactType ab, FactType bc, FactType ca) {
    Double one = facts().number(ab);
    Double two = facts().number(bc);
    Double three = facts().number(ca);
    return one == null || two == null || three == null ? null : new double[] {one, two, three};
  }

  /** Three-phase line: each pair against the plate, and their unbalance. */
  private @Nullable Observation threePhaseLine(double[] volts) {
    LineVoltage plate = situation.lineVoltage();
    Level worst = Level.GOOD;
    for (double one : volts) {
      Level level = plate.level(one);
      if (level == Level.ABSENT || worst == Level.GOOD) {
        worst = level;
      }
    }
    double unbalance = Unbalance.percent(volts[0], volts[1], volts[2]);
    boolean uneven = unbalance > SignalFigures.UNBALANCE_LIMIT.value();
    boolean lost = worst == Level.ABSENT || (uneven && worst == Level.LOW);
    String outcome = lost ? "ABSENT" : uneven && worst == Level.GOOD ? "LOW" : worst.name();
    return new Observation(
        outcome,
        "Line "
            + Numbers.plain(volts[0], 1)
            + ", "
            + Numbers.plain(volts[1], 1)
            + ", "
            + Numbers.plain(volts[2], 1)
            + " V ("
            + plate.spoken()
            + "), unbalance "
            + Numbers.plain(unbalance, 1)
            + " %.",
        List.of(FactType.LINE_VOLTS_AB, FactType.LINE_VOLTS_BC, FactType.LINE_VOLTS_CA),
        SignalFigures.UNBALANCE_LIMIT.id());
  }

  /** The drive's three outputs. */
  public @Nullable Observation driveOutput() {
    double[] volts =
        three(FactType.DRIVE_OUTPUT_AB, FactType.DRIVE_OUTPUT_BC, FactType.DRIVE_OUTPUT_CA);
    if (volts == null) {
      return null;
    }
    double most = Math.max(volts[0], Math.max(volts[1], volts[2]));
    double unbalance = Unbalance.percent(volts[0], volts[1], volts[2]);
    String outcome =
        most < DRIVE_SILENT
            ? "ABSENT"
            : unbalance > SignalFigures.UNBALANCE_LIMIT.value() ? "UNEQUAL" : "EQUAL";
    return new Observation(
        outcome,
        outcome.equals("ABSENT")
            ? "The drive puts nothing out."
            : "The drive's outputs differ by " + Numbers.plain(unbalance, 1) + " %.",
        List.of(FactType.DRIVE_OUTPUT_AB, FactType.DRIVE_OUTPUT_BC, FactType.DRIVE_OUTPUT_CA),
        SignalFigures.UNBALANCE_LIMIT.id());
  }

  /** Speed pulses, counted while it turns [Hz]. */
  public @Nullable Observation pulses(FactType where) {
    Double hertz = facts().number(where);
    if (hertz == null) {
      return null;
    }
    String place = where == FactType.FEEDBACK_HERTZ_BOARD ? " at the board" : "";
    return new Observation(
        hertz > 0 ? "PULSES" : "NONE",
        hertz > 0
            ? "Speed pulses" + place + ": " + Numbers.plain(hertz, 1) + " Hz."
            : "No speed pulses" + place + ".",
        List.of(where));
  }

  /** Whether anything else runs; null until one of them is told. */
  public @Nullable Observation restRuns() {
    List<FactType> told = new ArrayList<>();
    boolean any = false;
    for (FactType type : List.of(FactType.RUNS_OUTDOOR, FactType.RUNS_INDOOR, FactType.RUNS_HEAT)) {
      Boolean runs = facts().flag(type);
      if (runs != null) {
        told.add(type);
        any |= runs;
      }
    }
    return told.isEmpty()
        ? null
        : new Observation(
            any ? "YES" : "NO",
            any ? "Another part of the system runs." : "Nothing else runs.",
            told);
  }

  /** A command where none should be: more than stray voltage. */
  public @Nullable Observation idleCommand() {
    Double volts = facts().number(FactType.COMMAND_VOLTS_IDLE);
    if (volts == null) {
      return null;
    }
    boolean quiet = volts < SignalFigures.IDLE_MOST.value();
    return new Observation(
        quiet ? "QUIET" : "PRESENT",
        "With no call the board gives "
            + Numbers.plain(volts, 1)
            + " V"
            + (quiet ? ", as good as nothing." : "."),
        List.of(FactType.COMMAND_VOLTS_IDLE),
        SignalFigures.IDLE_MOST.id());
  }

  /** The 115 V link against the voltage; on any other supply none is needed. */
  public @Nullable Observation voltageLink() {
    String link = facts().choice(FactType.LINK_VOLTAGE_JUMPER);
    Double line = facts().number(FactType.LINE_VOLTS);
    LineVoltage plate = situation.lineVoltage();
    // A plate of one range tells; else a good line does, and a lost one does not.
    boolean good = line != null && plate.level(line) == Level.GOOD;
    boolean known = plate.isOfOneRange() || good;
    boolean is115 =
        plate.isOfOneRange()
            ? plate.level(115) == Level.GOOD && plate.level(230) != Level.GOOD
            : good && line != null && LineVoltage.ofPlate("115").level(line) == Level.GOOD;
    if (link == null) {
      return known && !is115
          ? new Observation("RIGHT", "Not a 115 V supply: no link is needed.", List.of())
          : null;
    }
    if (!known) {
      return null;
    }
    boolean right = is115 == link.equals("IN");
    return new Observation(
        right ? "RIGHT" : "WRONG",
        "The 115 V link is "
            + link.toLowerCase(Locale.ROOT)
            + (right ? ", right." : ": wrong here."),
        List.of(FactType.LINK_VOLTAGE_JUMPER));
  }

  /** Line voltage against the plate. */
  public @Nullable Observation line() {
    double[] three = three(FactType.LINE_VOLTS_AB, FactType.LINE_VOLTS_BC, FactType.LINE_VOLTS_CA);
    if (three != null) {
      return threePhaseLine(three);
    }
    Double volts = facts().number(FactType.LINE_VOLTS);
    if (volts == null) {
      return null;
    }
    LineVoltage plate = situation.lineVoltage();
    Level level = plate.level(volts);
    return new Observation(
        level.name(),
        against(FactType.LINE_VOLTS, volts, level, plate.spoken()),
        List.of(FactType.LINE_VOLTS),
        SignalFigures.LINE_TOLERANCE.id());
  }

  private static String against(FactType type, double volts, Level level, String window) {
    String found = type.title() + ": " + Numbers.plain(volts, 1) + " " + type.unit();
    switch (level) {
      case GOOD:
        return found + ", good (" + window + ").";
      case ABSENT:
        return found + ": nothing there (" + window + ").";
      default:
        return found + ": too " + (level == Level.LOW ? "low" : "high") + " (" + window + ").";
    }
  }

  /** The three pairs, by the picture that they make. */
  public @Nullable Observation pairs() {
    WindingState state = winding.state();
    boolean pairsKnown = winding.phaseOhms() != null || winding.unbalance() != null;
    boolean open = winding.signature() == Signature.OPEN_PHASE;
    if (!(pairsKnown || open) || winding.signature() == Signature.INCONSISTENT) {
      return null;
    }
    String outcome;
    switch (winding.signature()) {
      case OPEN_PHASE:
        outcome = "OPEN";
        break;
      case TURN_SHORT:
      case PHASE_TO_PHASE_SHORT:
        outcome = "SHORT";
        break;
      case HIGH_JOINT:
        outcome = "JOINT";
        break;
      case UNCLEAR:
        outcome = state == WindingState.FAULTY ? "ODD" : "UNCERTAIN";
        break;
      default:
        outcome = "SOUND";
    }
    return new Observation(
        outcome,
        pairsInShort(outcome),
        List.of(FactType.WINDING_AB, FactType.WINDING_BC, FactType.WINDING_CA),
        WindingFigures.BALANCE_LIMIT.id());
  }

  private String pairsInShort(String outcome) {
    String phases = Words.and(winding.phases().stream().map(Enum::name).toList());
    String off =
        winding.unbalance() == null
            ? ""
            : ", " + Numbers.plain(winding.unbalance().percent(), 1) + " % off";
    switch (outcome) {
      case "SOUND":
        return "The three pairs agree" + off.replace(" off", "") + ".";
      case "UNCERTAIN":
        return "The meter cannot tell the pairs apart" + off + ".";
      case "OPEN":
        return "The pairs show phase " + phases + " open.";
      case "JOINT":
        return "The pairs show a poor joint in " + phases + off + ".";
      case "SHORT":
        return "The pairs show a short in " + phases + off + ".";
      default:
        return "The three pairs differ" + off + ".";
    }
  }

  /** Leads to frame, by ohmmeter or by insulation tester. */
  public @Nullable Observation frame() {
    if (winding.frame() == FrameState.NOT_MEASURED || facts().has(FactType.WINDING_INSULATION)) {
      return null;
    }
    List<FactType> used = new ArrayList<>();
    for (FactType type :
        List.of(FactType.WINDING_FRAME_A, FactType.WINDING_FRAME_B, FactType.WINDING_FRAME_C)) {
      if (facts().has(type)) {
        used.add(type);
      }
    }
    switch (winding.frame()) {
      case CLEAR:
        return new Observation(
            "CLEAR",
            "All three leads read OL to the frame.",
            used,
            WindingFigures.FRAME_CONDEMNED.id());
      case LEAK:
        return new Observation("LEAK", "A lead reads a high resistance to the frame.", used);
      default:
        return new Observation(
            "SHORT",
            "A lead reads under "
                + Numbers.plain(WindingFigures.FRAME_CONDEMNED.value() / 1000)
                + " kΩ to the frame: condemned.",
            used,
            WindingFigures.FRAME_CONDEMNED.id());
    }
  }

  /** Insulation by 500 V DC tester [MΩ], corrected to 40 °C. */
  public @Nullable Observation insulation() {
    Double megohms = facts().number(FactType.WINDING_INSULATION);
    if (megohms == null) {
      return null;
    }
    double celsius = facts().number(FactType.WINDING_CELSIUS, 20);
    boolean sound = Insulation.isSound(megohms, celsius);
    String text =
        "Insulation "
            + Numbers.plain(Insulation.at40(megohms, celsius), 1)
            + " MΩ at 40 °C, least "
            + Numbers.plain(WindingFigures.INSULATION_MINIMUM.value())
            + " MΩ.";
    return new Observation(
        sound ? "SOUND" : "LOW",
        text,
        List.of(FactType.WINDING_INSULATION),
        WindingFigures.INSULATION_MINIMUM.id());
  }

  /** Back-EMF of the three pairs [V], against each other. */
  public @Nullable Observation emf() {
    Double ab = facts().number(FactType.EMF_AB);
    Double bc = facts().number(FactType.EMF_BC);
    Double ca = facts().number(FactType.EMF_CA);
    if (ab == null || bc == null || ca == null) {
      return null;
    }
    double limit = WindingFigures.EMF_LIMIT.value();
    boolean none = Math.max(ab, Math.max(bc, ca)) <= 0;
    boolean agrees = !none && BackEmf.agrees(ab, bc, ca, limit);
    String text =
        none
            ? "No back-EMF at all."
            : "Back-EMF differs by "
                + Numbers.plain(Unbalance.percent(ab, bc, ca), 1)
                + " %, limit "
                + Numbers.plain(limit)
                + " %.";
    return new Observation(
        agrees ? "EVEN" : "UNEVEN",
        text,
        List.of(FactType.EMF_AB, FactType.EMF_BC, FactType.EMF_CA),
        WindingFigures.EMF_LIMIT.id());
  }

  /** Whether the board waits for a speed signal that the motor does not send. */
  public @Nullable Observation speedProof() {
    Boolean needs = facts().flag(FactType.BOARD_NEEDS_FEEDBACK);
    Boolean sends = facts().flag(FactType.MOTOR_FEEDBACK);
    if (Boolean.FALSE.equals(needs)) {
      return new Observation(
          "MATCHED", "The board does not prove speed.", List.of(FactType.BOARD_NEEDS_FEEDBACK));
    }
    if (Boolean.TRUE.equals(sends)) {
      return new Observation(
          "MATCHED", "The motor sends a speed signal.", List.of(FactType.MOTOR_FEEDBACK));
    }
    if (needs == null || sends == null) {
      return null;
    }
    return new Observation(
        "UNMET",
        "The board proves speed, and this motor sends no speed signal.",
        List.of(FactType.BOARD_NEEDS_FEEDBACK, FactType.MOTOR_FEEDBACK));
  }

  /** External static pressure against the usual plate figure. */
  public @Nullable Observation staticPressure(double limit) {
    Double inwc = facts().number(FactType.STATIC_INWC);
    if (inwc == null) {
      return null;
    }
    boolean high = inwc > limit;
    return new Observation(
        high ? "HIGH" : "NORMAL",
        "External static "
            + Numbers.plain(inwc)
            + " in. w.c., usual limit "
            + Numbers.plain(limit)
            + ".",
        List.of(FactType.STATIC_INWC),
        CheckFigures.STATIC_LIMIT.id());
  }
}
