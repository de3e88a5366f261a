package variablerotor.server.reading;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.fact.RepairPhase;
import variablerotor.core.fact.Taken;
import variablerotor.core.job.Job;
import variablerotor.json.Json;
import variablerotor.server.log.Stamps;

/** Readings over HTTP. */
@RestController
@RequestMapping("/api/calls/{call}")
class ReadingApi {
  private final ReadingService readings;
  private final Stamps stamps;

  ReadingApi(ReadingService readings, Stamps stamps) {
    this.readings = readings;
    this.stamps = stamps;
  }

  record ReadingRequest(
      String fact,
      @Nullable Object value,
      @Nullable RepairPhase phase,
      @Nullable Boolean again,
      @Nullable String note,
      Taken.@Nullable When when,
      @Nullable String on) {}

  record RetractionRequest(UUID reading) {}

  @PutMapping("/readings/{id}")
  Job read(@PathVariable UUID call, @PathVariable UUID id, @RequestBody ReadingRequest body) {
    return readings.read(
        call,
        id,
        body.fact(),
        Json.plainOf(body.value()),
        body.phase(),
        body.again(),
        new Taken(body.note(), body.when(), body.on()),
        stamps.now());
  }

  @PutMapping("/retractions/{id}")
  Job takeBack(
      @PathVariable UUID call, @PathVariable UUID id, @RequestBody RetractionRequest body) {
    return readings.takeBack(call, id, body.reading(), stamps.now());
  }
}
