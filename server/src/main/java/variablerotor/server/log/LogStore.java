package variablerotor.server.log;

import static variablerotor.server.schema.Tables.ACCOUNT;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Records;
import org.jooq.Table;
import org.jooq.TableRecord;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Repository;
import variablerotor.core.kept.Wording;
import variablerotor.server.web.Figures;
import variablerotor.server.web.Refused;

/**
 * The one way to save: put once under the client's id, stamped, and never changed. A save that is
 * sent again is the same save; one that says something else under a taken id is refused.
 */
@Repository
public class LogStore {
  private static final int AT_ONCE = 500;

  /** Whose row it is, of what branches may share: the people of another branch are not seen. */
  public static final Field<String> AUTHOR_NAME = DSL.coalesce(ACCOUNT.NAME, "another branch");

  private final DSLContext db;

  LogStore(DSLContext db) {
    this.db = db;
  }

  /**
   * Whether this very save is kept already. Ask before anything that only a new one must pass, such
   * as a limit.
   *
   * @throws Refused where the id is taken by something else
   */
  public boolean holds(Save save) {
    Record kept =
        db.select(save.told.keySet()).from(save.table).where(id(save.table).eq(save.id)).fetchOne();
    if (kept == null) {
      return false;
    }
    save.told.forEach(
        (field, value) -> {
          if (!Objects.equals(kept.get(field), value)) {
            throw taken(save);
          }
        });
    return true;
  }

  /**
   * Keeps it, unless it is kept already, or what it says is so by another save.
   *
   * @return whether it is new
   * @throws Refused where the id is taken by something else, or its call holds too many of the kind
   */
  public boolean keep(Save save, Stamp stamp) {
    holdOfCall(save);
    if (db.insertInto(save.table).set(row(save, stamp)).onConflictDoNothing().execute() == 1) {
      Figures.saved(save.what);
      return true;
    }
    if (!holds(save) && !isSoAlready(save)) {
      // By a row that is not seen from here: another branch's.
      throw taken(save);
    }
    return false;
  }

  private static Refused taken(Save save) {
    return Refused.conflict("Another " + save.what + " has this id already.");
  }

  /** Whether another save says what can be said once alone, such as that a photo was taken away. */
  private boolean isSoAlready(Save save) {
    return save.told.keySet().stream()
        .filter(field -> isOnce(save.table, field))
        .anyMatch(field -> db.fetchExists(save.table, is(field, save.told.get(field))));
  }

  private static <T> Condition is(Field<T> field, @Nullable Object value) {
    return field.eq(field.getDataType().convert(value));
  }

  private static boolean isOnce(Table<?> table, Field<?> field) {
    Stream<String> keys =
        table.getUniqueKeys().stream()
            .filter(key -> key.getFields().size() == 1)
            .map(key -> key.getFields().get(0).getName());
    Stream<String> indexes =
        table.getIndexes().stream()
            .filter(index -> index.getUnique() && index.getFields().size() == 1)
            .map(index -> index.getFields().get(0).getName());
    return Stream.concat(keys, indexes).anyMatch(field.getName()::equals);
  }

  /** One call is no store: what is saved on it again and again would fill the disk. */
  private void holdOfCall(Save save) {
    Field<?> call = save.table.field("call_id");
    if (call == null || save.told.get(call) == null) {
      return;
    }
    Condition onCall = DSL.condition(Map.of(call, save.told.get(call)));
    int kept = db.fetchCount(DSL.selectOne().from(save.table).where(onCall).limit(save.most));
    if (kept >= save.most && !holds(save)) {
      throw Refused.conflict(
          "A call holds at most "
              + save.most
              + " of a kind, and this one does ("
              + save.what
              + "). Open a new one.");
    }
  }

  /**
   * Documents of calls in this table.
   *
   * @param what they are, in the singular
   * @param most of one call
   */
  public Documents documents(Table<?> table, String what, int most) {
    return new Documents(db, this, table, what, most);
  }

