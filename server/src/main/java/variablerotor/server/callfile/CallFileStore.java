package variablerotor.server.callfile;

import static variablerotor.server.schema.Tables.ACCOUNT;
import static variablerotor.server.schema.Tables.AS_WIRED;
import static variablerotor.server.schema.Tables.CALL_IMPORT;
import static variablerotor.server.schema.Tables.CUSTOMER_ANSWER;
import static variablerotor.server.schema.Tables.DECISION;
import static variablerotor.server.schema.Tables.FIT;
import static variablerotor.server.schema.Tables.OFFER;
import static variablerotor.server.schema.Tables.OUTCOME;
import static variablerotor.server.schema.Tables.PARTICULARS;
import static variablerotor.server.schema.Tables.PHOTO;
import static variablerotor.server.schema.Tables.PHOTO_REMOVAL;
import static variablerotor.server.schema.Tables.READING;
import static variablerotor.server.schema.Tables.REPAIR_PROOF;
import static variablerotor.server.schema.Tables.RETRACTION;
import static variablerotor.server.schema.Tables.SERVICE_CALL;
import static variablerotor.server.schema.Tables.WAY_PART;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Table;
import org.jooq.TableField;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import variablerotor.core.job.JobLog;
import variablerotor.server.call.CallPart;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;

/**
 * The records of a call, row by row, as they are kept; and those that came out of a file. What
 * belongs to a shop and not to a call is no part of it: its stock, orders and loans.
 */
@Repository
class CallFileStore implements CallPart {
  private static final Field<UUID> RETRACTED = RETRACTION.READING_ID;

  /** A table of a call's records, under the name that it has in a file. */
  private record Kind(String name, Table<?> table) {}

  /** In the order in which one can refer to another. */
  private static final List<Kind> KINDS =
      List.of(
          new Kind("particulars", PARTICULARS),
          new Kind("readings", READING),
          new Kind("retractions", RETRACTION),
          new Kind("offers", OFFER),
          new Kind("decisions", DECISION),
          new Kind("answers", CUSTOMER_ANSWER),
          new Kind("parts", WAY_PART),
          new Kind("wirings", AS_WIRED),
          new Kind("fits", FIT),
          new Kind("proofs", REPAIR_PROOF),
          new Kind("outcomes", OUTCOME),
          new Kind("photos", PHOTO));

  private final DSLContext db;
  private final LogStore log;

  CallFileStore(DSLContext db, LogStore log) {
    this.db = db;
    this.log = log;
  }

  /** The names of the kinds of records. */
  static List<String> kinds() {
    return KINDS.stream().map(Kind::name).toList();
  }

  /** Who opened the call, and when. */
  record Opened(UUID by, String at) {}

  Optional<Opened> opened(UUID call) {
    return db.select(SERVICE_CALL.OPENED_BY, SERVICE_CALL.OPENED_AT)
        .from(SERVICE_CALL)
        .where(SERVICE_CALL.ID.eq(call))
        .and(DSL.condition(SERVICE_CALL.PRACTICE).not())
        .fetchOptional(row -> new Opened(row.value1(), row.value2().toInstant().toString()));
  }

  boolean exists(UUID call) {
    return db.fetchExists(SERVICE_CALL, SERVICE_CALL.ID.eq(call));
  }

  /** Of each kind its rows in the order of their coming, each as its columns say it. */
  Map<String, List<Map<String, Object>>> records(UUID call) {
    Map<String, List<Map<String, Object>>> records = new LinkedHashMap<>();
    for (Kind kind : KINDS) {
      records.put(kind.name, rows(kind.table, call));
    }
    return records;
  }

  private List<Map<String, Object>> rows(Table<?> table, UUID call) {
    List<Map<String, Object>> rows = new ArrayList<>();
    List<Field<?>> fields = told(table);
    Field<?> order = table.field("seq") == null ? table.field("at") : table.field("seq");
    db.select(fields)
        .from(table)
        .where(of(table, call))
        .orderBy(order, table.field("id"))
        .forEach(row -> rows.add(plain(row, fields)));
    return rows;
  }

