package variablerotor.core.casefile;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.check.Symptom;
import variablerotor.core.choice.Market;
import variablerotor.core.choice.PartPrice;
import variablerotor.core.choice.ShopMotor;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.FactParser;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.RepairPhase;
import variablerotor.core.fact.Taken;
import variablerotor.core.family.Family;
import variablerotor.core.match.Candidate;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.PlateField;
import variablerotor.core.motor.Running;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.route.Habit;
import variablerotor.core.route.Route;
import variablerotor.core.route.School;
import variablerotor.core.route.Schools;
import variablerotor.core.signal.LineVoltage;
import variablerotor.core.stock.Place;
import variablerotor.core.winding.Connection;

/** From a plain tree to a case, with every fault told by its path. */
public final class CaseReader {
  /** Most facts in one file. */
  private static final int MOST_FACTS = 1000;

  private final List<InputFault> faults = new ArrayList<>();
  private final List<String> unknown = new ArrayList<>();

  private CaseReader() {}

  /**
   * @param tree maps, lists, strings, doubles and booleans
   * @throws InputFaults with every fault found
   */
  public static CaseFile read(Object tree) throws InputFaults {
    return new CaseReader().readCase(tree);
  }

  private CaseFile readCase(Object tree) throws InputFaults {
    Fields root = Document.root(tree, "a case", CaseFile.FORMAT, CaseFile.VERSION, faults);
    String title = root.text("title", 500);
    UnitPlate unit = unit(root.object("unit"));
    MotorPlate motor = motor(root);
    Symptom symptom = required(root, "symptom", Symptom.values());
    List<Symptom> also = root.words("also", Symptom.values());
    if (symptom != null && also.contains(symptom)) {
      root.fault("also", "found " + symptom + "; allowed are other complaints than the first");
    }
    List<Fact> facts = facts(root);
    LocalDate today = root.date("today");
    Running running = running(root.object("running"));
    Market market = market(root.object("market"));
    List<Candidate> candidates = candidates(root);
    offersOf(market, candidates);
    List<String> agreed = agreed(root);
    Schools schools = schools(root.object("habits"));
    unknown.addAll(root.unknown());
    if (symptom == null || !faults.isEmpty()) {
      throw new InputFaults(faults);
    }
    return new CaseFile(
        title,
        unit,
        motor,
        symptom,
        also,
        facts,
        today,
        running,
        market,
        candidates,
        agreed,
        schools,
        unknown);
  }

  static <E extends Enum<E>> @Nullable E required(Fields told, String field, E[] allowed) {
    if (told.has(field)) {
      return told.word(field, allowed);
    }
    List<String> names = new ArrayList<>();
    for (E one : allowed) {
      names.add(one.name());
    }
    told.fault(field, "found nothing; required is one of " + String.join(", ", names));
    return null;
  }

  private UnitPlate unit(Fields unit) {
    UnitPlate plate =
        UnitPlate.plate()
            .kind(unit.word("kind", UnitPlate.Kind.values()))
            .role(unit.word("role", UnitPlate.Role.values()))
            .coolingTons(number(unit, PlateField.UNIT, "coolingTons"))
            .heating(heating(unit))
            .installed(unit.date("installed"))
            .warrantyUntil(unit.date("warrantyUntil"))
            .otherHeatOrCooling(unit.flag("otherHeatOrCooling"))
            .boardNeedsFeedback(unit.flag("boardNeedsFeedback"))
            .feedbackCanBeDisabled(unit.flag("feedbackCanBeDisabled"))
            .build();
    unknown.addAll(unit.unknown());
    return plate;
  }

  /** A list with nothing in it says that there is none. */
  static List<UnitPlate.Heating> heating(Fields unit) {
    List<UnitPlate.Heating> told = unit.words("heating", UnitPlate.Heating.values());
    if (told.contains(UnitPlate.Heating.NONE) && told.size() > 1) {
      unit.fault("heating", "found NONE beside another; allowed is NONE alone, or kinds of heat");
    }
    boolean none = unit.has("heating") && unit.list("heating").isEmpty();
    return none ? List.of(UnitPlate.Heating.NONE) : told;
  }

  private MotorPlate motor(Fields root) {
    Fields motor = root.object("motor");
    Family family = required(motor, "family", Family.values());
    if (family != null && !family.isVariableSpeed()) {
      motor.fault("family", "found " + family + "; that one is only ever a replacement");
    }
    // Without a family the case is refused; what else is wrong with the plate is still told.
    return plate(motor, family == null ? Family.PSC : family);
  }

