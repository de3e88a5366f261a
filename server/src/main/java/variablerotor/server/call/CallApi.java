package variablerotor.server.call;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.route.Route;
import variablerotor.json.Json;
import variablerotor.server.account.Current;
import variablerotor.server.photo.PhotoKind;
import variablerotor.server.photo.PhotoStore;
import variablerotor.server.web.Refused;

/** Calls over HTTP. Every change is a PUT under an id that the client made. */
@RestController
@RequestMapping("/api/calls")
class CallApi {
  private static final int MOST_ROWS = 100;

  private final CallService calls;

  CallApi(CallService calls) {
    this.calls = calls;
  }

  record ReadingRequest(
      String fact,
      @Schema(types = {"string", "number", "boolean", "array", "object"}) Object value) {}

  record RetractionRequest(UUID reading) {}

  record OfferBody(Route route, Double partPrice, Double labourHours, Double leadDays) {}

  record DecisionRequest(Route route) {}

  @GetMapping
  List<CallRow> list(
      @RequestParam(defaultValue = "") String search,
      @RequestParam(defaultValue = "0") int page,
      @RequestParam(defaultValue = "50") int size) {
    if (page < 0 || page > 100_000) {
      throw Refused.field("page", "allowed is 0 to 100000");
    }
    if (size < 1 || size > MOST_ROWS) {
      throw Refused.field("size", "allowed is 1 to " + MOST_ROWS);
    }
    if (search.length() > 200) {
      throw Refused.field("search", "allowed are up to 200 characters");
    }
    return calls.list(search, page, size);
  }

  @GetMapping("/{call}")
  CallView one(@PathVariable UUID call) {
    return calls.view(call);
  }

  @PutMapping("/{call}")
  CallView open(@PathVariable UUID call, @RequestBody Particulars body) {
    return calls.open(call, body, Current.account());
  }

  @PutMapping("/{call}/particulars/{id}")
  CallView tell(@PathVariable UUID call, @PathVariable UUID id, @RequestBody Particulars body) {
    return calls.tell(call, id, body, Current.account());
  }

  @PutMapping("/{call}/readings/{id}")
  CallView read(@PathVariable UUID call, @PathVariable UUID id, @RequestBody ReadingRequest body) {
    return calls.read(call, id, body.fact(), Json.plainOf(body.value()), Current.account());
  }

  @PutMapping("/{call}/retractions/{id}")
  CallView takeBack(
      @PathVariable UUID call, @PathVariable UUID id, @RequestBody RetractionRequest body) {
    return calls.takeBack(call, id, body.reading(), Current.account());
  }

  @PutMapping("/{call}/offers/{id}")
  CallView offer(@PathVariable UUID call, @PathVariable UUID id, @RequestBody OfferBody body) {
    return calls.offer(
        call,
        id,
        body.route(),
        new CallService.OfferRequest(body.partPrice(), body.labourHours(), body.leadDays()),
        Current.account());
  }

  @PutMapping("/{call}/decisions/{id}")
  CallView decide(
      @PathVariable UUID call, @PathVariable UUID id, @RequestBody DecisionRequest body) {
    return calls.decide(call, id, body.route(), Current.account());
  }

  @PutMapping(
      path = "/{call}/photos/{id}",
      consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
  CallView photograph(
      @PathVariable UUID call,
      @PathVariable UUID id,
      @RequestParam PhotoKind kind,
      @RequestBody byte[] file) {
    return calls.photograph(call, id, kind, file, Current.account());
  }

  @PutMapping("/{call}/photos/{photo}/removals/{id}")
  CallView removePhoto(@PathVariable UUID call, @PathVariable UUID photo, @PathVariable UUID id) {
    return calls.removePhoto(call, photo, id, Current.account());
  }

  @GetMapping("/{call}/photos/{photo}")
  ResponseEntity<byte[]> photo(@PathVariable UUID call, @PathVariable UUID photo) {
    PhotoStore.Content content = calls.photo(call, photo);
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(content.mediaType()))
        .cacheControl(CacheControl.maxAge(7, TimeUnit.DAYS).cachePrivate().immutable())
        .body(content.bytes());
  }

  @GetMapping("/{call}/case")
  ResponseEntity<Map<String, Object>> caseFile(@PathVariable UUID call) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"case-" + call + ".json\"")
        .contentType(MediaType.APPLICATION_JSON)
        .body(calls.caseFile(call));
  }
}
