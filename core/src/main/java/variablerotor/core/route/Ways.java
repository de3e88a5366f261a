package variablerotor.core.route;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import variablerotor.core.chain.Suspect;
import variablerotor.core.diagnosis.Action;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.diagnosis.Remedy;
import variablerotor.core.diagnosis.VerdictState;
import variablerotor.core.fact.Answer;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.Command;
import variablerotor.core.family.Family;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.Running;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.text.Numbers;
import variablerotor.core.winding.FrameState;
import variablerotor.core.winding.WindingState;

/** Which ways forward are open, conditional or blocked on this call, and why. */
public final class Ways {
  /** Units whose blower and contactor stand in one cabinet, on one supply. */
  private static final Set<UnitPlate.Kind> ONE_CABINET =
      EnumSet.of(
          UnitPlate.Kind.PACKAGED_UNIT, UnitPlate.Kind.GROUND_SOURCE, UnitPlate.Kind.ROOFTOP);

  /** Motors that have their electronics inside or on a board, and never run from a relay. */
  private static final Set<Family> NEVER_CONVERTED =
      EnumSet.of(Family.BLDC_FIVE_WIRE, Family.BLDC_THREE_WIRE, Family.EC_PLUG_FAN);

  private final Circumstances all;
  private final UnitPlate unit;
  private final MotorPlate motor;
  private final Facts facts;
  private final Diagnosis diagnosis;
  private final LocalDate today;

  private Ways(Circumstances all, Facts facts, Diagnosis diagnosis) {
    this.all = all;
    this.facts = facts;
    this.diagnosis = diagnosis;
    unit = all.unit();
    motor = all.motor();
    today = all.today();
  }

  /** Every way, in the order of the routes; what was agreed is met. */
  public static List<Way> of(Circumstances all, Facts facts, Diagnosis diagnosis) {
    Ways ways = new Ways(all, facts, diagnosis);
    return Stream.of(
            ways.moduleOnly(),
            ways.sameMotor(),
            ways.equivalent(),
            ways.fixedSpeed(),
            ways.loaner(),
            ways.boardAndMotor(),
            ways.driveReplace(),
            ways.driveBypass(),
            ways.other())
        .map(way -> way.with(ways.agreed(way)).planned(ways.plan(way.route())))
        .toList();
  }

  /** Of what was agreed only what can be: nobody ticks away a winding that was not measured. */
  private List<ReasonId> agreed(Way way) {
    return way.reasons().stream()
        .filter(one -> !one.blocks() && one.id().isTick())
        .map(Way.Reason::id)
        .filter(one -> all.agreed().contains(one.name()))
        .toList();
  }

  /** What is found, or asked for, and this way does not bring; then the way itself. */
  private List<String> plan(Route route) {
    Remedy remedy = diagnosis.verdict().remedy();
    List<String> steps = new ArrayList<>();
    List<Action> asked = new ArrayList<>(remedy.also());
    if (remedy.stands()) {
      asked.add(remedy.action());
    }
    for (Action action : asked) {
      if (action != null && !route.brings(action)) {
        steps.add(action.title());
      }
    }
    if (route != Route.REPAIR_OTHER || steps.isEmpty()) {
      steps.add(route.title());
    }
    return steps;
  }

  private static Way.Reason block(ReasonId id, String sentence) {
    return new Way.Reason(id, true, sentence, id.opener());
  }

  private static Way.Reason first(ReasonId id, String sentence) {
    return new Way.Reason(id, false, sentence, id.opener());
  }

  private boolean proved() {
    return diagnosis.verdict().state() == VerdictState.DECIDED;
  }

  /** Known well enough to act on: the part is proved, or what is to be done is settled. */
  private boolean decided() {
    return proved() || diagnosis.verdict().remedy().stands();
  }

  private boolean asks(Action action) {
    Remedy remedy = diagnosis.verdict().remedy();
    return remedy.stands() && (remedy.action() == action || remedy.also().contains(action));
  }

  private boolean blames(Suspect suspect) {
    return proved() && diagnosis.verdict().suspects().contains(suspect);
  }

