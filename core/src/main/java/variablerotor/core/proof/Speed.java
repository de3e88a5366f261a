package variablerotor.core.proof;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.family.Family;
import variablerotor.core.motor.SpeedClass;
import variablerotor.core.signal.WheelSpeed;
import variablerotor.core.text.Numbers;

/**
 * How fast the wheel turns, by ear or by a tachometer: whether it follows the call, and whether it
 * can be the motor that its plate says. Nobody has to read it: it is judged where it was.
 */
final class Speed {
  /** An ear or a tachometer may be so much over [share]. Judgement. */
  private static final double OVER = 0.02;

  private final ProofRequest.Fitted fitted;
  private final @Nullable Double less;
  private final @Nullable Double more;

  Speed(ProofRequest request) {
    fitted = request.fitted();
    less = request.readings().number(ReadingType.WHEEL_LESS);
    more = request.readings().number(ReadingType.WHEEL_MORE);
  }

  /** One where there is something to hold it against, else none. */
  List<Check> checks() {
    Check judged = judged();
    return judged == null
        ? List.of()
        : List.of(judged.asking(ReadingType.WHEEL_MORE, ReadingType.WHEEL_LESS));
  }

  private @Nullable Check judged() {
    Double field = field();
    Double fastest = less == null ? more : more == null ? less : (Double) Math.max(less, more);
    if (fastest == null) {
      return null;
    }
    if (field != null && fastest > field * (1 + OVER)) {
      return Check.fail(
              "speed",
              rpm(fastest)
                  + ": the field of this motor turns at "
                  + Numbers.plain(field, 0)
                  + ", and it stays below that.",
              "The blades, counted again: power off, the wheel still",
              "A wheel on a belt has a speed of its own: measure the motor's shaft",
              "The new motor's plate: is it of the speed that was ordered?")
          .of(fastest, field);
    }
    if (less != null && more != null) {
      return between(less, more);
    }
    return field == null
        ? null
        : Check.pass(
                "speed", rpm(fastest) + ", below the " + Numbers.plain(field, 0) + " of its field.")
            .of(fastest, field);
  }

  private Check between(double less, double more) {
    String told = WheelSpeed.told(less, more);
    return switch (WheelSpeed.of(less, more)) {
      case FOLLOWS -> Check.pass("speed", told).of(more);
      case STAYS -> Check.fail("speed", told, stays()).of(more);
      case FALLS -> Check.fail("speed", told, falls()).of(more);
    };
  }

  private String[] stays() {
    List<String> leads = new ArrayList<>();
    leads.add("Which call is live: are both on one tap, or is a tap fed on both?");
    leads.add("Taps, switches or command, read at the motor on each call");
    if (fitted.family() != Family.PSC) {
      leads.add("Filter, coil and registers: a motor that is at its top on both calls turns alike");
    }
    return leads.toArray(new String[0]);
  }

  private String[] falls() {
    return new String[] {
      "Which call is set for more air: its taps, switches or command",
      fitted.family() == Family.PSC
          ? "High and low tap changed over"
          : "The command at the motor on each call"
    };
  }

  private static String rpm(double speed) {
    return Numbers.plain(speed, 0) + " r/min";
  }

  /**
   * At which its field turns [r/min]: of a motor on the line alone, whose plate tells its speed.
   */
  private @Nullable Double field() {
    Double rated = fitted.rpm();
    return rated == null || fitted.family() != Family.PSC
        ? null
        : (Double) SpeedClass.synchronous(SpeedClass.poles(rated, fitted.hertz()), fitted.hertz());
  }
}
