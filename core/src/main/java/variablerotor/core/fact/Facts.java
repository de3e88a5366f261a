package variablerotor.core.fact;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.winding.Ohms;

/**
 * The facts in force in one phase of the repair: of each type the one given last, or, of what was
 * measured more than once, what two measurements agree on.
 */
public final class Facts {
  private final Map<FactType, FactValue> values = new EnumMap<>(FactType.class);

  /** By type, every measurement since the last correction. */
  private final Map<FactType, List<FactValue>> taken = new EnumMap<>(FactType.class);

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
      List<FactValue> before = result.taken.get(fact.type());
      if (before == null || !fact.again()) {
        before = new ArrayList<>();
        result.taken.put(fact.type(), before);
      }
      before.add(fact.value());
      result.order.remove(fact.type());
      result.order.add(0, fact.type());
    }
    result.taken.forEach(
        (type, all) -> {
          FactValue value = Repeat.inForce(type, all);
          if (value != null) {
            result.values.put(type, value);
          }
        });
    return result;
  }

  /**
   * The same with what is told elsewhere too, such as on the plate; a fact that is in force, or was
   * measured at all, goes before it.
   */
  public Facts or(FactType type, @Nullable Boolean told) {
    if (told == null || taken.containsKey(type)) {
      return this;
    }
    Facts more = new Facts(phase);
    more.values.putAll(values);
    more.taken.putAll(taken);
    more.order.addAll(order);
    more.values.put(type, new FactValue.Flag(told));
    return more;
  }

  /** Whether it was measured more than once, and two measurements agree. */
  public boolean isConfirmed(FactType type) {
    List<FactValue> all = taken.get(type);
    return all != null && all.size() > 1 && values.containsKey(type);
  }

  /** The types measured more than once of which no two agree: none of them counts. */
  public List<FactType> disputed() {
    List<FactType> disputed = new ArrayList<>();
    taken.forEach(
        (type, all) -> {
          if (!values.containsKey(type)) {
            disputed.add(type);
          }
        });
    return disputed;
  }

  /** Every measurement of this type since the last correction, in the order of taking. */
  public List<FactValue> taken(FactType type) {
    List<FactValue> all = taken.get(type);
    return all == null ? List.of() : List.copyOf(all);
  }

  /** The types that were measured, seen or told on this call, in the order of the types. */
  public List<FactType> types() {
    return List.copyOf(taken.keySet());
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