  private MotorPlate plate(Fields motor, Family family) {
    MotorPlate plate = plateFields(motor, family);
    unknown.addAll(motor.unknown());
    return plate;
  }

  static MotorPlate plateFields(Fields motor, Family family) {
    return MotorPlate.of(family)
        .horsepower(number(motor, PlateField.MOTOR, "horsepower"))
        .volts(volts(motor))
        .phases(whole(motor, PlateField.MOTOR, "phases"))
        .hertz(number(motor, PlateField.MOTOR, "hertz"))
        .rpm(number(motor, PlateField.MOTOR, "rpm"))
        .fullLoadAmps(number(motor, PlateField.MOTOR, "fullLoadAmps"))
        .frame(motor.text("frame", 20))
        .shaftDiameterIn(number(motor, PlateField.MOTOR, "shaftDiameterIn"))
        .shaftLengthIn(number(motor, PlateField.MOTOR, "shaftLengthIn"))
        .bodyLengthIn(number(motor, PlateField.MOTOR, "bodyLengthIn"))
        .rotation(motor.word("rotation", MotorPlate.Rotation.values()))
        .mount(motor.word("mount", MotorPlate.Mount.values()))
        .enclosure(motor.word("enclosure", MotorPlate.Enclosure.values()))
        .speedTaps(whole(motor, PlateField.MOTOR, "speedTaps"))
        .feedback(motor.flag("feedback"))
        .moduleRemovable(motor.flag("moduleRemovable"))
        .moduleSoldAlone(motor.flag("moduleSoldAlone"))
        .programmed(motor.flag("programmed"))
        .connection(motor.word("connection", Connection.values()))
        .build();
  }

  static @Nullable Double number(Fields told, List<PlateField> plate, String id) {
    PlateField field = PlateField.of(plate, id);
    return told.number(id, field.least(), field.most());
  }

  private static @Nullable Integer whole(Fields told, List<PlateField> plate, String id) {
    PlateField field = PlateField.of(plate, id);
    return told.whole(id, (int) field.least(), (int) field.most());
  }

  private static @Nullable String volts(Fields motor) {
    String volts = motor.text("volts", 20);
    if (volts != null) {
      try {
        LineVoltage.ofPlate(volts);
      } catch (IllegalArgumentException refused) {
        motor.fault(
            "volts",
            "found " + FactParser.describe(volts) + "; allowed is " + refused.getMessage());
        return null;
      }
    }
    return volts;
  }

  private Running running(Fields running) {
    Running read =
        new Running(
            number(running, PlateField.RUNNING, "airflowCfm"),
            number(running, PlateField.RUNNING, "staticInwc"),
            number(running, PlateField.RUNNING, "variableWatts"),
            number(running, PlateField.RUNNING, "hoursPerYear"),
            number(running, PlateField.RUNNING, "yearsAhead"),
            running.word("staging", Running.Staging.values()),
            number(running, PlateField.RUNNING, "lowestStageCfm"),
            number(running, PlateField.RUNNING, "oneSpeedCfm"),
            number(running, PlateField.RUNNING, "heatOutputBtuh"),
            number(running, PlateField.RUNNING, "riseLowF"),
            number(running, PlateField.RUNNING, "riseHighF"),
            number(running, PlateField.RUNNING, "transformerVa"),
            number(running, PlateField.RUNNING, "hangingVa"),
            number(running, PlateField.RUNNING, "relayVa"));
    Double low = read.riseLowF();
    Double high = read.riseHighF();
    if (low != null && high != null && low > high) {
      running.fault("riseLowF", "found more than riseHighF; allowed is the lesser of the two");
    }
    unknown.addAll(running.unknown());
    return read;
  }

  /** Most money in one figure [currency]. */
  private static final double MOST_MONEY = 1e7;

  /** Hours of a leap year [h]. */
  private static final double YEAR = 8784;

  private Market market(Fields market) {
    List<Market.Offer> offers = new ArrayList<>();
    List<?> list = market.list("offers");
    for (int i = 0; i < list.size(); i++) {
      Fields one = Fields.entry(list.get(i), "market.offers[" + i + "]", faults);
      if (one != null) {
        offers.add(offer(one));
      }
    }
    Market read =
        new Market(
            market.text("currency", 3),
            market.number("labourPerHour", 0, MOST_MONEY),
            market.number("energyPerKwh", 0, 1000),
            market.number("fanHoursPerYear", 0, YEAR),
            market.number("airflowCfm", 0, 1e6),
            market.number("yearsAhead", 0, 100),
            offers);
    unknown.addAll(market.unknown());
    return read;
  }

