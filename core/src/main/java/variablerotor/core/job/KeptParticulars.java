package variablerotor.core.job;

import java.util.List;
import variablerotor.core.kept.ReadBack;
import variablerotor.core.kept.Wording;

/**
 * What was told of a call as it was kept. What nobody knows any more is as if it had not been told,
 * and is asked where something waits for it; but a call of which nobody knows what it is about, or
 * what else its motor may be, is not judged at all.
 */
public final class KeptParticulars {
  private static final List<String> NEEDED =
      List.of("place", "symptom", "motor", "motor.family", "mayBe");

  private KeptParticulars() {}

  /**
   * @param written the wording it was written in
   */
  public static ReadBack<Particulars> read(Wording wording, int written, Object tree) {
    return ReadBack.asFarAsItReads(
        wording, Wording.Kind.PARTICULARS, written, tree, NEEDED, Particulars::read);
  }
}
