package variablerotor.server.call;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import variablerotor.core.motor.Warranty;
import variablerotor.core.route.Route;
import variablerotor.core.route.RouteState;
import variablerotor.core.route.Way;
import variablerotor.server.photo.PhotoStore;
import variablerotor.server.shop.Settings;

/** One call, whole: what was told and read, and what follows from it. */
public record CallView(
    UUID id,
    Particulars particulars,
    String openedBy,
    OffsetDateTime openedAt,
    OffsetDateTime changedAt,
    List<ReadingView> readings,
    DiagnosisView diagnosis,
    List<WayView> ways,
    Route recommended,
    List<DecisionView> decisions,
    Settings settings,
    List<PhotoStore.PhotoView> photos,
    Warranty.Standing warranty,
    boolean practice,
    String engine) {

  /**
   * @param value a number, "OL", true or false, or a word, as the fact has it
   * @param spoken with its unit
   * @param standing whether it is in force; not, where it was taken back or a later one stands
   * @param retracted whether it was taken back
   */
  public record ReadingView(
      UUID id,
      String fact,
      @Schema(types = {"string", "number", "boolean", "array", "object"}) Object value,
      String spoken,
      String author,
      OffsetDateTime at,
      boolean standing,
      boolean retracted) {}

  /** One way forward with what it costs at first; the offer is null until one is typed in. */
  public record WayView(
      Route route,
      RouteState state,
      List<Way.Reason> reasons,
      List<String> loses,
      OfferView offer) {}

  public record OfferView(
      double partPrice, double labourHours, double leadDays, double labour, double firstCost) {}

  public record DecisionView(
      UUID id, Route route, Double firstCost, String currency, String author, OffsetDateTime at) {}
}
