package variablerotor.core.code;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import variablerotor.core.chain.Suspect;
import variablerotor.core.text.Words;

/**
 * A code book as a table: a header, then one row a code. Read whole or not at all, with every fault
 * told by its line and column.
 */
public final class CodeTable {
  /** The columns, in the order in which they are written. */
  public static final List<String> COLUMNS =
      List.of("line", "signal", "pattern", "meaning", "suspects");

  public static final int MOST_ROWS = 5000;
  private static final int LONGEST_LINE = 80;
  private static final int LONGEST_MEANING = 300;

  /**
   * @param row line of the table, the header being 1
   * @param column its name, or empty where the row as such is wrong
   */
  public record RowFault(int row, String column, String message) {}

  /**
   * @param rows empty where there is a fault
   */
  public record Read(List<CodeRow> rows, List<RowFault> faults) {
    public Read {
      rows = List.copyOf(rows);
      faults = List.copyOf(faults);
    }

    /** Whether nothing is wrong with it. */
    public boolean isSound() {
      return faults.isEmpty();
    }
  }

  private final List<RowFault> faults = new ArrayList<>();
  private final List<CodeRow> rows = new ArrayList<>();
  private final Map<String, Integer> seen = new HashMap<>();

  private CodeTable() {}

  /**
   * @param table cells by row; the first row names the columns, in any order
   */
  public static Read read(List<List<String>> table) {
    CodeTable reader = new CodeTable();
    reader.readAll(table);
    return new Read(reader.faults.isEmpty() ? List.copyOf(reader.rows) : List.of(), reader.faults);
  }

  /** One row typed in, held to the same rules. */
  public static Read readOne(Map<String, String> cells) {
    List<String> row = new ArrayList<>();
    for (String column : COLUMNS) {
      row.add(cells.getOrDefault(column, ""));
    }
    return read(List.of(COLUMNS, row));
  }

  private void fault(int row, String column, String message) {
    faults.add(new RowFault(row, column, message));
  }

  private void readAll(List<List<String>> table) {
    if (table.isEmpty()) {
      fault(1, "", "found nothing; allowed is a header with " + String.join(", ", COLUMNS));
      return;
    }
    Map<String, Integer> places = header(table.get(0));
    if (places.size() < COLUMNS.size()) {
      return;
    }
    if (table.size() - 1 > MOST_ROWS) {
      fault(1, "", "found " + (table.size() - 1) + " rows; allowed are at most " + MOST_ROWS);
      return;
    }
    for (int r = 1; r < table.size(); r++) {
      row(r + 1, table.get(r), places);
    }
    if (table.size() == 1) {
      fault(2, "", "found no row under the header; allowed is one or more");
    }
  }

  private Map<String, Integer> header(List<String> cells) {
    Map<String, Integer> places = new HashMap<>();
    for (int i = 0; i < cells.size(); i++) {
      String name = cells.get(i).trim().toLowerCase(Locale.ROOT);
      if (!COLUMNS.contains(name)) {
        String told = name.substring(0, Math.min(name.length(), LONGEST_LINE));
        fault(1, told, "not a column; allowed are " + String.join(", ", COLUMNS));
      } else if (places.put(name, i) != null) {
        fault(1, name, "this column stands twice");
      }
    }
    for (String column : COLUMNS) {
      if (!places.containsKey(column)) {
        fault(1, column, "this column is missing");
      }
    }
    return places;
  }

  private void row(int number, List<String> cells, Map<String, Integer> places) {
    if (cells.size() != places.size()) {
      fault(
          number,
          "",
          "found " + cells.size() + " cells; allowed are " + places.size() + ", as in the header");
      return;
    }
    int before = faults.size();
    UnaryOperator<String> cell =
        column -> cells.get(Objects.requireNonNull(places.get(column), column));
    String line = text(number, "line", cell.apply("line"), LONGEST_LINE);
    String meaning = text(number, "meaning", cell.apply("meaning"), LONGEST_MEANING);
    SignalKind signal = signal(number, cell.apply("signal"));
    String pattern = signal == null ? null : pattern(number, signal, cell.apply("pattern"));
    List<Suspect> suspects = suspects(number, cell.apply("suspects"));
    if (signal == null || pattern == null || faults.size() > before) {
      return;
    }
    CodeRow row = new CodeRow(line, signal, pattern, meaning, suspects);
    Integer earlier = seen.putIfAbsent(row.key(), number);
    if (earlier != null) {
      fault(number, "pattern", "this code stands in row " + earlier + " already");
    } else {
      rows.add(row);
    }
  }

  private String text(int row, String column, String cell, int longest) {
    String text = cell.trim();
    if (text.isEmpty() || text.length() > longest) {
      fault(row, column, "found " + text.length() + " characters; allowed are 1 to " + longest);
    }
    return text;
  }

  private @Nullable SignalKind signal(int row, String cell) {
    List<String> names = new ArrayList<>();
    for (SignalKind kind : SignalKind.values()) {
      if (kind.name().equals(cell.trim().toUpperCase(Locale.ROOT))) {
        return kind;
      }
      names.add(kind.name());
    }
    fault(
        row,
        "signal",
        "found \"" + cut(cell) + "\"; allowed is one of " + String.join(", ", names));
    return null;
  }

  private @Nullable String pattern(int row, SignalKind signal, String cell) {
    String pattern = signal.normal(cell);
    if (pattern == null) {
      fault(row, "pattern", "found \"" + cut(cell) + "\"; allowed is " + signal.allowed());
    }
    return pattern;
  }

  private List<Suspect> suspects(int row, String cell) {
    List<Suspect> suspects = new ArrayList<>();
    for (String word : Words.split(cell.trim(), " ;,/")) {
      Suspect suspect = suspect(word);
      if (suspect == null) {
        fault(row, "suspects", "found \"" + cut(word) + "\"; allowed are " + allowedSuspects());
      } else if (!suspects.contains(suspect)) {
        suspects.add(suspect);
      }
    }
    return suspects;
  }

  private static @Nullable Suspect suspect(String word) {
    for (Suspect suspect : Suspect.values()) {
      if (suspect.isLink() && suspect.name().equals(word.toUpperCase(Locale.ROOT))) {
        return suspect;
      }
    }
    return null;
  }

  private static String allowedSuspects() {
    List<String> names = new ArrayList<>();
    for (Suspect suspect : Suspect.values()) {
      if (suspect.isLink()) {
        names.add(suspect.name());
      }
    }
    return String.join(", ", names);
  }

  private static String cut(String text) {
    return text.length() > 40 ? text.substring(0, 40) + "…" : text;
  }

  /** The table of a book, header first. */
  public static List<List<String>> write(List<CodeRow> rows) {
    List<List<String>> table = new ArrayList<>();
    table.add(COLUMNS);
    for (CodeRow row : rows) {
      StringBuilder suspects = new StringBuilder();
      for (Suspect suspect : row.suspects()) {
        suspects.append(suspects.length() == 0 ? "" : " ").append(suspect.name());
      }
      table.add(
          List.of(
              row.line(), row.signal().name(), row.pattern(), row.meaning(), suspects.toString()));
    }
    return table;
  }
}
