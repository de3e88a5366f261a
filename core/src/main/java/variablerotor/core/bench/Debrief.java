package variablerotor.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Situation;
import variablerotor.core.check.UnitState;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.diagnosis.Engine;
import variablerotor.core.diagnosis.VerdictState;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.FactValue;
import variablerotor.core.fact.Facts;
import variablerotor.core.fact.Repeat;
import variablerotor.core.likelihood.Check;
import variablerotor.core.likelihood.FamilyModel;

/**
 * What a practised call was like, looked back on: what was needless, what was missed, and what it
 * took beside the advised way with the same machine.
 *
 * @param truth what was wrong, in a sentence
 * @param outcome how the call ended
 * @param minutes that the checks made would have taken [min]
 * @param advisedMinutes that the advised way takes to the proof [min]
 * @param advisedChecks the advised way, by check id
 * @param steps the checks made, in order
 * @param missed checks that would still have told something, by id
 * @param secondLooks readings that were wrong, where taking them once more would have led right
 * @param extraMinutes what a second visit would have cost on top [min]; 0 where it was proved right
 */
public record Debrief(
    String truth,
    List<Suspect> suspects,
    Outcome outcome,
    double minutes,
    double advisedMinutes,
    List<String> advisedChecks,
    List<Step> steps,
    List<String> missed,
    List<String> secondLooks,
    double extraMinutes) {
  public Debrief {
    suspects = List.copyOf(suspects);
    advisedChecks = List.copyOf(advisedChecks);
    steps = List.copyOf(steps);
    missed = List.copyOf(missed);
    secondLooks = List.copyOf(secondLooks);
  }

  /** How a call can end. */
  public enum Outcome {
    /** The right suspect is proved. */
    PROVED,
    /** The right suspect leads, and is not proved. */
    LIKELY,
    /** Another suspect leads. */
    ASTRAY
  }

  /**
   * One check that was made.
   *
   * @param needless whether it told nothing that was not known
   * @param why in a sentence
   */
  public record Step(String check, double minutes, boolean needless, String why) {}

  /** A second visit, with the way and the wait at the counter [min]. Judgement. */
  private static final double SECOND_VISIT = 90;

  /** A check told something when a share of suspicion moved by this much. Judgement. */
  private static final double TOLD = 0.02;

  /**
   * @param situation the call as it stands at the end
   * @param facts the readings in force, in the order in which they were taken
   */
  public static Debrief of(SimulatedMotor motor, Situation situation, List<Fact> facts) {
    HiddenFault hidden = motor.hidden();
    List<Step> steps = new ArrayList<>();
    List<Fact> sofar = new ArrayList<>();
    Diagnosis before = Engine.diagnose(with(situation, sofar));
    UnitState now = UnitState.POWER_ON;
    double minutes = 0;
    for (Check check : inOrder(hidden, facts)) {
      for (Fact fact : facts) {
        if (check.facts().contains(fact.type())) {
          sofar.add(fact);
        }
      }
      Diagnosis after = Engine.diagnose(with(situation, sofar));
      double taken = check.minutes() + now.minutesTo(check.state());
      minutes += taken;
      now = check.state();
      steps.add(step(check, taken, before, after));
      before = after;
    }
    Diagnosis last = Engine.diagnose(situation);
    boolean decided = last.verdict().state() == VerdictState.DECIDED;
    boolean right = isRight(hidden, last);
    BenchCall.Result advised = BenchCall.run(motor, CheckOrder.ADVISED, 0, 0);
    List<String> missed = new ArrayList<>();
    for (Diagnosis.NextTest test : last.nextTests()) {
      if (!test.check().isSoft() && missed.size() < 4) {
        missed.add(test.check().id());
      }
    }
    return new Debrief(
        motor.truth(),
        hidden.suspects(),
        !right ? Outcome.ASTRAY : decided ? Outcome.PROVED : Outcome.LIKELY,
        minutes,
        advised.minutes(),
        advised.taken().stream().map(Check::id).toList(),
        steps,
        missed,
        right ? List.of() : secondLooks(motor, situation, facts, decided),
        right && decided ? 0 : SECOND_VISIT);
  }

  private static boolean isRight(HiddenFault hidden, Diagnosis diagnosis) {
    return diagnosis.verdict().state() == VerdictState.DECIDED
        ? hidden.suspects().containsAll(diagnosis.verdict().suspects())
        : hidden.suspects().contains(diagnosis.suspects().get(0).id());
  }

  /** The readings that were wrong, of which a single sound one would have led to what is broken. */
  private static List<String> secondLooks(
      SimulatedMotor motor, Situation situation, List<Fact> facts, boolean decided) {
    MeterModel sound = new MeterModel(new Random(motor.hidden().seed()), 0);
    List<String> looks = new ArrayList<>();
    for (int i = 0; i < facts.size(); i++) {
      Fact read = facts.get(i);
      FactValue truth = motor.truth(read.type());
      FactValue again = truth == null ? read.value() : sound.read(read.type(), truth);
      if (Repeat.agree(read.type(), read.value(), again)) {
        continue;
      }
      List<Fact> with = new ArrayList<>(facts);
      Fact corrected = new Fact(read.type(), again);
      with.set(i, corrected);
      if (isRight(motor.hidden(), Engine.diagnose(with(situation, with)))) {
        looks.add(
            read.type().title()
                + " was recorded as "
                + read.spoken()
                + ". Taken once more it would have read "
                + corrected.spoken()
                + (decided ? ", and saved a wrong part." : ", and led to what is broken."));
      }
    }
    return looks;
  }

  private static Situation with(Situation situation, List<Fact> facts) {
    return new Situation(
        situation.family(),
        situation.symptom(),
        situation.plateVolts(),
        situation.connection(),
        Facts.of(facts),
        situation.balanceLimitPercent());
  }

  /** The checks that the facts answer, each where its first fact was taken. */
  private static List<Check> inOrder(HiddenFault hidden, List<Fact> facts) {
    List<Check> order = new ArrayList<>();
    for (Fact fact : facts) {
      for (Check check : FamilyModel.of(hidden.family()).checks()) {
        if (check.facts().contains(fact.type()) && !order.contains(check)) {
          order.add(check);
        }
      }
    }
    return order;
  }

  private static Step step(Check check, double minutes, Diagnosis before, Diagnosis after) {
    if (before.verdict().state() == VerdictState.DECIDED) {
      return new Step(check.id(), minutes, true, "It was proved already.");
    }
    double moved = 0;
    int cleared = 0;
    for (Diagnosis.SuspectView now : after.suspects()) {
      for (Diagnosis.SuspectView then : before.suspects()) {
        if (then.id() == now.id()) {
          moved = Math.max(moved, Math.abs(now.probability() - then.probability()));
          cleared += now.state() != then.state() ? 1 : 0;
        }
      }
    }
    boolean needless = moved < TOLD && cleared == 0;
    String why =
        needless
            ? "It told nothing that was not known."
            : after.verdict().state() == VerdictState.DECIDED
                ? "It proved it."
                : cleared > 0 ? "It settled how a suspect stands." : "It moved suspicion.";
    return new Step(check.id(), minutes, needless, why);
  }
}
