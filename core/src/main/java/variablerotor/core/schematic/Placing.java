package variablerotor.core.schematic;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Where each rung lies: its row, and the columns at which it begins and ends. Rows are tried out
 * one by one, and again once all lie, so that few rungs cross a conductor that is not theirs, the
 * uprights are short, and the rows few.
 */
final class Placing {
  private static final int CROSSING = 50;
  private static final int ROW = 3;

  /** With more rungs only the nearest rows are tried: it would take too long. */
  private static final int MANY = 36;

  private static final int NEAR = 4;
  private static final int PASSES = 3;

  private final Section section;
  final List<Rung> rungs;

  /** Of each conductor that rungs meet at. */
  final Map<Integer, Integer> column = new LinkedHashMap<>();

  final int columns;

  /** Of each rung; -1 while it does not lie. */
  private final int[] row;

  private int rows;

  Placing(Section section) {
    this.section = section;
    List<Rung> sorted = new ArrayList<>(section.rungs());
    // What leads through first; what only hangs on it finds its place beside that.
    sorted.sort(Comparator.comparing(rung -> rung.from() == Rung.NONE || rung.to() == Rung.NONE));
    rungs = List.copyOf(sorted);
    row = new int[rungs.size()];
    java.util.Arrays.fill(row, -1);
    columns = columns();
    place();
  }

  int row(int rung) {
    return row[rung];
  }

  int rows() {
    return rows;
  }

  /** The column at which it begins. */
  int start(Rung rung) {
    return rung.from() == Rung.NONE ? end(rung) - rung.cells() : at(rung.from());
  }

  /** The column at which it ends. */
  int end(Rung rung) {
    return rung.to() != Rung.NONE
        ? at(rung.to())
        : (rung.from() == Rung.NONE ? 0 : at(rung.from())) + rung.cells();
  }

  private int at(int conductor) {
    return column.getOrDefault(conductor, 0);
  }

  private int columns() {
    Set<Integer> nodes = new LinkedHashSet<>(section.left);
    rungs.forEach(
        rung -> {
          nodes.add(rung.from());
          nodes.add(rung.to());
        });
    nodes.addAll(section.right);
    nodes.remove(Rung.NONE);
    List<Integer> sorted = new ArrayList<>(nodes);
    sorted.sort(section.order());
    int widest = 1;
    for (int node : sorted) {
      int at = 0;
      for (Rung rung : rungs) {
        if (rung.to() == node) {
          at = Math.max(at, (rung.from() == Rung.NONE ? 0 : at(rung.from())) + rung.cells());
        }
      }
      column.put(node, at);
      widest = Math.max(widest, at);
    }
    for (Rung rung : rungs) {
      widest = Math.max(widest, end(rung));
    }
    for (int node : section.right) {
      column.put(node, widest);
    }
    return widest;
  }

  private void place() {
    for (int rung = 0; rung < rungs.size(); rung++) {
      lay(rung);
    }
    for (int pass = 0; pass < PASSES && rungs.size() <= MANY; pass++) {
      for (int rung = 0; rung < rungs.size(); rung++) {
        lift(rung);
        lay(rung);
      }
    }
  }

  private void lift(int rung) {
    int left = row[rung];
    row[rung] = -1;
    for (int other : row) {
      if (other == left) {
        return;
      }
    }
    close(left);
  }

  /** Takes out a row that is empty. */
  private void close(int empty) {
    for (int one = 0; one < row.length; one++) {
      if (row[one] > empty) {
        row[one]--;
      }
    }
    rows--;
  }

  /** Makes room for a row of its own. */
  private void open(int at) {
    for (int one = 0; one < row.length; one++) {
      if (row[one] >= at) {
        row[one]++;
      }
    }
    rows++;
  }

  private void lay(int rung) {
    int best = rows;
    boolean bestIsNew = true;
    int least = Integer.MAX_VALUE;
    int first = rungs.size() > MANY ? Math.max(0, rows - NEAR) : 0;
    for (int at = first; at < rows; at++) {
      if (isFree(rung, at)) {
        row[rung] = at;
        int cost = cost();
        if (cost < least) {
          least = cost;
          best = at;
          bestIsNew = false;
        }
      }
    }
    row[rung] = -1;
    // From below: what is parallel stands under what it is parallel to.
    for (int at = rows; at >= first; at--) {
      open(at);
      row[rung] = at;
      int cost = cost();
      row[rung] = -1;
      close(at);
      if (cost < least) {
        least = cost;
        best = at;
        bestIsNew = true;
      }
    }
    if (bestIsNew) {
      open(best);
    }
    row[rung] = best;
  }

  /** Two rungs share a row where one ends before the other begins, or at the same conductor. */
  private boolean isFree(int rung, int at) {
    Rung mine = rungs.get(rung);
    for (int other = 0; other < row.length; other++) {
      if (row[other] == at && other != rung) {
        Rung theirs = rungs.get(other);
        if (!follows(mine, theirs) && !follows(theirs, mine)) {
          return false;
        }
      }
    }
    return true;
  }

  private boolean follows(Rung first, Rung second) {
    int end = end(first);
    int start = start(second);
    return end < start || (end == start && first.to() != Rung.NONE && first.to() == second.from());
  }

  /** The highest row and the lowest at which a conductor is met; rails begin at the top. */
  int[] span(int conductor) {
    int top = Integer.MAX_VALUE;
    int bottom = -1;
    for (int rung = 0; rung < row.length; rung++) {
      Rung one = rungs.get(rung);
      if (row[rung] >= 0 && (one.from() == conductor || one.to() == conductor)) {
        top = Math.min(top, row[rung]);
        bottom = Math.max(bottom, row[rung]);
      }
    }
    return new int[] {top, bottom};
  }

  private int cost() {
    int cost = ROW * rows;
    for (Map.Entry<Integer, Integer> entry : column.entrySet()) {
      int node = entry.getKey();
      int[] span = span(node);
      if (span[1] < 0) {
        continue;
      }
      boolean rail = section.isRail(node);
      cost += rail ? 0 : span[1] - span[0];
      for (int rung = 0; rung < row.length; rung++) {
        // What leads nowhere does not take the straight way.
        if (span[1] > span[0] && row[rung] == span[0] && rungs.get(rung).hangsOn(node)) {
          cost++;
        }
      }
      for (int rung = 0; rung < row.length; rung++) {
        if (row[rung] >= 0 && crosses(rungs.get(rung), row[rung], node, span, rail)) {
          cost += CROSSING;
        }
      }
    }
    return cost;
  }

  private boolean crosses(Rung rung, int at, int node, int[] span, boolean rail) {
    if (rung.from() == node || rung.to() == node || at >= span[1] || (!rail && at <= span[0])) {
      return false;
    }
    int column = at(node);
    if (start(rung) < column && column < end(rung)) {
      return true;
    }
    // Of several rails side by side the first named is the innermost.
    return rail
        && (outside(section.left, rung.from(), node) || outside(section.right, rung.to(), node));
  }

  private static boolean outside(Set<Integer> rails, int mine, int other) {
    if (!rails.contains(mine) || !rails.contains(other)) {
      return false;
    }
    for (int rail : rails) {
      if (rail == other) {
        return true;
      }
      if (rail == mine) {
        return false;
      }
    }
    return false;
  }
}
