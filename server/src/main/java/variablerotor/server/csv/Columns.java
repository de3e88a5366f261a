package variablerotor.server.csv;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.fact.FactParser;
import variablerotor.core.text.Numbers;
import variablerotor.core.text.Words;

/**
 * What a table's columns hold: a header of known names, in any order; an empty cell is not known.
 * Numbers have a decimal point, or where no commas stand between the cells all a decimal comma.
 */
public final class Columns {
  private enum Kind {
    TEXT,
    NUMBER,
    FLAG,
    /** Texts with semicolons between. */
    LIST
  }

  private final Map<String, Kind> kinds = new LinkedHashMap<>();
  private final List<String> required;

  /**
   * @param required names that the header must have
   */
  public Columns(String... required) {
    this.required = List.of(required);
  }

  public Columns texts(String... names) {
    return of(Kind.TEXT, names);
  }

  public Columns numbers(String... names) {
    return of(Kind.NUMBER, names);
  }

  public Columns flags(String... names) {
    return of(Kind.FLAG, names);
  }

  public Columns lists(String... names) {
    return of(Kind.LIST, names);
  }

  private Columns of(Kind kind, String... names) {
    Arrays.stream(names).forEach(name -> kinds.put(name, kind));
    return this;
  }

  /**
   * @param rows by their number in the file, the header being 1
   */
  public record Read(Map<Integer, Map<String, Object>> rows, List<InputFault> faults) {}

  /** Reads what can be read, and says of every cell that cannot. */
  public Read read(Csv.Sheet sheet) {
    List<List<String>> table = sheet.rows();
    List<InputFault> faults = new ArrayList<>();
    List<String> header =
        table.isEmpty() ? List.of() : table.get(0).stream().map(String::trim).toList();
    header(header, faults);
    Map<Integer, Map<String, Object>> rows = new LinkedHashMap<>();
    if (!faults.isEmpty()) {
      return new Read(rows, faults);
    }
    Decimals decimals = decimals(header, sheet);
    for (int i = 1; i < table.size() && faults.size() <= InputFaults.MOST; i++) {
      List<String> cells = table.get(i);
      if (cells.stream().allMatch(String::isBlank)) {
        continue;
      }
      if (cells.size() > header.size()) {
        faults.add(
            new InputFault(
                "row " + (i + 1),
                "found " + cells.size() + " cells; allowed are " + header.size()));
        continue;
      }
      Map<String, Object> row = new LinkedHashMap<>();
      for (int c = 0; c < cells.size(); c++) {
        row.put(header.get(c), cell(cells.get(c).trim(), header.get(c), i + 1, decimals, faults));
      }
      rows.put(i + 1, row);
    }
    return new Read(rows, faults);
  }

  private void header(List<String> header, List<InputFault> faults) {
    for (String name : header) {
      if (!kinds.containsKey(name)) {
        faults.add(
            new InputFault(
                "row 1",
                "found "
                    + FactParser.describe(name)
                    + "; allowed are "
                    + String.join(", ", kinds.keySet())));
      }
      if (header.indexOf(name) != header.lastIndexOf(name)) {
        faults.add(new InputFault("row 1", "found \"" + name + "\" twice; allowed is once"));
      }
    }
    if (!header.containsAll(required)) {
      faults.add(new InputFault("row 1", "required are the columns " + Words.and(required)));
    }
  }

  /**
   * @param comma the first row that has a decimal comma; none is 0
   * @param point the first row that has a decimal point
   * @param commas whether a comma can only be one between cells
   */
  private record Decimals(int comma, int point, boolean commas) {
    boolean mixed() {
      return comma > 0 && point > 0;
    }
  }

  private Decimals decimals(List<String> header, Csv.Sheet sheet) {
    List<List<String>> table = sheet.rows();
    int comma = 0;
    int point = 0;
    for (int i = 1; i < table.size(); i++) {
      for (int c = 0; c < Math.min(header.size(), table.get(i).size()); c++) {
        if (kinds.get(header.get(c)) == Kind.NUMBER) {
          String cell = table.get(i).get(c);
          comma = comma == 0 && cell.indexOf(',') >= 0 ? i + 1 : comma;
          point = point == 0 && cell.indexOf('.') >= 0 ? i + 1 : point;
        }
      }
    }
    return new Decimals(comma, point, sheet.commas());
  }

  private @Nullable Object cell(
      String text, String column, int row, Decimals decimals, List<InputFault> faults) {
    if (text.isEmpty()) {
      return null;
    }
    String allowed;
    switch (Objects.requireNonNull(kinds.get(column))) {
      case NUMBER -> {
        allowed = notANumber(text, decimals);
        if (allowed == null) {
          return Double.valueOf(text.replace(',', '.'));
        }
      }
      case FLAG -> {
        String word = text.toLowerCase(Locale.ROOT);
        if (word.equals("true") || word.equals("false")) {
          return Boolean.valueOf(word);
        }
        allowed = "allowed is true or false";
      }
      case LIST -> {
        return Arrays.stream(text.split(";")).map(String::trim).filter(s -> !s.isEmpty()).toList();
      }
      default -> {
        return text;
      }
    }
    faults.add(
        new InputFault(
            "row " + row + ", " + column, "found " + FactParser.describe(text) + "; " + allowed));
    return null;
  }

  /** What is allowed where it is none that can be read for certain; null where it is one. */
  private static @Nullable String notANumber(String text, Decimals decimals) {
    boolean number = text.matches("-?\\d{1,15}([.,]\\d{1,15})?");
    if (!number || (decimals.commas() && text.indexOf(',') >= 0)) {
      return "allowed is a number with a decimal point";
    }
    if (decimals.mixed() && (text.indexOf(',') >= 0 || text.indexOf('.') >= 0)) {
      return "row "
          + decimals.comma()
          + " has a decimal comma and row "
          + decimals.point()
          + " a decimal point; allowed is one of them in a file";
    }
    if (text.matches("-?\\d{1,3},\\d{3}")) {
      return "thousands or thousandths; allowed is a number without a sign between thousands";
    }
    return null;
  }

  /** The header and a row for each. */
  public List<List<String>> write(List<Map<String, Object>> rows) {
    List<List<String>> table = new ArrayList<>();
    table.add(new ArrayList<>(kinds.keySet()));
    for (Map<String, Object> row : rows) {
      table.add(kinds.keySet().stream().map(name -> text(row.get(name))).toList());
    }
    return table;
  }

  private static String text(@Nullable Object value) {
    if (value == null) {
      return "";
    }
    if (value instanceof Double number) {
      return Numbers.plain(number, 6);
    }
    if (value instanceof List<?> list) {
      return String.join("; ", list.stream().map(String::valueOf).toList());
    }
    return String.valueOf(value);
  }
}
