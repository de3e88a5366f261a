package variablerotor.core.cost;

/**
 * What one way forward costs at first.
 *
 * @param partPrice in the shop's currency
 * @param labourHours on site and in the shop [h]
 * @param leadDays until the part is there; 0 on the van
 */
public record Offer(double partPrice, double labourHours, double leadDays) {

  public Offer {
    if (!(partPrice >= 0) || !(labourHours >= 0) || !(leadDays >= 0)) {
      throw new IllegalArgumentException("price, hours and days: zero or more");
    }
  }

  /** Labour = hours × rate an hour. */
  public double labour(double ratePerHour) {
    return labourHours * ratePerHour;
  }

  /** First cost = part + labour. */
  public double firstCost(double ratePerHour) {
    return partPrice + labour(ratePerHour);
  }
}