  /** The driver of a three-wire fan sits on its board: that one is mended, not the motor. */
  private boolean electronicsInMotor() {
    return motor.family() != Family.BLDC_THREE_WIRE;
  }

  private boolean motorAtFault() {
    return asks(Action.REPLACE_MOTOR)
        || asks(Action.REPLACE_MODULE)
        || blames(Suspect.WINDING)
        || blames(Suspect.BEARING)
        || (blames(Suspect.MODULE) && electronicsInMotor());
  }

  private boolean driveAtFault() {
    return asks(Action.REPLACE_DRIVE) || blames(Suspect.DRIVE);
  }

  private Way moduleOnly() {
    List<Way.Reason> reasons = new ArrayList<>();
    boolean module = asks(Action.REPLACE_MODULE) || blames(Suspect.MODULE);
    if (decided() && !(module && electronicsInMotor())) {
      reasons.add(block(ReasonId.MODULE_NOT_AT_FAULT, diagnosis.verdict().sentence()));
    } else if (!decided()) {
      reasons.add(first(ReasonId.FAULT_NOT_PROVED, "Prove the module first."));
    }
    boolean motorToo = asks(Action.REPLACE_MOTOR) && !asks(Action.REPLACE_MODULE);
    if (blames(Suspect.BEARING) || (module && motorToo)) {
      reasons.add(block(ReasonId.MOTOR_TOO, "The motor under it goes, too: " + verdictSentence()));
    }
    winding(reasons);
    shaft(reasons);
    boolean inside = motor.family().profile().isReplacedWhole() || !electronicsInMotor();
    if (motor.family().profile().hasDrive()) {
      reasons.add(block(ReasonId.NO_MODULE, "This motor has no module: a drive feeds it."));
    } else if (inside || Boolean.FALSE.equals(motor.moduleRemovable())) {
      reasons.add(block(ReasonId.MODULE_NOT_REMOVABLE, "The module does not come off this motor."));
    }
    if (Boolean.FALSE.equals(motor.moduleSoldAlone())) {
      reasons.add(
          block(ReasonId.MODULE_NOT_SOLD_ALONE, "The module is not sold without its motor."));
    } else if (motor.moduleSoldAlone() == null) {
      reasons.add(first(ReasonId.ASK_IF_SOLD_ALONE, "Ask whether this module is sold alone."));
    }
    if (Boolean.TRUE.equals(motor.programmed())) {
      reasons.add(first(ReasonId.PROGRAMMED, "Order it programmed for this very unit model."));
    }
    age(reasons);
    water(reasons);
    rough(reasons);
    return Way.of(Route.MODULE_ONLY, reasons, List.of());
  }

  /** What would soon end a new module, or the motor under it. */
  private void rough(List<Way.Reason> reasons) {
    Answer sound = facts.choice(FactType.SHAFT_SOUND);
    if (sound == Answer.GRINDS) {
      reasons.add(
          first(
              ReasonId.BEARING_ROUGH,
              "The bearing grinds: a new module on it is money for a while."));
    }
    if (facts.choice(FactType.CONNECTOR_LOOK) == Answer.CORRODED) {
      reasons.add(first(ReasonId.CONNECTOR_CORRODED, "Renew the corroded connector first."));
    }
    if (facts.choice(FactType.LOOK_WATER) == Answer.TRACK_TO_CONNECTOR) {
      reasons.add(first(ReasonId.WATER_TRACK, "Water runs down to a plug: mend that first."));
    }
  }

  private void winding(List<Way.Reason> reasons) {
    WindingState state = diagnosis.winding().state();
    FrameState frame = diagnosis.winding().frame();
    if (state == WindingState.FAULTY) {
      reasons.add(
          block(
              ReasonId.WINDING_FAULTY,
              "The winding is faulty: it would kill a new module at once."));
    } else if (state == WindingState.NOT_MEASURED || frame == FrameState.NOT_MEASURED) {
      reasons.add(
          block(
              ReasonId.WINDING_NOT_MEASURED,
              "Measure the three pairs and each lead to the frame: a shorted motor kills a new"
                  + " module at once."));
    } else if (state == WindingState.UNCERTAIN) {
      reasons.add(
          block(
              ReasonId.WINDING_UNCERTAIN,
              "The winding is not proved sound. " + diagnosis.winding().sentence()));
    }
  }

