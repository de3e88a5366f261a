package variablerotor.server.call;

import java.util.UUID;
import java.util.function.Consumer;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.job.JobLog;
import variablerotor.core.kept.ReadBack;
import variablerotor.core.kept.Wording;
import variablerotor.core.tree.Node;
import variablerotor.json.Json;
import variablerotor.server.log.Documents;
import variablerotor.server.log.Stamp;
import variablerotor.server.web.Refused;

/**
 * A document that a stage of a call keeps as it grows: read by the rules of its format before it is
 * kept, each state whole, the newest in force.
 */
public final class StageDocument<T extends Node> {
  /** States that a call may hold of one. */
  public static final int MOST = 1000;

  private final Documents documents;
  private final Wording.Kind kind;
  private final ReadBack.Reader<T> reader;

  /**
   * @param reader from a plain tree of its format
   */
  public StageDocument(Documents documents, Wording.Kind kind, ReadBack.Reader<T> reader) {
    this.documents = documents;
    this.kind = kind;
    this.reader = reader;
  }

  /** A state of it, by whom and when. */
  public record State<T>(String id, T told, String author, String at) {}

  /**
   * Keeps a state of it. Hold the call first.
   *
   * @return whether it is new
   * @throws Refused where it does not read
   */
  public boolean keep(UUID call, UUID id, Object tree, Stamp stamp) {
    try {
      return documents.keep(call, id, Json.write(reader.read(tree).tree()), stamp);
    } catch (InputFaults faults) {
      throw Refused.fields(faults.faults());
    }
  }

  /** Puts the one in force on a call's log; one that no longer reads, as it was told. */
  public void addTo(JobLog.Builder job, UUID call, Consumer<State<T>> inForce) {
    documents.newest(call).ifPresent(one -> add(job, one, inForce));
  }

  private void add(JobLog.Builder job, Documents.Kept one, Consumer<State<T>> inForce) {
    ReadBack<T> read =
        ReadBack.whole(Wording.today(), kind, one.wording(), Json.kept(one.body()), reader);
    if (read.value() != null) {
      inForce.accept(new State<>(one.id(), read.value(), one.author(), one.at()));
    }
    job.strange(
        read.asTold().stream()
            .map(line -> new JobLog.Strange(line, one.author(), one.at()))
            .toList());
  }
}
