package variablerotor.server.proof;

import static variablerotor.server.schema.Tables.REPAIR_PROOF;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Repository;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.casefile.ProofReader;
import variablerotor.core.job.JobLog;
import variablerotor.core.proof.ProofRequest;
import variablerotor.json.Json;
import variablerotor.server.call.CallPart;
import variablerotor.server.log.Documents;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Stamp;

/** What repairs showed. */
@Repository
class ProofStore implements CallPart {
  private static final int MOST = 1000;

  private final Documents documents;

  ProofStore(LogStore log) {
    documents = log.documents(REPAIR_PROOF, "proof", MOST);
  }

  /** False where it is kept already. */
  boolean keep(UUID call, UUID id, String body, Stamp stamp) {
    return documents.keep(call, id, body, stamp);
  }

  @Override
  public void addTo(JobLog.Builder job, UUID call) {
    documents
        .newest(call)
        .map(one -> new JobLog.Proved(one.id(), kept(one.body()), one.author(), one.at()))
        .ifPresent(one -> job.proofs(List.of(one)));
  }

  private static ProofRequest kept(String body) {
    try {
      return ProofReader.told(Json.read(body)).document();
    } catch (InputFaults unreadable) {
      throw new IllegalStateException("a kept proof no longer reads", unreadable);
    }
  }
}
