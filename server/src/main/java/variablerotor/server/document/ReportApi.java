package variablerotor.server.document;

import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.server.call.CallService;

/** Papers of a call. */
@RestController
class ReportApi {
  private final CallService calls;
  private final Report report;

  ReportApi(CallService calls, Report report) {
    this.calls = calls;
    this.report = report;
  }

  @GetMapping(value = "/api/calls/{call}/report", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> report(@PathVariable UUID call) {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline().filename("report-" + call + ".pdf").build().toString())
        .body(report.of(calls.view(call)));
  }
}
