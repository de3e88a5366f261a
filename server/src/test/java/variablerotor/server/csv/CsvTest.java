package variablerotor.server.csv;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Tables that people open in a spreadsheet. */
class CsvTest {
  @ParameterizedTest
  @ValueSource(
      strings = {
        "=1+1", "+cmd", "-2+3", "@sum", "\tx", "'=1", "''@x", "'plain", "-5", "+3.5", "", "a=b", "'"
      })
  void whatASpreadsheetWouldRunIsMarkedAndReadsBackTheSame(String cell) {
    String text = Csv.write(List.of(List.of(cell, "x")));
    assertEquals(List.of(List.of(cell, "x")), Csv.read(text).rows());
    assertFalse(
        "=+-@\t".indexOf(text.charAt(text.charAt(0) == '"' ? 1 : 0)) >= 0
            && !cell.matches("[-+][0-9.]+"),
        text);
  }

  @Test
  void numbersStayNumbers() {
    assertTrue(Csv.write(List.of(List.of("-5", "+3.5"))).startsWith("-5,+3.5"));
  }
}
