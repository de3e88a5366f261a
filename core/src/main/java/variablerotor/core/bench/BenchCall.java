package variablerotor.core.bench;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Situation;
import variablerotor.core.check.UnitState;
import variablerotor.core.diagnosis.Action;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.diagnosis.Engine;
import variablerotor.core.diagnosis.Remedy;
import variablerotor.core.diagnosis.VerdictState;
import variablerotor.core.diagnosis.WarningId;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.FactValue;
import variablerotor.core.fact.Facts;
import variablerotor.core.fact.RepairPhase;
import variablerotor.core.likelihood.Check;
import variablerotor.core.likelihood.FamilyModel;
import variablerotor.core.winding.Connection;
import variablerotor.core.winding.WindingFigures;

/** One simulated call, from the complaint to the end, by one order of checks. */
public final class BenchCall {

  /**
   * How it went.
   *
   * @param decided whether a suspect was proved
   * @param right whether the suspect that leads at the end is to blame
   * @param wronglyProved whether one was proved that is not to blame
   * @param action what was settled to be done; null where nothing was
   * @param actionRight whether that is rightly done
   * @param wrongPart whether a dear part would be ordered that is not rightly replaced
   * @param checks how many checks were made
   * @param minutes with the changes of the unit's state, to the end [min]
   * @param settledMinutes until what is to be done was settled; null where it never was [min]
   * @param namedMinutes until the part had its name; null where it never had [min]
   * @param taken the checks, in order
   */
  public record Result(
      boolean decided,
      boolean right,
      boolean wronglyProved,
      @Nullable Action action,
      boolean actionRight,
      boolean wrongPart,
      int checks,
      double minutes,
      @Nullable Double settledMinutes,
      @Nullable Double namedMinutes,
      List<Check> taken,
      Diagnosis.Verdict verdict) {
    public Result {
      taken = List.copyOf(taken);
    }
  }

  /** After so many checks a call is given up: no order of checks is longer. */
  private static final int MOST_CHECKS = 120;

  /** As often a reading is taken again at the most. */
  private static final int MOST_AGAIN = 3;

  private final SimulatedMotor motor;
  private final CheckOrder order;
  private final MeterModel meter;
  private final boolean confirms;
  private final List<Check> open = new ArrayList<>();
  private final List<Fact> facts = new ArrayList<>();
  private final List<Check> taken = new ArrayList<>();
  private UnitState now = UnitState.POWER_ON;
  private double minutes;
  private @Nullable Double settledMinutes;
  private @Nullable Double namedMinutes;
  private boolean plateRead;
  private Diagnosis diagnosis;

  private BenchCall(SimulatedMotor motor, CheckOrder order, double wrongRate, double missingRate) {
    this.motor = motor;
    this.order = order;
    confirms = wrongRate > 0;
    plateRead = !motor.effects().plateUnread();
    HiddenFault hidden = motor.hidden();
    Random random = new Random(hidden.seed() ^ 0x5DEECE66DL);
    meter = new MeterModel(random, wrongRate);
    for (Check check : FamilyModel.of(hidden.family()).checks()) {
      if (check.isFor(hidden.symptom())) {
        open.add(check);
      }
    }
    // The same checks are out of reach whatever the order.
    open.removeIf(check -> random.nextDouble() < missingRate);
    if (motor.effects().plateTells()) {
      boolean alone = motor.effects().moduleAlone();
      for (FactType type :
          List.of(FactType.PLATE_MODULE_REMOVABLE, FactType.PLATE_MODULE_SOLD_ALONE)) {
        facts.add(new Fact(type, new FactValue.Flag(alone)));
      }
    }
    diagnosis = Engine.diagnose(situation());
  }

  /**
   * @param wrongRate share of readings that are simply wrong; where it is above 0, what a proof
   *     rests on is taken again before a dear part is chosen
   * @param missingRate share of checks that cannot be made
   */
  public static Result run(
      HiddenFault hidden, CheckOrder order, double wrongRate, double missingRate) {
    return run(new SimulatedMotor(hidden), order, wrongRate, missingRate);
  }

  static Result run(SimulatedMotor motor, CheckOrder order, double wrongRate, double missingRate) {
    BenchCall call = new BenchCall(motor, order, wrongRate, missingRate);
    call.work();
    return call.result();
  }

  private void work() {
    while (taken.size() < MOST_CHECKS) {
      boolean settled = diagnosis.verdict().remedy().stands();
      boolean decided = diagnosis.verdict().state() == VerdictState.DECIDED;
      if (confirms && (settled || decided) && takeAgain()) {
        continue;
      }
      settledMinutes = settled && settledMinutes == null ? (Double) minutes : settledMinutes;
      namedMinutes = decided && namedMinutes == null ? (Double) minutes : namedMinutes;
      if (decided && (settled || order != CheckOrder.ADVISED)) {
        break;
      }
      Check check = next();
      if (check == null) {
        break;
      }
      open.remove(check);
      make(check, false);
    }
  }

