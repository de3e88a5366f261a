package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.CheckFigures;
import variablerotor.core.check.Observation;
import variablerotor.core.check.OpenSwitch;
import variablerotor.core.check.Situation;
import variablerotor.core.check.UnitState;
import variablerotor.core.fact.FactType;
import variablerotor.core.family.FamilyProfile;
import variablerotor.core.family.Fault;
import variablerotor.core.likelihood.Check;
import variablerotor.core.likelihood.Experience;
import variablerotor.core.text.Words;

/**
 * Diagnosis by elimination in an open world. Every cause that the family can have, and one for what
 * nobody listed, is weighed by Bayes' rule against every reading, exactly, by enumeration. Proof is
 * stricter than probability: a suspect is proved only when what was measured clears every rival,
 * and next to no room is left for the rest of the world.
 */
public final class Engine {
  /** Version of rules and likelihoods; a stored verdict carries it. */
  public static final String VERSION = "0.4.0";

  private static final double LIKELY = CheckFigures.LIKELY.value();

  private final Evidence evidence;
  private final CauseTable table;
  private final Belief belief;

  /** With what the shop's own calls say: for what is likely, never for what is proved. */
  private final Belief weighed;

  /** With what checks take here. */
  private final CauseTable timed;

  private final Remedies remedies;
  private final Goal named;
  private final Goal done;
  private final boolean checked;
  private final int unread;
  private final Judgement judgement;
  private final RestsOn restsOn;
  private final List<Contradictions.Exclusion> contradictions;
  private final UnitState now;

  private Engine(Situation situation, Experience experience) {
    evidence = Evidence.of(situation);
    table = evidence.table;
    belief = evidence.belief;
    weighed = evidence.weighed(experience);
    timed = table.timed(experience.minutes(evidence.situation.family()));
    remedies = new Remedies(evidence.situation, table);
    named = Goal.named(table);
    done = remedies.goal();
    checked = evidence.unchecked().isEmpty();
    unread = evidence.unread();
    judgement = judge(belief);
    contradictions =
        Contradictions.physical(evidence.situation.facts(), evidence.situation.windingAtPlug());
    restsOn =
        new RestsOn(evidence, contradictions.isEmpty() ? judgement : judge(start()), this::judge);
    now = evidence.presentState();
  }

  /** What is believed before any answer: it proves nothing, and rests on nothing. */
  private Belief start() {
    return evidence.believe(table.nothingAnswered());
  }

  private Judgement judge(Belief one) {
    return new Judgement(one, remedies, named, done, checked, unread);
  }

  /**
   * @throws IllegalArgumentException for a family that is not covered, or a plate that cannot be
   *     read
   */
  public static Diagnosis diagnose(Situation situation) {
    return diagnose(situation, Experience.NONE);
  }

  /**
   * The same where a shop's own ended calls move what is likely.
   *
   * @throws IllegalArgumentException for a family that is not covered, or a plate that cannot be
   *     read
   */
  public static Diagnosis diagnose(Situation situation, Experience experience) {
    return new Engine(situation, experience).diagnosis();
  }

  /** The verdict alone, without what to do next: for those who ask many times. */
  public static Diagnosis.Verdict verdict(Situation situation) {
    Engine engine = new Engine(situation, Experience.NONE);
    return engine.verdict(engine.whatToDo().remedy(List.of()));
  }

  /** What leads by these facts, without what follows from it: for those who ask many times. */
  public static Suspect leading(Situation situation, Experience experience) {
    return Evidence.of(situation).weighed(experience).leading();
  }

  private Diagnosis diagnosis() {
    boolean contradicted = !contradictions.isEmpty();
    int proved = contradicted ? 0 : judgement.proved;
    List<Diagnosis.SuspectView> suspects = new SuspectViews(evidence, weighed, proved).list();
    Goal goal = judgement.action == 0 || contradicted ? done : named;
    List<Diagnosis.NextTest> next =
        OrderOfWork.of(evidence, now, worthMaking(next(goal, proved != 0)));
    if (judgement.waits && !contradicted) {
      next = waitedForFirst(next);
    }
    Remedy remedy = whatToDo().remedy(next);
    Diagnosis.Verdict verdict = verdict(remedy);
    List<Diagnosis.NextTest> before =
        contradicted || (proved == 0 && !remedy.stands())
            ? List.of()
            : new BeforeChoosing(evidence, judgement, now)
                .list(isDear(remedy, verdict) ? restsOn.doubted() : List.of(), openQuestions());
    boolean searching =
        !contradicted && !remedy.stands() && verdict.state() != VerdictState.DECIDED;
    return new Diagnosis(
        searching ? Headline.of(evidence, next.isEmpty() ? null : next.get(0).check()) : "",
        verdict,
        suspects,
        evidence.found(),
        stations(suspects),
        evidence.winding,
        next,
        before,
        RoundPlan.of(evidence, timed, goal, next, now),
        Notes.of(evidence),
        Notes.windows(evidence),
        new Warnings(evidence, verdict).list(contradictions));
  }

