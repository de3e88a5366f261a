package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.CheckFigures;
import variablerotor.core.check.Observation;
import variablerotor.core.check.Situation;
import variablerotor.core.check.Standing;
import variablerotor.core.check.Symptom;
import variablerotor.core.check.UnitState;
import variablerotor.core.check.WaysToAnswer;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.Fault;
import variablerotor.core.likelihood.Cause;
import variablerotor.core.likelihood.Check;
import variablerotor.core.likelihood.Experience;
import variablerotor.core.likelihood.FamilyModel;
import variablerotor.core.likelihood.Witness;
import variablerotor.core.winding.FrameState;
import variablerotor.core.winding.Signature;
import variablerotor.core.winding.WindingVerdict;

/** What the facts of one call say to each check, and what is believed after them. */
final class Evidence {
  /** How often two faults of a call are independent of each other. Judgement. */
  private static final double TWO_AT_ONCE = 0.05;

  /** The call with the facts that say something by themselves. */
  final Situation situation;

  final Standing standing;
  final CauseTable table;
  final WindingVerdict winding;

  /** By check of the table; null where the facts do not answer it. */
  final @Nullable Observation[] seen;

  /**
   * By check of the table the outcome that was seen, {@link CauseTable#OPEN} or {@link
   * CauseTable#OUT_OF_REACH}.
   */
  final int[] answers;

  /** By cause: what a code and a second complaint do to its weight. */
  private final double[] told;

  final Belief belief;

  /** Whether one cause at a time explains too little, so that two at once are weighed. */
  final boolean doubled;

  private Evidence(
      Standing standing,
      CauseTable table,
      WindingVerdict winding,
      @Nullable Observation[] seen,
      boolean doubled) {
    this.standing = standing;
    situation = standing.situation();
    this.table = table;
    this.winding = winding;
    this.seen = seen;
    this.doubled = doubled;
    told = toldWeight();
    answers = table.nothingAnswered();
    for (int c = 0; c < answers.length; c++) {
      Observation one = seen[c];
      answers[c] =
          one != null
              ? table.checks.get(c).index(one.outcome())
              : OutOfReach.is(situation, table.checks.get(c))
                  ? CauseTable.OUT_OF_REACH
                  : CauseTable.OPEN;
    }
    belief = believe(answers);
  }

  /**
   * @throws IllegalArgumentException for a family that is not covered, or a plate that cannot be
   *     read
   */
  static Evidence of(Situation told) {
    Standing standing = told.standing();
    Situation situation = standing.situation();
    Tables tables = Tables.of(situation.family());
    CauseTable table = tables.single(situation.symptom());
    WindingVerdict winding = situation.winding();
    WaysToAnswer reading = new WaysToAnswer(situation, winding);
    @Nullable Observation[] seen = new Observation[table.checks.size()];
    for (int c = 0; c < seen.length; c++) {
      seen[c] = table.checks.get(c).read(reading);
    }
    Evidence one = new Evidence(standing, table, winding, seen, false);
    if (one.belief.anyAllowed() && one.leaderExplainsAll()) {
      return one;
    }
    Evidence two = new Evidence(standing, tables.doubles(situation.symptom()), winding, seen, true);
    if (!two.belief.anyAllowed()) {
      return one;
    }
    double better = two.belief.logEvidence + StrictMath.log(TWO_AT_ONCE);
    return !one.belief.anyAllowed() || better > one.belief.logEvidence ? two : one;
  }

  /** Whether the likeliest listed cause names every answer that was seen. */
  private boolean leaderExplainsAll() {
    int best = belief.leadingCause();
    for (int c = 0; best >= 0 && c < answers.length; c++) {
      boolean weighs = table.checks.get(c).witness() != Witness.TOLD;
      if (answers[c] >= 0 && weighs && table.share[c][best][answers[c]] < UNEXPLAINED) {
        return false;
      }
    }
    return true;
  }

  /** An answer seen less often than this under a cause is not explained by it. Judgement. */
  private static final double UNEXPLAINED = 0.03;

  /** What is believed after these answers. */
  Belief believe(int[] given) {
    Belief all = afterAll(given);
    int leader = all.leadingCause();
    int[] essential = given.clone();
    int[] onlyBy = clearedOnlyBy(given);
    boolean less = false;
    for (int c = 0; c < given.length && leader >= 0; c++) {
      if (given[c] >= 0 && isOnlyExpected(all, leader, c, given[c], onlyBy)) {
        essential[c] = CauseTable.OPEN;
        less = true;
      }
    }
    return less ? all.with(afterAll(essential)) : all;
  }

