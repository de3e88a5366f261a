package variablerotor.core.job;

import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.match.Candidate;
import variablerotor.core.match.Point;
import variablerotor.core.route.Route;
import variablerotor.core.route.RouteState;
import variablerotor.core.route.Way;

/** A way forward as it is chosen: held against the call, with what it costs and what was ticked. */
public final class Deciding {
  private Deciding() {}

  /**
   * @param candidate the motor chosen with it; null where none is
   * @param done attributes of that motor which ask for something while fitting, ticked
   * @throws InputFaults where the way is blocked, or the motor does not go on it
   */
  public static JobLog.Decided of(
      Job job,
      String id,
      Route route,
      @Nullable String candidate,
      List<String> done,
      String author,
      String at)
      throws InputFaults {
    List<Point> asked = candidate == null ? List.of() : asked(job, route, candidate);
    holdOpen(job, route);
    if (asked.stream().anyMatch(one -> isLink(one) && !done.contains(one.attribute()))) {
      throw fault("done", "found no tick at volts; the voltage link must be ticked first");
    }
    return new JobLog.Decided(
        id,
        route,
        candidate,
        job.options().route(route, candidate).firstCost(),
        job.settings().currency(),
        asked.stream().filter(one -> done.contains(one.attribute())).map(Point::sentence).toList(),
        author,
        at);
  }

  /**
   * Nobody chooses or agrees to what is blocked.
   *
   * @throws InputFaults where the way is
   */
  public static void holdOpen(Job job, Route route) throws InputFaults {
    Way way = job.way(route);
    if (way.state() == RouteState.BLOCKED) {
      throw fault("route", "This way is blocked: " + way.reasons().get(0).sentence());
    }
  }

  /** What a motor asks for while it is fitted. */
  private static List<Point> asked(Job job, Route route, String id) throws InputFaults {
    Candidate candidate = job.options().basis().candidate(id);
    if (candidate == null) {
      throw fault("candidate", "found \"" + id + "\"; allowed is a motor of the shop's list");
    }
    if (!job.options().basis().goes(route, candidate)) {
      throw fault("candidate", "The motor \"" + id + "\" does not go on this way.");
    }
    return job.options().basis().match(candidate).points().stream()
        .filter(one -> one.state() == Point.State.CHANGE)
        .toList();
  }

  private static boolean isLink(Point point) {
    return point.attribute().equals("volts");
  }

  private static InputFaults fault(String field, String message) {
    return new InputFaults(List.of(new InputFault(field, message)));
  }
}
