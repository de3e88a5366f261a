package variablerotor.server.log;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import org.springframework.stereotype.Component;
import variablerotor.server.account.Current;

/** The stamp of what is recorded now by whoever is signed in. */
@Component
public class Stamps {
  private final Clock clock;

  Stamps(Clock clock) {
    this.clock = clock;
  }

  public Stamp now() {
    // As fine as the database keeps it, so that what is answered is what is kept.
    OffsetDateTime at = OffsetDateTime.now(clock).truncatedTo(ChronoUnit.MICROS);
    return new Stamp(Current.account().id(), at);
  }
}
