package variablerotor.core.casefile;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.check.Symptom;
import variablerotor.core.choice.Market;
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
import variablerotor.core.route.Route;
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
    Branch root = Document.root(tree, "a case", CaseFile.FORMAT, CaseFile.VERSION, faults);
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
    unknown.addAll(root.unknown());
    if (symptom == null || !faults.isEmpty()) {
      throw new InputFaults(faults);
    }
    return new CaseFile(
        title, unit, motor, symptom, also, facts, today, running, market, candidates, unknown);
  }

  private static <E extends Enum<E>> @Nullable E required(
      Branch branch, String field, E[] allowed) {
    if (branch.has(field)) {
      return branch.word(field, allowed);
    }
    List<String> names = new ArrayList<>();
    for (E one : allowed) {
      names.add(one.name());
    }
    branch.fault(field, "found nothing; required is one of " + String.join(", ", names));
    return null;
  }

  private UnitPlate unit(Branch unit) {
    UnitPlate plate =
        UnitPlate.plate()
            .kind(unit.word("kind", UnitPlate.Kind.values()))
            .role(unit.word("role", UnitPlate.Role.values()))
            .coolingTons(number(unit, PlateField.UNIT, "coolingTons"))
            .heating(unit.words("heating", UnitPlate.Heating.values()))
            .installed(unit.date("installed"))
            .warrantyUntil(unit.date("warrantyUntil"))
            .otherHeatOrCooling(unit.flag("otherHeatOrCooling"))
            .boardNeedsFeedback(unit.flag("boardNeedsFeedback"))
            .feedbackCanBeDisabled(unit.flag("feedbackCanBeDisabled"))
            .build();
    unknown.addAll(unit.unknown());
    return plate;
  }

  private MotorPlate motor(Branch root) {
    Branch motor = root.object("motor");
    Family family = required(motor, "family", Family.values());
    if (family != null && !family.isVariableSpeed()) {
      motor.fault("family", "found " + family + "; that one is only ever a replacement");
    }
    // Without a family the case is refused; what else is wrong with the plate is still told.
    return plate(motor, family == null ? Family.PSC : family);
  }

  private MotorPlate plate(Branch motor, Family family) {
    MotorPlate plate = plateFields(motor, family);
    unknown.addAll(motor.unknown());
    return plate;
  }

  static MotorPlate plateFields(Branch motor, Family family) {
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

  private static @Nullable Double number(Branch branch, List<PlateField> plate, String id) {
    PlateField field = PlateField.of(plate, id);
    return branch.number(id, field.least(), field.most());
  }

  private static @Nullable Integer whole(Branch branch, List<PlateField> plate, String id) {
    PlateField field = PlateField.of(plate, id);
    return branch.whole(id, (int) field.least(), (int) field.most());
  }

  private static @Nullable String volts(Branch motor) {
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

  private Running running(Branch running) {
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

  private Market market(Branch market) {
    List<Market.Offer> offers = new ArrayList<>();
    List<?> list = market.list("offers");
    for (int i = 0; i < list.size(); i++) {
      Branch one = Branch.entry(list.get(i), "market.offers[" + i + "]", faults);
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

  private Market.Offer offer(Branch one) {
    Route route = required(one, "route", Route.values());
    Market.Offer offer =
        new Market.Offer(
            route == null ? Route.REPAIR_OTHER : route,
            one.text("candidate", 100),
            one.number("partPrice", 0, MOST_MONEY),
            one.number("leadDays", 0, 3650),
            one.number("labourHours", 0, 1000),
            one.number("warrantyMonths", 0, 1200),
            one.number("wattsPerThousandCfm", 0, 10_000));
    unknown.addAll(one.unknown());
    return offer;
  }

  private List<Candidate> candidates(Branch root) {
    List<Candidate> candidates = new ArrayList<>();
    List<?> list = root.list("candidates");
    if (list.size() > MOST_FACTS) {
      root.fault("candidates", "found " + list.size() + "; allowed are at most " + MOST_FACTS);
      return candidates;
    }
    for (int i = 0; i < list.size(); i++) {
      Branch one = Branch.entry(list.get(i), "candidates[" + i + "]", faults);
      if (one != null) {
        candidates.add(candidate(one));
        unknown.addAll(one.unknown());
      }
    }
    return candidates;
  }

  /** For other documents that list them. */
  static Candidate candidate(Branch one, List<InputFault> faults) {
    CaseReader reader = new CaseReader();
    Candidate candidate = reader.candidate(one);
    faults.addAll(reader.faults);
    return candidate;
  }

  private Candidate candidate(Branch one) {
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
    Branch one = new Branch(tree instanceof Map<?, ?> map ? map : Map.of(), "", reader.faults);
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
    Branch one = new Branch(tree instanceof Map<?, ?> map ? map : Map.of(), "", reader.faults);
    Market.Offer offer = reader.offer(one);
    if (!reader.faults.isEmpty()) {
      throw new InputFaults(reader.faults);
    }
    return offer;
  }

  private List<Fact> facts(Branch root) {
    List<?> list = root.list("facts");
    List<Fact> facts = new ArrayList<>();
    if (list.size() > MOST_FACTS) {
      root.fault("facts", "found " + list.size() + "; allowed are at most " + MOST_FACTS);
      return facts;
    }
    for (int i = 0; i < list.size(); i++) {
      String path = "facts[" + i + "]";
      if (list.get(i) instanceof Map<?, ?> map) {
        Fact fact = fact(new Branch(map, path, faults));
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

  private @Nullable Fact fact(Branch entry) {
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
