package variablerotor.core.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.family.Family;
import variablerotor.core.match.Candidate;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.Running;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.route.Habit;
import variablerotor.core.route.Route;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;
import variablerotor.core.wiring.PartType;
import variablerotor.core.wiring.PlanRequest;
import variablerotor.core.wiring.PlanRequest.CallId;
import variablerotor.core.wiring.PlanRequest.Pattern;

/**
 * A conversion of this call's unit, filled in as far as the call knows it, and what was taken on
 * trust.
 *
 * @param why this pattern
 * @param assumed what is not known, and what it was taken for
 */
public record PlanDraft(PlanRequest plan, String why, List<Assumed> assumed) {
  public PlanDraft {
    assumed = List.copyOf(assumed);
  }

  /**
   * @param field of the plan
   */
  public record Assumed(String field, String sentence) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("field", field, "sentence", sentence);
    }
  }

  /**
   * From what was told and read.
   *
   * @param route the way that it is for: one that is wired
   */
  static PlanDraft of(Job job, Route route) {
    return new Filling(job, route).draft();
  }

  private static final class Filling {
    private final UnitPlate unit;
    private final MotorPlate motor;
    private final Running running;
    private final boolean outdoors;
    private final boolean oneRelay;
    private final Route route;
    private final @Nullable Candidate candidate;
    private final List<Assumed> assumed = new ArrayList<>();

    Filling(Job job, Route route) {
      this.route = route;
      unit = job.options().basis().all().unit();
      motor = job.options().basis().all().motor();
      running = job.options().basis().all().running();
      outdoors = unit.isOutdoors(motor.family());
      oneRelay = job.options().basis().all().schools().have(Habit.ONE_RELAY);
      candidate = candidate(job, route);
    }

    /** The fixed-speed motor that was chosen, or that is priced, or the first that would go. */
    private static @Nullable Candidate candidate(Job job, Route route) {
      List<JobLog.Decided> decided = job.log().decisions();
      String id =
          decided.isEmpty() || job.chosen() != route
              ? job.options().route(route).candidate()
              : decided.get(decided.size() - 1).candidate();
      Candidate named = job.options().basis().candidate(id);
      return named != null && named.runsAtOneSpeed()
          ? named
          : job.options().basis().candidates().stream()
              .filter(one -> job.options().basis().goes(Route.FIXED_SPEED, one))
              .findFirst()
              .orElse(null);
    }

    PlanDraft draft() {
      Pattern pattern = pattern();
      boolean drive = pattern == Pattern.D;
      MotorPlate fitted = candidate == null ? null : candidate.plate();
      Double amps = fitted == null ? null : fitted.fullLoadAmps();
      PlanRequest plan =
          PlanRequest.plan(pattern, supply(drive))
              .transformer(transformerVa(), running.hangingVa())
              .stages(stages(pattern))
              .solidState(true)
              .defrost(unit.heating().contains(UnitPlate.Heating.HEAT_PUMP))
              .calls(calls())
              .contactorCalls(List.of(CallId.COOL, CallId.HEAT_PUMP))
              .speeds(drive ? List.of() : speeds(fitted))
              .amps(drive ? motor.fullLoadAmps() : amps)
              .outdoors(outdoors)
              .oneCabinet(oneCabinet())
              .fanRelay(pattern == Pattern.C)
              .build();
      if (plan.amps() == null) {
        assume("amps", "The new motor's amps are not known: relays are taken for 10 A.");
      }
      if (!drive) {
        assume("microfarads", "The microfarads stand on the new motor's plate.");
        assume(
            "outputs", "Outputs are taken as electronic, the careful case, until they are seen.");
      }
      if (pattern == Pattern.A || pattern == Pattern.A1 || pattern == Pattern.C) {
        assume(
            "contactorPoles",
            "The compressor's contactor is taken for two poles: look. With one, a side of the line"
                + " stays on the fan while nothing calls.");
      }
      return new PlanDraft(plan, why(pattern), assumed);
    }

    private void assume(String field, String sentence) {
      assumed.add(new Assumed(field, sentence));
    }

    private Pattern pattern() {
      if (motor.family() == Family.DRIVE_FED_INDUCTION) {
        return Pattern.D;
      }
      if (outdoors) {
        return oneRelay ? Pattern.A1 : Pattern.A;
      }
      if (route == Route.LOANER && oneCabinet()) {
        return Pattern.C;
      }
      return motor.family() == Family.CONSTANT_TORQUE ? Pattern.B : Pattern.E;
    }

    private String why(Pattern pattern) {
      return switch (pattern) {
        case A -> "An outdoor fan: a relay a stage, so that no output meets another.";
        case A1 -> "An outdoor fan, and the shop's habit is one relay.";
        case B -> "A blower with speed taps: an adapter board takes the taps that are there.";
        case C ->
            "On loan, contactor and blower in one cabinet: with the contactor, and a relay for"
                + " the other calls.";
        case D -> "A motor on a drive: a contactor and an overload relay in its place.";
        case E -> "An indoor blower: a fan relay that changes over, so that two speeds never meet.";
      };
    }

    private PartType supply(boolean drive) {
      if (drive) {
        return PartType.LINE_3PH;
      }
      String volts = motor.volts();
      if (volts == null) {
        assume("supply", "The line is not known: 240 V is taken.");
        return PartType.LINE_240;
      }
      if (volts.indexOf('/') >= 0) {
        assume("supply", "The plate names two lines, " + volts + ": the first is taken.");
      }
      return volts.startsWith("115") || volts.startsWith("120")
          ? PartType.LINE_120
          : PartType.LINE_240;
    }

    private Double transformerVa() {
      if (running.transformerVa() != null) {
        return running.transformerVa();
      }
      assume(
          "transformerVa", "The transformer is taken for 40 VA, the common one: read its plate.");
      return 40.0;
    }

    private List<String> stages(Pattern pattern) {
      if (pattern != Pattern.A && pattern != Pattern.A1) {
        return List.of();
      }
      boolean two =
          running.staging() == Running.Staging.TWO || motor.family() == Family.STAGED_CONDENSER;
      return two ? List.of("LOW", "HIGH") : List.of("HIGH");
    }

    private List<CallId> calls() {
      List<CallId> calls = new ArrayList<>(List.of(CallId.COOL));
      for (UnitPlate.Heating heating : unit.heating()) {
        switch (heating) {
          case GAS -> calls.add(CallId.GAS_HEAT);
          case ELECTRIC -> calls.add(CallId.ELECTRIC_HEAT);
          case HEAT_PUMP -> calls.add(CallId.HEAT_PUMP);
          case NONE -> {
            // Told: nothing more to call.
          }
          case HYDRONIC ->
              assume("calls", "Hydronic heat has no call of its own here: it is run as the fan.");
        }
      }
      if (unit.heating().isEmpty()) {
        assume("calls", "No heat is told for this unit: cooling alone is planned.");
      }
      if (!outdoors) {
        calls.add(CallId.FAN);
        if (calls.contains(CallId.GAS_HEAT)) {
          calls.add(CallId.LIMIT);
        }
        calls.add(CallId.OFF_DELAY);
      }
      return calls.stream().distinct().toList();
    }

    private List<String> speeds(@Nullable MotorPlate fitted) {
      Integer taps = fitted == null ? null : fitted.speedTaps();
      if (taps == null) {
        assume("speeds", "Two speeds are taken: name the leads of the new motor.");
        return List.of("HIGH", "LOW");
      }
      return switch (taps) {
        case 0, 1 -> List.of("HIGH");
        case 2 -> List.of("HIGH", "LOW");
        case 3 -> List.of("HIGH", "MED", "LOW");
        default -> List.of("HIGH", "MED HIGH", "MED", "LOW");
      };
    }

    private boolean oneCabinet() {
      UnitPlate.Kind kind = unit.kind();
      return kind == UnitPlate.Kind.PACKAGED_UNIT
          || kind == UnitPlate.Kind.ROOFTOP
          || kind == UnitPlate.Kind.GROUND_SOURCE;
    }
  }
}
