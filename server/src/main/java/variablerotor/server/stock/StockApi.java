package variablerotor.server.stock;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.job.Job;
import variablerotor.core.route.Route;
import variablerotor.core.stock.PartKind;
import variablerotor.core.stock.PickList;
import variablerotor.json.Json;
import variablerotor.server.csv.Csv;
import variablerotor.server.log.Stamps;
import variablerotor.server.supply.SupplyService;
import variablerotor.server.web.Faults;
import variablerotor.server.web.LargestBody;

/** The stock over HTTP. */
@RestController
class StockApi {
  /** Largest list brought in [byte]. */
  private static final int MOST_BYTES = 1024 * 1024;

  /** Largest picture that is read [byte]. */
  private static final int MOST_PICTURE = 4 * 1024 * 1024;

  private final StockService stock;
  private final StockImports imports;
  private final SourcingService sourcing;
  private final PlateService plates;
  private final Stamps stamps;

  StockApi(
      StockService stock,
      StockImports imports,
      SourcingService sourcing,
      PlateService plates,
      Stamps stamps) {
    this.imports = imports;
    this.plates = plates;
    this.stock = stock;
    this.sourcing = sourcing;
    this.stamps = stamps;
  }

  @GetMapping("/api/stock/parts")
  List<StockService.PartRow> list() {
    return stock.list();
  }

  /** One part as it lies. */
  @GetMapping("/api/stock/parts/{part}")
  StockService.PartRow one(@PathVariable UUID part) {
    return stock.one(part);
  }

  /** Parts by number, barcode or words, in stock and as the supply house said last. */
  @GetMapping("/api/stock/find")
  StockService.FoundParts find(@RequestParam(defaultValue = "") String q) {
    return stock.find(q);
  }

  /** A part in the fields of the stock's table. */
  @PutMapping("/api/stock/parts/{part}/editions/{id}")
  List<StockService.PartRow> put(
      @PathVariable UUID part,
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable UUID base,
      @RequestBody Map<String, Object> body) {
    return stock.put(part, id, base, Json.plainMap(body), stamps.now());
  }

  @PutMapping("/api/stock/parts/{part}/removals/{id}")
  List<StockService.PartRow> remove(
      @PathVariable UUID part,
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable UUID base) {
    return stock.remove(part, id, base, stamps.now());
  }

  /** Counted, received, taken for a call, put back, or moved. */
  @PutMapping("/api/stock/parts/{part}/moves/{id}")
  StockService.PartRow move(
      @PathVariable UUID part, @PathVariable UUID id, @RequestBody Move body) {
    return stock.moveByHand(part, id, body, stamps.now());
  }

  @GetMapping("/api/stock/parts/{part}/moves")
  List<StockStore.Moved> moves(@PathVariable UUID part) {
    return stock.moves(part);
  }

  @LargestBody(MOST_BYTES)
  @PutMapping(path = "/api/stock/imports/{id}", consumes = "text/csv")
  List<StockService.PartRow> bringIn(@PathVariable UUID id, @RequestBody byte[] csv) {
    return imports.bringIn(id, Csv.text(csv), stamps.now());
  }

  /** The lists that came in last. */
  @GetMapping("/api/stock/imports")
  List<ImportStore.Brought> broughtIn() {
    return imports.newest();
  }

  /** Takes a whole list back. */
  @PutMapping("/api/stock/imports/{id}/undos/{undo}")
  StockImports.TakenBack takeBack(@PathVariable UUID id, @PathVariable UUID undo) {
    return imports.takeBack(id, undo, stamps.now());
  }

  @GetMapping("/api/stock/export")
  ResponseEntity<byte[]> export() {
    return Csv.file("stock.csv", stock.export());
  }

  /** What stands on a photo of a plate or a box, and the parts that go by any of it. */
  @GetMapping("/api/calls/{call}/photos/{photo}/parts")
  PlateService.PlateRead read(@PathVariable UUID call, @PathVariable UUID photo) {
    return plates.read(call, photo);
  }

  /** The words on a picture, with their places; it is not kept. */
  @LargestBody(MOST_PICTURE)
  @PostMapping(
      value = "/api/plates/words",
      consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
  PlateService.PlateWords words(HttpServletRequest request) throws IOException {
    return plates.words(request.getInputStream().readAllBytes());
  }

  /**
   * @param number null to take it back
   */
  record FoundRequest(
      @NotNull(message = "found nothing; required is a way forward") Route route,
      @NotNull(message = "found nothing; required is a kind of part") PartKind kind,
      @Nullable String number) {}

  /** Which part was found for a way of a call. */
  @PutMapping("/api/calls/{call}/found/{id}")
  Job found(@PathVariable UUID call, @PathVariable UUID id, @RequestBody FoundRequest body) {
    Faults.of(body).refuse();
    return sourcing.find(call, id, body.route(), body.kind(), body.number(), stamps.now());
  }

  /** Asks the supply house anew for what this call's ways may take. */
  @PostMapping("/api/calls/{call}/asking")
  SupplyService.Heard ask(@PathVariable UUID call) {
    return sourcing.ask(call);
  }

  /**
   * @param plan in the open format
   * @param motor the number of the motor that goes in; null where it is not chosen
   * @param van the one at the job
   */
  record CoverRequest(
      @Nullable Map<String, Object> plan, @Nullable String motor, @Nullable String van) {}

  /** Where the parts of a conversion's plan come from; nothing is kept. */
  @PostMapping("/api/stock/cover")
  List<PickList.PickLine> cover(@RequestBody CoverRequest body) {
    return sourcing.cover(
        Json.plainMap(Objects.requireNonNullElse(body.plan(), Map.of())), body.motor(), body.van());
  }
}
