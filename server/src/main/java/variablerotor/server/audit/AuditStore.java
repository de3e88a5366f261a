package variablerotor.server.audit;

import static variablerotor.server.schema.Tables.ACCOUNT;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.DataType;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Table;
import org.jooq.impl.DSL;
import org.jooq.impl.SQLDataType;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import variablerotor.server.log.Planned;
import variablerotor.server.web.MayLag;

/** Reads the audit list, newest first. */
@Repository
class AuditStore {
  private static final Table<?> AUDIT = DSL.table(DSL.name("audit"));
  private static final Field<UUID> ID = field("id", SQLDataType.UUID);
  private static final Field<OffsetDateTime> AT = field("at", SQLDataType.TIMESTAMPWITHTIMEZONE);
  private static final Field<UUID> AUTHOR = field("author", SQLDataType.UUID);
  private static final Field<String> KIND = field("kind", SQLDataType.VARCHAR);
  private static final Field<String> SUBJECT = field("subject", SQLDataType.VARCHAR);
  private static final Field<String> TOLD = field("told", SQLDataType.VARCHAR);
  private static final Field<UUID> CALL = field("call_id", SQLDataType.UUID);

  private final DSLContext db;

  AuditStore(DSLContext db) {
    // Whose, of what kind and since when decides how they are best looked up.
    this.db = Planned.forItsValues(db);
  }

  private static <T> Field<T> field(String name, DataType<T> type) {
    return DSL.field(DSL.name("audit", name), type);
  }

  /**
   * Up to so many, each older than what was shown last.
   *
   * @param before null for the newest
   */
  @MayLag
  List<AuditApi.AuditRow> list(
      AuditApi.Asked asked, OffsetDateTime since, AuditApi.@Nullable After before, int most) {
    Condition wanted = AT.ge(since);
    if (asked.field() != null) {
      wanted = wanted.and(KIND.in(Deed.of(asked.field())));
    }
    if (asked.person() != null) {
      wanted = wanted.and(AUTHOR.eq(asked.person()));
    }
    if (before != null) {
      wanted = wanted.and(DSL.row(AT, ID).lt(before.at(), before.id()));
    }
    return db.select(ID, AT, KIND, SUBJECT, TOLD, CALL, ACCOUNT.NAME)
        .from(AUDIT)
        .leftJoin(ACCOUNT)
        .on(ACCOUNT.ID.eq(AUTHOR))
        .where(wanted)
        .orderBy(AT.desc(), ID.desc())
        .limit(most)
        .fetch(AuditStore::row);
  }

  private static AuditApi.AuditRow row(Record row) {
    Deed deed = Deed.valueOf(row.get(KIND));
    return new AuditApi.AuditRow(
        row.get(ID),
        row.get(AT),
        row.get(ACCOUNT.NAME),
        deed,
        deed.title(),
        Objects.requireNonNullElse(row.get(SUBJECT), ""),
        Objects.requireNonNullElse(row.get(TOLD), ""),
        row.get(CALL));
  }
}
