package variablerotor.core.fitting;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * What was done of a job, whole.
 *
 * @param job what its steps depend on
 * @param marks steps that were done or left out
 * @param notes what was noted at them
 * @param removed what came out before, in the order of coming out
 * @param photoMarks what was pointed at on photos
 * @param hold why it does not go on now; null where it does
 * @param handedOver whether the customer has it back
 * @param search the call in which the new part is searched, by id; null where none is
 */
public record FitRecord(
    FitCase job,
    List<Mark> marks,
    Notes notes,
    List<Removed> removed,
    List<PhotoMark> photoMarks,
    @Nullable Hold hold,
    boolean handedOver,
    @Nullable String search)
    implements Node {
  /** The name in the field {@code format}. */
  public static final String FORMAT = "variable-rotor-fit";

  /** The number in the field {@code version}. */
  public static final int VERSION = 1;

  public FitRecord {
    marks = List.copyOf(marks);
    removed = List.copyOf(removed);
    photoMarks = List.copyOf(photoMarks);
  }

  /**
   * A step that was done, or left out.
   *
   * @param why it was left out; empty where it was done
   */
  public record Mark(String id, boolean done, String why) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("id", id, "done", done, "why", why);
    }
  }

  /**
   * Something that came out before the part.
   *
   * @param where its screws are, or what is to be minded; may be empty
   * @param back whether it is in again
   */
  public record Removed(String what, String where, boolean back) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("what", what, "where", where, "back", back);
    }
  }

  /**
   * A place on a photo, with what it is: which colour sits on which terminal.
   *
   * @param photo its id
   * @param x from the left, as a share of the width
   * @param y from the top, as a share of the height
   */
  public record PhotoMark(String photo, double x, double y, String label) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("photo", photo, "x", x, "y", y, "label", label);
    }
  }

  /** Nothing done yet. */
  public static FitRecord begun(FitCase job) {
    return new FitRecord(job, List.of(), Notes.NONE, List.of(), List.of(), null, false, null);
  }

  /**
   * The same with what was noted of the machine on another way: a motor on loan goes out again, and
   * where the first one sat is still true.
   */
  public FitRecord remembering(FitRecord other) {
    Map<String, Object> known = new LinkedHashMap<>();
    for (Ask ask : Asked.PLACES) {
      Object noted = other.notes().of(ask.id());
      if (noted != null) {
        known.put(ask.id(), noted);
      }
    }
    return new FitRecord(
        job, marks, new Notes(known), removed, other.photoMarks(), hold, handedOver, search);
  }

  /** The same of the job as it is told by now. */
  public FitRecord in(FitCase now) {
    return new FitRecord(now, marks, notes, removed, photoMarks, hold, handedOver, search);
  }

  @Nullable Mark mark(String step) {
    return marks.stream().filter(one -> one.id().equals(step)).findFirst().orElse(null);
  }

  /** The document. */
  @Override
  public Map<String, Object> tree() {
    @SuppressWarnings("unchecked")
    Map<String, Object> tree =
        (Map<String, Object>)
            Tree.withoutNulls(
                Tree.of(
                    "format", FORMAT,
                    "version", VERSION,
                    "way", job.way(),
                    "case", job,
                    "marks", marks,
                    "notes", notes.tree(),
                    "removed", removed,
                    "photoMarks", photoMarks,
                    "hold", hold,
                    "handedOver", handedOver,
                    "search", search));
    return tree;
  }
}
