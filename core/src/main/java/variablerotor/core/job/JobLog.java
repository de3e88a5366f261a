package variablerotor.core.job;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.cost.Offer;
import variablerotor.core.fact.Fact;
import variablerotor.core.route.Route;

/**
 * All that was recorded on one call, each list in the order of recording. Everything else about the
 * call follows from it. Times are texts as the shop's records have them (ISO 8601).
 *
 * @param practice whether it is on a simulated motor
 * @param particulars what was told last
 * @param decisions the last is in force
 */
public record JobLog(
    String id,
    boolean practice,
    String openedBy,
    String openedAt,
    String changedAt,
    Particulars particulars,
    List<Reading> readings,
    List<Offered> offers,
    List<Decided> decisions,
    List<Photo> photos) {

  public JobLog {
    readings = List.copyOf(readings);
    offers = List.copyOf(offers);
    decisions = List.copyOf(decisions);
    photos = List.copyOf(photos);
  }

  /**
   * @param retracted whether it was taken back
   */
  public record Reading(String id, Fact fact, String author, String at, boolean retracted) {}

  /** What one way forward was said to cost. */
  public record Offered(Route route, Offer offer) {}

  /**
   * @param firstCost in {@code currency}, as it stood then; null where no price was known
   */
  public record Decided(
      String id,
      Route route,
      @Nullable Double firstCost,
      String currency,
      String author,
      String at) {}

  /** A photo without its pixels. */
  public record Photo(String id, PhotoKind kind, int width, int height, String author, String at) {}

  /** Where each part of a shop's records puts in what it keeps of the call. */
  public static final class Builder {
    private final String id;
    private final boolean practice;
    private final String openedBy;
    private final String openedAt;
    private final String changedAt;
    private final Particulars particulars;
    private final List<Reading> readings = new ArrayList<>();
    private final List<Offered> offers = new ArrayList<>();
    private final List<Decided> decisions = new ArrayList<>();
    private final List<Photo> photos = new ArrayList<>();

    public Builder(
        String id,
        boolean practice,
        String openedBy,
        String openedAt,
        String changedAt,
        Particulars particulars) {
      this.id = id;
      this.practice = practice;
      this.openedBy = openedBy;
      this.openedAt = openedAt;
      this.changedAt = changedAt;
      this.particulars = particulars;
    }

    /** Adds readings, in the order of taking. */
    public Builder readings(List<Reading> more) {
      readings.addAll(more);
      return this;
    }

    /** Adds what ways were said to cost. */
    public Builder offers(List<Offered> more) {
      offers.addAll(more);
      return this;
    }

    /** Adds decisions, the last one in force. */
    public Builder decisions(List<Decided> more) {
      decisions.addAll(more);
      return this;
    }

    /** Adds photos without their pixels. */
    public Builder photos(List<Photo> more) {
      photos.addAll(more);
      return this;
    }

    /** The log as it was put in. */
    public JobLog build() {
      return new JobLog(
          id,
          practice,
          openedBy,
          openedAt,
          changedAt,
          particulars,
          readings,
          offers,
          decisions,
          photos);
    }
  }
}
