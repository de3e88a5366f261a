package variablerotor.core.route;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.Running;
import variablerotor.core.motor.UnitPlate;

/**
 * What ways forward depend on besides the diagnosis.
 *
 * @param unit as it is known, with what was answered of its plate; so the motor
 * @param agreed conditions that are said to be done or settled: ids of reasons
 * @param today the day on which warranty and age are reckoned
 */
public record Circumstances(
    UnitPlate unit,
    MotorPlate motor,
    Running running,
    Schools schools,
    List<String> agreed,
    LocalDate today) {
  public Circumstances {
    agreed = List.copyOf(agreed);
  }

  /** With a shop's usual habits, and nothing known of how it is run. */
  public static Circumstances of(UnitPlate unit, MotorPlate motor, LocalDate today) {
    return new Circumstances(unit, motor, Running.UNKNOWN, Schools.USUAL, List.of(), today);
  }

  /** Whether the unit's warranty runs. */
  public boolean inWarranty() {
    return unit.inWarranty(today);
  }

  /** The whole years since it was put in; null where that is not known. */
  public @Nullable Integer age() {
    LocalDate installed = unit.installed();
    if (installed == null) {
      return null;
    }
    int years = today.getYear() - installed.getYear();
    return Math.max(0, installed.plusYears(years).isAfter(today) ? years - 1 : years);
  }
}
