package variablerotor.server.wiring;

import static variablerotor.server.schema.Tables.AS_WIRED;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Repository;
import variablerotor.core.casefile.AsWiredReader;
import variablerotor.core.job.JobLog;
import variablerotor.core.kept.Wording;
import variablerotor.core.wiring.AsWired;
import variablerotor.server.call.CallPart;
import variablerotor.server.call.StageDocument;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Stamp;

/** Conversions as they were made. */
@Repository
class WiringStore implements CallPart {
  private static final int MOST = 2000;

  private final StageDocument<AsWired> document;

  WiringStore(LogStore log) {
    document =
        new StageDocument<>(
            log.documents(AS_WIRED, "wiring", MOST), Wording.Kind.WIRING, AsWiredReader::read);
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
            job.wirings(List.of(new JobLog.Wired(one.id(), one.told(), one.author(), one.at()))));
  }
}
