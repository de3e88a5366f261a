package variablerotor.core.likelihood;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.family.Family;
import variablerotor.core.source.Figure;
import variablerotor.core.source.Source;

/**
 * What a shop's own ended calls do to the judged weights of causes. The judged shares are a
 * Dirichlet prior that is worth so many calls (its strength K): of N calls counted, of which n were
 * this thing, its share becomes (K p + n) / (K + N). What causes of one thing weigh against each
 * other stays as judged. What checks really took moves the planned minutes likewise. It moves
 * suspicion and the order of checks; proof rests on the judged weights alone. Bayesian estimation
 * of a multinomial with its conjugate prior: Gelman and others, Bayesian Data Analysis, from
 * memory.
 */
public final class Experience {
  /** So many calls the judged shares are worth, where a shop sets nothing else. */
  public static final Figure STRENGTH =
      new Figure(
          "learning.strength",
          "What the judged shares are worth against a shop's own counts",
          40,
          "calls",
          Source.practice("chosen here: a shop's first ten calls move little, its hundredth most"));

  /** So often a check must have been made before its own time counts as much as the planned one. */
  public static final Figure PLANNED_WORTH =
      new Figure(
          "learning.plannedWorth",
          "What the planned minutes of a check are worth against those it took",
          20,
          "times",
          Source.practice("chosen here: as with the shares, a handful moves little"));

  /** No count: every cause as judged, every check as planned. */
  public static final Experience NONE = new Experience(List.of(), 1, List.of());

  private final List<Counted> counts;
  private final double strength;
  private final List<Timed> times;

  private Experience(List<Counted> counts, double strength, List<Timed> times) {
    this.counts = List.copyOf(counts);
    this.strength = strength;
    this.times = List.copyOf(times);
  }

  /**
   * What a check took on ended calls, changes of the unit's state left out.
   *
   * @param times how often it was timed
   * @param minutes of all of them together [min]
   */
  public record Timed(Family family, String check, int times, double minutes) {}

  /** With what checks took, too. */
  public Experience timed(List<Timed> taken) {
    return new Experience(counts, strength, taken);
  }

  /**
   * By check of this family what it takes here [min]: the planned minutes and those it took,
   * weighed by what they are worth; nothing of a check that was never timed.
   */
  public Map<String, Double> minutes(Family family) {
    Map<String, Double> minutes = new LinkedHashMap<>();
    double worth = PLANNED_WORTH.value();
    for (Timed one : times) {
      if (one.family() == family) {
        for (Check check : FamilyModel.of(family).checks()) {
          if (check.id().equals(one.check())) {
            double all = worth * check.minutes() + one.minutes();
            minutes.put(one.check(), all / (worth + one.times()));
          }
        }
      }
    }
    return minutes;
  }

  /**
   * @param strength of the prior [calls], above 0
   */
  public static Experience of(List<Counted> counts, double strength) {
    if (!(strength > 0)) {
      throw new IllegalArgumentException("strength " + strength);
    }
    return new Experience(counts, strength, List.of());
  }

  /** How many calls turned out to be what. */
  public List<Counted> counts() {
    return counts;
  }

  /** What the judged shares are worth [calls]. */
  public double strength() {
    return strength;
  }

  /** What checks took. */
  public List<Timed> times() {
    return times;
  }

  /** Whether it changes nothing. */
  public boolean isNone() {
    return counts.isEmpty() && times.isEmpty();
  }

  /** Whether calls of this kind were counted, so that it changes something for them. */
  public boolean moves(Family family, Symptom symptom) {
    return counts.stream()
        .anyMatch(one -> one.family() == family && one.symptom() == symptom && one.calls() > 0);
  }

  /** The same with one call less: as it stood without it. */
  public Experience without(Family family, Symptom symptom, List<Suspect> suspects) {
    List<Counted> less = new ArrayList<>();
    for (Counted one : counts) {
      boolean mine =
          one.family() == family && one.symptom() == symptom && one.suspects().equals(suspects);
      int left = one.calls() - (mine ? 1 : 0);
      if (left > 0) {
        less.add(new Counted(one.family(), one.symptom(), one.suspects(), left));
      }
    }
    return new Experience(less, strength, times);
  }

  /**
   * One thing that it can be.
   *
   * @param judged share of the calls, as judged
   * @param calls counted
   * @param learnt share of the calls with what was counted
   */
  public record Row(List<Suspect> suspects, double judged, int calls, double learnt) {
    public Row {
      suspects = List.copyOf(suspects);
    }

    /** What the count does to the judged weight. */
    public double factor() {
      return learnt / judged;
    }
  }

  /** Everything that it can be under a complaint, the likeliest as judged first. */
  public List<Row> rows(Family family, Symptom symptom) {
    Map<List<Suspect>, Double> judged = new LinkedHashMap<>();
    double sum = 0;
    for (Cause cause : FamilyModel.of(family).causes(symptom)) {
      judged.merge(cause.suspects(), cause.weight(symptom), Double::sum);
      sum += cause.weight(symptom);
    }
    Map<List<Suspect>, Integer> calls = new LinkedHashMap<>();
    int all = 0;
    for (Counted one : counts) {
      if (one.family() == family && one.symptom() == symptom) {
        calls.merge(place(one.suspects(), judged), one.calls(), Integer::sum);
        all += one.calls();
      }
    }
    List<Row> rows = new ArrayList<>();
    for (Map.Entry<List<Suspect>, Double> one : judged.entrySet()) {
      double share = one.getValue() / sum;
      int mine = calls.getOrDefault(one.getKey(), 0);
      double learnt = (strength * share + mine) / (strength + all);
      rows.add(new Row(one.getKey(), share, mine, learnt));
    }
    rows.sort((one, two) -> Double.compare(two.judged(), one.judged()));
    return rows;
  }

  /** What the model has it as: itself, else its first cause, else what nobody listed. */
  private static List<Suspect> place(List<Suspect> suspects, Map<List<Suspect>, Double> judged) {
    if (judged.containsKey(suspects)) {
      return suspects;
    }
    List<Suspect> first = suspects.isEmpty() ? List.of() : List.of(suspects.get(0));
    return judged.containsKey(first) ? first : List.of(Suspect.OTHER);
  }

  /** By what it is, what the count does to the judged weight; 1 for what is not in it. */
  public Map<List<Suspect>, Double> factors(Family family, Symptom symptom) {
    Map<List<Suspect>, Double> factors = new LinkedHashMap<>();
    rows(family, symptom).forEach(one -> factors.put(one.suspects(), one.factor()));
    return factors;
  }
}
