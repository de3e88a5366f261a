package variablerotor.server.supply;

import java.util.List;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import variablerotor.server.web.Signs;

/** Whether prices and stock of the supply house can be had. */
@Component
@Order(2)
class SupplySigns implements Signs {
  private final SupplyAddress address;
  private final SupplyClient client;

  SupplySigns(SupplyAddress address, SupplyClient client) {
    this.address = address;
    this.client = client;
  }

  @Override
  public List<Sign> signs() {
    if (!address.isThere()) {
      return List.of();
    }
    boolean well = !client.isLeftAlone();
    String says =
        well
            ? address.standIn() ? "answers; it is the simulated one" : "answers"
            : "does not answer; what it said last is shown with its age";
    return List.of(new Sign("Supply house", well, says));
  }
}