  /** Keeps a row as it was kept elsewhere: by whom, when and in which wording is its own. */
  public void bringIn(Table<?> table, Map<Field<?>, Object> row) {
    if (db.insertInto(table).set(row).execute() != 1) {
      throw new DuplicateKeyException(table.getName() + ": the id is taken");
    }
  }

  /** Keeps many of one table at once, none of which is there yet. */
  public void keepAll(List<Save> saves, Stamp stamp) {
    for (int from = 0; from < saves.size(); from += AT_ONCE) {
      List<TableRecord<?>> rows = new ArrayList<>();
      for (Save save : saves.subList(from, Math.min(saves.size(), from + AT_ONCE))) {
        TableRecord<?> row = (TableRecord<?>) db.newRecord(save.table);
        row.fromMap(named(row(save, stamp)));
        rows.add(row);
      }
      db.batchInsert(rows).execute();
    }
  }

  private static Map<String, Object> named(Map<Field<?>, Object> row) {
    Map<String, Object> named = new LinkedHashMap<>();
    row.forEach((field, value) -> named.put(field.getName(), value));
    return named;
  }

  private static Map<Field<?>, Object> row(Save save, Stamp stamp) {
    Map<Field<?>, Object> row = new LinkedHashMap<>();
    row.put(id(save.table), save.id);
    row.putAll(save.told);
    row.putAll(save.made);
    Field<Short> wording = wording(save.table);
    if (wording != null) {
      row.put(wording, (short) Wording.NOW);
    }
    row.put(author(save.table), stamp.author());
    row.put(at(save.table), stamp.at());
    return row;
  }

  /**
   * Holds what one person saves of a kind within a day: with this one it may be the given number.
   *
   * @param what they are, in the plural
   * @throws Refused where it would be more
   */
  public void holdQuota(Save save, Stamp stamp, int most, String what) {
    int kept =
        db.fetchCount(
            DSL.selectOne()
                .from(save.table)
                .where(author(save.table).eq(stamp.author()))
                .and(at(save.table).gt(stamp.at().minusDays(1)))
                .limit(most));
    if (kept >= most) {
      throw Refused.tooMany(
          "You have sent " + most + " " + what + " within a day. More go in tomorrow.");
    }
  }

  /**
   * The row written last of those that are meant, also one that takes the thing away.
   *
   * @param which those of one thing
   */
  public Optional<Editions.InForce> newest(Table<?> table, Condition which) {
    return db.select(id(table), AUTHOR_NAME, at(table))
        .from(table)
        .leftJoin(ACCOUNT)
        .on(ACCOUNT.ID.eq(author(table)))
        .where(which)
        .orderBy(table.field("seq").desc())
        .limit(1)
        .fetchOptional(Records.mapping(Editions.InForce::new));
  }

  /**
   * Holds a row until the transaction ends, so that two saves at once follow each other.
   *
   * @throws Refused where there is none
   */
  public void lock(String what, Table<?> table, UUID id) {
    if (db.selectOne().from(table).where(id(table).eq(id)).forUpdate().fetchOne() == null) {
      throw Refused.missing(what);
    }
  }

  /**
   * Holds what goes by this name until the transaction ends: where there is no row that could be
   * changed, and so held.
   */
  public void hold(String name) {
    db.execute("select pg_advisory_xact_lock(hashtextextended({0}, 14))", DSL.val(name));
  }

  /** Keeps those out who {@link #hold} this name, and nobody else, until the transaction ends. */
  public void share(String name) {
    db.execute("select pg_advisory_xact_lock_shared(hashtextextended({0}, 14))", DSL.val(name));
  }

  /** In which wording a row was written; null for a table that holds no words that may change. */
  static @Nullable Field<Short> wording(Table<?> table) {
    return table.field("wording", Short.class);
  }

  private static Field<UUID> author(Table<?> table) {
    return table.field("author", UUID.class);
  }

  private static Field<OffsetDateTime> at(Table<?> table) {
    return table.field("at", OffsetDateTime.class);
  }

  private static Field<UUID> id(Table<?> table) {
    return table.field("id", UUID.class);
  }
}
