package variablerotor.server.codebook;

import static variablerotor.server.schema.Tables.ACCOUNT;
import static variablerotor.server.schema.Tables.CODE_BOOK_EDITION;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;

/** Code books as editions: the newest of a book is in force. */
@Repository
class CodeBookStore {
  private final DSLContext db;
  private final LogStore log;

  CodeBookStore(DSLContext db, LogStore log) {
    this.db = db;
    this.log = log;
  }

  /**
   * @param content as CSV, header first
   */
  record Edition(
      UUID id,
      UUID book,
      String name,
      String content,
      int codes,
      boolean removed,
      String author,
      OffsetDateTime at) {}

  /** False where it is kept already. */
  boolean add(UUID id, UUID book, String name, String content, int codes, Stamp stamp) {
    return log.keep(
        edition(id, book, false)
            .told(CODE_BOOK_EDITION.NAME, name)
            .told(CODE_BOOK_EDITION.CONTENT, content)
            .made(CODE_BOOK_EDITION.CODES, codes),
        stamp);
  }

  private static Save edition(UUID id, UUID book, boolean removed) {
    return Save.of("edition", CODE_BOOK_EDITION, id)
        .told(CODE_BOOK_EDITION.BOOK_ID, book)
        .told(CODE_BOOK_EDITION.REMOVED, removed);
  }

  /** Whether this very removal is kept already. */
  boolean isRemovedBy(UUID id, UUID book) {
    return log.holds(edition(id, book, true));
  }

  /** A last edition that takes the book away. */
  void remove(UUID id, Edition last, Stamp stamp) {
    log.keep(
        edition(id, last.book(), true)
            .made(CODE_BOOK_EDITION.NAME, last.name())
            .made(CODE_BOOK_EDITION.CONTENT, last.content())
            .made(CODE_BOOK_EDITION.CODES, last.codes()),
        stamp);
  }

  /** The newest edition of a book that was not taken away. */
  Optional<Edition> newest(UUID book) {
    return inForce(CODE_BOOK_EDITION.BOOK_ID.eq(book)).stream().findFirst();
  }

  /** Every book, by name. */
  List<Edition> books() {
    return inForce(DSL.noCondition());
  }

  private List<Edition> inForce(Condition which) {
    var later = CODE_BOOK_EDITION.as("later");
    Condition newest =
        DSL.notExists(
            DSL.selectOne()
                .from(later)
                .where(
                    later
                        .BOOK_ID
                        .eq(CODE_BOOK_EDITION.BOOK_ID)
                        .and(later.SEQ.gt(CODE_BOOK_EDITION.SEQ))));
    return fetch(which.and(newest).and(CODE_BOOK_EDITION.REMOVED.isFalse()));
  }

  private List<Edition> fetch(Condition which) {
    return db.select(CODE_BOOK_EDITION.fields())
        .select(ACCOUNT.NAME)
        .from(CODE_BOOK_EDITION)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(CODE_BOOK_EDITION.AUTHOR))
        .where(which)
        .orderBy(CODE_BOOK_EDITION.NAME, CODE_BOOK_EDITION.SEQ)
        .fetch(
            row ->
                new Edition(
                    row.get(CODE_BOOK_EDITION.ID),
                    row.get(CODE_BOOK_EDITION.BOOK_ID),
                    row.get(CODE_BOOK_EDITION.NAME),
                    row.get(CODE_BOOK_EDITION.CONTENT),
                    row.get(CODE_BOOK_EDITION.CODES),
                    row.get(CODE_BOOK_EDITION.REMOVED),
                    row.get(ACCOUNT.NAME),
                    row.get(CODE_BOOK_EDITION.AT)));
  }
}
