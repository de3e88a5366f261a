package variablerotor.core.view;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.choice.Bridge;
import variablerotor.core.choice.Market.Offer;
import variablerotor.core.choice.PartPrice;
import variablerotor.core.choice.RouteCost;
import variablerotor.core.choice.Sourced;
import variablerotor.core.drawing.Drawing;
import variablerotor.core.drawing.WindingPicture;
import variablerotor.core.fact.RepairPhase;
import variablerotor.core.fact.Taken;
import variablerotor.core.fitting.Fitting;
import variablerotor.core.handover.ReturnVisit;
import variablerotor.core.handover.UnitLabel;
import variablerotor.core.job.Job;
import variablerotor.core.job.JobLog;
import variablerotor.core.job.Particulars;
import variablerotor.core.job.PhotoKind;
import variablerotor.core.job.PlanDraft;
import variablerotor.core.job.Settings;
import variablerotor.core.job.Signature;
import variablerotor.core.job.Stand;
import variablerotor.core.motor.Warranty;
import variablerotor.core.proof.Check;
import variablerotor.core.proof.Proof;
import variablerotor.core.proof.ProofRequest;
import variablerotor.core.route.PlateAsk;
import variablerotor.core.route.Route;
import variablerotor.core.route.RouteState;
import variablerotor.core.route.Way;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;
import variablerotor.core.wiring.Result;

/**
 * One call, whole: what was told and read, and what follows from it.
 *
 * @param label whether there is something to say on the unit's label
 * @param visit why somebody goes there once more; null where nobody need
 * @param outcome what it turned out to be; null where nobody said yet
 * @param ownCounts whether the shop's own ended calls move what is likely here
 * @param broughtIn who brought it in from a file; null where it was made here
 */
