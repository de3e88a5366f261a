package variablerotor.core.diagnosis;

import org.jspecify.annotations.Nullable;
import variablerotor.core.family.Family;
import variablerotor.core.family.Fault;

/** What is to be done, the dearest first. */
public enum Action {
  REPLACE_MOTOR("Replace the motor", true),
  REPLACE_DRIVE("Replace the drive", true),
  REPLACE_BOARD("Replace the board", true),
  REPLACE_MODULE("Replace the module", true),
  REPAIR_WHEEL("Mend the wheel", false),
  REPAIR_HARNESS("Mend the harness", false),
  REPAIR_SUPPLY("Mend the supply", false),
  REPAIR_COMMAND("Mend the call, its supply or the board", false),
  CHANGE_SETTING("Change the setting", false),
  CLEAR_AIR_PATH("Clear the air path", false),
  NOTHING("Nothing: it works as it should", false);

  private final String title;
  private final boolean dear;

  Action(String title, boolean dear) {
    this.title = title;
    this.dear = dear;
  }

  /**
   * What a fault asks for.
   *
   * @param moduleAlone whether a module of this motor can be replaced alone; null where unknown
   * @return null for a module of which that is not known, and for what nobody listed
   */
  public static @Nullable Action of(Fault fault, Family family, @Nullable Boolean moduleAlone) {
    return switch (fault.suspect()) {
      case SUPPLY -> REPAIR_SUPPLY;
      // At a drive the call arrives through the controller: one is not told from the other.
      case COMMAND ->
          (fault == Fault.BOARD_SILENT && !family.profile().hasDrive())
                  || fault == Fault.BOARD_NO_TALK
              ? REPLACE_BOARD
              : REPAIR_COMMAND;
      case HARNESS -> REPAIR_HARNESS;
      case SETTING -> CHANGE_SETTING;
      case DRIVE -> REPLACE_DRIVE;
      case MODULE -> ofModule(family, moduleAlone);
      case WINDING, BEARING -> REPLACE_MOTOR;
      case WHEEL -> REPAIR_WHEEL;
      case AIR_PATH -> CLEAR_AIR_PATH;
      case NONE -> NOTHING;
      case OTHER -> null;
    };
  }

  private static @Nullable Action ofModule(Family family, @Nullable Boolean alone) {
    if (family == Family.BLDC_THREE_WIRE) {
      return REPLACE_BOARD;
    }
    boolean whole = family.profile().isReplacedWhole();
    if (alone == null && !whole) {
      return null;
    }
    return whole || Boolean.FALSE.equals(alone) ? REPLACE_MOTOR : REPLACE_MODULE;
  }

  /** As it is shown. */
  public String title() {
    return title;
  }

  /** Whether a dear part is ordered, mostly not returnable. */
  public boolean isDear() {
    return dear;
  }
}
