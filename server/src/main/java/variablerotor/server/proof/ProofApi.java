package variablerotor.server.proof;

import java.util.Map;
import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.job.Job;
import variablerotor.json.Json;
import variablerotor.server.log.Stamps;

/** The proof of a repair, over HTTP. */
@RestController
class ProofApi {
  private final ProofService proofs;
  private final Stamps stamps;

  ProofApi(ProofService proofs, Stamps stamps) {
    this.proofs = proofs;
    this.stamps = stamps;
  }

  /** What the repair showed by now, whole, in the open format. */
  @PutMapping("/api/calls/{call}/proofs/{id}")
  Job keep(@PathVariable UUID call, @PathVariable UUID id, @RequestBody Map<String, Object> body) {
    return proofs.keep(call, id, Json.plainMap(body), stamps.now());
  }
}
