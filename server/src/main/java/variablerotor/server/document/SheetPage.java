package variablerotor.server.document;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
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
 * What stands on the customer's page, in plain words: what was found, up to three ways side by
 * side, what is given up with each, what it costs and how long it takes, and room to say which.
 *
 * @param proved whether the verdict stands
 * @param until to which day the prices hold
 * @param answer what was answered; null where nothing was yet
 */
record SheetPage(
    String place,
    String unit,
    String verdict,
    boolean proved,
    String warranty,
    List<WayBox> ways,
    String until,
    @Nullable Answer answer) {
  /** Ways that fit side by side, and that a person still compares. */
  private static final int MOST_WAYS = 3;

  /** Things given up with a way that stand on the page. */
  private static final int MOST_LOST = 5;

  /** How long a price is held to [d]. Common practice; prices of parts change by the month. */
  private static final int VALID_DAYS = 30;

  /** Longest that a note is on the sheet; the whole stands with the call [characters]. */
  private static final int LONGEST_NOTE = 300;

  /**
   * One way.
   *
   * @param age of which day the part's price is; empty where it is of today
   * @param days how long it takes; empty where nobody knows whether it can be gone
   * @param meanwhile what goes in until the part is there; empty for nothing
   * @param open what is still to be settled; empty for nothing
   */
  record WayBox(
      String title,
      boolean advised,
      boolean chosen,
      String detail,
      String price,
      String age,
      String days,
      String meanwhile,
      String open,
      List<String> lost) {}

  /** What the customer said. */
  record Answer(String said, String by, String note) {}

  static SheetPage of(CallView call, PaperTime time) {
    var told = call.particulars();
    String unit = told.unitName().isEmpty() ? "" : told.unitName() + ". ";
    return new SheetPage(
        told.place(),
        unit + PaperTime.day(time.today()) + ".",
        call.diagnosis().verdict().sentence(),
        call.diagnosis().verdict().state() == VerdictState.DECIDED,
        call.warranty().sentence(),
        offered(call).stream().map(way -> box(call, way, time)).toList(),
        PaperTime.day(time.today().plusDays(VALID_DAYS)),
        call.answers().isEmpty() ? null : answer(call.answers().get(0)));
  }

  /** What can be gone, in the one order of the ways; the one that was chosen stands first. */
  private static List<WayView> offered(CallView call) {
    Route chosen = chosen(call);
    return call.ways().stream()
        .filter(way -> way.state() != RouteState.BLOCKED)
        .sorted(Comparator.comparing(way -> way.route() != chosen))
        .limit(MOST_WAYS)
        .toList();
  }

  private static @Nullable Route chosen(CallView call) {
    return call.decisions().isEmpty() ? null : call.decisions().get(0).route();
  }

  private static WayBox box(CallView call, WayView way, PaperTime time) {
    return new WayBox(
        way.route().title(),
        way.route() == call.recommended(),
        way.route() == chosen(call),
        way.route().detail(),
        price(call, way),
        age(way, time),
        way.near() ? days(way.daysWithout()) : "",
        way.near() ? meanwhile(call, way) : "",
        open(way),
        way.loses().stream().limit(MOST_LOST).toList());
  }

  private static String open(WayView way) {
    if (way.state() == RouteState.OPEN) {
      return "";
    }
    return way.near()
        ? "Something small is still to be settled for it."
        : "We are still finding out whether it can be done here.";
  }

  /** A motor on loan, or a bypass, until the part is there. */
  private static String meanwhile(CallView call, WayView way) {
    Bridge bridge = way.bridge();
    return bridge == null || bridge.firstCost() == null
        ? ""
        : bridge.route().title()
            + " meanwhile: "
            + call.settings().currency()
            + " "
            + Numbers.fixed(bridge.firstCost(), 2)
            + (bridge.until() == null ? "." : ", to " + PaperTime.day(bridge.until()) + ".");
  }

  /** No price for what nobody knows to fit. */
  private static String price(CallView call, WayView way) {
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
  private static String unpriced(WayView way) {
    List<String> open =
        way.parts().stream()
            .filter(one -> one.price() == null)
            .map(one -> Words.inside(one.what()))
            .toList();
    return open.isEmpty() ? "" : "; price to come for " + Words.and(open);
  }

  /** Of which day the part's price is, where a supply house said it before today. */
  private static String age(WayView way, PaperTime time) {
    Sourced sourced = way.sourced();
    boolean typed = way.typed() != null && way.typed().partPrice() != null;
    if (sourced == null || typed || !sourced.quoted() || sourced.asOf() == null) {
      return "";
    }
    LocalDate said = time.dayOf(sourced.asOf());
    return said.isBefore(time.today()) ? "The part's price is of " + PaperTime.day(said) + "." : "";
  }

  private static String days(@Nullable Double without) {
    if (without == null) {
      return "How long it takes is to be told.";
    }
    return without == 0
        ? "Can be done now."
        : Numbers.plain(without) + (without == 1 ? " day" : " days") + " until the part is here.";
  }

  private static Answer answer(CallView.SaidView said) {
    String note = said.note();
    return new Answer(
        said.route() == null ? "I want to think it over" : said.route().title(),
        "Said by " + said.by() + " on " + PaperTime.day(LocalDate.parse(said.on())) + ".",
        note.length() <= LONGEST_NOTE ? note : note.substring(0, LONGEST_NOTE) + " …");
  }
}
