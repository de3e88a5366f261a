package variablerotor.core.diagnosis;

import static variablerotor.core.diagnosis.Fault.*;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import variablerotor.core.signal.Family;
import variablerotor.core.signal.Windows;

/**
 * What is known of one family: the causes that it can have and the checks that tell them apart. A
 * new family is a new list here; the machinery does not change.
 */
public final class FamilyModel {
  private static final Map<Family, FamilyModel> MODELS = new EnumMap<>(Family.class);

  /** What a motor with its electronics inside cannot be parted into. */
  private static final Set<Fault> WHOLE_MOTOR =
      EnumSet.of(
          WINDING_OPEN,
          WINDING_SHORT,
          WINDING_SLIGHT_SHORT,
          WINDING_JOINT,
          WINDING_FRAME,
          WINDING_WARM_SHORT);

  /** Signals that another family has. */
  private static final Set<Fault> FIVE_WIRE_ONLY =
      EnumSet.of(BOARD_NO_BUS, BOARD_NO_LOGIC, MODULE_PULLS_DOWN);

  /** Faults of a speed signal back to the board. */
  private static final Set<Fault> FEEDBACK = EnumSet.of(MODULE_MUTE, HARNESS_FEEDBACK);

  private static final Set<Fault> DRIVE_ONLY =
      EnumSet.of(DRIVE_DEAD, DRIVE_STUCK_ON, SETTING_DRIVE);

  private static final Set<Fault> MODULE_FAULTS =
      EnumSet.of(MODULE_DEAD, MODULE_STUCK_ON, MODULE_OUTPUT_SHORTED, MODULE_FADING);

