package variablerotor.server.photo;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.job.PhotoKind;
import variablerotor.core.view.CallView;
import variablerotor.server.call.CallService;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;
import variablerotor.server.web.Faults;
import variablerotor.server.web.Refused;

/** Photos of a call, made anew without what tells where they were taken. */
@Service
public class PhotoService {
  private static final int MOST = 40;

  private final PhotoStore store;
  private final CallService calls;

  PhotoService(PhotoStore store, CallService calls) {
    this.store = store;
    this.calls = calls;
  }

  @Transactional
  public CallView photograph(UUID call, UUID id, PhotoKind kind, byte[] file, Stamp stamp) {
    calls.lock(call);
    new Faults().required("kind", kind, "what the photo shows").refuse();
    Save save = store.photo(id, call, kind, digest(file));
    if (store.holds(save)) {
      return calls.view(call);
    }
    if (store.count(call) >= MOST) {
      throw Refused.conflict("This call holds " + MOST + " photos. Take one away first.");
    }
    store.add(save, PhotoImage.of(file), stamp);
    return calls.after(true, call, stamp);
  }

  private static String digest(byte[] file) {
    try {
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(file));
    } catch (NoSuchAlgorithmException never) {
      throw new IllegalStateException(never);
    }
  }

  @Transactional
  public CallView remove(UUID call, UUID photo, UUID id, Stamp stamp) {
    calls.lock(call);
    if (!store.isOf(photo, call)) {
      throw Refused.missing("photo on this call");
    }
    return calls.after(store.remove(id, photo, stamp), call, stamp);
  }

  @Transactional(readOnly = true)
  PhotoStore.Content content(UUID call, UUID photo) {
    return store.content(photo, call).orElseThrow(() -> Refused.missing("photo on this call"));
  }
}