  private void shaft(List<Way.Reason> reasons) {
    Answer moduleOff = facts.choice(FactType.SHAFT_FEEL_MODULE_OFF);
    Answer wheelOff = facts.choice(FactType.SHAFT_FEEL_WHEEL_OFF);
    Answer assembled = facts.choice(FactType.SHAFT_FEEL);
    // A jam that is gone with the wheel off was the wheel's.
    Answer feel = wheelOff != null ? wheelOff : moduleOff == null ? assembled : moduleOff;
    if (feel == null) {
      reasons.add(first(ReasonId.SHAFT_NOT_TRIED, "Turn the shaft by hand: it must be free."));
    } else if (feel != Answer.FREE) {
      boolean mayBeModule = moduleOff == null && wheelOff == null && feel == Answer.COGGING;
      reasons.add(
          mayBeModule
              ? first(
                  ReasonId.SHAFT_WITH_MODULE_OFF, "It catches: turn it again with the module off.")
              : block(ReasonId.SHAFT_NOT_FREE, "The shaft does not turn free."));
    }
  }

  private void age(List<Way.Reason> reasons) {
    if (all.schools().have(Habit.ALWAYS_BOTH)) {
      reasons.add(block(ReasonId.ALWAYS_BOTH, "This shop replaces module and motor together."));
    }
    if (unit.installed() == null || !all.schools().have(Habit.MODULE_IF_YOUNG)) {
      return;
    }
    double limit = all.schools().moduleAloneYears();
    if (!unit.installed().plusMonths(Math.round(limit * 12)).isAfter(today)) {
      reasons.add(
          first(
              ReasonId.MOTOR_OLD,
              "The motor is "
                  + Numbers.plain(limit)
                  + " years old or more: common practice replaces motor and module together. Settle it with"
                  + " the customer."));
    }
  }

  private void water(List<Way.Reason> reasons) {
    Answer look = facts.choice(FactType.MODULE_LOOK);
    if (look == Answer.WATER || look == Answer.CORRODED) {
      reasons.add(first(ReasonId.WATER, "Mend the leak first, or the new part dies of the same."));
    }
  }

  /** What every way that changes the motor asks for. */
  private List<Way.Reason> newMotor() {
    List<Way.Reason> reasons = new ArrayList<>();
    if (decided() && !motorAtFault()) {
      reasons.add(block(ReasonId.MOTOR_NOT_AT_FAULT, diagnosis.verdict().sentence()));
    } else if (!decided()) {
      reasons.add(first(ReasonId.FAULT_NOT_PROVED, "Prove that the motor is the fault first."));
    }
    water(reasons);
    return reasons;
  }

  private void warranty(List<Way.Reason> reasons) {
    if (unit.inWarranty(today)) {
      reasons.add(
          block(
              ReasonId.IN_WARRANTY,
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
              ReasonId.KIND_DIFFERS,
              "A universal constant-torque motor does not stand in for a constant-airflow one."));
    }
    reasons.add(
        first(
            ReasonId.MATCH_PLATE,
            "Match volts, horsepower, frame, shaft, rotation and mount to the plate before you"
                + " order."));
    speedSignal(reasons, true);
    return Way.of(
        Route.EQUIVALENT_MOTOR, reasons, List.of("The unit maker's own part and its warranty."));
  }

  private Way fixedSpeed() {
    List<Way.Reason> reasons = newMotor();
    warranty(reasons);
    unconverted(reasons);
    sized(reasons);
    transformer(reasons, all.schools().have(Habit.ONE_RELAY) ? 1 : 2);
    if (unit.isOutdoors(motor.family())) {
      outdoorFan(reasons);
    }
    boolean outdoors = unit.isOutdoors(motor.family());
    if (unit.heating().contains(UnitPlate.Heating.GAS) && !outdoors) {
      temperatureRise(reasons);
    }
    if (all.running().hasStages() && !outdoors) {
      lowestStage(reasons);
    }
    if (unit.heating().contains(UnitPlate.Heating.ELECTRIC) && !outdoors) {
      reasons.add(
          first(
              ReasonId.HEAT_WITHOUT_AIR,
              "Electric heat must never come on without air: the fan must run on every heat"
                  + " call."));
    }
    return Way.of(Route.FIXED_SPEED, reasons, given());
  }

