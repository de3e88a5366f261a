package variablerotor.server.offer;

import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.cost.Offer;
import variablerotor.core.route.Route;
import variablerotor.core.view.CallView;
import variablerotor.server.call.CallService;
import variablerotor.server.log.Stamp;
import variablerotor.server.web.Faults;

/** What a technician types in for a way forward. */
@Service
public class OfferService {
  private static final double MOST_PRICE = 1e6;
  private static final double MOST_HOURS = 200;
  private static final double MOST_DAYS = 365;

  private final OfferStore store;
  private final CallService calls;

  OfferService(OfferStore store, CallService calls) {
    this.store = store;
    this.calls = calls;
  }

  @Transactional
  public CallView offer(
      UUID call,
      UUID id,
      Route route,
      Double partPrice,
      Double labourHours,
      Double leadDays,
      Stamp stamp) {
    calls.lock(call);
    new Faults()
        .required("route", route, "a way forward")
        .within("partPrice", partPrice, 0, MOST_PRICE)
        .within("labourHours", labourHours, 0, MOST_HOURS)
        .within("leadDays", leadDays, 0, MOST_DAYS)
        .refuse();
    Offer offer = new Offer(partPrice, labourHours, leadDays);
    return calls.after(store.add(id, call, route, offer, stamp), call, stamp);
  }
}
