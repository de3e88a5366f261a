package variablerotor.core.casefile;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.fact.FactParser;
import variablerotor.core.family.Family;
import variablerotor.core.motor.PlateField;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.proof.ProofRequest;
import variablerotor.core.proof.ReadingType;
import variablerotor.core.proof.Readings;
import variablerotor.core.route.Route;
import variablerotor.core.text.Numbers;
import variablerotor.core.wiring.PlanRequest.CallId;

/** From a plain tree to a repair that is to be proved; every fault is told with its path. */
public final class ProofReader {
  private static final int MOST_READINGS = 500;
  private static final int LONGEST_CODE = 60;

  private final List<InputFault> faults = Fields.faults();
  private final Map<ReadingType, Double> numbers = new EnumMap<>(ReadingType.class);
  private final Map<ReadingType, String> words = new EnumMap<>(ReadingType.class);
  private final Map<CallId, Boolean> runs = new EnumMap<>(CallId.class);

  /** Where each was read, so that what excludes another is told there. */
  private final Map<ReadingType, String> paths = new EnumMap<>(ReadingType.class);

  private ProofReader() {}

  /**
   * @param tree maps, lists, strings, doubles and booleans
   * @return the request, and the fields that nobody knows
   * @throws InputFaults with every fault found
   */
  public static Told<ProofRequest> told(Object tree) throws InputFaults {
    ProofReader reader = new ProofReader();
    ProofRequest request = reader.request(tree);
    return new Told<>(request, Fields.unknownOf(reader.faults));
  }

  private ProofRequest request(Object tree) throws InputFaults {
    Fields root =
        Document.root(
            tree, "the proof of a repair", ProofRequest.FORMAT, ProofRequest.VERSION, faults);
    Route way = CaseReader.required(root, "way", Route.values());
    Fields unit = root.object("unit");
    UnitPlate plate = unit(unit);
    ProofRequest.Limits limits = limits(unit);
    ProofRequest.Fitted fitted = fitted(root.object("fitted"));
    readings(root);
    together(fitted);
    if (!faults.isEmpty() || way == null) {
      throw new InputFaults(faults);
    }
    return new ProofRequest(way, plate, limits, fitted, new Readings(numbers, words, runs));
  }

  /**
   * What of a unit counts here. Its other fields are a case's: they are let pass, but for days in
   * the wrong order.
   */
  private static UnitPlate unit(Fields unit) {
    String installed = Days.of(unit, "installed");
    String until = Days.of(unit, "warrantyUntil");
    if (installed != null && until != null && until.compareTo(installed) < 0) {
      unit.fault(
          "warrantyUntil", "found " + until + ", before it was installed; allowed is a later day");
    }
    for (String other :
        List.of("otherHeatOrCooling", "boardNeedsFeedback", "feedbackCanBeDisabled")) {
      unit.flag(other);
    }
    return UnitPlate.plate()
        .kind(unit.word("kind", UnitPlate.Kind.values()))
        .role(unit.word("role", UnitPlate.Role.values()))
        .coolingTons(CaseReader.number(unit, PlateField.UNIT, "coolingTons"))
        .heating(CaseReader.heating(unit))
        .build();
  }

  private ProofRequest.Limits limits(Fields unit) {
    List<?> rise = unit.list("riseF");
    boolean two = rise.size() == 2 && isRise(rise.get(0)) && isRise(rise.get(1));
    if (unit.has("riseF") && !(two && (Double) rise.get(0) < (Double) rise.get(1))) {
      unit.fault(
          "riseF",
          "found "
              + FactParser.describe(rise.isEmpty() ? unit.plain("riseF") : rise)
              + "; allowed are the least and the most of the plate, such as [30, 60]");
      two = false;
    }
    return new ProofRequest.Limits(
        two ? (Double) rise.get(0) : null,
        two ? (Double) rise.get(1) : null,
        unit.number("ratedStaticInWc", 0.01, 10));
  }

  private static boolean isRise(@Nullable Object given) {
    return given instanceof Double number && number >= 0 && number <= 300;
  }

