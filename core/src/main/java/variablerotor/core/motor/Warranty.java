package variablerotor.core.motor;

import java.time.LocalDate;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.text.Words;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/** Whether the maker still pays, and whether it is a matter of days. */
public final class Warranty {
  /** An end this near is a warning in itself [day]. Judgement; claims have been saved by days. */
  private static final long SOON = 45;

  /** An end this recent is worth a question to the maker [day]. Judgement. */
  private static final long JUST_OVER = 30;

  private Warranty() {}

  /** How a warranty stands. */
  public enum State {
    UNKNOWN,
    RUNNING,
    /** It ends within weeks. */
    ENDS_SOON,
    /** It ended within weeks. */
    JUST_OVER,
    OVER
  }

  /**
   * @param days to its end, negative where it is over; null where it is not known
   */
  public record Standing(State state, @Nullable Long days, String sentence) implements Node {

    @Override
    public Map<String, Object> tree() {
      return Tree.of("state", state, "days", days, "sentence", sentence);
    }
  }

  /**
   * @param until last day of it, or null
   */
  public static Standing of(@Nullable LocalDate until, LocalDate today) {
    if (until == null) {
      return new Standing(State.UNKNOWN, null, "Ask for the warranty date: read it off the plate.");
    }
    long days = until.toEpochDay() - today.toEpochDay();
    if (days < -JUST_OVER) {
      return new Standing(State.OVER, days, "Out of warranty since " + until + ".");
    }
    if (days < 0) {
      return new Standing(
          State.JUST_OVER,
          days,
          "The warranty ended "
              + spoken(-days)
              + " ago, on "
              + until
              + ". Ask the maker all the same, with the date of the first complaint.");
    }
    if (days <= SOON) {
      return new Standing(
          State.ENDS_SOON,
          days,
          "The warranty ends in "
              + spoken(days)
              + ", on "
              + until
              + ". File the claim before then: the maker's part, or the claim is lost.");
    }
    return new Standing(
        State.RUNNING, days, "In warranty until " + until + ": the maker's part, labour not paid.");
  }

  private static String spoken(long days) {
    return days == 0 ? "less than a day" : Words.count(days, "day");
  }
}
