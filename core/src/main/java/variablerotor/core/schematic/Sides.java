package variablerotor.core.schematic;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import variablerotor.core.wiring.Terminal;
import variablerotor.core.wiring.Wiring;

/**
 * Which part stands on which side of the channel and how high, and in which track each wire runs.
 * Parts and tracks are moved one by one for as long as that takes crossings away or makes wires
 * shorter.
 */
final class Sides {
  private static final int CROSSING = 12;

  /** A row that is longer by one terminal. */
  private static final int UNEVEN = 6;

  /** So many steps of reckoning at most: with many parts the first order stays. */
  private static final long MOST_STEPS = 12_000_000;

  private static final int PASSES = 4;

  /** A part with the terminals that it shows. */
  record Box(String part, List<Terminal> terminals) {
    Box {
      terminals = List.copyOf(terminals);
    }
  }

  final List<Box> boxes;
  private final Map<Terminal, Box> byTerminal = new HashMap<>();
  private final Map<Terminal, Integer> slot = new HashMap<>();
  private final List<Box> left = new ArrayList<>();
  private final List<Box> right = new ArrayList<>();
  private final int[] from;
  private final int[] to;
  private final Terminal[] fromAt;
  private final Terminal[] toAt;
  private int[] track;
  private long steps;

  private Sides(List<Box> boxes, List<Wiring.Wire> wires) {
    this.boxes = List.copyOf(boxes);
    for (Box box : boxes) {
      box.terminals().forEach(one -> byTerminal.put(one, box));
    }
    int count = wires.size();
    from = new int[count];
    to = new int[count];
    track = new int[count];
    fromAt = new Terminal[count];
    toAt = new Terminal[count];
    for (int wire = 0; wire < count; wire++) {
      fromAt[wire] = wires.get(wire).from();
      toAt[wire] = wires.get(wire).to();
    }
  }

  static Sides of(List<Box> boxes, List<Wiring.Wire> wires) {
    Sides sides = new Sides(boxes, wires);
    sides.deal();
    sides.improve();
    sides.lay();
    sides.order();
    return sides;
  }

  boolean isLeft(Box box) {
    return left.contains(box);
  }

  Box box(Terminal terminal) {
    Box box = byTerminal.get(terminal);
    if (box == null) {
      throw new IllegalArgumentException("no box for " + terminal);
    }
    return box;
  }

  List<Box> above(Box box) {
    List<Box> row = isLeft(box) ? left : right;
    return row.subList(0, row.indexOf(box));
  }

  int track(int wire) {
    return track[wire];
  }

  int tracks() {
    return Arrays.stream(track).max().orElse(-1) + 1;
  }

  /** In the order of the parts, to the side that is shorter. */
  private void deal() {
    int leftHigh = 0;
    int rightHigh = 0;
    for (Box box : boxes) {
      int high = box.terminals().size() + 2;
      if (leftHigh <= rightHigh) {
        left.add(box);
        leftHigh += high;
      } else {
        right.add(box);
        rightHigh += high;
      }
    }
    lay();
  }

  /** Heights in half steps: even on the left, odd on the right, so that no two are the same. */
  private void lay() {
    heights(left, 0);
    heights(right, 1);
    for (int wire = 0; wire < from.length; wire++) {
      from[wire] = slot.getOrDefault(fromAt[wire], 0);
      to[wire] = slot.getOrDefault(toAt[wire], 0);
    }
    tracks(byReach());
  }

  private void heights(List<Box> row, int odd) {
    int at = 0;
    for (Box box : row) {
      at++;
      for (Terminal one : box.terminals()) {
        slot.put(one, 2 * at++ + odd);
      }
      at++;
    }
  }

  private int top(int wire) {
    return Math.min(from[wire], to[wire]);
  }

  private int bottom(int wire) {
    return Math.max(from[wire], to[wire]);
  }

