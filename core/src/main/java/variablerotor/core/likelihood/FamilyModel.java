package variablerotor.core.likelihood;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import variablerotor.core.check.Symptom;
import variablerotor.core.fact.FactType;
import variablerotor.core.family.Family;
import variablerotor.core.family.FamilyProfile;
import variablerotor.core.family.Fault;
import variablerotor.core.signal.Windows;

/**
 * What is known of one family: the causes that its profile lets it have, and the checks that tell
 * them apart. A new family is a line of checks here, beside its profile; the machinery does not
 * change.
 */
public final class FamilyModel {
  private static final MadeOnce<Family, FamilyModel> MODELS =
      new MadeOnce<>(Family.class, FamilyModel::new);

  private final FamilyProfile profile;
  private final List<Cause> causes;
  private final List<Check> checks;

  private FamilyModel(Family family) {
    profile = family.profile();
    causes = causes(family.profile());
    checks =
        join(
            measured(family),
            List.of(
                CommonChecks.reseated(),
                CommonChecks.airCleared(),
                CommonChecks.wheelMended(),
                CommonChecks.setRight(),
                CommonChecks.codeReturns()),
            heard(family));
  }

  /** Every cause of which each fault is one that the family can have. */
  private static List<Cause> causes(FamilyProfile profile) {
    List<Cause> causes = new ArrayList<>(CommonCauses.list());
    causes.addAll(CommonCauses.extras());
    if (profile.holdsAirflow()) {
      causes.addAll(CommonCauses.overwork());
    }
    causes.removeIf(cause -> !profile.faults().containsAll(cause.faults()));
    return List.copyOf(causes);
  }

