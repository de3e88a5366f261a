package variablerotor.server.stock;

import static variablerotor.server.schema.Tables.ACCOUNT;
import static variablerotor.server.schema.Tables.STOCK_IMPORT;
import static variablerotor.server.schema.Tables.STOCK_IMPORT_UNDO;
import static variablerotor.server.schema.Tables.STOCK_MOVE;
import static variablerotor.server.schema.Tables.STOCK_PART;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Records;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import variablerotor.core.stock.Part;
import variablerotor.core.stock.Place;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;

/** Lists of parts that came in as a whole: written many rows at a time. */
@Repository
class ImportStore {
  private final DSLContext db;
  private final LogStore log;
  private final StockStore store;

  ImportStore(DSLContext db, LogStore log, StockStore store) {
    this.db = db;
    this.log = log;
    this.store = store;
  }

  /** An edition of a part that a list brings. */
  record NewEdition(UUID id, UUID part, Part is, boolean removed) {}

  /** A count that a list says: how many lie there, and how many more or fewer that is. */
  record NewCount(UUID id, UUID part, Place at, String where, int count, int change) {}

  /** False where it is kept already. */
  boolean add(UUID id, String digest, int parts, Stamp stamp) {
    return log.keep(
        Save.of("list", STOCK_IMPORT, id)
            .told(STOCK_IMPORT.DIGEST, digest)
            .made(STOCK_IMPORT.PARTS, parts),
        stamp);
  }

  /** Whether this very list is kept already. */
  boolean holds(UUID id, String digest) {
    return log.holds(Save.of("list", STOCK_IMPORT, id).told(STOCK_IMPORT.DIGEST, digest));
  }

  boolean isThere(UUID id) {
    return db.fetchExists(STOCK_IMPORT, STOCK_IMPORT.ID.eq(id));
  }

  /** False where it is kept already, or the list was taken back before. */
  boolean addUndo(UUID undo, UUID list, Stamp stamp) {
    return log.keep(
        Save.of("taking back", STOCK_IMPORT_UNDO, undo).told(STOCK_IMPORT_UNDO.IMPORT_ID, list),
        stamp);
  }

  /** A list that came in, the newest first. */
  record Brought(UUID id, int parts, String author, OffsetDateTime at, boolean takenBack) {}

  List<Brought> newest(int most) {
    return db.select(
            STOCK_IMPORT.ID,
            STOCK_IMPORT.PARTS,
            ACCOUNT.NAME,
            STOCK_IMPORT.AT,
            DSL.field(
                DSL.exists(
                    DSL.selectOne()
                        .from(STOCK_IMPORT_UNDO)
                        .where(STOCK_IMPORT_UNDO.IMPORT_ID.eq(STOCK_IMPORT.ID)))))
        .from(STOCK_IMPORT)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(STOCK_IMPORT.AUTHOR))
        .orderBy(STOCK_IMPORT.SEQ.desc())
        .limit(most)
        .fetch(Records.mapping(Brought::new));
  }

  /**
   * @param list that brings them; null where one is taken back
   */
  void addEditions(@Nullable UUID list, List<NewEdition> editions, Stamp stamp) {
    log.keepAll(
        editions.stream()
            .map(
                one ->
                    store
                        .edition(one.id(), one.part(), one.is(), one.removed())
                        .made(STOCK_PART.IMPORT_ID, list))
            .toList(),
        stamp);
  }

  /** Keeps counts and what they come to. Hold all counts first. */
  void addCounts(@Nullable UUID list, List<NewCount> counts, Stamp stamp) {
    log.keepAll(
        counts.stream()
            .map(
                one ->
                    store
                        .move(
                            one.id(),
                            one.part(),
                            Move.of(Move.Reason.COUNTED, one.at(), one.where(), one.count(), null))
                        .made(STOCK_MOVE.CHANGE, one.change())
                        .made(STOCK_MOVE.IMPORT_ID, list))
            .toList(),
        stamp);
    store.setCounts(counts);
  }

  /**
   * A part that a list changed.
   *
   * @param inForce whether nothing changed it since
   * @param before as it was before; null where the list brought it
   */
  record Changed(
      UUID part, Part is, boolean inForce, @Nullable Part before, boolean removedBefore) {}

  List<Changed> changed(UUID list) {
    var later = STOCK_PART.as("later");
    var earlier = STOCK_PART.as("earlier");
    var before =
        DSL.select(earlier.BODY)
            .from(earlier)
            .where(earlier.PART_ID.eq(STOCK_PART.PART_ID))
            .and(earlier.SEQ.lt(STOCK_PART.SEQ))
            .orderBy(earlier.SEQ.desc())
            .limit(1);
    var removedBefore =
        DSL.select(earlier.REMOVED)
            .from(earlier)
            .where(earlier.PART_ID.eq(STOCK_PART.PART_ID))
            .and(earlier.SEQ.lt(STOCK_PART.SEQ))
            .orderBy(earlier.SEQ.desc())
            .limit(1);
    var wordingBefore =
        DSL.select(earlier.WORDING)
            .from(earlier)
            .where(earlier.PART_ID.eq(STOCK_PART.PART_ID))
            .and(earlier.SEQ.lt(STOCK_PART.SEQ))
            .orderBy(earlier.SEQ.desc())
            .limit(1);
    return db.select(
            STOCK_PART.PART_ID,
            STOCK_PART.BODY,
            DSL.field(
                DSL.notExists(
                    DSL.selectOne()
                        .from(later)
                        .where(later.PART_ID.eq(STOCK_PART.PART_ID))
                        .and(later.SEQ.gt(STOCK_PART.SEQ)))),
            before.asField(),
            removedBefore.asField(),
            STOCK_PART.WORDING,
            wordingBefore.asField())
        .from(STOCK_PART)
        .where(STOCK_PART.IMPORT_ID.eq(list))
        .orderBy(STOCK_PART.SEQ)
        .fetch(
            row ->
                new Changed(
                    row.get(STOCK_PART.PART_ID),
                    StockStore.part(row.get(STOCK_PART.BODY), row.get(STOCK_PART.WORDING)),
                    row.get(2, Boolean.class),
                    before(row.get(3, String.class), row.get(6, Short.class)),
                    Boolean.TRUE.equals(row.get(4, Boolean.class))));
  }

  private static @Nullable Part before(@Nullable String body, @Nullable Short wording) {
    return body == null || wording == null ? null : StockStore.part(body, wording);
  }

  /** A count that a list said. */
  record Counted(UUID part, Place at, String where, int change) {}

  List<Counted> counted(UUID list) {
    return db.selectFrom(STOCK_MOVE)
        .where(STOCK_MOVE.IMPORT_ID.eq(list))
        .orderBy(STOCK_MOVE.SEQ)
        .fetch(
            row ->
                new Counted(
                    row.getPartId(),
                    Place.valueOf(row.getPlace()),
                    row.getPlaceName(),
                    row.getChange()));
  }
}
