package variablerotor.core.stock;

/** Where a part can be had. */
public enum Place {
  VAN,
  SHELF,
  SUPPLY_HOUSE
}
