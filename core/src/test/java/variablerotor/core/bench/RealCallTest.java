package variablerotor.core.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Situation;
import variablerotor.core.check.Symptom;
import variablerotor.core.fact.Answer;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.FactValue;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.Family;
import variablerotor.core.winding.Ohms;

@DisplayName("An ended call to practise on")
class RealCallTest {
  private static Map<FactType, FactValue> shortedWinding() {
    Map<FactType, FactValue> read = new EnumMap<>(FactType.class);
    read.put(FactType.LINE_VOLTS, new FactValue.Quantity(243));
    read.put(FactType.SHAFT_FEEL, new FactValue.Choice(Answer.COGGING));
    read.put(FactType.WINDING_AB, new FactValue.Resistance(new Ohms(11.2)));
    read.put(FactType.WINDING_BC, new FactValue.Resistance(new Ohms(4.1)));
    read.put(FactType.WINDING_CA, new FactValue.Resistance(new Ohms(11.3)));
    return read;
  }

  private static RealCall call(List<Suspect> found, Map<FactType, FactValue> read) {
    return new RealCall(Family.CONSTANT_TORQUE, Symptom.NO_RUN, "208-230", found, read);
  }

  private static SimulatedMotor machine(RealCall call) {
    return Objects.requireNonNull(call.machine(7));
  }

  @Test
  @DisplayName("reads as it was read, and else as such a fault would")
  void reads() {
    SimulatedMotor machine = machine(call(List.of(Suspect.WINDING), shortedWinding()));
    assertEquals(new FactValue.Quantity(243), machine.truth(FactType.LINE_VOLTS));
    assertEquals(new FactValue.Resistance(new Ohms(4.1)), machine.truth(FactType.WINDING_BC));
    assertEquals(List.of(Suspect.WINDING), machine.hidden().suspects());
    assertEquals("208-230", machine.plateVolts());
    // Nobody felt it with the module off: a shorted winding drags there, too.
    FactValue off = machine.truth(FactType.SHAFT_FEEL_MODULE_OFF);
    assertNotNull(off);
    assertFalse(off.equals(new FactValue.Choice(Answer.FREE)), off.spoken());
  }

  @Test
  @DisplayName("is told at the end as what somebody found, and never as more")
  void told() {
    SimulatedMotor machine = machine(call(List.of(Suspect.WINDING), shortedWinding()));
    List<Fact> facts = List.of(new Fact(FactType.LINE_VOLTS, new FactValue.Quantity(243)));
    Situation situation = Situation.of(Family.CONSTANT_TORQUE, Symptom.NO_RUN, Facts.of(facts));
    assertEquals(
        "On the call that this was, somebody found the winding.",
        Debrief.of(machine, situation, facts).truth());
  }

  @Test
  @DisplayName("has no words of the shop in it, and nothing that could not be read")
  void nameless() {
    Map<FactType, FactValue> read = shortedWinding();
    read.put(FactType.CODE, new FactValue.Code("Weir line", "E4", "ask Mr Reed", null));
    read.put(FactType.WHEEL_LOOK, new FactValue.Untold(FactValue.Untold.Why.CANNOT_SEE));
    read.put(FactType.CODE_SUSPECTS, new FactValue.Names(List.of("WINDING")));
    RealCall call = call(List.of(Suspect.WINDING), read);
    assertEquals(new FactValue.Code(null, "E4", null, null), call.readings().get(FactType.CODE));
    assertNull(call.readings().get(FactType.WHEEL_LOOK));
    assertNull(call.readings().get(FactType.CODE_SUSPECTS));
  }

  @Test
  @DisplayName("is none where no machine can be given what it was")
  void none() {
    assertNull(call(List.of(Suspect.OTHER), shortedWinding()).machine(7));
    assertNull(call(List.of(Suspect.NONE), shortedWinding()).machine(7));
    assertNull(call(List.of(Suspect.WHEEL, Suspect.MODULE), shortedWinding()).machine(7));
    assertNotNull(call(List.of(Suspect.WINDING, Suspect.MODULE), shortedWinding()).machine(7));
  }
}
