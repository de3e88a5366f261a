package variablerotor.server.call;

import java.time.Clock;
import org.springframework.stereotype.Component;
import variablerotor.server.photo.PhotoStore;
import variablerotor.server.shop.SettingsStore;

/** The call service at another time than now, for records that are brought in. */
@Component
public class CallServices {
  private final CallStore store;
  private final SettingsStore settings;
  private final PhotoStore photos;

  CallServices(CallStore store, SettingsStore settings, PhotoStore photos) {
    this.store = store;
    this.settings = settings;
    this.photos = photos;
  }

  /** Its changes carry the time of this clock; the caller keeps the transaction. */
  public CallService at(Clock clock) {
    return new CallService(store, settings, photos, clock);
  }
}