  private ProofRequest.Fitted fitted(Fields fitted) {
    Family family = CaseReader.required(fitted, "family", Family.values());
    Double hertz = fitted.number("hertz", 25, 400);
    return new ProofRequest.Fitted(
        family == null ? Family.PSC : family,
        fitted.number("fullLoadAmps", 0.01, 500),
        fitted.whole("speedTaps", 1, 12),
        fitted.number("rpm", 1, 30_000),
        hertz == null ? 60 : hertz);
  }

  private void readings(Fields root) {
    root.each("readings", MOST_READINGS, this::reading);
  }

  private void reading(Fields one) {
    Object id = one.plain("id");
    ReadingType type = id instanceof String name ? ReadingType.ofId(name) : null;
    CallId call = id instanceof String name ? call(name) : null;
    if (type == null && call == null) {
      one.fault(
          "id",
          "found "
              + FactParser.describe(id)
              + "; allowed is a reading such as \"amps\" or \"run.COOL\"");
      one.plain("value");
    } else if (!one.has("value")) {
      one.fault("value", "found nothing; required is what was read");
    } else if (type == null) {
      String word = word(one, List.of("RUNS", "STOPS"));
      if (word != null) {
        runs.put(call, word.equals("RUNS"));
      }
    } else {
      paths.put(type, one.path("value"));
      value(one, type);
    }
  }

  private void value(Fields one, ReadingType type) {
    List<String> allowed = type.words();
    if (allowed == null) {
      Double number = one.number("value", type.least(), type.most());
      boolean whole = type == ReadingType.TAP || type == ReadingType.HEAT_PHASES;
      boolean two = type == ReadingType.HEAT_PHASES && number != null && number == 2;
      if (number != null && ((whole && number != Math.rint(number)) || two)) {
        one.fault(
            "value",
            "found "
                + Numbers.plain(number, 4)
                + "; allowed is "
                + (type == ReadingType.TAP ? "a whole number" : "1 or 3"));
      } else if (number != null) {
        numbers.put(type, number);
      }
    } else {
      String word = allowed.isEmpty() ? one.text("value", LONGEST_CODE) : word(one, allowed);
      if (word != null) {
        words.put(type, word);
      }
    }
  }

  private static @Nullable String word(Fields one, List<String> allowed) {
    Object given = one.plain("value");
    if (given instanceof String word && allowed.contains(word)) {
      return word;
    }
    one.fault(
        "value",
        "found "
            + FactParser.describe(given)
            + "; allowed is one of "
            + String.join(", ", allowed));
    return null;
  }

  private static @Nullable CallId call(String id) {
    if (id.startsWith(ReadingType.RUN)) {
      for (CallId call : CallId.values()) {
        if (call.name().equals(id.substring(ReadingType.RUN.length()))) {
          return call;
        }
      }
    }
    return null;
  }

  private void fault(ReadingType type, String message) {
    faults.add(new InputFault(paths.getOrDefault(type, "readings"), message));
  }

  /** What cannot be so together, or says nothing without another. */
  private void together(ProofRequest.Fitted fitted) {
    boolean gas = numbers.containsKey(ReadingType.GAS_INPUT);
    boolean heat = gas || numbers.containsKey(ReadingType.HEAT_AMPS);
    Double before = numbers.get(ReadingType.AIR_RETURN);
    Double after = numbers.get(ReadingType.AIR_SUPPLY);
    if (heat && before != null && after != null && after <= before) {
      fault(
          ReadingType.AIR_SUPPLY,
          "found "
              + Numbers.plain(after, 1)
              + " °F after the heat (air.supply.f) and "
              + Numbers.plain(before, 1)
              + " before it (air.return.f); allowed is air that the heat has warmed");
    }
    if (gas && !numbers.containsKey(ReadingType.GAS_EFFICIENCY)) {
      fault(
          ReadingType.GAS_INPUT,
          "found the burner's input alone; required with it is heat.efficiency, such as 0.8");
    }
    Double tap = numbers.get(ReadingType.TAP);
    Integer taps = fitted.taps();
    if (tap != null && taps != null && tap > taps) {
      fault(
          ReadingType.TAP, "found " + Numbers.plain(tap, 0) + "; the motor has " + taps + " taps");
    }
  }
}
