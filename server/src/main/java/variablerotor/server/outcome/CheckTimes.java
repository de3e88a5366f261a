package variablerotor.server.outcome;

import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.check.UnitState;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.RepairPhase;
import variablerotor.core.family.Family;
import variablerotor.core.job.JobLog;
import variablerotor.core.likelihood.Check;
import variablerotor.core.likelihood.Experience.Timed;
import variablerotor.core.likelihood.FamilyModel;

/**
 * What checks took on one call, by the times at which their readings were kept. Only what follows
 * on another check of the same person without a break says anything: a wait for the radio, a
 * telephone call or a way to the van is no part of a check.
 */
final class CheckTimes {
  /** A gap of more than so many times what was planned is a break. Judgement. */
  private static final double BREAK = 4;

  /** Less than this is two readings sent together, as after a lost radio [min]. Judgement. */
  private static final double AT_ONCE = 0.1;

  private CheckTimes() {}

  static List<Timed> of(Family family, List<JobLog.Reading> readings) {
    List<Timed> times = new ArrayList<>();
    Set<String> seen = new HashSet<>();
    Check before = null;
    JobLog.Reading last = null;
    for (JobLog.Reading one : readings) {
      Check check = check(family, one);
      if (check == null) {
        last = null;
        continue;
      }
      boolean first = seen.add(check.id());
      if (before != null && last != null && first && last.author().equals(one.author())) {
        Timed timed = timed(family, before.state(), check, last, one);
        if (timed != null) {
          times.add(timed);
        }
      }
      before = check;
      last = one;
    }
    return times;
  }

  /** Null where it is of no check that takes a hand: told, taken back, or after the repair. */
  private static @Nullable Check check(Family family, JobLog.Reading one) {
    if (one.retracted() || one.fact().again() || one.fact().phase() != RepairPhase.BEFORE) {
      return null;
    }
    FactType type = one.fact().type();
    // Of a check of several readings the first one ends a gap; its others follow at once.
    return FamilyModel.of(family).checks().stream()
        .filter(check -> !check.isSoft() && check.facts().contains(type))
        .findFirst()
        .orElse(null);
  }

  private static @Nullable Timed timed(
      Family family, UnitState from, Check check, JobLog.Reading last, JobLog.Reading one) {
    // A check of several readings is not over with its first.
    if (check.facts().size() > 1) {
      return null;
    }
    double gap =
        Duration.between(OffsetDateTime.parse(last.at()), OffsetDateTime.parse(one.at())).toMillis()
            / 60_000.0;
    double change = from.minutesTo(check.state());
    double planned = change + check.minutes();
    if (gap < AT_ONCE || gap > BREAK * planned) {
      return null;
    }
    // Whoever changed the state quicker than planned made the check in no time: not in less.
    return new Timed(family, check.id(), 1, Math.max(AT_ONCE, gap - change));
  }
}