  /** An offer for a motor that is not listed is a slip of the pen. */
  private void offersOf(Market market, List<Candidate> candidates) {
    List<String> ids = candidates.stream().map(Candidate::id).toList();
    for (int i = 0; i < market.offers().size(); i++) {
      String candidate = market.offers().get(i).candidate();
      if (candidate != null && !ids.contains(candidate)) {
        faults.add(
            new InputFault(
                "market.offers[" + i + "].candidate",
                "found "
                    + FactParser.describe(candidate)
                    + "; allowed is the id of one of candidates"
                    + (ids.isEmpty() ? ", and none is listed" : ": " + String.join(", ", ids))));
      }
    }
  }

  /** Longest list of what was agreed. */
  private static final int MOST_AGREED = 100;

  private static List<String> agreed(Fields root) {
    List<?> list = root.list("agreed");
    if (list.size() > MOST_AGREED) {
      root.fault("agreed", "found " + list.size() + "; allowed are at most " + MOST_AGREED);
      return List.of();
    }
    return root.names(
        "agreed",
        name -> !name.isEmpty() && name.length() <= MOST_AGREED,
        "ids of reasons, each once");
  }

  /** A shop's habits: years as a number, every other by the school that it answers. */
  private Schools schools(Fields habits) {
    List<Habit> set = new ArrayList<>();
    for (School school : School.values()) {
      Habit habit = habits.word(Schools.nameOf(school), school.habits().toArray(new Habit[0]));
      if (habit != null) {
        set.add(habit);
      }
    }
    Double years = habits.number("moduleAloneYears", 0, 100);
    unknown.addAll(habits.unknown());
    Schools schools = Schools.of(set);
    return years == null ? schools : schools.withModuleAloneYears(years);
  }

  private Market.Offer offer(Fields one) {
    Route route = required(one, "route", Route.values());
    Market.Offer offer =
        new Market.Offer(
            route == null ? Route.REPAIR_OTHER : route,
            one.text("candidate", 100),
            one.number("partPrice", 0, MOST_MONEY),
            one.number("leadDays", 0, 3650),
            one.number("labourHours", 0, 1000),
            one.number("warrantyMonths", 0, 1200),
            one.number("wattsPerThousandCfm", 0, 10_000),
            parts(one));
    unknown.addAll(one.unknown());
    return offer;
  }

  private List<PartPrice> parts(Fields offer) {
    List<PartPrice> parts = new ArrayList<>();
    List<?> list = offer.list("parts");
    for (int i = 0; i < list.size(); i++) {
      Fields one = Fields.entry(list.get(i), offer.path("parts[" + i + "]"), faults);
      if (one != null) {
        String what = one.text("what", 200);
        if (what == null) {
          one.fault("what", "found nothing; required is a text");
        }
        parts.add(new PartPrice(what == null ? "" : what, one.number("price", 0, MOST_MONEY)));
        unknown.addAll(one.unknown());
      }
    }
    return parts;
  }

  private List<Candidate> candidates(Fields root) {
    List<Candidate> candidates = new ArrayList<>();
    Set<String> ids = new HashSet<>();
    List<?> list = root.list("candidates");
    if (list.size() > MOST_FACTS) {
      root.fault("candidates", "found " + list.size() + "; allowed are at most " + MOST_FACTS);
      return candidates;
    }
    for (int i = 0; i < list.size(); i++) {
      Fields one = Fields.entry(list.get(i), "candidates[" + i + "]", faults);
      if (one != null) {
        Candidate read = candidate(one);
        if (!read.id().isEmpty() && !ids.add(read.id())) {
          one.fault(
              "id",
              "found " + FactParser.describe(read.id()) + " twice; allowed is one motor an id");
        }
        candidates.add(read);
        unknown.addAll(one.unknown());
      }
    }
    return candidates;
  }

  /** For other documents that list them. */
  static Candidate candidate(Fields one, List<InputFault> faults) {
    CaseReader reader = new CaseReader();
    Candidate candidate = reader.candidate(one);
    faults.addAll(reader.faults);
    return candidate;
  }