  /** The checks of a family, by station and state; without those that every family has. */
  private static List<Check> measured(Family family) {
    return switch (family) {
      case CONSTANT_TORQUE ->
          withModule(
              command24(
                  CommonChecks.line(),
                  CommonChecks.call(),
                  CommonChecks.substituteCommand(),
                  false),
              List.of(FamilyChecks.voltageLink(), CommonChecks.speedProof()));
      case CONSTANT_AIRFLOW_PARALLEL ->
          withModule(
              command24(
                  CommonChecks.line(),
                  CommonChecks.call(),
                  CommonChecks.substituteCallInput(),
                  true),
              List.of(
                  FamilyChecks.voltageLink(),
                  FamilyChecks.feedback(),
                  FamilyChecks.feedbackAtBoard(),
                  CommonChecks.commandKind(),
                  FamilyChecks.dutyCycle(),
                  CommonChecks.speedProof()));
      case CONSTANT_AIRFLOW_SERIAL ->
          withModule(
              join(
                  List.of(CommonChecks.line(), CommonChecks.call()),
                  controlSide(),
                  List.of(
                      CommonChecks.control(),
                      CommonChecks.controlLoaded(),
                      CommonChecks.transformerPrimary(),
                      FamilyChecks.serialLink(),
                      FamilyChecks.serialLinkAtBoard(),
                      CommonChecks.substituteMessages(),
                      CommonChecks.controlUnplugged())),
              List.of(FamilyChecks.voltageLink(), CommonChecks.speedProof()));
      case STAGED_CONDENSER ->
          withModule(
              join(
                  command24(
                      FamilyChecks.lineThroughDefrost(),
                      FamilyChecks.callFromIndoors(),
                      CommonChecks.substituteBehindContactor(),
                      false),
                  List.of(
                      FamilyChecks.contactor(),
                      FamilyChecks.contactorLook(),
                      FamilyChecks.defrostContact(),
                      FamilyChecks.defrostActive())),
              List.of());
      case BLDC_FIVE_WIRE ->
          join(
              List.of(
                  FamilyChecks.bus(),
                  FamilyChecks.logic(),
                  FamilyChecks.speedCommand(
                      Windows.SPEED_COMMAND,
                      "the fan's end",
                      "Yellow to black as a rule, which is bus negative and never earth. Fan-only call:"
                          + " 2 to 6.5 V DC, more is faster.",
                      true),
                  CommonChecks.commandKind(),
                  FamilyChecks.dutyCycle(),
                  FamilyChecks.speedCommandAtBoard(Windows.SPEED_COMMAND, true),
                  FamilyChecks.commandAfterReset(Windows.SPEED_COMMAND),
                  FamilyChecks.busUnplugged(),
                  FamilyChecks.busAtBoard(),
                  FamilyChecks.logicUnplugged(),
                  CommonChecks.call(),
                  FamilyChecks.feedback(),
                  FamilyChecks.feedbackAtBoard(),
                  CommonChecks.idleCommand(),
                  CommonChecks.idleAtMotor(),
                  CommonChecks.speedWireOut(),
                  CommonChecks.recentlyReplaced(),
                  CommonChecks.rotation(),
                  CommonChecks.speedSetting(),
                  CommonChecks.speedProof(),
                  CommonChecks.staticPressure()),
              controlSide(),
              mechanical(CommonChecks.onePlug(), CommonChecks.shaft()),
              List.of(CommonChecks.shaftUnplugged(), CommonChecks.shaftWheelOff(true)));
      case BLDC_THREE_WIRE ->
          join(
              List.of(
                  CommonChecks.line(),
                  CommonChecks.call(),
                  CommonChecks.boardUncalled(),
                  CommonChecks.recentlyReplaced()),
              controlSide(),
              List.of(
                  CommonChecks.rotation(),
                  CommonChecks.speedSetting(),
                  CommonChecks.staticPressure(),
                  CommonChecks.amps()),
              mechanical(CommonChecks.shaft()),
              List.of(FamilyChecks.pairsThroughHarness("board"), FamilyChecks.pairsAtJoint()),
              besidePairs(
                  true,
                  FamilyChecks.frameThroughHarness(),
                  FamilyChecks.insulationThroughHarness()),
              List.of(FamilyChecks.frameAtJoint()),
              List.of(CommonChecks.shaftWheelOff(true)));
      case EC_PLUG_FAN ->
          join(
              List.of(
                  CommonChecks.anyPhaseLine(),
                  FamilyChecks.aux(),
                  FamilyChecks.auxUnloaded(),
                  FamilyChecks.auxAtBoard(),
                  FamilyChecks.alarmRelay(),
                  FamilyChecks.speedCommandOfFan(
                      "0 to 10 V DC at the fan's command input; it starts near 1 V."),
                  CommonChecks.commandKind(),
                  FamilyChecks.dutyCycle(),
                  FamilyChecks.currentLoop(),
                  FamilyChecks.speedCommandAtBoard(Windows.PLUG_COMMAND, false, true),
                  CommonChecks.call(),
                  CommonChecks.substituteCommand(
                      "Power off to connect: the fan's own 10 V out to its command input, where"
                          + " the literature allows. Runs: the controller is at fault."),
                  CommonChecks.idleCommand(),
                  CommonChecks.idleAtMotor(),
                  CommonChecks.controlUnplugged(),
                  FamilyChecks.feedback(),
                  FamilyChecks.feedbackAtBoard(),
                  CommonChecks.speedSetting(),
                  CommonChecks.recentlyReplaced(),
                  CommonChecks.rotation(),
                  CommonChecks.staticPressure(),
                  CommonChecks.amps()),
              controlSide(),
              mechanical(CommonChecks.shaft()),
              List.of(CommonChecks.shaftUnplugged(), CommonChecks.shaftWheelOff(true)));
      case DRIVE_FED_INDUCTION ->
          join(
              List.of(
                  CommonChecks.threePhaseLine(),
                  FamilyChecks.callAtDrive(),
                  FamilyChecks.speedCommand(
                      Windows.PLUG_COMMAND,
                      "the drive's input",
                      "The drive's speed input, 0 to 10 V DC, and its run contact.",
                      false),
                  CommonChecks.commandKind(),
                  FamilyChecks.dutyCycle(),
                  FamilyChecks.currentLoop(),
                  FamilyChecks.speedCommandAtBoard(Windows.PLUG_COMMAND, false),
                  CommonChecks.substituteCommand(
                      "Run it from the drive's own keypad, or with a jumper on its run contact"
                          + " and a set speed. Stand clear: it starts."),
                  CommonChecks.idleCommand(),
                  CommonChecks.idleAtMotor(),
                  CommonChecks.controlUnplugged(),
                  CommonChecks.speedSetting(),
                  FamilyChecks.driveFault(),
                  FamilyChecks.driveReset(),
                  FamilyChecks.driveStatus(),
                  FamilyChecks.drivePermits(),
                  FamilyChecks.driveOutput(),
                  FamilyChecks.driveUnloaded(),
                  FamilyChecks.bypass(),
                  CommonChecks.recentlyReplaced(),
                  CommonChecks.rotation(),
                  CommonChecks.staticPressure(),
                  CommonChecks.amps()),
              controlSide(),
              List.of(
                  CommonChecks.connector(),
                  CommonChecks.wires(),
                  CommonChecks.shaftWithoutMagnets(),
                  CommonChecks.shaftSound(),
                  CommonChecks.wheel(),
                  CommonChecks.wheelDirt(),
                  CommonChecks.air()),
              List.of(
                  FamilyChecks.pairsThroughHarness("drive"),
                  FamilyChecks.pairsAtJoint(),
                  CommonChecks.warmPairs(true),
                  FamilyChecks.frameThroughHarness(),
                  FamilyChecks.frameAtJoint(),
                  FamilyChecks.insulationThroughHarness()),
              List.of(CommonChecks.shaftWheelOff(false)));
      case PSC -> throw new IllegalArgumentException(family + " is not covered yet");
    };
  }

