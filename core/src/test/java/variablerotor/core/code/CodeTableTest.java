package variablerotor.core.code;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.core.chain.Suspect;
import variablerotor.core.fact.Answer;
import variablerotor.core.fact.FactValue;

class CodeTableTest {
  private static final List<String> HEADER = CodeTable.COLUMNS;
  private static final List<String> GOOD =
      List.of("Alder 2", "flashes", "4", "Fan locked", "HARNESS; BEARING module");

  @SafeVarargs
  private static CodeTable.Read read(List<String>... rows) {
    return CodeTable.read(List.of(rows));
  }

  @Test
  void aGoodRowIsRead() {
    CodeTable.Read read = read(HEADER, GOOD);
    assertTrue(read.isSound(), read.faults().toString());
    assertEquals(
        new CodeRow(
            "Alder 2",
            SignalKind.FLASHES,
            "4",
            "Fan locked",
            List.of(Suspect.HARNESS, Suspect.BEARING, Suspect.MODULE)),
        read.rows().get(0));
  }

  /**
   * In Turkish the capital of i is İ and the small letter of I is ı; the program's words are not.
   */
  @Test
  void wordsAreTheSameInEveryCountry() {
    Locale before = Locale.getDefault();
    Locale.setDefault(Locale.forLanguageTag("tr-TR"));
    try {
      List<String> shouted = HEADER.stream().map(one -> one.toUpperCase(Locale.ROOT)).toList();
      CodeTable.Read read =
          read(shouted, List.of("Birch 1", "digits", "23", "No air", "wiring;air_path;winding"));
      assertEquals(List.of("suspects"), read.faults().stream().map(f -> f.column()).toList());
      read = read(shouted, List.of("Birch 1", "digits", "23", "No air", "air_path; winding"));
      assertTrue(read.isSound(), read.faults().toString());
      assertEquals(SignalKind.DIGITS, read.rows().get(0).signal());
      assertEquals("filter blocked", new FactValue.Choice(Answer.FILTER_BLOCKED).spoken());
    } finally {
      Locale.setDefault(before);
    }
  }

  @Test
  void columnsMayComeInAnyOrder() {
    List<String> header = new ArrayList<>(HEADER);
    List<String> row = new ArrayList<>(GOOD);
    Collections.reverse(header);
    Collections.reverse(row);
    assertEquals("Alder 2", CodeTable.read(List.of(header, row)).rows().get(0).line());
  }

  @Test
  void whatIsWrittenIsReadBack() {
    List<CodeRow> rows = CodeTable.read(List.of(HEADER, GOOD)).rows();
    assertEquals(rows, CodeTable.read(CodeTable.write(rows)).rows());
  }

  @ParameterizedTest
  @CsvSource({
    "line,0,''",
    "signal,1,BLINKS",
    "pattern,2,0",
    "pattern,2,31",
    "pattern,2,four",
    "pattern,2,-1",
    "meaning,3,''",
    "suspects,4,NONE",
    "suspects,4,FAN"
  })
  void everyBadCellIsToldByRowAndColumn(String column, int place, String cell) {
    List<String> row = new ArrayList<>(GOOD);
    row.set(place, cell);
    CodeTable.Read read = CodeTable.read(List.of(HEADER, GOOD, row));
    assertEquals(3, read.faults().get(0).row());
    assertEquals(column, read.faults().get(0).column());
    assertTrue(read.faults().get(0).message().contains("allowed"), read.faults().toString());
    assertEquals(List.of(), read.rows(), "nothing is half read");
  }

  @Test
  void allFaultsAreToldAtOnce() {
    List<String> bad = List.of("", "X", "", "", "");
    CodeTable.Read read = CodeTable.read(List.of(HEADER, bad, GOOD, bad));
    assertEquals(
        List.of(2, 2, 2, 4, 4, 4), read.faults().stream().map(CodeTable.RowFault::row).toList());
  }

  @Test
  void rowsOfAnotherLengthDoublesAndMissingColumnsAreTold() {
    assertEquals(1, CodeTable.read(List.of(HEADER, List.of("a", "b"))).faults().size());
    assertTrue(
        CodeTable.read(List.of(HEADER, GOOD, GOOD)).faults().get(0).message().contains("row 2"));
    assertEquals(
        "suspects", CodeTable.read(List.of(HEADER.subList(0, 4), GOOD)).faults().get(0).column());
    assertEquals("colour", CodeTable.read(List.of(List.of("colour"))).faults().get(0).column());
    assertEquals(1, CodeTable.read(List.of()).faults().size());
    assertEquals(1, CodeTable.read(List.of(HEADER)).faults().size());
    List<List<String>> many = new ArrayList<>(Collections.nCopies(CodeTable.MOST_ROWS + 1, GOOD));
    many.add(0, HEADER);
    assertEquals(1, CodeTable.read(many).faults().size());
  }

  @ParameterizedTest
  @CsvSource(
      value = {
        "FLASHES| 07 |7",
        "DIGITS|2-3|23",
        "LONG_SHORT|2 3|23",
        "TWO_COLOURS|32|32",
        "COINCIDENCE|5: 2, 4|5:2,4",
        "COINCIDENCE|5:|5:",
        "QUANTITY|12|12",
        "DISPLAY|E6|E6",
        "STEADY|heartbeat|HEARTBEAT",
        "DIGITS|203|",
        "DIGITS|20|",
        "COINCIDENCE|5:4,2|",
        "COINCIDENCE|5:6|",
        "COINCIDENCE|5|",
        "STEADY|blinks|",
        "DISPLAY|a very long text|"
      },
      delimiter = '|')
  void patternsAreBroughtToOneForm(SignalKind kind, String typed, String kept) {
    CodeTable.Read read =
        CodeTable.readOne(
            Map.of(
                "line", "Alder", "signal", kind.name(), "pattern", typed, "meaning", "Fan locked"));
    assertEquals(
        kept == null ? List.of() : Arrays.asList(kept),
        read.rows().stream().map(CodeRow::pattern).toList());
  }
}
