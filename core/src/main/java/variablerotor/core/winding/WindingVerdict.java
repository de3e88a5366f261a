package variablerotor.core.winding;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the winding readings say, together.
 *
 * @param state sound, faulty, uncertain or not measured
 * @param signature the picture they make
 * @param signatures every picture that explains the readings, that one first
 * @param unbalance of the pairs, or null where one is OL or missing
 * @param phases the phases concerned, in order
 * @param depth share of turns shorted, or mean depth of the fault from the terminals (0 to 1), or
 *     null
 * @param healthyPairOhms what a healthy pair should have read here [Ω], or null
 * @param extraOhms resistance that a bad joint adds [Ω], or null
 * @param phaseOhms the star that shows these pairs [Ω], or null
 * @param frame what lead to frame says
 * @param insulationAt40 corrected insulation [MΩ], or null
 * @param limitPercent the unbalance limit that was applied [%]
 * @param sentence one plain sentence
 */
public record WindingVerdict(
    WindingState state,
    Signature signature,
    List<Signature> signatures,
    @Nullable Unbalance unbalance,
    List<Phase> phases,
    @Nullable Double depth,
    @Nullable Double healthyPairOhms,
    @Nullable Double extraOhms,
    @Nullable Star phaseOhms,
    FrameState frame,
    @Nullable Double insulationAt40,
    double limitPercent,
    String sentence) {

  public WindingVerdict {
    signatures = List.copyOf(signatures);
    phases = List.copyOf(phases);
  }

  /**
   * With the pairs as they read warm: a fault that shows only then is the winding's fault.
   *
   * @param warm the verdict on the warm pairs by themselves
   */
  public WindingVerdict andWarm(WindingVerdict warm) {
    boolean tells = warm.state == WindingState.FAULTY && state != WindingState.FAULTY;
    return tells
        ? new WindingVerdict(
            WindingState.FAULTY,
            warm.signature,
            warm.signatures,
            warm.unbalance,
            warm.phases,
            warm.depth,
            warm.healthyPairOhms,
            warm.extraOhms,
            warm.phaseOhms,
            frame,
            insulationAt40,
            limitPercent,
            (state == WindingState.NOT_MEASURED ? "" : sentence + " ") + "Warm: " + warm.sentence)
        : this;
  }
}
