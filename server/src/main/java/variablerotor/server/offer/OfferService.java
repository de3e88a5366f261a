package variablerotor.server.offer;

import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.casefile.CaseReader;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.choice.Market;
import variablerotor.core.job.Job;
import variablerotor.server.call.CallService;
import variablerotor.server.log.Stamp;
import variablerotor.server.web.Refused;

/** What a technician types in for a way forward. */
@Service
public class OfferService {
  private final OfferStore store;
  private final CallService calls;

  OfferService(OfferStore store, CallService calls) {
    this.store = store;
    this.calls = calls;
  }

  /**
   * @throws Refused where a figure makes no sense, or the way is not named
   */
  @Transactional
  public Job offer(UUID call, UUID id, Market.Offer given, Stamp stamp) {
    calls.lock(call);
    Market.Offer offer;
    try {
      offer = CaseReader.offer(given.tree());
    } catch (InputFaults faults) {
      throw Refused.fields(faults.faults());
    }
    return calls.after(store.add(id, call, offer, stamp), call, stamp);
  }
}