  /** A family with a module that comes off, and windings to measure. */
  private static List<Check> withModule(List<Check> signals, List<Check> settings) {
    return join(
        signals,
        List.of(
            CommonChecks.recentlyReplaced(),
            CommonChecks.rotation(),
            CommonChecks.staticPressure(),
            CommonChecks.amps()),
        mechanical(CommonChecks.shaft()),
        settings,
        CommonChecks.platesOfModule(),
        List.of(CommonChecks.speedSetting()),
        List.of(CommonChecks.pairs()),
        besidePairs(false, CommonChecks.frame(), CommonChecks.insulation()),
        List.of(CommonChecks.shaftWheelOff(true)));
  }

  /**
   * @param proves whether the board waits for a speed signal, and takes the command away without
   */
  private static List<Check> command24(Check line, Check call, Check substitute, boolean proves) {
    return join(
        List.of(line, call),
        controlSide(),
        List.of(
            CommonChecks.control(),
            CommonChecks.controlLoaded(),
            CommonChecks.transformerPrimary(),
            CommonChecks.commandAtBoard(proves),
            CommonChecks.commandAfterReset(),
            CommonChecks.commandAtMotor(proves),
            substitute,
            CommonChecks.idleCommand(),
            CommonChecks.idleAtMotor(),
            CommonChecks.controlUnplugged()));
  }

  /** What stands before the board. */
  private static List<Check> controlSide() {
    return List.of(
        CommonChecks.thermostat(),
        CommonChecks.fanSwitch(),
        CommonChecks.safety(),
        CommonChecks.protection());
  }

  private static List<Check> mechanical(Check shaft) {
    return mechanical(CommonChecks.connector(), shaft);
  }

  private static List<Check> mechanical(Check plugs, Check shaft) {
    return List.of(
        plugs,
        CommonChecks.wires(),
        shaft,
        CommonChecks.shaftSlow(),
        CommonChecks.shaftWarm(),
        CommonChecks.shaftSound(),
        CommonChecks.wheel(),
        CommonChecks.wheelDirt(),
        CommonChecks.air());
  }

  private static List<Check> heard(Family family) {
    boolean serial = family == Family.CONSTANT_AIRFLOW_SERIAL;
    return List.of(
        HeardChecks.answer(),
        HeardChecks.restRuns(),
        serial ? HeardChecks.lampOfLink() : HeardChecks.lamp(),
        HeardChecks.smell(),
        HeardChecks.water());
  }

  /**
   * What tells of a winding beside its pairs.
   *
   * @param throughWires whether it is measured along the motor's wires
   */
  private static List<Check> besidePairs(boolean throughWires, Check frame, Check insulation) {
    return List.of(
        CommonChecks.warmPairs(throughWires),
        frame,
        CommonChecks.shaftModuleOff(),
        CommonChecks.dragJoined(),
        CommonChecks.moduleLook(),
        insulation,
        CommonChecks.emf());
  }

  @SafeVarargs
  private static <T> List<T> join(List<T>... parts) {
    List<T> all = new ArrayList<>();
    for (List<T> part : parts) {
      all.addAll(part);
    }
    return List.copyOf(all);
  }

  /** Whether this family can be diagnosed. */
  public static boolean covers(Family family) {
    return family.isVariableSpeed();
  }

  /**
   * @throws IllegalArgumentException for a family that is not covered
   */
  public static FamilyModel of(Family family) {
    return MODELS.get(family);
  }

  /** Every check of the family, by station and state as listed. */
  public List<Check> checks() {
    return checks;
  }

  /**
   * What usually makes this complaint, single or as a chain of damage, and how often of a hundred.
   */
  public Map<List<Fault>, Double> population(Symptom symptom) {
    Map<List<Fault>, Double> population = new LinkedHashMap<>();
    for (Cause cause : causes) {
      if (cause.weight().containsKey(symptom)) {
        population.put(cause.faults(), cause.weight(symptom));
      }
    }
    return population;
  }

  /** Every cause under this complaint, what nobody listed among them. */
  public List<Cause> causes(Symptom symptom) {
    return CommonCauses.openWorld(causes, profile.faults(), symptom);
  }

  /** The checks whose answers say something where this is the complaint. */
  public List<Check> checks(Symptom symptom) {
    return checks.stream().filter(check -> check.tellsUnder(symptom)).toList();
  }

  /** Whether a check of this family takes such a fact, or something else of it reads it. */
  public boolean uses(FactType type) {
    return checks.stream().anyMatch(check -> check.facts().contains(type));
  }
}
