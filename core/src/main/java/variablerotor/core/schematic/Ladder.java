package variablerotor.core.schematic;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import variablerotor.core.drawing.Drawing;
import variablerotor.core.drawing.Ink;
import variablerotor.core.wiring.Conductors;
import variablerotor.core.wiring.Part;
import variablerotor.core.wiring.PartType;
import variablerotor.core.wiring.Terminal;
import variablerotor.core.wiring.Wiring;

/**
 * A wiring as a ladder: rails at the sides, on each rung what lies between them in series. Uprights
 * stand in channels between the cells of the symbols, so that no conductor can go through a symbol
 * or a label.
 */
public final class Ladder {
  private static final double MARGIN = 8;
  private static final double ROW = 56;
  private static final double HEAD = 44;
  private static final double TRACK = 12;
  private static final double RAIL_GAP = 8;
  private static final double LEAST_CELL = 58;

  /** Between a symbol and the number of the wire at it. */
  private static final double TAG_GAP = 3;

  private static final double MOST_CELL = 132;

  private final Wiring wiring;
  private final Lit lit;
  private final WireTags tags;
  private final Conductors conductors;
  private final Map<Terminal, Integer> inside = new LinkedHashMap<>();
  private final List<Branch> branches;
  private final Draft draft;
  private final double cell;
  private double top = MARGIN;
  private double width;

  private Ladder(Wiring wiring, Lit lit, WireTags tags) {
    this.wiring = wiring;
    this.lit = lit;
    this.tags = tags;
    conductors = Conductors.of(wiring);
    draft = new Draft(conductors);
    branches = Branches.of(wiring, conductors);
    cell = cell(branches);
  }

  /** The wiring, with what is lit. */
  public static Sheet of(Wiring wiring, Lit lit) {
    return of(wiring, lit, WireTags.none());
  }

  /** The same, with what stands beside the ends of its wires. */
  public static Sheet of(Wiring wiring, Lit lit, WireTags tags) {
    if (Bounds.isTooLarge(wiring)) {
      return Bounds.sentence(wiring);
    }
    Ladder ladder = new Ladder(wiring, lit, tags);
    for (Section section : ladder.sections()) {
      ladder.draw(section);
    }
    return ladder.draft.sheet(Math.max(ladder.width, 80) + MARGIN, ladder.top + MARGIN);
  }

  /** As wide as the widest words ask for. */
  private double cell(List<Branch> branches) {
    double widest = LEAST_CELL;
    for (Branch branch : branches) {
      widest = Math.max(widest, tagged(branch));
      widest = Math.max(widest, Draft.width(branch.name(), Draft.NAME) + 8);
      widest = Math.max(widest, Draft.width(branch.below(), Draft.SMALL) + 8);
    }
    return Math.min(MOST_CELL, widest);
  }

  /** A symbol with what stands beside the wires at its two ends, the wider one on either side. */
  private double tagged(Branch branch) {
    double wider = Math.max(room(branch.from()), room(branch.to()));
    return wider == 0 ? 0 : 2 * (clear(branch) + wider) + 4;
  }

  /** From the middle of a symbol to where a number can stand. */
  private static double clear(Branch branch) {
    return Symbols.reach(branch.symbol()) + TAG_GAP;
  }

  private double room(Terminal end) {
    return Draft.width(tags.inBrief(end, wiring.wires()), Draft.SMALL);
  }

  // Sections.

  /** A conductor's number; of one inside a part that no wire can reach, one of its own. */
  private int node(Terminal terminal) {
    int known = conductors.of(terminal);
    return known >= 0
        ? known
        : inside.computeIfAbsent(terminal, any -> conductors.size() + inside.size());
  }

  /** Rails of a source, the innermost first. */
  private record Rails(List<Terminal> left, List<Terminal> right) {
    private Rails {
      left = List.copyOf(left);
      right = List.copyOf(right);
    }

    static Rails of(Part part) {
      return switch (part.type()) {
        case LINE_240 -> new Rails(List.of(part.at("L1")), List.of(part.at("L2")));
        case LINE_120 -> new Rails(List.of(part.at("L1")), List.of(part.at("N")));
        case LINE_3PH -> new Rails(List.of(part.at("L1"), part.at("L2"), part.at("L3")), List.of());
        case TRANSFORMER -> new Rails(List.of(part.at("R")), List.of(part.at("C")));
        case MOTOR_3PH -> new Rails(List.of(), List.of(part.at(Branches.STAR)));
        default -> new Rails(List.of(), List.of());
      };
    }
  }