  /** What is given up with it on this motor, in this place. */
  private List<String> given() {
    if (unit.isOutdoors(motor.family())) {
      return List.of(
          "The quiet low stage",
          "Head pressure held by speed in the cold",
          "Energy: it uses more for the same air");
    }
    List<String> given = new ArrayList<>();
    if (motor.family().profile().holdsAirflow()) {
      given.add("Constant air against a dirty filter");
    }
    given.addAll(
        List.of(
            "Soft start and quiet low speed",
            "Low-speed comfort and drying",
            "Energy: it uses more for the same air"));
    return given;
  }

  /** Volts and horsepower of the old motor: without them nobody can say which one goes in. */
  private void sized(List<Way.Reason> reasons) {
    if (motor.horsepower() == null) {
      reasons.add(
          first(
              ReasonId.SIZE_UNKNOWN,
              "Read the old motor's horsepower: the new one is sized by it."));
    }
    if (motor.volts() == null && facts.number(FactType.LINE_VOLTS) == null) {
      reasons.add(
          first(ReasonId.LINE_UNKNOWN, "Read the plate's volts or measure the line at the motor."));
    }
  }

  /** The coils and what hangs on the transformer already, against what it bears. */
  private void transformer(List<Way.Reason> reasons, int relays) {
    Double has = all.running().transformerVa();
    Double hanging = all.running().hangingVa();
    Double coil = all.running().relayVa();
    if (has != null && hanging != null && coil != null && hanging + relays * coil > has) {
      reasons.add(
          first(
              ReasonId.TRANSFORMER_TOO_SMALL,
              Numbers.plain(hanging + relays * coil)
                  + " VA would hang on a transformer of "
                  + Numbers.plain(has)
                  + " VA: a larger one, or one of their own for the relays."));
    }
  }

  private void temperatureRise(List<Way.Reason> reasons) {
    Running running = all.running();
    Double air = running.oneSpeedCfm();
    Double rise = running.riseAtOneSpeed();
    Double low = running.riseLowF();
    Double high = running.riseHighF();
    if (air == null || rise == null || low == null || high == null) {
      reasons.add(
          first(
              ReasonId.TEMPERATURE_RISE,
              "Gas heat: the temperature rise at the one speed must stay within the plate. Changing"
                  + " the fan of a fuel-burning unit can void its listing."));
    } else if (rise < low || rise > high) {
      reasons.add(
          block(
              ReasonId.RISE_OUT_OF_RANGE,
              "Gas heat: at "
                  + Numbers.plain(air)
                  + " cfm the air would rise by "
                  + Numbers.plain(Math.rint(rise))
                  + " °F; the plate allows "
                  + Numbers.plain(low)
                  + " to "
                  + Numbers.plain(high)
                  + " °F."));
    }
  }

  private void lowestStage(List<Way.Reason> reasons) {
    Double most = all.running().lowestStageCfm();
    Double one = all.running().oneSpeedCfm();
    if (most == null || one == null) {
      reasons.add(
          first(
              ReasonId.MULTI_STAGE,
              "Its lowest stage may need less air than the one speed gives: find both."));
    } else if (one > most) {
      reasons.add(
          block(
              ReasonId.LOWEST_STAGE_AIR,
              "The lowest stage may have "
                  + Numbers.plain(most)
                  + " cfm, and the one speed gives "
                  + Numbers.plain(one)
                  + " cfm: too much air for it."));
    }
  }

