package variablerotor.server.call;

import java.util.Optional;
import java.util.UUID;
import variablerotor.core.casefile.InputFaults;
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
  private final String what;
  private final Reader<T> reader;

  /**
   * @param what it is, within a sentence
   */
  public StageDocument(Documents documents, String what, Reader<T> reader) {
    this.documents = documents;
    this.what = what;
    this.reader = reader;
  }

  /** From a plain tree of its format. */
  public interface Reader<T> {
    /**
     * @throws InputFaults with every fault found
     */
    T read(Object tree) throws InputFaults;
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

  /** The one in force; none while nothing is kept. */
  public Optional<State<T>> newest(UUID call) {
    return documents
        .newest(call)
        .map(one -> new State<>(one.id(), kept(one.body()), one.author(), one.at()));
  }

  private T kept(String body) {
    try {
      return reader.read(Json.read(body));
    } catch (InputFaults unreadable) {
      throw new IllegalStateException("a kept " + what + " no longer reads", unreadable);
    }
  }
}
