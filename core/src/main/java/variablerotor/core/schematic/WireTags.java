package variablerotor.core.schematic;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import variablerotor.core.wiring.AsWired;
import variablerotor.core.wiring.Plan;
import variablerotor.core.wiring.PlanRequest;
import variablerotor.core.wiring.Planner;
import variablerotor.core.wiring.Terminal;
import variablerotor.core.wiring.Wiring.Wire;

/**
 * What stands beside each end of a wire: its number in the plan, or what it was called, and its
 * colour. Of a wire that the factory made no colour is said unless somebody read it.
 */
public final class WireTags {
  /** As they are shortened on the trade's own diagrams. Common practice. */
  private static final Map<String, String> SHORT =
      Map.ofEntries(
          Map.entry("black", "BLK"),
          Map.entry("blue", "BLU"),
          Map.entry("brown", "BRN"),
          Map.entry("gray", "GRY"),
          Map.entry("grey", "GRY"),
          Map.entry("green", "GRN"),
          Map.entry("orange", "ORN"),
          Map.entry("pink", "PNK"),
          Map.entry("purple", "PUR"),
          Map.entry("red", "RED"),
          Map.entry("violet", "VIO"),
          Map.entry("white", "WHT"),
          Map.entry("yellow", "YEL"));

  /**
   * @param name its number in the plan, or what it was called; may be empty
   * @param colour in short; may be empty
   */
  private record Tag(Wire wire, String name, String colour) {
    String text() {
      return (name + " " + colour).trim();
    }
  }

  private final List<Tag> tags = new ArrayList<>();

  private WireTags() {}

  /** Nothing beside any wire. */
  public static WireTags none() {
    return new WireTags();
  }

  /** Of a conversion as it is made. */
  public static WireTags of(AsWired made) {
    return of(made.plan(), made.marks());
  }

  /**
   * @param plan in which the wires are numbered; null where there is none
   * @param marks what was read off the wires that are there
   */
  public static WireTags of(@Nullable PlanRequest plan, List<AsWired.Mark> marks) {
    WireTags all = new WireTags();
    List<Plan.Step> steps = plan == null ? List.of() : Planner.of(plan).wires();
    for (Plan.Step step : steps) {
      Wire wire = new Wire(step.from(), step.to());
      AsWired.Mark mark = mark(marks, wire);
      String colour = mark != null ? mark.colour() : step.there() ? "" : step.colour();
      all.tags.add(new Tag(wire, step.n() + "", brief(colour)));
    }
    for (AsWired.Mark mark : marks) {
      Wire wire = new Wire(mark.from(), mark.to());
      if (steps.stream().noneMatch(one -> wire.isLike(new Wire(one.from(), one.to())))) {
        all.tags.add(new Tag(wire, mark.label(), brief(mark.colour())));
      }
    }
    return all;
  }

  private static AsWired.@Nullable Mark mark(List<AsWired.Mark> marks, Wire wire) {
    return marks.stream()
        .filter(one -> wire.isLike(new Wire(one.from(), one.to())))
        .findFirst()
        .orElse(null);
  }

  /** Nothing for what is no colour of one word: the list of wires has it whole. */
  private static String brief(String colour) {
    return SHORT.getOrDefault(colour.trim().toLowerCase(Locale.ROOT), "");
  }

  /** Of the wires that end at a terminal and are drawn. */
  String at(Terminal terminal, List<Wire> drawn) {
    return here(terminal, drawn).stream().map(Tag::text).collect(Collectors.joining(", "));
  }

  /** The same for where there is little room: of several wires at one terminal no colours. */
  String inBrief(Terminal terminal, List<Wire> drawn) {
    List<Tag> here = here(terminal, drawn);
    return here.size() == 1
        ? here.get(0).text()
        : here.stream()
            .map(Tag::name)
            .filter(name -> !name.isEmpty())
            .collect(Collectors.joining(", "));
  }

  private List<Tag> here(Terminal terminal, List<Wire> drawn) {
    return tags.stream()
        .filter(one -> !one.text().isEmpty() && one.wire().touches(terminal))
        .filter(tag -> drawn.stream().anyMatch(one -> one.isLike(tag.wire())))
        .toList();
  }
}