  /** Once more what was measured twice without agreeing, then by the order. */
  private @Nullable Check next() {
    for (FactType type : situation().facts().disputed()) {
      for (Check check : taken) {
        if (check.facts().contains(type) && again(check) < MOST_AGAIN) {
          make(check, true);
          return nextAfterAgain();
        }
      }
    }
    Check question = plate();
    return question == null ? order.next(diagnosis, open, now) : question;
  }

  private @Nullable Check nextAfterAgain() {
    boolean done =
        diagnosis.verdict().state() == VerdictState.DECIDED
            && diagnosis.verdict().remedy().stands();
    return done ? null : next();
  }

  /** Where only plate and counter can settle what to do, they are asked whatever the order. */
  private @Nullable Check plate() {
    boolean decided = diagnosis.verdict().state() == VerdictState.DECIDED;
    for (Diagnosis.NextTest test : diagnosis.beforeChoosing()) {
      boolean question = test.check().id().startsWith("plate.");
      if (decided && question && open.contains(test.check())) {
        return test.check();
      }
    }
    return null;
  }

  private long again(Check check) {
    return taken.stream().filter(one -> one == check).count();
  }

  /** Takes what the proof rests on once more; false where nothing is left to take again. */
  private boolean takeAgain() {
    for (Diagnosis.NextTest test : diagnosis.beforeChoosing()) {
      if (test.again() && again(test.check()) < MOST_AGAIN) {
        make(test.check(), true);
        return true;
      }
    }
    return false;
  }

  private void make(Check check, boolean again) {
    taken.add(check);
    boolean asked = check.id().startsWith("plate.");
    minutes += check.minutes() + (asked ? 0 : now.minutesTo(check.state()));
    now = asked ? now : check.state();
    for (Fact fact : answers(motor, check, meter)) {
      facts.add(new Fact(fact.type(), fact.value(), RepairPhase.BEFORE, again));
    }
    diagnosis = Engine.diagnose(situation());
    if (lookUp()) {
      diagnosis = Engine.diagnose(situation());
    }
  }

  /** What can be read on the unit is read as soon as it is asked: its plate, its own window. */
  private boolean lookUp() {
    double before = minutes;
    for (Diagnosis.Warning warning : diagnosis.warnings()) {
      boolean plate = warning.id() == WarningId.PLATE_FIRST && motor.effects().plateLegible();
      Double bus = situation().facts().number(FactType.BUS_VOLTS);
      boolean window =
          warning.id() == WarningId.WINDOW_EDGE
              && motor.effects().ownWindow()
              && bus != null
              && !situation().facts().has(FactType.WINDOW_BUS);
      if (plate && !plateRead) {
        plateRead = true;
        minutes += LOOK_UP;
      } else if (window) {
        facts.add(new Fact(FactType.WINDOW_BUS, new FactValue.Range(0.9 * BOOSTED, 1.1 * BOOSTED)));
        minutes += LOOK_UP;
      }
    }
    return minutes > before;
  }

  /** To read a plate or a sheet [min]. Judgement. */
  private static final double LOOK_UP = 1;

  /** Where a boosted bus stands [V DC]. */
  private static final double BOOSTED = 370;

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

  private Situation situation() {
    HiddenFault hidden = motor.hidden();
    boolean star = !hidden.family().profile().isReplacedWhole();
    return new Situation(
        hidden.family(),
        hidden.symptom(),
        plateRead ? motor.plateVolts() : null,
        star ? Connection.STAR : Connection.UNKNOWN,
        Facts.of(facts),
        WindingFigures.BALANCE_LIMIT.value());
  }

  private Result result() {
    HiddenFault hidden = motor.hidden();
    Diagnosis.Verdict verdict = diagnosis.verdict();
    boolean decided = verdict.state() == VerdictState.DECIDED;
    Set<Suspect> truth = new LinkedHashSet<>(hidden.suspects());
    boolean right =
        decided
            ? truth.containsAll(verdict.suspects())
            : truth.contains(diagnosis.suspects().get(0).id());
    boolean wrong = decided && !truth.containsAll(verdict.suspects());
    Remedy remedy = verdict.remedy();
    Action action = remedy.action();
    Set<Action> rightly = hidden.remedies(motor.effects().moduleAlone());
    boolean actionRight = action != null && rightly.contains(action);
    return new Result(
        decided,
        right,
        wrong,
        action,
        actionRight,
        action != null && action.isDear() && !actionRight,
        taken.size(),
        minutes,
        settledMinutes,
        namedMinutes,
        taken,
        verdict);
  }
}
