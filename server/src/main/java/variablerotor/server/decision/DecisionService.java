package variablerotor.server.decision;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.chain.Suspect;
import variablerotor.core.choice.Dials;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.diagnosis.Engine;
import variablerotor.core.diagnosis.VerdictState;
import variablerotor.core.job.Deciding;
import variablerotor.core.job.Job;
import variablerotor.core.job.JobLog;
import variablerotor.core.route.Route;
import variablerotor.core.tree.Tree;
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
   * A verdict that somebody saw, perhaps without a radio.
   *
   * @param engine of which version the rules were that it followed from; null where that was not
   *     said
   */
  public record Seen(VerdictState state, List<Suspect> suspects, @Nullable String engine) {
    /** Why another one stands here. */
    private String whyOther() {
      return engine == null || engine.equals(Engine.VERSION)
          ? "Since then something was read or told that changes the verdict. It is now: "
          : "Rules of version "
              + engine
              + " said it on the device; by the shop's, of version "
              + Engine.VERSION
              + ", it is: ";
    }
  }

  /** A choice that was made by what a person was told elsewhere. */
  @Transactional
  public Job decide(
      UUID call, UUID id, Route route, @Nullable String candidate, List<String> done, Stamp stamp) {
    return decide(call, id, route, candidate, done, null, stamp);
  }

  /**
   * @param candidate the motor chosen with it; null where none is
   * @param done attributes of that motor which ask for something while fitting, ticked
   * @param on the verdict that whoever chose saw; null where that is not known
   * @throws Refused where the way is blocked, the motor does not go on it, or the verdict is
   *     another by now
   */
  @Transactional
  public Job decide(
      UUID call,
      UUID id,
      Route route,
      @Nullable String candidate,
      List<String> done,
      @Nullable Seen on,
      Stamp stamp) {
    calls.lock(call);
    Save save = store.decision(id, call, route, candidate);
    if (store.holds(save)) {
      return calls.job(call);
    }
    Job job = calls.job(call);
    Diagnosis.Verdict now = job.diagnosis().verdict();
    if (on != null && (on.state() != now.state() || !now.suspects().equals(on.suspects()))) {
      throw Refused.field(
          "on", on.whyOther() + now.sentence() + " Look once more, and choose again.");
    }
    JobLog.Decided decided;
    try {
      decided = Deciding.of(job, id.toString(), route, candidate, done, "", "");
    } catch (InputFaults faults) {
      throw Refused.fields(faults.faults());
    }
    store.add(
        save,
        decided.firstCost(),
        decided.currency(),
        String.join("\n", decided.done()),
        Json.write(DiagnosisView.of(job.diagnosis()).tree()),
        Json.write(Tree.of("case", job.caseTree(), "options", job.options())),
        stamp);
    return calls.after(true, call, stamp);
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