  /**
   * What is believed where a shop's own counts move the judged weights: for the order of suspects
   * and checks. Nothing is proved by it.
   */
  Belief weighed(Experience experience) {
    if (!experience.moves(situation.family(), situation.symptom())) {
      return belief;
    }
    Map<List<Suspect>, Double> factors =
        experience.factors(situation.family(), situation.symptom());
    double[] weight = told.clone();
    for (int i = 0; i < weight.length; i++) {
      List<Suspect> mine = table.groups.get(table.group[i]);
      Double factor = factors.get(mine);
      if (factor == null) {
        factor = 1.0;
        for (Suspect one : mine) {
          factor *= factors.getOrDefault(List.of(one), 1.0);
        }
      }
      weight[i] *= factor;
    }
    return afterAll(answers, weight);
  }

  private Belief afterAll(int[] given) {
    return afterAll(given, told);
  }

  private Belief afterAll(int[] given, double[] weight) {
    Belief result = Belief.start(table, weight);
    for (int c = 0; c < given.length; c++) {
      if (given[c] >= 0) {
        result = result.after(c, given[c]);
      }
    }
    return result;
  }

  /**
   * Whether an answer is the likeliest of its check under this cause, clears no rival of another
   * link that nothing else clears, and yet makes the cause less likely: half of dead modules show
   * nothing, and so do all that are whole.
   */
  private boolean isOnlyExpected(
      Belief belief, int cause, int check, int outcome, int[] clearedOnlyBy) {
    double[] mine = table.share[check][cause];
    for (double other : mine) {
      if (other > mine[outcome]) {
        return false;
      }
    }
    double rest = 0;
    double weight = 0;
    int link = table.suspects[table.group[cause]];
    for (int i = 0; i < table.causes.size(); i++) {
      boolean another = (table.suspects[table.group[i]] & link) == 0;
      if (table.usual[i] && another && clearedOnlyBy[i] == check) {
        return false;
      }
      rest += i == cause ? 0 : belief.probability[i] * table.share[check][i][outcome];
      weight += i == cause ? 0 : belief.probability[i];
    }
    return weight > 0 && rest / weight > mine[outcome];
  }

  /** By cause, the one check whose answer cannot be seen under it; -1 for none, or for several. */
  private int[] clearedOnlyBy(int[] given) {
    int[] only = new int[table.causes.size()];
    for (int i = 0; i < only.length; i++) {
      only[i] = -1;
      int clearing = 0;
      for (int c = 0; c < given.length && clearing < 2; c++) {
        if (given[c] >= 0 && !table.possible[c][i][given[c]]) {
          only[i] = ++clearing == 1 ? c : -1;
        }
      }
    }
    return only;
  }

  /** What is believed with one check answered otherwise, or not at all. */
  Belief without(int check, int otherwise) {
    int[] given = answers.clone();
    given[check] = otherwise;
    return believe(given);
  }

  /** Whether meter, hand or eye has been at the unit yet; what was told beforehand is not that. */
  boolean anythingLookedAt() {
    for (int c = 0; c < seen.length; c++) {
      if (seen[c] != null && !table.checks.get(c).isSoft()) {
        return true;
      }
    }
    return false;
  }

  /**
   * A code, or a second complaint, moves suspicion and never decides: it multiplies the weight of
   * what it raises.
   */
  private double[] toldWeight() {
    var raised = situation.facts().names(FactType.CODE_SUSPECTS);
    double[] weight = new double[table.causes.size()];
    for (int i = 0; i < weight.length; i++) {
      weight[i] = 1;
      for (Suspect suspect : table.groups.get(table.group[i])) {
        if (raised.contains(suspect.name())) {
          weight[i] = CheckFigures.CODE_WEIGHT.value();
        }
      }
      for (Symptom other : situation.also()) {
        boolean makes = table.causes.get(i).faults().stream().anyMatch(usual(other)::contains);
        weight[i] *= makes ? CheckFigures.ALSO_WEIGHT.value() : 1;
      }
      boolean warm = table.causes.get(i).faults().stream().anyMatch(PARTS_WARM::contains);
      weight[i] *= warm && !table.usual[i] ? heat() : 1;
    }
    return weight;
  }

