package variablerotor.core.job;

import java.util.Map;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;
import variablerotor.core.winding.WindingFigures;

/**
 * The shop's own figures.
 *
 * @param labourPerHour [currency/h]
 * @param balanceLimitPercent largest unbalance of winding pairs that counts as sound [%]
 * @param currency ISO 4217
 * @param timeZone name in the IANA time zone database, such as "Europe/Lisbon"
 */
public record Settings(
    double labourPerHour, double balanceLimitPercent, String currency, String timeZone)
    implements Node {

  /** Labour until the shop sets its own [currency/h]. Chosen here: a round figure to change. */
  private static final double USUAL_LABOUR = 120;

  /** Until the shop sets its own, in this time zone. */
  public static Settings usual(String timeZone) {
    return new Settings(USUAL_LABOUR, WindingFigures.BALANCE_LIMIT.value(), "USD", timeZone);
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "labourPerHour", labourPerHour,
        "balanceLimitPercent", balanceLimitPercent,
        "currency", currency,
        "timeZone", timeZone);
  }
}
