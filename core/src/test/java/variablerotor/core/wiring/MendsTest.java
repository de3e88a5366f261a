package variablerotor.core.wiring;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import variablerotor.core.wiring.PlanRequest.CallId;
import variablerotor.core.wiring.PlanRequest.Pattern;
import variablerotor.core.wiring.Wiring.Wire;
import variablerotor.sampling.Sampled;

/**
 * Mends, judged by paths through the wires that are followed here, and not by the rules that chose
 * them: what was switched stays switched, what was protected stays protected, and the forgotten
 * wire is the one that is named.
 */
class MendsTest {
  private static Wiring mended(Wiring wrong, Mend mend) {
    Wiring less = mend.off() == null ? wrong : wrong.without(mend.off());
    return mend.on() == null ? less : less.with(mend.on());
  }

  private static Mend mend(Wiring wrong) {
    Mend mend = Mend.of(wrong, Result.of(wrong));
    assertNotNull(mend);
    return mend;
  }

  /** Which terminals are one conductor, told by their lowest names. */
  private static Set<Set<String>> conductors(Wiring wiring) {
    List<Set<String>> sets = new ArrayList<>();
    for (Wire wire : wiring.wires()) {
      Set<String> joined = new HashSet<>(wire.ends());
      List<Set<String>> met =
          sets.stream().filter(one -> wire.ends().stream().anyMatch(one::contains)).toList();
      met.forEach(joined::addAll);
      sets.removeAll(met);
      sets.add(joined);
    }
    return new HashSet<>(sets);
  }

  /** Each wire of each pattern left out: that very wire is asked for, however it is put. */
  @ParameterizedTest
  @EnumSource(Pattern.class)
  void aForgottenWireIsTheOneThatIsNamed(Pattern pattern) {
    Wiring right = Planner.of(Wirings.request(pattern, CallId.COOL)).wiring();
    int named = 0;
    for (Wire wire : right.wires()) {
      Wiring wrong = right.without(wire);
      if (!Result.of(wrong).ok()) {
        Mend mend = mend(wrong);
        assertEquals(conductors(right), conductors(mended(wrong, mend)), wire + ": " + mend);
        named++;
      }
    }
    assertTrue(named > right.wires().size() / 2, "named " + named);
  }

  /** Ends that a walk along wires and closed contacts reaches, kinds of contacts left open. */
  private static Set<String> reached(Wiring wiring, Set<String> from, Set<PartType> open) {
    Set<String> reached = new HashSet<>(from);
    boolean more = true;
    while (more) {
      more = false;
      for (Wire wire : wiring.wires()) {
        more |= both(reached, wire.from().toString(), wire.to().toString());
      }
      for (Part part : wiring.parts()) {
        for (String[] contact : open.contains(part.type()) ? List.<String[]>of() : inside(part)) {
          more |= both(reached, part.id() + "." + contact[0], part.id() + "." + contact[1]);
        }
      }
    }
    return reached;
  }

  private static boolean both(Set<String> reached, String one, String other) {
    return reached.contains(one) ? reached.add(other) : reached.contains(other) && reached.add(one);
  }

  private static List<String[]> inside(Part part) {
    String[] names =
        switch (part.type()) {
          case RELAY -> new String[] {"COM1 NO1", "COM1 NC1", "COM2 NO2", "COM2 NC2"};
          case CONTACTOR -> new String[] {"L1 T1", "L2 T2", "L3 T3"};
          case OVERLOAD -> new String[] {"1 2", "3 4", "5 6", "95 96"};
          case CONTACT -> new String[] {"1 2"};
          case OUTPUT -> new String[] {"R O"};
          case MOTOR_PSC -> new String[] {"COM CAP2"};
          case ADAPTER -> new String[] {"L2 COM"};
          default -> new String[0];
        };
    List<String[]> pairs = new ArrayList<>();
    for (String name : names) {
      pairs.add(name.split(" "));
    }
    return pairs;
  }

  private static Set<String> hot(Wiring wiring) {
    return wiring.parts().stream()
        .flatMap(part -> part.type().poles().stream().map(pole -> part.id() + "." + pole))
        .collect(Collectors.toSet());
  }

  private static final Map<PartType, List<String>> LEADS =
      Map.of(
          PartType.MOTOR_PSC, List.of("COM", "HIGH", "LOW"),
          PartType.MOTOR_3PH, List.of("U", "V", "W"));

