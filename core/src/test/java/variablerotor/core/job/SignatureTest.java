package variablerotor.core.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is drawn on a screen goes into papers as it is: it is a path, and nothing else. */
class SignatureTest {
  @ParameterizedTest
  @ValueSource(strings = {"M0 0L1 1", "M10 20L30 40L50 60M1 2L3 4", "M0 0L1000 300"})
  void strokesAreMovesAndLines(String path) {
    assertTrue(Signature.isPath(path));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "M1 2",
        "L1 2",
        "M1 2M3 4L5 6",
        "M1 2L3 4M5 6",
        "M1 2L3",
        "M1 2L3 ",
        "M1,2L3 4",
        "M1 2L-3 4",
        "M1 2L30000 4",
        "M1 2L3 4Z",
        "M1 2L3 4\"/><script>",
        "m1 2l3 4",
        " M1 2L3 4"
      })
  void nothingElseIs(String path) {
    assertFalse(Signature.isPath(path));
  }

  /** As long as it may be, and no longer; read without a depth of calls. */
  @Test
  void itsLengthIsBounded() {
    String line = "L1234 1234";
    String most = "M1 2" + line.repeat((Signature.LONGEST - 4) / line.length());
    assertTrue(Signature.isPath(most));
    assertFalse(Signature.isPath(most + line));
    assertEquals(4 + 1999 * line.length(), most.length());
  }
}