  static {
    put(
        Family.CONSTANT_TORQUE,
        without(FIVE_WIRE_ONLY, DRIVE_ONLY, FEEDBACK, EnumSet.of(SETTING_LINK)),
        command24(),
        List.of(CommonChecks.speedProof()));
    put(
        Family.CONSTANT_AIRFLOW_PARALLEL,
        join(without(FIVE_WIRE_ONLY, DRIVE_ONLY), CommonCauses.overwork()),
        command24(),
        List.of(
            FamilyChecks.voltageLink(),
            FamilyChecks.feedback(),
            FamilyChecks.feedbackAtBoard(),
            CommonChecks.speedProof()));
    put(
        Family.CONSTANT_AIRFLOW_SERIAL,
        join(
            without(FIVE_WIRE_ONLY, DRIVE_ONLY, FEEDBACK, EnumSet.of(HARNESS_CROSSED)),
            CommonCauses.overwork()),
        List.of(
            CommonChecks.line(),
            CommonChecks.call(),
            CommonChecks.control(),
            FamilyChecks.serialLink(),
            FamilyChecks.serialLinkAtBoard(),
            CommonChecks.substituteCommand(),
            CommonChecks.controlUnplugged()),
        List.of(FamilyChecks.voltageLink(), CommonChecks.speedProof()));
    put(
        Family.STAGED_CONDENSER,
        without(
            FIVE_WIRE_ONLY, DRIVE_ONLY, FEEDBACK, EnumSet.of(SETTING_LINK, SETTING_SPEED_PROOF)),
        command24(FamilyChecks.lineThroughDefrost()),
        List.of());
    MODELS.put(
        Family.BLDC_FIVE_WIRE,
        new FamilyModel(
            without(
                WHOLE_MOTOR, DRIVE_ONLY, EnumSet.of(SUPPLY_LINE_LOST, CONTROL_POWER, SETTING_LINK)),
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
                CommonChecks.shaftWheelOff())));
    MODELS.put(
        Family.BLDC_THREE_WIRE,
        new FamilyModel(
            // The driver sits on the board: a silent board is a dead module here. The pairs are
            // measured at the board's plug, through the wires, so an open wire reads as an open
            // phase.
            without(
                FIVE_WIRE_ONLY,
                DRIVE_ONLY,
                FEEDBACK,
                EnumSet.of(
                    BOARD_SILENT,
                    CONTROL_POWER,
                    HARNESS_OPEN,
                    HARNESS_CROSSED,
                    SETTING_LINK,
                    SETTING_SPEED_PROOF)),
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
                windings())));
    MODELS.put(
        Family.EC_PLUG_FAN,
        new FamilyModel(
            without(
                WHOLE_MOTOR,
                FIVE_WIRE_ONLY,
                DRIVE_ONLY,
                EnumSet.of(SETTING_LINK, SETTING_SPEED_PROOF)),
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
                List.of(CommonChecks.shaftWheelOff()))));
    MODELS.put(
        Family.DRIVE_FED_INDUCTION,
        new FamilyModel(
            // No magnets: the hand does not feel shorted turns here, and a slight short is a short.
            without(
                MODULE_FAULTS,
                FIVE_WIRE_ONLY,
                FEEDBACK,
                EnumSet.of(SETTING_LINK, SETTING_SPEED_PROOF, WINDING_SLIGHT_SHORT)),
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
                List.of(CommonChecks.shaftWheelOff()))));
  }

  /** A family with a 24 V or serial command, a module that comes off, and windings to measure. */
  private static void put(
      Family family, List<Cause> causes, List<Check> signals, List<Check> settings) {
    MODELS.put(
        family,
        new FamilyModel(
            causes,
            join(
                signals,
                List.of(
                    CommonChecks.recentlyReplaced(),
                    CommonChecks.rotation(),
                    CommonChecks.staticPressure()),
                mechanical(),
                settings,
                List.of(CommonChecks.speedSetting()),
                windings(),
                List.of(CommonChecks.shaftWheelOff()))));
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

  /** Every cause but those in which a fault has a part that this family cannot have. */
  @SafeVarargs
  private static List<Cause> without(Set<Fault>... sets) {
    Set<Fault> never = EnumSet.noneOf(Fault.class);
    for (Set<Fault> set : sets) {
      never.addAll(set);
    }
    List<Cause> causes = new ArrayList<>(CommonCauses.list());
    causes.addAll(CommonCauses.extras());
    causes.removeIf(cause -> cause.faults().stream().anyMatch(never::contains));
    return List.copyOf(causes);
  }

  private final List<Check> checks;
  private final Map<Symptom, CauseTable> tables = new EnumMap<>(Symptom.class);

  /** Replaced as a whole and never changed, so that requests at the same time see it whole. */
  private volatile Map<Symptom, CauseTable> doubles = Map.of();

  private FamilyModel(List<Cause> causes, List<Check> measured) {
    checks = join(measured, List.of(CommonChecks.reseated(), CommonChecks.codeReturns()), heard());
    for (Symptom symptom : Symptom.values()) {
      List<Cause> possible = new ArrayList<>();
      for (Cause cause : causes) {
        if (cause.weight().containsKey(symptom)) {
          possible.add(cause);
        }
      }
      List<Check> useful = new ArrayList<>();
      for (Check check : checks) {
        if (check.isFor(symptom)) {
          useful.add(check);
        }
      }
      tables.put(symptom, new CauseTable(symptom, possible, useful));
    }
  }

  /** Whether this family can be diagnosed. */
  public static boolean covers(Family family) {
    return MODELS.containsKey(family);
  }

  /**
   * @throws IllegalArgumentException for a family that is not covered
   */
  public static FamilyModel of(Family family) {
    FamilyModel model = MODELS.get(family);
    if (model == null) {
      throw new IllegalArgumentException(family + " is not covered yet");
    }
    return model;
  }

  /** Every check of the family, by station and state as listed. */
  public List<Check> checks() {
    return checks;
  }

  /** What makes this complaint, single or as a chain of damage, and how often of a hundred. */
  public Map<List<Fault>, Double> population(Symptom symptom) {
    Map<List<Fault>, Double> population = new LinkedHashMap<>();
    for (Cause cause : tables.get(symptom).causes) {
      population.put(cause.faults(), cause.weight().get(symptom));
    }
    return population;
  }

  CauseTable table(Symptom symptom) {
    return tables.get(symptom);
  }

  /**
   * Two single faults at once, for readings that no one cause explains. Made when first asked for;
   * a second one made at the same time is the same.
   */
  CauseTable doubles(Symptom symptom) {
    CauseTable made = doubles.get(symptom);
    if (made == null) {
      CauseTable single = tables.get(symptom);
      made = new CauseTable(symptom, pairsOf(single.causes, symptom), single.checks);
      Map<Symptom, CauseTable> more = new EnumMap<>(Symptom.class);
      more.putAll(doubles);
      more.put(symptom, made);
      doubles = more;
    }
    return made;
  }

  /** Each pair of single faults of different suspects; two at once is as rare as it sounds. */
  private static List<Cause> pairsOf(List<Cause> causes, Symptom symptom) {
    List<Cause> pairs = new ArrayList<>();
    for (Cause one : causes) {
      for (Cause other : causes) {
        Fault first = one.faults().get(0);
        Fault second = other.faults().get(0);
        if (one.faults().size() == 1
            && other.faults().size() == 1
            && first.compareTo(second) < 0
            && first.suspect() != second.suspect()
            && first != NOTHING
            && second != NOTHING) {
          double weight = one.weight().get(symptom) * other.weight().get(symptom);
          pairs.add(
              new Cause(List.of(first, second), Map.of(symptom, weight), "two faults at once"));
        }
      }
    }
    return pairs;
  }
}
