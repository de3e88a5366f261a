package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import variablerotor.core.text.Words;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;
import variablerotor.core.wiring.Wiring.Wire;

/**
 * The smallest change of one wire after which nothing must be stopped any more and nothing new is
 * found, as a person who knows the trade would make it ({@link MendRules}): a forgotten wire is
 * made before a wire is moved. Of several the one that leaves the fewest ends loose, and is nearest
 * to where it goes wrong. Where two would do it that differ, or none, it says where to look.
 *
 * @param off the wire to take off; null where only one is added
 * @param on the wire to make; null where one is only taken off
 * @param at where to look, where no wire is sure
 */
public record Mend(@Nullable Wire off, @Nullable Wire on, List<Terminal> at, String sentence)
    implements Node {
  public Mend {
    at = List.copyOf(at);
  }

  /** So many changes are tried at most. */
  private static final int MOST_TRIED = 3000;

  /** So many that would do are told of. */
  private static final int MOST_TOLD = 2;

  /** Null where nothing must be stopped. */
  public static @Nullable Mend of(Wiring wiring, Result result) {
    if (result.ok()) {
      return null;
    }
    Set<Terminal> places = new LinkedHashSet<>();
    result.all().stream().filter(Finding::stops).forEach(one -> places.addAll(one.at()));
    MendRules rules = new MendRules(wiring, places);
    List<Change> would = new ArrayList<>();
    int tried = 0;
    for (Change change : changes(wiring, places, rules)) {
      boolean worse = !would.isEmpty() && change.rank > would.get(0).rank;
      if (worse || tried >= MOST_TRIED || would.size() >= MOST_TOLD) {
        break;
      }
      Wiring after = change.after(wiring);
      if (rules.allow(change.off, change.on, after)) {
        tried++;
        if (Result.holds(after)
            && bringsNothing(result, Result.of(after))
            && would.stream().noneMatch(other -> isAlike(wiring, other, change))) {
          would.add(change);
        }
      }
    }
    return would.size() == 1 ? would.get(0).mend() : look(result, would);
  }

  /**
   * Whether nothing is found that was not found before, by kind and place; but for plain contacts
   * that feed each other, which is how some conversions are made.
   */
  private static boolean bringsNothing(Result before, Result after) {
    return after.all().stream()
        .allMatch(
            now ->
                (now.kind() == Finding.Kind.BACK_FED && !now.stops())
                    || before.all().stream()
                        .anyMatch(one -> one.kind() == now.kind() && one.at().equals(now.at())));
  }

  /** Whether two changes come to the same, or are a free choice between terminals of one part. */
  private static boolean isAlike(Wiring wiring, Change one, Change other) {
    return isAlike(one.after(wiring), other.after(wiring))
        || (Objects.equals(one.off, other.off)
            && one.on != null
            && other.on != null
            && (isChoice(one.on.from(), one.on.to(), other.on)
                || isChoice(one.on.to(), one.on.from(), other.on)));
  }

  private static boolean isChoice(Terminal stays, Terminal now, Wire other) {
    Terminal its = other.from().equals(stays) ? other.to() : other.from();
    return other.touches(stays) && its.part().equals(now.part());
  }

  /** Whether two wirings join the same terminals. */
  private static boolean isAlike(Wiring one, Wiring other) {
    Board mine = new Board(one);
    Board its = new Board(other);
    Map<Integer, Integer> same = new HashMap<>();
    for (Terminal terminal : mine.terminals) {
      int here = mine.wired.of(mine.at(terminal));
      int there = its.at(terminal) < 0 ? -1 : its.wired.of(its.at(terminal));
      Integer known = same.putIfAbsent(here, there);
      if (known != null && known != there) {
        return false;
      }
    }
    return new HashSet<>(same.values()).size() == same.size();
  }

  /** Where to look. */
  private static Mend look(Result result, List<Change> would) {
    Finding first = result.all().stream().filter(Finding::stops).findFirst().orElseThrow();
    String ways =
        would.stream().map(one -> one.mend().sentence()).collect(Collectors.joining(" Or: "));
    String place = first.at().isEmpty() ? "" : "Look at " + words(first.at()) + ". ";
    return new Mend(
        null,
        null,
        first.at(),
        would.isEmpty()
            ? "No one wire mends it surely. " + place + first.sentence()
            : "More than one wire would do, and the record cannot tell which was meant. "
                + place
                + ways);
  }

  private static String words(List<Terminal> at) {
    return Words.and(at.stream().map(Terminal::toString).toList());
  }

  /** The same in words. */
  static Mend of(@Nullable Wire off, @Nullable Wire on) {
    return new Mend(off, on, List.of(), sentence(off, on));
  }

  private static String sentence(@Nullable Wire off, @Nullable Wire on) {
    if (off != null && on != null) {
      boolean first = on.touches(off.from());
      Terminal stays = first ? off.from() : off.to();
      Terminal left = first ? off.to() : off.from();
      Terminal now = on.from().equals(stays) ? on.to() : on.from();
      return "Move the wire from " + stays + ": off " + left + ", on to " + now + ".";
    }
    if (off != null) {
      return "Take the wire between " + off.from() + " and " + off.to() + " off.";
    }
    return on == null ? "" : "Make a wire from " + on.from() + " to " + on.to() + ".";
  }

  private record Change(@Nullable Wire off, @Nullable Wire on, int rank) {
    Mend mend() {
      return Mend.of(off, on);
    }

    /** As LOW of an adapter and LOW of a motor, or T5 and the output OUT_T5. */
    boolean joinsOneName() {
      return on != null
          && (on.from().name().equals(on.to().name())
              || on.from().part().endsWith(on.to().name())
              || on.to().part().endsWith(on.from().name()));
    }

    Wiring after(Wiring wiring) {
      Wiring less = off == null ? wiring : wiring.without(off);
      return on == null ? less : less.with(on);
    }
  }

  /** The best first. */
  private static List<Change> changes(Wiring wiring, Set<Terminal> places, MendRules rules) {
    List<Change> changes = new ArrayList<>();
    Ends ends = new Ends(wiring);
    List<Terminal> terminals = terminals(wiring);
    for (Wire wire : wiring.wires()) {
      List<Terminal> left = oneOfEach(wiring.without(wire), terminals);
      for (Terminal now : left) {
        move(changes, wiring, ends, rules, wire, wire.from(), wire.to(), now, places);
        move(changes, wiring, ends, rules, wire, wire.to(), wire.from(), now, places);
      }
      for (Terminal now : terminals) {
        // Another terminal of the part that it is on: the hand was one screw off.
        if (!left.contains(now) && now.part().equals(wire.to().part())) {
          move(changes, wiring, ends, rules, wire, wire.from(), wire.to(), now, places);
        }
        if (!left.contains(now) && now.part().equals(wire.from().part())) {
          move(changes, wiring, ends, rules, wire, wire.to(), wire.from(), now, places);
        }
      }
      change(changes, wiring, ends, rules, wire, null, TAKEN_OFF, places);
    }
    List<Terminal> each = oneOfEach(wiring, terminals);
    for (Terminal one : each) {
      for (Terminal other : each) {
        boolean wanted = places.contains(one) || ends.isLoose(one) || ends.isLoose(other);
        if (one.compareTo(other) < 0 && (wanted || places.contains(other))) {
          change(changes, wiring, ends, rules, null, new Wire(one, other), ADDED, places);
        }
      }
    }
    changes.sort(Comparator.comparingInt(Change::rank).thenComparing(one -> !one.joinsOneName()));
    return changes;
  }

  /** Of each conductor one terminal: where it comes from, if that is a line or a transformer. */
  private static List<Terminal> oneOfEach(Wiring wiring, List<Terminal> terminals) {
    Board board = new Board(wiring);
    Map<Integer, Terminal> best = new LinkedHashMap<>();
    for (Terminal one : terminals) {
      int at = board.at(one);
      // A joint that no wire goes to is a conductor of its own.
      best.merge(
          at < 0 ? -1 - terminals.indexOf(one) : board.wired.of(at),
          one,
          (known, other) -> isOrigin(wiring, other) && !isOrigin(wiring, known) ? other : known);
    }
    return List.copyOf(best.values());
  }

  private static boolean isOrigin(Wiring wiring, Terminal terminal) {
    Part part = wiring.part(terminal.part());
    return part != null
        && (part.type().isLine()
            || (part.type() == PartType.TRANSFORMER && !terminal.name().startsWith("H")));
  }

  /** How small a change is: less is smaller. */
  private static final int TAKEN_OFF = 0;

  private static final int ADDED = 1;
  private static final int MOVED_ON_THE_PART = 2;
  private static final int MOVED = 3;

  /** Two calls on one wire are seldom meant. */
  private static final int TIED = 8;

  private static void move(
      List<Change> changes,
      Wiring wiring,
      Ends ends,
      MendRules rules,
      Wire wire,
      Terminal stays,
      Terminal left,
      Terminal now,
      Set<Terminal> places) {
    Part part = wiring.part(now.part());
    boolean slipped =
        now.part().equals(left.part())
            && part != null
            && !part.type().isLine()
            && (now.name().length() == 1) == (left.name().length() == 1);
    int size = slipped ? MOVED_ON_THE_PART : MOVED;
    change(changes, wiring, ends, rules, wire, new Wire(stays, now), size, places);
  }

  private static void change(
      List<Change> changes,
      Wiring wiring,
      Ends ends,
      MendRules rules,
      @Nullable Wire off,
      @Nullable Wire on,
      int size,
      Set<Terminal> places) {
    if (on != null && (on.from().equals(on.to()) || wiring.wires().stream().anyMatch(on::isLike))) {
      return;
    }
    Wiring less = off == null ? wiring : wiring.without(off);
    Wiring changed = on == null ? less : less.with(on);
    Wire where = off == null ? on : off;
    boolean near = where != null && places.stream().anyMatch(where::touches);
    int loose = ends.loose(off, on);
    boolean closed =
        on != null && (on.from().name().startsWith("NC") || on.to().name().startsWith("NC"));
    // Of two that do the same, the one with contacts that nothing closes by itself.
    boolean crossed = on != null && MendRules.crosses(wiring, on);
    int round = rules.countBridged(changed);
    int rank =
        100 * (loose + round) + (near ? 0 : 10) + size + (closed ? 5 : 0) + (crossed ? 4 : 0);
    rank += on != null && rules.tiesOutputs(on) ? TIED : 0;
    changes.add(new Change(off, on, rank));
  }

  private static List<Terminal> terminals(Wiring wiring) {
    List<Terminal> terminals = new ArrayList<>();
    Board board = new Board(wiring);
    for (Terminal one : board.terminals) {
      // Second poles that nothing uses are no place for a mend.
      boolean spare =
          one.name().length() > 2
              && "234".indexOf(one.name().charAt(one.name().length() - 1)) >= 0
              && (one.name().startsWith("COM")
                  || one.name().startsWith("NO")
                  || one.name().startsWith("NC"))
              && !board.hasWire[board.at(one)];
      if (!spare) {
        terminals.add(one);
      }
    }
    for (Part part : wiring.parts()) {
      if (part.type() == PartType.JOINT && wiring.terminals(part).isEmpty()) {
        terminals.add(part.at("1"));
      }
    }
    return terminals;
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "off",
        off == null ? null : off.ends(),
        "on",
        on == null ? null : on.ends(),
        "at",
        at.stream().map(Terminal::toString).toList(),
        "sentence",
        sentence);
  }
}
