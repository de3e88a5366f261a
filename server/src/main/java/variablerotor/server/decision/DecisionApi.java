package variablerotor.server.decision;

import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.route.Route;
import variablerotor.core.view.CallView;
import variablerotor.server.log.Stamps;

/** Choices over HTTP. */
@RestController
class DecisionApi {
  private final DecisionService decisions;
  private final Stamps stamps;

  DecisionApi(DecisionService decisions, Stamps stamps) {
    this.decisions = decisions;
    this.stamps = stamps;
  }

  record DecisionRequest(Route route) {}

  @PutMapping("/api/calls/{call}/decisions/{id}")
  CallView decide(
      @PathVariable UUID call, @PathVariable UUID id, @RequestBody DecisionRequest body) {
    return decisions.decide(call, id, body.route(), stamps.now());
  }
}
