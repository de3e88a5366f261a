package variablerotor.server.proof;

import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.job.Job;
import variablerotor.server.call.CallService;
import variablerotor.server.log.Stamp;
import variablerotor.server.web.Refused;

/** The proof of a repair as it grows: each state of it is kept whole. */
@Service
public class ProofService {
  private final ProofStore store;
  private final CallService calls;

  ProofService(ProofStore store, CallService calls) {
    this.store = store;
    this.calls = calls;
  }

  /**
   * @param tree in the open format
   * @throws Refused where it does not read
   */
  @Transactional
  public Job keep(UUID call, UUID id, Object tree, Stamp stamp) {
    calls.lock(call);
    return calls.after(store.keep(call, id, tree, stamp), call, stamp);
  }
}
