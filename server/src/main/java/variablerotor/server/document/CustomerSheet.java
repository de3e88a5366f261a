package variablerotor.server.document;

import com.lowagie.text.Document;
import com.lowagie.text.PageSize;
import com.lowagie.text.Paragraph;
import com.lowagie.text.pdf.BaseFont;
import com.lowagie.text.pdf.PdfPCell;
import com.lowagie.text.pdf.PdfPTable;
import com.lowagie.text.pdf.PdfWriter;
import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import variablerotor.core.choice.Bridge;
import variablerotor.core.choice.Sourced;
import variablerotor.core.diagnosis.VerdictState;
import variablerotor.core.route.Route;
import variablerotor.core.route.RouteState;
import variablerotor.core.text.Numbers;
import variablerotor.core.text.Words;
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

  /** Letters are made no smaller than this share of their size. */
  private static final float SMALLEST = 0.6f;

  private static final float STEP = 0.08f;

  /** Longest that a note is on the sheet; the whole stands with the call [characters]. */
  private static final int LONGEST_NOTE = 300;

  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);

  private final Clock clock;
  private final Report report;

  CustomerSheet(Clock clock, Report report) {
    this.clock = clock;
    this.report = report;
  }

  /** The letters are made smaller until all of it is one page. */
  byte[] of(CallView call) {
    byte[] sheet = new byte[0];
    for (float scale = 1; scale >= SMALLEST; scale -= STEP) {
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      int pages = new Writing(call, scale).onto(bytes);
      sheet = bytes.toByteArray();
      if (pages == 1) {
        return sheet;
      }
    }
    return sheet;
  }

  /** What can be gone, in the one order of the ways; the one that was chosen stands first. */
  static List<WayView> offered(CallView call) {
    Route chosen = call.decisions().isEmpty() ? null : call.decisions().get(0).route();
    return call.ways().stream()
        .filter(way -> way.state() != RouteState.BLOCKED)
        .sorted(Comparator.comparing(way -> way.route() != chosen))
        .limit(MOST_WAYS)
        .toList();
  }

  /** One try, with letters of this share of their size. */
  private final class Writing {
    private final CallView call;
    private final float scale;
    private final LocalDate today;
    private final List<WayView> ways;

    Writing(CallView call, float scale) {
      this.call = call;
      this.scale = scale;
      today = LocalDate.now(clock.withZone(ZoneId.of(call.settings().timeZone())));
      ways = offered(call);
    }

    /** Gives the number of pages. */
    int onto(ByteArrayOutputStream bytes) {
      Document page = new Document(PageSize.LETTER, 48, 48, 44, 40);
      PdfWriter writer = PdfWriter.getInstance(page, bytes);
      page.addTitle("For the customer: " + call.particulars().place());
      page.addCreator("Variable Rotor");
      page.open();
      found(page);
      title(page, "Ways forward");
      if (ways.isEmpty()) {
        page.add(plain("None can be offered yet.", 10, 2));
      } else {
        page.add(sideBySide());
        String until = DAY.format(today.plusDays(VALID_DAYS));
        page.add(plain("Prices hold until " + until + ".", 10, 8));
      }
      if (call.answers().isEmpty()) {
        answer(page);
      } else {
        answered(page, call.answers().get(0));
      }
      int pages = writer.getPageNumber();
      page.close();
      return pages;
    }

    private void found(Document page) {
      var told = call.particulars();
      page.add(plain("What can be done", 9, 0));
      page.add(bold(told.place(), 18, 2));
      String unit = told.unitName().isEmpty() ? "" : told.unitName() + ". ";
      page.add(plain(unit + DAY.format(today) + ".", 10, 0));
      title(page, "What was found");
      page.add(bold(call.diagnosis().verdict().sentence(), 11.5f, 2));
      if (call.diagnosis().verdict().state() != VerdictState.DECIDED) {
        page.add(plain("This is not proved yet: what follows can still change.", 10, 2));
      }
      page.add(plain(call.warranty().sentence(), 10, 2));
    }

    private Paragraph plain(String text, float size, float before) {
      return line(text, report.regular(), size, Report.INK, before);
    }

    private Paragraph bold(String text, float size, float before) {
      return line(text, report.bold(), size, Report.INK, before);
    }

    private Paragraph line(String text, BaseFont face, float size, Color colour, float before) {
      return Report.text(text, face, size * scale, colour, before * scale);
    }

    private void title(Document page, String title) {
      page.add(line(title, report.bold(), 10.5f, Report.COPPER, 14));
    }

    private PdfPTable sideBySide() {
      PdfPTable table = new PdfPTable(ways.size());
      table.setWidthPercentage(100);
      table.setSpacingBefore(6);
      for (WayView way : ways) {
        PdfPCell cell = new PdfPCell();
        cell.setBorderColor(Report.RULE);
        cell.setPadding(9 * scale);
        cell.addElement(bold(way.route().title(), 12, 0));
        if (way.route() == call.recommended()) {
          cell.addElement(line("What we advise", report.bold(), 9, Report.COPPER, 0));
        }
        if (!call.decisions().isEmpty() && way.route() == call.decisions().get(0).route()) {
          cell.addElement(line("Chosen", report.bold(), 9, Report.COPPER, 0));
        }
        cell.addElement(plain(way.route().detail(), 10, 3));
        cell.addElement(bold(price(way), 12, 8));
        String age = age(way);
        if (!age.isEmpty()) {
          cell.addElement(plain(age, 9, 3));
        }
        if (way.near()) {
          cell.addElement(plain(days(way.daysWithout()), 10, 3));
          meanwhile(way, cell);
        }
        if (way.state() != RouteState.OPEN) {
          cell.addElement(
              plain(
                  way.near()
                      ? "Something small is still to be settled for it."
                      : "We are still finding out whether it can be done here.",
                  9,
                  3));
        }
        if (!way.loses().isEmpty()) {
          cell.addElement(bold("Given up with it:", 10, 8));
          way.loses().stream()
              .limit(MOST_LOST)
              .forEach(one -> cell.addElement(plain("– " + one, 10, 2)));
        }
        table.addCell(cell);
      }
      return table;
    }

    /** A motor on loan, or a bypass, until the part is there. */
    private void meanwhile(WayView way, PdfPCell cell) {
      Bridge bridge = way.bridge();
      if (bridge != null && bridge.firstCost() != null) {
        cell.addElement(
            plain(
                bridge.route().title()
                    + " meanwhile: "
                    + call.settings().currency()
                    + " "
                    + Numbers.fixed(bridge.firstCost(), 2)
                    + (bridge.until() == null ? "." : ", to " + DAY.format(bridge.until()) + "."),
                9,
                3));
      }
    }

    /** No price for what nobody knows to fit. */
    private String price(WayView way) {
      if (way.firstCost() == null || !way.near()) {
        return "Price to come";
      }
      double whole = way.firstCost() + (way.tax() == null ? 0 : way.tax());
      return call.settings().currency()
          + " "
          + Numbers.fixed(whole, 2)
          + (way.tax() == null ? ", before tax" : ", tax included")
          + unpriced(way);
    }

    /** What is on the list and has no price yet comes on top: the sum is not the whole. */
    private String unpriced(WayView way) {
      List<String> open =
          way.parts().stream()
              .filter(one -> one.price() == null)
              .map(one -> Words.inside(one.what()))
              .toList();
      return open.isEmpty() ? "" : "; price to come for " + Words.and(open);
    }

    /** Of which day the part's price is, where a supply house said it before today. */
    private String age(WayView way) {
      Sourced sourced = way.sourced();
      boolean typed = way.typed() != null && way.typed().partPrice() != null;
      if (sourced == null || typed || !sourced.quoted() || sourced.asOf() == null) {
        return "";
      }
      LocalDate said =
          OffsetDateTime.parse(sourced.asOf())
              .atZoneSameInstant(ZoneId.of(call.settings().timeZone()))
              .toLocalDate();
      return said.isBefore(today) ? "The part's price is of " + DAY.format(said) + "." : "";
    }

    private void answer(Document page) {
      title(page, "Your answer");
      for (WayView way : ways) {
        page.add(plain("[   ]  " + way.route().title(), 11, 4));
      }
      page.add(plain("[   ]  I want to think it over", 11, 4));
      page.add(
          plain(
              "Name ______________________________   Date ______________   Signature"
                  + " ______________________________",
              10,
              26));
    }

    /** What was answered stands in the place of the room for it. */
    private void answered(Document page, CallView.SaidView said) {
      title(page, "Your answer");
      page.add(
          bold(said.route() == null ? "I want to think it over" : said.route().title(), 12, 4));
      String day = DAY.format(LocalDate.parse(said.on()));
      page.add(plain("Said by " + said.by() + " on " + day + ".", 10, 2));
      String note = said.note();
      if (!note.isEmpty()) {
        boolean whole = note.length() <= LONGEST_NOTE;
        page.add(plain(whole ? note : note.substring(0, LONGEST_NOTE) + " …", 10, 2));
      }
      page.add(plain("Signature ______________________________", 10, 26));
    }
  }

  private static String days(@Nullable Double without) {
    if (without == null) {
      return "How long it takes is to be told.";
    }
    return without == 0
        ? "Can be done now."
        : Numbers.plain(without) + (without == 1 ? " day" : " days") + " until the part is here.";
  }
}