  private List<Section> sections() {
    List<Section.Link> links = new ArrayList<>();
    for (Branch branch : branches) {
      links.add(new Section.Link(branch, node(branch.from()), node(branch.to())));
    }
    Map<Integer, Integer> groups = groups(links);
    Map<Integer, String> words = words(links);
    List<Section> sections = new ArrayList<>();
    for (int group : new LinkedHashSet<>(groups.values())) {
      Set<Integer> left = new LinkedHashSet<>();
      Set<Integer> right = new LinkedHashSet<>();
      for (Part part : wiring.parts()) {
        Rails rails = Rails.of(part);
        rails.left().forEach(one -> addIn(left, one, group, groups));
        rails.right().forEach(one -> addIn(right, one, group, groups));
      }
      List<Section.Link> mine =
          links.stream().filter(one -> groups.getOrDefault(one.from(), -1) == group).toList();
      if (!mine.isEmpty()) {
        sections.add(new Section(mine, left, right, words));
      }
    }
    return sections;
  }

  private void addIn(
      Set<Integer> rails, Terminal terminal, int group, Map<Integer, Integer> groups) {
    if (groups.getOrDefault(node(terminal), -1) == group) {
      rails.add(node(terminal));
    }
  }

  /** Which conductors hang together, by branches and by sources; sources first. */
  private Map<Integer, Integer> groups(List<Section.Link> links) {
    Map<Integer, Integer> groups = new LinkedHashMap<>();
    for (Part part : wiring.parts()) {
      if (part.type() != PartType.MOTOR_3PH) {
        Rails rails = Rails.of(part);
        List<Terminal> all = new ArrayList<>(rails.left());
        all.addAll(rails.right());
        all.forEach(one -> merge(groups, node(all.get(0)), node(one)));
      }
    }
    links.forEach(one -> merge(groups, one.from(), one.to()));
    return groups;
  }

  private static void merge(Map<Integer, Integer> groups, int one, int other) {
    int kept = groups.computeIfAbsent(one, any -> one);
    int lost = groups.computeIfAbsent(other, any -> other);
    groups.replaceAll((node, group) -> group == lost ? kept : group);
  }

  /** What a conductor is called where it ends or goes on elsewhere. */
  private Map<Integer, String> words(List<Section.Link> links) {
    Set<Terminal> drawn = new LinkedHashSet<>();
    links.forEach(
        one -> {
          drawn.add(one.branch().from());
          drawn.add(one.branch().to());
        });
    Map<Integer, String> words = new LinkedHashMap<>();
    for (Section.Link link : links) {
      for (int node : List.of(link.from(), link.to())) {
        words.computeIfAbsent(node, any -> word(conductors.on(node), drawn));
      }
    }
    for (Part part : wiring.parts()) {
      Rails rails = Rails.of(part);
      rails.left().forEach(one -> words.put(node(one), source(part, one)));
      rails.right().forEach(one -> words.put(node(one), source(part, one)));
    }
    return words;
  }

  private String word(List<Terminal> all, Set<Terminal> drawn) {
    boolean capped =
        all.stream().anyMatch(one -> conductors.isWired(one) && wiring.isJoint(one))
            && all.size() == 2;
    return capped
        ? "capped"
        : all.stream()
            .filter(one -> !drawn.contains(one) && conductors.isWired(one) && !wiring.isJoint(one))
            .map(one -> one.part() + " " + one.name())
            .collect(Collectors.joining(", "));
  }

  // Drawing.

  private void draw(Section section) {
    Placing placing = new Placing(section);
    Channels channels = new Channels(section, placing);
    double first = top + HEAD;
    for (int rung = 0; rung < placing.rungs.size(); rung++) {
      rung(placing, channels, placing.rungs.get(rung), first + ROW * placing.row(rung));
    }
    for (int node : placing.column.keySet()) {
      upright(section, placing, channels, node, first);
    }
    width = Math.max(width, channels.right());
    top = first + ROW * (placing.rows() - 1) + 34;
  }

