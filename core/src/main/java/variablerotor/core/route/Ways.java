package variablerotor.core.route;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.chain.Suspect;
import variablerotor.core.cost.CostFigures;
import variablerotor.core.cost.Offer;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.diagnosis.VerdictState;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.Command;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.text.Numbers;
import variablerotor.core.winding.FrameState;
import variablerotor.core.winding.WindingState;

/** Which ways forward are open, conditional or blocked on this call, and why. */
public final class Ways {
  /** Suspects that are mended by a new motor or a new module. */
  private static final Set<Suspect> IN_THE_MOTOR =
      EnumSet.of(Suspect.MODULE, Suspect.WINDING, Suspect.BEARING);

  private final UnitPlate unit;
  private final MotorPlate motor;
  private final Facts facts;
  private final Diagnosis diagnosis;
  private final LocalDate today;

  private Ways(
      UnitPlate unit, MotorPlate motor, Facts facts, Diagnosis diagnosis, LocalDate today) {
    this.unit = unit;
    this.motor = motor;
    this.facts = facts;
    this.diagnosis = diagnosis;
    this.today = today;
  }

  /**
   * @param today the day on which warranty and age are reckoned
   */
  public static List<Way> of(
      UnitPlate unit, MotorPlate motor, Facts facts, Diagnosis diagnosis, LocalDate today) {
    Ways ways = new Ways(unit, motor, facts, diagnosis, today);
    return List.of(
        ways.moduleOnly(), ways.sameMotor(), ways.equivalent(), ways.fixedSpeed(), ways.other());
  }

  /**
   * The way to go: open before conditional, what keeps the variable speed before what gives it up
   * (that is the customer's to say), then least first cost. Null while neither fault nor remedy is
   * settled, or where no way that has a price can be gone.
   */
  public static @Nullable Route recommended(
      List<Way> ways, Map<Route, Offer> offers, double ratePerHour, Diagnosis diagnosis) {
    boolean settled = diagnosis.verdict().remedy().stands();
    if (diagnosis.verdict().state() != VerdictState.DECIDED && !settled) {
      return null;
    }
    return ways.stream()
        .filter(way -> way.state() != RouteState.BLOCKED && offers.containsKey(way.route()))
        .min(
            Comparator.comparing(Way::state)
                .thenComparing(way -> !way.route().keepsVariableSpeed())
                .thenComparingDouble(way -> firstCost(offers.get(way.route()), ratePerHour)))
        .map(Way::route)
        .orElse(null);
  }

  private static double firstCost(@Nullable Offer offer, double ratePerHour) {
    return offer == null ? Double.POSITIVE_INFINITY : offer.firstCost(ratePerHour);
  }

  private static Way.Reason block(String id, String sentence) {
    return new Way.Reason(id, true, sentence);
  }

  private static Way.Reason first(String id, String sentence) {
    return new Way.Reason(id, false, sentence);
  }

  private boolean decided() {
    return diagnosis.verdict().state() == VerdictState.DECIDED;
  }

  private boolean blames(Suspect suspect) {
    return decided() && diagnosis.verdict().suspects().contains(suspect);
  }

  private Way moduleOnly() {
    List<Way.Reason> reasons = new ArrayList<>();
    if (decided() && !blames(Suspect.MODULE)) {
      reasons.add(block("MODULE_NOT_AT_FAULT", diagnosis.verdict().sentence()));
    } else if (!decided()) {
      reasons.add(first("FAULT_NOT_PROVED", "Prove the module first."));
    }
    winding(reasons);
    shaft(reasons);
    boolean inside = motor.family() != null && motor.family().profile().isReplacedWhole();
    if (inside || Boolean.FALSE.equals(motor.moduleRemovable())) {
      reasons.add(block("MODULE_NOT_REMOVABLE", "The module does not come off this motor."));
    }
    if (Boolean.FALSE.equals(motor.moduleSoldAlone())) {
      reasons.add(block("MODULE_NOT_SOLD_ALONE", "The module is not sold without its motor."));
    } else if (motor.moduleSoldAlone() == null) {
      reasons.add(first("ASK_IF_SOLD_ALONE", "Ask whether this module is sold alone."));
    }
    if (Boolean.TRUE.equals(motor.programmed())) {
      reasons.add(first("PROGRAMMED", "Order it programmed for this very unit model."));
    }
    age(reasons);
    water(reasons);
    return Way.of(Route.MODULE_ONLY, reasons, List.of());
  }

  private void winding(List<Way.Reason> reasons) {
    WindingState state = diagnosis.winding().state();
    FrameState frame = diagnosis.winding().frame();
    if (state == WindingState.FAULTY) {
      reasons.add(
          block("WINDING_FAULTY", "The winding is faulty: it would kill a new module at once."));
    } else if (state == WindingState.NOT_MEASURED || frame == FrameState.NOT_MEASURED) {
      reasons.add(
          block(
              "WINDING_NOT_MEASURED",
              "Measure the three pairs and each lead to the frame: a shorted motor kills a new"
                  + " module at once."));
    } else if (state == WindingState.UNCERTAIN) {
      reasons.add(
          block(
              "WINDING_UNCERTAIN",
              "The winding is not proved sound. " + diagnosis.winding().sentence()));
    }
  }

