package variablerotor.core.job;

import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.family.Family;
import variablerotor.core.match.Candidate;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.proof.ProofRequest;
import variablerotor.core.proof.Readings;
import variablerotor.core.route.Route;

/**
 * The proof of a repair before anything was read: what is fitted follows from the way that was
 * chosen, as far as it is known. Its plate is read all the same.
 */
final class ProofDraft {
  private static final double HERTZ = 60;

  private ProofDraft() {}

  /** Of the way that was chosen. */
  static ProofRequest of(Job job, Route way) {
    MotorPlate old = job.options().basis().all().motor();
    Candidate chosen = candidate(job);
    Family family = family(way, chosen, old);
    MotorPlate plate = chosen != null ? chosen.plate() : staysIn(way) ? old : null;
    return new ProofRequest(
        way,
        job.options().basis().all().unit(),
        ProofRequest.Limits.UNKNOWN,
        new ProofRequest.Fitted(
            family,
            plate == null ? null : plate.fullLoadAmps(),
            plate == null ? null : plate.speedTaps(),
            plate == null ? null : plate.rpm(),
            hertz(old)),
        Readings.NONE);
  }

  /** Whether the old motor runs on: of a new one the plate is read, and not taken from the old. */
  private static boolean staysIn(Route way) {
    return switch (way) {
      case MODULE_ONLY, DRIVE_REPLACE, DRIVE_BYPASS, REPAIR_OTHER -> true;
      case SAME_MOTOR, EQUIVALENT_MOTOR, FIXED_SPEED, LOANER, BOARD_AND_MOTOR -> false;
    };
  }

  private static double hertz(MotorPlate old) {
    Double told = old.hertz();
    return told == null ? HERTZ : told;
  }

  /** The motor that was chosen with the way; null where none was. */
  static @Nullable Candidate candidate(Job job) {
    List<JobLog.Decided> decided = job.log().decisions();
    String id = decided.isEmpty() ? null : decided.get(decided.size() - 1).candidate();
    return id == null ? null : job.options().basis().candidate(id);
  }

  private static Family family(Route way, @Nullable Candidate chosen, MotorPlate old) {
    if (way == Route.FIXED_SPEED || way == Route.LOANER) {
      return Family.PSC;
    }
    return chosen == null ? old.family() : chosen.plate().family();
  }
}
