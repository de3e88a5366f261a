package variablerotor.core.casefile;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.check.Situation;
import variablerotor.core.check.Symptom;
import variablerotor.core.choice.Market;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.Facts;
import variablerotor.core.match.Candidate;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.Running;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.route.Schools;

/**
 * One call in the open format.
 *
 * @param title free text, or null
 * @param also further complaints beside the first
 * @param facts in the order given
 * @param today the day that warranty and age are reckoned from; null for the clock's
 * @param running how the unit is run
 * @param market what a choice costs here
 * @param candidates motors that might be fitted
 * @param agreed reasons that are ticked with the customer, or answered by the counter
 * @param schools the shop's habits
 * @param unknownFields fields that the format does not have; they are kept out, and told
 */
public record CaseFile(
    @Nullable String title,
    UnitPlate unit,
    MotorPlate motor,
    Symptom symptom,
    List<Symptom> also,
    List<Fact> facts,
    @Nullable LocalDate today,
    Running running,
    Market market,
    List<Candidate> candidates,
    List<String> agreed,
    Schools schools,
    List<String> unknownFields) {
  public CaseFile {
    agreed = List.copyOf(agreed);
    also = List.copyOf(also);
    facts = List.copyOf(facts);
    candidates = List.copyOf(candidates);
    unknownFields = List.copyOf(unknownFields);
  }

  /** A call with nothing to choose from. */
  public CaseFile(
      @Nullable String title,
      UnitPlate unit,
      MotorPlate motor,
      Symptom symptom,
      List<Symptom> also,
      List<Fact> facts,
      @Nullable LocalDate today,
      List<String> unknownFields) {
    this(
        title,
        unit,
        motor,
        symptom,
        also,
        facts,
        today,
        Running.UNKNOWN,
        Market.UNKNOWN,
        List.of(),
        List.of(),
        Schools.USUAL,
        unknownFields);
  }

  /** The name in the field {@code format}. */
  public static final String FORMAT = "variable-rotor-case";

  /** The number in the field {@code version}. */
  public static final int VERSION = 1;

  /**
   * What a diagnosis is a function of.
   *
   * @param balanceLimitPercent the shop's limit for winding pairs [%]
   */
  public Situation situation(double balanceLimitPercent) {
    return new Situation(
        motor.family(),
        symptom,
        motor.volts(),
        motor.connection(),
        told(),
        balanceLimitPercent,
        also);
  }

  /** The facts, and what the plates say where no fact does. */
  private Facts told() {
    return Facts.of(facts)
        .or(FactType.PLATE_MODULE_REMOVABLE, motor.moduleRemovable())
        .or(FactType.PLATE_MODULE_SOLD_ALONE, motor.moduleSoldAlone())
        .or(FactType.MOTOR_FEEDBACK, motor.feedback())
        .or(FactType.BOARD_NEEDS_FEEDBACK, unit.boardNeedsFeedback());
  }

  /** The unit's plate with what was answered since, which goes before it. */
  public UnitPlate knownUnit() {
    return unit.but().boardNeedsFeedback(told().flag(FactType.BOARD_NEEDS_FEEDBACK)).build();
  }

  /** The motor's plate with what was answered since, which goes before it. */
  public MotorPlate knownMotor() {
    Facts told = told();
    return motor
        .but()
        .moduleRemovable(told.flag(FactType.PLATE_MODULE_REMOVABLE))
        .moduleSoldAlone(told.flag(FactType.PLATE_MODULE_SOLD_ALONE))
        .feedback(told.flag(FactType.MOTOR_FEEDBACK))
        .build();
  }

  /** Dates that cannot both be so: a warranty does not end before the unit stands. */
  public static List<InputFault> dateFaults(UnitPlate unit, @Nullable LocalDate today) {
    LocalDate installed = unit.installed();
    LocalDate until = unit.warrantyUntil();
    List<InputFault> faults = new ArrayList<>();
    if (installed != null && until != null && until.isBefore(installed)) {
      faults.add(
          new InputFault(
              "unit.warrantyUntil",
              "found " + until + "; allowed is a day from unit.installed, " + installed + ", on"));
    }
    if (installed != null && today != null && installed.isAfter(today)) {
      faults.add(
          new InputFault(
              "unit.installed", "found " + installed + "; allowed is a day up to " + today));
    }
    return faults;
  }
}
