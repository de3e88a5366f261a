package variablerotor.json;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import variablerotor.core.casefile.InputFaults;

class NotJsonTest {
  static Stream<String> texts() {
    return Stream.of(
        "{",
        "[1,",
        "\"open",
        "{\"a\":}",
        "{\"a\":NaN}",
        "{\"a\":+1}",
        "{\"a\":.5}",
        "{\"a\":1.}",
        "{\"a\":01}",
        "{a:1}",
        "{'a':1}",
        "[1,]",
        "[1 2]",
        "[1] [2]",
        "\"\t\"",
        "\"\\q\"",
        "{\"a\":1,\"a\":2}",
        "// told\n1",
        "nul",
        "]",
        "[".repeat(5_000),
        "1".repeat(5_000));
  }

  @ParameterizedTest
  @MethodSource("texts")
  void isToldWithoutTheReadersOwnNames(String text) {
    InputFaults faults = assertThrows(InputFaults.class, () -> Json.read(text));
    String told = faults.faults().get(0).message();
    assertTrue(told.matches("not JSON( at line \\d+, column \\d+)?: .*\\w.*"), told);
    assertFalse(
        told.matches("(?s).*(`|[a-z]\\.[A-Z]|[A-Z]\\w+\\.[a-z]|[a-z]Exception|Source:).*"), told);
  }
}