  private void upright(
      Section section, Placing placing, Channels channels, int node, double first) {
    int[] span = placing.span(node);
    boolean star = inside.containsValue(node);
    boolean rail = !star && section.isRail(node);
    double x = channels.x(node);
    boolean live = lit.isLive(node);
    if (rail) {
      double head = first - 22;
      draft.label(
          name(node), Draft.ink(live), Draft.NAME, true, Drawing.Anchor.MIDDLE, x, head - 6);
      double end = span[1] < 0 ? first : first + ROW * span[1];
      draft.wire(node, live, x, head, x, end);
    } else if (span[1] >= 0) {
      draft.wire(node, live, x, first + ROW * span[0], x, first + ROW * span[1]);
      dots(placing, node, span, x, first, live);
    }
  }

  /** Where three pieces of a conductor meet. */
  private void dots(Placing placing, int node, int[] span, double x, double first, boolean live) {
    for (int at = span[0]; at <= span[1]; at++) {
      int pieces = (at > span[0] ? 1 : 0) + (at < span[1] ? 1 : 0);
      for (int rung = 0; rung < placing.rungs.size(); rung++) {
        Rung one = placing.rungs.get(rung);
        if (placing.row(rung) == at && (one.from() == node || one.to() == node)) {
          pieces++;
        }
      }
      if (pieces >= 3) {
        draft.dot(Draft.ink(live), Draft.ink(live), 0, x, first + ROW * at, 3.4);
      }
    }
  }

  /** A rail by its source; the dot says which end of a transformer is in phase with its H1. */
  private static String source(Part part, Terminal rail) {
    boolean hot = part.type() == PartType.TRANSFORMER && rail.name().equals("R");
    return part.id() + " " + rail.name() + (hot ? " •" : "");
  }

  private String name(int node) {
    Set<String> names = new LinkedHashSet<>();
    for (Part part : wiring.parts()) {
      Rails rails = Rails.of(part);
      for (List<Terminal> side : List.of(rails.left(), rails.right())) {
        side.stream()
            .filter(one -> node(one) == node && part.type() != PartType.MOTOR_3PH)
            .forEach(one -> names.add(source(part, one)));
      }
    }
    return String.join(" + ", names);
  }

  private void rung(Placing placing, Channels channels, Rung rung, double y) {
    int start = placing.start(rung);
    int end = placing.end(rung);
    int cells = end - start;
    List<Double> centres = new ArrayList<>();
    int begins = rung.from() == Rung.NONE ? 1 : 0;
    int ends = rung.to() == Rung.NONE ? 1 : 0;
    int count = rung.branches().size();
    for (int at = 0; at < count; at++) {
      int place = at < rung.leftBranches() ? begins + at : cells - ends - (count - at);
      centres.add(channels.centre(start + place));
    }
    double x =
        rung.from() == Rung.NONE
            ? end(channels.centre(start), rung.fromWord(), true, rung.conductors().get(0), y)
            : channels.x(rung.from());
    for (int at = 0; at < count; at++) {
      Branch branch = rung.branches().get(at);
      double centre = centres.get(at);
      double half = Symbols.half(branch.symbol());
      int before = rung.conductors().get(at);
      draft.wire(before, lit.isLive(before), x, y, centre - half, y);
      Symbols.draw(draft, branch, lit, centre, y);
      labels(branch, centre, y);
      x = centre + half;
    }
    int last = rung.conductors().get(count);
    double stop =
        rung.to() == Rung.NONE
            ? end(channels.centre(end - 1), rung.toWord(), false, last, y)
            : channels.x(rung.to());
    draft.wire(last, lit.isLive(last), x, y, stop, y);
  }

  private void labels(Branch branch, double x, double y) {
    boolean on = lit.isOn(branch);
    draft.label(
        Draft.fitted(branch.name(), Draft.NAME, cell - 4),
        lit.isBad(branch.from()) || lit.isBad(branch.to()) ? Ink.FAILED : Draft.ink(on),
        Draft.NAME,
        true,
        Drawing.Anchor.MIDDLE,
        x,
        y - 17);
    double half = clear(branch);
    tag(branch.from(), Drawing.Anchor.END, half, x - half, y);
    tag(branch.to(), Drawing.Anchor.START, half, x + half, y);
    if (!branch.below().isEmpty()) {
      draft.label(
          Draft.fitted(branch.below(), Draft.SMALL, cell - 4),
          Ink.INK,
          Draft.SMALL,
          false,
          Drawing.Anchor.MIDDLE,
          x,
          y + 23);
    }
  }