  /** What a winding does only warm. */
  private static final Set<Fault> PARTS_WARM =
      EnumSet.of(Fault.WINDING_WARM_SHORT, Fault.WINDING_WARM_OPEN);

  /** Who measured the pairs warm had a motor that ran not long before. Judgement. */
  private static final double RAN_BEFORE = 30;

  /** A motor that never starts is cold, and stands still by nothing that comes of heat. */
  private double heat() {
    Facts facts = situation.facts();
    boolean warm =
        facts.has(FactType.WINDING_WARM_AB)
            || facts.has(FactType.WINDING_WARM_BC)
            || facts.has(FactType.WINDING_WARM_CA);
    return warm ? RAN_BEFORE : situation.symptom() == Symptom.NO_RUN ? 0 : 1;
  }

  /** The faults that usually make a complaint by themselves. */
  private Set<Fault> usual(Symptom symptom) {
    Set<Fault> usual = EnumSet.noneOf(Fault.class);
    for (Cause cause : Tables.of(situation.family()).single(symptom).causes) {
      if (cause.faults().size() == 1 && cause.isUsual(symptom)) {
        usual.addAll(cause.faults());
      }
    }
    return usual;
  }

  /**
   * A winding that nothing was read of is never proved by what is left over, as bits by ordinal:
   * its leads may be out of reach, and then nothing tells it from what nobody listed.
   */
  int unread() {
    for (int c = 0; c < seen.length; c++) {
      Check check = table.checks.get(c);
      if (seen[c] != null
          && check.station() == Suspect.WINDING
          && check.witness() == Witness.MEASURED) {
        return 0;
      }
    }
    return 1 << Suspect.WINDING.ordinal();
  }

  /** Whether it was turned by hand, or is known to turn by itself. */
  boolean isSpun() {
    Facts facts = situation.facts();
    boolean byHand =
        facts.has(FactType.SHAFT_FEEL)
            || facts.has(FactType.SHAFT_FEEL_MODULE_OFF)
            || facts.has(FactType.SHAFT_FEEL_WHEEL_OFF)
            || facts.has(FactType.SHAFT_FEEL_SLOW)
            || facts.has(FactType.SHAFT_DRAG_JOINED)
            || facts.untold(FactType.SHAFT_FEEL) != null;
    return byHand
        || switch (situation.symptom()) {
          case NO_RUN, TRIPS_PROTECTION, STARTS_THEN_STOPS, INTERMITTENT -> false;
          default -> true;
        };
  }

  /**
   * What a new module alone waits for, by id: a turn by hand, even pairs, and nothing to the frame.
   * Where its winding cannot be measured apart there is none of the latter.
   */
  List<String> unchecked() {
    List<String> open = new ArrayList<>();
    if (!isSpun()) {
      open.add(FactType.SHAFT_FEEL.id());
    }
    boolean measured = !situation.family().profile().isReplacedWhole();
    if (measured && winding.signature() == Signature.NOT_MEASURED) {
      open.add("winding.pairs");
    }
    if (measured && winding.frame() == FrameState.NOT_MEASURED) {
      open.add("winding.frame");
    }
    return open;
  }

  /** The state that the last check recorded left the unit in. */
  UnitState presentState() {
    for (FactType fact : situation.facts().latestFirst()) {
      for (Check check : FamilyModel.of(situation.family()).checks()) {
        if (check.facts().contains(fact) && !check.isSoft()) {
          return check.state();
        }
      }
    }
    return UnitState.POWER_ON;
  }

  /** Whether a defect of this link was mended and tried: it is none any more. */
  private boolean isMended(Suspect link) {
    String trial = MendAndSee.trial(link);
    FactType tried = trial == null ? null : FactType.ofId(trial);
    return tried != null && situation.facts().has(tried);
  }

  /** The defects that are plain to see, each to be mended whatever else is. */
  List<Diagnosis.Found> found() {
    List<Diagnosis.Found> found = new ArrayList<>();
    for (int c = 0; c < seen.length; c++) {
      Observation one = seen[c];
      Check check = table.checks.get(c);
      Suspect link = one == null ? null : check.defect(one.outcome());
      Action action = link == null ? null : Remedies.ofDefect(link);
      if (one != null && link != null && action != null && !isMended(link)) {
        List<String> facts = one.facts().stream().map(FactType::id).toList();
        found.add(new Diagnosis.Found(link, action, one.sentence(), facts));
      }
    }
    return found;
  }
}
