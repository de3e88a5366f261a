package variablerotor.core.schematic;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What hangs together between two rails, as rungs. Which end of a branch is the left one follows
 * from the voltage that would stand there if every branch were one and the same resistor between a
 * left rail at nothing and a right rail at one.
 */
final class Section {
  private static final int SWEEPS = 300;

  /** Voltages nearer to each other are the same. */
  private static final double SAME = 1e-6;

  /** Branches by the conductors at their ends. */
  record Link(Branch branch, int from, int to) {
    int other(int conductor) {
      return from == conductor ? to : from;
    }

    boolean isLoop() {
      return from == to;
    }
  }

  final Set<Integer> left;
  final Set<Integer> right;
  private final Map<Integer, String> words;
  private final Map<Integer, List<Link>> at = new LinkedHashMap<>();
  private final List<Link> links;
  private final Map<Integer, Double> volts = new LinkedHashMap<>();
  private final Map<Integer, Integer> depths = new LinkedHashMap<>();

  /**
   * @param words what a conductor is called where it goes on elsewhere or ends
   */
  Section(List<Link> links, Set<Integer> left, Set<Integer> right, Map<Integer, String> words) {
    this.links = links;
    this.left = new LinkedHashSet<>(left);
    this.right = new LinkedHashSet<>(right);
    this.right.removeAll(left);
    this.words = words;
    for (Link link : links) {
      at.computeIfAbsent(link.from, any -> new ArrayList<>()).add(link);
      if (!link.isLoop()) {
        at.computeIfAbsent(link.to, any -> new ArrayList<>()).add(link);
      }
    }
    left.forEach(one -> at.computeIfAbsent(one, any -> new ArrayList<>()));
    right.forEach(one -> at.computeIfAbsent(one, any -> new ArrayList<>()));
    depths(this.left.isEmpty() ? Set.of(links.get(0).from) : this.left);
    volts();
  }

  private void depths(Set<Integer> starts) {
    Deque<Integer> open = new ArrayDeque<>(starts);
    starts.forEach(one -> depths.put(one, 0));
    while (!open.isEmpty()) {
      int node = open.remove();
      for (Link link : at.getOrDefault(node, List.of())) {
        int next = link.other(node);
        if (depths.putIfAbsent(next, depths.getOrDefault(node, 0) + 1) == null) {
          open.add(next);
        }
      }
    }
  }

  private void volts() {
    at.keySet().forEach(node -> volts.put(node, right.contains(node) ? 1.0 : 0.0));
    if (right.isEmpty()) {
      return;
    }
    for (int sweep = 0; sweep < SWEEPS; sweep++) {
      for (Map.Entry<Integer, List<Link>> entry : at.entrySet()) {
        int node = entry.getKey();
        if (left.contains(node) || right.contains(node)) {
          continue;
        }
        double sum = 0;
        int count = 0;
        for (Link link : entry.getValue()) {
          if (!link.isLoop()) {
            sum += volts.getOrDefault(link.other(node), 0.0);
            count++;
          }
        }
        if (count > 0) {
          volts.put(node, sum / count);
        }
      }
    }
  }

  /** From left to right: left rails first, right rails last. */
  Comparator<Integer> order() {
    return Comparator.<Integer>comparingInt(
            node -> left.contains(node) ? 0 : right.contains(node) ? 2 : 1)
        .thenComparingLong(node -> Math.round(volts.getOrDefault(node, 0.0) / SAME))
        .thenComparingInt(node -> depths.getOrDefault(node, 0))
        .thenComparingInt(node -> node);
  }

  boolean isRail(int node) {
    return left.contains(node) || right.contains(node);
  }

  /** Conductors at which more than two branches meet, and the rails. */
  private boolean isMeeting(int node) {
    List<Link> here = at.getOrDefault(node, List.of());
    return isRail(node) || here.size() > 2 || here.stream().anyMatch(Link::isLoop);
  }

  List<Rung> rungs() {
    List<Rung> rungs = new ArrayList<>();
    Set<Link> drawn = new LinkedHashSet<>();
    for (Link link : links) {
      if (!drawn.contains(link)) {
        rungs.add(rung(link, drawn));
      }
    }
    return rungs;
  }

  /** From a branch on to both sides, until others meet it there or it ends. */
  private Rung rung(Link start, Set<Link> drawn) {
    List<Branch> branches = new ArrayList<>(List.of(start.branch));
    List<Integer> nodes = new ArrayList<>(List.of(start.from, start.to));
    drawn.add(start);
    if (!start.isLoop()) {
      follow(branches, nodes, drawn);
      turn(branches, nodes);
      follow(branches, nodes, drawn);
      turn(branches, nodes);
    }
    int from = nodes.get(0);
    int to = nodes.get(nodes.size() - 1);
    if (order().compare(from, to) > 0) {
      turn(branches, nodes);
      from = nodes.get(0);
      to = nodes.get(nodes.size() - 1);
    }
    boolean returns = from == to;
    boolean onlyRight = right.contains(from) && right.contains(to);
    boolean onlyLeft = left.contains(from) && left.contains(to);
    String fromWord = onlyRight ? "to " + word(from) : ends(from) ? word(from) : null;
    String toWord =
        (onlyLeft || returns) && !onlyRight ? "to " + word(to) : ends(to) ? word(to) : null;
    return new Rung(
        fromWord == null ? from : Rung.NONE,
        toWord == null ? to : Rung.NONE,
        branches,
        nodes,
        fromWord == null ? "" : fromWord,
        toWord == null ? "" : toWord);
  }

  private boolean ends(int node) {
    return !isMeeting(node);
  }

  private String word(int node) {
    return words.getOrDefault(node, "");
  }

  private void follow(List<Branch> branches, List<Integer> nodes, Set<Link> drawn) {
    while (true) {
      int node = nodes.get(nodes.size() - 1);
      Link next = isMeeting(node) ? null : next(node, drawn);
      if (next == null) {
        return;
      }
      drawn.add(next);
      branches.add(next.from == node ? next.branch : next.branch.turned());
      nodes.add(next.other(node));
    }
  }

  private @Nullable Link next(int node, Set<Link> drawn) {
    return at.getOrDefault(node, List.of()).stream()
        .filter(one -> !drawn.contains(one))
        .findFirst()
        .orElse(null);
  }

  private static void turn(List<Branch> branches, List<Integer> nodes) {
    java.util.Collections.reverse(branches);
    branches.replaceAll(Branch::turned);
    java.util.Collections.reverse(nodes);
  }
}
