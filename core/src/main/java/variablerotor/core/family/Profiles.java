package variablerotor.core.family;

import static variablerotor.core.family.Fault.*;
import static variablerotor.core.family.Terminal.control;
import static variablerotor.core.family.Terminal.lead;
import static variablerotor.core.family.Terminal.power;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import variablerotor.core.chain.Suspect;
import variablerotor.core.fact.FactType;

/** The eight families. Common practice throughout; the unit's own literature rules. */
final class Profiles {
  private Profiles() {}

  private static final Set<Fault> EVERYWHERE =
      EnumSet.of(
          SUPPLY_OFF,
          SUPPLY_OUT_OF_RANGE,
          NO_CALL,
          BOARD_STUCK,
          HARNESS_PIN,
          SETTING_SPEED,
          SETTING_ROTATION,
          BEARING_SEIZED,
          BEARING_DRAG,
          BEARING_NOISY,
          WHEEL_JAMMED,
          WHEEL_RUBBING,
          WHEEL_LOOSE,
          AIR_BLOCKED,
          NOTHING);

  private static final Set<Fault> LINE = EnumSet.of(SUPPLY_LINE_LOST);
  private static final Set<Fault> LOW_VOLTAGE = EnumSet.of(CONTROL_POWER);
  private static final Set<Fault> COMMAND = EnumSet.of(BOARD_SILENT, HARNESS_OPEN);

  /** Only where a wire can feed the motor by itself. */
  private static final Set<Fault> CROSSED = EnumSet.of(HARNESS_CROSSED);

  /** Electronics of its own, with a plug that water can reach. */
  private static final Set<Fault> ELECTRONICS =
      EnumSet.of(
          MODULE_DEAD, MODULE_STUCK_ON, MODULE_OUTPUT_SHORTED, MODULE_FADING, HARNESS_CORRODED);

  private static final Set<Fault> WINDINGS =
      EnumSet.of(WINDING_OPEN, WINDING_SHORT, WINDING_JOINT, WINDING_FRAME, WINDING_WARM_SHORT);

  /** Only magnets make a few shorted turns felt; elsewhere a slight short is a short. */
  private static final Set<Fault> SLIGHT_SHORT = EnumSet.of(WINDING_SLIGHT_SHORT);

  private static final Set<Fault> FEEDBACK = EnumSet.of(MODULE_MUTE, HARNESS_FEEDBACK);
  private static final Set<Fault> SPEED_PROOF = EnumSet.of(SETTING_SPEED_PROOF);
  private static final Set<Fault> VOLTAGE_LINK = EnumSet.of(SETTING_LINK);
  private static final Set<Fault> BUS = EnumSet.of(BOARD_NO_BUS, BOARD_NO_LOGIC, MODULE_PULLS_DOWN);
  private static final Set<Fault> DRIVE = EnumSet.of(DRIVE_DEAD, DRIVE_STUCK_ON, SETTING_DRIVE);

  private static final Map<FactType, Probe> SINGLE_PHASE =
      Map.of(FactType.LINE_VOLTS, new Probe("L1", "L2"));

  private static final Map<FactType, Probe> THREE_PHASES = new EnumMap<>(FactType.class);

  private static final Map<FactType, Probe> LEADS = new EnumMap<>(FactType.class);

  static {
    THREE_PHASES.put(FactType.LINE_VOLTS_AB, new Probe("L1", "L2"));
    THREE_PHASES.put(FactType.LINE_VOLTS_BC, new Probe("L2", "L3"));
    THREE_PHASES.put(FactType.LINE_VOLTS_CA, new Probe("L3", "L1"));
    LEADS.put(FactType.WINDING_AB, new Probe("A", "B"));
    LEADS.put(FactType.WINDING_BC, new Probe("B", "C"));
    LEADS.put(FactType.WINDING_CA, new Probe("C", "A"));
    LEADS.put(FactType.EMF_AB, new Probe("A", "B"));
    LEADS.put(FactType.EMF_BC, new Probe("B", "C"));
    LEADS.put(FactType.EMF_CA, new Probe("C", "A"));
    LEADS.put(FactType.WINDING_FRAME_A, new Probe("A", "FRAME"));
    LEADS.put(FactType.WINDING_FRAME_B, new Probe("B", "FRAME"));
    LEADS.put(FactType.WINDING_FRAME_C, new Probe("C", "FRAME"));
    LEADS.put(FactType.WINDING_INSULATION, new Probe("A", "FRAME"));
  }

