package variablerotor.core.schematic;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import variablerotor.core.wiring.Terminal;

/**
 * Which part stands on which side of the channel and how high, and in which track each conductor
 * runs. Parts and tracks are moved one by one for as long as that takes crossings away or makes
 * conductors shorter.
 */
final class Sides {
  private static final int CROSSING = 12;

  /** A row that is longer by one terminal. */
  private static final int UNEVEN = 6;

  /** So many steps of reckoning at most: with many parts the first order stays. */
  private static final long MOST_STEPS = 12_000_000;

  private static final int PASSES = 4;
  private static final int STARTS = 5;

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
  private final List<List<Terminal>> conductors;

  /** Of each conductor the heights of its ends, the highest first. */
  private final int[][] ends;

  private int[] track;
  private long steps;

  private Sides(List<Box> boxes, List<List<Terminal>> conductors) {
    this.boxes = List.copyOf(boxes);
    this.conductors = conductors;
    for (Box box : boxes) {
      box.terminals().forEach(one -> byTerminal.put(one, box));
    }
    ends = new int[conductors.size()][];
    track = new int[conductors.size()];
  }

  /**
   * @param conductors each with the terminals that it joins
   */
  static Sides of(List<Box> boxes, List<List<Terminal>> conductors) {
    Sides best = tried(boxes, conductors, boxes);
    // What is best from one beginning need not be so from another.
    List<Box> start = new ArrayList<>(boxes);
    for (int more = 0; more < STARTS && best.steps < MOST_STEPS / STARTS; more++) {
      dealAnew(start, more);
      Sides other = tried(boxes, conductors, start);
      best = other.cost() < best.cost() ? other : best;
    }
    return best;
  }

  private static Sides tried(List<Box> boxes, List<List<Terminal>> conductors, List<Box> start) {
    Sides sides = new Sides(boxes, conductors);
    sides.deal(start);
    sides.improve();
    sides.lay();
    sides.order();
    return sides;
  }

  /** Another order, the same each time: every part changed with one further on. */
  private static void dealAnew(List<Box> start, int round) {
    for (int at = 0; at < start.size(); at++) {
      Collections.swap(start, at, (at * (2 * round + 3) + 5 * round + 1) % start.size());
    }
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

  int track(int conductor) {
    return track[conductor];
  }

  int tracks() {
    return Arrays.stream(track).max().orElse(-1) + 1;
  }

  /** In the order of the parts, to the side that is shorter. */
  private void deal(List<Box> start) {
    int leftHigh = 0;
    int rightHigh = 0;
    for (Box box : start) {
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
    for (int one = 0; one < ends.length; one++) {
      ends[one] =
          conductors.get(one).stream().mapToInt(at -> slot.getOrDefault(at, 0)).sorted().toArray();
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

  private int top(int conductor) {
    return ends[conductor][0];
  }

  private int bottom(int conductor) {
    return ends[conductor][ends[conductor].length - 1];
  }

  /** How many ends are at the left, less how many are at the right. */
  private int lean(int conductor) {
    int lean = 0;
    for (int end : ends[conductor]) {
      lean += end % 2 == 0 ? 1 : -1;
    }
    return lean;
  }

  /** Short ones of one side nearest to it, those across in the middle. */
  private Integer[] byReach() {
    Integer[] order = new Integer[ends.length];
    Arrays.setAll(order, one -> one);
    Arrays.sort(
        order,
        Comparator.<Integer>comparingInt(
                one -> {
                  int length = bottom(one) - top(one);
                  boolean across = Math.abs(lean(one)) < ends[one].length;
                  return across ? 0 : lean(one) > 0 ? length - 10_000 : 10_000 - length;
                })
            .thenComparingInt(this::top)
            .thenComparingInt(one -> one));
    return order;
  }

  /** Each in the first of the last tracks in which it meets none. */
  private void tracks(Integer[] order) {
    int[] given = new int[ends.length];
    List<List<Integer>> lanes = new ArrayList<>();
    int least = 0;
    for (int one : order) {
      int lane = least;
      while (lane < lanes.size() && meets(lanes.get(lane), one)) {
        lane++;
      }
      if (lane == lanes.size()) {
        lanes.add(new ArrayList<>());
      }
      lanes.get(lane).add(one);
      given[one] = lane;
      least = Math.max(0, lanes.size() - 4);
    }
    track = given;
  }

  private boolean meets(List<Integer> lane, int mine) {
    for (int other : lane) {
      steps++;
      if (top(mine) <= bottom(other) && top(other) <= bottom(mine)) {
        return true;
      }
    }
    return false;
  }

  private int cost() {
    int cost = UNEVEN * Math.abs(size(left) - size(right));
    for (int one = 0; one < ends.length; one++) {
      cost += (bottom(one) - top(one)) / 2;
      for (int end : ends[one]) {
        cost += CROSSING * crossings(end, one);
      }
    }
    return cost;
  }

  private static int size(List<Box> row) {
    return row.stream().mapToInt(one -> one.terminals().size() + 2).sum();
  }

  /** How many uprights the level piece of a conductor at this height goes across. */
  private int crossings(int height, int mine) {
    int crossings = 0;
    boolean isLeft = height % 2 == 0;
    for (int other = 0; other < ends.length; other++) {
      steps++;
      if (other != mine
          && top(other) < height
          && height < bottom(other)
          && (isLeft ? track[other] < track[mine] : track[other] > track[mine])) {
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
    for (int at = 0; at < track.length; at++) {
      track[at] = track[at] == one ? other : track[at] == other ? one : track[at];
    }
  }
}
