package variablerotor.core.match;

import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.motor.MotorPlate;

/**
 * A motor that might be fitted.
 *
 * @param id as the shop calls it
 * @param onHand how many are at hand; null where that is not known
 * @param adapters what is in its box to make it fit, in words
 * @param feedbackCanBeDisabled whether it runs where its speed signal is not taken; null: not known
 */
public record Candidate(
    String id,
    MotorPlate plate,
    @Nullable Integer onHand,
    List<String> adapters,
    @Nullable Boolean feedbackCanBeDisabled) {
  public Candidate {
    adapters = List.copyOf(adapters);
  }
}
