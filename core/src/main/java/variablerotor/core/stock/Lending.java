package variablerotor.core.stock;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * When a lent motor is to be fetched.
 *
 * @param due the day; null where none is known
 * @param why what it is due with, in words
 * @param late whether it should be back
 */
public record Lending(@Nullable LocalDate due, String why, boolean late) {

  /**
   * What is ordered for the same job, and was not taken back.
   *
   * @param due null where no day is known
   */
  public record Awaited(boolean arrived, @Nullable LocalDate due) {}

  /**
   * Due when the last of what is ordered is due; and at once when all of it is there. An ordered
   * part of which no day is known leaves the day that was agreed.
   *
   * @param agreed when it went out; null for none
   * @param back whether it came back
   */
  public static Lending of(
      List<Awaited> orders, @Nullable LocalDate agreed, boolean back, LocalDate today) {
    boolean arrived = !orders.isEmpty() && orders.stream().allMatch(Awaited::arrived);
    LocalDate last = null;
    for (Awaited one : orders) {
      LocalDate day = one.due();
      if (!one.arrived() && day != null && (last == null || day.isAfter(last))) {
        last = day;
      }
    }
    LocalDate due = arrived ? today : last != null ? last : agreed;
    String why =
        arrived
            ? "What was ordered is there: fetch it."
            : last != null
                ? "Due with what is ordered."
                : agreed != null ? "Due as it was agreed." : "No day is known.";
    return new Lending(due, why, !back && due != null && (arrived || due.isBefore(today)));
  }

  /**
   * Whether a motor may go out on loan: one at a time, while a part is on its way and nothing else
   * heats or cools the building, or where the ranking of ways advises it. Common practice.
   *
   * @param out whether one is out already
   * @param onOrder whether a part is on its way
   * @param other whether something else heats or cools; null where nobody said
   * @param advised whether the ranking of ways advises a loan
   */
  public static boolean may(
      boolean out, boolean onOrder, @Nullable Boolean other, boolean advised) {
    return !out && (advised || (onOrder && !Boolean.TRUE.equals(other)));
  }
}