  private static Condition of(Table<?> table, UUID call) {
    if (table.equals(RETRACTION)) {
      return RETRACTED.in(DSL.select(READING.ID).from(READING).where(READING.CALL_ID.eq(call)));
    }
    Field<UUID> ofCall = table.field("call_id", UUID.class);
    Condition mine = ofCall.eq(call);
    // What was taken away is no part of the call any more.
    return table.equals(PHOTO)
        ? mine.andNotExists(
            DSL.selectOne().from(PHOTO_REMOVAL).where(PHOTO_REMOVAL.PHOTO_ID.eq(PHOTO.ID)))
        : mine;
  }

  /** All but what only this database needs, and the pixels, which are files of their own. */
  private static List<Field<?>> told(Table<?> table) {
    List<Field<?>> told = new ArrayList<>();
    for (Field<?> field : table.fields()) {
      boolean here = List.of("seq", "call_id", "content").contains(field.getName());
      if (!here) {
        told.add(field);
      }
    }
    return told;
  }

  private static Map<String, Object> plain(Record row, List<Field<?>> fields) {
    Map<String, Object> plain = new LinkedHashMap<>();
    for (Field<?> field : fields) {
      Object value = row.get(field);
      if (value instanceof java.time.OffsetDateTime time) {
        plain.put(field.getName(), time.toInstant().toString());
      } else if (value instanceof Number number) {
        plain.put(field.getName(), number.doubleValue());
      } else if (value instanceof Boolean flag) {
        plain.put(field.getName(), flag);
      } else if (value != null) {
        plain.put(field.getName(), value.toString());
      }
    }
    return plain;
  }

  /** Everybody who made one of these, by id. */
  Map<String, String> names(Collection<UUID> people) {
    Map<String, String> names = new LinkedHashMap<>();
    db.select(ACCOUNT.ID, ACCOUNT.NAME)
        .from(ACCOUNT)
        .where(ACCOUNT.ID.in(people))
        .orderBy(ACCOUNT.NAME, ACCOUNT.ID)
        .forEach(row -> names.put(row.value1().toString(), row.value2()));
    return names;
  }

  /**
   * Keeps rows as they were kept elsewhere.
   *
   * @param pixels of its photos, by their ids
   * @throws IllegalArgumentException where a value is none of its column
   */
  void bringIn(
      UUID call, Map<String, List<Map<String, Object>>> records, Map<String, byte[]> pixels) {
    for (Kind kind : KINDS) {
      for (Map<String, Object> row : records.getOrDefault(kind.name, List.of())) {
        Map<Field<?>, Object> columns = new LinkedHashMap<>();
        for (Field<?> field : told(kind.table)) {
          Object value = row.get(field.getName());
          if (value != null) {
            columns.put(field, field.getDataType().convert(value));
          }
        }
        Field<?> ofCall = kind.table.field("call_id");
        if (ofCall != null) {
          columns.put(ofCall, call);
        }
        if (kind.table.equals(PHOTO)) {
          columns.put(PHOTO.CONTENT, pixels.get(String.valueOf(row.get("id"))));
        }
        log.bringIn(kind.table, columns);
      }
    }
  }

  /** Whether one of these rows is here, be it on another call. */
  boolean taken(Map<String, List<Map<String, Object>>> records) {
    for (Kind kind : KINDS) {
      List<UUID> ids =
          records.getOrDefault(kind.name, List.of()).stream()
              .map(row -> UUID.fromString(String.valueOf(row.get("id"))))
              .toList();
      if (db.fetchExists(kind.table, kind.table.field("id", UUID.class).in(ids))) {
        return true;
      }
    }
    return false;
  }

  /**
   * @param digest of the file, by which it is known again
   */
  Save brought(UUID id, UUID call, String digest) {
    return Save.of("call file", CALL_IMPORT, id)
        .told(CALL_IMPORT.CALL_ID, call)
        .told(CALL_IMPORT.DIGEST, digest);
  }

  boolean keep(Save save, Stamp stamp) {
    return log.keep(save, stamp);
  }

  @Override
  public void addTo(JobLog.Builder job, UUID call) {
    TableField<?, UUID> ofCall = CALL_IMPORT.CALL_ID;
    db.select(ACCOUNT.NAME, CALL_IMPORT.AT)
        .from(CALL_IMPORT)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(CALL_IMPORT.AUTHOR))
        .where(ofCall.eq(call))
        .orderBy(CALL_IMPORT.SEQ)
        .limit(1)
        .forEach(row -> job.broughtIn(new JobLog.BroughtIn(row.value1(), row.value2().toString())));
  }
}
