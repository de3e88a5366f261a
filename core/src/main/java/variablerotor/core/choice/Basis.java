package variablerotor.core.choice;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.check.Situation;
import variablerotor.core.check.Symptom;
import variablerotor.core.diagnosis.Action;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.diagnosis.Remedy;
import variablerotor.core.diagnosis.VerdictState;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.Facts;
import variablerotor.core.match.Candidate;
import variablerotor.core.match.Match;
import variablerotor.core.match.Matching;
import variablerotor.core.route.Circumstances;
import variablerotor.core.route.ReasonId;
import variablerotor.core.route.Route;
import variablerotor.core.route.RouteState;
import variablerotor.core.route.Way;
import variablerotor.core.route.Ways;
import variablerotor.core.text.Words;

/**
 * What a choice stands on whatever it costs: the ways as they are open, and which motors fit.
 *
 * @param matches of every candidate as the like of the old motor, best first
 * @param judged of every candidate as it would be fitted, by its id
 * @param settled whether it is known what is to be done
 * @param action that the remedy names; null while there is none
 * @param also what must be mended besides
 * @param runs whether the fan still moves air, so that nobody waits without
 * @param lineVolts as measured [V]; null where it was not
 */
public record Basis(
    Circumstances all,
    List<Way> ways,
    List<Candidate> candidates,
    List<Match> matches,
    Map<String, Match> judged,
    boolean settled,
    @Nullable Action action,
    List<Action> also,
    boolean runs,
    @Nullable Double lineVolts) {
  public Basis {
    ways = List.copyOf(ways);
    candidates = List.copyOf(candidates);
    matches = List.copyOf(matches);
    also = List.copyOf(also);
    judged = Collections.unmodifiableMap(new LinkedHashMap<>(judged));
  }

  static Basis of(
      Circumstances all, Situation situation, Diagnosis diagnosis, List<Candidate> candidates) {
    Double line = line(situation.facts());
    List<Match> matches = new ArrayList<>();
    Map<String, Match> judged = new LinkedHashMap<>();
    for (Candidate candidate : candidates) {
      matches.add(Matching.of(all.unit(), all.motor(), all.running(), line, candidate));
      judged.put(
          candidate.id(), Matching.fitted(all.unit(), all.motor(), all.running(), line, candidate));
    }
    matches.sort(Comparator.comparing(Match::state));
    List<Way> ways =
        Ways.of(all, situation.facts(), diagnosis).stream()
            .map(way -> matched(way, candidates, judged))
            .toList();
    // A motor that fits by its plate fits nobody while its way is shut.
    List<Match> shown =
        matches.stream().map(one -> shut(one, Route.EQUIVALENT_MOTOR, ways)).toList();
    Remedy remedy = diagnosis.verdict().remedy();
    return new Basis(
        all,
        ways,
        candidates,
        shown,
        judged,
        remedy.stands() || diagnosis.verdict().state() == VerdictState.DECIDED,
        remedy.action(),
        remedy.also(),
        STILL_RUNS.contains(situation.symptom()),
        line);
  }

  /** Complaints with which air still moves. */
  private static final Set<Symptom> STILL_RUNS =
      EnumSet.of(
          Symptom.RUNS_ALWAYS,
          Symptom.NO_SPEED_CHANGE,
          Symptom.LOW_AIRFLOW,
          Symptom.NOISE,
          Symptom.CODE_BUT_RUNS);

  /** The line as it was measured, of three phases their mean [V]; null where it was not. */
  private static @Nullable Double line(Facts facts) {
    Double one = facts.number(FactType.LINE_VOLTS);
    Double ab = facts.number(FactType.LINE_VOLTS_AB);
    Double bc = facts.number(FactType.LINE_VOLTS_BC);
    Double ca = facts.number(FactType.LINE_VOLTS_CA);
    return one != null || ab == null || bc == null || ca == null
        ? one
        : (Double) ((ab + bc + ca) / 3);
  }

  /** What motors that fit have met, and what they still ask for. */
  private static Way matched(Way way, List<Candidate> candidates, Map<String, Match> judged) {
    boolean fixed = way.route() == Route.FIXED_SPEED;
    if (!fixed && way.route() != Route.EQUIVALENT_MOTOR) {
      return way;
    }
    List<Match> goes =
        candidates.stream()
            .filter(one -> one.runsAtOneSpeed() == fixed)
            .map(one -> judged.get(one.id()))
            .filter(one -> one != null && one.state() != Match.State.NO)
            .toList();
    boolean listed = candidates.stream().anyMatch(one -> one.runsAtOneSpeed() == fixed);
    boolean read = goes.stream().anyMatch(Match::tellsEnough);
    List<ReasonId> met = new ArrayList<>();
    if (!goes.isEmpty()) {
      met.add(ReasonId.KIND_DIFFERS);
    }
    if (read) {
      met.add(ReasonId.MATCH_PLATE);
    }
    if (!fixed && goes.stream().anyMatch(one -> one.tellsEnough() && one.isOk("feedback"))) {
      met.addAll(
          List.of(
              ReasonId.SPEED_SIGNAL,
              ReasonId.ASK_SPEED_SIGNAL,
              ReasonId.ASK_PROOF_OFF,
              ReasonId.SPEED_PROOF_OFF));
    }
    Way left = way.with(met);
    if (read) {
      Match best = goes.stream().filter(Match::tellsEnough).findFirst().orElseThrow();
      left = left.met(ReasonId.MATCH_PLATE, said(best));
    }
    return fixed && listed && goes.isEmpty()
        ? left.asking(
            ReasonId.MATCH_FIXED,
            "No fixed-speed motor of the list fits this unit: find one by volts, horsepower, speed,"
                + " shaft and mount.")
        : left;
  }

  /** What was matched, and what is still to be read: no tick stands for what nobody looked at. */
  private static String said(Match match) {
    List<String> matched =
        match.points().stream()
            .filter(one -> !one.asks())
            .map(one -> Words.attribute(one.attribute()))
            .toList();
    List<String> open = match.open().stream().map(Words::attribute).toList();
    return "Matched: "
        + Words.and(matched)
        + "."
        + (open.isEmpty() ? "" : " Still to be read: " + Words.and(open) + ".");
  }

  /**
   * A motor of the list judged as it would be fitted: a fixed-speed one by all but its kind.
   *
   * @throws IllegalArgumentException for one that is not in the list
   */
  public Match match(Candidate candidate) {
    Match match = judged.get(candidate.id());
    if (match == null) {
      throw new IllegalArgumentException("no candidate " + candidate.id());
    }
    Route route = candidate.runsAtOneSpeed() ? Route.FIXED_SPEED : Route.EQUIVALENT_MOTOR;
    return shut(match, route, ways);
  }

  private static Match shut(Match match, Route route, List<Way> ways) {
    return ways.stream()
        .filter(way -> way.route() == route && way.state() == RouteState.BLOCKED)
        .findFirst()
        .map(way -> match.shut(way.reasons().get(0).sentence()))
        .orElse(match);
  }

  /** Whether a motor goes on this way. */
  public boolean goes(Route route, Candidate candidate) {
    boolean wantsFixed = route == Route.FIXED_SPEED || route == Route.LOANER;
    Match match = judged.get(candidate.id());
    return wantsFixed == candidate.runsAtOneSpeed()
        && match != null
        && match.state() != Match.State.NO;
  }

  /** A motor that was listed; null where none has this id. */
  public @Nullable Candidate candidate(@Nullable String id) {
    return candidates.stream().filter(one -> one.id().equals(id)).findFirst().orElse(null);
  }

  boolean isBlocked(Route route) {
    return ways.stream().anyMatch(one -> one.route() == route && one.state() == RouteState.BLOCKED);
  }
}
