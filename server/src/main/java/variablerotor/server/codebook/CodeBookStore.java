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

/** Code books as editions: the newest of a book is in force. */
@Repository
class CodeBookStore {
  private final DSLContext db;

  CodeBookStore(DSLContext db) {
    this.db = db;
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

  /** False where the id is taken. */
  boolean add(
      UUID id,
      UUID book,
      String name,
      String content,
      int codes,
      boolean removed,
      UUID author,
      OffsetDateTime at) {
    return db.insertInto(CODE_BOOK_EDITION)
            .set(CODE_BOOK_EDITION.ID, id)
            .set(CODE_BOOK_EDITION.BOOK_ID, book)
            .set(CODE_BOOK_EDITION.NAME, name)
            .set(CODE_BOOK_EDITION.CONTENT, content)
            .set(CODE_BOOK_EDITION.CODES, codes)
            .set(CODE_BOOK_EDITION.REMOVED, removed)
            .set(CODE_BOOK_EDITION.AUTHOR, author)
            .set(CODE_BOOK_EDITION.AT, at)
            .onConflict(CODE_BOOK_EDITION.ID)
            .doNothing()
            .execute()
        == 1;
  }

  Optional<Edition> edition(UUID id) {
    return fetch(CODE_BOOK_EDITION.ID.eq(id)).stream().findFirst();
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
