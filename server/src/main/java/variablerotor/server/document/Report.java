package variablerotor.server.document;

import com.lowagie.text.Document;
import com.lowagie.text.Element;
import com.lowagie.text.Font;
import com.lowagie.text.Image;
import com.lowagie.text.PageSize;
import com.lowagie.text.Paragraph;
import com.lowagie.text.Phrase;
import com.lowagie.text.pdf.BaseFont;
import com.lowagie.text.pdf.PdfPCell;
import com.lowagie.text.pdf.PdfPTable;
import com.lowagie.text.pdf.PdfWriter;
import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.function.BiPredicate;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.RepairPhase;
import variablerotor.core.text.Numbers;
import variablerotor.core.view.CallView;
import variablerotor.core.view.DiagnosisView;
import variablerotor.core.winding.WindingState;

/** One page that says what was found, from which readings, and what was chosen. */
@Component
class Report {
  static final Color INK = new Color(0x1B, 0x23, 0x2B);
  static final Color SOFT = new Color(0x4A, 0x56, 0x62);
  static final Color COPPER = new Color(0xA8, 0x4E, 0x16);
  static final Color FAILED = new Color(0x9C, 0x14, 0x30);
  static final Color RULE = new Color(0xCF, 0xC9, 0xBB);
  private static final DateTimeFormatter TIME =
      DateTimeFormatter.ofPattern("d MMM uuuu, HH:mm", Locale.ENGLISH);

  /** Width of the winding picture [pt]. */
  private static final float PICTURE = 186;

  /** Most readings that a page holds; the rest is counted. */
  private static final int MOST_READINGS = 26;

  private final Clock clock;
  private final BaseFont regular;
  private final BaseFont bold;

  Report(Clock clock) throws IOException {
    this.clock = clock;
    regular = font("AtkinsonHyperlegibleNext_400Regular.ttf", "400Regular");
    bold = font("AtkinsonHyperlegibleNext_700Bold.ttf", "700Bold");
  }

  BaseFont regular() {
    return regular;
  }

  BaseFont bold() {
    return bold;
  }

  private static BaseFont font(String name, String folder) throws IOException {
    try (InputStream file = Report.class.getResourceAsStream("/fonts/" + folder + "/" + name)) {
      return BaseFont.createFont(
          name, BaseFont.IDENTITY_H, BaseFont.EMBEDDED, true, file.readAllBytes(), null);
    }
  }

