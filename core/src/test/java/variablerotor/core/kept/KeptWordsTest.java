package variablerotor.core.kept;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import variablerotor.core.bench.Oddity;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.code.SignalKind;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.RepairPhase;
import variablerotor.core.fact.Taken;
import variablerotor.core.family.Family;
import variablerotor.core.family.Fault;
import variablerotor.core.job.PhotoKind;
import variablerotor.core.route.Habit;
import variablerotor.core.route.ReasonId;
import variablerotor.core.route.Route;
import variablerotor.core.stock.PartKind;
import variablerotor.core.stock.Place;
import variablerotor.core.wiring.PartType;

/**
 * Words that shops have in what they keep. One that goes, or is renamed, needs a step of {@link
 * Wording}; one that is new is added to {@code kept/words.txt}, so that it is missed when it goes.
 */
class KeptWordsTest {
  private static List<String> words() {
    List<String> words = new ArrayList<>();
    for (FactType fact : FactType.values()) {
      words.add("fact " + fact.id());
      fact.choices().forEach(choice -> words.add("fact " + fact.id() + " " + choice));
    }
    List<Enum<?>[]> kinds =
        List.of(
            Family.values(),
            Symptom.values(),
            Suspect.values(),
            Route.values(),
            Habit.values(),
            ReasonId.values(),
            PartKind.values(),
            PartType.values(),
            Place.values(),
            PhotoKind.values(),
            SignalKind.values(),
            RepairPhase.values(),
            Taken.When.values(),
            Fault.values(),
            Oddity.values());
    for (Enum<?>[] kind : kinds) {
      Arrays.stream(kind)
          .forEach(one -> words.add(one.getDeclaringClass().getSimpleName() + " " + one.name()));
    }
    return words;
  }

  @Test
  void noWordThatIsKeptHasGone() throws IOException {
    String kept;
    try (var stream = KeptWordsTest.class.getResourceAsStream("/kept/words.txt")) {
      kept = new String(stream.readAllBytes(), StandardCharsets.UTF_8);
    }
    List<String> before = kept.lines().filter(line -> !line.isBlank()).toList();
    TreeSet<String> gone = new TreeSet<>(before);
    List<String> now = words();
    gone.removeAll(now);
    assertTrue(gone.isEmpty(), "kept by shops, and known no more: " + gone);
    TreeSet<String> fresh = new TreeSet<>(now);
    before.forEach(fresh::remove);
    assertEquals(List.of(), List.copyOf(fresh), "new words: add them to kept/words.txt");
  }
}
