package variablerotor.server.week;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import variablerotor.core.chain.Suspect;
import variablerotor.core.history.HistoryFigures;
import variablerotor.core.history.UnitHistory;
import variablerotor.core.job.Job;
import variablerotor.core.job.JobLog.Outcome.Was;
import variablerotor.core.motor.Warranty;
import variablerotor.core.route.Route;
import variablerotor.server.call.CallRow;
import variablerotor.server.call.CallService;
import variablerotor.server.shop.SettingsStore;
import variablerotor.server.web.MayLag;

/** What a lead looks at once a week, each figure with the calls behind it. */
@Service
public class WeekService {
  /** A list that is longer leads nobody; the count says how many there are. */
  private static final int MOST = 1000;

  /** Each is worked out anew: its plates, and its unit's history. */
  private static final int MOST_WORKED_OUT = 60;

  /** A call that nobody touched for so long is asleep, not open [d]. */
  private static final int ASLEEP = 180;

  private final WeekStore store;
  private final CallService calls;
  private final SettingsStore settings;
  private final Clock clock;

  WeekService(WeekStore store, CallService calls, SettingsStore settings, Clock clock) {
    this.store = store;
    this.calls = calls;
    this.settings = settings;
    this.clock = clock;
  }

  /**
   * A unit that came back.
   *
   * @param call for which it was called again
   * @param earlier after what was done on which
   * @param days between the two
   */
  public record CameBack(
      UUID call, String place, String unitName, String earlier, int days, String sentence) {}

  /**
   * A warranty that ends or ended within weeks, of a call that is open.
   *
   * @param days to its end, negative where it is over
   */
  public record Claim(UUID call, String place, String unitName, long days, String sentence) {}

  /**
   * What a call turned out to be.
   *
   * @param bought whether a part was to be bought for what it was not
   */
  public record TurnedOut(
      UUID call,
      String place,
      String unitName,
      Was was,
      List<Suspect> said,
      List<Suspect> found,
      String note,
      String by,
      OffsetDateTime at,
      @Nullable Route chosen,
      @Nullable Double firstCost,
      @Nullable String currency,
      boolean bought) {}

  /**
   * @param days back to which comebacks and outcomes are told
   * @param open how many calls are; the first of them stand in the list
   * @param asleep after so many days without a touch a call is not counted as open [d]
   * @param bypassed calls whose way in force is a bypass
   */
  public record Week(
      LocalDate today,
      int days,
      int open,
      int asleep,
      List<CallRow> calls,
      List<CallRow> bypassed,
      List<CameBack> comebacks,
      List<Claim> claims,
      List<TurnedOut> turned) {}

  /**
   * @param days back to which comebacks and outcomes are told
   */
  @MayLag
  public Week week(int days) {
    OffsetDateTime now = OffsetDateTime.now(clock);
    OffsetDateTime since = now.minusDays(days);
    OffsetDateTime awake = now.minusDays(ASLEEP);
    LocalDate today = LocalDate.now(clock.withZone(ZoneId.of(settings.current().timeZone())));
    List<CallRow> open = calls.rows(store.open(awake, MOST));
    return new Week(
        today,
        days,
        store.countOpen(awake),
        ASLEEP,
        open,
        calls.rows(store.bypassed(now.minusDays(365), MOST)),
        comebacks(since),
        claims(awake, today),
        store.turned(since, MOST).stream().flatMap(one -> turned(one).stream()).toList());
  }

  private List<CameBack> comebacks(OffsetDateTime since) {
    List<CameBack> comebacks = new ArrayList<>();
    OffsetDateTime earliest = since.minusDays((long) HistoryFigures.COMEBACK_DAYS.value());
    for (UUID call : store.metAgain(since, earliest, MOST_WORKED_OUT)) {
      UnitHistory.Comeback back = comeback(call);
      if (back != null) {
        CallRow row = calls.rows(List.of(call)).get(0);
        comebacks.add(
            new CameBack(
                call, row.place(), row.unitName(), back.call(), back.days(), back.sentence()));
      }
    }
    return comebacks;
  }

  /** Of this call, not of a later one to the unit. */
  private UnitHistory.@Nullable Comeback comeback(UUID call) {
    List<UnitHistory> unit = calls.unitUntil(call);
    return unit.isEmpty() ? null : unit.get(0).comeback();
  }

  /** More days to either side than any warranty counts as near: what is, the core says. */
  private static final int AROUND = 60;

  private List<Claim> claims(OffsetDateTime awake, LocalDate today) {
    List<Claim> claims = new ArrayList<>();
    List<UUID> near =
        store.warrantyBetween(awake, today.minusDays(AROUND), today.plusDays(AROUND), MOST);
    for (CallRow row : calls.rows(near)) {
      Warranty.Standing standing = warranty(row.id());
      if (standing != null && isNear(standing) && standing.days() != null) {
        claims.add(
            new Claim(row.id(), row.place(), row.unitName(), standing.days(), standing.sentence()));
      }
    }
    claims.sort((one, two) -> Long.compare(Math.abs(one.days()), Math.abs(two.days())));
    return claims;
  }

  private static boolean isNear(Warranty.Standing one) {
    return one.state() == Warranty.State.ENDS_SOON || one.state() == Warranty.State.JUST_OVER;
  }

  private Warranty.@Nullable Standing warranty(UUID call) {
    List<Job> job = calls.readable(call);
    return job.isEmpty() ? null : job.get(0).warranty();
  }

  private static List<TurnedOut> turned(WeekStore.Turned one) {
    return one.was() == null
        ? List.of()
        : List.of(
            new TurnedOut(
                one.call(),
                one.place(),
                one.unitName(),
                one.was(),
                one.said(),
                one.found(),
                one.note(),
                one.by(),
                one.at(),
                one.chosen(),
                one.firstCost(),
                one.currency(),
                isBoughtInVain(one)));
  }

  /** A part was chosen, and what was said to be broken was not. */
  private static boolean isBoughtInVain(WeekStore.Turned one) {
    boolean part =
        one.chosen() != null
            && one.chosen() != Route.REPAIR_OTHER
            && one.chosen() != Route.LOANER
            && one.chosen() != Route.DRIVE_BYPASS;
    return part && one.was() == Was.NO && one.said().stream().noneMatch(one.found()::contains);
  }
}
