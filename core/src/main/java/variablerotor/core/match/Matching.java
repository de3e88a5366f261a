package variablerotor.core.match;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.Running;
import variablerotor.core.motor.SpeedClass;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.signal.LineVoltage;
import variablerotor.core.signal.SignalFigures;
import variablerotor.core.signal.Window;
import variablerotor.core.text.Numbers;

/**
 * One motor against another, attribute by attribute. What neither plate tells is not judged; what
 * one tells is to be checked. The rules are common practice; poles from rated speed by the
 * synchronous speed 120 f / p (NEMA MG 1, from memory).
 */
public final class Matching {
  /** Line frequency where neither plate tells it [Hz]. */
  private static final double USUAL_HERTZ = 60;

  /** A bore is turned to its shaft: more apart than this does not go [in]. Common practice. */
  private static final double BORE = 0.003;

  /** As long as the old one, within a rule's reading [in]. */
  private static final double AS_LONG = 0.1;

  /** A shaft so much shorter may still reach the hub [in]. Judgement. */
  private static final double REACHES = 0.5;

  /** Amps that are the same, within rounding of plates [share]. */
  private static final double SAME_AMPS = 0.05;

  private final MotorPlate old;
  private final MotorPlate other;
  private final UnitPlate unit;
  private final Running running;
  private final Candidate candidate;
  private final @Nullable Double line;
  private final List<Point> points = new ArrayList<>();

  private Matching(
      UnitPlate unit, MotorPlate old, Running running, @Nullable Double line, Candidate candidate) {
    this.unit = unit;
    this.old = old;
    this.running = running;
    this.line = line;
    this.candidate = candidate;
    other = candidate.plate();
  }

  /**
   * A candidate against the motor that stood in the unit.
   *
   * @param line as it was measured [V]; null where it was not
   */
  public static Match of(
      UnitPlate unit, MotorPlate old, Running running, @Nullable Double line, Candidate candidate) {
    Matching matching = new Matching(unit, old, running, line, candidate);
    matching.kind();
    matching.rest(unit.feedbackCanBeDisabled());
    return Match.of(candidate.id(), matching.points);
  }

  /** A candidate by the plates alone. */
  public static Match of(UnitPlate unit, MotorPlate old, Candidate candidate) {
    return of(unit, old, Running.UNKNOWN, null, candidate);
  }

  /** A fixed-speed motor in the place of a variable one: all but its kind. */
  public static Match ofFixedSpeed(UnitPlate unit, MotorPlate old, Candidate candidate) {
    Matching matching = new Matching(unit, old, Running.UNKNOWN, null, candidate);
    matching.rest(true);
    return Match.of(candidate.id(), matching.points);
  }

  /** A candidate as it would be fitted: a fixed-speed one by all but its kind. */
  public static Match fitted(
      UnitPlate unit, MotorPlate old, Running running, @Nullable Double line, Candidate candidate) {
    return candidate.runsAtOneSpeed()
        ? ofFixedSpeed(unit, old, candidate)
        : of(unit, old, running, line, candidate);
  }

  /**
   * @param provedOff whether the board's proof of speed is off already, or can be put off; null
   *     where that is not known
   */
  private void rest(@Nullable Boolean provedOff) {
    volts();
    equal("phases", "phase", number(old.phases()), number(other.phases()));
    equal("hertz", "Hz", old.hertz(), other.hertz());
    horsepower();
    poles();
    rotation();
    frame();
    shaftDiameter();
    shaftLength();
    bodyLength();
    mount();
    plugs();
    feedback(provedOff);
    enclosure();
    amps();
  }

  private void say(String attribute, Point.State state, String sentence) {
    points.add(new Point(attribute, state, false, sentence));
  }

  private void ask(String attribute, String sentence) {
    points.add(new Point(attribute, Point.State.CHANGE, true, sentence));
  }

  /** True where both are known; says what is to be checked where one is. */
  private boolean judged(String attribute, @Nullable Object mine, @Nullable Object its) {
    if (mine == null && its == null) {
      return false;
    }
    if (mine == null || its == null) {
      ask(
          attribute,
          mine == null
              ? "Check it: the old motor's is not known, this one's is " + spoken(its) + "."
              : "Check it: the old motor's is " + spoken(mine) + ", this one's is not known.");
      return false;
    }
    return true;
  }

  private static String spoken(@Nullable Object value) {
    return value instanceof Double number ? plain(number) : String.valueOf(value);
  }

  private static @Nullable Double number(@Nullable Integer whole) {
    return whole == null ? null : (Double) whole.doubleValue();
  }

