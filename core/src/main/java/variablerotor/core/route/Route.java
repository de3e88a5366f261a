package variablerotor.core.route;

import variablerotor.core.cost.CostFigures;
import variablerotor.core.diagnosis.Action;

/** A way forward once the fault is known. */
public enum Route {
  MODULE_ONLY(
      "New module", "New electronics on the motor that is there.", CostFigures.SWAP_HOURS.value()),
  SAME_MOTOR(
      "Same motor", "The unit maker's own motor with its module.", CostFigures.SWAP_HOURS.value()),
  EQUIVALENT_MOTOR(
      "Equivalent motor",
      "A universal motor of the same kind, set up for this unit.",
      CostFigures.SWAP_HOURS.value()),
  FIXED_SPEED(
      "Fixed-speed conversion",
      "A capacitor motor, with relays or an adapter board in place of the variable speed.",
      CostFigures.CONVERSION_HOURS.value()),
  LOANER(
      "Motor on loan",
      "A fixed-speed motor lent until the ordered part comes.",
      CostFigures.LOAN_HOURS.value()),
  BOARD_AND_MOTOR(
      "Board and motor",
      "Both ends of a serial link, the maker's own.",
      CostFigures.CONVERSION_HOURS.value()),
  DRIVE_REPLACE(
      "New drive", "A drive in the place of the old one.", CostFigures.CONVERSION_HOURS.value()),
  DRIVE_BYPASS(
      "Drive bypassed",
      "A contactor with an overload relay in the drive's place, at full speed.",
      CostFigures.CONVERSION_HOURS.value()),
  REPAIR_OTHER(
      "Repair, motor stays",
      "Connector, wiring, setting, board, filter or wheel: the motor is not the fault.",
      CostFigures.SWAP_HOURS.value());

  private final String title;
  private final String detail;
  private final double usualHours;

  Route(String title, String detail, double usualHours) {
    this.title = title;
    this.detail = detail;
    this.usualHours = usualHours;
  }

  /** As it is shown. */
  public String title() {
    return title;
  }

  /** What it means, in a sentence. */
  public String detail() {
    return detail;
  }

  /** Whether the equipment keeps the variable speed that it was made for. */
  public boolean keepsVariableSpeed() {
    return this != FIXED_SPEED && this != LOANER && this != DRIVE_BYPASS;
  }

  /** Whether another motor, or the same again, goes in. */
  public boolean isNewMotor() {
    return this == SAME_MOTOR || this == EQUIVALENT_MOTOR || this == FIXED_SPEED || this == LOANER;
  }

  /** Whether it is wired by a plan of its own: every other way puts like on like. */
  public boolean isWired() {
    return this == FIXED_SPEED || isForDays();
  }

  /** Whether it is for the days until a part comes, and no way to stay. */
  public boolean isForDays() {
    return this == LOANER || this == DRIVE_BYPASS;
  }

  /** Whether this way does by itself what is asked for. */
  public boolean brings(Action action) {
    return switch (action) {
      case REPLACE_MODULE -> this == MODULE_ONLY || isNewMotor() || this == BOARD_AND_MOTOR;
      case REPLACE_MOTOR -> isNewMotor() || this == BOARD_AND_MOTOR;
      case REPLACE_BOARD -> this == BOARD_AND_MOTOR;
      case REPLACE_DRIVE -> this == DRIVE_REPLACE || this == DRIVE_BYPASS;
      case NOTHING -> true;
      default -> false;
    };
  }

  /** Labour to start from [h]. Common practice. */
  public double usualHours() {
    return usualHours;
  }
}
