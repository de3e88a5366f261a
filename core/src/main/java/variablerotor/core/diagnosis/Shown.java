package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Observation;
import variablerotor.core.fact.Answer;
import variablerotor.core.fact.FactType;
import variablerotor.core.likelihood.Check;

/**
 * Parts that show by themselves that they are broken, to the eye or the ear: a burnt module, a
 * bulged capacitor, a bearing that grinds, a link that is wrong. They prove nothing of why the fan
 * fails, and are named beside what is proved.
 */
final class Shown {
  private Shown() {}

  /** The suspects shown, without these. */
  static List<Suspect> besides(Evidence evidence, List<Suspect> proved) {
    List<Suspect> shown = new ArrayList<>();
    if (hasBurntModule(evidence)) {
      shown.add(Suspect.MODULE);
    }
    if (grinds(evidence)) {
      shown.add(Suspect.BEARING);
    }
    for (int c = 0; c < evidence.seen.length; c++) {
      Observation seen = evidence.seen[c];
      Check check = evidence.table.checks.get(c);
      if (seen != null && check.facts().contains(FactType.LINK_VOLTAGE_JUMPER)) {
        if (!check.outcome(seen.outcome()).good()) {
          shown.add(Suspect.SETTING);
        }
      }
    }
    shown.removeAll(proved);
    return shown;
  }

  /** Whether the module shows that it blew. */
  static boolean hasBurntModule(Evidence evidence) {
    List<Answer> words = evidence.situation.facts().words(FactType.MODULE_LOOK);
    boolean usesIt = evidence.table.named.contains(Suspect.MODULE);
    return usesIt && (words.contains(Answer.BURNT) || words.contains(Answer.BULGED_CAPACITOR));
  }

  /** Whether a bearing is heard. */
  static boolean grinds(Evidence evidence) {
    return evidence.situation.facts().choice(FactType.SHAFT_SOUND) == Answer.GRINDS;
  }

  /** What they show, each in a sentence; empty where there are none. */
  static String sentence(Evidence evidence, List<Suspect> shown) {
    StringBuilder text = new StringBuilder();
    for (Suspect suspect : shown) {
      text.append(
          switch (suspect) {
            case MODULE -> " The module shows that it blew.";
            case BEARING -> " A bearing grinds.";
            default -> " The voltage link is wrong for this line.";
          });
    }
    return text.toString();
  }
}
