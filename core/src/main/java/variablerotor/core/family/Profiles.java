package variablerotor.core.family;

import static variablerotor.core.family.Fault.*;
import static variablerotor.core.family.Terminal.board;
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
          SAFETY_OPEN,
          BOARD_STUCK,
          FAN_SWITCH_ON,
          HARNESS_PIN,
          SETTING_SPEED,
          SETTING_ROTATION,
          BEARING_SEIZED,
          BEARING_DRAG,
          BEARING_NOISY,
          BEARING_WARM,
          WHEEL_JAMMED,
          WHEEL_RUBBING,
          WHEEL_LOOSE,
          WHEEL_DIRTY,
          AIR_BLOCKED,
          DUCTS_BLOCKED,
          NOTHING,
          UNLISTED);

  private static final Set<Fault> LINE = EnumSet.of(SUPPLY_LINE_LOST);
  private static final Set<Fault> LOW_VOLTAGE = EnumSet.of(CONTROL_POWER);

  /** Where the unit's own 24 V transformer feeds board and command, and is measured. */
  private static final Set<Fault> TRANSFORMER = EnumSet.of(CONTROL_SAGS, SETTING_TAP);

  private static final Set<Fault> COMMAND = EnumSet.of(BOARD_SILENT, HARNESS_OPEN);

  /** Only where a wire can feed the motor by itself. */
  private static final Set<Fault> CROSSED = EnumSet.of(HARNESS_CROSSED);

  /** Electronics of its own, with a plug that water can reach. */
  private static final Set<Fault> ELECTRONICS =
      EnumSet.of(
          MODULE_DEAD, MODULE_STUCK_ON, MODULE_OUTPUT_SHORTED, MODULE_FADING, HARNESS_CORRODED);

  private static final Set<Fault> WINDINGS =
      EnumSet.of(
          WINDING_OPEN,
          WINDING_SHORT,
          WINDING_JOINT,
          WINDING_FRAME,
          WINDING_WARM_SHORT,
          WINDING_WARM_OPEN);

  /** Only magnets make a few shorted turns felt; elsewhere a slight short is a short. */
  private static final Set<Fault> MAGNETS = EnumSet.of(WINDING_SLIGHT_SHORT, MAGNETS_WEAK);

  private static final Set<Fault> FEEDBACK = EnumSet.of(MODULE_MUTE, HARNESS_FEEDBACK);
  private static final Set<Fault> SPEED_PROOF = EnumSet.of(SETTING_SPEED_PROOF);
  private static final Set<Fault> LINK = EnumSet.of(BOARD_NO_TALK);
  private static final Set<Fault> VOLTAGE_LINK = EnumSet.of(SETTING_LINK);
  private static final Set<Fault> BUS =
      EnumSet.of(
          BOARD_NO_BUS,
          BOARD_NO_LOGIC,
          MODULE_PULLS_DOWN,
          MODULE_PULLS_LOGIC,
          HARNESS_BUS,
          HARNESS_GROUND);
  private static final Set<Fault> DRIVE =
      EnumSet.of(DRIVE_DEAD, DRIVE_STUCK_ON, SETTING_DRIVE, SETTING_TRIP);

  /** Contactor and defrost contact stand in the line of an outdoor fan. */
  private static final Set<Fault> OUTDOOR =
      EnumSet.of(CONTACTOR_OPEN, DEFROST_STUCK, HELD_OFF_BY_DEFROST);

  private static final Set<Fault> MOTOR_LEADS_ON_THE_WAY =
      EnumSet.of(HARNESS_LEAD, HARNESS_CHAFED, HARNESS_TOUCHING);
  private static final Set<Fault> OWN_TEN_VOLTS = EnumSet.of(AUX_PULLED_DOWN);

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
    LEADS.put(FactType.WINDING_WARM_AB, new Probe("A", "B"));
    LEADS.put(FactType.WINDING_WARM_BC, new Probe("B", "C"));
    LEADS.put(FactType.WINDING_WARM_CA, new Probe("C", "A"));
    LEADS.put(FactType.EMF_AB, new Probe("A", "B"));
    LEADS.put(FactType.EMF_BC, new Probe("B", "C"));
    LEADS.put(FactType.EMF_CA, new Probe("C", "A"));
    LEADS.put(FactType.WINDING_FRAME_A, new Probe("A", "FRAME"));
    LEADS.put(FactType.WINDING_FRAME_B, new Probe("B", "FRAME"));
    LEADS.put(FactType.WINDING_FRAME_C, new Probe("C", "FRAME"));
    LEADS.put(FactType.WINDING_INSULATION, new Probe("A", "FRAME"));
  }

  /** Where the unit's own 24 V supply is measured. */
  private static final Terminal[] BOARD_24V = {
    board("R24", "24 V at the board"),
    board("C24", "24 V common at the board"),
    board("H1", "Transformer, line 1"),
    board("H2", "Transformer, line 2")
  };

  private static final Map<FactType, Probe> BOARD_PROBES =
      Map.of(
          FactType.CONTROL_VOLTS, new Probe("R24", "C24"),
          FactType.CONTROL_VOLTS_LOADED, new Probe("R24", "C24"),
          FactType.TRANSFORMER_PRIMARY, new Probe("H1", "H2"));

  private static final Terminal[] MOTOR_LEADS = {
    lead("A", "Lead A"), lead("B", "Lead B"), lead("C", "Lead C"), lead("FRAME", "Bare frame")
  };

  static final FamilyProfile CONSTANT_TORQUE =
      FamilyProfile.profile(Family.CONSTANT_TORQUE, Command.VOLTS_24)
          .canHave(EVERYWHERE, LINE, LOW_VOLTAGE, TRANSFORMER, COMMAND, CROSSED)
          .canHave(SPEED_PROOF, VOLTAGE_LINK, ELECTRONICS, WINDINGS, MAGNETS)
          .made115()
          .terminals(
              power("L1", "Line", "black"),
              power("L2", "Line or neutral", "white"),
              power("LINK", "115 V link, where it has one", ""),
              power("G", "Ground", "green"),
              control("COM", "24 V common", ""),
              control("TAP", "Tap in use", ""))
          .terminals(BOARD_24V)
          .terminals(MOTOR_LEADS)
          .probes(BOARD_PROBES)
          .probes(SINGLE_PHASE)
          .probe(FactType.COMMAND_VOLTS, "TAP", "COM")
          .probe(FactType.COMMAND_VOLTS_MOTOR_IDLE, "TAP", "COM")
          .probes(LEADS)
          .build();

  static final FamilyProfile CONSTANT_AIRFLOW_PARALLEL =
      FamilyProfile.profile(Family.CONSTANT_AIRFLOW_PARALLEL, Command.VOLTS_24)
          .canHave(EVERYWHERE, LINE, LOW_VOLTAGE, TRANSFORMER, COMMAND, CROSSED, FEEDBACK)
          .canHave(SPEED_PROOF, VOLTAGE_LINK, ELECTRONICS, WINDINGS, MAGNETS)
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
          .terminals(BOARD_24V)
          .terminals(MOTOR_LEADS)
          .probes(BOARD_PROBES)
          .probes(SINGLE_PHASE)
          .probe(FactType.COMMAND_VOLTS, "CALL", "COM")
          .probe(FactType.COMMAND_VOLTS_MOTOR_IDLE, "CALL", "COM")
          .probe(FactType.FEEDBACK_HERTZ, "FB", "COM")
          .probes(LEADS)
          .build();

  static final FamilyProfile CONSTANT_AIRFLOW_SERIAL =
      FamilyProfile.profile(Family.CONSTANT_AIRFLOW_SERIAL, Command.MESSAGES)
          .canHave(EVERYWHERE, LINE, LOW_VOLTAGE, TRANSFORMER, COMMAND, LINK)
          .canHave(SPEED_PROOF, VOLTAGE_LINK, ELECTRONICS, WINDINGS, MAGNETS)
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
          .terminals(BOARD_24V)
          .terminals(MOTOR_LEADS)
          .probes(BOARD_PROBES)
          .probes(SINGLE_PHASE)
          .probe(FactType.LINK_VOLTS, "V", "COM")
          .probes(LEADS)
          .build();

  static final FamilyProfile STAGED_CONDENSER =
      FamilyProfile.profile(Family.STAGED_CONDENSER, Command.VOLTS_24)
          .canHave(EVERYWHERE, LINE, LOW_VOLTAGE, TRANSFORMER, COMMAND, CROSSED)
          .canHave(ELECTRONICS, WINDINGS, MAGNETS, OUTDOOR)
          .title(Suspect.SUPPLY, "Contactor, defrost")
          .terminals(
              power("L1", "Line", "black"),
              power("L2", "Line", "red"),
              power("G", "Ground", "green"),
              control("COM", "24 V common", ""),
              control("TAP", "Stage in use", ""))
          .terminals(board("T1", "Contactor, load 1"), board("T2", "Contactor, load 2"))
          .terminals(BOARD_24V)
          .terminals(MOTOR_LEADS)
          .probe(FactType.CONTACTOR_VOLTS, "T1", "T2")
          .probes(BOARD_PROBES)
          .probes(SINGLE_PHASE)
          .probe(FactType.COMMAND_VOLTS, "TAP", "COM")
          .probe(FactType.COMMAND_VOLTS_MOTOR_IDLE, "TAP", "COM")
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
              power("GND", "Bus negative, not earth", "black"),
              control("VCC", "Logic supply", "white"),
              control("VSP", "Speed command", "yellow"),
              control("FB", "Speed pulses", "blue"))
          .probe(FactType.BUS_VOLTS, "BUS", "GND")
          .probe(FactType.BUS_VOLTS_BOARD, "BUS", "GND")
          .probe(FactType.BUS_VOLTS_UNPLUGGED, "BUS", "GND")
          .probe(FactType.LOGIC_VOLTS, "VCC", "GND")
          .probe(FactType.LOGIC_VOLTS_UNPLUGGED, "VCC", "GND")
          .probe(FactType.COMMAND_VOLTS, "VSP", "GND")
          .probe(FactType.COMMAND_VOLTS_MOTOR_IDLE, "VSP", "GND")
          .probe(FactType.FEEDBACK_HERTZ, "FB", "GND")
          .build();

  /**
   * The driver sits on the board: a silent board is a dead module here. The pairs are measured at
   * the board's plug, through the wires, so an open wire reads as an open phase.
   */
  static final FamilyProfile BLDC_THREE_WIRE =
      FamilyProfile.profile(Family.BLDC_THREE_WIRE, Command.PHASES)
          .canHave(EVERYWHERE, LINE, ELECTRONICS, WINDINGS, MAGNETS, MOTOR_LEADS_ON_THE_WAY)
          .title(Suspect.MODULE, "Board's driver")
          .title(Suspect.COMMAND, "Call")
          .spoken(Suspect.MODULE, "the board's driver")
          .spareElectronics("An outdoor board, if the van has one")
          .terminals(
              power("L1", "Line at the unit", "black"), power("L2", "Line at the unit", "red"))
          .terminals(MOTOR_LEADS)
          .probes(SINGLE_PHASE)
          .probes(LEADS)
          .probe(FactType.WINDING_JOINT_AB, "A", "B")
          .probe(FactType.WINDING_JOINT_BC, "B", "C")
          .probe(FactType.WINDING_JOINT_CA, "C", "A")
          .probe(FactType.WINDING_JOINT_FRAME_A, "A", "FRAME")
          .probe(FactType.WINDING_JOINT_FRAME_B, "B", "FRAME")
          .probe(FactType.WINDING_JOINT_FRAME_C, "C", "FRAME")
          .build();

  static final FamilyProfile EC_PLUG_FAN =
      FamilyProfile.profile(Family.EC_PLUG_FAN, Command.ZERO_TO_TEN)
          .canHave(EVERYWHERE, LINE, LOW_VOLTAGE, COMMAND, CROSSED, FEEDBACK, ELECTRONICS)
          .canHave(OWN_TEN_VOLTS)
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
          .probe(FactType.AUX_VOLTS_UNLOADED, "10V", "COM")
          .probe(FactType.COMMAND_VOLTS, "IN", "COM")
          .probe(FactType.COMMAND_VOLTS_MOTOR_IDLE, "IN", "COM")
          .probe(FactType.FEEDBACK_HERTZ, "FB", "COM")
          .build();

  static final FamilyProfile DRIVE_FED_INDUCTION =
      FamilyProfile.profile(Family.DRIVE_FED_INDUCTION, Command.ZERO_TO_TEN)
          .canHave(EVERYWHERE, LINE, LOW_VOLTAGE, COMMAND, CROSSED, DRIVE, WINDINGS)
          .canHave(MOTOR_LEADS_ON_THE_WAY)
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
          .probe(FactType.COMMAND_VOLTS_MOTOR_IDLE, "IN", "COM")
          .probes(LEADS)
          .probe(FactType.WINDING_JOINT_AB, "A", "B")
          .probe(FactType.WINDING_JOINT_BC, "B", "C")
          .probe(FactType.WINDING_JOINT_CA, "C", "A")
          .probe(FactType.WINDING_JOINT_FRAME_A, "A", "FRAME")
          .probe(FactType.WINDING_JOINT_FRAME_B, "B", "FRAME")
          .probe(FactType.WINDING_JOINT_FRAME_C, "C", "FRAME")
          .probe(FactType.DRIVE_UNLOADED_AB, "A", "B")
          .probe(FactType.DRIVE_UNLOADED_BC, "B", "C")
          .probe(FactType.DRIVE_UNLOADED_CA, "C", "A")
          .probe(FactType.DRIVE_OUTPUT_AB, "A", "B")
          .probe(FactType.DRIVE_OUTPUT_BC, "B", "C")
          .probe(FactType.DRIVE_OUTPUT_CA, "C", "A")
          .build();
}