  private static String plain(@Nullable Double value) {
    return Numbers.plain(Objects.requireNonNull(value), 3);
  }

  private void equal(String attribute, String unitOf, @Nullable Double mine, @Nullable Double its) {
    if (judged(attribute, mine, its)) {
      boolean same = Objects.equals(mine, its);
      say(
          attribute,
          same ? Point.State.OK : Point.State.NO,
          same
              ? counted(its, unitOf) + ", as before."
              : counted(its, unitOf) + " in place of " + plain(mine) + ".");
    }
  }

  private static String counted(@Nullable Double count, String unitOf) {
    boolean many = unitOf.equals("phase") && count != null && count != 1;
    return plain(count) + " " + unitOf + (many ? "s" : "");
  }

  private void kind() {
    boolean same = old.family() == other.family();
    if (!same) {
      say(
          "kind",
          Point.State.NO,
          "Torque for torque, airflow for airflow: \""
              + other.family().title()
              + "\" does not stand in for \""
              + old.family().title()
              + "\".");
    } else if (old.family().isVariableSpeed()
        && old.family().profile().holdsAirflow()
        && !Boolean.TRUE.equals(other.programmed())) {
      say("kind", Point.State.CHANGE, "The same kind; order it programmed for this very unit.");
    } else {
      say("kind", Point.State.OK, "The same kind.");
    }
  }

  private void volts() {
    Double fed = fed();
    if (fed != null && other.volts() != null) {
      fed(fed, Objects.requireNonNull(other.volts()));
      return;
    }
    if (!judged("volts", old.volts(), other.volts())) {
      return;
    }
    String mine = Objects.requireNonNull(old.volts());
    String its = Objects.requireNonNull(other.volts());
    List<Window> wanted = LineVoltage.ofPlate(mine).ranges();
    List<Window> can = LineVoltage.ofPlate(its).ranges();
    boolean covers = wanted.stream().allMatch(one -> can.stream().anyMatch(c -> takes(c, one)));
    boolean some = wanted.stream().anyMatch(one -> can.stream().anyMatch(c -> takes(c, one)));
    if (covers && can.size() == 1) {
      say("volts", Point.State.OK, its + " V, as before.");
    } else if (covers) {
      say("volts", Point.State.CHANGE, link(wanted) + SHEET);
    } else if (some) {
      ask("volts", "Only where the line is " + its + " V: measure it.");
    } else {
      say("volts", Point.State.NO, its + " V in place of " + mine + " V.");
    }
  }

  private static final String SHEET =
      "Set it by its own sheet before power: the wrong way destroys it.";

  /**
   * The line that was measured, where it is one that this motor can have [V]; null where the plate
   * has to do: nothing was measured, or a line that is no line of this plate.
   */
  private @Nullable Double fed() {
    if (line == null) {
      return null;
    }
    if (old.volts() != null) {
      return LineVoltage.ofPlate(old.volts()).ranges().stream().anyMatch(one -> holds(one, line))
          ? line
          : null;
    }
    // Unread, 120 V may be one leg of 240.
    return line < LOW_LINE ? null : line;
  }

  private static boolean holds(Window range, double volts) {
    return range.low() <= volts && volts <= range.high();
  }

  /** What is fed decides, and not what the old plate could have taken as well. */
  private void fed(double volts, String its) {
    List<Window> can = LineVoltage.ofPlate(its).ranges();
    String measured = plain(Math.rint(volts)) + " V";
    if (can.stream().noneMatch(one -> holds(one, volts))) {
      say(
          "volts",
          Point.State.NO,
          "The line is " + measured + ", and this one is for " + its + ".");
    } else if (can.size() == 1) {
      say("volts", Point.State.OK, its + " V takes the line of " + measured + ".");
    } else {
      say(
          "volts",
          Point.State.CHANGE,
          (volts < LOW_LINE ? "Voltage link IN" : "Voltage link OUT")
              + " for this line of "
              + measured
              + ". "
              + SHEET);
    }
  }

  /** A line below this is the lower of two ranges [V]. */
  private static final double LOW_LINE = 150;

  /** Where the link goes by common practice: in for 115 V, out for 208-230 V. */
  private static String link(List<Window> wanted) {
    boolean low = wanted.stream().allMatch(one -> one.high() < LOW_LINE);
    boolean high = wanted.stream().allMatch(one -> one.low() > LOW_LINE);
    return low
        ? "Voltage link IN for a line of 115 V. "
        : high
            ? "Voltage link OUT for a line of 208-230 V. "
            : "Measure the line first: it says where the voltage link goes. ";
  }