public record CallView(
    String id,
    Particulars particulars,
    String openedBy,
    String openedAt,
    String changedAt,
    List<ReadingView> readings,
    DiagnosisView diagnosis,
    Drawing windingPicture,
    List<WayView> ways,
    @Nullable Route recommended,
    @Nullable String why,
    List<PlateAsk> plateAsks,
    List<DecisionView> decisions,
    List<SaidView> answers,
    @Nullable DraftView planDraft,
    @Nullable WiredView wired,
    @Nullable FitView fit,
    @Nullable RepairView repair,
    Stand stand,
    Settings settings,
    List<PhotoView> photos,
    Warranty.Standing warranty,
    boolean practice,
    boolean label,
    @Nullable ReturnVisit visit,
    @Nullable BroughtInView broughtIn,
    @Nullable OutcomeView outcome,
    boolean ownCounts,
    List<AsToldView> asTold)
    implements Node {

  public CallView {
    readings = List.copyOf(readings);
    ways = List.copyOf(ways);
    plateAsks = List.copyOf(plateAsks);
    decisions = List.copyOf(decisions);
    answers = List.copyOf(answers);
    photos = List.copyOf(photos);
    asTold = List.copyOf(asTold);
  }

  /** Whether it was what had been said, and what it was. */
  public record OutcomeView(
      JobLog.Outcome.Was was,
      List<Suspect> said,
      List<Suspect> found,
      String note,
      String author,
      String at)
      implements Node {
    public OutcomeView {
      said = List.copyOf(said);
      found = List.copyOf(found);
    }

    static OutcomeView of(JobLog.Outcome one) {
      return new OutcomeView(
          one.was(), one.said(), one.found(), one.note(), one.author(), one.at());
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "was", was, "said", said, "found", found, "note", note, "author", author, "at", at);
    }
  }

  /** Who brought a call in from a file, and when. */
  public record BroughtInView(String by, String at) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("by", by, "at", at);
    }
  }

  /**
   * Something that this version does not know any more; nothing is concluded from it.
   *
   * @param what its name when it was told
   * @param said as text
   */
  public record AsToldView(String what, String said, String author, String at) implements Node {
    static AsToldView of(JobLog.Strange one) {
      return new AsToldView(one.told().what(), one.told().said(), one.author(), one.at());
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of("what", what, "said", said, "author", author, "at", at);
    }
  }

  /**
   * @param value a number, "OL", true or false, or a word, as the fact has it
   * @param spoken with its unit
   * @param phase whether it was taken before the repair or after it
   * @param again whether it is a second measurement
   * @param note a short text; null for none
   * @param when what the machine did meanwhile; null where it was not said
   * @param on the tap, stage, terminal or place; null where it was not said
   * @param taken the same in words, behind the reading; empty where nothing was said
   * @param standing whether it is in force; not, where it was taken back or a later one stands
   * @param retracted whether it was taken back
   * @param retractedBy by whom; null where it was not
   */
  public record ReadingView(
      String id,
      String fact,
      Object value,
      String spoken,
      RepairPhase phase,
      boolean again,
      @Nullable String note,
      Taken.@Nullable When when,
      @Nullable String on,
      String taken,
      String author,
      String at,
      boolean standing,
      boolean retracted,
      @Nullable String retractedBy)
      implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "id", id,
          "fact", fact,
          "value", value,
          "spoken", spoken,
          "phase", phase,
          "again", again,
          "note", note,
          "when", when,
          "on", on,
          "taken", taken,
          "author", author,
          "at", at,
          "standing", standing,
          "retracted", retracted,
          "retractedBy", retractedBy);
    }
  }

  /**
   * One way forward with what it costs, as far as that is known.
   *
   * @param near whether it waits for nothing, or for no more than ticks and one question
   * @param met what it asked for and has
   * @param plan all that is then to be done, causes first
   * @param candidate the motor that the price is of; null where it is of none listed
   * @param parts everything on its list, its own part first
   * @param tax on the first cost; null where no rate is set
   * @param daysWithout until the part is there [d]
   * @param bridge what goes in meanwhile; null where nothing need
   * @param typed what was typed in for it on this call; null where nothing was
   * @param sourced where its part would come from; null where neither stock nor supply house knows
   */
  public record WayView(
      Route route,
      RouteState state,
      boolean near,
      List<Way.Reason> reasons,
      List<Way.Reason> met,
      List<String> loses,
      List<String> plan,
      @Nullable String candidate,
      @Nullable Double partPrice,
      List<PartPrice> parts,
      @Nullable Double labour,
      @Nullable Double firstCost,
      @Nullable Double tax,
      @Nullable Double energyPerYear,
      @Nullable Double totalCost,
      @Nullable Double daysWithout,
      @Nullable Bridge bridge,
      @Nullable Offer typed,
      @Nullable Sourced sourced)
      implements Node {
    public WayView {
      reasons = List.copyOf(reasons);
      met = List.copyOf(met);
      loses = List.copyOf(loses);
      plan = List.copyOf(plan);
      parts = List.copyOf(parts);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "route", route,
          "state", state,
          "near", near,
          "reasons", reasons,
          "met", met,
          "loses", loses,
          "plan", plan,
          "candidate", candidate,
          "partPrice", partPrice,
          "parts", parts,
          "labour", labour,
          "firstCost", firstCost,
          "tax", tax,
          "energyPerYear", energyPerYear,
          "totalCost", totalCost,
          "daysWithout", daysWithout,
          "bridge", bridge,
          "typed", typed,
          "sourced", sourced);
    }
  }

  /**
   * A choice, as it stood when it was made.
   *
   * @param done what was to be done while fitting and was ticked, in words
   */
  public record DecisionView(
      String id,
      Route route,
      @Nullable String candidate,
      @Nullable Double firstCost,
      String currency,
      List<String> done,
      String author,
      String at)
      implements Node {
    public DecisionView {
      done = List.copyOf(done);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "id", id,
          "route", route,
          "candidate", candidate,
          "firstCost", firstCost,
          "currency", currency,
          "done", done,
          "author", author,
          "at", at);
    }
  }

  /**
   * What the customer said to the ways.
   *
   * @param route null where they think it over
   * @param by who said so
   * @param on the day
   * @param signed null where nobody signed on a screen
   */
  public record SaidView(
      String id,
      @Nullable Route route,
      String by,
      String on,
      String note,
      @Nullable Signature signed,
      String author,
      String at)
      implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "id", id,
          "route", route,
          "by", by,
          "on", on,
          "note", note,
          "signed", signed,
          "author", author,
          "at", at);
    }
  }

  /**
   * A conversion of this unit, filled in as far as it is known.
   *
   * @param plan the document
   * @param why this pattern
   */
  public record DraftView(Map<String, Object> plan, String why, List<PlanDraft.Assumed> assumed)
      implements Node {
    public DraftView {
      plan = Collections.unmodifiableMap(new LinkedHashMap<>(plan));
      assumed = List.copyOf(assumed);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of("plan", plan, "why", why, "assumed", assumed);
    }
  }

  /**
   * A conversion as it was made last.
   *
   * @param made the document
   * @param ok whether it may be powered so, by simulation
   * @param notPlanned calls that the unit is known to give by now, and that its plan does not run
   */
  public record WiredView(
      String id,
      Map<String, Object> made,
      boolean ok,
      List<String> notPlanned,
      String author,
      String at)
      implements Node {
    public WiredView {
      notPlanned = List.copyOf(notPlanned);
      made = Collections.unmodifiableMap(new LinkedHashMap<>(made));
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "id", id,
          "made", made,
          "ok", ok,
          "notPlanned", notPlanned,
          "author", author,
          "at", at);
    }
  }

  /**
   * What was done of the job. Its steps follow from the document, in the page as here.
   *
   * @param fit the document
   * @param headline how it stands, in a sentence
   * @param done whether every step is done or left out
   * @param lines what was done, noted and left out, line by line
   * @param author who did something last; null while nothing was done
   */
  public record FitView(
      Map<String, Object> fit,
      String headline,
      boolean done,
      List<String> lines,
      @Nullable String author,
      @Nullable String at)
      implements Node {
    public FitView {
      lines = List.copyOf(lines);
      fit = Collections.unmodifiableMap(new LinkedHashMap<>(fit));
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "fit", fit,
          "headline", headline,
          "done", done,
          "lines", lines,
          "author", author,
          "at", at);
    }
  }

  /**
   * The repair, as far as it is proved.
   *
   * @param proof the document, with all that was read
   * @param state how it stands
   * @param headline the same in a sentence
   * @param author who read last; null while nothing was read
   */
  public record RepairView(
      Map<String, Object> proof,
      Proof.State state,
      String headline,
      List<RepairCheck> checks,
      @Nullable String author,
      @Nullable String at)
      implements Node {
    public RepairView {
      proof = Collections.unmodifiableMap(new LinkedHashMap<>(proof));
      checks = List.copyOf(checks);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "proof",
          proof,
          "state",
          state,
          "headline",
          headline,
          "checks",
          checks,
          "author",
          author,
          "at",
          at);
    }
  }

  /**
   * One thing that the repair must show, as {@link Check} has it.
   *
   * @param limit one number, or the least and the most; empty where there is none
   */
  public record RepairCheck(
      String id,
      String title,
      Check.State state,
      @Nullable Double value,
      List<Double> limit,
      String sentence,
      List<String> leadsTo,
      List<String> asks,
      @Nullable Symptom opens)
      implements Node {
    public RepairCheck {
      limit = List.copyOf(limit);
      leadsTo = List.copyOf(leadsTo);
      asks = List.copyOf(asks);
    }

    static RepairCheck of(Check check) {
      return new RepairCheck(
          check.id(),
          check.title(),
          check.state(),
          check.value(),
          check.limit(),
          check.sentence(),
          check.leadsTo(),
          check.asks(),
          check.opens());
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "id", id,
          "title", title,
          "state", state,
          "value", value,
          "limit", limit,
          "sentence", sentence,
          "leadsTo", leadsTo,
          "asks", asks,
          "opens", opens);
    }
  }

  /** A photo without its pixels. */
  public record PhotoView(
      String id, PhotoKind kind, int width, int height, String author, String at) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "id", id, "kind", kind, "width", width, "height", height, "author", author, "at", at);
    }
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "id", id,
        "particulars", particulars,
        "openedBy", openedBy,
        "openedAt", openedAt,
        "changedAt", changedAt,
        "readings", readings,
        "diagnosis", diagnosis,
        "windingPicture", windingPicture,
        "ways", ways,
        "recommended", recommended,
        "why", why,
        "plateAsks", plateAsks,
        "decisions", decisions,
        "answers", answers,
        "planDraft", planDraft,
        "wired", wired,
        "fit", fit,
        "repair", repair,
        "stand", stand,
        "settings", settings,
        "photos", photos,
        "warranty", warranty,
        "practice", practice,
        "label", label,
        "visit", visit,
        "broughtIn", broughtIn,
        "outcome", outcome,
        "ownCounts", ownCounts,
        "asTold", asTold);
  }

  /** Decisions and answers newest first: the first is in force. */
  public static CallView of(Job job) {
    JobLog log = job.log();
    List<DecisionView> decisions =
        new ArrayList<>(log.decisions().stream().map(CallView::decision).toList());
    Collections.reverse(decisions);
    return new CallView(
        log.id(),
        log.particulars(),
        log.openedBy(),
        log.openedAt(),
        log.changedAt(),
        log.readings().stream().map(one -> reading(one, job)).toList(),
        DiagnosisView.of(job.diagnosis()),
        WindingPicture.of(job.diagnosis().winding()),
        job.options().routes().stream().map(one -> way(one, job)).toList(),
        job.recommended(),
        job.options().ranking().why(),
        job.plateAsks(),
        decisions,
        answers(log),
        draft(job.planDraft()),
        wired(job),
        fit(job),
        repair(job),
        job.stand(),
        job.settings(),
        log.photos().stream().map(CallView::photo).toList(),
        job.warranty(),
        log.practice(),
        UnitLabel.of(job, LocalDate.of(1970, 1, 1)) != null,
        ReturnVisit.of(job),
        log.broughtIn() == null
            ? null
            : new BroughtInView(log.broughtIn().by(), log.broughtIn().at()),
        log.outcomes().isEmpty()
            ? null
            : OutcomeView.of(log.outcomes().get(log.outcomes().size() - 1)),
        log.experience().moves(job.situation().family(), job.situation().symptom()),
        log.strange().stream().map(AsToldView::of).toList());
  }

  private static ReadingView reading(JobLog.Reading reading, Job job) {
    return new ReadingView(
        reading.id(),
        reading.fact().type().id(),
        reading.fact().value().plain(),
        reading.fact().spoken(),
        reading.fact().phase(),
        reading.fact().again(),
        reading.fact().taken().note(),
        reading.fact().taken().when(),
        reading.fact().taken().on(),
        reading.fact().taken().spoken(),
        reading.author(),
        reading.at(),
        job.isInForce(reading),
        reading.retracted(),
        reading.retractedBy());
  }

  static WayView way(RouteCost one, Job job) {
    Way way = one.way();
    return new WayView(
        way.route(),
        way.state(),
        way.isNear(),
        way.reasons(),
        way.met(),
        way.loses(),
        way.plan(),
        one.candidate(),
        one.partPrice(),
        one.parts(),
        one.labour(),
        one.firstCost(),
        job.settings().tax(one.partsSum(), one.labour()),
        one.energyPerYear(),
        one.totalCost(),
        one.daysWithout(),
        one.bridge(),
        job.offer(way.route()),
        job.sourced(way.route(), one.candidate()));
  }

  private static DecisionView decision(JobLog.Decided decided) {
    return new DecisionView(
        decided.id(),
        decided.route(),
        decided.candidate(),
        decided.firstCost(),
        decided.currency(),
        decided.done(),
        decided.author(),
        decided.at());
  }

  /** The newest first. */
  private static List<SaidView> answers(JobLog log) {
    List<SaidView> answers = new ArrayList<>();
    for (JobLog.Answered one : log.answers()) {
      answers.add(
          0,
          new SaidView(
              one.id(),
              one.route(),
              one.by(),
              one.on(),
              one.note(),
              one.signed(),
              one.author(),
              one.at()));
    }
    return answers;
  }

  private static @Nullable DraftView draft(@Nullable PlanDraft draft) {
    return draft == null ? null : new DraftView(draft.plan().tree(), draft.why(), draft.assumed());
  }

  private static @Nullable WiredView wired(Job job) {
    JobLog.Wired last = job.wired();
    return last == null
        ? null
        : new WiredView(
            last.id(),
            last.made().tree(),
            Result.of(last.made().wiring()).ok(),
            job.notPlanned().stream().map(one -> one.title()).toList(),
            last.author(),
            last.at());
  }

  private static @Nullable FitView fit(Job job) {
    Fitting fitting = job.fitting();
    if (fitting == null) {
      return null;
    }
    JobLog.Fitted last = fitting.isBegun() ? job.fitted() : null;
    return new FitView(
        fitting.record().tree(),
        fitting.headline(),
        fitting.isDone(),
        fitting.lines(),
        last == null ? null : last.author(),
        last == null ? null : last.at());
  }

  private static @Nullable RepairView repair(Job job) {
    ProofRequest asked = job.proof();
    if (asked == null) {
      return null;
    }
    Proof read = job.repair();
    Proof proof = read == null ? Proof.of(asked) : read;
    JobLog.Proved last = read == null ? null : job.proved();
    return new RepairView(
        asked.tree(),
        proof.state(),
        proof.headline(),
        proof.checks().stream().map(RepairCheck::of).toList(),
        last == null ? null : last.author(),
        last == null ? null : last.at());
  }

  private static PhotoView photo(JobLog.Photo photo) {
    return new PhotoView(
        photo.id(), photo.kind(), photo.width(), photo.height(), photo.author(), photo.at());
  }
}