  private void shaft(List<Way.Reason> reasons) {
    String moduleOff = facts.choice(FactType.SHAFT_FEEL_MODULE_OFF);
    String feel = moduleOff == null ? facts.choice(FactType.SHAFT_FEEL) : moduleOff;
    if (feel == null) {
      reasons.add(first("SHAFT_NOT_TRIED", "Turn the shaft by hand: it must be free."));
    } else if (!feel.equals("FREE")) {
      boolean mayBeModule = moduleOff == null && feel.equals("COGGING");
      reasons.add(
          mayBeModule
              ? first("SHAFT_WITH_MODULE_OFF", "It catches: turn it again with the module off.")
              : block("SHAFT_NOT_FREE", "The shaft does not turn free."));
    }
  }

  private void age(List<Way.Reason> reasons) {
    if (unit.installed() == null) {
      return;
    }
    double limit = CostFigures.MODULE_ALONE_YEARS.value();
    if (unit.installed().plusYears((long) limit).isBefore(today)) {
      reasons.add(
          first(
              "MOTOR_OLD",
              "The motor is older than "
                  + Numbers.plain(limit)
                  + " years: common practice replaces motor and module together. Settle it with"
                  + " the customer."));
    }
  }

  private void water(List<Way.Reason> reasons) {
    String look = facts.choice(FactType.MODULE_LOOK);
    if ("WATER".equals(look) || "CORRODED".equals(look)) {
      reasons.add(first("WATER", "Mend the leak first, or the new part dies of the same."));
    }
  }

  /** What every way that changes the motor asks for. */
  private List<Way.Reason> newMotor() {
    List<Way.Reason> reasons = new ArrayList<>();
    boolean inMotor = diagnosis.verdict().suspects().stream().anyMatch(IN_THE_MOTOR::contains);
    if (decided() && !inMotor) {
      reasons.add(block("MOTOR_NOT_AT_FAULT", diagnosis.verdict().sentence()));
    } else if (!decided()) {
      reasons.add(first("FAULT_NOT_PROVED", "Prove that the motor is the fault first."));
    }
    water(reasons);
    return reasons;
  }

  private boolean inWarranty() {
    return unit.warrantyUntil() != null && !unit.warrantyUntil().isBefore(today);
  }

  private void warranty(List<Way.Reason> reasons) {
    if (inWarranty()) {
      reasons.add(
          block(
              "IN_WARRANTY",
              "In warranty until "
                  + unit.warrantyUntil()
                  + ": fit the maker's part, or the claim is lost."));
    }
  }

  private Way sameMotor() {
    return Way.of(Route.SAME_MOTOR, newMotor(), List.of());
  }

  private Way equivalent() {
    List<Way.Reason> reasons = newMotor();
    warranty(reasons);
    if (motor.family().profile().holdsAirflow()) {
      reasons.add(
          block(
              "KIND_DIFFERS",
              "A universal constant-torque motor does not stand in for a constant-airflow one."));
    }
    reasons.add(
        first(
            "MATCH_PLATE",
            "Match volts, horsepower, frame, shaft, rotation and mount to the plate before you"
                + " order."));
    if (Boolean.TRUE.equals(unit.boardNeedsFeedback())) {
      reasons.add(
          first(
              "SPEED_SIGNAL",
              "The board proves speed: the new motor must send it, or the board's switch must be"
                  + " turned off."));
    }
    return Way.of(
        Route.EQUIVALENT_MOTOR, reasons, List.of("The unit maker's own part and its warranty."));
  }

  private Way fixedSpeed() {
    List<Way.Reason> reasons = newMotor();
    warranty(reasons);
    if (motor.family().profile().command() == Command.MESSAGES) {
      reasons.add(
          block("COMMUNICATING", "A communicating system cannot be converted to fixed speed."));
    }
    if (Boolean.TRUE.equals(unit.boardNeedsFeedback())) {
      reasons.add(
          block(
              "SPEED_SIGNAL",
              "The board stops the unit without a speed signal, and a fixed-speed motor sends"
                  + " none."));
    } else if (unit.boardNeedsFeedback() == null) {
      reasons.add(
          first("ASK_SPEED_SIGNAL", "Make sure that the board does not wait for a speed signal."));
    }
    if (unit.heating().contains(UnitPlate.Heating.GAS)) {
      reasons.add(
          first(
              "TEMPERATURE_RISE",
              "Gas heat: the temperature rise at the one speed must stay within the plate. Changing"
                  + " the fan of a fuel-burning unit can void its listing."));
    }
    if (unit.heating().contains(UnitPlate.Heating.ELECTRIC)) {
      reasons.add(
          first(
              "HEAT_WITHOUT_AIR",
              "Electric heat must never come on without air: the fan must run on every heat"
                  + " call."));
    }
    return Way.of(
        Route.FIXED_SPEED,
        reasons,
        List.of(
            "Constant air against a dirty filter",
            "Soft start and quiet low speed",
            "Low-speed comfort and drying",
            "Energy: it uses more for the same air"));
  }

  private Way other() {
    List<Way.Reason> reasons = new ArrayList<>();
    boolean inMotor = diagnosis.verdict().suspects().stream().anyMatch(IN_THE_MOTOR::contains);
    if (decided() && inMotor) {
      reasons.add(block("MOTOR_AT_FAULT", diagnosis.verdict().sentence()));
    } else if (!decided()) {
      reasons.add(first("FAULT_NOT_PROVED", "Prove where the fault is first."));
    }
    return Way.of(Route.REPAIR_OTHER, reasons, List.of());
  }
}
