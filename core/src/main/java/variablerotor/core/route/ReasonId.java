package variablerotor.core.route;

import org.jspecify.annotations.Nullable;
import variablerotor.core.fact.FactType;

/**
 * Why a way is shut, or what must first be shown or done for it; with what lifts it. Those that are
 * ticked are kept with a call by their names.
 */
public enum ReasonId {
  ALREADY_FIXED,
  ALWAYS_BOTH(habit(School.MODULE_ALONE)),
  ASK_HEAT(ask("unit.heating")),
  ASK_IF_SOLD_ALONE(ask("motor.moduleSoldAlone"), "the counter says that the module is sold alone"),
  ASK_KIND(ask("unit.kind")),
  ASK_OTHER_HEAT(ask("unit.otherHeatOrCooling")),
  ASK_PROOF_OFF(
      ask("unit.feedbackCanBeDisabled"),
      "it is seen that the board's proof of speed can be switched off"),
  ASK_SPEED_SIGNAL(
      ask("unit.boardNeedsFeedback"), "it is seen that the board does not wait for a speed signal"),
  BEARING_ROUGH(tick("The customer knows")),
  COMMUNICATING,
  CONNECTOR_CORRODED(
      tick("The connector is renewed with it"), "the corroded connector is renewed with it"),
  DEFROST_CONTACT(
      tick("The contact carries it and stays in line"),
      "it is seen that the defrost contact carries the new motor"),
  DRIVE_AT_FAULT,
  DRIVE_NOT_AT_FAULT,
  FAULT_IS_PINNED,
  FAULT_NOT_PROVED(prove()),
  FULL_SPEED(
      tick("Amps and static are checked, the date is set"),
      "amps and static are checked and the date is set"),
  HEAD_PRESSURE(tick("Head pressure is watched"), "head pressure on the low stage is seen to"),
  HEAT_WITHOUT_AIR(
      tick("The fan runs on every heat call"), "the fan is sure to run on every heat call"),
  IN_WARRANTY,
  KIND_DIFFERS,
  LINE_UNKNOWN(ask("motor.volts")),
  LOWEST_STAGE_AIR,
  MATCH_FIXED(motors()),
  MATCH_PLATE(motors()),
  MODULE_NOT_AT_FAULT,
  MODULE_NOT_REMOVABLE,
  MODULE_NOT_SOLD_ALONE,
  MOTOR_AT_FAULT,
  MOTOR_NOT_AT_FAULT,
  MOTOR_OLD(tick("Settled with the customer")),
  MOTOR_TOO,
  MULTI_STAGE(ask("running.lowestStageCfm")),
  NOT_CONVERTED,
  NOT_ON_CONTACTOR(tick("It gets a fan relay of its own"), "it has a fan relay of its own"),
  NO_BYPASS(habit(School.BYPASS)),
  NO_DRIVE,
  NO_LINK,
  NO_MODULE,
  OTHER_HEAT(tick("A loan is wanted all the same")),
  OUTDOOR_MOTOR(tick("The motor is fit for outdoors"), "the motor is seen to be fit for outdoors"),
  OUT_OF_WARRANTY(habit(School.BOARD_TOO)),
  OVERLOAD(
      tick("An overload relay goes in, set from the plate"),
      "an overload relay is set from the motor's plate"),
  PROGRAMMED(
      tick("Will be ordered programmed for this unit"), "it is ordered programmed for this unit"),
  PROVE_THE_LINK(reading(FactType.LINK_VOLTS)),
  REPAIRED_HERE(tick("The fault's place is recorded")),
  RISE_OUT_OF_RANGE,
  SHAFT_NOT_FREE,
  SHAFT_NOT_TRIED(reading(FactType.SHAFT_FEEL)),
  SHAFT_WITH_MODULE_OFF(reading(FactType.SHAFT_FEEL_MODULE_OFF)),
  SIZE_UNKNOWN(ask("motor.horsepower")),
  SPEED_PROOF_OFF(
      tick("The proof of speed is switched off"), "the board's proof of speed is switched off"),
  SPEED_SIGNAL(ask("unit.feedbackCanBeDisabled")),
  TEMPERATURE_RISE(ask("running.heatOutputBtuh")),
  TRANSFORMER_TOO_SMALL(
      tick("A larger transformer, or one for the relays, goes in"),
      "the transformer bears the relays"),
  WATER(tick("The leak is mended"), "the leak is mended"),
  WATER_TRACK(tick("The water is led away"), "the water is led away"),
  WINDING_FAULTY,
  WINDING_NOT_MEASURED(reading(FactType.WINDING_AB)),
  WINDING_UNCERTAIN(reading(FactType.WINDING_AB));

  /** What lifts it; null where nothing does. */
  private final @Nullable Lift lift;

  private final @Nullable String once;

  ReasonId() {
    this(null, null);
  }

  ReasonId(Lift lift) {
    this(lift, null);
  }

  /**
   * @param once how it is said that a way comes first once this is so; null for what is no small
   *     thing: more than a tick or one question, or something on which the choice itself hangs
   */
  ReasonId(@Nullable Lift lift, @Nullable String once) {
    this.lift = lift;
    this.once = once;
  }

  /** An opener without the reason's own name. */
  private record Lift(Opener.Kind kind, String target, String title) {}

  private static Lift prove() {
    return new Lift(Opener.Kind.PROVE, "", "To the next check");
  }

  private static Lift motors() {
    return new Lift(Opener.Kind.MOTORS, "", "Find a motor that fits");
  }

  private static Lift reading(FactType fact) {
    return new Lift(Opener.Kind.READING, fact.id(), "Take the reading");
  }

  private static Lift ask(String field) {
    return new Lift(Opener.Kind.ASK, field, "Answer it");
  }

  private static Lift habit(School school) {
    return new Lift(Opener.Kind.HABIT, school.name(), "The shop's habits");
  }

  private static Lift tick(String said) {
    return new Lift(Opener.Kind.TICK, "", said);
  }

  /** What lifts it; null where nothing does. */
  public @Nullable Opener opener() {
    if (lift == null) {
      return null;
    }
    String target = isTick() ? name() : lift.target();
    return new Opener(lift.kind(), target, lift.title());
  }

  /** Whether it is lifted by saying that it is done, or settled with the customer. */
  public boolean isTick() {
    return lift != null && lift.kind() == Opener.Kind.TICK;
  }

  /** How a tick is said, by its name; null for what is no tick. */
  public static @Nullable String said(String name) {
    for (ReasonId one : values()) {
      if (one.name().equals(name) && one.lift != null && one.isTick()) {
        return one.lift.title();
      }
    }
    return null;
  }

  /** How it is said that a way comes first once this is so; null for what is no small thing. */
  @Nullable String once() {
    return once;
  }
}
