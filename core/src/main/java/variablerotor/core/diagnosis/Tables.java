package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.family.Family;
import variablerotor.core.family.Fault;
import variablerotor.core.likelihood.Cause;
import variablerotor.core.likelihood.FamilyModel;
import variablerotor.core.likelihood.MadeOnce;

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
    return CauseTable.ofPairs(symptom, pairsOf(single.causes, symptom), single.checks);
  }

  /**
   * Each pair of usual single faults of different suspects; two at once is as rare as it sounds.
   * What nobody listed keeps its share.
   */
  private static List<Cause> pairsOf(List<Cause> causes, Symptom symptom) {
    List<Cause> pairs = new ArrayList<>();
    double all = 0;
    double listed = 0;
    double unlisted = 0;
    for (Cause one : causes) {
      listed += one.isUnlisted() ? 0 : one.weight(symptom);
      unlisted += one.isUnlisted() ? one.weight(symptom) : 0;
    }
    for (Cause one : causes) {
      for (Cause other : causes) {
        if (pairs(one, other, symptom)) {
          double weight = one.weight(symptom) * other.weight(symptom);
          all += weight;
          pairs.add(
              new Cause(
                  List.of(one.faults().get(0), other.faults().get(0)),
                  Map.of(symptom, weight),
                  "two faults at once"));
        }
      }
    }
    double kept = all * unlisted / listed;
    pairs.add(new Cause(List.of(Fault.UNLISTED), Map.of(symptom, kept), "none of the list"));
    return pairs;
  }

  private static boolean pairs(Cause one, Cause other, Symptom symptom) {
    Fault first = one.faults().get(0);
    Fault second = other.faults().get(0);
    return one.faults().size() == 1
        && other.faults().size() == 1
        && one.isUsual(symptom)
        && other.isUsual(symptom)
        && first.compareTo(second) < 0
        && first.suspect() != second.suspect()
        && first.suspect() != Suspect.NONE
        && second.suspect() != Suspect.NONE;
  }
}
