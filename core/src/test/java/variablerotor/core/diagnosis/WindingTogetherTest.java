package variablerotor.core.diagnosis;

import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** All tests of a winding speak together, cold and warm, at rest and turned. */
class WindingTogetherTest {
  static Stream<Arguments> warm() {
    return CallTable.of(
        """
        even cold, one low warm | CONSTANT_AIRFLOW_SERIAL STARTS_THEN_STOPS volts=115 moduleRemovable=true moduleSoldAlone=true | shaft.feel=FREE shaft.feel.warm=COGGING winding.ab=3 winding.bc=3 winding.ca=3 winding.warm.ab=3 winding.warm.bc=2 winding.warm.ca=3 winding.frame.a=OL winding.frame.b=OL winding.frame.c=OL | winding FAULTY; decided WINDING; settled REPLACE_MOTOR
        even cold, two low warm | CONSTANT_TORQUE STARTS_THEN_STOPS | winding.ab=9 winding.bc=9 winding.ca=9 winding.warm.ab=7 winding.warm.bc=10 winding.warm.ca=7 | winding FAULTY; picture TURN_SHORT; phases A; decided WINDING; settled REPLACE_MOTOR
        even cold, open warm | CONSTANT_TORQUE INTERMITTENT | winding.ab=9 winding.bc=9 winding.ca=9 winding.warm.ab=OL winding.warm.bc=OL winding.warm.ca=10 | winding FAULTY; picture OPEN_PHASE; phases B; decided WINDING; settled REPLACE_MOTOR
        even cold, even warm | CONSTANT_TORQUE STARTS_THEN_STOPS | winding.ab=9 winding.bc=9 winding.ca=9 winding.warm.ab=10.5 winding.warm.bc=10.5 winding.warm.ca=10.6 | winding SOUND; not decided
        even cold, open warm through the drive's cable | DRIVE_FED_INDUCTION STARTS_THEN_STOPS | winding.ab=4 winding.bc=4 winding.ca=4 winding.warm.ab=OL winding.warm.bc=OL winding.warm.ca=4.5 | not decided; leads WINDING HARNESS
        it stands still now, and reads open warm | CONSTANT_TORQUE NO_RUN | winding.ab=9 winding.bc=9 winding.ca=9 winding.warm.ab=OL winding.warm.bc=OL winding.warm.ca=10 | winding FAULTY; decided WINDING; settled REPLACE_MOTOR
        little air, and one low warm | CONSTANT_TORQUE LOW_AIRFLOW | winding.ab=9 winding.bc=9 winding.ca=9 winding.warm.ab=10 winding.warm.bc=6 winding.warm.ca=10 | winding FAULTY; decided WINDING
        warm pairs with one missing | CONSTANT_TORQUE STARTS_THEN_STOPS | winding.ab=9 winding.bc=9 winding.ca=9 winding.warm.ab=7 winding.warm.bc=10 | winding SOUND; not decided
        """);
  }

  static Stream<Arguments> turned() {
    return CallTable.of(
        """
        pairs near the limit, uneven back-EMF, cogs | CONSTANT_TORQUE NO_RUN volts=208-230 moduleRemovable=true moduleSoldAlone=true | winding.ab=0.55 winding.bc=0.55 winding.ca=0.62 meter.count_ohms=0.01 shaft.feel.module_off=COGGING emf.ab=11.0 emf.bc=11.1 emf.ca=14.0 | winding FAULTY; phases B; leads WINDING; decided WINDING; settled REPLACE_MOTOR
        no pairs, uneven back-EMF, cogs | STAGED_CONDENSER NO_RUN | shaft.feel.module_off=COGGING emf.ab=9 emf.bc=14 emf.ca=9.1 | winding FAULTY; phases A; decided WINDING
        uneven back-EMF and a free rotor | CONSTANT_TORQUE NO_RUN | shaft.feel.module_off=FREE emf.ab=9 emf.bc=14 emf.ca=9.1 | not decided
        even pairs, uneven back-EMF, cogs | CONSTANT_TORQUE NO_RUN | winding.ab=6 winding.bc=6 winding.ca=6 shaft.feel.module_off=COGGING emf.ab=9 emf.bc=14 emf.ca=9.1 | winding FAULTY; phases A; decided WINDING
        cogs with everything even | CONSTANT_TORQUE NO_RUN | winding.ab=6 winding.bc=6 winding.ca=6 shaft.feel.module_off=COGGING emf.ab=20 emf.bc=20 emf.ca=20 | not decided
        """);
  }

  static Stream<Arguments> oneLow() {
    return CallTable.of(
        """
        58, 5.0, 57 | CONSTANT_AIRFLOW_PARALLEL STARTS_THEN_STOPS moduleRemovable=true moduleSoldAlone=true | winding.ab=58 winding.bc=5.0 winding.ca=57 winding.frame.a=OL winding.frame.b=OL winding.frame.c=OL | winding FAULTY; pictures PHASE_TO_PHASE_SHORT HIGH_JOINT; names WINDING
        9, 7, 9 | CONSTANT_TORQUE NO_RUN | winding.ab=9 winding.bc=7 winding.ca=9 | winding FAULTY; pictures PHASE_TO_PHASE_SHORT HIGH_JOINT
        9, 7, 9 and it cogs, module off | CONSTANT_TORQUE NO_RUN | winding.ab=9 winding.bc=7 winding.ca=9 shaft.feel.module_off=COGGING | winding FAULTY; picture PHASE_TO_PHASE_SHORT
        9, 7, 9 and it turns free | CONSTANT_TORQUE NO_RUN | winding.ab=9 winding.bc=7 winding.ca=9 shaft.feel.module_off=FREE emf.ab=14 emf.bc=14 emf.ca=14 | picture HIGH_JOINT
        uneven at the motor, and it turns free | CONSTANT_TORQUE NO_RUN moduleRemovable=true moduleSoldAlone=false | line.volts=240 command.volts=25 connector.look=SEATED shaft.feel=FREE winding.ab=9 winding.bc=3 winding.ca=9 | pictures PHASE_TO_PHASE_SHORT HIGH_JOINT; leads WINDING; settled REPLACE_MOTOR
        9, 3, 9 with a known 3 | CONSTANT_TORQUE NO_RUN | winding.ab=9 winding.bc=3 winding.ca=9 winding.reference=3 | picture HIGH_JOINT
        9, 3, 9 with a known 10.5 | CONSTANT_TORQUE NO_RUN | winding.ab=9 winding.bc=3 winding.ca=9 winding.reference=10.5 | picture PHASE_TO_PHASE_SHORT
        """);
  }

  @ParameterizedTest
  @MethodSource("warm")
  void warmHold(CallTable.Call call) {
    CallTable.holds(call);
  }

  @ParameterizedTest
  @MethodSource("turned")
  void turnedHold(CallTable.Call call) {
    CallTable.holds(call);
  }

  @ParameterizedTest
  @MethodSource("oneLow")
  void oneLowHold(CallTable.Call call) {
    CallTable.holds(call);
  }
}
