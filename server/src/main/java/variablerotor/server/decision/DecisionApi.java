package variablerotor.server.decision;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.choice.Dials;
import variablerotor.core.job.Job;
import variablerotor.core.route.Route;
import variablerotor.core.view.ChoiceView;
import variablerotor.server.log.Stamps;
import variablerotor.server.web.Faults;

/** Choices over HTTP. */
@RestController
class DecisionApi {
  private final DecisionService decisions;
  private final Stamps stamps;

  DecisionApi(DecisionService decisions, Stamps stamps) {
    this.decisions = decisions;
    this.stamps = stamps;
  }

  /**
   * @param candidate the motor chosen with it; null where none is
   * @param done attributes of that motor which ask for something while fitting, ticked
   * @param on the verdict that whoever chose saw; null for one who did not look at it
   */
  record DecisionRequest(
      @NotNull(message = "found nothing; required is a way forward") Route route,
      @Nullable String candidate,
      @Nullable List<String> done,
      DecisionService.@Nullable Seen on) {}

  @PutMapping("/api/calls/{call}/decisions/{id}")
  Job decide(@PathVariable UUID call, @PathVariable UUID id, @RequestBody DecisionRequest body) {
    Faults.of(body).refuse();
    List<String> done = body.done() == null ? List.of() : body.done();
    return decisions.decide(
        call, id, body.route(), body.candidate(), done, body.on(), stamps.now());
  }

  /** What a choice stood on: case, ways, matches and prices, in the open format. */
  @GetMapping("/api/calls/{call}/decisions/{id}")
  Object stoodOn(@PathVariable UUID call, @PathVariable UUID id) {
    return decisions.stoodOn(call, id);
  }

  /** The choice as it stands: every way with its costs over the years, and what turns it. */
  @GetMapping("/api/calls/{call}/choice")
  ChoiceView choice(@PathVariable UUID call) {
    return decisions.choice(call, Dials.UNTURNED);
  }

  /** The choice as it would stand at other figures; nothing is kept. */
  @PostMapping("/api/calls/{call}/choice")
  ChoiceView choice(@PathVariable UUID call, @RequestBody Dials body) {
    return decisions.choice(call, body);
  }
}
