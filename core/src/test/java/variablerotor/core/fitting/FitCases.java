package variablerotor.core.fitting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import variablerotor.core.family.Family;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.MotorPlate.Mount;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.motor.UnitPlate.Heating;
import variablerotor.core.route.Route;
import variablerotor.core.wiring.PlanRequest.CallId;

/** Jobs to try steps on. */
public final class FitCases {
  private FitCases() {}

  /** What the hands are laid on, told from the trade and not from the code. */
  static List<Body> bodies(Route way, Family old) {
    Body motor = old == Family.EC_PLUG_FAN ? Body.FAN : Body.MOTOR;
    return switch (way) {
      case SAME_MOTOR, EQUIVALENT_MOTOR, FIXED_SPEED, LOANER -> List.of(motor);
      case BOARD_AND_MOTOR -> List.of(motor, Body.BOARD);
      case MODULE_ONLY -> List.of(Body.MODULE);
      case DRIVE_REPLACE -> List.of(Body.DRIVE);
      case DRIVE_BYPASS -> List.of(Body.BYPASS);
      case REPAIR_OTHER -> List.of(Body.HARNESS);
    };
  }

  static FitCase job(Route way, Family old, UnitPlate.Kind kind, Mount mount, Heating... heating) {
    return job(way, old, bodies(way, old), kind, mount, heating);
  }

  static FitCase job(
      Route way,
      Family old,
      List<Body> bodies,
      UnitPlate.Kind kind,
      Mount mount,
      Heating... heating) {
    boolean fixed = way == Route.FIXED_SPEED || way == Route.LOANER;
    boolean outdoors =
        kind == UnitPlate.Kind.HEAT_PUMP_OUTDOOR
            || kind == UnitPlate.Kind.CONDENSING_UNIT
            || kind == UnitPlate.Kind.SPLIT_OUTDOOR;
    return new FitCase(
        way,
        bodies,
        old,
        MotorPlate.of(fixed ? Family.PSC : old).build(),
        outdoors,
        kind,
        mount,
        List.of(heating),
        null,
        null,
        241.0,
        List.of(CallId.COOL),
        Map.of(),
        false);
  }

  /** Every way with every family that it can be, every mount and place. */
  static List<FitCase> all() {
    List<FitCase> all = new ArrayList<>();
    for (Family family : Family.values()) {
      for (Route way : Route.values()) {
        boolean drive = way == Route.DRIVE_REPLACE || way == Route.DRIVE_BYPASS;
        if (family == Family.PSC || (drive && family != Family.DRIVE_FED_INDUCTION)) {
          continue;
        }
        for (UnitPlate.Kind kind : UnitPlate.Kind.values()) {
          for (Mount mount : Mount.values()) {
            all.add(job(way, family, kind, mount, Heating.ELECTRIC));
          }
          all.add(job(way, family, kind, null, Heating.GAS));
        }
      }
    }
    return all;
  }

  static List<String> ids(Fitting fitting) {
    return fitting.steps().stream().map(one -> one.step().id()).toList();
  }
}
