package variablerotor.server.proof;

import static variablerotor.server.schema.Tables.REPAIR_PROOF;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Repository;
import variablerotor.core.casefile.ProofReader;
import variablerotor.core.job.JobLog;
import variablerotor.core.kept.Wording;
import variablerotor.core.proof.ProofRequest;
import variablerotor.server.call.CallPart;
import variablerotor.server.call.StageDocument;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Stamp;

/** What repairs showed. */
@Repository
class ProofStore implements CallPart {
  private final StageDocument<ProofRequest> document;

  ProofStore(LogStore log) {
    document =
        new StageDocument<>(
            log.documents(REPAIR_PROOF, "proof", StageDocument.MOST),
            Wording.Kind.PROOF,
            tree -> ProofReader.told(tree).document());
  }

  boolean keep(UUID call, UUID id, Object tree, Stamp stamp) {
    return document.keep(call, id, tree, stamp);
  }

  @Override
  public void addTo(JobLog.Builder job, UUID call) {
    document.addTo(
        job,
        call,
        one ->
            job.proofs(List.of(new JobLog.Proved(one.id(), one.told(), one.author(), one.at()))));
  }
}
