package variablerotor.core.choice;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.check.Situation;
import variablerotor.core.diagnosis.Action;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.diagnosis.VerdictState;
import variablerotor.core.fact.FactType;
import variablerotor.core.match.Candidate;
import variablerotor.core.match.Match;
import variablerotor.core.match.Matching;
import variablerotor.core.route.Circumstances;
import variablerotor.core.route.Route;
import variablerotor.core.route.RouteState;
import variablerotor.core.route.Way;
import variablerotor.core.route.Ways;

/**
 * What a choice stands on whatever it costs: the ways as they are open, and which motors fit.
 *
 * @param matches of every candidate as the like of the old motor, best first
 * @param judged of every candidate as it would be fitted, by its id
 * @param settled whether it is known what is to be done
 * @param action that the remedy names; null while there is none
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
    @Nullable Double lineVolts) {
  public Basis {
    ways = List.copyOf(ways);
    candidates = List.copyOf(candidates);
    matches = List.copyOf(matches);
    judged = Collections.unmodifiableMap(new LinkedHashMap<>(judged));
  }

  static Basis of(
      Circumstances all, Situation situation, Diagnosis diagnosis, List<Candidate> candidates) {
    Double line = situation.facts().number(FactType.LINE_VOLTS);
    List<Match> matches = new ArrayList<>();
    Map<String, Match> judged = new LinkedHashMap<>();
    for (Candidate candidate : candidates) {
      matches.add(Matching.of(all.unit(), all.motor(), all.running(), line, candidate));
      judged.put(
          candidate.id(), Matching.fitted(all.unit(), all.motor(), all.running(), line, candidate));
    }
    matches.sort(Comparator.comparing(Match::state));
    boolean fits = matches.stream().anyMatch(one -> one.state() != Match.State.NO);
    List<Way> ways =
        Ways.of(all, situation.facts(), diagnosis).stream()
            .map(way -> fits && way.route() == Route.EQUIVALENT_MOTOR ? way.with(MATCHED) : way)
            .toList();
    return new Basis(
        all,
        ways,
        candidates,
        matches,
        judged,
        diagnosis.verdict().remedy().stands()
            || diagnosis.verdict().state() == VerdictState.DECIDED,
        diagnosis.verdict().remedy().action(),
        line);
  }

  /** What a motor that fits has met. */
  private static final List<String> MATCHED =
      List.of("MATCH_PLATE", "KIND_DIFFERS", "SPEED_SIGNAL");

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
    return match;
  }

  /** Whether a motor goes on this way. */
  public boolean goes(Route route, Candidate candidate) {
    boolean wantsFixed = route == Route.FIXED_SPEED || route == Route.LOANER;
    return wantsFixed == candidate.runsAtOneSpeed() && match(candidate).state() != Match.State.NO;
  }

  /** A motor that was listed; null where none has this id. */
  public @Nullable Candidate candidate(@Nullable String id) {
    return candidates.stream().filter(one -> one.id().equals(id)).findFirst().orElse(null);
  }

  boolean isBlocked(Route route) {
    return ways.stream().anyMatch(one -> one.route() == route && one.state() == RouteState.BLOCKED);
  }
}
