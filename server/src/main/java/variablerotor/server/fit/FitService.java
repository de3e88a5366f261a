package variablerotor.server.fit;

import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.job.Job;
import variablerotor.server.call.CallService;
import variablerotor.server.log.Stamp;
import variablerotor.server.web.Refused;

/** What was done of a job, as it grows. */
@Service
public class FitService {
  private final FitStore store;
  private final CallService calls;

  FitService(FitStore store, CallService calls) {
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
