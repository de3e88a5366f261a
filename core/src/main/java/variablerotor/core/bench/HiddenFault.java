package variablerotor.core.bench;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.diagnosis.Action;
import variablerotor.core.family.Family;
import variablerotor.core.family.Fault;
import variablerotor.core.likelihood.FamilyModel;

/**
 * What is wrong with a simulated motor.
 *
 * @param symptom what its owner complains of
 * @param faults one, or a chain of damage, the first cause first
 * @param severity 0 (just noticeable) to 1 (as bad as it gets)
 * @param seed makes the rest of the machine: its size, its meter, what hides where
 * @param oddity what is wrong where it is nothing that anybody listed; else null
 */
public record HiddenFault(
    Family family,
    Symptom symptom,
    List<Fault> faults,
    double severity,
    long seed,
    @Nullable Oddity oddity) {

  public HiddenFault(
      Family family, Symptom symptom, List<Fault> faults, double severity, long seed) {
    this(family, symptom, faults, severity, seed, null);
  }

  public HiddenFault {
    faults = List.copyOf(faults);
    if (!FamilyModel.covers(family) || faults.isEmpty() || !(severity >= 0 && severity <= 1)) {
      throw new IllegalArgumentException("a covered family, a fault, a severity from 0 to 1");
    }
  }

  /** How often each complaint is heard, of a hundred calls. Judgement. */
  private static final int[] CALLS = new int[Symptom.values().length];

  static {
    CALLS[Symptom.NO_RUN.ordinal()] = 50;
    CALLS[Symptom.STARTS_THEN_STOPS.ordinal()] = 12;
    CALLS[Symptom.LOW_AIRFLOW.ordinal()] = 8;
    CALLS[Symptom.TRIPS_PROTECTION.ordinal()] = 7;
    CALLS[Symptom.NOISE.ordinal()] = 6;
    CALLS[Symptom.RUNS_ALWAYS.ordinal()] = 5;
    CALLS[Symptom.NO_SPEED_CHANGE.ordinal()] = 4;
    CALLS[Symptom.INTERMITTENT.ordinal()] = 4;
    CALLS[Symptom.CODE_BUT_RUNS.ordinal()] = 2;
    CALLS[Symptom.WRONG_DIRECTION.ordinal()] = 2;
  }

  /** The single faults that can make this complaint in this family. */
  public static List<Fault> choices(Family family, Symptom symptom) {
    List<Fault> faults = new ArrayList<>();
    FamilyModel.of(family)
        .population(symptom)
        .forEach(
            (chain, weight) -> {
              if (chain.size() == 1 && chain.get(0).suspect() != Suspect.NONE) {
                faults.add(chain.get(0));
              }
            });
    return faults;
  }

  /** Of the calls as they come in, how many have something that nobody listed. Judgement. */
  private static final double UNLISTED = 0.1;

  /**
   * A call as they come in: one fault, now and then one that nobody listed.
   *
   * @param open whether the world is open
   */
  public static HiddenFault draw(Family family, Random random, boolean open) {
    HiddenFault listed = draw(family, random);
    return open ? listed.orUnlisted(random) : listed;
  }

  /** This fault, or now and then something that nobody listed in its place. */
  public HiddenFault orUnlisted(Random random) {
    if (random.nextDouble() >= UNLISTED) {
      return this;
    }
    List<Oddity> odd = Oddity.of(family, symptom);
    return odd.isEmpty()
        ? this
        : new HiddenFault(
            family,
            symptom,
            List.of(Fault.UNLISTED),
            severity,
            seed,
            odd.get(random.nextInt(odd.size())));
  }

  /** A call as they come in, with one fault. */
  public static HiddenFault draw(Family family, Random random) {
    int at = random.nextInt(100);
    Symptom symptom = Symptom.NO_RUN;
    for (Symptom one : Symptom.values()) {
      at -= CALLS[one.ordinal()];
      if (at < 0) {
        symptom = one;
        break;
      }
    }
    return draw(family, symptom, random, false);
  }

  /**
   * A fault drawn as often as it makes this complaint.
   *
   * @param chains whether damage that causes damage is drawn, too
   */
  public static HiddenFault draw(Family family, Symptom symptom, Random random, boolean chains) {
    List<List<Fault>> faults = new ArrayList<>();
    List<Double> weights = new ArrayList<>();
    double sum = 0;
    for (var entry : FamilyModel.of(family).population(symptom).entrySet()) {
      boolean none = entry.getKey().get(0).suspect() == Suspect.NONE;
      if (!none && (chains || entry.getKey().size() == 1)) {
        faults.add(entry.getKey());
        weights.add(entry.getValue());
        sum += entry.getValue();
      }
    }
    double at = random.nextDouble() * sum;
    int drawn = 0;
    for (int i = 0; i < faults.size() && at >= 0; i++) {
      at -= weights.get(i);
      drawn = i;
    }
    return new HiddenFault(
        family, symptom, faults.get(drawn), random.nextDouble(), random.nextLong());
  }

  /** Whether this fault is among those hidden. */
  public boolean has(Fault fault) {
    return faults.contains(fault);
  }

  /** Whom to blame. */
  public List<Suspect> suspects() {
    List<Suspect> suspects = new ArrayList<>();
    if (oddity != null) {
      return List.of(oddity.sits());
    }
    for (Fault fault : faults) {
      if (!suspects.contains(fault.suspect())) {
        suspects.add(fault.suspect());
      }
    }
    return suspects;
  }

  /**
   * What is rightly done about it.
   *
   * @param moduleAlone whether a module of this motor can be replaced alone
   */
  Set<Action> remedies(boolean moduleAlone) {
    if (oddity != null) {
      return oddity.remedies();
    }
    Set<Action> actions = EnumSet.noneOf(Action.class);
    for (Fault fault : faults) {
      Action action = Action.of(fault, family, moduleAlone);
      if (action != null) {
        actions.add(action);
      }
    }
    return actions;
  }

  /** In one sentence. */
  public String spoken() {
    StringBuilder text = new StringBuilder(oddity == null ? "" : oddity.spoken());
    for (Fault fault : oddity == null ? faults : List.<Fault>of()) {
      text.append(text.length() == 0 ? "" : ", and ").append(fault.spoken());
    }
    return Character.toUpperCase(text.charAt(0)) + text.substring(1) + ".";
  }
}