  private static final Terminal[] MOTOR_LEADS = {
    lead("A", "Lead A"), lead("B", "Lead B"), lead("C", "Lead C"), lead("FRAME", "Bare frame")
  };

  static final FamilyProfile CONSTANT_TORQUE =
      FamilyProfile.profile(Family.CONSTANT_TORQUE, Command.VOLTS_24)
          .canHave(EVERYWHERE, LINE, LOW_VOLTAGE, COMMAND, CROSSED)
          .canHave(SPEED_PROOF, ELECTRONICS, WINDINGS, SLIGHT_SHORT)
          .made115()
          .terminals(
              power("L1", "Line", "black"),
              power("L2", "Line or neutral", "white"),
              power("G", "Ground", "green"),
              control("COM", "24 V common", ""),
              control("TAP", "Tap in use", ""))
          .terminals(MOTOR_LEADS)
          .probes(SINGLE_PHASE)
          .probe(FactType.COMMAND_VOLTS, "TAP", "COM")
          .probes(LEADS)
          .build();

  static final FamilyProfile CONSTANT_AIRFLOW_PARALLEL =
      FamilyProfile.profile(Family.CONSTANT_AIRFLOW_PARALLEL, Command.VOLTS_24)
          .canHave(EVERYWHERE, LINE, LOW_VOLTAGE, COMMAND, CROSSED, FEEDBACK)
          .canHave(SPEED_PROOF, VOLTAGE_LINK, ELECTRONICS, WINDINGS, SLIGHT_SHORT)
          .made115()
          .holdsAirflow()
          .spareElectronics("A module programmed for this unit, if the van has one")
          .terminals(
              power("L1", "Line", "black"),
              power("L2", "Line or neutral", "white"),
              power("LINK", "115 V link", ""),
              power("G", "Ground", "green"),
              control("COM", "24 V common", ""),
              control("CALL", "Call input", ""),
              control("FB", "Speed pulses", ""))
          .terminals(MOTOR_LEADS)
          .probes(SINGLE_PHASE)
          .probe(FactType.COMMAND_VOLTS, "CALL", "COM")
          .probe(FactType.FEEDBACK_HERTZ, "FB", "COM")
          .probes(LEADS)
          .build();

  static final FamilyProfile CONSTANT_AIRFLOW_SERIAL =
      FamilyProfile.profile(Family.CONSTANT_AIRFLOW_SERIAL, Command.MESSAGES)
          .canHave(EVERYWHERE, LINE, LOW_VOLTAGE, COMMAND)
          .canHave(SPEED_PROOF, VOLTAGE_LINK, ELECTRONICS, WINDINGS, SLIGHT_SHORT)
          .title(Suspect.HARNESS, "Serial cable")
          .made115()
          .holdsAirflow()
          .spareElectronics("A module programmed for this unit, if the van has one")
          .terminals(
              power("L1", "Line", "black"),
              power("L2", "Line or neutral", "white"),
              power("G", "Ground", "green"),
              control("V", "Link supply", "red"),
              control("TX", "Message out", ""),
              control("RX", "Message in", ""),
              control("COM", "Link common", "black"))
          .terminals(MOTOR_LEADS)
          .probes(SINGLE_PHASE)
          .probe(FactType.LINK_VOLTS, "V", "COM")
          .probes(LEADS)
          .build();

  static final FamilyProfile STAGED_CONDENSER =
      FamilyProfile.profile(Family.STAGED_CONDENSER, Command.VOLTS_24)
          .canHave(EVERYWHERE, LINE, LOW_VOLTAGE, COMMAND, CROSSED)
          .canHave(ELECTRONICS, WINDINGS, SLIGHT_SHORT)
          .title(Suspect.SUPPLY, "Contactor, defrost")
          .terminals(
              power("L1", "Line", "black"),
              power("L2", "Line", "red"),
              power("G", "Ground", "green"),
              control("COM", "24 V common", ""),
              control("TAP", "Stage in use", ""))
          .terminals(MOTOR_LEADS)
          .probes(SINGLE_PHASE)
          .probe(FactType.COMMAND_VOLTS, "TAP", "COM")
          .probes(LEADS)
          .build();

