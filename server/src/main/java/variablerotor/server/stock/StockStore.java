package variablerotor.server.stock;

import static variablerotor.server.schema.Tables.ACCOUNT;
import static variablerotor.server.schema.Tables.STOCK_COUNT;
import static variablerotor.server.schema.Tables.STOCK_MOVE;
import static variablerotor.server.schema.Tables.STOCK_PART;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.InsertValuesStep4;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import variablerotor.core.job.KeptPart;
import variablerotor.core.kept.Wording;
import variablerotor.core.stock.InStock;
import variablerotor.core.stock.Part;
import variablerotor.core.stock.PartNumber;
import variablerotor.core.stock.Place;
import variablerotor.json.Json;
import variablerotor.server.log.Editions;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;
import variablerotor.server.schema.tables.records.StockCountRecord;
import variablerotor.server.web.PerBranch;

/** Parts, of each the row written last in force; and how many of each lie where. */
@Repository
class StockStore {
  private static final int AT_ONCE = 500;

  private final DSLContext db;
  private final LogStore log;

  StockStore(DSLContext db, LogStore log) {
    this.db = db;
    this.log = log;
  }

  /** A part under the id that stays with it, its edition, and where it lies. */
  record Kept(UUID id, UUID edition, InStock stock) {}

  Save edition(UUID id, UUID part, Part is, boolean removed) {
    return Save.of("part", STOCK_PART, id)
        .told(STOCK_PART.PART_ID, part)
        .told(STOCK_PART.NUMBER_KEY, PartNumber.key(is.number()))
        .told(STOCK_PART.BODY, Json.write(is.tree()))
        .told(STOCK_PART.REMOVED, removed);
  }

  /** False where it is kept already. */
  boolean add(UUID id, UUID part, Part is, boolean removed, Stamp stamp) {
    return log.keep(edition(id, part, is, removed), stamp);
  }

  boolean holdsEdition(UUID id) {
    return db.fetchExists(STOCK_PART, STOCK_PART.ID.eq(id));
  }

  /** The edition of a part that is in force, also one that took it away. */
  Optional<Editions.InForce> edition(UUID part) {
    return log.newest(STOCK_PART, STOCK_PART.PART_ID.eq(part));
  }

  /** Holds the list of parts until the transaction ends. */
  void lockList() {
    log.hold("stock");
  }

  /** Holds the counts of a part until the transaction ends. */
  void lock(UUID part) {
    log.share("counts");
    log.hold("part " + part);
  }

  /** Holds the counts of all parts until the transaction ends. */
  void lockCounts() {
    log.hold("counts");
  }

  /**
   * The stock as it was read last. It is asked for with every reading of every call, so it is kept
   * for as long as nothing changed, in this process or another: rows are only added, so their
   * counts and the newest tell.
   */
  private record Read(String version, List<Kept> stock) {}

  private final PerBranch<Read> read = new PerBranch<>(new Read("", List.of()));

  /** All that were not taken away, by number. */
  List<Kept> all() {
    String version =
        db.select(
                DSL.concat(
                    DSL.select(DSL.concat(DSL.max(STOCK_PART.SEQ), DSL.val(" "), DSL.count()))
                        .from(STOCK_PART)
                        .asField(),
                    DSL.val(" "),
                    DSL.select(DSL.concat(DSL.max(STOCK_MOVE.SEQ), DSL.val(" "), DSL.count()))
                        .from(STOCK_MOVE)
                        .asField()))
            .fetchSingle()
            .value1();
    Read last = read.get();
    if (version == null || !last.version.equals(version)) {
      last = new Read(version == null ? "" : version, fetch());
      read.set(last);
    }
    return last.stock;
  }

  private List<Kept> fetch() {
    Map<UUID, List<InStock.StockPlace>> stocked = new HashMap<>();
    db.selectFrom(STOCK_COUNT)
        .where(STOCK_COUNT.COUNT.gt(0))
        .orderBy(STOCK_COUNT.PLACE.desc(), STOCK_COUNT.PLACE_NAME)
        .forEach(
            row ->
                stocked
                    .computeIfAbsent(row.getPartId(), any -> new ArrayList<>())
                    .add(
                        new InStock.StockPlace(
                            Place.valueOf(row.getPlace()), row.getPlaceName(), row.getCount())));
    var later = STOCK_PART.as("later");
    return db.selectFrom(STOCK_PART)
        .where(STOCK_PART.REMOVED.isFalse())
        .and(
            DSL.notExists(
                DSL.selectOne()
                    .from(later)
                    .where(later.PART_ID.eq(STOCK_PART.PART_ID))
                    .and(later.SEQ.gt(STOCK_PART.SEQ))))
        .orderBy(STOCK_PART.NUMBER_KEY)
        .fetch(
            row ->
                new Kept(
                    row.getPartId(),
                    row.getId(),
                    new InStock(
                        part(row.getBody(), row.getWording()),
                        stocked.getOrDefault(row.getPartId(), List.of()))));
  }

  /** One part, also where it was taken away since. */
  Optional<Part> newest(UUID part) {
    return db.select(STOCK_PART.BODY, STOCK_PART.WORDING)
        .from(STOCK_PART)
        .where(STOCK_PART.PART_ID.eq(part))
        .orderBy(STOCK_PART.SEQ.desc())
        .limit(1)
        .fetchOptional(row -> part(row.value1(), row.value2()));
  }

