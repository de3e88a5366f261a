package variablerotor.core.view;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.choice.Bridge;
import variablerotor.core.choice.Sourced;
import variablerotor.core.diagnosis.VerdictState;
import variablerotor.core.job.Signature;
import variablerotor.core.route.Route;
import variablerotor.core.route.RouteState;
import variablerotor.core.text.Dates;
import variablerotor.core.text.Numbers;
import variablerotor.core.text.Words;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;
import variablerotor.core.view.CallView.WayView;

/**
 * The customer's sheet, in plain words: what was found, up to three ways side by side, what is
 * given up with each, what it costs and how long it takes, and what was answered.
 *
 * @param unit with the day of the sheet
 * @param proved whether the verdict stands
 * @param holds how long the prices do, as a sentence
 * @param toThink what is signed by who thinks it over, line by line
 * @param answer what was answered; null where nothing was yet
 */
public record WaysSheet(
    String place,
    String unit,
    String verdict,
    boolean proved,
    String warranty,
    List<WayBox> ways,
    String holds,
    List<String> toThink,
    @Nullable CustomerSaid answer)
    implements Node {
  /** Ways that fit side by side, and that a person still compares. */
  private static final int MOST_WAYS = 3;

  /** Things given up with a way that stand on the page. */
  private static final int MOST_LOST = 5;

  /** How long a price is held to [d]. Common practice; prices of parts change by the month. */
  private static final int VALID_DAYS = 30;

  /** Longest that a note is on the sheet; the whole stands with the call [characters]. */
  private static final int LONGEST_NOTE = 300;

  private static final String NOT_PROVED = "This is not proved yet: what follows can still change.";

  public WaysSheet {
    ways = List.copyOf(ways);
    toThink = List.copyOf(toThink);
  }

  /**
   * One way.
   *
   * @param asOf when a supply house said the part's price (ISO 8601); null where none did
   * @param days how long it takes; empty where nobody knows whether it can be gone
   * @param meanwhile what goes in until the part is there; empty for nothing
   * @param open what is still to be settled; empty for nothing
   * @param signed what is signed by who says yes to it, line by line
   */
  public record WayBox(
      Route route,
      String title,
      boolean advised,
      boolean chosen,
      String detail,
      String price,
      @Nullable String asOf,
      String days,
      String meanwhile,
      String open,
      List<String> lost,
      List<String> signed)
      implements Node {
    public WayBox {
      lost = List.copyOf(lost);
      signed = List.copyOf(signed);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "route", route,
          "title", title,
          "advised", advised,
          "chosen", chosen,
          "detail", detail,
          "price", price,
          "asOf", asOf,
          "days", days,
          "meanwhile", meanwhile,
          "open", open,
          "lost", lost,
          "signed", signed);
    }
  }

  /**
   * What the customer said.
   *
   * @param signed null where nobody signed on a screen
   * @param otherNow whether something else stands above that name now; never once the steps of the
   *     job are done, as what they took from the shelf costs and takes something else from then on
   */
  public record CustomerSaid(
      String said, String by, String note, @Nullable Signature signed, boolean otherNow)
      implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("said", said, "by", by, "note", note, "signed", signed, "otherNow", otherNow);
    }
  }

  /**
   * @param today in the shop's time zone
   * @param priced when the prices were read last: today where the shop answers
   */
  public static WaysSheet of(CallView call, LocalDate today, LocalDate priced) {
    var told = call.particulars();
    String unit = told.unitName().isEmpty() ? "" : told.unitName() + ". ";
    boolean proved = call.diagnosis().verdict().state() == VerdictState.DECIDED;
    List<String> found = new ArrayList<>(List.of(call.diagnosis().verdict().sentence()));
    if (!proved) {
      found.add(NOT_PROVED);
    }
    // A clock that was set back since then makes no price hold longer.
    LocalDate of = priced.isAfter(today) ? today : priced;
    LocalDate until = of.plusDays(VALID_DAYS);
    boolean held = !until.isBefore(today);
    String holds =
        held
            ? "Prices hold until " + Dates.written(until) + "."
            : "The prices are of " + Dates.written(of) + " and are to be confirmed.";
    // Nobody signs a price that is not held without that above the name.
    List<String> more = held ? List.of() : List.of(holds);
    List<WayBox> ways = offered(call).stream().map(way -> box(call, way, found, more)).toList();
    List<String> toThink = new ArrayList<>(found);
    toThink.add("I want to think it over");
    return new WaysSheet(
        told.place(),
        unit + Dates.written(today) + ".",
        call.diagnosis().verdict().sentence(),
        proved,
        call.warranty().sentence(),
        ways,
        holds,
        toThink,
        call.answers().isEmpty()
            ? null
            : answer(
                call.answers().get(0), ways, toThink, call.fit() != null && call.fit().done()));
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

  private static WayBox box(CallView call, WayView way, List<String> found, List<String> more) {
    String price = price(call, way);
    String days = way.near() ? days(way.daysWithout()) : "";
    String meanwhile = way.near() ? meanwhile(call, way) : "";
    String open = open(way);
    List<String> signed = new ArrayList<>(found);
    signed.add(way.route().title() + ": " + price);
    for (String one : List.of(days, meanwhile, open)) {
      if (!one.isEmpty()) {
        signed.add(one);
      }
    }
    signed.addAll(more);
    return new WayBox(
        way.route(),
        way.route().title(),
        way.route() == call.recommended(),
        way.route() == chosen(call),
        way.route().detail(),
        price,
        asOf(way),
        days,
        meanwhile,
        open,
        way.loses().stream().limit(MOST_LOST).toList(),
        signed);
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
            + (bridge.until() == null ? "." : ", to " + Dates.written(bridge.until()) + ".");
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

  private static @Nullable String asOf(WayView way) {
    Sourced sourced = way.sourced();
    boolean typed = way.typed() != null && way.typed().partPrice() != null;
    return sourced == null || typed || !sourced.quoted() ? null : sourced.asOf();
  }

  private static String days(@Nullable Double without) {
    if (without == null) {
      return "How long it takes is to be told.";
    }
    return without == 0
        ? "Can be done now."
        : Numbers.plain(without) + (without == 1 ? " day" : " days") + " until the part is here.";
  }

  private static CustomerSaid answer(
      CallView.SaidView said, List<WayBox> ways, List<String> toThink, boolean done) {
    String note = said.note();
    Signature signed = said.signed();
    List<String> now =
        said.route() == null
            ? toThink
            : ways.stream()
                .filter(way -> way.route() == said.route())
                .map(WayBox::signed)
                .findFirst()
                .orElse(List.of());
    LocalDate on = Dates.read(said.on());
    return new CustomerSaid(
        said.route() == null ? "I want to think it over" : said.route().title(),
        "Said by " + said.by() + " on " + (on == null ? said.on() : Dates.written(on)) + ".",
        note.length() <= LONGEST_NOTE ? note : note.substring(0, LONGEST_NOTE) + " …",
        signed,
        signed != null && !done && !signed.under().equals(now));
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "place", place,
        "unit", unit,
        "verdict", verdict,
        "proved", proved,
        "warranty", warranty,
        "ways", ways,
        "holds", holds,
        "toThink", toThink,
        "answer", answer);
  }
}