  static final FamilyProfile BLDC_FIVE_WIRE =
      FamilyProfile.profile(Family.BLDC_FIVE_WIRE, Command.SPEED_VOLTS)
          .canHave(EVERYWHERE, COMMAND, CROSSED, FEEDBACK, BUS)
          .canHave(SPEED_PROOF, ELECTRONICS)
          .title(Suspect.SUPPLY, "DC bus")
          .title(Suspect.MODULE, "Motor electronics")
          .spoken(Suspect.MODULE, "the motor's electronics")
          .replacedWhole()
          .polePairs(4)
          .terminals(
              power("BUS", "DC bus", "red"),
              power("GND", "Ground", "black"),
              control("VCC", "Logic supply", "white"),
              control("VSP", "Speed command", "yellow"),
              control("FB", "Speed pulses", "blue"))
          .probe(FactType.BUS_VOLTS, "BUS", "GND")
          .probe(FactType.LOGIC_VOLTS, "VCC", "GND")
          .probe(FactType.COMMAND_VOLTS, "VSP", "GND")
          .probe(FactType.FEEDBACK_HERTZ, "FB", "GND")
          .build();

  /**
   * The driver sits on the board: a silent board is a dead module here. The pairs are measured at
   * the board's plug, through the wires, so an open wire reads as an open phase.
   */
  static final FamilyProfile BLDC_THREE_WIRE =
      FamilyProfile.profile(Family.BLDC_THREE_WIRE, Command.PHASES)
          .canHave(EVERYWHERE, LINE, ELECTRONICS, WINDINGS, SLIGHT_SHORT)
          .title(Suspect.MODULE, "Board's driver")
          .title(Suspect.COMMAND, "Call")
          .spoken(Suspect.MODULE, "the board's driver")
          .spareElectronics("An outdoor board, if the van has one")
          .terminals(
              power("L1", "Line at the unit", "black"), power("L2", "Line at the unit", "red"))
          .terminals(MOTOR_LEADS)
          .probes(SINGLE_PHASE)
          .probes(LEADS)
          .build();

  static final FamilyProfile EC_PLUG_FAN =
      FamilyProfile.profile(Family.EC_PLUG_FAN, Command.ZERO_TO_TEN)
          .canHave(EVERYWHERE, LINE, LOW_VOLTAGE, COMMAND, CROSSED, FEEDBACK, ELECTRONICS)
          .title(Suspect.COMMAND, "Controller")
          .title(Suspect.MODULE, "Fan electronics")
          .spoken(Suspect.COMMAND, "the call or the controller")
          .spoken(Suspect.MODULE, "the fan's electronics")
          .threePhase()
          .replacedWhole()
          .terminals(
              power("L1", "Phase 1", ""),
              power("L2", "Phase 2", ""),
              power("L3", "Phase 3", ""),
              power("G", "Ground", "green"),
              control("10V", "10 V supply out", ""),
              control("IN", "Command in, 0-10 V", ""),
              control("COM", "Signal common", ""),
              control("FB", "Speed pulses", ""))
          .probes(SINGLE_PHASE)
          .probes(THREE_PHASES)
          .probe(FactType.AUX_VOLTS, "10V", "COM")
          .probe(FactType.COMMAND_VOLTS, "IN", "COM")
          .probe(FactType.FEEDBACK_HERTZ, "FB", "COM")
          .build();

  static final FamilyProfile DRIVE_FED_INDUCTION =
      FamilyProfile.profile(Family.DRIVE_FED_INDUCTION, Command.ZERO_TO_TEN)
          .canHave(EVERYWHERE, LINE, LOW_VOLTAGE, COMMAND, CROSSED, DRIVE, WINDINGS)
          .title(Suspect.COMMAND, "Controller")
          .title(Suspect.WINDING, "Motor windings")
          .spoken(Suspect.COMMAND, "the call or the controller")
          .threePhase()
          .withoutMagnets()
          .terminals(
              power("L1", "Phase in 1", ""),
              power("L2", "Phase in 2", ""),
              power("L3", "Phase in 3", ""),
              control("IN", "Speed in, 0-10 V", ""),
              control("COM", "Signal common", ""),
              control("RUN", "Run contact", ""))
          .terminals(MOTOR_LEADS)
          .probes(THREE_PHASES)
          .probe(FactType.COMMAND_VOLTS, "IN", "COM")
          .probes(LEADS)
          .probe(FactType.DRIVE_OUTPUT_AB, "A", "B")
          .probe(FactType.DRIVE_OUTPUT_BC, "B", "C")
          .probe(FactType.DRIVE_OUTPUT_CA, "C", "A")
          .build();
}
