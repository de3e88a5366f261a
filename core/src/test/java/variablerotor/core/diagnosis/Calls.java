package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import variablerotor.core.check.Situation;
import variablerotor.core.check.Symptom;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.FactParser;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.Family;

/** Calls for tests, written as a technician would note them: id, value, id, value. */
public final class Calls {
  private Calls() {}

  public static List<Fact> facts(Object... pairs) {
    List<Fact> facts = new ArrayList<>();
    for (int i = 0; i < pairs.length; i += 2) {
      FactType type = FactType.ofId((String) pairs[i]);
      Object value =
          pairs[i + 1] instanceof Integer whole ? (Object) whole.doubleValue() : pairs[i + 1];
      try {
        facts.add(new Fact(type, FactParser.parse(type, value)));
      } catch (FactParser.Refused refused) {
        throw new IllegalArgumentException(refused.getMessage(), refused);
      }
    }
    return facts;
  }

  public static Diagnosis torque(Symptom symptom, Object... pairs) {
    return torque(symptom, facts(pairs));
  }

  public static Diagnosis torque(Symptom symptom, List<Fact> facts) {
    return Engine.diagnose(Situation.of(Family.CONSTANT_TORQUE, symptom, Facts.of(facts)));
  }
}
