package variablerotor.core.fitting;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * Why a job does not go on now, what is next, and when.
 *
 * @param until the day on which it goes on, or is owed (ISO 8601); null where nobody knows
 * @param note in words; may be empty
 * @param bring what is to be brought then; may be empty
 * @param left what is left to do besides
 */
public record Hold(
    Reason reason, @Nullable String until, String note, String bring, List<Left> left)
    implements Node {
  public Hold {
    left = List.copyOf(left);
  }

  /** Why it does not go on. */
  public enum Reason {
    PART_NOT_HERE("The part is not here", "Fit it when it is in.", false),
    WRONG_PART(
        "The wrong part was in the box", "Back to the counter with it, and the right one.", false),
    BRIDGED(
        "Runs on a motor on loan, or in bypass",
        "The part that was ordered goes in by then.",
        true),
    SECOND_FAULT("A second fault was found while fitting", "It is found and mended first.", false),
    NEW_SEARCH("A new search runs on the new part", "It is led in a call of its own.", false),
    RETURN_VISIT("A second visit is needed", "With what is to be brought.", false);

    private final String title;
    private final String next;
    private final boolean dated;

    Reason(String title, String next, boolean dated) {
      this.title = title;
      this.next = next;
      this.dated = dated;
    }

    /** As it is shown. */
    public String title() {
      return title;
    }

    /** What is next, in a sentence. */
    public String next() {
      return next;
    }

    /** Whether it stands only with a day: nothing may run so for an open time. */
    public boolean needsDay() {
      return dated;
    }
  }

  /** Something that is left for another visit. */
  public enum Left {
    CHARGE("Refrigerant charge, by certified people"),
    CONDENSER("Dirty condenser"),
    COIL("Dirty coil indoors"),
    FILTER("Filter"),
    AIRFLOW("Airflow to be measured and set"),
    WHEEL("A new wheel"),
    LEAK("A water leak"),
    OTHER("Something else, in the note");

    private final String title;

    Left(String title) {
      this.title = title;
    }

    /** As it is shown. */
    public String title() {
      return title;
    }
  }

  /** How it stands, in a sentence. */
  public String sentence() {
    return reason.title() + (note.isEmpty() ? "." : ": " + note + ".");
  }

  /** All of it: why, what is next, what is to be brought, what is left. */
  public String spoken() {
    StringBuilder all = new StringBuilder(sentence()).append(' ').append(reason.next());
    if (until != null) {
      all.append(" By ").append(until).append('.');
    }
    if (!bring.isEmpty()) {
      all.append(" To bring: ").append(bring).append('.');
    }
    if (!left.isEmpty()) {
      List<String> titles = left.stream().map(Left::title).toList();
      all.append(" Left to do: ").append(String.join(", ", titles)).append('.');
    }
    return all.toString();
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of("reason", reason, "until", until, "note", note, "bring", bring, "left", left);
  }
}
