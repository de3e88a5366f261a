package variablerotor.server.document;

import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.handover.UnitLabel;
import variablerotor.core.view.WaysSheet;
import variablerotor.server.web.Refused;

/** Papers of a call. */
@RestController
class PaperApi {
  private final CallPapers papers;

  PaperApi(CallPapers papers) {
    this.papers = papers;
  }

  @GetMapping(value = "/api/calls/{call}/report", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> report(@PathVariable UUID call) {
    return file(ContentDisposition.inline(), "report-" + call + ".pdf", papers.report(call));
  }

  /** What stands on the customer's page, for a screen. */
  @GetMapping("/api/calls/{call}/sheet/words")
  WaysSheet shown(@PathVariable UUID call) {
    return papers.ways(call);
  }

  /** One page for the customer: the ways side by side, and room for the answer. */
  @GetMapping(value = "/api/calls/{call}/sheet", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> sheet(@PathVariable UUID call) {
    return file(ContentDisposition.inline(), "ways-" + call + ".pdf", papers.sheet(call));
  }

  /**
   * What stands on the unit's label, for a screen.
   *
   * @throws Refused where nothing that it could say was done
   */
  @GetMapping("/api/calls/{call}/label/words")
  UnitLabel onLabel(@PathVariable UUID call) {
    UnitLabel label = papers.unitLabel(call);
    if (label == null) {
      throw nothingDone();
    }
    return label;
  }

  private static Refused nothingDone() {
    return Refused.conflict(
        "The label says what was fitted. The steps of fitting are not done yet.");
  }

  /**
   * What is stuck to the unit.
   *
   * @throws Refused where nothing that it could say was done
   */
  @GetMapping(value = "/api/calls/{call}/label", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> label(@PathVariable UUID call) {
    byte[] label = papers.label(call);
    if (label == null) {
      throw nothingDone();
    }
    return file(ContentDisposition.inline(), "label-" + call + ".pdf", label);
  }

  /** The next visit, for a calendar. */
  @GetMapping(value = "/api/calls/{call}/visit", produces = "text/calendar")
  ResponseEntity<byte[]> visit(@PathVariable UUID call) {
    return file(ContentDisposition.attachment(), "visit-" + call + ".ics", papers.visit(call));
  }

  private static ResponseEntity<byte[]> file(
      ContentDisposition.Builder how, String name, byte[] content) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, how.filename(name).build().toString())
        .body(content);
  }
}
