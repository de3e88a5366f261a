package variablerotor.server.call;

import static java.nio.charset.StandardCharsets.UTF_8;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.util.DigestUtils;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import variablerotor.core.history.UnitHistory;
import variablerotor.core.job.Correction;
import variablerotor.core.job.Job;
import variablerotor.core.job.Particulars;
import variablerotor.core.tree.Tree;
import variablerotor.json.Json;
import variablerotor.server.account.OpenSessions;
import variablerotor.server.log.Stamps;
import variablerotor.server.web.Faults;
import variablerotor.server.web.Refused;

/** Calls over HTTP: the list, one call, what is told of it. The stages have their own. */
@RestController
@RequestMapping("/api/calls")
class CallApi {
  private static final int MOST_ROWS = 100;
  private static final int MOST_CHANGES = 200;

  private final CallService calls;
  private final CallChanges changes;
  private final Stamps stamps;

  CallApi(CallService calls, CallChanges changes, Stamps stamps) {
    this.calls = calls;
    this.changes = changes;
    this.stamps = stamps;
  }

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

  /** Calls of which something is due today or was before. */
  @GetMapping("/due")
  List<CallRow> due() {
    return calls.due();
  }

  @GetMapping("/{call}")
  Job one(@PathVariable UUID call) {
    return calls.job(call);
  }

  /**
   * What the shop brings to each call, for a page that works calls out itself. With a tag: it is
   * large where the stock is, and is sent only to those who have another.
   */
  @GetMapping("/shop")
  ResponseEntity<byte[]> shop() {
    byte[] shop = Json.write(Tree.withoutNulls(calls.shop().tree())).getBytes(UTF_8);
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_JSON)
        .eTag('"' + DigestUtils.md5DigestAsHex(shop) + '"')
        .body(shop);
  }

  /** The last call before this one to the same unit, where there was one: none or one. */
  @GetMapping("/{call}/earlier")
  List<Earlier> earlier(@PathVariable UUID call) {
    return calls.earlier(call);
  }

  /** Its unit, by its calls. */
  @GetMapping("/{call}/unit")
  UnitHistory unit(@PathVariable UUID call) {
    return calls.unit(call);
  }

  @PutMapping("/{call}")
  Job open(@PathVariable UUID call, @RequestBody Particulars body) {
    return calls.open(call, body, stamps.now());
  }

  /** The whole of what is told, in place of what was: for a program that has it all. */
  @PutMapping("/{call}/particulars/{id}")
  Job tell(@PathVariable UUID call, @PathVariable UUID id, @RequestBody Particulars body) {
    return calls.tell(call, id, body, stamps.now());
  }

  /**
   * @param changes the fields that were changed, and nothing else
   */
  record Corrected(List<Correction> changes) {}

  /** Fields of what is told, one by one: so a page saves, where others may be at work, too. */
  @PutMapping("/{call}/corrections/{id}")
  Job correct(@PathVariable UUID call, @PathVariable UUID id, @RequestBody Corrected body) {
    List<Correction> changes = body.changes() == null ? List.of() : body.changes();
    Faults faults = new Faults();
    if (changes.isEmpty() || changes.size() > MOST_CHANGES) {
      faults.add("changes", "allowed are 1 to " + MOST_CHANGES);
    }
    for (int at = 0; at < changes.size(); at++) {
      if (changes.get(at) == null || changes.get(at).field() == null) {
        faults.add("changes[" + at + "].field", "is missing");
      }
    }
    faults.refuse();
    return calls.correct(call, id, changes, stamps.now());
  }

  /** Told whenever the call changed, by whomever, until whoever listens goes away. */
  @GetMapping(path = "/{call}/changes", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter changes(@PathVariable UUID call, HttpServletRequest request) {
    calls.require(call);
    return changes.listen(call, OpenSessions.of(request));
  }

  /** The call in the open format, as the command line reads it. */
  @GetMapping("/{call}/case")
  ResponseEntity<Map<String, Object>> caseFile(@PathVariable UUID call) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"case-" + call + ".json\"")
        .contentType(MediaType.APPLICATION_JSON)
        .body(calls.job(call).caseTree());
  }
}
