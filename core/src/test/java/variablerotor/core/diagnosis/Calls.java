package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.Arrays;
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
  /** Line and command at the motor, plugs seated, and it turns. */
  public static final Object[] FED_AND_FREE = {
    "line.volts", 240, "command.volts", 25, "shaft.feel", "FREE", "connector.look", "SEATED"
  };

  /** Three pairs alike, and nothing to the frame. */
  public static final Object[] SOUND_WINDING = {
    "winding.ab",
    8,
    "winding.bc",
    8,
    "winding.ca",
    8,
    "winding.frame.a",
    "OL",
    "winding.frame.b",
    "OL",
    "winding.frame.c",
    "OL"
  };

  /** Fed, locked, and two phases touch: the failed blower of the practice values. */
  public static final Object[] FED_AND_SHORTED = {
    "line.volts",
    240,
    "command.volts",
    25,
    "connector.look",
    "SEATED",
    "shaft.feel",
    "LOCKED",
    "winding.ab",
    5.7,
    "winding.bc",
    1.6,
    "winding.ca",
    5.7
  };

  private Calls() {}

  /** One after the other. */
  public static Object[] all(Object[] first, Object... more) {
    Object[] both = Arrays.copyOf(first, first.length + more.length);
    System.arraycopy(more, 0, both, first.length, more.length);
    return both;
  }

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
