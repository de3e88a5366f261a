package variablerotor.core.diagnosis;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Observation;
import variablerotor.core.fact.Answer;
import variablerotor.core.fact.FactType;
import variablerotor.core.likelihood.Check;

/**
 * A defect that was found, leads the suspects, and costs minutes and no part to mend: then what is
 * to be done is settled before anything is proved. It is mended, and tried.
 *
 * @param found the defect
 * @param trial the check that tells whether it was all that was wrong, by id
 * @param how what to do, without its full stop
 */
record MendAndSee(Diagnosis.Found found, String trial, String how) {
  /** What is said of it. */
  static final String STANDING = "It costs minutes and no part: then say whether all is well.";

  /** By check, the answers that cost minutes and no part to mend. */
  private static final Map<String, Set<Answer>> CHEAP =
      Map.of(
          "connector.look", Set.of(Answer.LOOSE, Answer.PIN_PUSHED_BACK),
          "wheel.look", Set.of(Answer.RUBBING, Answer.JAMMED, Answer.LOOSE_ON_SHAFT),
          "wheel.dirt", Set.of(Answer.DIRTY),
          "air.look", Set.of(Answer.FILTER_BLOCKED, Answer.COIL_BLOCKED),
          "speed.setting", Set.of(Answer.WRONG),
          "rotation", Set.of(Answer.REVERSED),
          "thermostat.fan", Set.of(Answer.ON),
          "link.voltage_jumper", Set.of(Answer.WRONG));

  /** Null where there is none. */
  static @Nullable MendAndSee of(Evidence evidence) {
    Suspect leading = evidence.belief.leading();
    for (Diagnosis.Found found : evidence.found()) {
      String trial = trial(found.link());
      FactType tried = trial == null ? null : FactType.ofId(trial);
      boolean open = tried != null && !evidence.situation.facts().has(tried);
      if (trial != null && open && found.link() == leading && isCheap(evidence, found)) {
        return new MendAndSee(found, trial, how(found.link()));
      }
    }
    return null;
  }

  private static boolean isCheap(Evidence evidence, Diagnosis.Found found) {
    for (int c = 0; c < evidence.seen.length; c++) {
      Observation seen = evidence.seen[c];
      Check check = evidence.table.checks.get(c);
      boolean mine = seen != null && found.sentence().equals(seen.sentence());
      if (seen != null
          && mine
          && CHEAP.getOrDefault(check.id(), Set.of()).contains(seen.outcome())) {
        // A link for 115 V that was in on 230 V has burnt what it would be tried with.
        boolean burnt =
            evidence.situation.facts().choice(FactType.LINK_VOLTAGE_JUMPER) == Answer.IN;
        return !check.id().equals("link.voltage_jumper") || !burnt;
      }
    }
    return false;
  }

  /** The check that tries a mended link again; null for a link that has none. */
  static @Nullable String trial(Suspect link) {
    return switch (link) {
      case HARNESS -> FactType.RUN_RESEATED.id();
      case WHEEL -> FactType.RUN_WHEEL_MENDED.id();
      case SETTING, COMMAND -> FactType.RUN_SET_RIGHT.id();
      case AIR_PATH -> FactType.RUN_AIR_CLEARED.id();
      default -> null;
    };
  }

  private static String how(Suspect link) {
    return switch (link) {
      case HARNESS ->
          "Push the pins home and latch every plug, power off and capacitors waited out, then try it";
      case WHEEL ->
          "Power off and locked out, free the wheel, clean it, centre it, tighten its screw on the"
              + " flat, then try it";
      case SETTING -> "Set it right, power off, then try it";
      case COMMAND -> "Set the thermostat's fan switch to auto, wait two minutes, then try it";
      default -> "Power off, clear what holds the air back, the filter first, then try it";
    };
  }

  /** The facts that it rests on. */
  List<FactType> facts() {
    return found.facts().stream().map(FactType::ofId).filter(type -> type != null).toList();
  }
}