  private static boolean isDear(Remedy remedy, Diagnosis.Verdict verdict) {
    Action action = remedy.action();
    boolean part =
        verdict.state() == VerdictState.DECIDED
            && verdict.suspects().stream()
                .anyMatch(
                    one ->
                        one == Suspect.MODULE
                            || one == Suspect.DRIVE
                            || one == Suspect.WINDING
                            || one == Suspect.BEARING);
    return action == null ? part : action.isDear();
  }

  private WhatToDo whatToDo() {
    return new WhatToDo(
        evidence, remedies, judgement, done, restsOn, contradictions.isEmpty(), openQuestions());
  }

  /** How likely the electronics, alone or with their motor, are the thing to replace. */
  private double electronicsShare() {
    double share = 0;
    for (int i = 0; i < belief.probability.length; i++) {
      share += Remedies.isModuleOrMotor(remedies.bit(i)) ? belief.probability[i] : 0;
    }
    return share;
  }

  /** Electronics less likely to blame than this are not asked about. Judgement. */
  private static final double WORTH_ASKING = 0.1;

  private List<FactType> openQuestions() {
    return judgement.action == 0 && electronicsShare() >= WORTH_ASKING
        ? remedies.questions()
        : List.of();
  }

  /** What to measure next: none once proved, but for what can still turn the remedy. */
  private List<Diagnosis.NextTest> next(Goal goal, boolean proved) {
    NextTests chooser = new NextTests(timed, evidence.answers, goal);
    boolean onlyPlate = Remedies.isModuleOrMotor(belief.settled(done));
    if (proved && (judgement.action != 0 || onlyPlate) && contradictions.isEmpty()) {
      return List.of();
    }
    List<Diagnosis.NextTest> list =
        new ArrayList<>(chooser.list(weighed, now, evidence.situation.family()));
    disputed(list);
    if (!contradictions.isEmpty()) {
      List<Diagnosis.NextTest> doubted = excludeEachOther();
      list.removeIf(one -> doubted.stream().anyMatch(other -> other.check() == one.check()));
      list.addAll(0, doubted);
    } else if (!proved) {
      questions(list, chooser);
    }
    explained(list);
    return list;
  }

  /** A check that tells less than this is left out while another tells more [bit]. Judgement. */
  private static final double TELLS_NOTHING = 0.005;

  private List<Diagnosis.NextTest> worthMaking(List<Diagnosis.NextTest> list) {
    List<Diagnosis.NextTest> telling =
        list.stream().filter(one -> one.again() || one.gainBits() >= TELLS_NOTHING).toList();
    return telling.isEmpty() ? list : telling;
  }

  /** What a new module alone waits for comes first, whatever else would tell. */
  private List<Diagnosis.NextTest> waitedForFirst(List<Diagnosis.NextTest> next) {
    List<Diagnosis.NextTest> first =
        new ArrayList<>(new BeforeChoosing(evidence, judgement, now).waitedFor());
    for (Diagnosis.NextTest one : next) {
      if (first.stream().noneMatch(other -> other.check() == one.check())) {
        first.add(one);
      }
    }
    return first;
  }

  /** What an open door switch took away is measured again, before anything else. */
  private void explained(List<Diagnosis.NextTest> list) {
    List<Diagnosis.NextTest> again = new ArrayList<>();
    for (Diagnosis.NextTest one : list) {
      if (one.check().facts().stream().anyMatch(evidence.standing.explained()::contains)) {
        again.add(one);
      }
    }
    OpenSwitch open = OpenSwitch.of(evidence.situation.facts());
    if (open == OpenSwitch.DOOR) {
      list.removeAll(again);
      List<Diagnosis.NextTest> first =
          again.stream().map(one -> one.because(open.sentence() + ".").onceMore()).toList();
      list.addAll(0, first);
    }
  }

