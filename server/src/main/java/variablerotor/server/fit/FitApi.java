package variablerotor.server.fit;

import java.util.Map;
import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.job.Job;
import variablerotor.json.Json;
import variablerotor.server.log.Stamps;

/** The steps of a job, over HTTP. */
@RestController
class FitApi {
  private final FitService fits;
  private final Stamps stamps;

  FitApi(FitService fits, Stamps stamps) {
    this.fits = fits;
    this.stamps = stamps;
  }

  /** What was done of the job by now, whole, in the open format. */
  @PutMapping("/api/calls/{call}/fits/{id}")
  Job keep(@PathVariable UUID call, @PathVariable UUID id, @RequestBody Map<String, Object> body) {
    return fits.keep(call, id, Json.plainMap(body), stamps.now());
  }
}
