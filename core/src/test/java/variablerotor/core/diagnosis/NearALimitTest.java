package variablerotor.core.diagnosis;

import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** A value just past a limit, or still inside it, proves nothing alone. */
class NearALimitTest {
  static Stream<Arguments> insulation() {
    return CallTable.of(
        """
        4.9 at 40 degrees | CONSTANT_TORQUE NO_RUN moduleRemovable=true moduleSoldAlone=true | winding.ab=6 winding.bc=6 winding.ca=6 winding.insulation=4.9 winding.celsius=40 | not decided; open; winding UNCERTAIN; says ry it
        2.6 at 40 degrees | CONSTANT_AIRFLOW_PARALLEL TRIPS_PROTECTION | winding.ab=6 winding.bc=6 winding.ca=6 winding.insulation=2.6 winding.celsius=40 | not decided; open; winding UNCERTAIN
        3 in a condenser fan at 45 degrees | STAGED_CONDENSER NO_RUN | winding.insulation=3 winding.celsius=45 | not decided; open; not proved WINDING
        0.3 at 40 degrees | CONSTANT_TORQUE NO_RUN | winding.ab=6 winding.bc=6 winding.ca=6 winding.insulation=0.3 winding.celsius=40 | decided WINDING; winding FAULTY
        over range | CONSTANT_TORQUE NO_RUN | winding.ab=6 winding.bc=6 winding.ca=6 winding.insulation=OL | winding SOUND
        """);
  }

  static Stream<Arguments> tap() {
    return CallTable.of(
        """
        208 V on the 240 tap | CONSTANT_TORQUE NO_RUN volts=208-230 | line.volts=208 transformer.primary.volts=208 control.volts=20.8 | not decided; open; also CHANGE_SETTING; not leads SUPPLY
        a dead module on the 240 tap | CONSTANT_TORQUE NO_RUN volts=208-230 moduleRemovable=true moduleSoldAlone=true | line.volts=207 transformer.primary.volts=207 control.volts=20.6 command.volts=20.4 shaft.feel=FREE connector.look=SEATED winding.ab=8 winding.bc=8 winding.ca=8 winding.frame.a=OL winding.frame.b=OL winding.frame.c=OL | decided MODULE; settled REPLACE_MODULE; also CHANGE_SETTING
        too little as soon as all is asked | CONSTANT_TORQUE NO_RUN volts=208-230 | line.volts=208 transformer.primary.volts=208 control.volts=20.7 control.volts.loaded=16.1 command.volts=16 | leads SETTING COMMAND; not proved MODULE
        set right, and it runs | CONSTANT_TORQUE NO_RUN volts=208-230 | line.volts=208 transformer.primary.volts=208 control.volts=20.7 run.set_right=RUNS | decided SETTING; settled CHANGE_SETTING
        """);
  }

  static Stream<Arguments> pairs() {
    return CallTable.of(
        """
        3.1, 3.1, 3.0 | CONSTANT_TORQUE NO_RUN | winding.ab=3.1 winding.bc=3.1 winding.ca=3.0 | winding SOUND; picture BALANCED
        2.9, 3.0, 3.0 | STAGED_CONDENSER NO_RUN | winding.ab=2.9 winding.bc=3.0 winding.ca=3.0 | winding SOUND
        8.7, 10, 8.7 is a quarter of a phase | CONSTANT_TORQUE NO_RUN | winding.ab=8.7 winding.bc=10 winding.ca=8.7 meter.count_ohms=0.01 | winding UNCERTAIN
        0.9, 0.9, 1.0 with a tenth a count | CONSTANT_TORQUE NO_RUN | winding.ab=0.9 winding.bc=0.9 winding.ca=1.0 | winding UNCERTAIN
        22, 21, 22 | CONSTANT_TORQUE NO_RUN | winding.ab=22 winding.bc=21 winding.ca=22 | winding SOUND
        """);
  }

  @ParameterizedTest
  @MethodSource("insulation")
  void insulationHold(CallTable.Call call) {
    CallTable.holds(call);
  }

  @ParameterizedTest
  @MethodSource("tap")
  void tapHold(CallTable.Call call) {
    CallTable.holds(call);
  }

  @ParameterizedTest
  @MethodSource("pairs")
  void pairsHold(CallTable.Call call) {
    CallTable.holds(call);
  }
}
