package variablerotor.core.fitting;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.family.Family;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.MotorPlate.Mount;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.motor.UnitPlate.Kind;
import variablerotor.core.route.Route;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;
import variablerotor.core.wiring.PlanRequest.CallId;

/**
 * What the steps of a job depend on. Null where it is not known.
 *
 * @param way that was chosen
 * @param bodies what the hands are laid on
 * @param old the family of the motor that was found
 * @param fitted the motor that runs afterwards, as far as its plate is known
 * @param outdoors whether it is the outdoor fan
 * @param kind of the unit
 * @param mount how the old motor is held
 * @param heating of the unit; empty where that is not known
 * @param boardNeedsFeedback whether the board stops the unit without a speed signal
 * @param feedbackCanBeDisabled whether that can be switched off
 * @param lineVolts as measured at the motor [V]
 * @param calls that the unit is known to give
 * @param wires colours that were read, by terminal of the old motor
 * @param water whether water or green pins were seen
 */
public record FitCase(
    Route way,
    List<Body> bodies,
    Family old,
    MotorPlate fitted,
    boolean outdoors,
    @Nullable Kind kind,
    @Nullable Mount mount,
    List<UnitPlate.Heating> heating,
    @Nullable Boolean boardNeedsFeedback,
    @Nullable Boolean feedbackCanBeDisabled,
    @Nullable Double lineVolts,
    List<CallId> calls,
    Map<String, String> wires,
    boolean water)
    implements Node {
  public FitCase {
    bodies = List.copyOf(bodies);
    heating = List.copyOf(heating);
    calls = List.copyOf(calls);
    wires = Collections.unmodifiableMap(new LinkedHashMap<>(wires));
  }

  boolean has(Body body) {
    return bodies.contains(body);
  }

  /** Whether a wheel or a blade comes off its shaft. */
  boolean takesWheelOff() {
    return has(Body.MOTOR) || has(Body.WHEEL);
  }

  /** Whether something with electronics, or its plugs, is touched. */
  boolean touchesElectronics() {
    return bodies.stream()
        .anyMatch(one -> one != Body.SUPPLY && one != Body.COMMAND && one != Body.AIR_PATH);
  }

  /** Whether a drive's capacitors hang on what is touched. */
  boolean hasDrive() {
    return has(Body.DRIVE) || has(Body.BYPASS) || old == Family.DRIVE_FED_INDUCTION;
  }

  /** Whether it burns gas, or may: nobody said which heat it has, and its kind has often gas. */
  boolean mayBurnGas() {
    boolean often =
        kind == Kind.FURNACE
            || kind == Kind.PACKAGED_UNIT
            || kind == Kind.ROOFTOP
            || kind == Kind.MAKE_UP_AIR
            || kind == null;
    return !outdoors && (heats(UnitPlate.Heating.GAS) || (heating.isEmpty() && often));
  }

  /** Whether something new comes out of a box. */
  boolean bringsNew() {
    return bodies.stream().anyMatch(Body::isNew);
  }

  /** Whether another motor runs afterwards, or a whole fan. */
  boolean bringsMotor() {
    return has(Body.MOTOR) || has(Body.FAN);
  }

  /** Whether one speed is put in the place of the variable one. */
  boolean isFixedSpeed() {
    return way == Route.FIXED_SPEED || way == Route.LOANER;
  }

  boolean heats(UnitPlate.Heating heat) {
    return heating.contains(heat);
  }

  /** Whether the blower sits in a housing that slides or is screwed in. */
  boolean hasHousing() {
    return !outdoors && kind != Kind.SPLIT_INDOOR;
  }

  /** The same, held otherwise than the plate said. */
  FitCase held(Mount now) {
    return new FitCase(
        way,
        bodies,
        old,
        fitted,
        outdoors,
        kind,
        now,
        heating,
        boardNeedsFeedback,
        feedbackCanBeDisabled,
        lineVolts,
        calls,
        wires,
        water);
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "bodies", bodies,
        "old", old,
        "fitted", fitted,
        "outdoors", outdoors,
        "kind", kind,
        "mount", mount,
        "heating", heating,
        "boardNeedsFeedback", boardNeedsFeedback,
        "feedbackCanBeDisabled", feedbackCanBeDisabled,
        "lineVolts", lineVolts,
        "calls", calls,
        "wires", wires,
        "water", water);
  }
}
