package variablerotor.core.job;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import variablerotor.core.casefile.CaseReader;
import variablerotor.core.casefile.Fields;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.casefile.PartReader;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.choice.Shelf;
import variablerotor.core.choice.ShopMotor;
import variablerotor.core.choice.Sourced;
import variablerotor.core.family.Family;
import variablerotor.core.likelihood.Counted;
import variablerotor.core.likelihood.Experience;
import variablerotor.core.route.Habit;
import variablerotor.core.route.Route;
import variablerotor.core.stock.InStock;
import variablerotor.core.stock.InStock.StockPlace;
import variablerotor.core.stock.Part;
import variablerotor.core.stock.PartKind;
import variablerotor.core.stock.Place;
import variablerotor.core.stock.Quote;
import variablerotor.core.stock.RatingField;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * What a shop brings to each of its calls, as it stands at one time. With it and its own log a call
 * is worked out, on the server and on a device alike.
 *
 * @param motors that the shop can get now
 * @param sourced what stock and supply house say of these motors
 * @param shelf what they have of small parts
 * @param experience what the shop's own ended calls say
 */
public record Shop(
    Settings settings,
    List<ShopMotor> motors,
    List<Sourced> sourced,
    Shelf shelf,
    Experience experience)
    implements Node {
  private static final int LONGEST = Needed.LONGEST;
  private static final double MOST = Needed.MOST;

  public Shop {
    motors = List.copyOf(motors);
    sourced = List.copyOf(sourced);
  }

  /** What of a call's log is the shop's. */
  public static Shop of(JobLog log, Settings settings) {
    return new Shop(
        settings,
        log.motors(),
        log.sourced().stream().filter(one -> one.route() == null).toList(),
        log.shelf(),
        log.experience());
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "settings", settings,
        "motors", motors.stream().map(ShopMotor::caseTree).toList(),
        "sourced", sourced,
        "stock", shelf.stock(),
        "quotes", shelf.quotes().stream().map(Shop::tree).toList(),
        "experience", tree(experience));
  }

  private static Map<String, Object> tree(Quote quote) {
    Map<String, Object> tree = quote.tree();
    Map<String, Object> ratings = new LinkedHashMap<>();
    quote.ratings().forEach((field, value) -> ratings.put(field.id(), value));
    tree.put("ratings", ratings);
    return tree;
  }

  private static Map<String, Object> tree(Experience experience) {
    return Tree.of(
        "strength",
        experience.strength(),
        "counts",
        experience.counts().stream()
            .map(
                one ->
                    Tree.of(
                        "family", one.family(),
                        "symptom", one.symptom(),
                        "suspects", one.suspects(),
                        "calls", one.calls()))
            .toList(),
        "times",
        experience.times().stream()
            .map(
                one ->
                    Tree.of(
                        "family", one.family(),
                        "check", one.check(),
                        "times", one.times(),
                        "minutes", one.minutes()))
            .toList());
  }

  /**
   * From a plain tree, as {@link #tree} makes it.
   *
   * @throws InputFaults with every fault found
   */
  public static Shop read(Object tree) throws InputFaults {
    List<InputFault> faults = Fields.faults();
    Fields shop = Fields.entry(tree, "shop", faults);
    if (shop == null) {
      throw new InputFaults(faults);
    }
    Settings settings = settings(shop.object("settings"));
    List<ShopMotor> motors = new ArrayList<>();
    for (Object one : shop.list("motors")) {
      motors.add(CaseReader.shopMotor(one));
    }
    List<Sourced> sourced = sourced(shop, "sourced");
    List<InStock> stock = new ArrayList<>();
    for (Object one : shop.list("stock")) {
      stock.add(inStock(one, faults));
    }
    List<Quote> quotes = new ArrayList<>();
    shop.each("quotes", Integer.MAX_VALUE, one -> quotes.add(quote(one)));
    Experience experience = experience(shop.object("experience"));
    if (!faults.isEmpty()) {
      throw new InputFaults(faults);
    }
    return new Shop(settings, motors, sourced, new Shelf(stock, quotes), experience);
  }

  private static Settings settings(Fields told) {
    Settings usual = Settings.usual(Needed.text(told, "timeZone"));
    return usual
        .but()
        .labourPerHour(Needed.number(told, "labourPerHour"))
        .balanceLimitPercent(Needed.number(told, "balanceLimitPercent"))
        .currency(Needed.text(told, "currency"))
        .taxPercent(told.number("taxPercent", 0, MOST))
        .taxOnLabour(Boolean.TRUE.equals(told.flag("taxOnLabour")))
        .energyPerKwh(told.number("energyPerKwh", 0, MOST))
        .fanHoursPerYear(told.number("fanHoursPerYear", 0, MOST))
        .lifeYears(Needed.number(told, "lifeYears"))
        .moduleAloneYears(Needed.number(told, "moduleAloneYears"))
        .habits(told.words("habits", Habit.values()))
        .name(told.text("name", LONGEST))
        .phone(told.text("phone", LONGEST))
        .build();
  }

  /** What stock and supply house say of parts, one after the other. */
  static List<Sourced> sourced(Fields told, String field) {
    List<Sourced> sourced = new ArrayList<>();
    told.each(
        field,
        Integer.MAX_VALUE,
        one ->
            sourced.add(
                new Sourced(
                    one.word("route", Route.values()),
                    kind(one),
                    Needed.text(one, "number"),
                    Needed.text(one, "name"),
                    one.word("at", Place.values()),
                    one.text("where", LONGEST),
                    one.whole("onHand", 0, Integer.MAX_VALUE),
                    one.number("price", 0, MOST),
                    Boolean.TRUE.equals(one.flag("quoted")),
                    one.number("days", 0, MOST),
                    one.text("asOf", LONGEST))));
    return sourced;
  }

  private static InStock inStock(Object tree, List<InputFault> faults) throws InputFaults {
    Fields one = new Fields(tree instanceof Map<?, ?> map ? map : Map.of(), "stock", faults);
    Object told = one.plain("part");
    Part part = PartReader.part(told == null ? Map.of() : told);
    List<StockPlace> places = new ArrayList<>();
    one.each(
        "places",
        Integer.MAX_VALUE,
        place ->
            places.add(
                new StockPlace(
                    Objects.requireNonNullElse(place.word("at", Place.values()), Place.SHELF),
                    Needed.text(place, "where"),
                    Needed.whole(place, "count"))));
    return new InStock(part, places);
  }

  private static Quote quote(Fields one) {
    Fields told = one.object("ratings");
    Map<RatingField, Double> ratings = new LinkedHashMap<>();
    for (RatingField field : RatingField.values()) {
      Double value = told.number(field.id(), -MOST, MOST);
      if (value != null) {
        ratings.put(field, value);
      }
    }
    List<String> doubts = new ArrayList<>();
    one.list("doubts").forEach(doubt -> doubts.add(String.valueOf(doubt)));
    return new Quote(
        Needed.text(one, "number"),
        kind(one),
        Needed.text(one, "name"),
        one.text("barcode", LONGEST),
        one.number("price", 0, MOST),
        one.whole("stock", 0, Integer.MAX_VALUE),
        one.number("leadDays", 0, MOST),
        one.text("replacedBy", LONGEST),
        ratings,
        Needed.text(one, "asOf"),
        doubts);
  }

  private static PartKind kind(Fields one) {
    return Objects.requireNonNullElse(one.word("kind", PartKind.values()), PartKind.OTHER);
  }

  private static Experience experience(Fields told) {
    Double strength = told.number("strength", 0, MOST);
    if (strength == null || strength <= 0) {
      return Experience.NONE;
    }
    List<Counted> counts = new ArrayList<>();
    told.each(
        "counts",
        Integer.MAX_VALUE,
        one -> {
          Family family = one.word("family", Family.values());
          Symptom symptom = one.word("symptom", Symptom.values());
          if (family != null && symptom != null) {
            counts.add(
                new Counted(
                    family,
                    symptom,
                    one.words("suspects", Suspect.values()),
                    Needed.whole(one, "calls")));
          }
        });
    List<Experience.Timed> times = new ArrayList<>();
    told.each(
        "times",
        Integer.MAX_VALUE,
        one -> {
          Family family = one.word("family", Family.values());
          if (family != null) {
            times.add(
                new Experience.Timed(
                    family,
                    Needed.text(one, "check"),
                    Needed.whole(one, "times"),
                    Needed.number(one, "minutes")));
          }
        });
    return Experience.of(counts, strength).timed(times);
  }

  /** Puts it to the log of a call. */
  void addTo(JobLog.Builder log) {
    log.motors(motors).sourced(sourced).shelf(shelf).experience(experience);
  }
}
