package variablerotor.server.document;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiPredicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.RepairPhase;
import variablerotor.core.text.Numbers;
import variablerotor.core.view.CallView;
import variablerotor.core.view.DiagnosisView;
import variablerotor.core.winding.WindingState;

/**
 * What stands on a report, in the order of the page.
 *
 * @param place as the paper's title
 * @param picture of the winding, as SVG; null where it was not measured
 * @param before readings of the machine as it was found, two by two
 * @param after readings of it as it was left
 * @param strange what was told in words that nobody knows any more
 * @param way what was chosen, line by line
 * @param fitted what was done by hand; null where nothing was
 * @param repair what it showed; null where nothing was read
 * @param wiring the conversion as it was made; null where none was
 */
record ReportPage(
    String place,
    String unit,
    String complaint,
    String opened,
    String verdict,
    String winding,
    List<String> warnings,
    @Nullable String picture,
    List<List<Row>> before,
    List<List<Row>> after,
    List<String> strange,
    List<String> why,
    List<String> way,
    @Nullable Part fitted,
    @Nullable Part repair,
    @Nullable WiringSheet wiring,
    List<PhotoSheet> photos,
    String engine,
    String zone) {

  /** Room for the picture of the winding [pt]. */
  private static final double PICTURE = 186;

  /** A reading, and the window that it is held against; empty where there is none. */
  record Row(String title, String said, String window) {}

  /** What was done or seen, line by line, and by whom. */
  record Part(String headline, List<String> lines, String by) {}

  boolean isRead() {
    return !before.isEmpty();
  }

  boolean isReadAfter() {
    return !after.isEmpty();
  }

  static ReportPage of(CallView call, PaperTime time, List<PhotoSheet> photos) {
    DiagnosisView diagnosis = call.diagnosis();
    return new ReportPage(
        call.particulars().place(),
        unit(call),
        complaint(call),
        "Opened by "
            + call.openedBy()
            + ", "
            + time.of(call.openedAt())
            + ". Printed "
            + time.now()
            + "."
            + (call.broughtIn() == null
                ? ""
                : " Brought in from a file by " + call.broughtIn().by() + "."),
        diagnosis.verdict().sentence(),
        diagnosis.winding().sentence(),
        diagnosis.warnings().stream().map(Diagnosis.Warning::sentence).toList(),
        diagnosis.winding().state() == WindingState.NOT_MEASURED
            ? null
            : Picture.of(call.windingPicture(), "Winding", PICTURE, PICTURE),
        rows(call, RepairPhase.BEFORE),
        rows(call, RepairPhase.AFTER),
        call.asTold().stream()
            .map(one -> one.what() + ": " + one.said() + " (" + one.author() + ")")
            .toList(),
        why(diagnosis),
        way(call, time),
        fitted(call, time),
        repair(call, time),
        call.wired() == null ? null : WiringSheet.of(call.wired(), time),
        photos,
        diagnosis.engine(),
        call.settings().timeZone());
  }

  private static String unit(CallView call) {
    var told = call.particulars();
    String motor =
        told.motor().family().title()
            + (told.motor().horsepower() == null
                ? ""
                : ", " + Numbers.plain(told.motor().horsepower()) + " hp")
            + (told.motor().volts() == null ? "" : ", " + told.motor().volts() + " V");
    return told.unitName().isEmpty() ? motor : told.unitName() + ". " + motor;
  }

  private static String complaint(CallView call) {
    var told = call.particulars();
    return told.complaint().isEmpty() ? told.symptom().title() + "." : told.complaint();
  }

  private static List<List<Row>> rows(CallView call, RepairPhase phase) {
    List<Row> rows = new ArrayList<>();
    for (CallView.ReadingView one : call.readings()) {
      FactType type = FactType.ofId(one.fact());
      if (type != null && one.standing() && one.phase() == phase) {
        rows.add(
            new Row(
                type.title(),
                one.spoken() + (one.taken().isEmpty() ? "" : " (" + one.taken() + ")"),
                window(call.diagnosis(), one.fact())));
      }
    }
    List<List<Row>> pairs = new ArrayList<>();
    for (int at = 0; at < rows.size(); at += 2) {
      pairs.add(rows.subList(at, Math.min(at + 2, rows.size())));
    }
    return pairs;
  }

  private static String window(DiagnosisView diagnosis, String fact) {
    return diagnosis.windows().stream()
        .filter(one -> one.fact().equals(fact))
        .map(
            one -> Numbers.plain(one.low()) + " to " + Numbers.plain(one.high()) + " " + one.unit())
        .findFirst()
        .orElse("");
  }

  private static List<String> why(DiagnosisView diagnosis) {
    List<String> why = new ArrayList<>();
    for (DiagnosisView.SuspectView suspect : diagnosis.suspects()) {
      boolean blamed = diagnosis.verdict().suspects().contains(suspect.id());
      List<String> reasons =
          suspect.pointedAtBy().stream().map(DiagnosisView.ReasonView::sentence).toList();
      if (blamed && !reasons.isEmpty()) {
        why.add(suspect.id().title() + ": " + String.join(" ", reasons));
      }
    }
    listed(why, "Cleared by what was read", diagnosis, DiagnosisView::isClearedByReading);
    listed(why, "Looked at, not cleared", diagnosis, DiagnosisView::isLeftOpen);
    listed(why, "Not measured", diagnosis, DiagnosisView::isNotMeasured);
    return why;
  }

  private static void listed(
      List<String> lines,
      String title,
      DiagnosisView diagnosis,
      BiPredicate<DiagnosisView, DiagnosisView.SuspectView> which) {
    String names =
        diagnosis.suspects().stream()
            .filter(suspect -> which.test(diagnosis, suspect))
            .map(suspect -> suspect.id().title())
            .collect(Collectors.joining(", "));
    if (!names.isEmpty()) {
      lines.add(title + ": " + names + ".");
    }
  }

  private static List<String> way(CallView call, PaperTime time) {
    List<String> lines = new ArrayList<>();
    if (!call.answers().isEmpty()) {
      CallView.SaidView said = call.answers().get(0);
      lines.add(
          "The customer's answer: "
              + (said.route() == null ? "thinks it over" : said.route().title())
              + ", said by "
              + said.by()
              + " on "
              + said.on()
              + (said.signed() == null ? "" : ", signed on a screen")
              + "."
              + (said.note().isEmpty() ? "" : " " + said.note()));
    }
    if (call.decisions().isEmpty()) {
      lines.add("Not chosen yet.");
      return lines;
    }
    CallView.DecisionView decision = call.decisions().get(0);
    String cost =
        decision.firstCost() == null
            ? ""
            : ", first cost " + decision.currency() + " " + Numbers.fixed(decision.firstCost(), 2);
    lines.add(
        decision.route().title()
            + (decision.candidate() == null ? "" : " with " + decision.candidate())
            + cost
            + ". Chosen by "
            + decision.author()
            + ", "
            + time.of(decision.at())
            + ".");
    CallView.WayView way =
        call.ways().stream()
            .filter(one -> one.route() == decision.route())
            .findFirst()
            .orElseThrow();
    if (way.plan().size() > 1) {
      lines.add("To be done: " + String.join("; then ", way.plan()) + ".");
    }
    if (!way.loses().isEmpty()) {
      lines.add("Given up with it: " + String.join("; ", way.loses()) + ".");
    }
    decision.done().forEach(one -> lines.add("While it is fitted: " + one));
    return lines;
  }

  /** What was done by hand, what was noted, and what was left out. */
  private static @Nullable Part fitted(CallView call, PaperTime time) {
    CallView.FitView fit = call.fit();
    return fit == null || fit.author() == null || fit.at() == null
        ? null
        : new Part("", fit.lines(), fit.author() + ", " + time.of(fit.at()) + ".");
  }

  /** What the repair showed, and what nobody looked at. */
  private static @Nullable Part repair(CallView call, PaperTime time) {
    CallView.RepairView repair = call.repair();
    return repair == null || repair.author() == null || repair.at() == null
        ? null
        : new Part(
            repair.headline(),
            repair.checks().stream().map(ReportPage::seen).toList(),
            repair.author() + ", " + time.of(repair.at()) + ".");
  }

  /** What was not looked at says what to do, which is no matter for a report. */
  private static String seen(CallView.RepairCheck one) {
    return switch (one.state()) {
      case PASS -> "Passes. " + one.title() + ": " + one.sentence();
      case FAIL -> "Fails. " + one.title() + ": " + one.sentence();
      case NOT_YET -> "Not seen. " + one.title() + ".";
    };
  }
}
