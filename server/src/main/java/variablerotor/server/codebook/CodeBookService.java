package variablerotor.server.codebook;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.code.CodeRow;
import variablerotor.core.code.CodeTable;
import variablerotor.core.code.SignalKind;
import variablerotor.server.csv.Csv;
import variablerotor.server.log.Editions;
import variablerotor.server.log.Stamp;
import variablerotor.server.web.MayLag;
import variablerotor.server.web.Refused;

/** The shop's own code books: each change is a whole edition, or none. */
@Service
public class CodeBookService {
  /** Faults told at once; a book of the wrong kind has thousands. */
  private static final int MOST_HITS = 100;

  private final CodeBookStore store;

  CodeBookService(CodeBookStore store) {
    this.store = store;
  }

  /** A book in the list. */
  public record BookRow(UUID id, String name, int codes, String author, OffsetDateTime at) {}

  /**
   * A book with all its codes.
   *
   * @param edition that is in force: a change names it
   */
  public record BookView(
      UUID id, UUID edition, String name, List<CodeRow> rows, String author, OffsetDateTime at) {
    public BookView {
      rows = List.copyOf(rows);
    }
  }

  /** A code that was searched for, and the book that it stands in. */
  public record Hit(UUID book, String name, CodeRow row) {}

  @MayLag
  public List<BookRow> list() {
    return store.books();
  }

  @Transactional(readOnly = true)
  public BookView view(UUID book) {
    return view(inForce(book));
  }

  private CodeBookStore.Edition inForce(UUID book) {
    return store.newest(book).orElseThrow(() -> Refused.missing("code book"));
  }

  private static BookView view(CodeBookStore.Edition edition) {
    return new BookView(
        edition.book(),
        edition.id(),
        edition.name(),
        rows(edition),
        edition.author(),
        edition.at());
  }

  private static List<CodeRow> rows(CodeBookStore.Edition edition) {
    return CodeTable.read(Csv.read(edition.content()).rows()).rows();
  }

  /** The book as CSV. */
  @MayLag
  public String export(UUID book) {
    return inForce(book).content();
  }

  /** A new edition of a book, from CSV as a shop has it. */
  @Transactional
  public BookView bringIn(
      UUID book, UUID id, @Nullable UUID base, String name, String csv, Stamp stamp) {
    return keep(book, id, base, name, Csv.read(csv).rows(), stamp);
  }

  /**
   * A new edition of a book, typed in.
   *
   * @param base the edition that it was changed from; null for a new book
   */
  @Transactional
  public BookView edit(
      UUID book, UUID id, @Nullable UUID base, String name, List<List<String>> cells, Stamp stamp) {
    List<List<String>> table = new ArrayList<>();
    table.add(CodeTable.COLUMNS);
    table.addAll(cells);
    return keep(book, id, base, name, table, stamp);
  }

  private BookView keep(
      UUID book, UUID id, @Nullable UUID base, String name, List<List<String>> table, Stamp stamp) {
    String trimmed = name == null ? "" : name.trim();
    if (trimmed.isEmpty() || trimmed.length() > 80) {
      throw Refused.field("name", "found " + trimmed.length() + " characters; allowed are 1 to 80");
    }
    CodeTable.Read read = CodeTable.read(table);
    if (!read.isSound()) {
      throw Refused.fields(told(read.faults()));
    }
    store.lockList();
    if (!store.holds(id)) {
      Map<String, Object> theirs =
          store.newest(book).map(one -> told(one.name(), rows(one))).orElse(Map.of());
      Editions.hold(base, store.edition(book).orElse(null), theirs, told(trimmed, read.rows()));
      if (store.isTaken(trimmed, book)) {
        throw Refused.field("name", "Another book has this name; allowed is one of its own.");
      }
    }
    String content = Csv.write(CodeTable.write(read.rows()));
    if (store.add(id, book, trimmed, content, read.rows().size(), stamp)) {
      store.fillRows(book, id, trimmed, read.rows());
    }
    return view(book);
  }

  /** What a book says, by its name and code by code. */
  private static Map<String, Object> told(String name, List<CodeRow> rows) {
    Map<String, Object> told = new LinkedHashMap<>();
    told.put("name", name);
    for (CodeRow row : rows) {
      told.put(row.line() + ", " + row.signal() + " " + row.pattern(), row.meaning());
    }
    return told;
  }

  private static List<InputFault> told(List<CodeTable.RowFault> faults) {
    return faults.stream()
        .map(
            one ->
                new InputFault(
                    "row " + one.row() + (one.column().isEmpty() ? "" : ", " + one.column()),
                    one.message()))
        .toList();
  }

  /**
   * Takes a book away; its editions stay on record.
   *
   * @param base the edition that was seen
   * @throws Refused where another is in force by now
   */
  @Transactional
  public List<BookRow> remove(UUID book, UUID id, @Nullable UUID base, Stamp stamp) {
    store.lockList();
    if (!store.isRemovedBy(id, book)) {
      Editions.holdRemoval(base, store.edition(book).orElse(null));
      store.remove(id, inForce(book), stamp);
      store.dropRows(book);
    }
    return list();
  }

  /**
   * Codes in every book.
   *
   * @param words each must stand in the book's name, line, pattern or meaning
   * @param signal null for any
   * @param pattern null for any
   */
  @MayLag
  public List<Hit> search(String words, @Nullable SignalKind signal, @Nullable String pattern) {
    return store.search(words, signal, pattern, MOST_HITS);
  }

  /** Books that came in before their codes were kept row by row. */
  @EventListener(ApplicationReadyEvent.class)
  @Transactional
  public void fillMissingRows() {
    for (UUID book : store.withoutRows()) {
      CodeBookStore.Edition edition = inForce(book);
      store.fillRows(book, edition.id(), edition.name(), rows(edition));
    }
  }
}
