package variablerotor.server.document;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.casefile.FitReader;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.fitting.FitRecord;
import variablerotor.core.handover.ReturnVisit;
import variablerotor.core.handover.UnitLabel;
import variablerotor.core.job.Job;
import variablerotor.core.job.JobLog;
import variablerotor.core.view.CallView;
import variablerotor.server.call.CallService;
import variablerotor.server.photo.PhotoStore;
import variablerotor.server.web.Refused;
import variablerotor.server.web.Turn;

/** Papers of a call. */
@RestController
class PaperApi {
  /** Most photos on a report; the others stay with the call. */
  private static final int MOST_PHOTOS = 12;

  private final Turn turn = new Turn(2, 6, Duration.ofSeconds(20));
  private final CallService calls;
  private final PhotoStore photos;
  private final Papers papers;
  private final Clock clock;

  PaperApi(CallService calls, PhotoStore photos, Papers papers, Clock clock) {
    this.calls = calls;
    this.photos = photos;
    this.papers = papers;
    this.clock = clock;
  }

  @GetMapping(value = "/api/calls/{call}/report", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> report(@PathVariable UUID call) {
    CallView view = calls.view(call);
    PaperTime time = time(view);
    return pdf(
        "report-" + call,
        turn.take(
            () -> papers.print("report", ReportPage.of(view, time, photos(view, call, time)))));
  }

  /** One page for the customer: the ways side by side, and room for the answer. */
  @GetMapping(value = "/api/calls/{call}/sheet", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> sheet(@PathVariable UUID call) {
    CallView view = calls.view(call);
    return pdf(
        "ways-" + call,
        turn.take(() -> papers.printOnOne("sheet", SheetPage.of(view, time(view)))));
  }

  /**
   * What is stuck to the unit.
   *
   * @throws Refused where nothing that it could say was done
   */
  @GetMapping(value = "/api/calls/{call}/label", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> label(@PathVariable UUID call) {
    Job job = calls.job(call);
    JobLog.Fitted last = job.fitted();
    UnitLabel label =
        last == null
            ? null
            : UnitLabel.of(job, new PaperTime(clock, job.settings().timeZone()).dayOf(last.at()));
    if (label == null) {
      throw Refused.conflict(
          "The label says what was fitted. The steps of fitting are not done yet.");
    }
    LabelPage page = LabelPage.of(label, call.toString());
    return pdf("label-" + call, turn.take(() -> papers.printOnOne("label", page)));
  }

  /**
   * The next visit, for a calendar.
   *
   * @throws Refused where nobody need come back, or nobody said when
   */
  @GetMapping(value = "/api/calls/{call}/visit", produces = "text/calendar")
  ResponseEntity<byte[]> visit(@PathVariable UUID call) {
    Job job = calls.job(call);
    ReturnVisit visit = ReturnVisit.of(job);
    if (visit == null) {
      throw Refused.conflict("Nothing of this call is left for another visit.");
    }
    if (visit.day() == null) {
      throw Refused.conflict(
          "No day is said for the next visit. Say it at Fit: it does not go on now, and until when.");
    }
    byte[] file =
        VisitCalendar.of(
            visit,
            job.log().particulars(),
            call.toString(),
            LocalDate.parse(visit.day()),
            clock.instant());
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("visit-" + call + ".ics").build().toString())
        .body(file);
  }

  private PaperTime time(CallView call) {
    return new PaperTime(clock, call.settings().timeZone());
  }

  private List<PhotoSheet> photos(CallView view, UUID call, PaperTime time) {
    List<FitRecord.PhotoMark> marks = marks(view);
    List<PhotoSheet> sheets = new ArrayList<>();
    for (CallView.PhotoView one : view.photos()) {
      if (sheets.size() < MOST_PHOTOS) {
        photos
            .content(UUID.fromString(one.id()), call)
            .map(kept -> PhotoSheet.of(one, kept.bytes(), time.of(one.at()), marks))
            .ifPresent(sheets::add);
      }
    }
    return sheets;
  }

  private static List<FitRecord.PhotoMark> marks(CallView view) {
    try {
      return view.fit() == null
          ? List.of()
          : FitReader.told(view.fit().fit()).document().photoMarks();
    } catch (InputFaults unreadable) {
      throw new IllegalStateException("what was done of a job does not read", unreadable);
    }
  }

  private static ResponseEntity<byte[]> pdf(String name, byte[] content) {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline().filename(name + ".pdf").build().toString())
        .body(content);
  }
}
