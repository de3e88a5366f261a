package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.OpenSwitch;
import variablerotor.core.check.Symptom;
import variablerotor.core.check.UnitState;
import variablerotor.core.fact.Answer;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.Facts;
import variablerotor.core.likelihood.Check;

/**
 * What a good technician does next where that is plain, whatever is most telling a minute: common
 * practice. The checks that tell most follow in their own order.
 */
final class OrderOfWork {
  private static final Set<Answer> DRAGS = Set.of(Answer.STIFF, Answer.COGGING, Answer.LOCKED);
  private static final Set<Answer> IS_COMMANDED = Set.of(Answer.TRIES_AND_GIVES_UP, Answer.HUMS);

  /** Where the power comes in and where it is asked to run, at the fan itself. */
  private static final List<String> AT_THE_FAN =
      List.of("line.volts", "bus.volts", "command.volts", "link.volts", "aux.volts");

  private static final List<String> HANDS_ON =
      List.of("shaft.feel", "connector.look", "wheel.look");

  private final Evidence evidence;
  private final Facts facts;
  private final UnitState now;
  private final List<Diagnosis.NextTest> next;

  private OrderOfWork(Evidence evidence, UnitState now, List<Diagnosis.NextTest> next) {
    this.evidence = evidence;
    facts = evidence.situation.facts();
    this.now = now;
    this.next = next;
  }

  /**
   * @param next by what they tell a minute, best first
   * @return the same, with what is plainly first in front
   */
  static List<Diagnosis.NextTest> of(
      Evidence evidence, UnitState now, List<Diagnosis.NextTest> next) {
    if (next.isEmpty() || next.get(0).again()) {
      return next;
    }
    return new OrderOfWork(evidence, now, next).ordered();
  }

  private List<Diagnosis.NextTest> ordered() {
    for (String id : first()) {
      Diagnosis.NextTest test = test(id);
      if (test != null) {
        List<Diagnosis.NextTest> ordered = new ArrayList<>(next);
        ordered.remove(test);
        ordered.add(0, test);
        return ordered;
      }
    }
    return next;
  }

  private Diagnosis.@Nullable NextTest test(String id) {
    return next.stream().filter(one -> one.check().id().equals(id)).findFirst().orElse(null);
  }

  private boolean answered(String id) {
    for (int c = 0; c < evidence.seen.length; c++) {
      if (evidence.seen[c] != null && evidence.table.checks.get(c).id().equals(id)) {
        return true;
      }
    }
    return false;
  }

  /** What comes first, the first of those that are open; none where nothing is plain. */
  private List<String> first() {
    List<String> first = new ArrayList<>();
    MendAndSee mend = MendAndSee.of(evidence);
    if (mend != null) {
      first.add(mend.trial());
    }
    Symptom symptom = evidence.situation.symptom();
    if (now == UnitState.MODULE_OFF) {
      first.addAll(List.of("winding.pairs", "winding.frame", "shaft.feel.module_off"));
    }
    if (OpenSwitch.of(facts) != null) {
      first.add("contactor.volts");
      first.addAll(AT_THE_FAN);
    }
    if (symptom == Symptom.RUNS_ALWAYS) {
      first.add("run.control_unplugged");
    }
    if (symptom == Symptom.LOW_AIRFLOW) {
      first.addAll(List.of("air.look", "wheel.dirt", "rotation", "static.inwc"));
    }
    if (drags()) {
      first.add("wheel.look");
      first.addAll(List.of("shaft.feel.module_off", "winding.pairs"));
    }
    if (isCoded() && isOnlyCoded()) {
      first.addAll(orderOfCode());
    }
    if (isCommanded()) {
      first.addAll(List.of("shaft.feel", "wheel.look", "winding.pairs"));
    }
    if (now == UnitState.POWER_OFF_COVER_OFF || isFedAndAsked()) {
      first.addAll(tellingHandsOn());
    }
    return first;
  }

  /** Least that a look or a turn by hand must tell to be made while the power is off [bit]. */
  private static final double TELLS = 0.02;

  private List<String> tellingHandsOn() {
    return HANDS_ON.stream()
        .filter(
            id -> {
              Diagnosis.NextTest test = test(id);
              return test != null && test.gainBits() >= TELLS;
            })
        .toList();
  }

  private boolean drags() {
    for (FactType feel : List.of(FactType.SHAFT_FEEL, FactType.SHAFT_FEEL_WARM)) {
      Answer felt = facts.choice(feel);
      if (felt != null && DRAGS.contains(felt)) {
        return true;
      }
    }
    return false;
  }

  private boolean isCoded() {
    return facts.has(FactType.CODE)
        || facts.has(FactType.CODE_SUSPECTS)
        || facts.words(FactType.LOOK_LAMP).contains(Answer.FLASHES_A_CODE);
  }

  /** Whether nothing was looked at yet but what a code's own order asks. */
  private boolean isOnlyCoded() {
    List<String> order = orderOfCode();
    for (int c = 0; c < evidence.seen.length; c++) {
      Check check = evidence.table.checks.get(c);
      if (evidence.seen[c] != null && !check.isSoft() && !order.contains(check.id())) {
        return false;
      }
    }
    return true;
  }

  /** The plug first; then in the order in which the code's book names what it raises. */
  private List<String> orderOfCode() {
    Set<String> order = new LinkedHashSet<>();
    order.add("connector.look");
    for (String suspect : facts.names(FactType.CODE_SUSPECTS)) {
      order.addAll(
          switch (Suspect.valueOf(suspect)) {
            case SUPPLY -> List.of("line.volts", "bus.volts");
            case COMMAND -> List.of("command.volts", "link.volts", "call.present");
            case SETTING -> List.of("speed.setting", "speed.proof", "link.voltage_jumper");
            case WHEEL -> List.of("wheel.look");
            case AIR_PATH -> List.of("air.look");
            case DRIVE -> List.of("drive.fault", "drive.status");
            case MODULE, WINDING, BEARING -> List.of("shaft.feel");
            default -> List.of();
          });
    }
    return List.copyOf(order);
  }

  /** It tries: then it is asked, and fed. */
  private boolean isCommanded() {
    Answer heard = facts.choice(FactType.HEARD_ANSWER);
    return heard != null && IS_COMMANDED.contains(heard);
  }

  /** Supply and command were read at the fan, whatever they are. */
  private boolean isFedAndAsked() {
    boolean fed = answered("line.volts") || answered("bus.volts");
    return fed && answered("command.volts") && isGood("command.volts");
  }

  private boolean isGood(String id) {
    for (int c = 0; c < evidence.seen.length; c++) {
      Check check = evidence.table.checks.get(c);
      if (check.id().equals(id) && evidence.answers[c] >= 0) {
        return check.outcomes().get(evidence.answers[c]).good();
      }
    }
    return false;
  }
}
