package variablerotor.core.van;

import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.family.Family;
import variablerotor.core.match.Candidate;
import variablerotor.core.match.Match;
import variablerotor.core.match.Matching;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.UnitPlate;

/**
 * What is to be covered, and with what.
 *
 * @param slots room for so many models
 */
public record VanRequest(int slots, List<Installed> motors, List<Stocked> candidates) {
  public static final String FORMAT = "variable-rotor-van";
  public static final int VERSION = 1;

  public VanRequest {
    motors = List.copyOf(motors);
    candidates = List.copyOf(candidates);
  }

  /**
   * A motor that stands in units of customers.
   *
   * @param perYear how many of them fail [1/year]
   * @param family null where it is not known
   * @param plate its plate, of whichever family
   */
  public record Installed(String id, double perYear, @Nullable Family family, MotorPlate plate) {

    /** One that could be carried, against it; what is not known of its kind decides nothing. */
    public Match against(Candidate candidate) {
      Family its = candidate.plate().family();
      // A fixed-speed motor stands in for none, whatever the old one is.
      Family kind = its.isVariableSpeed() ? its : Family.CONSTANT_TORQUE;
      MotorPlate old = family == null ? plate.as(kind) : plate;
      return Matching.of(UnitPlate.UNKNOWN, old, candidate);
    }
  }

  /**
   * A motor that could be carried.
   *
   * @param price in the shop's currency; null where it is not known
   */
  public record Stocked(Candidate candidate, @Nullable Double price) {
    public String id() {
      return candidate.id();
    }
  }
}
