package variablerotor.core.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.fact.FactKind;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.FactValue;
import variablerotor.core.fact.Repeat;
import variablerotor.core.family.Family;
import variablerotor.core.family.Fault;
import variablerotor.core.likelihood.FamilyModel;

/**
 * An ended call as a machine to practise on: what was read then is read again, and what nobody read
 * is as such a fault would show it. Of the call it has the readings and what they turned out to be,
 * and nothing of where, whose or who.
 *
 * @param plateVolts rated volts as on the plate; null where nobody read them
 * @param found what it turned out to be
 * @param readings in force before the repair
 */
public record RealCall(
    Family family,
    Symptom symptom,
    @Nullable String plateVolts,
    List<Suspect> found,
    Map<FactType, FactValue> readings) {
  /** Machines that are tried for each fault; the one that shows most of what was read is taken. */
  private static final int TRIED = 12;

  public RealCall {
    found = List.copyOf(found);
    Map<FactType, FactValue> kept = new EnumMap<>(FactType.class);
    readings.forEach(
        (type, value) -> {
          FactValue plain = nameless(type, value);
          if (plain != null) {
            kept.put(type, plain);
          }
        });
    readings = Collections.unmodifiableMap(kept);
  }

  /** Of a code its text alone: book and meaning are the shop's words. What is untold is nothing. */
  private static @Nullable FactValue nameless(FactType type, FactValue value) {
    if (value instanceof FactValue.Code code) {
      return new FactValue.Code(null, code.code(), null, code.fan());
    }
    return value instanceof FactValue.Untold || type.kind() == FactKind.SUSPECTS ? null : value;
  }

  /** The machine; null where nothing that a machine can be given makes such a call. */
  public @Nullable SimulatedMotor machine(long seed) {
    HiddenFault best = null;
    int most = -1;
    Random random = new Random(seed);
    for (List<Fault> faults : candidates()) {
      for (int i = 0; i < TRIED; i++) {
        HiddenFault hidden =
            new HiddenFault(family, symptom, faults, random.nextDouble(), random.nextLong(), null);
        int shown = shown(new SimulatedMotor(hidden));
        if (shown > most) {
          most = shown;
          best = hidden;
        }
      }
    }
    return best == null ? null : SimulatedMotor.of(this, best);
  }

  /** What can be hidden in a machine that sits just where it was found to be. */
  private List<List<Fault>> candidates() {
    List<List<Fault>> candidates = new ArrayList<>();
    for (List<Fault> faults : FamilyModel.of(family).population(symptom).keySet()) {
      Set<Suspect> mine = new LinkedHashSet<>();
      faults.forEach(one -> mine.add(one.suspect()));
      if (List.copyOf(mine).equals(found) && !mine.contains(Suspect.NONE)) {
        candidates.add(faults);
      }
    }
    return candidates;
  }

  private int shown(SimulatedMotor machine) {
    int shown = 0;
    for (Map.Entry<FactType, FactValue> read : readings.entrySet()) {
      FactValue truth = machine.truth(read.getKey());
      shown += truth != null && Repeat.agree(read.getKey(), read.getValue(), truth) ? 1 : 0;
    }
    return shown;
  }
}
