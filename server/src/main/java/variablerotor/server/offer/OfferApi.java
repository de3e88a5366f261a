package variablerotor.server.offer;

import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.route.Route;
import variablerotor.core.view.CallView;
import variablerotor.server.log.Stamps;

/** Offers over HTTP. */
@RestController
class OfferApi {
  private final OfferService offers;
  private final Stamps stamps;

  OfferApi(OfferService offers, Stamps stamps) {
    this.offers = offers;
    this.stamps = stamps;
  }

  record OfferBody(Route route, Double partPrice, Double labourHours, Double leadDays) {}

  @PutMapping("/api/calls/{call}/offers/{id}")
  CallView offer(@PathVariable UUID call, @PathVariable UUID id, @RequestBody OfferBody body) {
    return offers.offer(
        call,
        id,
        body.route(),
        body.partPrice(),
        body.labourHours(),
        body.leadDays(),
        stamps.now());
  }
}
