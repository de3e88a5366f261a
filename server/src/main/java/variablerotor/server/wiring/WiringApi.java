package variablerotor.server.wiring;

import java.util.Map;
import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.job.Job;
import variablerotor.json.Json;
import variablerotor.server.log.Stamps;
import variablerotor.server.web.LargestBody;

/** Conversions as wired, over HTTP. */
@RestController
class WiringApi {
  /** Largest conversion [byte]. */
  private static final int MOST_BYTES = 256 * 1024;

  private final WiringService wirings;
  private final Stamps stamps;

  WiringApi(WiringService wirings, Stamps stamps) {
    this.wirings = wirings;
    this.stamps = stamps;
  }

  /** A conversion as far as it is made, whole, in the open format. */
  @LargestBody(MOST_BYTES)
  @PutMapping("/api/calls/{call}/wirings/{id}")
  Job keep(@PathVariable UUID call, @PathVariable UUID id, @RequestBody Map<String, Object> body) {
    return wirings.keep(call, id, Json.plainMap(body), stamps.now());
  }
}
