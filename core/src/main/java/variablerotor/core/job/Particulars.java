package variablerotor.core.job;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import variablerotor.core.casefile.CaseFile;
import variablerotor.core.casefile.CaseReader;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.check.Symptom;
import variablerotor.core.family.Family;
import variablerotor.core.likelihood.FamilyModel;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.Running;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.route.ReasonId;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * What is told of a call before anything is measured.
 *
 * @param place where it is, as the shop calls it
 * @param unitName which unit there
 * @param complaint in the customer's words; may be empty
 * @param also further complaints beside the first
 * @param mayBe the kinds that it can be besides the motor's family, while that is not known
 * @param running how the unit is run
 * @param agreed conditions of ways forward that are said to be done or settled: ids of reasons
 * @param wires colours of this motor's wires where they are not the usual ones, by terminal
 */
public record Particulars(
    String place,
    String unitName,
    String complaint,
    Symptom symptom,
    @Nullable List<Symptom> also,
    UnitPlate unit,
    MotorPlate motor,
    @Nullable List<Family> mayBe,
    @Nullable Map<String, String> wires,
    @Nullable Running running,
    @Nullable List<String> agreed)
    implements Node {

  private static final int MOST_AGREED = 60;
  private static final int MOST_WIRES = 20;
  private static final int LONGEST_WIRE = 24;

  public Particulars {
    also = also == null ? List.of() : List.copyOf(also);
    mayBe = mayBe == null ? List.of() : List.copyOf(mayBe);
    wires = wires == null ? null : Collections.unmodifiableMap(new LinkedHashMap<>(wires));
    running = running == null ? Running.UNKNOWN : running;
    agreed = agreed == null ? List.of() : List.copyOf(agreed);
  }

  /**
   * Put together piece by piece; what is not said is not known.
   *
   * @param place where it is, as the shop calls it
   */
  public static Builder of(String place, Symptom symptom, MotorPlate motor) {
    return new Builder(place, symptom, motor);
  }

  /** None where there is only one. */
  @Override
  public List<Symptom> also() {
    return Objects.requireNonNull(also);
  }

  /** Unknown where it was not said. */
  @Override
  public Running running() {
    return Objects.requireNonNull(running);
  }

  /** None where nothing was. */
  @Override
  public List<String> agreed() {
    return Objects.requireNonNull(agreed);
  }

  /** None where the family is known. */
  @Override
  public List<Family> mayBe() {
    return Objects.requireNonNull(mayBe);
  }

  /** The kinds that it can be, the motor's own first. */
  public List<Family> families() {
    List<Family> all = new ArrayList<>(List.of(motor.family()));
    mayBe().stream().filter(one -> !all.contains(one)).forEach(all::add);
    return all;
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "place", place,
        "unitName", unitName,
        "complaint", complaint,
        "symptom", symptom,
        "also", also,
        "unit", unit,
        "motor", motor,
        "mayBe", mayBe,
        "wires", wires,
        "running", running,
        "agreed", agreed);
  }

  /**
   * With every field checked by the rules of the open format.
   *
   * @throws InputFaults with every fault found
   */
  public static Particulars checked(Particulars given) throws InputFaults {
    if (given.unit() != null) {
      List<InputFault> dates = CaseFile.dateFaults(given.unit(), null);
      if (!dates.isEmpty()) {
        throw new InputFaults(dates);
      }
    }
    return filled(given);
  }

  private static Particulars filled(Particulars given) throws InputFaults {
    List<InputFault> faults = new ArrayList<>();
    text(faults, "place", given.place(), 1, 200);
    text(faults, "unitName", given.unitName(), 0, 200);
    text(faults, "complaint", given.complaint(), 0, 2000);
    Particulars filled =
        new Particulars(
            trimmed(given.place()),
            trimmed(given.unitName()),
            trimmed(given.complaint()),
            given.symptom(),
            given.also(),
            given.unit() == null ? UnitPlate.UNKNOWN : given.unit(),
            given.motor(),
            given.mayBe(),
            wires(faults, given.wires()),
            given.running(),
            agreed(faults, given.agreed()));
    try {
      CaseReader.read(filled.caseTree(List.of()));
    } catch (InputFaults found) {
      faults.addAll(found.faults());
    }
    boolean family = given.motor() != null && given.motor().family() != null;
    if (faults.isEmpty() && family && !FamilyModel.covers(given.motor().family())) {
      faults.add(new InputFault("motor.family", "This family is not covered yet."));
    }
    for (Family one : given.mayBe()) {
      if (!FamilyModel.covers(one)) {
        faults.add(new InputFault("mayBe", "allowed are families of variable-speed motors"));
      }
    }
    if (!faults.isEmpty()) {
      throw new InputFaults(faults);
    }
    return filled;
  }

  /**
   * A page that was not told which heat a unit has sends an empty list; in the open format that
   * says that there is none.
   */
  private static @Nullable Object withoutEmptyHeat(@Nullable Object unit) {
    boolean empty =
        unit instanceof Map<?, ?> told
            && told.get("heating") instanceof List<?> heat
            && heat.isEmpty();
    if (!empty) {
      return unit;
    }
    Map<Object, Object> left = new LinkedHashMap<>((Map<?, ?>) unit);
    left.remove("heating");
    return left;
  }

  /**
   * From a plain tree, as {@link #tree} makes it and a page sends it.
   *
   * @throws InputFaults with every fault found
   */
  public static Particulars read(Object tree) throws InputFaults {
    Map<?, ?> told = tree instanceof Map<?, ?> map ? map : Map.of();
    Map<String, Object> asCase = header();
    for (String field : List.of("unit", "motor", "symptom", "also", "running")) {
      asCase.put(field, told.get(field));
    }
    asCase.put("unit", withoutEmptyHeat(told.get("unit")));
    CaseFile plates = CaseReader.read(asCase);
    Map<String, String> wires = null;
    if (told.get("wires") instanceof Map<?, ?> given) {
      wires = new LinkedHashMap<>();
      for (Map.Entry<?, ?> wire : given.entrySet()) {
        wires.put(String.valueOf(wire.getKey()), String.valueOf(wire.getValue()));
      }
    }
    return filled(
        of(textOf(told, "place"), plates.symptom(), plates.motor())
            .unitName(textOf(told, "unitName"))
            .complaint(textOf(told, "complaint"))
            .also(plates.also())
            .unit(plates.unit())
            .mayBe(families(told.get("mayBe")))
            .wires(wires)
            .running(plates.running())
            .agreed(texts(told.get("agreed")))
            .build());
  }

  private static List<Family> families(@Nullable Object given) throws InputFaults {
    List<Family> families = new ArrayList<>();
    for (Object one : given instanceof List<?> list ? list : List.of()) {
      Family family =
          Arrays.stream(Family.values()).filter(f -> f.name().equals(one)).findFirst().orElse(null);
      if (family == null) {
        throw new InputFaults(
            List.of(new InputFault("mayBe", "found \"" + one + "\"; allowed is a family")));
      }
      families.add(family);
    }
    return families;
  }

  private static List<String> texts(@Nullable Object given) {
    List<String> texts = new ArrayList<>();
    for (Object one : given instanceof List<?> list ? list : List.of()) {
      texts.add(String.valueOf(one));
    }
    return texts;
  }

  private static List<String> agreed(List<InputFault> faults, List<String> given) {
    for (String one : given) {
      if (given.size() > MOST_AGREED || ReasonId.said(one) == null) {
        faults.add(
            new InputFault(
                "agreed", "found \"" + one + "\"; allowed are conditions that can be ticked"));
        return List.of();
      }
    }
    return given;
  }

  private static String textOf(Map<?, ?> told, String field) {
    return told.get(field) instanceof String text ? text : "";
  }

  private static Map<String, String> wires(
      List<InputFault> faults, @Nullable Map<String, String> given) {
    Map<String, String> kept = new LinkedHashMap<>();
    if (given == null) {
      return kept;
    }
    if (given.size() > MOST_WIRES) {
      faults.add(new InputFault("wires", "allowed are at most " + MOST_WIRES));
      return kept;
    }
    given.forEach(
        (terminal, colour) -> {
          String label = trimmed(colour);
          if (terminal.length() > LONGEST_WIRE || label.length() > LONGEST_WIRE) {
            faults.add(
                new InputFault(
                    "wires." + terminal, "allowed are up to " + LONGEST_WIRE + " characters"));
          } else if (!label.isEmpty()) {
            kept.put(terminal, label);
          }
        });
    return kept;
  }

  private static String trimmed(@Nullable String text) {
    return text == null ? "" : text.trim();
  }

  private static void text(
      List<InputFault> faults, String path, @Nullable String text, int least, int most) {
    int length = trimmed(text).length();
    if (length < least || length > most) {
      faults.add(
          new InputFault(
              path, "found " + length + " characters; allowed are " + least + " to " + most));
    }
  }

  private static Map<String, Object> header() {
    return Tree.of("format", CaseFile.FORMAT, "version", CaseFile.VERSION);
  }

  /** In the open format, with these facts. */
  public Map<String, Object> caseTree(List<Map<String, Object>> facts) {
    Map<String, Object> tree = header();
    tree.put("title", unitName.isEmpty() ? place : place + ", " + unitName);
    tree.put("unit", withoutEmptyHeat(Tree.plain(unit)));
    tree.put("motor", motor == null ? Map.of() : motor.tree());
    tree.put("symptom", Tree.plain(symptom));
    if (!also().isEmpty()) {
      tree.put("also", Tree.plain(also));
    }
    tree.put("facts", facts);
    tree.put("running", Tree.plain(running));
    return tree;
  }

  /** Puts particulars together; what is not said is not known. */
  public static final class Builder {
    private final String place;
    private final Symptom symptom;
    private final MotorPlate motor;
    private String unitName = "";
    private String complaint = "";
    private @Nullable List<Symptom> also;
    private UnitPlate unit = UnitPlate.UNKNOWN;
    private @Nullable List<Family> mayBe;
    private @Nullable Map<String, String> wires;
    private @Nullable Running running;
    private @Nullable List<String> agreed;

    private Builder(String place, Symptom symptom, MotorPlate motor) {
      this.place = place;
      this.symptom = symptom;
      this.motor = motor;
    }

    /** Which unit there. */
    public Builder unitName(String given) {
      unitName = given;
      return this;
    }

    /** In the customer's words. */
    public Builder complaint(String given) {
      complaint = given;
      return this;
    }

    /** Further complaints beside the first. */
    public Builder also(@Nullable List<Symptom> given) {
      also = given;
      return this;
    }

    /** What is known of the unit. */
    public Builder unit(UnitPlate given) {
      unit = given;
      return this;
    }

    /** The kinds that it can be besides the motor's family. */
    public Builder mayBe(@Nullable List<Family> given) {
      mayBe = given;
      return this;
    }

    /** Colours of wires where they are not the usual ones, by terminal. */
    public Builder wires(@Nullable Map<String, String> given) {
      wires = given;
      return this;
    }

    /** How the unit is run. */
    public Builder running(@Nullable Running given) {
      running = given;
      return this;
    }

    /** Conditions that are said to be done or settled. */
    public Builder agreed(@Nullable List<String> given) {
      agreed = given;
      return this;
    }

    /** Not looked through yet. */
    public Particulars build() {
      return new Particulars(
          place, unitName, complaint, symptom, also, unit, motor, mayBe, wires, running, agreed);
    }
  }
}
