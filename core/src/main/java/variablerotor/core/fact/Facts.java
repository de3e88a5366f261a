package variablerotor.core.fact;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.winding.Ohms;

/** The facts in force in one phase of the repair: of each type the one given last. */
public final class Facts {
  private final Map<FactType, FactValue> values = new EnumMap<>(FactType.class);

  private final List<FactType> order = new ArrayList<>();

  private final RepairPhase phase;

  private Facts(RepairPhase phase) {
    this.phase = phase;
  }

  /** Those taken before the repair, which is all that a diagnosis reads. */
  public static Facts of(Collection<Fact> facts) {
    return of(facts, RepairPhase.BEFORE);
  }

  /**
   * Those of one phase, in the order given; a later one of the same type stands in place of the
   * earlier.
   */
  public static Facts of(Collection<Fact> facts, RepairPhase phase) {
    Facts result = new Facts(phase);
    for (Fact fact : facts) {
      if (fact.phase() != phase) {
        continue;
      }
      result.values.put(fact.type(), fact.value());
      result.order.remove(fact.type());
      result.order.add(0, fact.type());
    }
    return result;
  }

  /** Whether a fact of this type is in force. */
  public boolean has(FactType type) {
    return values.containsKey(type);
  }

  /** The types in force, the one given last first. */
  public List<FactType> latestFirst() {
    return List.copyOf(order);
  }

  /** Whether none is in force. */
  public boolean isEmpty() {
    return values.isEmpty();
  }

  /** Every fact in force, in the order of the types. */
  public List<Fact> list() {
    List<Fact> list = new ArrayList<>();
    values.forEach((type, value) -> list.add(new Fact(type, value, phase)));
    return list;
  }

  /** The number, or null where it was not given. */
  public @Nullable Double number(FactType type) {
    return values.get(type) instanceof FactValue.Quantity quantity ? quantity.value() : null;
  }

  /** The number, or this where it was not given. */
  public double number(FactType type, double otherwise) {
    Double number = number(type);
    return number == null ? otherwise : number;
  }

  /** The resistance [Ω], or null where none was given. */
  public @Nullable Ohms ohms(FactType type) {
    return values.get(type) instanceof FactValue.Resistance resistance ? resistance.ohms() : null;
  }

  /** Yes or no, or null where it was not said. */
  public @Nullable Boolean flag(FactType type) {
    return values.get(type) instanceof FactValue.Flag flag ? flag.value() : null;
  }

  /** The word chosen, or null where none was. */
  public @Nullable String choice(FactType type) {
    return values.get(type) instanceof FactValue.Choice choice ? choice.word() : null;
  }

  /** The names given; none where it was not said. */
  public List<String> names(FactType type) {
    return values.get(type) instanceof FactValue.Names names ? names.names() : List.of();
  }

  /** The window [V], or null where none was given. */
  public FactValue.@Nullable Range range(FactType type) {
    return values.get(type) instanceof FactValue.Range range ? range : null;
  }
}
