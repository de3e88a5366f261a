package variablerotor.server.decision;

import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.cost.Offer;
import variablerotor.core.job.Job;
import variablerotor.core.route.Route;
import variablerotor.core.route.RouteState;
import variablerotor.core.route.Way;
import variablerotor.core.view.CallView;
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

  @Transactional
  public CallView decide(UUID call, UUID id, Route route, Stamp stamp) {
    calls.lock(call);
    new Faults().required("route", route, "a way forward").refuse();
    Save save = store.decision(id, call, route);
    if (store.holds(save)) {
      return calls.view(call);
    }
    Job job = calls.job(call);
    Way way = job.way(route);
    if (way.state() == RouteState.BLOCKED) {
      throw Refused.field("route", "This way is blocked: " + way.reasons().get(0).sentence());
    }
    Offer offer = job.offer(route);
    store.add(
        save,
        offer == null ? null : offer.firstCost(job.settings().labourPerHour()),
        job.settings().currency(),
        Json.write(DiagnosisView.of(job.diagnosis()).tree()),
        stamp);
    return calls.after(true, call, stamp);
  }
}
