package variablerotor.cli;

import java.util.List;
import java.util.Map;
import variablerotor.core.casefile.CaseFile;
import variablerotor.core.casefile.CaseReader;
import variablerotor.core.casefile.DiagnosisWriter;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.diagnosis.Engine;
import variablerotor.core.diagnosis.FamilyModel;
import variablerotor.core.winding.WindingFigures;

/** {@code rotor diagnose}: from a case to its diagnosis. */
final class Diagnose {
  private Diagnose() {}

  static Object answer(Object tree) throws InputFaults {
    CaseFile file = CaseReader.read(tree);
    if (!FamilyModel.covers(file.motor().family())) {
      throw new InputFaults(
          List.of(
              new InputFault(
                  "motor.family",
                  "found " + file.motor().family() + "; this family is not covered yet")));
    }
    Map<String, Object> answer =
        DiagnosisWriter.write(
            Engine.diagnose(file.situation(WindingFigures.BALANCE_LIMIT.value())));
    @SuppressWarnings("unchecked")
    List<Object> warnings = (List<Object>) answer.get("warnings");
    for (String field : file.unknownFields()) {
      warnings.add(
          DiagnosisWriter.warning("UNKNOWN_FIELD", field + " is not a field of this format."));
    }
    return answer;
  }
}