  /** Each reading of those that cannot all be true, to be taken once more. */
  private List<Diagnosis.NextTest> excludeEachOther() {
    Set<Integer> doubted = new LinkedHashSet<>();
    for (Contradictions.Exclusion one : contradictions) {
      for (int c = 0; c < evidence.seen.length; c++) {
        if (table.checks.get(c).facts().stream().anyMatch(one.facts()::contains)) {
          doubted.add(c);
        }
      }
    }
    return new BeforeChoosing(evidence, judgement, now)
        .onceMore(doubted, "It excludes another reading, whatever is broken. Take it once more.");
  }

  /** What was measured twice and does not agree comes first: a third one decides. */
  private void disputed(List<Diagnosis.NextTest> list) {
    for (FactType type : evidence.situation.facts().disputed()) {
      for (int at = list.size() - 1; at >= 0; at--) {
        if (list.get(at).check().facts().contains(type)) {
          list.add(0, list.remove(at).onceMore());
          break;
        }
      }
    }
  }

  /**
   * The questions for plate and counter, first where asking leads to the end in fewer minutes than
   * measuring on, and only once the electronics are likely. Whether the module is sold alone is
   * taken as equally likely.
   */
  private void questions(List<Diagnosis.NextTest> list, NextTests chooser) {
    List<FactType> open = openQuestions();
    if (open.isEmpty()) {
      return;
    }
    List<Diagnosis.NextTest> asked = new ArrayList<>();
    double minutes = 0;
    for (Check check : table.checks) {
      if (open.contains(check.facts().get(0)) && check.isSoft()) {
        asked.add(BeforeChoosing.question(check, judgement, electronicsShare()));
        minutes += check.minutes();
      }
    }
    boolean dear = !list.isEmpty() && list.get(0).check().facts().contains(INSULATION);
    boolean first = dear || (electronicsShare() >= LIKELY && isInSight() && pays(minutes, chooser));
    list.addAll(first ? 0 : list.size(), asked);
  }

  /** An insulation test takes longer than a call to the counter, and tells less. */
  private static final FactType INSULATION = FactType.WINDING_INSULATION;

  /** Whether the motor is before one's eyes: its label has the number that the counter asks for. */
  private boolean isInSight() {
    return now != UnitState.POWER_ON && now != UnitState.CONTROL_PLUG_OUT;
  }

  /** Whether to ask first leads to the end sooner than to measure on. */
  private boolean pays(double asking, NextTests chooser) {
    double measuring = chooser.minutes(belief, now);
    double ifWhole =
        new NextTests(timed, evidence.answers, remedies.ifModuleAlone(false).goal())
            .minutes(belief, now);
    return asking + ifWhole < measuring;
  }

  private Diagnosis.Verdict verdict(Remedy remedy) {
    if (!contradictions.isEmpty()) {
      return open(
          "Two readings exclude each other. Take them again before anything is decided.", remedy);
    }
    List<Suspect> proved = judgement.suspects();
    List<Suspect> shown = Shown.besides(evidence, proved);
    if (!proved.isEmpty() && evidence.doubled && !settledAlone()) {
      return new Diagnosis.Verdict(
          VerdictState.NARROWED,
          proved,
          "More than one thing is wrong. " + decided(proved) + " The rest is not found yet.",
          remedy,
          rests(remedy),
          null);
    }
    if (!proved.isEmpty()) {
      List<Suspect> all = new ArrayList<>(proved);
      all.addAll(shown);
      return new Diagnosis.Verdict(
          VerdictState.DECIDED,
          all,
          decided(proved) + Shown.sentence(evidence, shown),
          remedy,
          restsOn.facts(),
          proof());
    }
    if (shown.size() > 1) {
      return new Diagnosis.Verdict(
          VerdictState.NARROWED,
          shown,
          "More than one thing shows itself, and none is proved." + Shown.sentence(evidence, shown),
          remedy,
          rests(remedy),
          null);
    }
    Map<Suspect, Double> shares = weighed.bySuspect();
    Suspect first = weighed.leading();
    int percent = (int) Math.round(100 * shares.getOrDefault(first, 0.0));
    boolean measured = evidence.anythingLookedAt();
    if (first == Suspect.OTHER && measured) {
      return open(
          "The readings fit nothing on the list: something else leads. Take again what surprised"
              + " you, and look further.",
          remedy);
    }
    if (measured && shares.getOrDefault(first, 0.0) >= LIKELY) {
      return new Diagnosis.Verdict(
          VerdictState.NARROWED,
          List.of(first),
          "Most likely "
              + evidence.situation.family().profile().spoken(first)
              + " ("
              + percent
              + (weighed == belief
                  ? " %), not proved: "
                  : " %, with this shop's own calls), not proved: ")
              + likeliestFault(first, weighed).spoken()
              + ".",
          remedy,
          rests(remedy),
          null);
    }
    return open(
        measured
            ? "Not decided yet: several links can still be at fault."
            : "Nothing measured yet.",
        remedy);
  }

