package variablerotor.core.diagnosis;

import static variablerotor.core.family.Fault.NOTHING;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import variablerotor.core.check.Symptom;
import variablerotor.core.family.Family;
import variablerotor.core.family.Fault;
import variablerotor.core.odds.Cause;
import variablerotor.core.odds.FamilyModel;
import variablerotor.core.odds.MadeOnce;

/** The tables of a family, by complaint. */
final class Tables {
  private static final MadeOnce<Family, Tables> ALL = new MadeOnce<>(Family.class, Tables::new);

  private final FamilyModel model;
  private final MadeOnce<Symptom, CauseTable> single = new MadeOnce<>(Symptom.class, this::one);
  private final MadeOnce<Symptom, CauseTable> doubles = new MadeOnce<>(Symptom.class, this::two);

  private Tables(Family family) {
    model = FamilyModel.of(family);
  }

  /**
   * @throws IllegalArgumentException for a family that is not covered
   */
  static Tables of(Family family) {
    return ALL.get(family);
  }

  /** One cause at a time. */
  CauseTable single(Symptom symptom) {
    return single.get(symptom);
  }

  /** Two single faults at once, for readings that no one cause explains. */
  CauseTable doubles(Symptom symptom) {
    return doubles.get(symptom);
  }

  private CauseTable one(Symptom symptom) {
    return new CauseTable(symptom, model.causes(symptom), model.checks(symptom));
  }

  private CauseTable two(Symptom symptom) {
    CauseTable single = single(symptom);
    return new CauseTable(symptom, pairsOf(single.causes, symptom), single.checks);
  }

  /** Each pair of single faults of different suspects; two at once is as rare as it sounds. */
  private static List<Cause> pairsOf(List<Cause> causes, Symptom symptom) {
    List<Cause> pairs = new ArrayList<>();
    for (Cause one : causes) {
      for (Cause other : causes) {
        Fault first = one.faults().get(0);
        Fault second = other.faults().get(0);
        if (one.faults().size() == 1
            && other.faults().size() == 1
            && first.compareTo(second) < 0
            && first.suspect() != second.suspect()
            && first != NOTHING
            && second != NOTHING) {
          double weight = one.weight(symptom) * other.weight(symptom);
          pairs.add(
              new Cause(List.of(first, second), Map.of(symptom, weight), "two faults at once"));
        }
      }
    }
    return pairs;
  }
}
