package variablerotor.server.csv;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.QuoteMode;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import variablerotor.server.web.Refused;

/**
 * RFC 4180: a comma, quotes where needed. Read is also what spreadsheets of other countries write:
 * semicolons or tabs in the commas' place.
 */
public final class Csv {
  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180.builder().setRecordSeparator("\r\n").get();

  private static final char MARK = '\'';

  /** More than any table here has: whoever sends more is turned away before it is taken apart. */
  private static final int MOST_CELLS = 100;

  private static final int MOST_ROWS = 20_000;

  private Csv() {}

  /**
   * @throws Refused where the bytes are no text in UTF-8
   */
  public static String text(byte[] bytes) {
    try {
      return StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
    } catch (CharacterCodingException notText) {
      throw Refused.field("row", "found bytes that are not UTF-8 text; allowed is CSV in UTF-8");
    }
  }

  /**
   * A table as it was read.
   *
   * @param rows every one, the header too
   * @param commas whether commas stand between the cells, and so cannot be decimal signs
   */
  public record Sheet(List<List<String>> rows, boolean commas) {}

  /**
   * @throws Refused where the text is no such table
   */
  public static Sheet read(String csv) {
    // Spreadsheets put a mark before the first letter.
    String text = csv.startsWith("\uFEFF") ? csv.substring(1) : csv;
    List<List<String>> table = new ArrayList<>();
    char delimiter = delimiter(text);
    hold(text, delimiter);
    CSVFormat format = FORMAT.builder().setDelimiter(delimiter).get();
    try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
      for (CSVRecord record : parser) {
        table.add(record.stream().map(Csv::plain).toList());
      }
    } catch (IOException | UncheckedIOException | IllegalStateException notCsv) {
      // Strictly read, it has no other faults than these two.
      throw Refused.field(
          "row " + (table.size() + 1),
          "this is not CSV (RFC 4180): a cell in quotes is not closed, or more stands behind its"
              + " closing quote; allowed are two quotes for one within");
    }
    return new Sheet(table, delimiter == ',');
  }

  /** What stands between the names of the header; names hold none of these. */
  private static char delimiter(String text) {
    String header = text.lines().findFirst().orElse("");
    if (header.indexOf(',') >= 0) {
      return ',';
    }
    return header.indexOf(';') >= 0 ? ';' : header.indexOf('\t') >= 0 ? '\t' : ',';
  }

  /**
   * Counts before anything is made of it: a megabyte of commas is a million cells.
   *
   * @throws Refused where there are too many cells in a row, or rows
   */
  private static void hold(String text, char delimiter) {
    int cells = 1;
    int rows = 1;
    boolean starts = true;
    for (int at = 0; at < text.length(); at++) {
      char letter = text.charAt(at);
      if (starts && letter == '"') {
        at = closed(text, at + 1);
        starts = false;
        continue;
      }
      boolean ends = letter == '\n' || letter == '\r';
      starts = ends || letter == delimiter;
      rows += letter == '\n' || (letter == '\r' && !text.startsWith("\n", at + 1)) ? 1 : 0;
      cells = ends ? 1 : cells + (starts ? 1 : 0);
      if (cells > MOST_CELLS) {
        throw Refused.field(
            "row " + rows, "found more than " + MOST_CELLS + " cells; allowed are so many");
      }
      if (rows > MOST_ROWS) {
        throw Refused.field("row", "found more than " + MOST_ROWS + " rows; allowed are so many");
      }
    }
  }

  /** Where a quoted cell ends; two quotes are one in it. */
  private static int closed(String text, int from) {
    int at = from;
    while (at < text.length() && (text.charAt(at) != '"' || text.startsWith("\"\"", at))) {
      at += text.charAt(at) == '"' ? 2 : 1;
    }
    return at;
  }

  /** A formula behind what parts cells in other countries. */
  private static final Pattern RUNS_ELSEWHERE = Pattern.compile("[;\t]\\s*[=+@-]");

  /** What a spreadsheet would run, with any marks before it; a plain number is none. */
  private static boolean runs(String cell) {
    int at = 0;
    while (at < cell.length() && cell.charAt(at) == MARK) {
      at++;
    }
    boolean starts = at < cell.length() && "=+-@\t\r".indexOf(cell.charAt(at)) >= 0;
    return (starts && !cell.matches("[-+]?\\d+([.,]\\d+)?")) || RUNS_ELSEWHERE.matcher(cell).find();
  }

  /** Unquoted, it would be two cells where semicolons or tabs part them, and the second be run. */
  private static boolean runsElsewhere(String cell) {
    return cell != null && RUNS_ELSEWHERE.matcher(cell).find();
  }

  /** With a mark before it, by which a spreadsheet takes it for text. */
  private static String harmless(String cell) {
    return cell != null && runs(cell) ? MARK + cell : cell;
  }

  /** As it was before it was marked. */
  private static String plain(String cell) {
    return !cell.isEmpty() && cell.charAt(0) == MARK && runs(cell) ? cell.substring(1) : cell;
  }

  /** As text; what a spreadsheet would run is marked, and read back the same. */
  public static String write(List<List<String>> table) {
    StringBuilder text = new StringBuilder();
    boolean quotes = table.stream().anyMatch(row -> row.stream().anyMatch(Csv::runsElsewhere));
    CSVFormat format =
        quotes ? FORMAT.builder().setQuoteMode(QuoteMode.ALL_NON_NULL).get() : FORMAT;
    try (CSVPrinter printer = new CSVPrinter(text, format)) {
      for (List<String> row : table) {
        printer.printRecord(row.stream().map(Csv::harmless).toList());
      }
    } catch (IOException fault) {
      throw new UncheckedIOException(fault);
    }
    return text.toString();
  }

  /** As a file to be kept under this name. */
  public static ResponseEntity<byte[]> file(String name, String csv) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
        .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
        .body(csv.getBytes(StandardCharsets.UTF_8));
  }
}
