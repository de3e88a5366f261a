package variablerotor.json;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import variablerotor.core.job.Correction;
import variablerotor.core.job.Corrections;
import variablerotor.core.job.Particulars;

/**
 * What is told is corrected in the page, too, while no server answers: both are held against the
 * same changes, in {@code corrections.json}. The page's half is {@code corrections.spec.ts}.
 */
class CorrectionVectorsTest {
  @TestFactory
  List<DynamicTest> comesToTheSameHereAsInThePage() throws Exception {
    Map<?, ?> shared =
        (Map<?, ?>)
            Json.read(Files.readString(Path.of("../core/src/test/resources/corrections.json")));
    Particulars told = Particulars.read(shared.get("told"));
    List<DynamicTest> tests = new ArrayList<>();
    for (Object one : (List<?>) shared.get("cases")) {
      Map<?, ?> vector = (Map<?, ?>) one;
      List<Correction> changes = new ArrayList<>();
      for (Object change : (List<?>) vector.get("changes")) {
        Map<?, ?> said = (Map<?, ?>) change;
        changes.add(new Correction((String) said.get("field"), said.get("was"), said.get("now")));
      }
      tests.add(
          DynamicTest.dynamicTest(
              (String) vector.get("name"),
              () -> {
                assertEquals(List.of(), Corrections.disputed(told, changes));
                assertEquals(
                    Particulars.read(vector.get("after")), Corrections.onto(told, changes));
              }));
    }
    return tests;
  }
}