  /** Short wires of one side nearest to it, those across in the middle. */
  private Integer[] byReach() {
    Integer[] order = new Integer[from.length];
    Arrays.setAll(order, wire -> wire);
    Arrays.sort(
        order,
        Comparator.<Integer>comparingInt(
                wire -> {
                  int length = bottom(wire) - top(wire);
                  boolean one = from[wire] % 2 == 0;
                  boolean other = to[wire] % 2 == 0;
                  return one != other ? 0 : one ? length - 10_000 : 10_000 - length;
                })
            .thenComparingInt(this::top)
            .thenComparingInt(wire -> wire));
    return order;
  }

  /** Each wire in the first track, from where the one before it lies, in which it meets none. */
  private void tracks(Integer[] order) {
    int[] given = new int[from.length];
    List<List<Integer>> lanes = new ArrayList<>();
    int least = 0;
    for (int wire : order) {
      int lane = least;
      while (lane < lanes.size() && meets(lanes.get(lane), wire)) {
        lane++;
      }
      if (lane == lanes.size()) {
        lanes.add(new ArrayList<>());
      }
      lanes.get(lane).add(wire);
      given[wire] = lane;
      least = Math.max(0, lanes.size() - 4);
    }
    track = given;
  }

  private boolean meets(List<Integer> lane, int wire) {
    for (int other : lane) {
      steps++;
      if (top(wire) <= bottom(other) && top(other) <= bottom(wire)) {
        return true;
      }
    }
    return false;
  }

  private int cost() {
    int cost = 0;
    for (int wire = 0; wire < from.length; wire++) {
      cost += (bottom(wire) - top(wire)) / 2;
      cost += CROSSING * (crossings(from[wire], wire) + crossings(to[wire], wire));
    }
    return cost + UNEVEN * Math.abs(size(left) - size(right));
  }

  private static int size(List<Box> row) {
    return row.stream().mapToInt(one -> one.terminals().size() + 2).sum();
  }

  /** How many uprights a wire's level piece at this height goes across. */
  private int crossings(int height, int wire) {
    int crossings = 0;
    boolean isLeft = height % 2 == 0;
    for (int other = 0; other < from.length; other++) {
      steps++;
      if (other != wire
          && top(other) < height
          && height < bottom(other)
          && (isLeft ? track[other] < track[wire] : track[other] > track[wire])) {
        crossings++;
      }
    }
    return crossings;
  }

  private void improve() {
    int least = cost();
    for (int pass = 0; pass < PASSES; pass++) {
      int before = least;
      for (Box box : boxes) {
        least = moved(box, least);
      }
      if (least == before || steps > MOST_STEPS) {
        return;
      }
    }
  }

  /** The part at the best of all places. */
  private int moved(Box box, int least) {
    List<Box> home = isLeft(box) ? left : right;
    int place = home.indexOf(box);
    home.remove(box);
    List<Box> bestRow = home;
    int best = place;
    int lowest = least;
    for (List<Box> row : List.of(left, right)) {
      for (int at = 0; at <= row.size() && steps < MOST_STEPS; at++) {
        row.add(at, box);
        lay();
        int cost = cost();
        row.remove(at);
        if (cost < lowest) {
          lowest = cost;
          bestRow = row;
          best = at;
        }
      }
    }
    bestRow.add(best, box);
    lay();
    return lowest;
  }

  /** Whole tracks changed with each other. */
  private void order() {
    int lanes = tracks();
    int least = cost();
    boolean better = true;
    for (int pass = 0; better && pass < PASSES && steps < 2 * MOST_STEPS; pass++) {
      better = false;
      for (int one = 0; one < lanes; one++) {
        for (int other = one + 1; other < lanes && steps < 2 * MOST_STEPS; other++) {
          swap(one, other);
          int cost = cost();
          if (cost < least) {
            least = cost;
            better = true;
          } else {
            swap(one, other);
          }
        }
      }
    }
  }

  private void swap(int one, int other) {
    for (int wire = 0; wire < track.length; wire++) {
      track[wire] = track[wire] == one ? other : track[wire] == other ? one : track[wire];
    }
  }
}
