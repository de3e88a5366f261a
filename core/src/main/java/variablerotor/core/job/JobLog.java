package variablerotor.core.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import variablerotor.core.chain.Suspect;
import variablerotor.core.choice.Market;
import variablerotor.core.choice.Shelf;
import variablerotor.core.choice.ShopMotor;
import variablerotor.core.choice.Sourced;
import variablerotor.core.fact.Fact;
import variablerotor.core.fitting.FitRecord;
import variablerotor.core.kept.AsTold;
import variablerotor.core.likelihood.Experience;
import variablerotor.core.proof.ProofRequest;
import variablerotor.core.route.Route;
import variablerotor.core.wiring.AsWired;

/**
 * All that was recorded on one call, each list in the order of recording. Everything else about the
 * call follows from it. Times are texts as the shop's records have them (ISO 8601).
 *
 * @param practice whether it is on a simulated motor
 * @param particulars what was told last
 * @param offers the last of a way and motor is in force
 * @param motors that the shop can get now
 * @param sourced what stock and supply house say of these motors, and of the parts found for ways
 * @param decisions the last is in force
 * @param shelf what they have of small parts
 * @param answers what the customer said, the last in force
 * @param wirings conversions as they were made, the last in force
 * @param fits what was done of the job, each with all that was done by then, the last in force
 * @param proofs of the repair, each with all that was read by then, the last in force
 * @param strange what nobody knows any more, as it was told
 * @param outcomes what it turned out to be, the last in force
 * @param experience what the shop's own ended calls say
 * @param broughtIn who brought the call in from a file; null where it was made here
 */
