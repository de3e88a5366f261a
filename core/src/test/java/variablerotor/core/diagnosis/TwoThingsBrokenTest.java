package variablerotor.core.diagnosis;

import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Where two things are broken, both are named and both are mended. */
class TwoThingsBrokenTest {
  static Stream<Arguments> calls() {
    return CallTable.of(
        """
        the 115 V link in on 240 V, burnt | CONSTANT_TORQUE NO_RUN volts=115/208-230 moduleRemovable=true moduleSoldAlone=false | replaced.recently=true line.volts=240 link.voltage_jumper=IN module.look=BURNT look.smell=BURNT | names MODULE; names SETTING; also CHANGE_SETTING; settled REPLACE_MOTOR
        the same of a many-way motor sold alone | CONSTANT_AIRFLOW_PARALLEL NO_RUN volts=115/208-230 moduleRemovable=true moduleSoldAlone=true | line.volts=240 link.voltage_jumper=IN module.look=BURNT shaft.feel=FREE winding.ab=8 winding.bc=8 winding.ca=8 winding.frame.a=OL winding.frame.b=OL winding.frame.c=OL | names MODULE; names SETTING; also CHANGE_SETTING; settled REPLACE_MODULE
        the link out on 120 V, nothing burnt | CONSTANT_TORQUE NO_RUN volts=115/208-230 | line.volts=120 link.voltage_jumper=OUT | leads SETTING; not proved MODULE; settled CHANGE_SETTING; next run.set_right
        shorted winding and burnt module | CONSTANT_TORQUE NO_RUN volts=208-230 moduleRemovable=true moduleSoldAlone=true | winding.ab=6 winding.bc=9 winding.ca=6 module.look=BURNT shaft.feel.module_off=COGGING | names WINDING; names MODULE; settled REPLACE_MOTOR
        winding to frame and bulged capacitor | CONSTANT_AIRFLOW_PARALLEL TRIPS_PROTECTION volts=208-230 moduleRemovable=true moduleSoldAlone=true | winding.ab=9 winding.bc=9 winding.ca=9 winding.frame.a=200 winding.frame.b=205 winding.frame.c=205 module.look=BULGED_CAPACITOR | names WINDING; names MODULE; settled REPLACE_MOTOR
        bulged capacitor and grinding bearing | CONSTANT_AIRFLOW_PARALLEL NO_RUN volts=208-230 moduleRemovable=true moduleSoldAlone=true | module.look=BULGED_CAPACITOR shaft.sound=GRINDS | names MODULE; names BEARING
        drive with line, fault and no output, reset in vain | DRIVE_FED_INDUCTION NO_RUN volts=208 | line.volts.ab=209 line.volts.bc=210 line.volts.ca=209 call.present=true drive.fault=true drive.output.ab=0 drive.output.bc=0 drive.output.ca=0 drive.reset=COMES_BACK drive.output.unloaded.ab=0 drive.output.unloaded.bc=0 drive.output.unloaded.ca=0 | leads DRIVE
        drive uneven with the motor's leads off | DRIVE_FED_INDUCTION NO_RUN volts=208 | line.volts.ab=209 line.volts.bc=210 line.volts.ca=209 drive.output.unloaded.ab=207 drive.output.unloaded.bc=91 drive.output.unloaded.ca=117 | decided DRIVE; asks winding.pairs
        drive uneven, leads off, and a shorted motor | DRIVE_FED_INDUCTION NO_RUN volts=208 | line.volts.ab=209 line.volts.bc=210 line.volts.ca=209 drive.output.unloaded.ab=207 drive.output.unloaded.bc=91 drive.output.unloaded.ca=117 winding.joint.ab=3 winding.joint.bc=5 winding.joint.ca=3 winding.ab=3 winding.bc=5 winding.ca=3 | names DRIVE; names WINDING; also REPLACE_DRIVE REPLACE_MOTOR
        blocked filter and dead module | CONSTANT_AIRFLOW_PARALLEL NO_RUN volts=208-230 moduleRemovable=true moduleSoldAlone=true | line.volts=240 command.volts=25 shaft.feel=FREE connector.look=SEATED winding.ab=8 winding.bc=8 winding.ca=8 winding.frame.a=OL winding.frame.b=OL winding.frame.c=OL air.look=FILTER_BLOCKED | names MODULE; settled REPLACE_MODULE; also CLEAR_AIR_PATH
        """);
  }

  @ParameterizedTest
  @MethodSource("calls")
  void callsHold(CallTable.Call call) {
    CallTable.holds(call);
  }
}
