package variablerotor.server.wiring;

import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.casefile.AsWiredReader;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.job.Job;
import variablerotor.core.wiring.AsWired;
import variablerotor.server.call.CallService;
import variablerotor.server.log.Stamp;
import variablerotor.server.web.Faults;
import variablerotor.server.web.Refused;

/** A conversion as it grows: each state of it is kept whole. */
@Service
public class WiringService {
  /** Many times what stands in one unit; what is larger takes minutes to be checked and drawn. */
  private static final int MOST_PARTS = 250;

  private static final int MOST_WIRES = 800;

  private final WiringStore store;
  private final CallService calls;

  WiringService(WiringStore store, CallService calls) {
    this.store = store;
    this.calls = calls;
  }

  /**
   * A wiring that must not be powered is kept like any other: it is what stands there.
   *
   * @param tree in the open format
   * @throws Refused where it does not read
   */
  @Transactional
  public Job keep(UUID call, UUID id, Object tree, Stamp stamp) {
    calls.lock(call);
    return calls.after(store.keep(call, id, read(tree).tree(), stamp), call, stamp);
  }

  private static AsWired read(Object tree) {
    try {
      AsWired made = AsWiredReader.read(tree);
      Faults faults = new Faults();
      hold(faults, "wiring.parts", made.wiring().parts().size(), MOST_PARTS);
      hold(faults, "wiring.wires", made.wiring().wires().size(), MOST_WIRES);
      faults.refuse();
      return made;
    } catch (InputFaults faults) {
      throw Refused.fields(faults.faults());
    }
  }

  private static void hold(Faults faults, String field, int found, int most) {
    if (found > most) {
      faults.add(field, "found " + found + "; allowed are at most " + most + " on a call");
    }
  }
}
