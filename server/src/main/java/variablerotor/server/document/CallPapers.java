package variablerotor.server.document;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import variablerotor.core.casefile.FitReader;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.fitting.FitRecord;
import variablerotor.core.handover.ReturnVisit;
import variablerotor.core.handover.UnitLabel;
import variablerotor.core.job.Job;
import variablerotor.core.job.JobLog;
import variablerotor.core.view.CallView;
import variablerotor.core.view.WaysSheet;
import variablerotor.server.call.CallService;
import variablerotor.server.photo.PhotoStore;
import variablerotor.server.web.Refused;
import variablerotor.server.web.Turn;

/** Every paper of a call, as a file. */
@Component
public class CallPapers {
  /** Most photos on a report; the others stay with the call. */
  private static final int MOST_PHOTOS = 12;

  private final Turn turn = new Turn(2, 6, Duration.ofSeconds(20));
  private final CallService calls;
  private final PhotoStore photos;
  private final Papers papers;
  private final Clock clock;

  CallPapers(CallService calls, PhotoStore photos, Papers papers, Clock clock) {
    this.calls = calls;
    this.photos = photos;
    this.papers = papers;
    this.clock = clock;
  }

  /** What was found, chosen, fitted and proved: a PDF. */
  public byte[] report(UUID call) {
    CallView view = calls.view(call);
    PaperTime time = time(view);
    return turn.take(
        () -> papers.print("report", ReportPage.of(view, time, photos(view, call, time))));
  }

  /** For the customer, the ways side by side. */
  WaysSheet ways(UUID call) {
    CallView view = calls.view(call);
    LocalDate today = time(view).today();
    return WaysSheet.of(view, today, today);
  }

  /** The same as a PDF of one page. */
  public byte[] sheet(UUID call) {
    CallView view = calls.view(call);
    SheetPage page = SheetPage.of(view, time(view));
    return turn.take(() -> papers.printOnOne("sheet", page));
  }

  /** What is stuck to the unit; null where nothing it could say was done. */
  @Nullable UnitLabel unitLabel(UUID call) {
    Job job = calls.job(call);
    JobLog.Fitted last = job.fitted();
    return last == null
        ? null
        : UnitLabel.of(job, new PaperTime(clock, job.settings().timeZone()).dayOf(last.at()));
  }

  /** The same as a PDF of a label's size. */
  public byte @Nullable [] label(UUID call) {
    UnitLabel label = unitLabel(call);
    return label == null ? null : turn.take(() -> papers.printOnOne("label", LabelPage.of(label)));
  }

  /**
   * The next visit: a calendar file.
   *
   * @throws Refused where nobody need come back, or nobody said when
   */
  public byte[] visit(UUID call) {
    Job job = calls.job(call);
    ReturnVisit visit = ReturnVisit.of(job);
    if (visit == null) {
      throw Refused.conflict("Nothing of this call is left for another visit.");
    }
    if (visit.day() == null) {
      throw Refused.conflict(
          "No day is said for the next visit. Say it at Fit: it does not go on now, and until when.");
    }
    return VisitCalendar.of(
        visit,
        job.log().particulars(),
        call.toString(),
        LocalDate.parse(visit.day()),
        clock.instant());
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
}
