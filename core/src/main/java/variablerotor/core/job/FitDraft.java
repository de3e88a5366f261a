package variablerotor.core.job;

import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.diagnosis.Action;
import variablerotor.core.diagnosis.Remedy;
import variablerotor.core.fact.Answer;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.Family;
import variablerotor.core.fitting.Body;
import variablerotor.core.fitting.FitCase;
import variablerotor.core.match.Candidate;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.proof.UnitCalls;
import variablerotor.core.route.Route;

/** What the hands have to do on this call, by the way that was chosen and what is told and read. */
final class FitDraft {
  private FitDraft() {}

  static FitCase of(Job job, Route way) {
    MotorPlate old = job.options().basis().all().motor();
    UnitPlate unit = job.options().basis().all().unit();
    Facts facts = job.situation().facts();
    Map<String, String> told = job.log().particulars().wires();
    return new FitCase(
        way,
        List.copyOf(bodies(way, old.family(), job.diagnosis().verdict().remedy())),
        old.family(),
        fitted(job, way, old),
        unit.role() == null
            ? unit.isOutdoors(old.family())
            : unit.role() == UnitPlate.Role.OUTDOOR_FAN,
        unit.kind(),
        old.mount(),
        unit.heating(),
        unit.boardNeedsFeedback(),
        unit.feedbackCanBeDisabled(),
        facts.number(FactType.LINE_VOLTS),
        List.copyOf(UnitCalls.of(unit)),
        told == null ? Map.of() : new LinkedHashMap<>(told),
        facts.words(FactType.LOOK_WATER).stream().anyMatch(one -> one != Answer.DRY)
            || facts.words(FactType.CONNECTOR_LOOK).contains(Answer.CORRODED));
  }

  /** The motor that runs afterwards: of a new one no more than is known of its own plate. */
  private static MotorPlate fitted(Job job, Route way, MotorPlate old) {
    Candidate chosen = ProofDraft.candidate(job);
    if (chosen != null) {
      return chosen.plate();
    }
    return switch (way) {
      case FIXED_SPEED, LOANER -> MotorPlate.of(Family.PSC).build();
      case EQUIVALENT_MOTOR -> MotorPlate.of(old.family()).build();
      default -> old;
    };
  }

  private static Set<Body> bodies(Route way, Family old, Remedy remedy) {
    Set<Body> bodies = EnumSet.noneOf(Body.class);
    Body motor = old == Family.EC_PLUG_FAN ? Body.FAN : Body.MOTOR;
    switch (way) {
      case SAME_MOTOR, EQUIVALENT_MOTOR, FIXED_SPEED, LOANER -> bodies.add(motor);
      case BOARD_AND_MOTOR -> bodies.addAll(List.of(motor, Body.BOARD));
      case MODULE_ONLY -> bodies.add(Body.MODULE);
      case DRIVE_REPLACE -> bodies.add(Body.DRIVE);
      case DRIVE_BYPASS -> bodies.add(Body.BYPASS);
      case REPAIR_OTHER -> {}
    }
    // What is proved besides is mended with it, whichever way was chosen.
    add(bodies, way, remedy.action());
    remedy.also().forEach(one -> add(bodies, way, one));
    return bodies;
  }

  private static void add(Set<Body> bodies, Route way, @Nullable Action action) {
    Body body = action == null || way.brings(action) ? null : body(action);
    if (body != null) {
      bodies.add(body);
    }
  }

  /** Null for what no other way than its own brings. */
  private static @Nullable Body body(Action action) {
    return switch (action) {
      case REPLACE_BOARD -> Body.BOARD;
      case REPAIR_WHEEL -> Body.WHEEL;
      case REPAIR_HARNESS -> Body.HARNESS;
      case REPAIR_SUPPLY -> Body.SUPPLY;
      case REPAIR_COMMAND -> Body.COMMAND;
      case CHANGE_SETTING -> Body.SETTING;
      case CLEAR_AIR_PATH -> Body.AIR_PATH;
      case REPLACE_MOTOR, REPLACE_DRIVE, REPLACE_MODULE, NOTHING -> null;
    };
  }
}
