package variablerotor.core.odds;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import variablerotor.core.check.Symptom;
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

  private final List<Cause> causes;
  private final List<Check> checks;

  private FamilyModel(Family family) {
    causes = causes(family.profile());
    checks =
        join(
            measured(family),
            List.of(CommonChecks.reseated(), CommonChecks.codeReturns()),
            heard());
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
      case CONSTANT_TORQUE -> withModule(command24(), List.of(CommonChecks.speedProof()));
      case CONSTANT_AIRFLOW_PARALLEL ->
          withModule(
              command24(),
              List.of(
                  FamilyChecks.voltageLink(),
                  FamilyChecks.feedback(),
                  FamilyChecks.feedbackAtBoard(),
                  CommonChecks.speedProof()));
      case CONSTANT_AIRFLOW_SERIAL ->
          withModule(
              List.of(
                  CommonChecks.line(),
                  CommonChecks.call(),
                  CommonChecks.control(),
                  FamilyChecks.serialLink(),
                  FamilyChecks.serialLinkAtBoard(),
                  CommonChecks.substituteCommand(),
                  CommonChecks.controlUnplugged()),
              List.of(FamilyChecks.voltageLink(), CommonChecks.speedProof()));
      case STAGED_CONDENSER -> withModule(command24(FamilyChecks.lineThroughDefrost()), List.of());
      case BLDC_FIVE_WIRE ->
          List.of(
              FamilyChecks.bus(),
              FamilyChecks.logic(),
              FamilyChecks.speedCommand(
                  Windows.SPEED_COMMAND,
                  "Yellow to black as a rule, fan-only call: 2 to 6.5 V DC, more is faster."),
              FamilyChecks.speedCommandAtBoard(Windows.SPEED_COMMAND),
              FamilyChecks.busUnplugged(),
              CommonChecks.call(),
              FamilyChecks.feedback(),
              FamilyChecks.feedbackAtBoard(),
              CommonChecks.idleCommand(),
              CommonChecks.controlUnplugged(),
              CommonChecks.recentlyReplaced(),
              CommonChecks.rotation(),
              CommonChecks.connector(),
              CommonChecks.shaft(),
              CommonChecks.shaftSlow(),
              CommonChecks.shaftWarm(),
              CommonChecks.shaftSound(),
              CommonChecks.wheel(),
              CommonChecks.air(),
              CommonChecks.speedSetting(),
              CommonChecks.speedProof(),
              CommonChecks.staticPressure(),
              CommonChecks.shaftWheelOff());
      case BLDC_THREE_WIRE ->
          join(
              List.of(
                  CommonChecks.line(),
                  CommonChecks.call(),
                  CommonChecks.controlUnplugged(),
                  CommonChecks.recentlyReplaced()),
              List.of(
                  CommonChecks.rotation(),
                  CommonChecks.speedSetting(),
                  CommonChecks.staticPressure()),
              mechanical(),
              windings());
      case EC_PLUG_FAN ->
          join(
              List.of(
                  CommonChecks.anyPhaseLine(),
                  FamilyChecks.aux(),
                  FamilyChecks.speedCommand(
                      Windows.PLUG_COMMAND,
                      "0 to 10 V DC at the fan's command input; it starts near 1 V."),
                  FamilyChecks.speedCommandAtBoard(Windows.PLUG_COMMAND),
                  CommonChecks.call(),
                  CommonChecks.substituteCommand(
                      "Power off to connect: the fan's own 10 V out to its command input, where"
                          + " the literature allows. Runs: the controller is at fault."),
                  CommonChecks.idleCommand(),
                  CommonChecks.controlUnplugged(),
                  FamilyChecks.feedback(),
                  FamilyChecks.feedbackAtBoard(),
                  CommonChecks.speedSetting(),
                  CommonChecks.recentlyReplaced(),
                  CommonChecks.rotation(),
                  CommonChecks.staticPressure()),
              mechanical(),
              List.of(CommonChecks.shaftWheelOff()));
      case DRIVE_FED_INDUCTION ->
          join(
              List.of(
                  CommonChecks.threePhaseLine(),
                  CommonChecks.call(),
                  FamilyChecks.speedCommand(
                      Windows.PLUG_COMMAND,
                      "The drive's speed input, 0 to 10 V DC, and its run contact."),
                  FamilyChecks.speedCommandAtBoard(Windows.PLUG_COMMAND),
                  CommonChecks.substituteCommand(
                      "Run it from the drive's own keypad, or with a jumper on its run contact"
                          + " and a set speed. Stand clear: it starts."),
                  CommonChecks.idleCommand(),
                  CommonChecks.controlUnplugged(),
                  CommonChecks.speedSetting(),
                  FamilyChecks.driveFault(),
                  FamilyChecks.driveStatus(),
                  FamilyChecks.driveOutput(),
                  FamilyChecks.bypass(),
                  CommonChecks.recentlyReplaced(),
                  CommonChecks.rotation(),
                  CommonChecks.staticPressure()),
              List.of(
                  CommonChecks.connector(),
                  CommonChecks.shaft(),
                  CommonChecks.shaftSound(),
                  CommonChecks.wheel(),
                  CommonChecks.air()),
              List.of(CommonChecks.pairs(), CommonChecks.frame(), CommonChecks.insulation()),
              List.of(CommonChecks.shaftWheelOff()));
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
            CommonChecks.staticPressure()),
        mechanical(),
        settings,
        List.of(CommonChecks.speedSetting()),
        windings(),
        List.of(CommonChecks.shaftWheelOff()));
  }

  private static List<Check> command24() {
    return command24(CommonChecks.line());
  }

  private static List<Check> command24(Check line) {
    return List.of(
        line,
        CommonChecks.call(),
        CommonChecks.control(),
        CommonChecks.commandAtBoard(),
        CommonChecks.commandAtMotor(),
        CommonChecks.substituteCommand(),
        CommonChecks.idleCommand(),
        CommonChecks.controlUnplugged());
  }

  private static List<Check> mechanical() {
    return List.of(
        CommonChecks.connector(),
        CommonChecks.shaft(),
        CommonChecks.shaftSlow(),
        CommonChecks.shaftWarm(),
        CommonChecks.shaftSound(),
        CommonChecks.wheel(),
        CommonChecks.air());
  }

  private static List<Check> heard() {
    return List.of(
        HeardChecks.answer(),
        HeardChecks.restRuns(),
        HeardChecks.lamp(),
        HeardChecks.smell(),
        HeardChecks.water());
  }

  private static List<Check> windings() {
    return List.of(
        CommonChecks.pairs(),
        CommonChecks.frame(),
        CommonChecks.shaftModuleOff(),
        CommonChecks.moduleLook(),
        CommonChecks.insulation(),
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

  /** What makes this complaint, single or as a chain of damage, and how often of a hundred. */
  public Map<List<Fault>, Double> population(Symptom symptom) {
    Map<List<Fault>, Double> population = new LinkedHashMap<>();
    for (Cause cause : causes(symptom)) {
      population.put(cause.faults(), cause.weight(symptom));
    }
    return population;
  }

  /** The causes that can make this complaint. */
  public List<Cause> causes(Symptom symptom) {
    return causes.stream().filter(cause -> cause.weight().containsKey(symptom)).toList();
  }

  /** The checks that say anything where this is the complaint. */
  public List<Check> checks(Symptom symptom) {
    return checks.stream().filter(check -> check.isFor(symptom)).toList();
  }
}
