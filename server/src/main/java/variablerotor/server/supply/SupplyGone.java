package variablerotor.server.supply;

import java.io.IOException;

/** No answer that can be used came from the supply house. */
class SupplyGone extends IOException {
  private static final long serialVersionUID = 1L;

  SupplyGone(String why) {
    super(why);
  }
}
