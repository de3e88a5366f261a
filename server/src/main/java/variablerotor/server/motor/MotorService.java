package variablerotor.server.motor;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.casefile.CaseReader;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.choice.ShopMotor;
import variablerotor.core.family.Family;
import variablerotor.core.job.Particulars;
import variablerotor.core.kept.AsTold;
import variablerotor.core.match.Match;
import variablerotor.core.match.Matching;
import variablerotor.core.motor.Running;
import variablerotor.core.van.VanPlan;
import variablerotor.core.van.VanPlanner;
import variablerotor.core.van.VanRequest;
import variablerotor.server.call.CallService;
import variablerotor.server.csv.Columns;
import variablerotor.server.csv.Csv;
import variablerotor.server.log.Editions;
import variablerotor.server.log.Stamp;
import variablerotor.server.stock.SourcingService;
import variablerotor.server.web.MayLag;
import variablerotor.server.web.Refused;
import variablerotor.server.web.Turn;

/** Motors that the shop can get, and the units that each would fit. */
@Service
public class MotorService {
  private static final int MOST_MOTORS = 500;
  private static final int MOST_UNITS = 300;
  private final Turn turn = new Turn(1, 5, Duration.ofSeconds(20));
  private final MotorStore store;
  private final CallService calls;
  private final SourcingService sourcing;

  MotorService(MotorStore store, CallService calls, SourcingService sourcing) {
    this.store = store;
    this.calls = calls;
    this.sourcing = sourcing;
  }

  /**
   * A motor in the list.
   *
   * @param edition that is in force: a change names it
   * @param motor as it was told
   * @param now as stock and supply house have it
   */
  public record MotorRow(UUID id, UUID edition, ShopMotor motor, ShopMotor now) {}

  /** A unit that was called for, and how the motor fits it. */
  record UnitFit(UUID call, String place, String unitName, Family family, Match match) {}

  @MayLag
  List<MotorRow> list() {
    List<MotorStore.Kept> all = store.all();
    List<ShopMotor> now = sourcing.motors(all.stream().map(MotorStore.Kept::motor).toList());
    List<MotorRow> rows = new ArrayList<>();
    for (int at = 0; at < all.size(); at++) {
      MotorStore.Kept one = all.get(at);
      rows.add(new MotorRow(one.id(), one.edition(), one.motor(), now.get(at)));
    }
    return rows;
  }

  @Transactional(readOnly = true)
  List<AsTold> asTold() {
    return store.asTold();
  }

  /**
   * Keeps a motor as it is told, in the open format.
   *
   * @param base the edition that it was changed from; null for a new one
   * @throws Refused with every field that makes no sense, or where another edition is in force
   */
  @Transactional
  List<MotorRow> put(UUID motor, UUID id, @Nullable UUID base, Object told, Stamp stamp) {
    store.lockList();
    ShopMotor read = read(told, "");
    for (MotorStore.Kept one : store.all()) {
      boolean other = !one.id().equals(motor);
      if (other && one.motor().candidate().id().equalsIgnoreCase(read.candidate().id())) {
        throw Refused.field("id", "Another motor has this name; allowed is one of its own.");
      }
    }
    if (!store.holds(id)) {
      Map<String, Object> theirs =
          store.newest(motor).map(one -> one.motor().caseTree()).orElse(Map.of());
      Editions.hold(base, store.edition(motor).orElse(null), theirs, read.caseTree());
    }
    store.add(id, motor, read, false, stamp);
    return limited();
  }

  private List<MotorRow> limited() {
    List<MotorRow> all = list();
    if (all.size() > MOST_MOTORS) {
      throw Refused.field("id", "allowed are at most " + MOST_MOTORS + " motors");
    }
    return all;
  }

  private static ShopMotor read(Object told, String where) {
    try {
      return CaseReader.shopMotor(told);
    } catch (InputFaults faults) {
      throw Refused.fields(where, faults.faults());
    }
  }

  /**
   * Takes a motor away; what it was stays on record.
   *
   * @param base the edition that was seen
   * @throws Refused where another is in force by now
   */
  @Transactional
  List<MotorRow> remove(UUID motor, UUID id, @Nullable UUID base, Stamp stamp) {
    store.lockList();
    if (!store.holds(id)) {
      Editions.holdRemoval(base, store.edition(motor).orElse(null));
      MotorStore.Kept last = store.newest(motor).orElseThrow(() -> Refused.missing("motor"));
      store.add(id, motor, last.motor(), true, stamp);
    }
    return list();
  }