  /** Whether what one plate is rated for lies in what the other bears. */
  private static boolean takes(Window bears, Window wanted) {
    double tolerance = SignalFigures.LINE_TOLERANCE.value() / 100;
    return bears.low() <= wanted.low() / (1 - tolerance)
        && wanted.high() / (1 + tolerance) <= bears.high();
  }

  private void horsepower() {
    Double mine = old.horsepower();
    Double its = other.horsepower();
    Double estimate = mine == null ? Sizing.horsepower(unit, running) : null;
    if (estimate != null && its != null) {
      boolean less = its < estimate * (1 - Sizing.SAME);
      points.add(
          new Point(
              "horsepower",
              less ? Point.State.NO : Point.State.CHANGE,
              !less,
              "The old plate is not known; by "
                  + (unit.coolingTons() == null ? "air and pressure" : "tons")
                  + " it is about "
                  + plain(estimate)
                  + " hp, an estimate"
                  + (less ? ", and this one has less." : ": check it.")));
      return;
    }
    if (!judged("horsepower", mine, its) || mine == null || its == null) {
      return;
    }
    if (Math.abs(its - mine) <= Sizing.SAME * mine) {
      say("horsepower", Point.State.OK, plain(its) + " hp, as before.");
    } else if (its < mine) {
      say("horsepower", Point.State.NO, plain(its) + " hp is less than " + plain(mine) + " hp.");
    } else if (its <= Sizing.nextSize(mine) * (1 + Sizing.SAME)) {
      say(
          "horsepower",
          Point.State.CHANGE,
          plain(its) + " hp, a size up: take the tap or setting that gives the old air.");
    } else {
      say("horsepower", Point.State.NO, plain(its) + " hp is more than a size up.");
    }
  }

  private void poles() {
    if (!judged("poles", old.rpm(), other.rpm())) {
      return;
    }
    int mine = poles(old);
    int its = poles(other);
    say(
        "poles",
        mine == its ? Point.State.OK : Point.State.NO,
        mine == its
            ? "Both have " + its + " poles."
            : its + " poles in place of " + mine + ": it runs at another speed.");
  }

  /** The poles whose synchronous speed is next above the rated one. */
  public static int poles(MotorPlate motor) {
    double hertz = motor.hertz() == null ? USUAL_HERTZ : Objects.requireNonNull(motor.hertz());
    return SpeedClass.poles(Objects.requireNonNull(motor.rpm()), hertz);
  }

  private void rotation() {
    MotorPlate.Rotation mine = old.rotation();
    MotorPlate.Rotation its = other.rotation();
    if (!judged("rotation", spoken(mine), spoken(its))) {
      return;
    }
    boolean turns = mine == MotorPlate.Rotation.CW || mine == MotorPlate.Rotation.CCW;
    if (its == MotorPlate.Rotation.SELF_FINDING) {
      say("rotation", Point.State.OK, "It finds the way itself, the first time it has power.");
    } else if (its == mine && turns) {
      say("rotation", Point.State.OK, "It turns the same way.");
    } else if (its == MotorPlate.Rotation.REVERSIBLE) {
      say("rotation", Point.State.CHANGE, "Set it to turn as the old one did, and look.");
    } else if (!turns) {
      say("rotation", Point.State.CHANGE, "It turns one way only: see which the wheel needs.");
    } else {
      say("rotation", Point.State.NO, "It turns the other way, and cannot be turned round.");
    }
  }

  private static @Nullable String spoken(@Nullable Enum<?> word) {
    return word == null ? null : word.name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }

  private void frame() {
    if (judged("frame", old.frame(), other.frame())) {
      boolean same = Objects.equals(old.frame(), other.frame());
      withAdapter(
          "frame",
          same,
          same ? "Frame " + other.frame() + ", as before." : "Another frame: the band differs.",
          AdapterKind.FRAME,
          AdapterKind.MOUNT);
    }
  }

  private void shaftDiameter() {
    Double mine = old.shaftDiameterIn();
    Double its = other.shaftDiameterIn();
    if (judged("shaftDiameterIn", mine, its) && mine != null && its != null) {
      boolean same = Math.abs(mine - its) <= BORE;
      String differs = plain(its) + " in does not go in a hub for " + plain(mine) + " in.";
      if (same || its > mine) {
        say(
            "shaftDiameterIn",
            same ? Point.State.OK : Point.State.NO,
            same ? plain(its) + " in, as before." : differs);
      } else {
        withAdapter("shaftDiameterIn", false, differs, AdapterKind.BUSHING);
      }
    }
  }

