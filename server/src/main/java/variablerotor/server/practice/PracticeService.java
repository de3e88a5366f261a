package variablerotor.server.practice;

import java.security.SecureRandom;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.bench.BenchCall;
import variablerotor.core.bench.Debrief;
import variablerotor.core.bench.HiddenFault;
import variablerotor.core.bench.MeterModel;
import variablerotor.core.bench.RealCall;
import variablerotor.core.bench.SimulatedMeter;
import variablerotor.core.bench.SimulatedMotor;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.check.Symptom;
import variablerotor.core.diagnosis.VerdictState;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.FactType;
import variablerotor.core.family.Family;
import variablerotor.core.family.Fault;
import variablerotor.core.job.Job;
import variablerotor.core.job.Particulars;
import variablerotor.core.likelihood.Check;
import variablerotor.core.likelihood.FamilyModel;
import variablerotor.core.motor.MotorPlate;
import variablerotor.server.call.CallService;
import variablerotor.server.log.Stamp;
import variablerotor.server.outcome.OutcomeService;
import variablerotor.server.web.Refused;

/** Calls on simulated motors, and the simulated meter that can be put to them. */
@Service
class PracticeService {
  private final MachineStore machines;
  private final CallService calls;
  private final OutcomeService outcomes;
  private final Random random = new SecureRandom();

  PracticeService(MachineStore machines, CallService calls, OutcomeService outcomes) {
    this.machines = machines;
    this.calls = calls;
    this.outcomes = outcomes;
  }

  /**
   * What is asked for: a fault of one's own choice, or one that is drawn.
   *
   * @param volts rated volts that its plate should have, or null for any
   * @param onACall whether it is to be met as on a call; null for no
   * @param ofOurs whether it is to be one of the shop's own ended calls; null for no
   */
  record Wanted(
      Family family,
      Symptom symptom,
      @Nullable Fault fault,
      @Nullable Double severity,
      @Nullable String volts,
      @Nullable Boolean onACall,
      @Nullable Boolean ofOurs) {
    boolean asOnACall() {
      return Boolean.TRUE.equals(onACall) && !isOfOurs();
    }

    boolean isOfOurs() {
      return Boolean.TRUE.equals(ofOurs);
    }
  }

  /** What can be seen, felt or tried, as the machine answers it. */
  record BenchAnswer(String fact, Object value) {}

  /** A fault that can be picked. */
  record FaultChoice(Fault id, String title) {}

  /** A debrief with what the time is worth. */
  record DebriefView(Debrief debrief, double cost, double advisedCost, String currency) {}

  List<FaultChoice> choices(Family family, Symptom symptom) {
    covered(family, symptom);
    return HiddenFault.choices(family, symptom).stream()
        .map(fault -> new FaultChoice(fault, fault.spoken()))
        .sorted(Comparator.comparing(FaultChoice::title))
        .toList();
  }

  private static void covered(Family family, Symptom symptom) {
    List<InputFault> faults = new ArrayList<>();
    if (family == null || !FamilyModel.covers(family)) {
      faults.add(new InputFault("family", "allowed is a family of variable-speed motors"));
    }
    if (symptom == null) {
      faults.add(new InputFault("symptom", "found nothing; required is a complaint"));
    }
    if (!faults.isEmpty()) {
      throw Refused.fields(faults);
    }
  }

  private HiddenFault hide(Wanted wanted) {
    covered(wanted.family(), wanted.symptom());
    Random draw = new Random(random.nextLong());
    HiddenFault drawn = HiddenFault.draw(wanted.family(), wanted.symptom(), draw, true);
    if (wanted.fault() == null) {
      return wanted.asOnACall() ? drawn.orUnlisted(draw) : drawn;
    }
    if (!HiddenFault.choices(wanted.family(), wanted.symptom()).contains(wanted.fault())) {
      throw Refused.field("fault", "this fault does not make that complaint in this family");
    }
    double severity = wanted.severity() == null ? 0.5 : wanted.severity();
    if (!(severity >= 0 && severity <= 1)) {
      throw Refused.field("severity", "allowed is a number from 0 to 1");
    }
    return new HiddenFault(
        wanted.family(), wanted.symptom(), List.of(wanted.fault()), severity, drawn.seed());
  }

  /** Puts a meter to a simulated motor. The same id again is the same motor. */
  @Transactional
  UUID connect(UUID id, Wanted wanted, Stamp stamp) {
    // Its readings belong to no practised call, so none can be a second one.
    machines.add(id, new MachineStore.Machine(wired(hide(wanted), wanted.volts()), false), stamp);
    return id;
  }

  /** A call with less than this read tells a machine little. Judgement. */
  private static final int LEAST_READ = 3;

  /** One of the shop's own ended calls of this kind, whichever. */
  private MachineStore.Machine ofOurs(Wanted wanted) {
    covered(wanted.family(), wanted.symptom());
    List<MachineStore.Machine> machines = new ArrayList<>();
    for (RealCall one : outcomes.real(wanted.family(), wanted.symptom())) {
      SimulatedMotor motor =
          one.readings().size() < LEAST_READ ? null : one.machine(random.nextLong());
      if (motor != null) {
        machines.add(new MachineStore.Machine(motor.hidden(), false, one));
      }
    }
    if (machines.isEmpty()) {
      throw Refused.field(
          "ofOurs",
          "No ended call of this kind can be practised on: it takes what it was, said at Hand over,"
              + " and at least "
              + LEAST_READ
              + " readings.");
    }
    return machines.get(random.nextInt(machines.size()));
  }