  /**
   * Brings in a whole list: a motor of a known name takes its place, the others are added. One bad
   * row, and nothing is.
   *
   * @throws Refused with every row that is wrong
   */
  @Transactional
  public List<MotorRow> bringIn(UUID id, String csv, Stamp stamp) {
    store.lockList();
    Map<String, UUID> known = new HashMap<>();
    store.all().forEach(one -> known.put(key(one.motor()), one.id()));
    List<ShopMotor> motors = motors(csv);
    for (ShopMotor motor : motors) {
      UUID row = UUID.nameUUIDFromBytes((id + " " + key(motor)).getBytes(StandardCharsets.UTF_8));
      store.add(row, known.getOrDefault(key(motor), row), motor, false, stamp);
    }
    return limited();
  }

  private static String key(ShopMotor motor) {
    return motor.candidate().id().toLowerCase(java.util.Locale.ROOT);
  }

  private static List<ShopMotor> motors(String csv) {
    Columns.Read table = MotorTable.COLUMNS.read(Csv.read(csv));
    List<InputFault> faults = new ArrayList<>(table.faults());
    List<ShopMotor> motors = new ArrayList<>();
    Map<String, Integer> seen = new HashMap<>();
    table
        .rows()
        .forEach(
            (row, told) -> {
              try {
                ShopMotor motor = read(told, "row " + row + ", ");
                Integer before = seen.put(key(motor), row);
                if (before != null) {
                  faults.add(
                      new InputFault("row " + row + ", id", "row " + before + " has it already"));
                }
                motors.add(motor);
              } catch (Refused refused) {
                faults.addAll(refused.faults());
              }
            });
    if (!faults.isEmpty()) {
      throw Refused.fields(faults);
    }
    return motors;
  }

  /** The list as CSV, as it can be brought in again. */
  @MayLag
  String export() {
    return Csv.write(
        MotorTable.COLUMNS.write(store.all().stream().map(one -> one.motor().caseTree()).toList()));
  }

  /**
   * What to carry for the units of past calls, each by how often a year it is called for. Not
   * within a transaction: it is reckoned for seconds, and others need the connection.
   */
  VanPlan van(int slots) {
    List<VanRequest.Installed> installed = new ArrayList<>();
    List<CallService.Told> units = calls.units(MOST_UNITS);
    Map<UUID, Double> perYear = calls.perYear(units.stream().map(CallService.Told::call).toList());
    for (CallService.Told told : units) {
      Particulars unit = told.particulars();
      // Which motor it is may not be known yet: then its kind decides nothing.
      Family family = unit.mayBe().isEmpty() ? unit.motor().family() : null;
      String name =
          unit.unitName().isEmpty() ? unit.place() : unit.place() + ", " + unit.unitName();
      double failures = Objects.requireNonNull(perYear.get(told.call()));
      installed.add(new VanRequest.Installed(name, failures, family, unit.motor()));
    }
    List<VanRequest.Stocked> candidates =
        sourcing.motors(store.all().stream().map(MotorStore.Kept::motor).toList()).stream()
            .map(one -> new VanRequest.Stocked(one.candidate(), one.price()))
            .toList();
    return turn.take(() -> VanPlanner.of(new VanRequest(slots, installed, candidates)));
  }

  /**
   * The units of past calls that a motor would fit, best first; those that it does not, last. Not
   * within a transaction either.
   *
   * @throws Refused where there is no such motor
   */
  List<UnitFit> units(UUID motor) {
    ShopMotor it = store.newest(motor).orElseThrow(() -> Refused.missing("motor")).motor();
    List<UnitFit> fits = new ArrayList<>();
    for (CallService.Told told : calls.units(MOST_UNITS)) {
      Particulars unit = told.particulars();
      fits.add(
          new UnitFit(
              told.call(),
              unit.place(),
              unit.unitName(),
              unit.motor().family(),
              Matching.fitted(unit.unit(), unit.motor(), Running.UNKNOWN, null, it.candidate())));
    }
    fits.sort(Comparator.comparing(one -> Objects.requireNonNull(one.match()).state()));
    return fits;
  }
}
