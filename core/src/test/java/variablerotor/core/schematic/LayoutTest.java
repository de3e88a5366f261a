package variablerotor.core.schematic;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import variablerotor.core.schematic.Sheet.Area;
import variablerotor.core.schematic.Sheet.Piece;
import variablerotor.core.wiring.AsWired;
import variablerotor.core.wiring.Conductors;
import variablerotor.core.wiring.LargeWiring;
import variablerotor.core.wiring.PlanRequest.CallId;
import variablerotor.core.wiring.PlanRequest.Pattern;
import variablerotor.core.wiring.Planner;
import variablerotor.core.wiring.RandomWirings;
import variablerotor.core.wiring.Result;
import variablerotor.core.wiring.Run;
import variablerotor.core.wiring.Terminal;
import variablerotor.core.wiring.Wiring;
import variablerotor.core.wiring.Wirings;
import variablerotor.sampling.Sampled;

/** Drawings are judged as a reader would: by what lies on what. */
class LayoutTest {
  /** Crossings in the connection drawing of a pattern, at most: as many as a look bears. */
  private static final int MOST_IN_A_PATTERN = 34;

  static Wiring planned(Pattern pattern) {
    return switch (pattern) {
      case A, A1 ->
          pattern == Pattern.A
              ? Wirings.staged()
              : Planner.of(Wirings.request(pattern, CallId.COOL, CallId.HEAT_PUMP)).wiring();
      case B, E ->
          Planner.of(Wirings.request(pattern, CallId.COOL, CallId.GAS_HEAT, CallId.FAN)).wiring();
      case C -> Planner.of(Wirings.request(pattern, CallId.COOL)).wiring();
      case D -> Planner.of(Wirings.request(pattern, CallId.FAN)).wiring();
    };
  }

  static Stream<Wiring> all() {
    List<Wiring> all = new ArrayList<>();
    for (Pattern pattern : Pattern.values()) {
      all.add(planned(pattern));
    }
    for (long seed = 1; seed <= 60; seed++) {
      all.add(RandomWirings.of(seed));
    }
    all.add(LargeWiring.of(60, 2));
    all.add(LargeWiring.of(200, 2));
    all.add(Wirings.shorted());
    return all.stream();
  }

  @ParameterizedTest
  @Sampled(2)
  @MethodSource("all")
  void nothingLiesOnAnythingElse(Wiring wiring) {
    Result result = Result.of(wiring);
    Run run = result.calls().get(0);
    Lit lit = Lit.at(wiring, wiring.calls().get(0), run.moments().get(0));
    for (Sheet sheet :
        List.of(
            Ladder.of(wiring, Lit.dark(wiring)),
            Ladder.of(wiring, Lit.dark(wiring), tagged(wiring)),
            Connections.of(wiring, Lit.dark(wiring)),
            Connections.of(wiring, Lit.dark(wiring).marking(everywhere(wiring)), tagged(wiring)),
            Ladder.of(wiring, lit))) {
      assertEquals(List.of(), through(sheet.wires(), sheet.parts()), "wires through parts");
      assertEquals(List.of(), through(sheet.wires(), sheet.words()), "wires through words");
      assertEquals(List.of(), overlaps(sheet.words(), sheet.words()), "words on words");
      assertEquals(List.of(), overlaps(sheet.parts(), sheet.parts()), "parts on parts");
      assertEquals(List.of(), alongside(sheet.wires()), "conductors on each other");
      for (Area area : sheet.words()) {
        assertTrue(
            area.left() >= 0
                && area.right() <= sheet.drawing().width()
                && area.bottom() <= sheet.drawing().height(),
            area + " is cut off");
      }
    }
  }

  private static Set<Terminal> everywhere(Wiring wiring) {
    Set<Terminal> all = new HashSet<>();
    wiring.parts().forEach(part -> all.addAll(wiring.terminals(part)));
    return all;
  }

  private static WireTags tagged(Wiring wiring) {
    return WireTags.of(
        null,
        wiring.wires().stream()
            .map(one -> new AsWired.Mark(one.from(), one.to(), "yellow", "the long old one"))
            .toList());
  }

  private static List<String> through(List<Piece> wires, List<Area> areas) {
    List<String> bad = new ArrayList<>();
    for (Piece wire : wires) {
      for (Area area : areas) {
        if (Math.max(wire.fromX(), wire.toX()) > area.left() + 0.5
            && Math.min(wire.fromX(), wire.toX()) < area.right() - 0.5
            && Math.max(wire.fromY(), wire.toY()) > area.top() + 0.5
            && Math.min(wire.fromY(), wire.toY()) < area.bottom() - 0.5) {
          bad.add(wire + " " + area);
        }
      }
    }
    return bad;
  }

  private static List<String> overlaps(List<Area> ones, List<Area> others) {
    List<String> bad = new ArrayList<>();
    for (Area one : ones) {
      for (Area other : others) {
        if (one != other
            && one.left() < other.right()
            && other.left() < one.right()
            && one.top() < other.bottom()
            && other.top() < one.bottom()) {
          bad.add(one + " " + other);
        }
      }
    }
    return bad;
  }