public record JobLog(
    String id,
    boolean practice,
    String openedBy,
    String openedAt,
    String changedAt,
    Particulars particulars,
    List<Reading> readings,
    List<Market.Offer> offers,
    List<ShopMotor> motors,
    List<Sourced> sourced,
    Shelf shelf,
    List<Decided> decisions,
    List<Answered> answers,
    List<Wired> wirings,
    List<Fitted> fits,
    List<Proved> proofs,
    List<Photo> photos,
    List<Strange> strange,
    @Nullable BroughtIn broughtIn,
    List<Outcome> outcomes,
    Experience experience) {

  public JobLog {
    readings = List.copyOf(readings);
    offers = List.copyOf(offers);
    motors = List.copyOf(motors);
    sourced = List.copyOf(sourced);
    answers = List.copyOf(answers);
    decisions = List.copyOf(decisions);
    wirings = List.copyOf(wirings);
    fits = List.copyOf(fits);
    proofs = List.copyOf(proofs);
    photos = List.copyOf(photos);
    strange = List.copyOf(strange);
    outcomes = List.copyOf(outcomes);
  }

  /** Whether the same was read and told as in the other: then the readings say the same. */
  boolean readsAs(JobLog other) {
    return particulars.equals(other.particulars)
        && readings.equals(other.readings)
        && experience.equals(other.experience);
  }

  /**
   * @param retractedBy who took it back; null where nobody did
   */
  public record Reading(
      String id, Fact fact, String author, String at, @Nullable String retractedBy) {
    /** Whether it was taken back. */
    public boolean retracted() {
      return retractedBy != null;
    }
  }

  /**
   * @param candidate the motor that was chosen with it; null where none was
   * @param firstCost in {@code currency}, as it stood then; null where no price was known
   * @param done what is to be done while fitting and was ticked, in words
   */
  public record Decided(
      String id,
      Route route,
      @Nullable String candidate,
      @Nullable Double firstCost,
      String currency,
      List<String> done,
      String author,
      String at) {
    public Decided {
      done = List.copyOf(done);
    }
  }

  /**
   * What the customer said to the ways laid before them.
   *
   * @param route null where they think it over
   * @param by who said so
   * @param on the day on which it was said (ISO 8601)
   * @param note in words; may be empty
   * @param signed null where nobody signed on a screen
   */
  public record Answered(
      String id,
      @Nullable Route route,
      String by,
      String on,
      String note,
      @Nullable Signature signed,
      String author,
      String at) {}

  /**
   * Whether it was what the tool had said.
   *
   * @param said what it had said then, the first cause first; empty where it had said nothing
   * @param found what it was: the same for yes, nothing where that is not known
   * @param note in words; may be empty
   */
  public record Outcome(
      String id,
      Was was,
      List<Suspect> said,
      List<Suspect> found,
      String note,
      String author,
      String at) {
    public Outcome {
      said = List.copyOf(said);
      found = List.copyOf(found);
    }

    /** The answer to "was it that?". */
    public enum Was {
      YES("Yes, it was"),
      NO("No, it was something else"),
      UNKNOWN("Not known");

      private final String title;

      Was(String title) {
        this.title = title;
      }

      /** As on a button. */
      public String title() {
        return title;
      }

      /**
       * What it was by this answer.
       *
       * @param said what the tool had said
       * @param told what it was instead
       */
      public List<Suspect> found(List<Suspect> said, List<Suspect> told) {
        return switch (this) {
          case YES -> said;
          case NO -> told;
          case UNKNOWN -> List.of();
        };
      }
    }
  }

  /** A conversion as it was made, or as far as it was. */
  public record Wired(String id, AsWired made, String author, String at) {}

  /** What was done of the job, as far as it was. */
  public record Fitted(String id, FitRecord record, String author, String at) {}

  /** What a repair showed, as far as it was read. */
  public record Proved(String id, ProofRequest request, String author, String at) {}

  /** Something that nobody knows any more, by whom and when it was told. */
  public record Strange(AsTold told, String author, String at) {}

  /** That it came out of a file: what it says of who and when was said elsewhere. */
  public record BroughtIn(String by, String at) {}

  /** A photo without its pixels. */
  public record Photo(String id, PhotoKind kind, int width, int height, String author, String at) {}

  /** Where each part of a shop's records puts in what it keeps of the call. */
  public static final class Builder {
    private final String id;
    private final boolean practice;
    private final String openedBy;
    private final String openedAt;
    private String changedAt;
    private @Nullable Particulars particulars;
    private final List<Reading> readings = new ArrayList<>();
    private final List<Market.Offer> offers = new ArrayList<>();
    private final List<ShopMotor> motors = new ArrayList<>();
    private final List<Sourced> sourced = new ArrayList<>();
    private Shelf shelf = Shelf.EMPTY;
    private final List<Answered> answers = new ArrayList<>();
    private final List<Decided> decisions = new ArrayList<>();
    private final List<Wired> wirings = new ArrayList<>();
    private final List<Fitted> fits = new ArrayList<>();
    private final List<Proved> proofs = new ArrayList<>();
    private final List<Photo> photos = new ArrayList<>();
    private final List<Strange> strange = new ArrayList<>();
    private @Nullable BroughtIn broughtIn;
    private final List<Outcome> outcomes = new ArrayList<>();
    private Experience experience = Experience.NONE;

    /**
     * @param particulars null where nobody knows any more what they say: no log comes of it
     */
    public Builder(
        String id,
        boolean practice,
        String openedBy,
        String openedAt,
        String changedAt,
        @Nullable Particulars particulars) {
      this.id = id;
      this.practice = practice;
      this.openedBy = openedBy;
      this.openedAt = openedAt;
      this.changedAt = changedAt;
      this.particulars = particulars;
    }

    /** With all that is on a log. */
    Builder(JobLog log) {
      this(
          log.id(),
          log.practice(),
          log.openedBy(),
          log.openedAt(),
          log.changedAt(),
          log.particulars());
      readings(log.readings()).offers(log.offers()).motors(log.motors()).sourced(log.sourced());
      shelf(log.shelf()).answers(log.answers()).decisions(log.decisions()).wirings(log.wirings());
      fits(log.fits()).proofs(log.proofs()).photos(log.photos()).strange(log.strange());
      outcomes(log.outcomes()).experience(log.experience());
      broughtIn = log.broughtIn();
    }

    /** When it was changed last. */
    Builder changedAt(String at) {
      changedAt = at;
      return this;
    }

    /** What is told now. */
    Builder particulars(Particulars told) {
      particulars = told;
      return this;
    }

    /** These readings in the place of those before. */
    Builder withReadings(List<Reading> all) {
      readings.clear();
      return readings(all);
    }

    /** Adds readings, in the order of taking. */
    public Builder readings(List<Reading> more) {
      readings.addAll(more);
      return this;
    }

    /** Adds readings as they were kept, in the order of taking. */
    public Builder keptReadings(List<KeptRow<Reading>> rows) {
      return readings(KeptRow.known(rows, strange));
    }

    /** Adds what ways were said to cost as it was kept. */
    public Builder keptOffers(List<KeptRow<Market.Offer>> rows) {
      return offers(KeptRow.known(rows, strange));
    }

    /** Adds what ways were said to cost, the last of a way and motor in force. */
    public Builder offers(List<Market.Offer> more) {
      offers.addAll(more);
      return this;
    }

    /** Adds motors that the shop can get. */
    public Builder motors(List<ShopMotor> more) {
      motors.addAll(more);
      return this;
    }

    /** What stock and supply house have of small parts. */
    public Builder shelf(Shelf given) {
      shelf = given;
      return this;
    }

    /** Adds what stock and supply house say of motors, and of parts found for ways. */
    public Builder sourced(List<Sourced> more) {
      sourced.addAll(more);
      return this;
    }

    /** Adds what the customer said as it was kept, the last in force. */
    public Builder keptAnswers(List<KeptRow<Answered>> rows) {
      return answers(KeptRow.known(rows, strange));
    }

    /** Adds what the customer said, the last in force. */
    public Builder answers(List<Answered> more) {
      answers.addAll(more);
      return this;
    }

    /** Adds decisions as they were kept, the last one in force. */
    public Builder keptDecisions(List<KeptRow<Decided>> rows) {
      return decisions(KeptRow.known(rows, strange));
    }

    /** Adds decisions, the last one in force. */
    public Builder decisions(List<Decided> more) {
      decisions.addAll(more);
      return this;
    }

    /** Adds conversions as they were made, the last one in force. */
    public Builder wirings(List<Wired> more) {
      wirings.addAll(more);
      return this;
    }

    /** Adds what was done of the job, the last in force. */
    public Builder fits(List<Fitted> more) {
      fits.addAll(more);
      return this;
    }

    /** Adds what the repair showed, the last in force. */
    public Builder proofs(List<Proved> more) {
      proofs.addAll(more);
      return this;
    }

    /** Adds photos without their pixels. */
    public Builder photos(List<Photo> more) {
      photos.addAll(more);
      return this;
    }

    /** Adds what nobody knows any more. */
    public Builder strange(List<Strange> more) {
      strange.addAll(more);
      return this;
    }

    /**
     * Everything that was read, and what nobody knows any more: for a log that is not to be had.
     */
    public List<AsTold> asTold() {
      List<AsTold> all = new ArrayList<>();
      strange.forEach(one -> all.add(one.told()));
      readings.stream()
          .filter(one -> !one.retracted())
          .forEach(
              one -> all.addAll(AsTold.all(one.fact().type().id(), one.fact().value().plain())));
      return all;
    }

    /** Adds what it turned out to be as it was kept, the last in force. */
    public Builder keptOutcomes(List<KeptRow<Outcome>> rows) {
      return outcomes(KeptRow.known(rows, strange));
    }

    /** Adds what it turned out to be, the last in force. */
    public Builder outcomes(List<Outcome> more) {
      outcomes.addAll(more);
      return this;
    }

    /** What the shop's own ended calls say. */
    public Builder experience(Experience own) {
      experience = own;
      return this;
    }

    /** The call came out of a file. */
    public Builder broughtIn(BroughtIn from) {
      broughtIn = from;
      return this;
    }

    /**
     * The log as it was put in.
     *
     * @throws NullPointerException without particulars
     */
    public JobLog build() {
      return new JobLog(
          id,
          practice,
          openedBy,
          openedAt,
          changedAt,
          Objects.requireNonNull(particulars),
          readings,
          offers,
          motors,
          sourced,
          shelf,
          decisions,
          answers,
          wirings,
          fits,
          proofs,
          photos,
          strange,
          broughtIn,
          outcomes,
          experience);
    }
  }
}
