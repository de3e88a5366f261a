package variablerotor.server.shop;

import variablerotor.core.winding.WindingFigures;

/**
 * The shop's own figures.
 *
 * @param labourPerHour [currency/h]
 * @param balanceLimitPercent largest unbalance of winding pairs that counts as sound [%]
 * @param currency ISO 4217
 */
public record Settings(double labourPerHour, double balanceLimitPercent, String currency) {
  /** Until the shop sets its own. */
  public static final Settings USUAL =
      new Settings(120, WindingFigures.BALANCE_LIMIT.value(), "USD");
}
