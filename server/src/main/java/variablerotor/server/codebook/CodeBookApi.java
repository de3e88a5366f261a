package variablerotor.server.codebook;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.casefile.PressReader;
import variablerotor.core.code.BlinkReading;
import variablerotor.core.code.SignalKind;
import variablerotor.json.Json;
import variablerotor.server.csv.Csv;
import variablerotor.server.log.Stamps;
import variablerotor.server.web.LargestBody;
import variablerotor.server.web.Only;
import variablerotor.server.web.Refused;
import variablerotor.server.web.Right;

/** Code books, what stands in them, and the count of a lamp's flashes. */
@RestController
class CodeBookApi {
  /** Largest code book [byte]. */
  private static final int MOST_BYTES = 1024 * 1024;

  private final CodeBookService books;
  private final Stamps stamps;

  CodeBookApi(CodeBookService books, Stamps stamps) {
    this.books = books;
    this.stamps = stamps;
  }

  record CodeCells(
      String line, String signal, String pattern, String meaning, @Nullable String suspects) {
    List<String> list() {
      List<String> cells = new ArrayList<>();
      for (String cell : new String[] {line, signal, pattern, meaning, suspects}) {
        cells.add(cell == null ? "" : cell);
      }
      return cells;
    }
  }

  record EditionRequest(String name, List<CodeCells> rows) {}

  @GetMapping("/api/codebooks")
  List<CodeBookService.BookRow> list() {
    return books.list();
  }

  @GetMapping("/api/codebooks/{book}")
  CodeBookService.BookView one(@PathVariable UUID book) {
    return books.view(book);
  }

  @Only(Right.BOOKS)
  @LargestBody(MOST_BYTES)
  @PutMapping("/api/codebooks/{book}/editions/{id}")
  CodeBookService.BookView edit(
      @PathVariable UUID book,
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable UUID base,
      @RequestBody EditionRequest body) {
    List<List<String>> cells =
        body.rows() == null ? List.of() : body.rows().stream().map(CodeCells::list).toList();
    return books.edit(book, id, base, body.name(), cells, stamps.now());
  }

  @Only(Right.BOOKS)
  @LargestBody(MOST_BYTES)
  @PutMapping(path = "/api/codebooks/{book}/imports/{id}", consumes = "text/csv")
  CodeBookService.BookView bringIn(
      @PathVariable UUID book,
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable UUID base,
      @RequestParam String name,
      @RequestBody byte[] csv) {
    return books.bringIn(book, id, base, name, Csv.text(csv), stamps.now());
  }

  @Only(Right.BOOKS)
  @PutMapping("/api/codebooks/{book}/removals/{id}")
  List<CodeBookService.BookRow> remove(
      @PathVariable UUID book,
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable UUID base) {
    return books.remove(book, id, base, stamps.now());
  }

  @GetMapping("/api/codebooks/{book}/export")
  ResponseEntity<byte[]> export(@PathVariable UUID book) {
    return Csv.file("codes.csv", books.export(book));
  }

  @GetMapping("/api/codes")
  List<CodeBookService.Hit> search(
      @RequestParam(defaultValue = "") String search,
      @RequestParam(required = false) SignalKind signal,
      @RequestParam(required = false) String pattern) {
    if (search.length() > 200) {
      throw Refused.field("search", "allowed are up to 200 characters");
    }
    return books.search(search, signal, pattern);
  }

  /** Counts the flashes that a person tapped along with. */
  @PostMapping("/api/codes/count")
  BlinkReading count(@RequestBody Map<String, Object> body) {
    try {
      return PressReader.count(Json.plainMap(body));
    } catch (InputFaults faults) {
      throw Refused.fields(faults.faults());
    }
  }
}