  /** What stands beside the wires that end at a terminal, over the line. */
  private void tag(Terminal end, Drawing.Anchor anchor, double half, double x, double y) {
    String text = tags.inBrief(end, wiring.wires());
    double room = cell / 2 - half - 2;
    if (!text.isEmpty()) {
      draft.label(
          Draft.fitted(text, Draft.SMALL, room), Ink.INK, Draft.SMALL, false, anchor, x, y - 4);
    }
  }

  /** A ring with a word behind it; gives where the conductor stops. */
  private double end(double centre, String word, boolean leftward, int conductor, double y) {
    double side = leftward ? 1 : -1;
    double ring = centre + side * (cell / 2 - 10);
    draft.dot(Ink.PAPER, Draft.ink(lit.isLive(conductor)), 1.6, ring, y, 3.2);
    if (!word.isEmpty()) {
      draft.label(
          Draft.fitted(word, Draft.SMALL, cell - 20),
          Ink.INK,
          Draft.SMALL,
          false,
          leftward ? Drawing.Anchor.END : Drawing.Anchor.START,
          ring - side * 7,
          y + 3.2);
    }
    return ring + side * 3.2;
  }

  /** Channels for uprights, with cells for symbols between them. */
  private final class Channels {
    private final double[] from;
    private final double[] wide;
    private final Map<Integer, Double> x = new LinkedHashMap<>();

    Channels(Section section, Placing placing) {
      int count = placing.columns + 1;
      from = new double[count];
      wide = new double[count];
      List<List<List<Integer>>> tracks = new ArrayList<>();
      for (int channel = 0; channel < count; channel++) {
        tracks.add(tracks(section, placing, channel));
      }
      double at = MARGIN;
      for (int channel = 0; channel < count; channel++) {
        from[channel] = at;
        double inside = at;
        for (List<Integer> track : tracks.get(channel)) {
          boolean rail = section.isRail(track.get(0));
          double room = rail ? Draft.width(name(track.get(0)), Draft.NAME) + RAIL_GAP : TRACK;
          for (int node : track) {
            x.put(node, inside + room / 2);
          }
          inside += room;
        }
        wide[channel] = inside - at;
        at = inside + cell;
      }
    }

    /** Uprights of one channel: those that do not reach each other share a track. */
    private List<List<Integer>> tracks(Section section, Placing placing, int channel) {
      List<List<Integer>> rails = new ArrayList<>();
      List<List<Integer>> tracks = new ArrayList<>();
      for (Map.Entry<Integer, Integer> entry : placing.column.entrySet()) {
        int node = entry.getKey();
        if (entry.getValue() != channel) {
          continue;
        }
        if (section.isRail(node)) {
          // The first named is the innermost: the last of the left ones, the first of the right.
          rails.add(section.left.contains(node) ? 0 : rails.size(), List.of(node));
        } else {
          share(tracks, placing, node);
        }
      }
      List<List<Integer>> all = new ArrayList<>(channel == 0 ? rails : tracks);
      all.addAll(channel == 0 ? tracks : rails);
      return all;
    }

    private void share(List<List<Integer>> tracks, Placing placing, int node) {
      int[] span = placing.span(node);
      for (List<Integer> track : tracks) {
        if (track.stream()
            .map(placing::span)
            .allMatch(one -> one[1] < span[0] || one[0] > span[1])) {
          track.add(node);
          return;
        }
      }
      tracks.add(new ArrayList<>(List.of(node)));
    }

    double x(int node) {
      return x.getOrDefault(node, MARGIN);
    }

    /** The middle of the cell behind a channel. */
    double centre(int channel) {
      return from[channel] + wide[channel] + cell / 2;
    }

    double right() {
      return from[from.length - 1] + wide[wide.length - 1];
    }
  }
}
