package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import variablerotor.core.signal.Family;

/**
 * What is known of one family: the causes that it can have and the checks that tell them apart. A
 * new family is a new list here; the machinery does not change.
 */
public final class FamilyModel {
  private static final Map<Family, FamilyModel> MODELS = new EnumMap<>(Family.class);

  static {
    MODELS.put(
        Family.CONSTANT_TORQUE,
        new FamilyModel(
            CommonCauses.list(),
            List.of(
                CommonChecks.line(),
                CommonChecks.call(),
                CommonChecks.control(),
                CommonChecks.commandAtBoard(),
                CommonChecks.commandAtMotor(),
                CommonChecks.substituteCommand(),
                CommonChecks.controlUnplugged(),
                CommonChecks.recentlyReplaced(),
                CommonChecks.rotation(),
                CommonChecks.staticPressure(),
                CommonChecks.connector(),
                CommonChecks.shaft(),
                CommonChecks.wheel(),
                CommonChecks.air(),
                CommonChecks.speedProof(),
                CommonChecks.pairs(),
                CommonChecks.frame(),
                CommonChecks.shaftModuleOff(),
                CommonChecks.moduleLook(),
                CommonChecks.insulation(),
                CommonChecks.emf(),
                CommonChecks.shaftWheelOff())));
  }

  private final List<Check> checks;
  private final Map<Symptom, CauseTable> tables = new EnumMap<>(Symptom.class);

  private FamilyModel(List<Cause> causes, List<Check> checks) {
    this.checks = checks;
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

  CauseTable table(Symptom symptom) {
    return tables.get(symptom);
  }
}
