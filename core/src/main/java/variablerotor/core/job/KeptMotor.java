package variablerotor.core.job;

import java.util.List;
import variablerotor.core.casefile.CaseReader;
import variablerotor.core.choice.ShopMotor;
import variablerotor.core.kept.ReadBack;
import variablerotor.core.kept.Wording;

/**
 * A motor of the shop's list as it was kept: what nobody knows any more of its plate is asked again
 * before it is bought. One of a family that nobody knows is no motor to be offered.
 */
public final class KeptMotor {
  private static final List<String> NEEDED = List.of("id", "family", "volts");

  private KeptMotor() {}

  /**
   * @param written the wording it was written in
   */
  public static ReadBack<ShopMotor> read(Wording wording, int written, Object tree) {
    return ReadBack.asFarAsItReads(
        wording,
        Wording.Kind.MOTOR,
        written,
        tree,
        NEEDED,
        CaseReader::shopMotor,
        ShopMotor::caseTree);
  }
}