  /** Two conductors on one line would read as one. */
  private static List<String> alongside(List<Piece> wires) {
    List<String> bad = new ArrayList<>();
    for (Piece one : wires) {
      for (Piece other : wires) {
        boolean level = one.fromY() == one.toY() && other.fromY() == other.toY();
        boolean upright = one.fromX() == one.toX() && other.fromX() == other.toX();
        boolean onOneLine =
            (level
                    && one.fromY() == other.fromY()
                    && meet(one.fromX(), one.toX(), other.fromX(), other.toX()))
                || (upright
                    && one.fromX() == other.fromX()
                    && meet(one.fromY(), one.toY(), other.fromY(), other.toY()));
        if (one.conductor() != other.conductor() && onOneLine) {
          bad.add(one + " " + other);
        }
      }
    }
    return bad;
  }

  private static boolean meet(double from, double to, double otherFrom, double otherTo) {
    return Math.min(from, to) <= Math.max(otherFrom, otherTo)
        && Math.min(otherFrom, otherTo) <= Math.max(from, to);
  }

  @ParameterizedTest
  @EnumSource(Pattern.class)
  void aPatternCrossesLittle(Pattern pattern) {
    Wiring wiring = planned(pattern);
    assertEquals(0, Ladder.of(wiring, Lit.dark(wiring)).crossings(), "ladder");
    int crossings = Connections.of(wiring, Lit.dark(wiring)).crossings();
    System.out.println("crossings " + pattern + " " + crossings);
    assertTrue(crossings <= MOST_IN_A_PATTERN, "connections: " + crossings);
  }

  @Test
  void randomNetsCrossLittle() {
    int ladder = 0;
    int branches = 0;
    for (long seed = 1; seed <= 60; seed++) {
      Wiring wiring = RandomWirings.of(seed);
      ladder += Ladder.of(wiring, Lit.dark(wiring)).crossings();
      branches += Branches.of(wiring, Conductors.of(wiring)).size();
    }
    System.out.println(
        "ladders of random nets: " + ladder + " crossings, " + branches + " branches");
    assertTrue(10 * ladder <= branches, ladder + " crossings at " + branches + " branches");
  }

  /** Every wire's conductor is there, with a level piece for each terminal that it joins. */
  @ParameterizedTest
  @MethodSource("all")
  void everyWireIsThere(Wiring wiring) {
    Sheet sheet = Connections.of(wiring, Lit.dark(wiring));
    Conductors conductors = Conductors.of(wiring);
    for (Wiring.Wire wire : wiring.wires()) {
      assertTrue(
          sheet.wires().stream().anyMatch(one -> one.conductor() == conductors.of(wire.from())),
          wire.toString());
    }
    Map<Integer, Set<Terminal>> joined = new HashMap<>();
    for (Wiring.Wire wire : wiring.wires()) {
      Set<Terminal> ends =
          joined.computeIfAbsent(conductors.of(wire.from()), any -> new HashSet<>());
      ends.addAll(List.of(wire.from(), wire.to()));
    }
    joined.forEach(
        (conductor, ends) ->
            assertEquals(
                ends.size(),
                sheet.wires().stream()
                    .filter(one -> one.conductor() == conductor && one.fromY() == one.toY())
                    .count(),
                ends.toString()));
  }

  @Test
  void whatIsFedIsLit() {
    Wiring wiring = Wirings.staged();
    Result result = Result.of(wiring);
    Map<Symbol, Integer> lit = new EnumMap<>(Symbol.class);
    Wiring.Call call =
        wiring.calls().stream().filter(one -> one.name().equals("COOL")).findFirst().orElseThrow();
    Run run =
        result.calls().stream().filter(one -> one.name().equals("COOL")).findFirst().orElseThrow();
    assertTrue(run.moments().size() >= 2, "a call steps through more than one moment");
    Lit first = Lit.at(wiring, call, run.moments().get(0));
    Lit last = Lit.at(wiring, call, run.moments().get(run.moments().size() - 1));
    for (Branch branch : Branches.of(wiring, Conductors.of(wiring))) {
      if (branch.symbol() == Symbol.COIL) {
        assertTrue(!first.isOn(branch), "no coil has pulled at first: " + branch.name());
      }
      if (last.isOn(branch) || last.isBridged(branch)) {
        lit.merge(branch.symbol(), 1, Integer::sum);
      }
    }
    // By hand: contactor and high relay hold; two poles, one relay contact, two outputs let
    // through.
    assertEquals(2, lit.get(Symbol.COIL));
    assertEquals(5, lit.get(Symbol.OPEN_CONTACT));
    assertEquals(1, lit.get(Symbol.CLOSED_CONTACT));
    assertEquals(1, lit.get(Symbol.MOTOR));
    Terminal high = new Terminal("M", "HIGH");
    assertTrue(run.live().contains(high));
  }
}