  private Candidate candidate(Fields one) {
    String id = one.text("id", 100);
    if (id == null || id.isBlank()) {
      one.fault("id", "found nothing; required is a text");
    }
    Integer onHand = one.whole("onHand", 0, 1_000_000);
    List<String> adapters = new ArrayList<>();
    for (Object adapter : one.list("adapters")) {
      if (adapter instanceof String text && text.length() <= 100) {
        adapters.add(text);
      } else {
        one.fault(
            "adapters", "found " + FactParser.describe(adapter) + "; allowed is a list of texts");
      }
    }
    Boolean off = one.flag("feedbackCanBeDisabled");
    Family family = required(one, "family", Family.values());
    MotorPlate plate = plateFields(one, family == null ? Family.PSC : family);
    return new Candidate(id == null ? "" : id, plate, onHand, adapters, off);
  }

  /**
   * A motor that a shop can get, by the same rules as a candidate of a case.
   *
   * @param tree maps, lists, strings, doubles and booleans
   * @throws InputFaults with every fault found, a field that nobody knows included
   */
  public static ShopMotor shopMotor(Object tree) throws InputFaults {
    CaseReader reader = new CaseReader();
    Fields one = new Fields(tree instanceof Map<?, ?> map ? map : Map.of(), "", reader.faults);
    Candidate candidate = reader.candidate(one);
    ShopMotor motor =
        new ShopMotor(
            candidate,
            one.word("at", Place.values()),
            one.number("price", 0, MOST_MONEY),
            one.number("leadDays", 0, 3650),
            one.number("warrantyMonths", 0, 1200),
            one.number("wattsPerThousandCfm", 0, 10_000));
    if (candidate.plate().volts() == null) {
      one.fault("volts", "found nothing; required is what its plate says, such as 208-230");
    }
    one.unknown().forEach(field -> one.fault(field, "is not a field of a motor"));
    if (!reader.faults.isEmpty()) {
      throw new InputFaults(reader.faults);
    }
    return motor;
  }

  /**
   * A price for one way.
   *
   * @throws InputFaults with every fault found
   */
  public static Market.Offer offer(Object tree) throws InputFaults {
    CaseReader reader = new CaseReader();
    Fields one = new Fields(tree instanceof Map<?, ?> map ? map : Map.of(), "", reader.faults);
    Market.Offer offer = reader.offer(one);
    if (!reader.faults.isEmpty()) {
      throw new InputFaults(reader.faults);
    }
    return offer;
  }

  private List<Fact> facts(Fields root) {
    List<?> list = root.list("facts");
    List<Fact> facts = new ArrayList<>();
    if (list.size() > MOST_FACTS) {
      root.fault("facts", "found " + list.size() + "; allowed are at most " + MOST_FACTS);
      return facts;
    }
    for (int i = 0; i < list.size(); i++) {
      String path = "facts[" + i + "]";
      if (list.get(i) instanceof Map<?, ?> map) {
        Fact fact = fact(new Fields(map, path, faults));
        if (fact != null) {
          facts.add(fact);
        }
      } else {
        faults.add(
            new InputFault(
                path,
                "found "
                    + FactParser.describe(list.get(i))
                    + "; allowed is an object with id and value"));
      }
    }
    return facts;
  }

  /**
   * One fact of a case.
   *
   * @throws InputFaults with every fault found, and for fields that no fact has
   */
  public static Fact fact(Object tree) throws InputFaults {
    CaseReader reader = new CaseReader();
    Fields one = new Fields(tree instanceof Map<?, ?> map ? map : Map.of(), "", reader.faults);
    Fact fact = reader.fact(one);
    one.unknown().forEach(field -> one.fault(field, "is not a field of a fact"));
    if (fact == null || !reader.faults.isEmpty()) {
      throw new InputFaults(reader.faults);
    }
    return fact;
  }

  private @Nullable Fact fact(Fields entry) {
    Object id = entry.plain("id");
    FactType type = id instanceof String text ? FactType.ofId(text) : null;
    if (type == null) {
      entry.fault(
          "id",
          "found " + FactParser.describe(id) + "; allowed is a fact id such as \"line.volts\"");
      return null;
    }
    try {
      RepairPhase phase = entry.word("phase", RepairPhase.values());
      Taken taken =
          new Taken(
              entry.text("note", Taken.LONGEST_NOTE),
              entry.word("while", Taken.When.values()),
              entry.text("on", Taken.LONGEST_PLACE));
      Fact fact =
          new Fact(
              type,
              FactParser.parse(type, entry.plain("value")),
              phase == null ? RepairPhase.BEFORE : phase,
              Boolean.TRUE.equals(entry.flag("again")),
              taken);
      unknown.addAll(entry.unknown());
      return fact;
    } catch (FactParser.Refused refused) {
      entry.fault("value", type.id() + ": " + refused.getMessage());
      return null;
    }
  }
}
