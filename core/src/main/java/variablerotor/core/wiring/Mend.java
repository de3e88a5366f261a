package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;
import variablerotor.core.wiring.Wiring.Wire;

/**
 * The smallest change of one wire after which nothing must be stopped any more, tried by running
 * every call. Of several the one that leaves the fewest ends loose, and is nearest to where it goes
 * wrong: a table of calls alone can be met by wires that nobody meant.
 *
 * @param off the wire to take off; null where only one is added
 * @param on the wire to make; null where one is only taken off
 */
public record Mend(@Nullable Wire off, @Nullable Wire on, String sentence) implements Node {
  /** So many changes are tried at most. */
  private static final int MOST_TRIED = 6000;

  /** Null where nothing must be stopped, or where no single wire mends it all. */
  public static @Nullable Mend of(Wiring wiring, Result result) {
    if (result.ok()) {
      return null;
    }
    List<Change> changes = changes(wiring, result);
    for (Change change : changes.subList(0, Math.min(MOST_TRIED, changes.size()))) {
      if (Result.of(change.wiring).ok()) {
        return change.mend();
      }
    }
    return null;
  }

  /** The same in words. */
  static Mend of(@Nullable Wire off, @Nullable Wire on) {
    return new Mend(off, on, sentence(off, on));
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

  private record Change(@Nullable Wire off, @Nullable Wire on, Wiring wiring, int rank) {
    Mend mend() {
      return Mend.of(off, on);
    }
  }

  /** The best first. */
  private static List<Change> changes(Wiring wiring, Result result) {
    List<Change> changes = new ArrayList<>();
    Set<Terminal> places = new LinkedHashSet<>();
    result.all().stream().filter(Finding::stops).forEach(one -> places.addAll(one.at()));
    List<Terminal> terminals = terminals(wiring);
    for (Wire wire : wiring.wires()) {
      for (Terminal now : terminals) {
        move(changes, wiring, wire, wire.from(), wire.to(), now, places);
        move(changes, wiring, wire, wire.to(), wire.from(), now, places);
      }
      change(changes, wiring, wire, null, TAKEN_OFF, places);
    }
    for (Terminal one : terminals) {
      for (Terminal other : terminals) {
        if (one.compareTo(other) < 0 && (places.contains(one) || isLoose(wiring, one))) {
          change(changes, wiring, null, new Wire(one, other), ADDED, places);
        }
      }
    }
    changes.sort(Comparator.comparingInt(Change::rank));
    return changes;
  }

  /** How small a change is: less is smaller. */
  private static final int TAKEN_OFF = 0;

  private static final int MOVED_ON_THE_PART = 1;
  private static final int MOVED = 2;
  private static final int ADDED = 2;

  private static void move(
      List<Change> changes,
      Wiring wiring,
      Wire wire,
      Terminal stays,
      Terminal left,
      Terminal now,
      Set<Terminal> places) {
    int size = now.part().equals(left.part()) ? MOVED_ON_THE_PART : MOVED;
    change(changes, wiring, wire, new Wire(stays, now), size, places);
  }

  private static void change(
      List<Change> changes,
      Wiring wiring,
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
    int loose = loose(changed);
    boolean closed =
        on != null && (on.from().name().startsWith("NC") || on.to().name().startsWith("NC"));
    // Of two that do the same, the one with contacts that nothing closes by itself.
    int rank = 100 * loose + (near ? 0 : 10) + size + (closed ? 5 : 0);
    changes.add(new Change(off, on, changed, rank));
  }

  /** Ends that no plan leaves without a wire. */
  private static int loose(Wiring wiring) {
    int loose = 0;
    for (Part part : wiring.parts()) {
      List<String> names = part.terminals();
      for (String name : names == null ? List.<String>of() : names) {
        if (isLoose(wiring, part.at(name))) {
          loose++;
        }
      }
      loose += half(wiring, part);
    }
    return loose;
  }

  /** Contacts with a wire on one side alone. */
  private static int half(Wiring wiring, Part part) {
    int half = 0;
    if (part.type() == PartType.RELAY) {
      for (int pole = 1; pole <= 4; pole++) {
        boolean common = isWired(wiring, part.at("COM" + pole));
        boolean other =
            isWired(wiring, part.at("NO" + pole)) || isWired(wiring, part.at("NC" + pole));
        half += common == other ? 0 : 1;
      }
    } else if (part.type() == PartType.CONTACTOR) {
      for (int pole = 1; pole <= 3; pole++) {
        boolean line = isWired(wiring, part.at("L" + pole));
        half += line == isWired(wiring, part.at("T" + pole)) ? 0 : 1;
      }
    }
    return half;
  }

  private static boolean isWired(Wiring wiring, Terminal terminal) {
    return wiring.wires().stream().anyMatch(one -> one.touches(terminal));
  }

  private static boolean isLoose(Wiring wiring, Terminal terminal) {
    Part part = wiring.part(terminal.part());
    return part != null && isWanted(part.type(), terminal.name()) && !isWired(wiring, terminal);
  }

  private static boolean isWanted(PartType type, String name) {
    return switch (type) {
      case OUTPUT, CONTACT, CAPACITOR, OVERLOAD, MOTOR_PSC, MOTOR_3PH -> true;
      case RELAY, CONTACTOR -> name.equals("A") || name.equals("B");
      case TRANSFORMER -> name.equals("R") || name.equals("C");
      default -> false;
    };
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
    return terminals;
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "off",
        off == null ? null : off.ends(),
        "on",
        on == null ? null : on.ends(),
        "sentence",
        sentence);
  }
}
