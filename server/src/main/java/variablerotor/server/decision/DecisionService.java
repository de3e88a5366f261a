package variablerotor.server.decision;

import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.choice.Dials;
import variablerotor.core.job.Job;
import variablerotor.core.match.Candidate;
import variablerotor.core.match.Point;
import variablerotor.core.route.Route;
import variablerotor.core.route.RouteState;
import variablerotor.core.route.Way;
import variablerotor.core.tree.Tree;
import variablerotor.core.view.CallView;
import variablerotor.core.view.ChoiceView;
import variablerotor.core.view.DiagnosisView;
import variablerotor.json.Json;
import variablerotor.server.call.CallService;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;
import variablerotor.server.web.Faults;
import variablerotor.server.web.Refused;

/** The way forward that technician and customer chose. */
@Service
public class DecisionService {
  private final DecisionStore store;
  private final CallService calls;

  DecisionService(DecisionStore store, CallService calls) {
    this.store = store;
    this.calls = calls;
  }

  /**
   * @param candidate the motor chosen with it; null where none is
   * @param done attributes of that motor which ask for something while fitting, ticked
   * @throws Refused where the way is blocked, or the motor does not go on it
   */
  @Transactional
  public CallView decide(
      UUID call, UUID id, Route route, @Nullable String candidate, List<String> done, Stamp stamp) {
    calls.lock(call);
    Save save = store.decision(id, call, route, candidate);
    if (store.holds(save)) {
      return calls.view(call);
    }
    Job job = calls.job(call);
    List<Point> asked = candidate == null ? List.of() : asked(job, route, candidate);
    String ticked =
        asked.stream()
            .filter(one -> done.contains(one.attribute()))
            .map(Point::sentence)
            .collect(Collectors.joining("\n"));
    Way way = job.way(route);
    if (way.state() == RouteState.BLOCKED) {
      throw Refused.field("route", "This way is blocked: " + way.reasons().get(0).sentence());
    }
    if (asked.stream().anyMatch(one -> isLink(one) && !done.contains(one.attribute()))) {
      throw Refused.field("done", "found no tick at volts; the voltage link must be ticked first");
    }
    store.add(
        save,
        job.options().route(route, candidate).firstCost(),
        job.settings().currency(),
        ticked,
        Json.write(DiagnosisView.of(job.diagnosis()).tree()),
        Json.write(Tree.of("case", job.caseTree(), "options", job.options())),
        stamp);
    return calls.after(true, call, stamp);
  }

  /** What a motor asks for while it is fitted. */
  private static List<Point> asked(Job job, Route route, String id) {
    Candidate candidate = job.options().basis().candidate(id);
    if (candidate == null) {
      throw Refused.field(
          "candidate", "found \"" + id + "\"; allowed is a motor of the shop's list");
    }
    if (!job.options().basis().goes(route, candidate)) {
      throw Refused.field("candidate", "The motor \"" + id + "\" does not go on this way.");
    }
    return job.options().basis().match(candidate).points().stream()
        .filter(one -> one.state() == Point.State.CHANGE)
        .toList();
  }

  private static boolean isLink(Point point) {
    return point.attribute().equals("volts");
  }

  /**
   * Case, ways, matches and prices as they stood at a choice.
   *
   * @throws Refused where there is no such choice
   */
  @Transactional(readOnly = true)
  public Object stoodOn(UUID call, UUID id) {
    return Json.kept(store.stoodOn(call, id).orElseThrow(() -> Refused.missing("choice")));
  }

  /**
   * The choice as it stands, or as it would at other figures.
   *
   * @throws Refused where a figure makes no sense
   */
  @Transactional(readOnly = true)
  public ChoiceView choice(UUID call, Dials dials) {
    Faults faults = new Faults();
    faults.upTo("energyPerKwh", dials.energyPerKwh(), 1000);
    faults.upTo("fanHoursPerYear", dials.fanHoursPerYear(), 8784);
    faults.upTo("yearsAhead", dials.yearsAhead(), 50);
    faults.upTo("labourPerHour", dials.labourPerHour(), 10_000);
    faults.upTo("partPrice", dials.partPrice(), 1e7);
    faults.upTo("labourHours", dials.labourHours(), 1000);
    faults.refuse();
    return ChoiceView.of(calls.job(call), dials);
  }
}
