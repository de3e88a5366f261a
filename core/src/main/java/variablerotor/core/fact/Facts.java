package variablerotor.core.fact;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
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

  /** By type and tap, stage or place, every measurement since the last correction. */
  private final Map<FactType, Map<String, List<FactValue>>> byPlace = new EnumMap<>(FactType.class);

  /** By type, what the machine did when the one in force was taken. */
  private final Map<FactType, Taken.When> when = new EnumMap<>(FactType.class);

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
      result.add(fact);
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

  private void add(Fact fact) {
    Map<String, List<FactValue>> places =
        byPlace.computeIfAbsent(fact.type(), type -> new LinkedHashMap<>());
    String on = Objects.requireNonNullElse(fact.taken().on(), "");
    List<FactValue> before = places.get(on);
    if (before == null || !fact.again()) {
      before = new ArrayList<>();
      places.put(on, before);
    }
    before.add(fact.value());
    taken.put(fact.type(), before);
    Taken.When moment = fact.taken().when();
    if (moment == null) {
      when.remove(fact.type());
    } else {
      when.put(fact.type(), moment);
    }
  }

  /**
   * The same with what is told elsewhere too, such as on the plate; a fact that is in force, or was
   * measured at all, goes before it.
   */
  public Facts or(FactType type, @Nullable Boolean told) {
    if (told == null || taken.containsKey(type)) {
      return this;
    }
    Facts more = copy();
    more.values.put(type, new FactValue.Flag(told));
    return more;
  }

  private Facts copy() {
    Facts copy = new Facts(phase);
    copy.values.putAll(values);
    copy.taken.putAll(taken);
    copy.order.addAll(order);
    copy.byPlace.putAll(byPlace);
    copy.when.putAll(when);
    return copy;
  }

  /** The same without these: they were read, and do not count. */
  public Facts without(Collection<FactType> types) {
    if (types.isEmpty()) {
      return this;
    }
    Facts less = copy();
    types.forEach(less.values::remove);
    types.forEach(less.taken::remove);
    less.order.removeAll(types);
    return less;
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

  /** Whether a fact of this type is in force, and says something. */
  public boolean has(FactType type) {
    return values.containsKey(type) && untold(type) == null;
  }

  /** Why it could not be read; null where it was, or was not asked. */
  public FactValue.Untold.@Nullable Why untold(FactType type) {
    return values.get(type) instanceof FactValue.Untold untold ? untold.why() : null;
  }

  /** What the machine did when it was read; null where that was not said. */
  public Taken.@Nullable When when(FactType type) {
    return when.get(type);
  }

  /**
   * What was read of this type by tap, stage or place, in the order of taking; empty where it was
   * read in one place only. Of one that is disputed nothing is in it.
   */
  public Map<String, FactValue> places(FactType type) {
    Map<String, List<FactValue>> all = byPlace.get(type);
    Map<String, FactValue> read = new LinkedHashMap<>();
    if (all != null && all.size() > 1) {
      all.forEach(
          (place, values) -> {
            FactValue value = Repeat.inForce(type, values);
            if (value != null) {
              read.put(place, value);
            }
          });
    }
    return read;
  }

  /** The same with this in force in the place of what is. */
  public Facts with(FactType type, FactValue value) {
    Facts copy = copy();
    copy.values.put(type, value);
    copy.taken.putIfAbsent(type, List.of(value));
    return copy;
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

  /** The word chosen, of several the most telling, or null where none was. */
  public @Nullable Answer choice(FactType type) {
    List<Answer> words = words(type);
    return words.isEmpty() ? null : words.get(0);
  }

  /** Every word chosen, the most telling first; none where none was. */
  public List<Answer> words(FactType type) {
    if (values.get(type) instanceof FactValue.Several several) {
      return several.words();
    }
    return values.get(type) instanceof FactValue.Choice choice ? List.of(choice.word()) : List.of();
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