  /** What no fixed-speed motor can stand in for, for good or for a loan. */
  private void unconverted(List<Way.Reason> reasons) {
    if (NEVER_CONVERTED.contains(motor.family())) {
      reasons.add(
          block(
              ReasonId.NOT_CONVERTED,
              "A fan of this kind is never converted to fixed speed: its board or its housing is"
                  + " made for this motor."));
    }
    if (motor.family().profile().hasDrive()) {
      reasons.add(
          block(
              ReasonId.ALREADY_FIXED,
              "The motor is a standard one: the drive is replaced or bypassed."));
    }
    if (motor.family().profile().command() == Command.MESSAGES) {
      reasons.add(
          block(
              ReasonId.COMMUNICATING,
              "A communicating system cannot be converted to fixed speed."));
    }
    if (!unit.tellsHeat()) {
      reasons.add(
          first(
              ReasonId.ASK_HEAT,
              "Say which heat this unit has: heat must never come on with no air."));
    }
    if (unit.kind() == null) {
      reasons.add(
          first(ReasonId.ASK_KIND, "Say what kind of unit it is: its wiring depends on it."));
    }
    speedSignal(reasons, false);
  }

  /**
   * What a board that waits for speed pulses, or may, asks of a motor that may send none.
   *
   * @param canSend whether there are motors for this way that send them
   */
  private void speedSignal(List<Way.Reason> reasons, boolean canSend) {
    Boolean needs = unit.boardNeedsFeedback();
    Boolean off = unit.feedbackCanBeDisabled();
    String box = " Read every sheet in the new motor's box: the switch stands there.";
    if (Boolean.TRUE.equals(needs)) {
      if (Boolean.TRUE.equals(off)) {
        reasons.add(
            first(
                ReasonId.SPEED_PROOF_OFF,
                "Switch the board's proof of speed off on fitting." + box));
      } else if (off == null) {
        reasons.add(
            first(
                ReasonId.ASK_PROOF_OFF,
                "The board waits for a speed signal: find out, before it is bought, whether that"
                    + " can be switched off, or what adapter sends one."
                    + box));
      } else if (canSend) {
        reasons.add(
            first(
                ReasonId.SPEED_SIGNAL,
                "The board proves speed: the new motor must send a signal."));
      } else {
        reasons.add(
            block(
                ReasonId.SPEED_SIGNAL,
                "The board stops the unit without a speed signal, and a fixed-speed motor sends"
                    + " none."));
      }
    } else if (needs == null && !Boolean.FALSE.equals(motor.feedback())) {
      reasons.add(
          first(
              ReasonId.ASK_SPEED_SIGNAL,
              "Make sure that the board does not wait for a speed signal." + box));
    }
  }

  private void outdoorFan(List<Way.Reason> reasons) {
    reasons.add(
        first(
            ReasonId.DEFROST_CONTACT,
            "The board's defrost contact must carry the new motor's amps, and stay in its line."));
    reasons.add(
        first(
            ReasonId.HEAD_PRESSURE,
            "One high speed on the low stage: watch head pressure, and keep a fan-cycling switch for"
                + " the cold."));
    reasons.add(
        first(
            ReasonId.OUTDOOR_MOTOR,
            "Totally enclosed, rated for the heat there, shaft up or down as before; see which way"
                + " it turns."));
  }

  private Way loaner() {
    List<Way.Reason> reasons = newMotor();
    unconverted(reasons);
    boolean heats =
        unit.heating().contains(UnitPlate.Heating.GAS)
            || unit.heating().contains(UnitPlate.Heating.ELECTRIC);
    if (heats) {
      reasons.add(
          first(
              ReasonId.HEAT_WITHOUT_AIR,
              "Heat that comes on without the fan would fire with no air: a fan relay on those"
                  + " calls, too, or no loan."));
    }
    if (!unit.isOutdoors(motor.family())
        && (unit.kind() == null || !ONE_CABINET.contains(unit.kind()))) {
      reasons.add(
          first(
              ReasonId.NOT_ON_CONTACTOR,
              "Contactor and blower are not in one cabinet on one supply: it needs a fan relay of its"
                  + " own."));
    }
    transformer(reasons, 1);
    if (unit.otherHeatOrCooling() == null) {
      reasons.add(
          first(ReasonId.ASK_OTHER_HEAT, "Ask whether the building has other heat or cooling."));
    }
    if (Boolean.TRUE.equals(unit.otherHeatOrCooling())) {
      reasons.add(
          first(
              ReasonId.OTHER_HEAT,
              "The building has other heat or cooling: a loan may not be needed."));
    }
    return Way.of(
        Route.LOANER,
        reasons,
        List.of("Variable speed, until the part is in", "A second visit to take it out"));
  }

