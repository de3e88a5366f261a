package variablerotor.server.codebook;

import static variablerotor.server.schema.Tables.ACCOUNT;
import static variablerotor.server.schema.Tables.CODE_BOOK_EDITION;
import static variablerotor.server.schema.Tables.CODE_ROW;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Records;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import variablerotor.core.chain.Suspect;
import variablerotor.core.code.CodeRow;
import variablerotor.core.code.SignalKind;
import variablerotor.server.codebook.CodeBookService.BookRow;
import variablerotor.server.codebook.CodeBookService.Hit;
import variablerotor.server.log.Editions;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Planned;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;
import variablerotor.server.log.Words;
import variablerotor.server.schema.tables.records.CodeRowRecord;
import variablerotor.server.web.Refused;

/** Code books as editions: the newest of a book is in force. */
@Repository
class CodeBookStore {
  /** Of one person; a shop's book is changed a few times a year. */
  private static final int MOST_A_DAY = 100;

  private static final int MOST_BOOKS = 300;

  private final DSLContext db;
  private final DSLContext searched;
  private final LogStore log;

  CodeBookStore(DSLContext db, LogStore log) {
    this.db = db;
    searched = Planned.forItsValues(db);
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
      String author,
      OffsetDateTime at) {}

  /**
   * False where it is kept already.
   *
   * @throws Refused where it is one more than there is room for
   */
  boolean add(UUID id, UUID book, String name, String content, int codes, Stamp stamp) {
    Save save =
        edition(id, book, false)
            .told(CODE_BOOK_EDITION.NAME, name)
            .told(CODE_BOOK_EDITION.CONTENT, content)
            .made(CODE_BOOK_EDITION.CODES, codes);
    if (log.holds(save)) {
      return false;
    }
    log.holdQuota(save, stamp, MOST_A_DAY, "editions of code books");
    Condition others = IN_FORCE.and(CODE_BOOK_EDITION.BOOK_ID.ne(book));
    if (db.fetchCount(CODE_BOOK_EDITION, others) >= MOST_BOOKS) {
      throw Refused.conflict("The shop has " + MOST_BOOKS + " code books. Take one away first.");
    }
    return log.keep(save, stamp);
  }

  /** The codes of the edition in force, in place of those of the one before. */
  void fillRows(UUID book, UUID edition, String name, List<CodeRow> rows) {
    dropRows(book);
    List<CodeRowRecord> records = new ArrayList<>();
    for (CodeRow row : rows) {
      String words = String.join(" ", name, row.line(), row.pattern(), row.meaning());
      CodeRowRecord record = db.newRecord(CODE_ROW);
      record.setBookId(book);
      record.setN(records.size());
      record.setEditionId(edition);
      record.setBookName(name);
      record.setLine(row.line());
      record.setSignal(row.signal().name());
      record.setPattern(row.pattern());
      record.setMeaning(row.meaning());
      record.setSuspects(row.suspects().stream().map(Enum::name).collect(Collectors.joining(" ")));
      record.setWords(words.toLowerCase(Locale.ROOT));
      records.add(record);
    }
    db.batchInsert(records).execute();
  }

  void dropRows(UUID book) {
    db.deleteFrom(CODE_ROW).where(CODE_ROW.BOOK_ID.eq(book)).execute();
  }

  /** Books in force of which no code is kept row by row. */
  List<UUID> withoutRows() {
    return db.select(CODE_BOOK_EDITION.BOOK_ID)
        .from(CODE_BOOK_EDITION)
        .where(IN_FORCE)
        .andNotExists(
            DSL.selectOne().from(CODE_ROW).where(CODE_ROW.BOOK_ID.eq(CODE_BOOK_EDITION.BOOK_ID)))
        .fetch(CODE_BOOK_EDITION.BOOK_ID);
  }

  List<Hit> search(String words, @Nullable SignalKind signal, @Nullable String pattern, int most) {
    Condition which = Words.allIn(CODE_ROW.WORDS, words);
    if (signal != null) {
      which = which.and(CODE_ROW.SIGNAL.eq(signal.name()));
    }
    if (pattern != null) {
      which = which.and(DSL.lower(CODE_ROW.PATTERN).eq(pattern.trim().toLowerCase(Locale.ROOT)));
    }
    return searched
        .selectFrom(CODE_ROW)
        .where(Words.narrowed(searched, CODE_ROW, CODE_ROW.ID, which))
        .orderBy(CODE_ROW.BOOK_NAME, CODE_ROW.BOOK_ID, CODE_ROW.N)
        .limit(most)
        .fetch(row -> new Hit(row.getBookId(), row.getBookName(), code(row)));
  }

