package variablerotor.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import variablerotor.core.check.Situation;
import variablerotor.core.check.UnitState;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.diagnosis.Engine;
import variablerotor.core.diagnosis.VerdictState;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.FactValue;
import variablerotor.core.fact.Facts;
import variablerotor.core.odds.Check;
import variablerotor.core.odds.FamilyModel;
import variablerotor.core.winding.Connection;
import variablerotor.core.winding.WindingFigures;

/** One simulated call, from the complaint to the proof, by one order of checks. */
public final class BenchCall {

  /**
   * How it went.
   *
   * @param decided whether a suspect was proved
   * @param right whether the suspect that leads at the end is to blame
   * @param wronglyProved whether one was proved that is not to blame
   * @param checks how many checks were made
   * @param minutes with the changes of the unit's state [min]
   * @param taken the checks, in order
   */
  public record Result(
      boolean decided,
      boolean right,
      boolean wronglyProved,
      int checks,
      double minutes,
      List<Check> taken,
      Diagnosis.Verdict verdict) {
    public Result {
      taken = List.copyOf(taken);
    }
  }

  private BenchCall() {}

  /**
   * @param wrongRate share of readings that are simply wrong
   * @param missingRate share of checks that cannot be made
   */
  public static Result run(
      HiddenFault hidden, CheckOrder order, double wrongRate, double missingRate) {
    return run(new SimulatedMotor(hidden), order, wrongRate, missingRate);
  }

  static Result run(SimulatedMotor motor, CheckOrder order, double wrongRate, double missingRate) {
    HiddenFault hidden = motor.hidden();
    Random random = new Random(hidden.seed() ^ 0x5DEECE66DL);
    MeterModel meter = new MeterModel(random, wrongRate);
    List<Check> open = new ArrayList<>();
    for (Check check : FamilyModel.of(hidden.family()).checks()) {
      if (check.isFor(hidden.symptom())) {
        open.add(check);
      }
    }
    // The same checks are out of reach whatever the order.
    open.removeIf(check -> random.nextDouble() < missingRate);
    List<Fact> facts = new ArrayList<>();
    List<Check> taken = new ArrayList<>();
    UnitState now = UnitState.POWER_ON;
    double minutes = 0;
    Situation situation = situation(motor, facts);
    Diagnosis.Verdict verdict = Engine.verdict(situation);
    while (verdict.state() != VerdictState.DECIDED) {
      Check check = order.next(situation, open, now);
      if (check == null) {
        break;
      }
      open.remove(check);
      taken.add(check);
      minutes += check.minutes() + now.minutesTo(check.state());
      now = check.state();
      facts.addAll(answers(motor, check, meter));
      situation = situation(motor, facts);
      verdict = Engine.verdict(situation);
    }
    return result(hidden, verdict, situation, taken, minutes);
  }

  /** What the bench answers to one check, as a meter shows it. */
  public static List<Fact> answers(SimulatedMotor motor, Check check, MeterModel meter) {
    List<Fact> facts = new ArrayList<>();
    for (FactType type : check.facts()) {
      FactValue truth = motor.truth(type);
      if (truth != null) {
        facts.add(new Fact(type, meter.read(type, truth)));
      }
    }
    return facts;
  }

  private static Situation situation(SimulatedMotor motor, List<Fact> facts) {
    HiddenFault hidden = motor.hidden();
    boolean star = !hidden.family().profile().isReplacedWhole();
    return new Situation(
        hidden.family(),
        hidden.symptom(),
        motor.plateVolts(),
        star ? Connection.STAR : Connection.UNKNOWN,
        Facts.of(facts),
        WindingFigures.BALANCE_LIMIT.value());
  }

  private static Result result(
      HiddenFault hidden,
      Diagnosis.Verdict verdict,
      Situation situation,
      List<Check> taken,
      double minutes) {
    boolean decided = verdict.state() == VerdictState.DECIDED;
    var truth = hidden.suspects();
    boolean right =
        decided
            ? truth.containsAll(verdict.suspects())
            : truth.contains(Engine.diagnose(situation).suspects().get(0).id());
    boolean wrong = decided && !truth.containsAll(verdict.suspects());
    return new Result(decided, right, wrong, taken.size(), minutes, List.copyOf(taken), verdict);
  }
}