  private Way boardAndMotor() {
    List<Way.Reason> reasons = new ArrayList<>();
    if (motor.family() != Family.CONSTANT_AIRFLOW_SERIAL) {
      reasons.add(block(ReasonId.NO_LINK, "This motor has no serial link to its board."));
    } else if (asks(Action.REPLACE_BOARD) && motorAtFault()) {
      return Way.of(Route.BOARD_AND_MOTOR, reasons, List.of());
    } else if (proved()) {
      reasons.add(
          block(ReasonId.FAULT_IS_PINNED, "It is known which end it is. " + verdictSentence()));
    } else if (!unit.inWarranty(today) && !all.schools().have(Habit.BOTH_AT_ANY_TIME)) {
      reasons.add(
          block(
              ReasonId.OUT_OF_WARRANTY,
              "Out of warranty: prove which end it is by the link's supply."));
    } else {
      reasons.add(
          first(
              ReasonId.PROVE_THE_LINK,
              "Measure the link's supply at both ends first: it parts them."));
    }
    return Way.of(Route.BOARD_AND_MOTOR, reasons, List.of());
  }

  private String verdictSentence() {
    return diagnosis.verdict().sentence();
  }

  private List<Way.Reason> newDrive() {
    List<Way.Reason> reasons = new ArrayList<>();
    if (!motor.family().profile().hasDrive()) {
      reasons.add(block(ReasonId.NO_DRIVE, "No drive feeds this motor."));
    } else if (decided() && !driveAtFault()) {
      reasons.add(block(ReasonId.DRIVE_NOT_AT_FAULT, verdictSentence()));
    } else if (!decided()) {
      reasons.add(first(ReasonId.FAULT_NOT_PROVED, "Prove that the drive is the fault first."));
    }
    return reasons;
  }

  private Way driveReplace() {
    return Way.of(Route.DRIVE_REPLACE, newDrive(), List.of());
  }

  private Way driveBypass() {
    List<Way.Reason> reasons = newDrive();
    if (all.schools().have(Habit.NO_BYPASS)) {
      reasons.add(block(ReasonId.NO_BYPASS, "This shop does not run a drive's motor in bypass."));
    }
    if (motor.family().profile().hasDrive()) {
      reasons.add(
          first(
              ReasonId.OVERLOAD,
              "The drive was the overload protection: an overload relay, set from the motor's plate"
                  + " amps."));
      reasons.add(
          first(
              ReasonId.FULL_SPEED,
              "Full speed: check amps and static, and set a date by which the drive is back."));
    }
    return Way.of(
        Route.DRIVE_BYPASS,
        reasons,
        List.of("Speed and pressure control", "Soft start", "Energy: full speed all the time"));
  }

  private Way other() {
    List<Way.Reason> reasons = new ArrayList<>();
    boolean repaired = all.schools().have(Habit.REPAIRED_HERE);
    if (decided() && motorAtFault() && repaired) {
      reasons.add(
          first(
              ReasonId.REPAIRED_HERE,
              "This shop mends boards and windings: write down where the fault sits."));
    } else if (decided() && motorAtFault()) {
      reasons.add(block(ReasonId.MOTOR_AT_FAULT, verdictSentence()));
    } else if (decided() && driveAtFault()) {
      reasons.add(block(ReasonId.DRIVE_AT_FAULT, verdictSentence()));
    } else if (!decided()) {
      reasons.add(first(ReasonId.FAULT_NOT_PROVED, "Prove where the fault is first."));
    }
    return Way.of(Route.REPAIR_OTHER, reasons, List.of());
  }
}