  /** What a remedy rests on that is settled; a mend on the defect that was found. */
  private List<FactType> rests(Remedy remedy) {
    MendAndSee mend = remedy.trial() == null ? null : MendAndSee.of(evidence);
    if (mend != null) {
      return mend.facts();
    }
    return remedy.stands() ? restsOn.facts() : List.of();
  }

  private Diagnosis.Verdict open(String sentence, Remedy remedy) {
    return new Diagnosis.Verdict(
        VerdictState.OPEN, List.of(), sentence, remedy, rests(remedy), null);
  }

  /** Whether every rival blames the same suspects, all of them. */
  private boolean settledAlone() {
    boolean[] rivals = belief.rivals();
    int group = -1;
    for (int i = 0; i < rivals.length; i++) {
      if (rivals[i] && group >= 0 && table.group[i] != group) {
        return false;
      }
      group = rivals[i] ? table.group[i] : group;
    }
    return group >= 0;
  }

  /** By what it is proved: a finding on the part, or rivals that are cleared. */
  private @Nullable String proof() {
    for (int c = 0; c < evidence.answers.length; c++) {
      Observation seen = evidence.seen[c];
      Check check = table.checks.get(c);
      if (seen != null && check.isFinding(seen.outcome()) && restsOn.checks.contains(c)) {
        return "A finding on the part itself: " + seen.sentence();
      }
    }
    return "What was measured clears every usual rival, and leaves next to no room for another.";
  }

  private String decided(List<Suspect> proved) {
    FamilyProfile profile = evidence.situation.family().profile();
    return "It is "
        + Words.and(proved.stream().map(profile::spoken).toList())
        + ": "
        + Words.clauses(proved.stream().map(one -> likeliestFault(one, belief).spoken()).toList())
        + ".";
  }

  /** The fault of this suspect that the facts make likeliest. */
  private Fault likeliestFault(Suspect suspect, Belief by) {
    Map<Fault, Double> sums = new EnumMap<>(Fault.class);
    for (int i = 0; i < table.causes.size(); i++) {
      for (Fault fault : table.causes.get(i).faults()) {
        if (fault.suspect() == suspect) {
          sums.merge(fault, by.probability[i], Double::sum);
        }
      }
    }
    Fault best = null;
    for (Map.Entry<Fault, Double> sum : sums.entrySet()) {
      if (best == null || sum.getValue() > sums.getOrDefault(best, 0.0)) {
        best = sum.getKey();
      }
    }
    if (best == null) {
      throw new IllegalStateException("no cause of this call sits in " + suspect);
    }
    return best;
  }

  private List<Diagnosis.Station> stations(List<Diagnosis.SuspectView> views) {
    List<Diagnosis.Station> stations = new ArrayList<>();
    for (Suspect link : evidence.situation.family().profile().stations()) {
      Diagnosis.SuspectView view =
          views.stream().filter(v -> v.id() == link).findFirst().orElseThrow();
      stations.add(station(link, view));
    }
    return stations;
  }

  private Diagnosis.Station station(Suspect link, Diagnosis.SuspectView view) {
    boolean looked = false;
    boolean off = false;
    List<String> readings = new ArrayList<>();
    for (int c = 0; c < evidence.seen.length; c++) {
      Check check = table.checks.get(c);
      Observation seen = evidence.seen[c];
      if (seen == null || check.station() != link) {
        continue;
      }
      boolean question = check.isQuestion(seen.outcome());
      looked |= !check.isSoft() && !question;
      off |= !check.isSoft() && !question && !check.outcome(seen.outcome()).good();
      readings.add(seen.sentence());
    }
    Diagnosis.StationState state;
    if (view.state() == SuspectState.PROVED) {
      state = Diagnosis.StationState.FAILED;
    } else if (view.state() == SuspectState.LIKELY && evidence.anythingLookedAt()) {
      state = Diagnosis.StationState.SUSPECT;
    } else if (!looked) {
      state = Diagnosis.StationState.UNSEEN;
    } else if (view.state() == SuspectState.CLEARED) {
      state = Diagnosis.StationState.GOOD;
    } else {
      state = off ? Diagnosis.StationState.SUSPECT : Diagnosis.StationState.UNSEEN;
    }
    return new Diagnosis.Station(link, state, readings);
  }
}
