package variablerotor.server.order;

import static variablerotor.server.schema.Tables.ACCOUNT;
import static variablerotor.server.schema.Tables.PURCHASE;
import static variablerotor.server.schema.Tables.PURCHASE_EVENT;
import static variablerotor.server.schema.Tables.SERVICE_CALL;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import variablerotor.core.kept.ReadBack;
import variablerotor.core.stock.PartKind;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;

/** Parts ordered for calls, and what became of each. */
@Repository
class PurchaseStore {
  private final DSLContext db;
  private final LogStore log;

  PurchaseStore(DSLContext db, LogStore log) {
    this.db = db;
    this.log = log;
  }

  /** What became of an order. */
  enum What {
    /** It is due another day. */
    DUE,
    ARRIVED,
    CANCELLED
  }

  /** How an order stands. */
  enum State {
    ORDERED,
    ARRIVED,
    CANCELLED
  }

  /**
   * Parts ordered for a call.
   *
   * @param place of the call
   * @param price of one, in {@code currency}; null where it was not known
   * @param due the day on which it is to come, as told last; null where none was
   * @param since the day and time of the order
   * @param changed when it was told last how it stands
   */
  record Ordered(
      UUID id,
      UUID call,
      String place,
      PartKind kind,
      String number,
      String name,
      int count,
      @Nullable Double price,
      String currency,
      @Nullable LocalDate due,
      State state,
      String author,
      String since,
      String changed) {}

  /** False where it is kept already. */
  boolean add(UUID id, UUID call, Purchases.Wanted wanted, String currency, Stamp stamp) {
    return log.keep(
        Save.of("order", PURCHASE, id)
            .told(PURCHASE.CALL_ID, call)
            .told(PURCHASE.KIND, wanted.kind().name())
            .told(PURCHASE.NUMBER, wanted.number())
            .told(PURCHASE.NAME, wanted.name())
            .told(PURCHASE.COUNT, wanted.count())
            .told(PURCHASE.PRICE, wanted.price())
            .told(PURCHASE.DUE, wanted.due())
            .made(PURCHASE.CURRENCY, currency),
        stamp);
  }

  Save event(UUID id, UUID purchase, What what, @Nullable LocalDate due) {
    return Save.of("news of an order", PURCHASE_EVENT, id)
        .told(PURCHASE_EVENT.PURCHASE_ID, purchase)
        .told(PURCHASE_EVENT.WHAT, what.name())
        .told(PURCHASE_EVENT.DUE, due);
  }

  boolean holds(Save save) {
    return log.holds(save);
  }

  void add(Save event, Stamp stamp) {
    log.keep(event, stamp);
  }

  /** Holds an order until the transaction ends. */
  void lock(UUID purchase) {
    log.hold("order " + purchase);
  }

  List<Ordered> of(UUID call) {
    return fetch(PURCHASE.CALL_ID.eq(call), Integer.MAX_VALUE);
  }

  /** Of all calls, the newest first. */
  List<Ordered> newest(int most) {
    return fetch(SERVICE_CALL.PRACTICE.isFalse(), most);
  }

  List<Ordered> one(UUID purchase) {
    return fetch(PURCHASE.ID.eq(purchase), 1);
  }

  private List<Ordered> fetch(Condition which, int most) {
    var rows =
        db.select(PURCHASE.fields())
            .select(ACCOUNT.NAME, SERVICE_CALL.PLACE)
            .from(PURCHASE)
            .join(ACCOUNT)
            .on(ACCOUNT.ID.eq(PURCHASE.AUTHOR))
            .join(SERVICE_CALL)
            .on(SERVICE_CALL.ID.eq(PURCHASE.CALL_ID))
            .where(which)
            .orderBy(PURCHASE.SEQ.desc())
            .limit(most)
            .fetch();
    Map<UUID, LocalDate> due = new HashMap<>();
    Map<UUID, State> state = new HashMap<>();
    Map<UUID, String> changed = new HashMap<>();
    db.selectFrom(PURCHASE_EVENT)
        .where(PURCHASE_EVENT.PURCHASE_ID.in(rows.getValues(PURCHASE.ID)))
        .orderBy(PURCHASE_EVENT.SEQ)
        .forEach(
            row -> {
              changed.put(row.getPurchaseId(), row.getAt().toString());
              switch (What.valueOf(row.getWhat())) {
                case DUE -> due.put(row.getPurchaseId(), row.getDue());
                case ARRIVED -> state.put(row.getPurchaseId(), State.ARRIVED);
                case CANCELLED -> state.put(row.getPurchaseId(), State.CANCELLED);
              }
            });
    return rows.map(
        row -> {
          UUID id = row.get(PURCHASE.ID);
          return new Ordered(
              id,
              row.get(PURCHASE.CALL_ID),
              row.get(SERVICE_CALL.PLACE),
              Objects.requireNonNullElse(
                  ReadBack.word(row.get(PURCHASE.KIND), PartKind.values()), PartKind.OTHER),
              row.get(PURCHASE.NUMBER),
              row.get(PURCHASE.NAME),
              row.get(PURCHASE.COUNT),
              row.get(PURCHASE.PRICE),
              row.get(PURCHASE.CURRENCY),
              due.getOrDefault(id, row.get(PURCHASE.DUE)),
              state.getOrDefault(id, State.ORDERED),
              row.get(ACCOUNT.NAME),
              row.get(PURCHASE.AT).toString(),
              changed.getOrDefault(id, row.get(PURCHASE.AT).toString()));
        });
  }
}
