package variablerotor.server.document;

import com.lowagie.text.Document;
import com.lowagie.text.PageSize;
import com.lowagie.text.Paragraph;
import com.lowagie.text.pdf.BaseFont;
import com.lowagie.text.pdf.PdfPCell;
import com.lowagie.text.pdf.PdfPTable;
import com.lowagie.text.pdf.PdfWriter;
import java.io.ByteArrayOutputStream;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import variablerotor.core.diagnosis.VerdictState;
import variablerotor.core.route.RouteState;
import variablerotor.core.text.Numbers;
import variablerotor.core.view.CallView;
import variablerotor.core.view.CallView.WayView;

/**
 * One page for the customer, in plain words: what was found, up to three ways side by side, what is
 * given up with each, what it costs and how long it takes, and room to say which.
 */
@Component
class CustomerSheet {
  /** Ways that fit side by side, and that a person still compares. */
  private static final int MOST_WAYS = 3;

  /** Things given up with a way that stand on the page. */
  private static final int MOST_LOST = 5;

  /** How long a price is held to [d]. Common practice; prices of parts change by the month. */
  private static final int VALID_DAYS = 30;

  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);

  private final Clock clock;
  private final Report report;

  CustomerSheet(Clock clock, Report report) {
    this.clock = clock;
    this.report = report;
  }

  byte[] of(CallView call) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    Document page = new Document(PageSize.LETTER, 48, 48, 44, 40);
    PdfWriter.getInstance(page, bytes);
    page.addTitle("For the customer: " + call.particulars().place());
    page.addCreator("Variable Rotor");
    page.open();
    LocalDate today = LocalDate.now(clock.withZone(ZoneId.of(call.settings().timeZone())));
    var told = call.particulars();
    page.add(line("What can be done", report.regular(), 9, 0));
    page.add(line(told.place(), report.bold(), 18, 2));
    page.add(
        line(
            (told.unitName().isEmpty() ? "" : told.unitName() + ". ") + DAY.format(today) + ".",
            report.regular(),
            10,
            0));
    title(page, "What was found");
    page.add(line(call.diagnosis().verdict().sentence(), report.bold(), 11.5f, 2));
    if (call.diagnosis().verdict().state() != VerdictState.DECIDED) {
      page.add(
          line("This is not proved yet: what follows can still change.", report.regular(), 10, 2));
    }
    page.add(line(call.warranty().sentence(), report.regular(), 10, 2));
    title(page, "Ways forward");
    List<WayView> ways = offered(call);
    if (ways.isEmpty()) {
      page.add(line("None can be offered yet.", report.regular(), 10, 2));
    } else {
      page.add(sideBySide(call, ways));
      page.add(
          line(
              "Prices hold until " + DAY.format(today.plusDays(VALID_DAYS)) + ".",
              report.regular(),
              10,
              8));
    }
    if (call.answers().isEmpty()) {
      answer(page, ways);
    } else {
      answered(page, call.answers().get(0));
    }
    page.close();
    return bytes.toByteArray();
  }

  private static Paragraph line(String text, BaseFont face, float size, float before) {
    return Report.text(text, face, size, Report.INK, before);
  }

  private void title(Document page, String title) {
    page.add(Report.text(title, report.bold(), 10.5f, Report.COPPER, 14));
  }

  /** What can be gone, the advised one first, then the open ones, then the cheaper ones. */
  static List<WayView> offered(CallView call) {
    return call.ways().stream()
        .filter(way -> way.state() != RouteState.BLOCKED)
        .sorted(
            Comparator.comparing((WayView way) -> way.route() != call.recommended())
                .thenComparing(way -> way.state() != RouteState.OPEN)
                .thenComparing(WayView::firstCost, Comparator.nullsLast(Comparator.naturalOrder())))
        .limit(MOST_WAYS)
        .toList();
  }

  private PdfPTable sideBySide(CallView call, List<WayView> ways) {
    PdfPTable table = new PdfPTable(ways.size());
    table.setWidthPercentage(100);
    table.setSpacingBefore(6);
    for (WayView way : ways) {
      PdfPCell cell = new PdfPCell();
      cell.setBorderColor(Report.RULE);
      cell.setPadding(9);
      cell.addElement(line(way.route().title(), report.bold(), 12, 0));
      if (way.route() == call.recommended()) {
        cell.addElement(Report.text("What we advise", report.bold(), 9, Report.COPPER, 0));
      }
      cell.addElement(line(way.route().detail(), report.regular(), 10, 3));
      cell.addElement(line(price(call, way), report.bold(), 12, 8));
      cell.addElement(line(days(way.daysWithout()), report.regular(), 10, 3));
      for (var reason : way.reasons()) {
        cell.addElement(line("First: " + reason.sentence(), report.regular(), 9, 3));
      }
      if (!way.loses().isEmpty()) {
        cell.addElement(line("Given up with it:", report.bold(), 10, 8));
        way.loses().stream()
            .limit(MOST_LOST)
            .forEach(one -> cell.addElement(line("– " + one, report.regular(), 10, 2)));
      }
      table.addCell(cell);
    }
    return table;
  }

  private static String price(CallView call, WayView way) {
    if (way.firstCost() == null) {
      return "Price to come";
    }
    double whole = way.firstCost() + (way.tax() == null ? 0 : way.tax());
    return call.settings().currency()
        + " "
        + Numbers.fixed(whole, 2)
        + (way.tax() == null ? ", before tax" : ", tax included");
  }

  private static String days(@Nullable Double without) {
    if (without == null) {
      return "How long it takes is to be told.";
    }
    return without == 0
        ? "Can be done now."
        : Numbers.plain(without) + (without == 1 ? " day" : " days") + " until the part is here.";
  }

  /** What was answered stands in the place of the room for it. */
  private void answered(Document page, CallView.SaidView said) {
    title(page, "Your answer");
    page.add(line(said(said), report.bold(), 12, 4));
    page.add(
        line(
            "Said by " + said.by() + " on " + DAY.format(LocalDate.parse(said.on())) + ".",
            report.regular(),
            10,
            2));
    if (!said.note().isEmpty()) {
      page.add(line(said.note(), report.regular(), 10, 2));
    }
    page.add(line("Signature ______________________________", report.regular(), 10, 26));
  }

  /** As in "Equivalent motor", or that it is thought over. */
  static String said(CallView.SaidView said) {
    return said.route() == null ? "I want to think it over" : said.route().title();
  }

  private void answer(Document page, List<WayView> ways) {
    title(page, "Your answer");
    for (WayView way : ways) {
      page.add(line("[   ]  " + way.route().title(), report.regular(), 11, 4));
    }
    page.add(line("[   ]  I want to think it over", report.regular(), 11, 4));
    page.add(
        line(
            "Name ______________________________   Date ______________   Signature"
                + " ______________________________",
            report.regular(),
            10,
            26));
  }
}