  byte[] of(CallView call) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    Document page = new Document(PageSize.LETTER, 48, 48, 44, 40);
    PdfWriter writer = PdfWriter.getInstance(page, bytes);
    page.addTitle("Report: " + call.particulars().place());
    page.addCreator("Variable Rotor");
    page.open();
    head(page, call);
    found(page, writer, call);
    readings(page, call);
    cleared(page, call.diagnosis());
    decision(page, call);
    byHand(page, call);
    repair(page, call);
    if (call.wired() != null) {
      new WiringPages(page, writer, regular, bold).add(call.wired(), time(call, call.wired().at()));
    }
    page.add(
        text(
            "Worked out by engine "
                + call.diagnosis().engine()
                + " from the readings above; the unit's literature, local code and licensed"
                + " practice rule. Times are those of "
                + call.settings().timeZone()
                + ".",
            regular,
            7.5f,
            SOFT,
            10));
    page.close();
    return bytes.toByteArray();
  }

  static Paragraph text(String text, BaseFont face, float size, Color colour, float before) {
    Paragraph paragraph = new Paragraph(text, new Font(face, size, Font.NORMAL, colour));
    paragraph.setSpacingBefore(before);
    paragraph.setLeading(size * 1.35f);
    return paragraph;
  }

  private void title(Document page, String title) {
    page.add(text(title, bold, 10.5f, COPPER, 11));
  }

  private void body(Document page, String body) {
    page.add(text(body, regular, 9.5f, INK, 2));
  }

  private void head(Document page, CallView call) {
    var told = call.particulars();
    page.add(text("Service report", regular, 9, SOFT, 0));
    page.add(text(told.place(), bold, 18, INK, 2));
    String motor =
        told.motor().family().title()
            + (told.motor().horsepower() == null
                ? ""
                : ", " + Numbers.plain(told.motor().horsepower()) + " hp")
            + (told.motor().volts() == null ? "" : ", " + told.motor().volts() + " V");
    page.add(
        text(
            told.unitName().isEmpty() ? motor : told.unitName() + ". " + motor,
            regular,
            10,
            SOFT,
            0));
    String complaint = told.complaint().isEmpty() ? told.symptom().title() + "." : told.complaint();
    page.add(text("Complaint: " + complaint, regular, 10, INK, 6));
    page.add(
        text(
            "Opened by "
                + call.openedBy()
                + ", "
                + time(call, call.openedAt())
                + ". Printed "
                + time(call, OffsetDateTime.now(clock).toString())
                + ".",
            regular,
            8.5f,
            SOFT,
            2));
  }

  /** In the shop's own zone. */
  private static String time(CallView call, String at) {
    ZoneId zone = ZoneId.of(call.settings().timeZone());
    return TIME.format(OffsetDateTime.parse(at).atZoneSameInstant(zone));
  }

  /** What was found, and beside it the picture of the winding, where it was measured. */
  private void found(Document page, PdfWriter writer, CallView call) {
    DiagnosisView diagnosis = call.diagnosis();
    title(page, "What was found");
    List<Paragraph> said = new ArrayList<>();
    said.add(text(diagnosis.verdict().sentence(), bold, 11.5f, INK, 2));
    said.add(text(diagnosis.winding().sentence(), regular, 9.5f, INK, 2));
    for (Diagnosis.Warning warning : diagnosis.warnings()) {
      said.add(text("Mind: " + warning.sentence(), regular, 9.5f, INK, 2));
    }
    if (diagnosis.winding().state() == WindingState.NOT_MEASURED) {
      said.forEach(page::add);
      return;
    }
    PdfPCell words = new PdfPCell();
    words.setBorder(PdfPCell.NO_BORDER);
    words.setPadding(0);
    said.forEach(words::addElement);
    Image picture = PaperDrawing.of(call.windingPicture(), writer, regular, bold, PICTURE);
    PdfPCell beside = new PdfPCell(picture, false);
    beside.setBorder(PdfPCell.NO_BORDER);
    beside.setPaddingTop(4);
    beside.setHorizontalAlignment(Element.ALIGN_RIGHT);
    PdfPTable table = new PdfPTable(new float[] {1.75f, 1});
    table.setWidthPercentage(100);
    table.addCell(words);
    table.addCell(beside);
    page.add(table);
  }

  private void readings(Document page, CallView call) {
    List<CallView.ReadingView> before = standing(call, RepairPhase.BEFORE);
    title(page, "Readings");
    if (before.isEmpty()) {
      body(page, "None yet.");
    }
    table(page, before);
    List<CallView.ReadingView> after = standing(call, RepairPhase.AFTER);
    if (!after.isEmpty()) {
      title(page, "Readings after the repair");
      table(page, after);
    }
    if (!call.asTold().isEmpty()) {
      title(page, "Told in words that are not known any more");
      call.asTold().stream()
          .limit(MOST_READINGS)
          .forEach(one -> body(page, one.what() + ": " + one.said() + " (" + one.author() + ")"));
    }
  }

  private static List<CallView.ReadingView> standing(CallView call, RepairPhase phase) {
    return call.readings().stream().filter(one -> one.standing() && one.phase() == phase).toList();
  }

  private void table(Document page, List<CallView.ReadingView> standing) {
    PdfPTable table = new PdfPTable(new float[] {4.2f, 1.8f, 4.2f, 1.8f});
    table.setWidthPercentage(100);
    table.setSpacingBefore(4);
    table.getDefaultCell().setBorder(PdfPCell.NO_BORDER);
    standing.stream().limit(MOST_READINGS).forEach(reading -> row(table, reading));
    table.completeRow();
    page.add(table);
    if (standing.size() > MOST_READINGS) {
      body(page, "And " + (standing.size() - MOST_READINGS) + " more, kept with the call.");
    }
  }

  private void row(PdfPTable table, CallView.ReadingView reading) {
    table.addCell(
        cell(Objects.requireNonNull(FactType.ofId(reading.fact())).title(), regular, INK));
    table.addCell(cell(reading.spoken(), bold, INK));
  }

  static PdfPCell cell(String text, BaseFont face, Color colour) {
    PdfPCell cell = new PdfPCell(new Phrase(text, new Font(face, 8.5f, Font.NORMAL, colour)));
    cell.setBorder(PdfPCell.BOTTOM);
    cell.setBorderColor(RULE);
    cell.setHorizontalAlignment(Element.ALIGN_LEFT);
    cell.setPaddingTop(2.5f);
    cell.setPaddingBottom(3.5f);
    cell.setPaddingLeft(0);
    return cell;
  }

  private void cleared(Document page, DiagnosisView diagnosis) {
    title(page, "Why");
    for (DiagnosisView.SuspectView suspect : diagnosis.suspects()) {
      boolean blamed = diagnosis.verdict().suspects().contains(suspect.id());
      List<String> reasons =
          suspect.pointedAtBy().stream().map(DiagnosisView.ReasonView::sentence).toList();
      if (blamed && !reasons.isEmpty()) {
        body(page, suspect.id().title() + ": " + String.join(" ", reasons));
      }
    }
    listed(page, "Cleared by what was read", diagnosis, DiagnosisView::isClearedByReading);
    listed(page, "Looked at, not cleared", diagnosis, DiagnosisView::isLeftOpen);
    listed(page, "Not measured", diagnosis, DiagnosisView::isNotMeasured);
  }

  private void listed(
      Document page,
      String title,
      DiagnosisView diagnosis,
      BiPredicate<DiagnosisView, DiagnosisView.SuspectView> which) {
    String names =
        diagnosis.suspects().stream()
            .filter(suspect -> which.test(diagnosis, suspect))
            .map(suspect -> suspect.id().title())
            .collect(Collectors.joining(", "));
    if (!names.isEmpty()) {
      body(page, title + ": " + names + ".");
    }
  }

  /** What was done by hand, what was noted, and what was left out. */
  private void byHand(Document page, CallView call) {
    CallView.FitView fit = call.fit();
    if (fit == null || fit.author() == null || fit.at() == null) {
      return;
    }
    title(page, "Fitted");
    fit.lines().forEach(line -> body(page, line));
    String by = fit.author() + ", " + time(call, fit.at()) + ".";
    page.add(text(by, regular, 8.5f, SOFT, 2));
  }

  /** What the repair showed, and what nobody looked at. */
  private void repair(Document page, CallView call) {
    CallView.RepairView repair = call.repair();
    if (repair == null || repair.author() == null || repair.at() == null) {
      return;
    }
    title(page, "The repair");
    page.add(text(repair.headline(), bold, 11.5f, INK, 2));
    for (CallView.RepairCheck one : repair.checks()) {
      // What was not looked at says what to do, which is no matter for a report.
      body(
          page,
          switch (one.state()) {
            case PASS -> "Passes. " + one.title() + ": " + one.sentence();
            case FAIL -> "Fails. " + one.title() + ": " + one.sentence();
            case NOT_YET -> "Not seen. " + one.title() + ".";
          });
    }
    String by = repair.author() + ", " + time(call, repair.at()) + ".";
    page.add(text(by, regular, 8.5f, SOFT, 2));
  }

  private void decision(Document page, CallView call) {
    title(page, "Way forward");
    if (!call.answers().isEmpty()) {
      CallView.SaidView said = call.answers().get(0);
      body(
          page,
          "The customer's answer: "
              + (said.route() == null ? "thinks it over" : said.route().title())
              + ", said by "
              + said.by()
              + " on "
              + said.on()
              + "."
              + (said.note().isEmpty() ? "" : " " + said.note()));
    }
    if (call.decisions().isEmpty()) {
      body(page, "Not chosen yet.");
      return;
    }
    CallView.DecisionView decision = call.decisions().get(0);
    String cost =
        decision.firstCost() == null
            ? ""
            : ", first cost " + decision.currency() + " " + Numbers.fixed(decision.firstCost(), 2);
    body(
        page,
        decision.route().title()
            + (decision.candidate() == null ? "" : " with " + decision.candidate())
            + cost
            + ". Chosen by "
            + decision.author()
            + ", "
            + time(call, decision.at())
            + ".");
    CallView.WayView way =
        call.ways().stream()
            .filter(one -> one.route() == decision.route())
            .findFirst()
            .orElseThrow();
    if (way.plan().size() > 1) {
      body(page, "To be done: " + String.join("; then ", way.plan()) + ".");
    }
    if (!way.loses().isEmpty()) {
      body(page, "Given up with it: " + String.join("; ", way.loses()) + ".");
    }
    decision.done().forEach(one -> body(page, "While it is fitted: " + one));
  }
}