  /** Wires put anywhere else, a hundred a pattern. */
  @ParameterizedTest
  @Sampled(2)
  @EnumSource(Pattern.class)
  void noMendMakesTheUnitDangerous(Pattern pattern) {
    Wiring right = Planner.of(Wirings.request(pattern, CallId.COOL)).wiring();
    Random random = new Random(pattern.ordinal());
    List<Terminal> ends =
        right.wires().stream().flatMap(one -> List.of(one.from(), one.to()).stream()).toList();
    int said = 0;
    int asItWas = 0;
    for (int at = 0; at < 100; at++) {
      Wire was = right.wires().get(random.nextInt(right.wires().size()));
      Terminal stays = random.nextBoolean() ? was.from() : was.to();
      Terminal now = ends.get(random.nextInt(ends.size()));
      Wire is = new Wire(stays, now);
      if (was.touches(now) || stays.equals(now) || right.wires().stream().anyMatch(is::isLike)) {
        continue;
      }
      Wiring wrong = right.without(was).with(is);
      Result before = Result.of(wrong);
      if (before.ok()) {
        continue;
      }
      Mend mend = mend(wrong);
      if (mend.at().isEmpty()) {
        Wiring after = mended(wrong, mend);
        assertTrue(Result.of(after).ok(), is + ": " + mend);
        keeps(wrong, after, is + " for " + was + ": " + mend.sentence());
        said++;
        asItWas += conductors(right).equals(conductors(after)) ? 1 : 0;
      }
    }
    assertTrue(said > 50, "said " + said);
    assertTrue(asItWas >= 0.9 * said, "as it was " + asItWas + " of " + said);
  }

  private static void keeps(Wiring wrong, Wiring after, String what) {
    Set<String> closedBefore = reached(wrong, hot(wrong), Set.of());
    for (PartType kind : List.of(PartType.CONTACTOR, PartType.OVERLOAD, PartType.RELAY)) {
      Set<String> openBefore = reached(wrong, hot(wrong), Set.of(kind));
      Set<String> openAfter = reached(after, hot(after), Set.of(kind));
      for (Part motor : after.parts()) {
        for (String lead : LEADS.getOrDefault(motor.type(), List.of())) {
          String end = motor.id() + "." + lead;
          boolean switched = closedBefore.contains(end) && !openBefore.contains(end);
          assertTrue(!switched || !openAfter.contains(end), end + " past " + kind + ", " + what);
        }
      }
    }
    for (Part part : after.parts()) {
      if (part.type() == PartType.TRANSFORMER) {
        Set<String> fed = reached(after, hot(after), Set.of());
        assertTrue(fed.contains(part.id() + ".H1") && fed.contains(part.id() + ".H2"), what);
      }
    }
  }

  /** Told by hand: a bypass, a fan relay and a contactor with one mistake each. */
  @ParameterizedTest
  @CsvSource({
    "D, -CT.T1-OL.1, Make a wire from CT.T1 to OL.1.",
    "D, -SRC.L2-CT.L2 +SRC.L1-CT.L2, 'Move the wire from CT.L2: off SRC.L1, on to SRC.L2.'",
    "D, -OL.96-CT.A, Make a wire from CT.A to OL.96.",
    "E, -SRC.L1-K1.COM1, Make a wire from K1.COM1 to SRC.L1.",
    "E, -SRC.L1-TR.H1, Make a wire from SRC.L1 to TR.H1."
  })
  void whatAPersonWouldDo(Pattern pattern, String changes, String sentence) {
    Wiring right = Planner.of(Wirings.request(pattern, CallId.COOL)).wiring();
    Wiring wrong = Wirings.changed(right, changes.split(" "));
    assertEquals(sentence, mend(wrong).sentence());
  }

  /** Both load sides on the common: either may have been meant for the speed. */
  @Test
  void twoThatWouldDoAreBothSaid() {
    Wiring right = Planner.of(Wirings.request(Pattern.C, CallId.COOL)).wiring();
    Mend mend = mend(Wirings.changed(right, "-CT.T1-M.HIGH", "+CT.T1-M.COM"));
    assertEquals(null, mend.on());
    assertTrue(mend.sentence().contains("Move the wire from CT.T1: off M.COM"), mend.sentence());
    assertTrue(mend.sentence().contains("Move the wire from CT.T2: off M.COM"), mend.sentence());
  }

  /** A motor fed from nowhere, and two mistakes at once: the place, and no wire. */
  @Test
  void whereNoneIsSureThePlaceIsSaid() {
    Wiring right = Planner.of(Wirings.request(Pattern.C, CallId.COOL)).wiring();
    Mend mend = mend(Wirings.changed(right, "-CT.T1-M.HIGH", "-M.CAP1-CAP.1"));
    assertEquals(List.of("M.HIGH"), mend.at().stream().map(Terminal::toString).toList());
    assertTrue(mend.sentence().startsWith("No one wire mends it surely."), mend.sentence());
  }
}
