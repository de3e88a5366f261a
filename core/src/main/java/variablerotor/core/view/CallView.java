package variablerotor.core.view;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.cost.Offer;
import variablerotor.core.drawing.Drawing;
import variablerotor.core.drawing.WindingPicture;
import variablerotor.core.fact.RepairPhase;
import variablerotor.core.job.Job;
import variablerotor.core.job.JobLog;
import variablerotor.core.job.Particulars;
import variablerotor.core.job.PhotoKind;
import variablerotor.core.job.Settings;
import variablerotor.core.motor.Warranty;
import variablerotor.core.route.PlateAsk;
import variablerotor.core.route.Route;
import variablerotor.core.route.RouteState;
import variablerotor.core.route.Way;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/** One call, whole: what was told and read, and what follows from it. */
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
    List<PlateAsk> plateAsks,
    List<DecisionView> decisions,
    Settings settings,
    List<PhotoView> photos,
    Warranty.Standing warranty,
    boolean practice)
    implements Node {

  public CallView {
    readings = List.copyOf(readings);
    ways = List.copyOf(ways);
    plateAsks = List.copyOf(plateAsks);
    decisions = List.copyOf(decisions);
    photos = List.copyOf(photos);
  }

  /**
   * @param value a number, "OL", true or false, or a word, as the fact has it
   * @param spoken with its unit
   * @param phase whether it was taken before the repair or after it
   * @param again whether it is a second measurement
   * @param standing whether it is in force; not, where it was taken back or a later one stands
   * @param retracted whether it was taken back
   */
  public record ReadingView(
      String id,
      String fact,
      Object value,
      String spoken,
      RepairPhase phase,
      boolean again,
      String author,
      String at,
      boolean standing,
      boolean retracted)
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
          "author", author,
          "at", at,
          "standing", standing,
          "retracted", retracted);
    }
  }

  /** One way forward with what it costs at first; the offer is null until one is typed in. */
  public record WayView(
      Route route,
      RouteState state,
      List<Way.Reason> reasons,
      List<String> loses,
      @Nullable OfferView offer)
      implements Node {
    public WayView {
      reasons = List.copyOf(reasons);
      loses = List.copyOf(loses);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "route", route, "state", state, "reasons", reasons, "loses", loses, "offer", offer);
    }
  }

  /** In the shop's currency; hours and days. */
  public record OfferView(
      double partPrice, double labourHours, double leadDays, double labour, double firstCost)
      implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "partPrice", partPrice,
          "labourHours", labourHours,
          "leadDays", leadDays,
          "labour", labour,
          "firstCost", firstCost);
    }
  }

  /** A choice, as it stood when it was made. */
  public record DecisionView(
      String id, Route route, @Nullable Double firstCost, String currency, String author, String at)
      implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "id", id,
          "route", route,
          "firstCost", firstCost,
          "currency", currency,
          "author", author,
          "at", at);
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
        "plateAsks", plateAsks,
        "decisions", decisions,
        "settings", settings,
        "photos", photos,
        "warranty", warranty,
        "practice", practice);
  }

  /** Decisions newest first: the first is in force. */
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
        job.ways().stream().map(one -> way(one, job)).toList(),
        job.recommended(),
        job.plateAsks(),
        decisions,
        job.settings(),
        log.photos().stream().map(CallView::photo).toList(),
        job.warranty(),
        log.practice());
  }

  private static ReadingView reading(JobLog.Reading reading, Job job) {
    return new ReadingView(
        reading.id(),
        reading.fact().type().id(),
        reading.fact().value().plain(),
        reading.fact().spoken(),
        reading.fact().phase(),
        reading.fact().again(),
        reading.author(),
        reading.at(),
        job.isInForce(reading),
        reading.retracted());
  }

  private static WayView way(Way way, Job job) {
    Offer offer = job.offer(way.route());
    double rate = job.settings().labourPerHour();
    OfferView view =
        offer == null
            ? null
            : new OfferView(
                offer.partPrice(),
                offer.labourHours(),
                offer.leadDays(),
                offer.labour(rate),
                offer.firstCost(rate));
    return new WayView(way.route(), way.state(), way.reasons(), way.loses(), view);
  }

  private static DecisionView decision(JobLog.Decided decided) {
    return new DecisionView(
        decided.id(),
        decided.route(),
        decided.firstCost(),
        decided.currency(),
        decided.author(),
        decided.at());
  }

  private static PhotoView photo(JobLog.Photo photo) {
    return new PhotoView(
        photo.id(), photo.kind(), photo.width(), photo.height(), photo.author(), photo.at());
  }
}