  static Part part(String body, int wording) {
    return KeptPart.read(Wording.today(), wording, Json.kept(body));
  }

  /** What a person says of a count; what it changes is put to it when it is new. */
  Save move(UUID id, UUID part, Move move) {
    return Save.of("count", STOCK_MOVE, id)
        .told(STOCK_MOVE.PART_ID, part)
        .told(STOCK_MOVE.REASON, move.reason().name())
        .told(STOCK_MOVE.PLACE, move.at().name())
        .told(STOCK_MOVE.PLACE_NAME, move.where())
        .told(STOCK_MOVE.ASKED, move.count())
        .told(STOCK_MOVE.CALL_ID, move.call());
  }

  boolean holds(Save save) {
    return log.holds(save);
  }

  /** How many lie there. Hold the part first. */
  int count(UUID part, Place at, String where) {
    Integer count =
        db.select(STOCK_COUNT.COUNT)
            .from(STOCK_COUNT)
            .where(STOCK_COUNT.PART_ID.eq(part))
            .and(STOCK_COUNT.PLACE.eq(at.name()))
            .and(STOCK_COUNT.PLACE_NAME.eq(where))
            .fetchOne(STOCK_COUNT.COUNT);
    return count == null ? 0 : count;
  }

  /** Keeps a move and what it comes to. */
  void keep(Save save, UUID part, Place at, String where, int change, Stamp stamp) {
    if (!log.keep(save.made(STOCK_MOVE.CHANGE, change), stamp)) {
      return;
    }
    db.insertInto(STOCK_COUNT)
        .set(STOCK_COUNT.PART_ID, part)
        .set(STOCK_COUNT.PLACE, at.name())
        .set(STOCK_COUNT.PLACE_NAME, where)
        .set(STOCK_COUNT.COUNT, Math.max(0, change))
        .onConflict(STOCK_COUNT.PART_ID, STOCK_COUNT.PLACE, STOCK_COUNT.PLACE_NAME)
        .doUpdate()
        .set(STOCK_COUNT.COUNT, STOCK_COUNT.COUNT.plus(change))
        .execute();
  }

  /** So many lie there from now on. Hold all counts first. */
  void setCounts(List<ImportStore.NewCount> counts) {
    for (int from = 0; from < counts.size(); from += AT_ONCE) {
      InsertValuesStep4<StockCountRecord, UUID, String, String, Integer> into =
          db.insertInto(
              STOCK_COUNT,
              STOCK_COUNT.PART_ID,
              STOCK_COUNT.PLACE,
              STOCK_COUNT.PLACE_NAME,
              STOCK_COUNT.COUNT);
      for (ImportStore.NewCount one :
          counts.subList(from, Math.min(counts.size(), from + AT_ONCE))) {
        into = into.values(one.part(), one.at().name(), one.where(), one.count());
      }
      into.onConflict(STOCK_COUNT.PART_ID, STOCK_COUNT.PLACE, STOCK_COUNT.PLACE_NAME)
          .doUpdate()
          .set(STOCK_COUNT.COUNT, DSL.excluded(STOCK_COUNT.COUNT))
          .execute();
    }
  }

  /** How many of each part a call has taken and not put back. */
  Map<UUID, Integer> taken(UUID call) {
    Map<UUID, Integer> taken = new HashMap<>();
    db.select(STOCK_MOVE.PART_ID, DSL.sum(STOCK_MOVE.CHANGE).neg())
        .from(STOCK_MOVE)
        .where(STOCK_MOVE.CALL_ID.eq(call))
        .and(STOCK_MOVE.REASON.in(Move.Reason.TAKEN.name(), Move.Reason.PUT_BACK.name()))
        .groupBy(STOCK_MOVE.PART_ID)
        .forEach(row -> taken.put(row.value1(), row.value2().intValue()));
    taken.values().removeIf(count -> count <= 0);
    return taken;
  }

  /**
   * What came and went, the newest first.
   *
   * @param change how many more or fewer lay there then
   */
  record Moved(
      String id,
      Move.Reason reason,
      Place at,
      String where,
      int change,
      @Nullable UUID call,
      String author,
      String time) {}

  List<Moved> moves(UUID part, int most) {
    return db.select(STOCK_MOVE.fields())
        .select(ACCOUNT.NAME)
        .from(STOCK_MOVE)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(STOCK_MOVE.AUTHOR))
        .where(STOCK_MOVE.PART_ID.eq(part))
        .orderBy(STOCK_MOVE.SEQ.desc())
        .limit(most)
        .fetch(
            row ->
                new Moved(
                    row.get(STOCK_MOVE.ID).toString(),
                    Move.Reason.valueOf(row.get(STOCK_MOVE.REASON)),
                    Place.valueOf(row.get(STOCK_MOVE.PLACE)),
                    row.get(STOCK_MOVE.PLACE_NAME),
                    row.get(STOCK_MOVE.CHANGE),
                    row.get(STOCK_MOVE.CALL_ID),
                    row.get(ACCOUNT.NAME),
                    row.get(STOCK_MOVE.AT).toString()));
  }
}
