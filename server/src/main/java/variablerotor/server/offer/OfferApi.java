package variablerotor.server.offer;

import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.choice.Market;
import variablerotor.core.job.Job;
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

  /** As in the open format: what is not known is left out. */
  @PutMapping("/api/calls/{call}/offers/{id}")
  Job offer(@PathVariable UUID call, @PathVariable UUID id, @RequestBody Market.Offer body) {
    return offers.offer(call, id, body, stamps.now());
  }
}
