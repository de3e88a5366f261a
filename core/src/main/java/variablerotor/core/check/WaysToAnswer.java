package variablerotor.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import variablerotor.core.fact.Answer;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.FactValue;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.Command;
import variablerotor.core.family.Family;
import variablerotor.core.signal.Level;
import variablerotor.core.signal.LineVoltage;
import variablerotor.core.signal.SignalFigures;
import variablerotor.core.signal.Window;
import variablerotor.core.signal.Windows;
import variablerotor.core.text.Numbers;
import variablerotor.core.text.Words;
import variablerotor.core.winding.BackEmf;
import variablerotor.core.winding.FrameState;
import variablerotor.core.winding.Insulation;
import variablerotor.core.winding.Ohms;
import variablerotor.core.winding.Phase;
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
  private static final double SILENT = 5;

  private final Situation situation;
  private final WindingVerdict winding;

  /** The winding by what was measured cold at its plug alone. */
  private final WindingVerdict atPlug;

  public WaysToAnswer(Situation situation, WindingVerdict winding) {
    this.situation = situation;
    this.winding = winding;
    atPlug = situation.windingAtPlug();
  }

  /** The facts in force. */
  public Facts facts() {
    return situation.facts();
  }

  /** A choice, its words being the outcomes. */
  public @Nullable Observation choice(FactType type) {
    List<Answer> words = facts().words(type);
    return words.isEmpty()
        ? null
        : new Observation(
            words.get(0),
            type.title() + ": " + new FactValue.Several(words).spoken() + ".",
            List.of(type));
  }

  /**
   * How the shaft feels now, against how it felt before: free after a drag is an answer of its own.
   *
   * @param before the feels to compare with; the first that was noted counts
   */
  public @Nullable Observation dragGone(FactType now, FactType... before) {
    Observation feel = choice(now);
    if (feel == null || feel.outcome() != Answer.FREE) {
      return feel;
    }
    for (FactType type : before) {
      Answer earlier = facts().choice(type);
      if (earlier != null) {
        return earlier == Answer.FREE
            ? feel
            : new Observation(
                Answer.GONE, now.title() + ": free, the drag is gone.", List.of(now, type));
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
            flag ? Answer.YES : Answer.NO,
            type.title() + ": " + (flag ? "yes." : "no."),
            List.of(type));
  }

  private static Answer said(Level level) {
    return switch (level) {
      case ABSENT -> Answer.ABSENT;
      case LOW -> Answer.LOW;
      case GOOD -> Answer.GOOD;
      case HIGH -> Answer.HIGH;
      case EDGE -> Answer.EDGE;
    };
  }

  private static Answer said(Insulation.State state) {
    return switch (state) {
      case SOUND -> Answer.SOUND;
      case UNCERTAIN -> Answer.UNCERTAIN;
      case LOW -> Answer.LOW;
    };
  }

  /** A number against the window in force. */
  public @Nullable Observation volts(FactType type, Window window) {
    Double volts = facts().number(type);
    if (volts == null) {
      return null;
    }
    Level level = window.level(volts);
    return new Observation(
        said(level), against(type, volts, level, window.spoken()), List.of(type), window.figure());
  }

  /**
   * Above this a command is there whatever its kind, below the other it is not [V]. Chosen wide.
   */
  private static final double SENT = 5;

  private static final double STRAY = 1;

  /** Least duty cycle that asks for anything [%]. Chosen here. */
  private static final double DUTY_LEAST = 5;

  /** Least current of a live-zero loop, 4 to 20 mA, with a meter's error [mA]. Common practice. */
  private static final double LOOP_LEAST = 3.6;

  /**
   * A command in volts against the window in force. With no call it is the idle reading, and says
   * nothing here; a command of another kind reads as an odd voltage, and one that is at the motor
   * and not at the board comes from elsewhere.
   */
  public @Nullable Observation command(FactType type, Window window) {
    Double volts = facts().number(type);
    boolean atMotor = type == FactType.COMMAND_VOLTS;
    if (volts == null || (atMotor && isIdle())) {
      return null;
    }
    Answer kind = facts().choice(FactType.COMMAND_KIND);
    if (isNoVoltage(kind) && volts >= STRAY / 2) {
      return null;
    }
    Double sent = facts().number(FactType.COMMAND_VOLTS_BOARD);
    if (atMotor && volts > SENT && sent != null && sent < STRAY) {
      return new Observation(
          Answer.BACKFED,
          "A command is at the motor, "
              + Numbers.plain(volts, 1)
              + " V, and not at the board, "
              + Numbers.plain(sent, 1)
              + " V.",
          List.of(type, FactType.COMMAND_VOLTS_BOARD));
    }
    Observation plain = Objects.requireNonNull(volts(type, window));
    boolean absent = plain.outcome() == Answer.ABSENT;
    if (absent && atMotor && sent != null && arrivesFrom(sent, window)) {
      return lost(type, FactType.COMMAND_VOLTS_BOARD, window);
    }
    if (absent && type == FactType.COMMAND_VOLTS_BOARD && isAsked()) {
      return new Observation(
          Answer.SILENT,
          "A call reaches the board, and at its own terminal it gives "
              + Numbers.plain(volts, 1)
              + " V.",
          List.of(type, FactType.CALL_PRESENT),
          window.figure());
    }
    boolean mayBeDuty = situation.family() == Family.CONSTANT_AIRFLOW_PARALLEL && kind == null;
    return mayBeDuty && plain.outcome() == Answer.LOW
        ? new Observation(
            Answer.KIND,
            plain.sentence() + " Or is it a duty cycle, which a meter reads as an odd voltage?",
            plain.facts(),
            plain.figure())
        : plain;
  }

  /** A supply at the far end of its wires, against the same at the board that gives it. */
  public @Nullable Observation arrives(FactType type, FactType atBoard, Window window) {
    Observation here = volts(type, window);
    Double sent = facts().number(atBoard);
    boolean gone = here != null && here.outcome() == Answer.ABSENT;
    return gone && sent != null && arrivesFrom(sent, window) ? lost(type, atBoard, window) : here;
  }

  private Observation lost(FactType type, FactType atBoard, Window window) {
    return new Observation(
        Answer.LOST,
        "At the board there is "
            + Numbers.plain(Objects.requireNonNull(facts().number(atBoard)), 1)
            + " V, and at the motor's end it is gone: "
            + Numbers.plain(Objects.requireNonNull(facts().number(type)), 1)
            + " V.",
        List.of(type, atBoard),
        window.figure());
  }

  private static boolean arrivesFrom(double sent, Window window) {
    return window.level(sent) == Level.GOOD;
  }

  /** Whether the board is asked, and fed: where it hangs on 24 V, that was read and is good. */
  private boolean isAsked() {
    Double control = facts().number(FactType.CONTROL_VOLTS);
    boolean hangsOn24 = situation.family().profile().command() == Command.VOLTS_24;
    boolean fed = !hangsOn24 || (control != null && arrivesFrom(control, Windows.CONTROL_24V));
    return fed && Boolean.TRUE.equals(facts().flag(FactType.CALL_PRESENT));
  }

  /** How the shaft feels with the module off: with sound windings, a drag that went was its. */
  public @Nullable Observation feelModuleOff() {
    Observation feel = dragGone(FactType.SHAFT_FEEL_MODULE_OFF, FactType.SHAFT_FEEL);
    return feel != null && feel.outcome() == Answer.GONE && winding.state() == WindingState.SOUND
        ? new Observation(
            Answer.BRAKED,
            "It dragged with the module on, turns free without, and the windings are sound.",
            withWindings(feel.facts()))
        : feel;
  }

  /** How the motor feels out of its wheel: with sound windings, what holds it is a bearing. */
  public @Nullable Observation feelOnBench() {
    Observation feel =
        dragGone(
            FactType.SHAFT_FEEL_WHEEL_OFF, FactType.SHAFT_FEEL_MODULE_OFF, FactType.SHAFT_FEEL);
    if (feel == null || winding.state() != WindingState.SOUND) {
      return feel;
    }
    return feel.outcome() == Answer.LOCKED || feel.outcome() == Answer.STIFF
        ? new Observation(
            Answer.HELD,
            "Out of its wheel it is " + feel.outcome().spoken() + ", and the windings are sound.",
            withWindings(feel.facts()))
        : feel;
  }

  /** How it feels warm: with windings that are sound warm as well, what holds it is mechanical. */
  public @Nullable Observation feelWarm() {
    Observation feel = choice(FactType.SHAFT_FEEL_WARM);
    Observation warm = warmPairs();
    if (feel == null || warm == null || warm.outcome() != Answer.SOUND) {
      return feel;
    }
    return feel.outcome() == Answer.LOCKED || feel.outcome() == Answer.STIFF
        ? new Observation(
            Answer.HELD,
            "Warm it is " + feel.outcome().spoken() + ", and the windings are sound, warm.",
            List.of(
                FactType.SHAFT_FEEL_WARM,
                FactType.WINDING_WARM_AB,
                FactType.WINDING_WARM_BC,
                FactType.WINDING_WARM_CA))
        : feel;
  }

  private static List<FactType> withWindings(List<FactType> felt) {
    List<FactType> all = new ArrayList<>(felt);
    all.addAll(List.of(FactType.WINDING_AB, FactType.WINDING_BC, FactType.WINDING_CA));
    return all;
  }

  /** A supply measured again with its load off: good now, and gone or low before. */
  public @Nullable Observation comesBack(FactType type, FactType before, Window window) {
    Observation now = volts(type, window);
    Double first = facts().number(before);
    if (now == null || first == null || now.outcome() != Answer.GOOD) {
      return now;
    }
    Level was = window.level(first);
    return was == Level.ABSENT || was == Level.LOW
        ? new Observation(
            Answer.COMES_BACK,
            type.title()
                + ": "
                + Numbers.plain(Objects.requireNonNull(facts().number(type)), 1)
                + " "
                + type.unit()
                + ". It comes back; before it was "
                + Numbers.plain(first, 1)
                + ".",
            List.of(type, before),
            window.figure())
        : now;
  }

  /** Whether a command of this kind says nothing in volts. */
  public static boolean isNoVoltage(@Nullable Answer kind) {
    return kind == Answer.DUTY_CYCLE || kind == Answer.CURRENT_LOOP || kind == Answer.MESSAGES;
  }

  /** A command that is a duty cycle or a current. */
  public @Nullable Observation otherCommand(FactType type) {
    Double value = facts().number(type);
    if (value == null) {
      return null;
    }
    boolean there = value >= (type == FactType.COMMAND_DUTY ? DUTY_LEAST : LOOP_LEAST);
    Answer kind = type == FactType.COMMAND_DUTY ? Answer.DUTY_CYCLE : Answer.CURRENT_LOOP;
    // Nothing of a kind that this board need not give says nothing.
    if (!there && kind != facts().choice(FactType.COMMAND_KIND)) {
      return null;
    }
    return new Observation(
        there ? Answer.GOOD : Answer.ABSENT,
        type.title()
            + ": "
            + Numbers.plain(value, 1)
            + " "
            + type.unit()
            + (there ? "." : ", as good as nothing."),
        List.of(type));
  }

  /** Whether it was said that nobody asks: then a command is an idle reading. */
  private boolean isIdle() {
    return Boolean.FALSE.equals(facts().flag(FactType.CALL_PRESENT));
  }

  /** The command at the motor with no call: read as such, or read while nobody asked. */
  public @Nullable Observation idleAtMotor() {
    if (facts().has(FactType.COMMAND_VOLTS_MOTOR_IDLE)) {
      return idleCommand(FactType.COMMAND_VOLTS_MOTOR_IDLE);
    }
    return isIdle() ? idleCommand(FactType.COMMAND_VOLTS) : null;
  }

  /**
   * Below this a 24 V supply without load is on the small side [V]: a 240 V tap at 208 V, rounded.
   */
  private static final double SMALL_SIDE = 22.5;

  /** The unit's own 24 V supply; in its window it may still be on the small side. */
  public @Nullable Observation control(Window window) {
    Observation level = volts(FactType.CONTROL_VOLTS, window);
    boolean small = facts().number(FactType.CONTROL_VOLTS, SMALL_SIDE) < SMALL_SIDE;
    return level != null && small && level.outcome() == Answer.GOOD
        ? new Observation(Answer.SMALL, level.sentence(), level.facts(), level.figure())
        : level;
  }

  /** A 240 V tap on a 208 V line gives 20.8 V in place of 24 [share]. */
  private static final double TAP_RATIO = 208.0 / 240 * 24 / 208;

  /** The line at the control transformer, and whether what it gives tells of the wrong tap. */
  public @Nullable Observation transformerTap() {
    Double primary = facts().number(FactType.TRANSFORMER_PRIMARY);
    if (primary == null) {
      return null;
    }
    Double control = facts().number(FactType.CONTROL_VOLTS);
    if (primary < SILENT) {
      return new Observation(
          Answer.ABSENT,
          "No line at the control transformer.",
          List.of(FactType.TRANSFORMER_PRIMARY));
    }
    boolean is208 = primary > 190 && primary < 222;
    boolean tap =
        is208 && control != null && Math.abs(control / (primary * TAP_RATIO) - 1) < TAP_MATCH;
    return new Observation(
        tap ? Answer.TAP : Answer.GOOD,
        "Line at the control transformer: "
            + Numbers.plain(primary, 1)
            + " V"
            + (tap && control != null
                ? ", and it gives " + Numbers.plain(control, 1) + " V: it is on the 240 V tap."
                : "."),
        tap
            ? List.of(FactType.TRANSFORMER_PRIMARY, FactType.CONTROL_VOLTS)
            : List.of(FactType.TRANSFORMER_PRIMARY));
  }

  /** How well the control volts must fit the wrong tap [share]. Chosen here. */
  private static final double TAP_MATCH = 0.04;

  /** The contactor's load side against the plate. */
  public @Nullable Observation contactor() {
    Double volts = facts().number(FactType.CONTACTOR_VOLTS);
    if (volts == null) {
      return null;
    }
    Level level = situation.lineVoltage().level(volts);
    return new Observation(
        said(level),
        against(FactType.CONTACTOR_VOLTS, volts, level, situation.lineVoltage().spoken()),
        List.of(FactType.CONTACTOR_VOLTS),
        SignalFigures.LINE_TOLERANCE.id());
  }

  /** Below this a motor draws nothing [A]. Chosen here: a clamp's own zero. */
  private static final double DRAWS = 0.1;

  /** Whether it draws any current while it is called. */
  public @Nullable Observation amps() {
    Double amps = facts().number(FactType.AMPS);
    return amps == null
        ? null
        : new Observation(
            amps < DRAWS ? Answer.NONE : Answer.SOME,
            "It draws " + Numbers.plain(amps, 2) + " A.",
            List.of(FactType.AMPS));
  }

  /** What the drive did after a reset; a code that returns is the same answer. */
  public @Nullable Observation driveReset() {
    boolean returns = Boolean.TRUE.equals(facts().flag(FactType.CODE_RETURNS));
    return facts().has(FactType.DRIVE_RESET) || !returns
        ? choice(FactType.DRIVE_RESET)
        : new Observation(
            Answer.COMES_BACK, "The drive's fault comes back.", List.of(FactType.CODE_RETURNS));
  }

  /** The three pairs warm, by themselves: even, open, or otherwise out of balance. */
  public @Nullable Observation warmPairs() {
    WindingVerdict warm =
        situation.pairs(
            FactType.WINDING_WARM_AB, FactType.WINDING_WARM_BC, FactType.WINDING_WARM_CA);
    if (warm.state() == WindingState.NOT_MEASURED || warm.signature() == Signature.INCONSISTENT) {
      return null;
    }
    Answer outcome =
        switch (warm.state()) {
          case FAULTY -> warm.unbalance() == null ? Answer.OPEN : Answer.SHORT;
          case SOUND -> Answer.SOUND;
          default -> Answer.UNCERTAIN;
        };
    return new Observation(
        outcome,
        "Warm: " + warm.sentence(),
        List.of(FactType.WINDING_WARM_AB, FactType.WINDING_WARM_BC, FactType.WINDING_WARM_CA),
        WindingFigures.BALANCE_LIMIT.id());
  }

  private static final List<FactType> AT_PLUG =
      List.of(FactType.WINDING_AB, FactType.WINDING_BC, FactType.WINDING_CA);

  private static final List<FactType> AT_JOINT =
      List.of(FactType.WINDING_JOINT_AB, FactType.WINDING_JOINT_BC, FactType.WINDING_JOINT_CA);

  /** Pairs as low as this against the others can be two wires that touch [share]. Judgement. */
  private static final double TOUCHING = 0.1;

  /**
   * The three pairs at the far end of the motor's wires. Two wires that touch on their way read as
   * good as nothing, which only a short at the very terminals does as well; turns that are shorted
   * no wire can feign.
   */
  public @Nullable Observation pairsThroughWires() {
    Observation pairs = pairs();
    double[] ohms = ohms(AT_PLUG);
    if (pairs == null || ohms == null || pairs.outcome() != Answer.SHORT) {
      return pairs;
    }
    double least = Math.min(ohms[0], Math.min(ohms[1], ohms[2]));
    double most = Math.max(ohms[0], Math.max(ohms[1], ohms[2]));
    return least < TOUCHING * most
        ? new Observation(
            Answer.TOUCH,
            "Two leads read as good as nothing to each other, through the wires.",
            pairs.facts(),
            pairs.figure())
        : pairs;
  }

  /**
   * The three pairs at the motor's own joint, the wires to it left out. Even here and not at the
   * far end, it is the wires.
   */
  public @Nullable Observation jointPairs() {
    Observation joint = pairs(situation.windingAtJoint(), AT_JOINT);
    Observation plug = pairs();
    if (joint == null || plug == null) {
      return joint;
    }
    boolean wires =
        joint.outcome() == Answer.SOUND
            && List.of(Answer.OPEN, Answer.ALL_OPEN, Answer.JOINT, Answer.SHORT, Answer.ODD)
                .contains(plug.outcome());
    return wires ? throughWires(plug, AT_PLUG, joint, AT_JOINT) : joint;
  }

  /** What is bad at the far end of the wires, and good at the motor itself: the wires. */
  private static Observation throughWires(
      Observation plug, List<FactType> atPlug, Observation joint, List<FactType> atJoint) {
    List<FactType> both = new ArrayList<>(atJoint);
    both.addAll(atPlug);
    return new Observation(
        Answer.WIRES,
        plug.sentence() + " At the motor's own joint: " + joint.sentence() + " It is the wires.",
        both,
        joint.figure());
  }

  /** Each lead to the frame at the motor's own joint, the wires to it left out. */
  public @Nullable Observation jointFrame() {
    var frame = situation.jointFrame();
    if (frame.size() < Phase.values().length) {
      return null;
    }
    double condemned = WindingFigures.FRAME_CONDEMNED.value();
    boolean touches = frame.values().stream().anyMatch(ohms -> ohms.value() < condemned);
    boolean clear = frame.values().stream().allMatch(Ohms::isOverLimit);
    List<FactType> used =
        List.of(
            FactType.WINDING_JOINT_FRAME_A,
            FactType.WINDING_JOINT_FRAME_B,
            FactType.WINDING_JOINT_FRAME_C);
    Observation joint =
        new Observation(
            touches ? Answer.SHORT : clear ? Answer.CLEAR : Answer.LEAK,
            touches
                ? "At its own joint a lead reads under "
                    + Numbers.plain(condemned / 1000)
                    + " kΩ to the frame: condemned."
                : clear
                    ? "At its own joint all three leads read OL to the frame."
                    : "At its own joint a lead reads a high resistance to the frame.",
            used,
            WindingFigures.FRAME_CONDEMNED.id());
    Observation plug = frame();
    return clear && plug != null && plug.outcome() == Answer.SHORT
        ? throughWires(plug, plug.facts(), joint, used)
        : joint;
  }

  /** Resistances [Ω], or null where one is missing or OL. */
  private double @Nullable [] ohms(List<FactType> types) {
    double[] values = new double[types.size()];
    for (int i = 0; i < values.length; i++) {
      Ohms one = facts().ohms(types.get(i));
      if (one == null || one.isOverLimit()) {
        return null;
      }
      values[i] = one.value();
    }
    return values;
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
    LineVoltage known = situation.lineVoltage();
    LineVoltage plate = known.isPlateKnown() ? known : LineVoltage.ofThreePhases();
    Level worst = Level.GOOD;
    for (double one : volts) {
      Level level = plate.level(one);
      boolean worse = worst == Level.GOOD || (worst == Level.EDGE && level != Level.GOOD);
      worst = level == Level.ABSENT || worse ? level : worst;
    }
    double unbalance = Unbalance.percent(volts[0], volts[1], volts[2]);
    boolean uneven = unbalance > SignalFigures.UNBALANCE_LIMIT.value();
    double most = Math.max(volts[0], Math.max(volts[1], volts[2]));
    boolean lost = worst == Level.ABSENT || (uneven && worst == Level.LOW);
    boolean leg = lost && plate.level(most) == Level.GOOD;
    boolean within = worst == Level.GOOD || worst == Level.EDGE;
    Answer gone = leg ? Answer.LOST_LEG : Answer.ABSENT;
    Answer outcome = lost ? gone : uneven && within ? Answer.LOW : said(worst);
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
    return driveOutput(
        FactType.DRIVE_OUTPUT_AB, FactType.DRIVE_OUTPUT_BC, FactType.DRIVE_OUTPUT_CA);
  }

  /** The same with the motor's leads off. */
  public @Nullable Observation driveUnloaded() {
    return driveOutput(
        FactType.DRIVE_UNLOADED_AB, FactType.DRIVE_UNLOADED_BC, FactType.DRIVE_UNLOADED_CA);
  }

  private @Nullable Observation driveOutput(FactType ab, FactType bc, FactType ca) {
    double[] volts = three(ab, bc, ca);
    if (volts == null) {
      return null;
    }
    double most = Math.max(volts[0], Math.max(volts[1], volts[2]));
    double unbalance = Unbalance.percent(volts[0], volts[1], volts[2]);
    boolean alone = ab == FactType.DRIVE_UNLOADED_AB;
    Observation line = line();
    boolean fed = line != null && line.outcome() == Answer.GOOD;
    Answer uneven = alone && fed ? Answer.FAILED : Answer.UNEQUAL;
    Answer outcome =
        most < SILENT
            ? Answer.ABSENT
            : unbalance > SignalFigures.UNBALANCE_LIMIT.value() ? uneven : Answer.EQUAL;
    return new Observation(
        outcome,
        outcome == Answer.ABSENT
            ? "The drive puts nothing out" + off(ab) + "."
            : "The drive's outputs" + off(ab) + " differ by " + Numbers.plain(unbalance, 1) + " %.",
        List.of(ab, bc, ca),
        SignalFigures.UNBALANCE_LIMIT.id());
  }

  private static String off(FactType type) {
    return type == FactType.DRIVE_UNLOADED_AB ? ", motor's leads off," : "";
  }

  /** All is well after every plug was mended: where one was found bad, that was it. */
  public @Nullable Observation reseated() {
    Observation tried = choice(FactType.RUN_RESEATED);
    Answer plugs = facts().choice(FactType.CONNECTOR_LOOK);
    // What comes and goes by itself may have come back by itself.
    boolean runs =
        tried != null
            && tried.outcome() == Answer.RUNS
            && situation.symptom() != Symptom.INTERMITTENT;
    return runs && plugs != null && plugs != Answer.SEATED
        ? new Observation(
            Answer.MENDED,
            "A plug was "
                + new FactValue.Choice(plugs).spoken()
                + "; mended and reseated, all is well.",
            List.of(FactType.RUN_RESEATED, FactType.CONNECTOR_LOOK))
        : tried;
  }

  /** What the module shows; burnt, and what burns a module measured as well, it is blown. */
  public @Nullable Observation moduleLook() {
    Observation look = choice(FactType.MODULE_LOOK);
    List<Answer> words = facts().words(FactType.MODULE_LOOK);
    if (look == null
        || !(words.contains(Answer.BURNT) || words.contains(Answer.BULGED_CAPACITOR))) {
      return look;
    }
    boolean copper = winding.state() == WindingState.FAULTY;
    Observation link = voltageLink();
    boolean volts =
        link != null
            && link.outcome() == Answer.WRONG
            && facts().choice(FactType.LINK_VOLTAGE_JUMPER) == Answer.IN;
    if (!copper && !volts) {
      return look;
    }
    List<FactType> used = new ArrayList<>(look.facts());
    used.addAll(volts && link != null ? link.facts() : used(AT_PLUG, AT_JOINT));
    return new Observation(
        Answer.BLOWN,
        look.sentence()
            + (volts
                ? " The link for 115 V is in on a higher line, which burns it."
                : " A bad winding burns its module."),
        used);
  }

  /** Those of these that were read. */
  @SafeVarargs
  private List<FactType> used(List<FactType>... groups) {
    List<FactType> read = new ArrayList<>();
    for (List<FactType> group : groups) {
      group.stream().filter(facts()::has).forEach(read::add);
    }
    return read;
  }

  /** The line before and behind what protects and parts it; both must be read. */
  public @Nullable Observation protection() {
    Double before = facts().number(FactType.LINE_BEFORE);
    Double behind = facts().number(FactType.LINE_BEHIND);
    if (before == null || behind == null) {
      return null;
    }
    LineVoltage plate = situation.lineVoltage();
    boolean fed = plate.level(before) != Level.ABSENT;
    boolean passes = plate.level(behind) != Level.ABSENT;
    Answer outcome = passes ? Answer.GOOD : fed ? Answer.OPEN : Answer.ABSENT;
    return new Observation(
        outcome,
        "Before fuse, breaker or disconnect "
            + Numbers.plain(before, 0)
            + " V, behind it "
            + Numbers.plain(behind, 0)
            + " V.",
        List.of(FactType.LINE_BEFORE, FactType.LINE_BEHIND));
  }

  /** Speed pulses as a DC meter shows them: volts that jump, and change with the speed. */
  private @Nullable Observation jumps() {
    Answer seen = facts().choice(FactType.FEEDBACK_LOOK);
    boolean pulses = seen != null && seen != Answer.STANDS_STILL;
    return seen == null
        ? null
        : new Observation(
            pulses ? Answer.PULSES : Answer.NONE,
            pulses ? "The feedback jumps while it turns." : "The feedback stands still.",
            List.of(FactType.FEEDBACK_LOOK));
  }

  /** Speed pulses, counted while it turns [Hz]. */
  public @Nullable Observation pulses(FactType where) {
    Double hertz = facts().number(where);
    if (hertz == null && where == FactType.FEEDBACK_HERTZ) {
      return jumps();
    }
    if (hertz == null) {
      return null;
    }
    String place = where == FactType.FEEDBACK_HERTZ_BOARD ? " at the board" : "";
    return new Observation(
        hertz > 0 ? Answer.PULSES : Answer.NONE,
        hertz > 0
            ? "Speed pulses" + place + ": " + Numbers.plain(hertz, 1) + " Hz."
            : "No speed pulses" + place + ".",
        List.of(where));
  }

  /** The motor's own pulses; none, of one that should send them and is fed, is its own fault. */
  public @Nullable Observation feedback() {
    Observation pulses = pulses(FactType.FEEDBACK_HERTZ);
    Double logic = facts().number(FactType.LOGIC_VOLTS);
    boolean needsLogic = situation.family() == Family.BLDC_FIVE_WIRE;
    boolean fed = !needsLogic || (logic != null && Windows.LOGIC.level(logic) == Level.GOOD);
    boolean sends = Boolean.TRUE.equals(facts().flag(FactType.MOTOR_FEEDBACK)) || needsLogic;
    if (pulses == null || pulses.outcome() != Answer.NONE || !fed || !sends) {
      return pulses;
    }
    return new Observation(
        Answer.MUTE,
        "It is fed and should send speed pulses, and sends none.",
        List.of(
            pulses.facts().get(0), needsLogic ? FactType.LOGIC_VOLTS : FactType.MOTOR_FEEDBACK));
  }

  /** Whether anything else runs; null until one of them is told. */
  public @Nullable Observation restRuns() {
    List<FactType> told = new ArrayList<>();
    boolean any = false;
    for (FactType type :
        List.of(
            FactType.RUNS_OUTDOOR,
            FactType.RUNS_COMPRESSOR,
            FactType.RUNS_INDOOR,
            FactType.RUNS_HEAT)) {
      Boolean runs = facts().flag(type);
      if (runs != null) {
        told.add(type);
        any |= runs;
      }
    }
    return told.isEmpty()
        ? null
        : new Observation(
            any ? Answer.YES : Answer.NO,
            any ? "Another part of the system runs." : "Nothing else runs.",
            told);
  }

  /** A command where none should be: more than stray voltage. */
  public @Nullable Observation idleCommand(FactType type) {
    Double volts = facts().number(type);
    if (volts == null) {
      return null;
    }
    boolean quiet = volts < SignalFigures.IDLE_MOST.value();
    String where = type == FactType.COMMAND_VOLTS_IDLE ? "the board gives " : "the motor gets ";
    return new Observation(
        quiet ? Answer.QUIET : Answer.PRESENT,
        "With no call "
            + where
            + Numbers.plain(volts, 1)
            + " V"
            + (quiet ? ", as good as nothing." : "."),
        type == FactType.COMMAND_VOLTS ? List.of(type, FactType.CALL_PRESENT) : List.of(type),
        SignalFigures.IDLE_MOST.id());
  }

  /** The 115 V link against the voltage; on any other supply none is needed. */
  public @Nullable Observation voltageLink() {
    Answer link = facts().choice(FactType.LINK_VOLTAGE_JUMPER);
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
      boolean none = plate.isOfOneRange() && situation.family() == Family.CONSTANT_TORQUE;
      boolean needless = known && !is115 && !plate.isOfTwoRanges();
      return none || needless
          ? new Observation(
              Answer.RIGHT,
              none
                  ? "Its plate is for one voltage: it has no link."
                  : "Not a 115 V supply: no link is needed.",
              List.of())
          : null;
    }
    if (!known) {
      return null;
    }
    boolean right = is115 == (link == Answer.IN);
    return new Observation(
        right ? Answer.RIGHT : Answer.WRONG,
        "The 115 V link is " + link.spoken() + (right ? ", right." : ": wrong here."),
        List.of(FactType.LINK_VOLTAGE_JUMPER));
  }

  /** Line voltage against the plate. */
  public @Nullable Observation line() {
    double[] three = three(FactType.LINE_VOLTS_AB, FactType.LINE_VOLTS_BC, FactType.LINE_VOLTS_CA);
    if (three != null) {
      return threePhaseLine(three);
    }
    // A drive's input is read in three pairs: one reading there tells nothing.
    boolean single = !situation.family().profile().hasDrive();
    Double volts = single ? facts().number(FactType.LINE_VOLTS) : null;
    if (volts == null) {
      return null;
    }
    LineVoltage plate = situation.lineVoltage();
    Level level = plate.level(volts);
    return new Observation(
        said(level),
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
      case EDGE:
        return found + ": just outside, a question (" + window + ").";
      default:
        return found + ": too " + (level == Level.LOW ? "low" : "high") + " (" + window + ").";
    }
  }

  /** The three pairs, by the picture that they make. */
  public @Nullable Observation pairs() {
    return pairs(atPlug, AT_PLUG);
  }

  private static @Nullable Observation pairs(WindingVerdict winding, List<FactType> used) {
    WindingState state = winding.state();
    boolean pairsKnown = winding.phaseOhms() != null || winding.unbalance() != null;
    boolean open = winding.signature() == Signature.OPEN_PHASE;
    if (!(pairsKnown || open) || winding.signature() == Signature.INCONSISTENT) {
      return null;
    }
    Answer outcome;
    switch (winding.signature()) {
      case OPEN_PHASE:
        outcome = winding.phases().size() == Phase.values().length ? Answer.ALL_OPEN : Answer.OPEN;
        break;
      case TURN_SHORT:
      case PHASE_TO_PHASE_SHORT:
        outcome = Answer.SHORT;
        break;
      case HIGH_JOINT:
        outcome = Answer.JOINT;
        break;
      case UNCLEAR:
        outcome = state == WindingState.FAULTY ? Answer.ODD : Answer.UNCERTAIN;
        break;
      default:
        outcome = Answer.SOUND;
    }
    return new Observation(
        outcome, pairsInShort(winding, outcome), used, WindingFigures.BALANCE_LIMIT.id());
  }

  private static String pairsInShort(WindingVerdict winding, Answer outcome) {
    String phases = Words.and(winding.phases().stream().map(Enum::name).toList());
    String off =
        winding.unbalance() == null
            ? ""
            : ", " + Numbers.plain(winding.unbalance().percent(), 1) + " % off";
    switch (outcome) {
      case SOUND:
        return "The three pairs agree" + off.replace(" off", "") + ".";
      case UNCERTAIN:
        return "The pairs are near the limit, and cannot tell" + off + ".";
      case ALL_OPEN:
        return "All three pairs read OL.";
      case OPEN:
        return "The pairs show phase " + phases + " open.";
      case JOINT:
        return "The pairs show a poor joint in " + phases + off + ".";
      case SHORT:
        return "The pairs show a short in " + phases + off + ".";
      default:
        return "The three pairs differ" + off + ".";
    }
  }

  /** Leads to frame, by ohmmeter or by insulation tester. */
  public @Nullable Observation frame() {
    if (atPlug.frame() == FrameState.NOT_MEASURED || facts().has(FactType.WINDING_INSULATION)) {
      return null;
    }
    List<FactType> used = new ArrayList<>();
    for (FactType type :
        List.of(FactType.WINDING_FRAME_A, FactType.WINDING_FRAME_B, FactType.WINDING_FRAME_C)) {
      if (facts().has(type)) {
        used.add(type);
      }
    }
    switch (atPlug.frame()) {
      case CLEAR:
        return new Observation(
            Answer.CLEAR,
            "All three leads read OL to the frame.",
            used,
            WindingFigures.FRAME_CONDEMNED.id());
      case LEAK:
        return new Observation(Answer.LEAK, "A lead reads a high resistance to the frame.", used);
      default:
        return new Observation(
            Answer.SHORT,
            "A lead reads under "
                + Numbers.plain(WindingFigures.FRAME_CONDEMNED.value() / 1000)
                + " kΩ to the frame: condemned.",
            used,
            WindingFigures.FRAME_CONDEMNED.id());
    }
  }

  /** Insulation by 500 V DC tester [MΩ], corrected to 40 °C. */
  public @Nullable Observation insulation() {
    Double megohms = situation.megohms();
    if (megohms == null) {
      return null;
    }
    double celsius = facts().number(FactType.WINDING_CELSIUS, 20);
    String least = ", least " + Numbers.plain(WindingFigures.INSULATION_MINIMUM.value()) + " MΩ.";
    String text =
        megohms.isInfinite()
            ? "Insulation over range: good."
            : "Insulation "
                + Numbers.plain(Insulation.thermoplasticAt40(megohms, celsius), 1)
                + " to "
                + Numbers.plain(Insulation.at40(megohms, celsius), 1)
                + " MΩ at 40 °C, by its kind"
                + least;
    return new Observation(
        said(Insulation.state(megohms, celsius)),
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
    if (Math.max(ab, Math.max(bc, ca)) < WindingFigures.EMF_LEAST.value()) {
      return null;
    }
    boolean agrees = BackEmf.agrees(ab, bc, ca, limit);
    Answer felt = facts().choice(FactType.SHAFT_FEEL_MODULE_OFF);
    boolean drags = felt != null && felt != Answer.FREE;
    String text =
        "Back-EMF differs by "
            + Numbers.plain(Unbalance.percent(ab, bc, ca), 1)
            + " %, limit "
            + Numbers.plain(limit)
            + " %.";
    List<FactType> used = new ArrayList<>();
    used.add(FactType.EMF_AB);
    used.add(FactType.EMF_BC);
    used.add(FactType.EMF_CA);
    if (!agrees && drags) {
      used.add(FactType.SHAFT_FEEL_MODULE_OFF);
      text += " It drags as well, module off.";
    }
    return new Observation(
        agrees ? Answer.EVEN : drags ? Answer.SHORTED : Answer.UNEVEN,
        text,
        used,
        WindingFigures.EMF_LIMIT.id());
  }

  /** Whether the board waits for a speed signal that the motor does not send. */
  public @Nullable Observation speedProof() {
    Boolean needs = facts().flag(FactType.BOARD_NEEDS_FEEDBACK);
    Boolean sends = facts().flag(FactType.MOTOR_FEEDBACK);
    if (Boolean.FALSE.equals(needs)) {
      return new Observation(
          Answer.MATCHED,
          "The board does not prove speed.",
          List.of(FactType.BOARD_NEEDS_FEEDBACK));
    }
    if (Boolean.TRUE.equals(sends)) {
      return new Observation(
          Answer.MATCHED, "The motor sends a speed signal.", List.of(FactType.MOTOR_FEEDBACK));
    }
    if (needs == null || sends == null) {
      return null;
    }
    return new Observation(
        Answer.UNMET,
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
    boolean low = inwc < CheckFigures.STATIC_LEAST.value();
    return new Observation(
        high ? Answer.HIGH : low ? Answer.LOW : Answer.NORMAL,
        "External static "
            + Numbers.plain(inwc)
            + " in. w.c., usual limit "
            + Numbers.plain(limit)
            + ".",
        List.of(FactType.STATIC_INWC),
        CheckFigures.STATIC_LIMIT.id());
  }
}
