package variablerotor.core.proof;

import java.util.EnumSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.motor.UnitPlate.Heating;
import variablerotor.core.wiring.PlanRequest.CallId;

/** The calls that a unit is known to give, by its kind and its heat. */
public final class UnitCalls {
  private UnitCalls() {}

  /** None where nothing is known of it. */
  public static Set<CallId> of(UnitPlate unit) {
    Set<CallId> calls = EnumSet.noneOf(CallId.class);
    if (cools(unit)) {
      calls.add(CallId.COOL);
    }
    for (Heating heat : unit.heating()) {
      CallId call = call(heat);
      if (call != null) {
        calls.add(call);
      }
    }
    return calls;
  }

  private static boolean cools(UnitPlate unit) {
    if (unit.coolingTons() != null) {
      return unit.coolingTons() > 0;
    }
    return unit.kind() != null
        && unit.kind() != UnitPlate.Kind.FURNACE
        && unit.kind() != UnitPlate.Kind.MAKE_UP_AIR;
  }

  private static @Nullable CallId call(Heating heat) {
    return switch (heat) {
      case GAS -> CallId.GAS_HEAT;
      case ELECTRIC -> CallId.ELECTRIC_HEAT;
      case HEAT_PUMP -> CallId.HEAT_PUMP;
      case HYDRONIC, NONE -> null;
    };
  }
}
