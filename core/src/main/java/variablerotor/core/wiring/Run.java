package variablerotor.core.wiring;

import java.util.List;
import java.util.Map;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * One call, run until nothing moves any more.
 *
 * @param motor what the first motor does: {@code OFF}, {@code RUN}, a speed, {@code TWO_SPEEDS}
 * @param motors the same of every motor
 * @param relays that have pulled, contactors too
 * @param coilVa what their coils take [VA]
 * @param moments from the raised outputs to where nothing moves any more
 */
public record Run(
    String name,
    String motor,
    Map<String, String> motors,
    List<String> relays,
    double coilVa,
    List<Finding> findings,
    List<Moment> moments)
    implements Node {
  public Run {
    motors = java.util.Collections.unmodifiableMap(new java.util.LinkedHashMap<>(motors));
    relays = List.copyOf(relays);
    findings = List.copyOf(findings);
    moments = List.copyOf(moments);
  }

  /** Terminals that stand under voltage at the end, against ground or their common. */
  public List<Terminal> live() {
    return moments.get(moments.size() - 1).live();
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "name", name,
        "motor", motor,
        "motors", motors,
        "relays", relays,
        "coilVa", coilVa,
        "findings", findings);
  }
}