  private void shaftLength() {
    Double mine = old.shaftLengthIn();
    Double its = other.shaftLengthIn();
    if (!judged("shaftLengthIn", mine, its) || mine == null || its == null) {
      return;
    }
    if (its >= mine - AS_LONG) {
      say("shaftLengthIn", Point.State.OK, "Long enough.");
    } else if (its >= mine - REACHES) {
      say("shaftLengthIn", Point.State.CHANGE, "A little shorter: see that it fills the hub.");
    } else {
      say("shaftLengthIn", Point.State.NO, "Too short to reach the hub.");
    }
  }

  private void bodyLength() {
    Double mine = old.bodyLengthIn();
    Double its = other.bodyLengthIn();
    if (judged("bodyLengthIn", mine, its) && mine != null && its != null) {
      boolean fits = its <= mine + AS_LONG;
      say(
          "bodyLengthIn",
          fits ? Point.State.OK : Point.State.CHANGE,
          fits ? "No longer than before." : "Longer: leave clearance to cabinet and inlet.");
    }
  }

  private void mount() {
    if (judged("mount", spoken(old.mount()), spoken(other.mount()))) {
      boolean same = old.mount() == other.mount();
      withAdapter(
          "mount",
          same,
          same ? "Mounted as before." : "It is mounted otherwise.",
          AdapterKind.MOUNT);
    }
  }

  private void plugs() {
    String harness = candidate.adapter(AdapterKind.HARNESS);
    if (harness != null) {
      say("plugs", Point.State.CHANGE, "With what is in its box: " + harness + ".");
    }
  }

  /** What differs goes with an adapter of the right kind in the box. */
  private void withAdapter(String attribute, boolean same, String sentence, AdapterKind... kinds) {
    if (same) {
      say(attribute, Point.State.OK, sentence);
      return;
    }
    for (AdapterKind kind : kinds) {
      String adapter = candidate.adapter(kind);
      if (adapter != null) {
        say(attribute, Point.State.CHANGE, sentence + " In its box: " + adapter + ".");
        return;
      }
    }
    say(attribute, Point.State.NO, sentence);
  }

  private void feedback(@Nullable Boolean provedOff) {
    String sheet = " Read the sheet in its box: the switch stands there.";
    if (Boolean.TRUE.equals(other.feedback())) {
      say("feedback", Point.State.OK, "It sends a speed signal.");
    } else if (Boolean.FALSE.equals(unit.boardNeedsFeedback())) {
      say("feedback", Point.State.OK, "The board does not wait for a speed signal.");
    } else if (Boolean.TRUE.equals(unit.boardNeedsFeedback())) {
      if (Boolean.TRUE.equals(provedOff)) {
        say("feedback", Point.State.CHANGE, "Switch the board's proof of speed off." + sheet);
      } else if (Boolean.FALSE.equals(provedOff) && Boolean.FALSE.equals(other.feedback())) {
        say("feedback", Point.State.NO, "The board stops the unit without a speed signal.");
      } else {
        ask("feedback", "Find out: the board waits for a speed signal." + sheet);
      }
    } else if (Boolean.TRUE.equals(old.feedback())) {
      ask("feedback", "The old one sent a speed signal: does the board wait for it?" + sheet);
    } else if (other.feedback() != null && old.feedback() != null) {
      say("feedback", Point.State.OK, "Neither sends a speed signal.");
    }
  }

  private void enclosure() {
    boolean outdoors = unit.isOutdoors(old.family());
    MotorPlate.Enclosure wanted =
        old.enclosure() == null && outdoors
            ? MotorPlate.Enclosure.TOTALLY_ENCLOSED
            : old.enclosure();
    if (!judged("enclosure", spoken(wanted), spoken(other.enclosure()))) {
      return;
    }
    boolean closed = other.enclosure() == MotorPlate.Enclosure.TOTALLY_ENCLOSED;
    if (closed || wanted == other.enclosure()) {
      say("enclosure", Point.State.OK, "As closed as before, or more.");
    } else if (outdoors) {
      say("enclosure", Point.State.NO, "Outdoors it must be totally enclosed.");
    } else {
      say("enclosure", Point.State.CHANGE, "Open in place of enclosed: only where it stays dry.");
    }
  }

  private void amps() {
    Double mine = old.fullLoadAmps();
    Double its = other.fullLoadAmps();
    if (judged("fullLoadAmps", mine, its) && mine != null && its != null) {
      boolean within = its <= mine * (1 + SAME_AMPS);
      say(
          "fullLoadAmps",
          within ? Point.State.OK : Point.State.CHANGE,
          within
              ? "No more than before."
              : plain(its) + " A in place of " + plain(mine) + " A: check circuit and relay.");
    }
  }
}
