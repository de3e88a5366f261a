package variablerotor.server.fit;

import static variablerotor.server.schema.Tables.FIT;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Repository;
import variablerotor.core.casefile.FitReader;
import variablerotor.core.fitting.FitRecord;
import variablerotor.core.job.JobLog;
import variablerotor.core.kept.Wording;
import variablerotor.server.call.CallPart;
import variablerotor.server.call.StageDocument;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Stamp;

/** What was done of jobs. */
@Repository
class FitStore implements CallPart {
  private final StageDocument<FitRecord> document;

  FitStore(LogStore log) {
    document =
        new StageDocument<>(
            log.documents(FIT, "fitting", StageDocument.MOST),
            Wording.Kind.FIT,
            tree -> FitReader.told(tree).document());
  }

  boolean keep(UUID call, UUID id, Object tree, Stamp stamp) {
    return document.keep(call, id, tree, stamp);
  }

  @Override
  public void addTo(JobLog.Builder job, UUID call) {
    document.addTo(
        job,
        call,
        one -> job.fits(List.of(new JobLog.Fitted(one.id(), one.told(), one.author(), one.at()))));
  }
}
