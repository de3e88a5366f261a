package variablerotor.core.catalogue;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import variablerotor.core.catalogue.Catalogue.Word;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;
import variablerotor.core.wiring.BeforeAfter;
import variablerotor.core.wiring.PartType;
import variablerotor.core.wiring.Plan;
import variablerotor.core.wiring.PlanRequest.Ask;
import variablerotor.core.wiring.PlanRequest.CallId;
import variablerotor.core.wiring.PlanRequest.Pattern;

/**
 * What is said of conversions and their wiring.
 *
 * @param equipment the calls that a unit can have
 * @param calls every row of a table of calls
 * @param lines the supplies that one can plan for
 */
public record WiringWords(
    List<PatternView> patterns,
    List<Word> equipment,
    List<Word> calls,
    List<Word> parts,
    List<Word> lines,
    List<Word> circuits)
    implements Node {
  public WiringWords {
    patterns = List.copyOf(patterns);
    equipment = List.copyOf(equipment);
    calls = List.copyOf(calls);
    parts = List.copyOf(parts);
    lines = List.copyOf(lines);
    circuits = List.copyOf(circuits);
  }

  /**
   * A pattern.
   *
   * @param asks what is asked for it beside what is for all
   */
  public record PatternView(Pattern id, String title, String detail, List<Ask> asks)
      implements Node {
    public PatternView {
      asks = List.copyOf(asks);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of("id", id, "title", title, "detail", detail, "asks", asks);
    }
  }

  static WiringWords all() {
    return new WiringWords(
        Arrays.stream(Pattern.values())
            .map(one -> new PatternView(one, one.title(), one.detail(), List.copyOf(one.asks())))
            .toList(),
        Arrays.stream(CallId.values())
            .map(one -> new Word(one.name(), Catalogue.capital(one.title())))
            .toList(),
        BeforeAfter.calls().stream()
            .map(one -> new Word(one, Catalogue.capital(BeforeAfter.title(one))))
            .toList(),
        Arrays.stream(PartType.values()).map(one -> new Word(one.name(), one.title())).toList(),
        Arrays.stream(PartType.values())
            .filter(PartType::isLine)
            .map(one -> new Word(one.name(), one.title()))
            .toList(),
        Arrays.stream(Plan.Circuit.values())
            .map(one -> new Word(one.name(), one.title()))
            .toList());
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "patterns", patterns,
        "equipment", equipment,
        "calls", calls,
        "parts", parts,
        "lines", lines,
        "circuits", circuits);
  }
}
