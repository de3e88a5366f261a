package variablerotor.server.document;

import java.time.Duration;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.view.CallView;
import variablerotor.server.call.CallService;
import variablerotor.server.web.Turn;

/** Papers of a call. */
@RestController
class ReportApi {
  private final Turn turn = new Turn(2, 6, Duration.ofSeconds(20));
  private final CallService calls;
  private final Report report;
  private final CustomerSheet sheet;

  ReportApi(CallService calls, Report report, CustomerSheet sheet) {
    this.calls = calls;
    this.report = report;
    this.sheet = sheet;
  }

  @GetMapping(value = "/api/calls/{call}/report", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> report(@PathVariable UUID call) {
    CallView view = calls.view(call);
    return pdf("report-" + call, turn.take(() -> report.of(view)));
  }

  /** One page for the customer: the ways side by side, and room for the answer. */
  @GetMapping(value = "/api/calls/{call}/sheet", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> sheet(@PathVariable UUID call) {
    CallView view = calls.view(call);
    return pdf("ways-" + call, turn.take(() -> sheet.of(view)));
  }

  private static ResponseEntity<byte[]> pdf(String name, byte[] content) {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline().filename(name + ".pdf").build().toString())
        .body(content);
  }
}
