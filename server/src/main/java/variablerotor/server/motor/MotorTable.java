package variablerotor.server.motor;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.text.Numbers;

/** Motors as a table: a header of the open format's names, in any order; empty is not known. */
final class MotorTable {
  private MotorTable() {}

  /** What a cell holds. */
  private enum Kind {
    TEXT,
    NUMBER,
    FLAG,
    /** Texts with semicolons between. */
    LIST
  }

  private static final Map<String, Kind> COLUMNS = new LinkedHashMap<>();

  static {
    columns(Kind.TEXT, "id", "family");
    columns(Kind.NUMBER, "horsepower");
    columns(Kind.TEXT, "volts");
    columns(Kind.NUMBER, "phases", "hertz", "rpm", "fullLoadAmps");
    columns(Kind.TEXT, "frame");
    columns(Kind.NUMBER, "shaftDiameterIn", "shaftLengthIn", "bodyLengthIn");
    columns(Kind.TEXT, "rotation", "mount", "enclosure");
    columns(Kind.NUMBER, "speedTaps");
    columns(Kind.FLAG, "feedback", "feedbackCanBeDisabled", "programmed");
    columns(Kind.LIST, "adapters");
    columns(Kind.NUMBER, "onHand");
    columns(Kind.TEXT, "at");
    columns(Kind.NUMBER, "price", "leadDays", "warrantyMonths", "wattsPerThousandCfm");
  }

  private static void columns(Kind kind, String... names) {
    Arrays.stream(names).forEach(name -> COLUMNS.put(name, kind));
  }

  /**
   * @param rows by their number in the file, the header being 1
   */
  record Read(Map<Integer, Map<String, Object>> rows, List<InputFault> faults) {}

  /** Reads what can be read, and says of every cell that cannot. */
  static Read read(List<List<String>> table) {
    List<InputFault> faults = new ArrayList<>();
    Map<Integer, Map<String, Object>> rows = new LinkedHashMap<>();
    List<String> header =
        table.isEmpty() ? List.of() : table.get(0).stream().map(String::trim).toList();
    for (String name : header) {
      if (!COLUMNS.containsKey(name)) {
        faults.add(
            new InputFault(
                "row 1",
                "found \"" + name + "\"; allowed are " + String.join(", ", COLUMNS.keySet())));
      }
    }
    if (!header.contains("id") || !header.contains("family") || !header.contains("volts")) {
      faults.add(new InputFault("row 1", "required are the columns id, family and volts"));
    }
    if (!faults.isEmpty()) {
      return new Read(rows, faults);
    }
    for (int i = 1; i < table.size(); i++) {
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
        row.put(header.get(c), cell(cells.get(c).trim(), header.get(c), i + 1, faults));
      }
      rows.put(i + 1, row);
    }
    return new Read(rows, faults);
  }

  private static @Nullable Object cell(
      String text, String column, int row, List<InputFault> faults) {
    if (text.isEmpty()) {
      return null;
    }
    String allowed;
    switch (COLUMNS.get(column)) {
      case NUMBER -> {
        Double number = number(text);
        if (number != null) {
          return number;
        }
        allowed = "a number with a decimal point";
      }
      case FLAG -> {
        String word = text.toLowerCase(Locale.ROOT);
        if (word.equals("true") || word.equals("false")) {
          return Boolean.valueOf(word);
        }
        allowed = "true or false";
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
            "row " + row + ", " + column, "found \"" + text + "\"; allowed is " + allowed));
    return null;
  }

  private static @Nullable Double number(String text) {
    try {
      return text.matches("-?\\d{1,15}(\\.\\d{1,15})?") ? (Double) Double.parseDouble(text) : null;
    } catch (NumberFormatException notOne) {
      return null;
    }
  }

  /** The header and a row a motor. */
  static List<List<String>> write(List<Map<String, Object>> motors) {
    List<List<String>> table = new ArrayList<>();
    table.add(new ArrayList<>(COLUMNS.keySet()));
    for (Map<String, Object> motor : motors) {
      table.add(COLUMNS.keySet().stream().map(name -> text(motor.get(name))).toList());
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
