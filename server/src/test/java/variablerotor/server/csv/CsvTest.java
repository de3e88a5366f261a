package variablerotor.server.csv;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import variablerotor.core.casefile.InputFault;
import variablerotor.server.web.Refused;

/** Tables that people open in a spreadsheet. */
class CsvTest {
  @ParameterizedTest
  @ValueSource(
      strings = {
        "=1+1", "x;=1+1", "x; @sum", "x\t-cmd", "a;b", "+cmd", "-2+3", "@sum", "\tx", "'=1", "''@x",
        "'plain", "-5", "+3.5", "", "a=b", "'"
      })
  void whatASpreadsheetWouldRunIsMarkedAndReadsBackTheSame(String cell) {
    String text = Csv.write(List.of(List.of(cell, "x")));
    assertEquals(List.of(List.of(cell, "x")), Csv.read(text).rows());
    assertFalse(
        "=+-@\t".indexOf(text.charAt(text.charAt(0) == '"' ? 1 : 0)) >= 0
            && !cell.matches("[-+][0-9.]+"),
        text);
  }

  /** Where semicolons part cells, an unquoted one would be two, and the second would be run. */
  @Test
  void whatPartsCellsElsewhereIsQuoted() {
    String csv = Csv.write(List.of(List.of("name", "price"), List.of("x;=1+1", "5")));
    assertEquals("\"name\",\"price\"\r\n\"'x;=1+1\",\"5\"\r\n", csv);
    assertEquals(
        "name,price\r\nx,5\r\n", Csv.write(List.of(List.of("name", "price"), List.of("x", "5"))));
  }

  @Test
  void numbersStayNumbers() {
    assertTrue(Csv.write(List.of(List.of("-5", "+3.5"))).startsWith("-5,+3.5"));
  }

  /** A megabyte of commas is a million cells: counted, and never made. */
  @ParameterizedTest
  @ValueSource(strings = {",", ",\"", "\",\",", "a\",", ";", "\r,"})
  void moreCellsThanAnyTableHasAreTurnedAway(String piece) {
    String much = "number" + piece + "\r\n" + piece.repeat(1_000_000 / piece.length());
    assertThrows(Refused.class, () -> new Columns("number").texts("number").read(Csv.read(much)));
  }

  @ParameterizedTest
  @ValueSource(strings = {"a,b\n1,2\n\"open,3\n", "a,b\n1,2\n\"x\"y,3\n"})
  void brokenQuotesAreToldByTheirRow(String csv) {
    InputFault fault = assertThrows(Refused.class, () -> Csv.read(csv)).faults().get(0);
    assertEquals("row 3", fault.path());
    assertFalse(fault.message().contains("xception"), fault.message());
  }

  @Test
  void manyRowsAreTurnedAway() {
    Refused refused = assertThrows(Refused.class, () -> Csv.read("a\n".repeat(500_000)));
    assertEquals("row", refused.faults().get(0).path());
  }

  @Test
  void whatIsQuotedIsNoCell() {
    String meaning = "\"" + "x, ".repeat(150) + "\"\"said\"\"\"";
    assertEquals(2, Csv.read("a,b\r\n1," + meaning).rows().get(1).size());
  }

  /** However much is wrong, what is told of it stays small. */
  @Test
  void faultsAreToldUpToABound() {
    String rows = ("x".repeat(5000) + "\n").repeat(200) + "no\n".repeat(15_000);
    Columns.Read read = new Columns("count").numbers("count").read(Csv.read("count\n" + rows));
    List<InputFault> told = Refused.fields(read.faults()).faults();
    assertEquals(201, told.size());
    assertEquals("and more of the kind: mend these first", told.get(200).message());
    assertTrue(told.stream().allMatch(one -> one.message().length() < 120), told.toString());
  }
}