  /** The same fault in a machine for this line voltage, where there is one. */
  private HiddenFault wired(HiddenFault hidden, @Nullable String volts) {
    HiddenFault made = hidden;
    for (int i = 0; i < 40; i++) {
      if (volts == null || suits(new SimulatedMotor(made).plateVolts(), volts)) {
        return made;
      }
      made =
          new HiddenFault(
              hidden.family(),
              hidden.symptom(),
              hidden.faults(),
              hidden.severity(),
              random.nextLong(),
              hidden.oddity());
    }
    return hidden;
  }

  /** Whether a machine so rated is what the plate says, or one of the two that it says. */
  private static boolean suits(@Nullable String rated, String plate) {
    return Arrays.stream(plate.split("/")).map(String::trim).anyMatch(one -> one.equals(rated));
  }

  /** Opens a call on a simulated motor; the motor has the call's id. */
  @Transactional
  Job begin(UUID id, Wanted wanted, Stamp stamp) {
    MachineStore.Machine machine =
        wanted.isOfOurs()
            ? ofOurs(wanted)
            : new MachineStore.Machine(hide(wanted), wanted.asOnACall());
    if (!machines.add(id, machine, stamp)) {
      return calls.job(id);
    }
    HiddenFault hidden = machine.hidden();
    SimulatedMotor motor = motor(machine);
    Particulars told =
        Particulars.of(
                "Practice: " + hidden.family().title(),
                hidden.symptom(),
                MotorPlate.of(hidden.family(), motor.plateVolts()))
            .complaint(hidden.symptom().title() + ".")
            .build();
    return calls.openPractice(id, told, stamp);
  }

  private MachineStore.Machine machine(UUID id) {
    return machines.machine(id).orElseThrow(() -> Refused.missing("simulated motor"));
  }

  private static SimulatedMotor motor(MachineStore.Machine machine) {
    if (machine.real() != null) {
      return SimulatedMotor.of(machine.real(), machine.hidden());
    }
    return machine.onACall()
        ? SimulatedMotor.onACall(machine.hidden())
        : new SimulatedMotor(machine.hidden());
  }

  /** A meter with its tips on these terminals; on a call a reading slips now and then. */
  @Transactional(readOnly = true)
  SimulatedMeter meter(UUID id, FactType terminals) {
    MachineStore.Machine machine = machine(id);
    if (!machine.onACall()) {
      return new SimulatedMeter(motor(machine));
    }
    long taken =
        calls.job(id).log().readings().stream()
            .filter(one -> one.fact().type() == terminals)
            .count();
    return new SimulatedMeter(motor(machine), SimulatedMeter.SLIPS, (int) taken);
  }

  /** What is seen, felt or tried for a check; what takes a meter is left out. */
  @Transactional(readOnly = true)
  List<BenchAnswer> answers(UUID id, String check) {
    SimulatedMotor motor = motor(machine(id));
    Check asked =
        FamilyModel.of(motor.hidden().family()).checks().stream()
            .filter(one -> one.id().equals(check))
            .findFirst()
            .orElseThrow(() -> Refused.missing("check of this family"));
    List<BenchAnswer> answers = new ArrayList<>();
    MeterModel eyes = new MeterModel(new Random(motor.hidden().seed()), 0);
    for (Fact fact : BenchCall.answers(motor, asked, eyes)) {
      if (!SimulatedMeter.measures(fact.type())) {
        answers.add(new BenchAnswer(fact.type().id(), fact.value().plain()));
      }
    }
    return answers;
  }

  /**
   * Looks back on a practised call, and tells what was hidden.
   *
   * @throws Refused where somebody else is still at it: it would tell what they are to find
   */
  @Transactional(readOnly = true)
  DebriefView debrief(UUID call, UUID who) {
    MachineStore.Machine machine =
        machines.machine(call).orElseThrow(() -> Refused.missing("practised call"));
    Job job = calls.job(call);
    if (!machines.isOf(call, who) && !isFinished(job)) {
      throw Refused.forbidden("Somebody else practises here, and has not decided yet.");
    }
    Debrief debrief = Debrief.of(motor(machine), job.situation(), job.facts());
    double rate = job.settings().labourPerHour() / 60;
    return new DebriefView(
        debrief,
        rate * (debrief.minutes() + debrief.extraMinutes()),
        rate * debrief.advisedMinutes(),
        job.settings().currency());
  }

  private static boolean isFinished(Job job) {
    return job.diagnosis().verdict().state() == VerdictState.DECIDED
        || job.diagnosis().verdict().remedy().stands();
  }

  /** Null where this motor has no such terminals. */
  static FactType terminals(String fact) {
    FactType type = FactType.ofId(fact);
    if (type == null || !SimulatedMeter.measures(type)) {
      throw Refused.field("fact", "allowed is a reading that a meter takes, such as line.volts");
    }
    return type;
  }
}
