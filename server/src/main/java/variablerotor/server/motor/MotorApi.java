package variablerotor.server.motor;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.kept.AsTold;
import variablerotor.core.van.VanPlan;
import variablerotor.json.Json;
import variablerotor.server.csv.Csv;
import variablerotor.server.log.Stamps;
import variablerotor.server.web.LargestBody;
import variablerotor.server.web.Refused;

/** Motors that the shop can get, over HTTP. */
@RestController
@RequestMapping("/api/motors")
class MotorApi {
  /** Largest list brought in [byte]. */
  private static final int MOST_BYTES = 256 * 1024;

  private static final int MOST_SLOTS = 20;

  private final MotorService motors;
  private final Stamps stamps;

  MotorApi(MotorService motors, Stamps stamps) {
    this.motors = motors;
    this.stamps = stamps;
  }

  @GetMapping
  List<MotorService.MotorRow> list() {
    return motors.list();
  }

  /** What this version does not know any more of the list's motors, each after its motor's name. */
  @GetMapping("/as-told")
  List<AsTold> asTold() {
    return motors.asTold();
  }

  /** A motor in the open format: a candidate's fields, and where it lies and what it costs. */
  @PutMapping("/{motor}/editions/{id}")
  List<MotorService.MotorRow> put(
      @PathVariable UUID motor,
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable UUID base,
      @RequestBody Map<String, Object> body) {
    return motors.put(motor, id, base, Json.plainMap(body), stamps.now());
  }

  @PutMapping("/{motor}/removals/{id}")
  List<MotorService.MotorRow> remove(
      @PathVariable UUID motor,
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable UUID base) {
    return motors.remove(motor, id, base, stamps.now());
  }

  @LargestBody(MOST_BYTES)
  @PutMapping(path = "/imports/{id}", consumes = "text/csv")
  List<MotorService.MotorRow> bringIn(@PathVariable UUID id, @RequestBody byte[] csv) {
    return motors.bringIn(id, Csv.text(csv), stamps.now());
  }

  @GetMapping("/export")
  ResponseEntity<byte[]> export() {
    return Csv.file("motors.csv", motors.export());
  }

  /**
   * Which few of the list cover most units of past calls, for every number of models up to this.
   */
  @GetMapping("/van")
  VanPlan van(@RequestParam(defaultValue = "8") int slots) {
    if (slots < 1 || slots > MOST_SLOTS) {
      throw Refused.field("slots", "allowed is 1 to " + MOST_SLOTS);
    }
    return motors.van(slots);
  }

  /** The units of past calls, as this motor fits them, best first. */
  @GetMapping("/{motor}/units")
  List<MotorService.UnitFit> units(@PathVariable UUID motor) {
    return motors.units(motor);
  }
}