  private static CodeRow code(CodeRowRecord row) {
    return new CodeRow(
        row.getLine(),
        SignalKind.valueOf(row.getSignal()),
        row.getPattern(),
        row.getMeaning(),
        Arrays.stream(row.getSuspects().split(" "))
            .filter(one -> !one.isEmpty())
            .map(Suspect::valueOf)
            .toList());
  }

  private static Save edition(UUID id, UUID book, boolean removed) {
    return Save.of("edition", CODE_BOOK_EDITION, id)
        .told(CODE_BOOK_EDITION.BOOK_ID, book)
        .told(CODE_BOOK_EDITION.REMOVED, removed);
  }

  /** Holds all books until the transaction ends: names are held against each other. */
  void lockList() {
    log.hold("code books");
  }

  /** Whether an edition of this id is kept. */
  boolean holds(UUID id) {
    return db.fetchExists(CODE_BOOK_EDITION, CODE_BOOK_EDITION.ID.eq(id));
  }

  /** The edition of a book that is in force, also one that took it away. */
  Optional<Editions.InForce> edition(UUID book) {
    return log.newest(CODE_BOOK_EDITION, CODE_BOOK_EDITION.BOOK_ID.eq(book));
  }

  /** Whether another book in force has this name. */
  boolean isTaken(String name, UUID book) {
    return db.fetchExists(
        CODE_BOOK_EDITION,
        IN_FORCE
            .and(CODE_BOOK_EDITION.BOOK_ID.ne(book))
            .and(DSL.lower(CODE_BOOK_EDITION.NAME).eq(name.toLowerCase(Locale.ROOT))));
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
    return db.select(CODE_BOOK_EDITION.fields())
        .select(LogStore.AUTHOR_NAME)
        .from(CODE_BOOK_EDITION)
        .leftJoin(ACCOUNT)
        .on(ACCOUNT.ID.eq(CODE_BOOK_EDITION.AUTHOR))
        .where(CODE_BOOK_EDITION.BOOK_ID.eq(book))
        .and(IN_FORCE)
        .fetchOptional(
            row ->
                new Edition(
                    row.get(CODE_BOOK_EDITION.ID),
                    row.get(CODE_BOOK_EDITION.BOOK_ID),
                    row.get(CODE_BOOK_EDITION.NAME),
                    row.get(CODE_BOOK_EDITION.CONTENT),
                    row.get(CODE_BOOK_EDITION.CODES),
                    row.get(LogStore.AUTHOR_NAME),
                    row.get(CODE_BOOK_EDITION.AT)));
  }

  /** Every book, by name, without what stands in it. */
  List<BookRow> books() {
    return db.select(
            CODE_BOOK_EDITION.BOOK_ID,
            CODE_BOOK_EDITION.NAME,
            CODE_BOOK_EDITION.CODES,
            LogStore.AUTHOR_NAME,
            CODE_BOOK_EDITION.AT)
        .from(CODE_BOOK_EDITION)
        .leftJoin(ACCOUNT)
        .on(ACCOUNT.ID.eq(CODE_BOOK_EDITION.AUTHOR))
        .where(IN_FORCE)
        .orderBy(CODE_BOOK_EDITION.NAME, CODE_BOOK_EDITION.SEQ)
        .fetch(Records.mapping(BookRow::new));
  }

  /** The newest of its book, which was not taken away. */
  private static final Condition IN_FORCE = inForce();

  private static Condition inForce() {
    var later = CODE_BOOK_EDITION.as("later");
    return CODE_BOOK_EDITION
        .REMOVED
        .isFalse()
        .andNotExists(
            DSL.selectOne()
                .from(later)
                .where(later.BOOK_ID.eq(CODE_BOOK_EDITION.BOOK_ID))
                .and(later.SEQ.gt(CODE_BOOK_EDITION.SEQ)));
  }
}
