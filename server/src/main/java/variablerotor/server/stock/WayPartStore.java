package variablerotor.server.stock;

import static variablerotor.server.schema.Tables.WAY_PART;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import variablerotor.core.choice.Shelf;
import variablerotor.core.choice.Sourced;
import variablerotor.core.job.JobLog;
import variablerotor.core.kept.ReadBack;
import variablerotor.core.route.Route;
import variablerotor.core.stock.InStock;
import variablerotor.core.stock.PartKind;
import variablerotor.core.stock.Quote;
import variablerotor.server.call.CallPart;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;
import variablerotor.server.supply.SupplyService;
import variablerotor.server.web.PerBranch;

/** Which part was found for which way of a call; and where it and the shop's motors come from. */
@Repository
class WayPartStore implements CallPart {
  private final DSLContext db;
  private final LogStore log;
  private final StockStore stock;
  private final SupplyService supply;

  WayPartStore(DSLContext db, LogStore log, StockStore stock, SupplyService supply) {
    this.db = db;
    this.log = log;
    this.stock = stock;
    this.supply = supply;
  }

  /** The part of a way, by its number. */
  record WayPart(Route route, PartKind kind, String number) {}

  /** False where it is kept already. */
  boolean add(
      UUID id, UUID call, Route route, PartKind kind, @Nullable String number, Stamp stamp) {
    return log.keep(
        Save.of("part of a way", WAY_PART, id)
            .told(WAY_PART.CALL_ID, call)
            .told(WAY_PART.ROUTE, route.name())
            .told(WAY_PART.KIND, kind.name())
            .told(WAY_PART.NUMBER, number),
        stamp);
  }

  /** Of each way, and of each kind where it takes several, the part that was found last. */
  List<WayPart> found(UUID call) {
    Map<String, WayPart> last = new LinkedHashMap<>();
    db.selectFrom(WAY_PART)
        .where(WAY_PART.CALL_ID.eq(call))
        .orderBy(WAY_PART.SEQ)
        .forEach(
            row -> {
              Route route = ReadBack.word(row.getRoute(), Route.values());
              PartKind kind = ReadBack.word(row.getKind(), PartKind.values());
              String key = row.getRoute() + " " + row.getKind();
              last.remove(key);
              // Of a way or a kind that nobody knows any more no part is asked for either.
              if (row.getNumber() != null && route != null && kind != null) {
                last.put(key, new WayPart(route, kind, row.getNumber()));
              }
            });
    return List.copyOf(last.values());
  }

  @Override
  public void addTo(JobLog.Builder job, UUID call) {
    List<StockStore.Kept> stocked = stock.all();
    List<InStock> all = stocked.stream().map(StockStore.Kept::stock).toList();
    List<Quote> quotes = supply.kept();
    List<Sourced> sourced = new ArrayList<>();
    for (WayPart one : found(call)) {
      sourced.add(Sourced.of(one.route(), one.kind(), one.number(), all, quotes));
    }
    Worked now = worked(stocked, quotes);
    sourced.addAll(now.motors);
    job.sourced(sourced).shelf(now.shelf);
  }

  /**
   * What was worked out last, and from which lists. It is asked for with every reading of every
   * call; both lists stay the same ones for as long as nothing changes.
   */
  private record Worked(
      List<StockStore.Kept> stock, List<Quote> quotes, List<Sourced> motors, Shelf shelf) {}

  /** What a conversion takes besides its motor. */
  private static final Set<PartKind> SMALL =
      EnumSet.of(
          PartKind.RELAY,
          PartKind.CAPACITOR,
          PartKind.CONTACTOR,
          PartKind.OVERLOAD,
          PartKind.ADAPTER,
          PartKind.TRANSFORMER);

  private final PerBranch<Worked> worked =
      new PerBranch<>(new Worked(List.of(), List.of(), List.of(), Shelf.EMPTY));

  /** Where the motors that the shop keeps lie, and what they cost. */
  List<Sourced> motors() {
    return worked(stock.all(), supply.kept()).motors;
  }

  private Worked worked(List<StockStore.Kept> all, List<Quote> said) {
    Worked last = worked.get();
    if (last.stock != all || last.quotes != said) {
      List<Quote> quotes = said.stream().filter(one -> one.kind() == PartKind.MOTOR).toList();
      List<InStock> kept =
          all.stream()
              .map(StockStore.Kept::stock)
              .filter(one -> one.part().kind() == PartKind.MOTOR)
              .toList();
      last =
          new Worked(
              all,
              said,
              kept.stream()
                  .map(one -> Sourced.of(null, PartKind.MOTOR, one.part().number(), kept, quotes))
                  .toList(),
              new Shelf(
                  all.stream()
                      .map(StockStore.Kept::stock)
                      .filter(one -> SMALL.contains(one.part().kind()))
                      .toList(),
                  said.stream().filter(one -> SMALL.contains(one.kind())).toList()));
      worked.set(last);
    }
    return last;
  }
}
