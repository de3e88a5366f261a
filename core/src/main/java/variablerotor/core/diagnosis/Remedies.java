package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Situation;
import variablerotor.core.fact.FactType;
import variablerotor.core.family.Fault;
import variablerotor.core.likelihood.Cause;

/**
 * What each cause asks to be done on this motor. A motor that is replaced whole needs no name for
 * the part of it that failed; whether a module can be replaced alone, its plate and the counter
 * say.
 */
final class Remedies {
  /** A new module, or the motor with it: the plate and the counter have not said. */
  private static final int MODULE_OR_MOTOR = 1 << Action.values().length;

  private final Situation situation;
  private final CauseTable table;
  private final @Nullable Boolean moduleAlone;
  private final int[] bits;

  Remedies(Situation situation, CauseTable table) {
    this(situation, table, moduleAlone(situation));
  }

  private Remedies(Situation situation, CauseTable table, @Nullable Boolean moduleAlone) {
    this.situation = situation;
    this.table = table;
    this.moduleAlone = moduleAlone;
    bits = new int[table.causes.size()];
    for (int i = 0; i < bits.length; i++) {
      bits[i] = main(table.causes.get(i));
    }
  }

  /** As it would be if the module could, or could not, be replaced alone. */
  Remedies ifModuleAlone(boolean alone) {
    return new Remedies(situation, table, alone);
  }

  /** Null while plate and counter have not said. */
  private static @Nullable Boolean moduleAlone(Situation situation) {
    if (situation.family().profile().isReplacedWhole()) {
      return false;
    }
    Boolean comesOff = situation.facts().flag(FactType.PLATE_MODULE_REMOVABLE);
    Boolean sold = situation.facts().flag(FactType.PLATE_MODULE_SOLD_ALONE);
    if (Boolean.FALSE.equals(comesOff) || Boolean.FALSE.equals(sold)) {
      return false;
    }
    return Boolean.TRUE.equals(comesOff) && Boolean.TRUE.equals(sold) ? (Boolean) true : null;
  }

  /** The questions for plate and counter that are not answered. */
  List<FactType> questions() {
    List<FactType> open = new ArrayList<>();
    if (moduleAlone == null) {
      for (FactType type :
          List.of(FactType.PLATE_MODULE_REMOVABLE, FactType.PLATE_MODULE_SOLD_ALONE)) {
        if (!situation.facts().has(type)) {
          open.add(type);
        }
      }
    }
    return open;
  }

  /** To settle what is to be done. */
  Goal goal() {
    return Goal.of(bits);
  }

  /** The bit of what is chiefly to be done about a cause; 0 for what nobody listed. */
  int bit(int cause) {
    return bits[cause];
  }

  static boolean isModuleOrMotor(int bit) {
    return bit == MODULE_OR_MOTOR;
  }

  /** The action of a bit. */
  static Action action(int bit) {
    return Action.values()[Integer.numberOfTrailingZeros(bit)];
  }

  private int main(Cause cause) {
    Action dearest = null;
    boolean electronics = false;
    for (Fault fault : cause.faults()) {
      Action action = of(fault);
      electronics |= action == null && fault.suspect() == Suspect.MODULE;
      if (action != null && (dearest == null || action.compareTo(dearest) < 0)) {
        dearest = action;
      }
    }
    boolean motor = dearest == Action.REPLACE_MOTOR;
    if (electronics && !motor) {
      return MODULE_OR_MOTOR;
    }
    return dearest == null ? 0 : 1 << dearest.ordinal();
  }

  /** What must be mended besides the chief thing, causes first. */
  List<Action> also(int cause) {
    List<Action> also = new ArrayList<>();
    int main = bits[cause];
    for (Fault fault : table.causes.get(cause).faults()) {
      Action action = of(fault);
      boolean covered =
          action == Action.REPLACE_MODULE && main == 1 << Action.REPLACE_MOTOR.ordinal();
      if (action != null && 1 << action.ordinal() != main && !covered && !also.contains(action)) {
        also.add(action);
      }
    }
    return also;
  }

  /** What a fault asks for; null for a module of which that is not known, and the unlisted. */
  @Nullable Action of(Fault fault) {
    return Action.of(fault, situation.family(), moduleAlone);
  }

  /** A seen defect is mended whatever else is. */
  static @Nullable Action ofDefect(Suspect link) {
    return switch (link) {
      case HARNESS -> Action.REPAIR_HARNESS;
      case SETTING -> Action.CHANGE_SETTING;
      case WHEEL -> Action.REPAIR_WHEEL;
      case AIR_PATH -> Action.CLEAR_AIR_PATH;
      case COMMAND -> Action.REPAIR_COMMAND;
      default -> null;
    };
  }
}
