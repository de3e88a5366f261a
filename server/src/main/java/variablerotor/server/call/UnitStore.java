package variablerotor.server.call;

import static variablerotor.server.schema.Tables.SERVICE_CALL;
import static variablerotor.server.schema.Tables.SITE;
import static variablerotor.server.schema.Tables.UNIT;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** Sites and the units at them, each under the name that calls told of it, whatever its case. */
@Repository
class UnitStore {
  private final DSLContext db;

  UnitStore(DSLContext db) {
    this.db = db;
  }

  /** The unit of this name at this place, which is there from now on. */
  UUID at(String place, String unitName) {
    return find(place, unitName).orElseGet(() -> added(place, unitName));
  }

  private Optional<UUID> find(String place, String unitName) {
    return db.select(UNIT.ID)
        .from(UNIT)
        .join(SITE)
        .on(SITE.ID.eq(UNIT.SITE))
        .where(SITE.KEY.eq(key(place)))
        .and(UNIT.KEY.eq(key(unitName)))
        .fetchOptional(UNIT.ID);
  }

  /** Two calls may tell of it at the same moment: one adds it, and both find it. */
  private UUID added(String place, String unitName) {
    db.insertInto(SITE)
        .set(SITE.ID, UUID.randomUUID())
        .set(SITE.NAME, place)
        .set(SITE.KEY, key(place))
        .onConflictDoNothing()
        .execute();
    UUID site = db.select(SITE.ID).from(SITE).where(SITE.KEY.eq(key(place))).fetchSingle(SITE.ID);
    db.insertInto(UNIT)
        .set(UNIT.ID, UUID.randomUUID())
        .set(UNIT.SITE, site)
        .set(UNIT.NAME, unitName)
        .set(UNIT.KEY, key(unitName))
        .onConflict(UNIT.SITE, UNIT.KEY)
        .doNothing()
        .execute();
    return find(place, unitName).orElseThrow();
  }

  /** As the database writes it small, so that all of them are written so. */
  private static Field<String> key(String name) {
    return DSL.lower(DSL.val(name));
  }

  /** A site by its id. */
  record Site(UUID id, String name) {}

  Optional<Site> site(UUID id) {
    return db.selectFrom(SITE)
        .where(SITE.ID.eq(id))
        .fetchOptional(row -> new Site(row.getId(), row.getName()));
  }

  /** Where a call is; none for one that is practised. */
  Optional<Site> siteOf(UUID call) {
    return db.select(SITE.ID, SITE.NAME)
        .from(SERVICE_CALL)
        .join(UNIT)
        .on(UNIT.ID.eq(SERVICE_CALL.UNIT))
        .join(SITE)
        .on(SITE.ID.eq(UNIT.SITE))
        .where(SERVICE_CALL.ID.eq(call))
        .and(DSL.condition(SERVICE_CALL.PRACTICE).not())
        .fetchOptional(row -> new Site(row.value1(), row.value2()));
  }

  /**
   * A unit at a site by its newest call.
   *
   * @param name empty for those that nobody named
   * @param calls how many there were
   */
  record UnitAt(
      UUID unit, String name, int calls, UUID newest, OffsetDateTime changedAt, String stands) {}

  /** The units at a site to which there was a call, the one that was called for last first. */
  List<UnitAt> units(UUID site, int most) {
    var newer = SERVICE_CALL.as("newer");
    var same = SERVICE_CALL.as("same");
    return db.select(
            UNIT.ID,
            UNIT.NAME,
            SERVICE_CALL.ID,
            SERVICE_CALL.CHANGED_AT,
            SERVICE_CALL.VERDICT_SENTENCE,
            SERVICE_CALL.STAND_SENTENCE,
            DSL.field(
                DSL.selectCount()
                    .from(same)
                    .where(same.UNIT.eq(UNIT.ID))
                    .and(DSL.condition(same.PRACTICE).not())))
        .from(UNIT)
        .join(SERVICE_CALL)
        .on(SERVICE_CALL.UNIT.eq(UNIT.ID))
        .and(DSL.condition(SERVICE_CALL.PRACTICE).not())
        .where(UNIT.SITE.eq(site))
        .andNotExists(
            DSL.selectOne()
                .from(newer)
                .where(newer.UNIT.eq(UNIT.ID))
                .and(DSL.condition(newer.PRACTICE).not())
                .and(
                    DSL.row(newer.CHANGED_AT, newer.ID)
                        .gt(SERVICE_CALL.CHANGED_AT, SERVICE_CALL.ID)))
        .orderBy(SERVICE_CALL.CHANGED_AT.desc(), UNIT.ID)
        .limit(most)
        .fetch(
            row ->
                new UnitAt(
                    row.value1(),
                    row.value2(),
                    row.value7(),
                    row.value3(),
                    row.value4(),
                    stands(row.value5(), row.value6())));
  }

  private static String stands(String verdict, @Nullable String stand) {
    return stand == null || stand.isEmpty() ? verdict : stand;
  }
}
