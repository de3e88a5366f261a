package variablerotor.server.wiring;

import static variablerotor.server.schema.Tables.AS_WIRED;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Repository;
import variablerotor.core.casefile.AsWiredReader;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.job.JobLog;
import variablerotor.core.wiring.AsWired;
import variablerotor.json.Json;
import variablerotor.server.call.CallPart;
import variablerotor.server.log.Documents;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Stamp;

/** Conversions as they were made. */
@Repository
class WiringStore implements CallPart {
  private static final int MOST = 2000;

  private final Documents documents;

  WiringStore(LogStore log) {
    documents = log.documents(AS_WIRED, "wiring", MOST);
  }

  /** False where it is kept already. */
  boolean keep(UUID call, UUID id, String body, Stamp stamp) {
    return documents.keep(call, id, body, stamp);
  }

  @Override
  public void addTo(JobLog.Builder job, UUID call) {
    documents
        .newest(call)
        .map(one -> new JobLog.Wired(one.id(), kept(one.body()), one.author(), one.at()))
        .ifPresent(one -> job.wirings(List.of(one)));
  }

  private static AsWired kept(String body) {
    try {
      return AsWiredReader.read(Json.read(body));
    } catch (InputFaults unreadable) {
      throw new IllegalStateException("a kept wiring no longer reads", unreadable);
    }
  }
}
