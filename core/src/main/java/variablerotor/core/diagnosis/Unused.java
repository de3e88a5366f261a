package variablerotor.core.diagnosis;

import org.jspecify.annotations.Nullable;
import variablerotor.core.check.Situation;
import variablerotor.core.check.WaysToAnswer;
import variablerotor.core.fact.FactKind;
import variablerotor.core.fact.FactType;
import variablerotor.core.family.Command;
import variablerotor.core.family.FamilyProfile;
import variablerotor.core.family.Fault;
import variablerotor.core.likelihood.Check;
import variablerotor.core.likelihood.FamilyModel;

/** No fact is swallowed: what a family or a complaint does not use is told, with why. */
final class Unused {
  private Unused() {}

  /** Why a fact says nothing here; null where it is used. */
  static @Nullable String why(Situation situation, FactType type) {
    if (isContext(situation, type)) {
      return null;
    }
    boolean command = type == FactType.COMMAND_VOLTS || type == FactType.COMMAND_VOLTS_BOARD;
    if (command
        && WaysToAnswer.isNoVoltage(situation.facts().choice(FactType.COMMAND_KIND))
        && situation.facts().number(type, 0) > 0) {
      return "A command of this kind reads as an odd voltage: measure its duty or its current.";
    }
    FamilyModel model = FamilyModel.of(situation.family());
    if (type == FactType.LINK_VOLTAGE_JUMPER
        && model.uses(type)
        && !situation.lineVoltage().isOfOneRange()
        && !situation.facts().has(FactType.LINE_VOLTS)) {
      return "Whether it belongs in or out the line decides: measure the line at the motor.";
    }
    if (!model.uses(type)) {
      return ofFamily(situation, type);
    }
    boolean tells = false;
    boolean told = false;
    for (Check check : model.checks()) {
      if (check.facts().contains(type)) {
        tells |= check.tellsUnder(situation.symptom());
        told |= check.isSoft();
      }
    }
    return tells || told
        ? null
        : "With \"" + situation.symptom().title() + "\" its answer tells nothing either way.";
  }

  /** What is no reading of its own, and serves others or the record. */
  private static boolean isContext(Situation situation, FactType type) {
    return switch (type) {
      case CODE, CODE_SUSPECTS, HEARD_CALL, METER_LEAD_OHMS, METER_COUNT_OHMS -> true;
      case RUNS_OUTDOOR, RUNS_INDOOR, RUNS_HEAT, RUNS_COMPRESSOR -> true;
      case LOOK_LAMP, LOOK_SMELL, LOOK_WATER, FIRST_START -> true;
      case MOTOR_FEEDBACK, BOARD_NEEDS_FEEDBACK, REPLACED_RECENTLY, POLE_PAIRS -> true;
      case PLATE_MODULE_REMOVABLE, PLATE_MODULE_SOLD_ALONE, FEEDBACK_PULSES -> true;
      case WINDING_REFERENCE, WINDING_CELSIUS -> !situation.family().profile().isReplacedWhole();
      default -> type.kind() == FactKind.WINDOW && isHeld(situation, type);
    };
  }

  /** Whether some check of this family is held against such a window. */
  private static boolean isHeld(Situation situation, FactType window) {
    return FamilyModel.of(situation.family()).checks().stream()
        .map(check -> check.question().window())
        .anyMatch(held -> held != null && held.own() == window);
  }

  private static String ofFamily(Situation situation, FactType type) {
    FamilyProfile profile = situation.family().profile();
    String name = situation.family().title();
    String id = type.id();
    if (id.startsWith("drive.") || type == FactType.RUN_BYPASS) {
      return name + ": it has no drive.";
    }
    if (id.startsWith("bus.")
        || id.startsWith("logic.")
        || id.contains(".bus.")
        || id.contains(".logic.")) {
      return name + ": no DC bus or logic supply can be measured at its plug.";
    }
    if (id.startsWith("aux.") || id.contains(".aux.") || type == FactType.ALARM_RELAY) {
      return name + ": it gives no 10 V out, and has no alarm contact.";
    }
    if (id.startsWith("link.volts") || id.contains(".link.")) {
      return name + ": no serial link leads to it.";
    }
    if (type == FactType.LINK_VOLTAGE_JUMPER) {
      return name + ": it has no 115 V link.";
    }
    if (id.startsWith("defrost.") || type == FactType.CONTACTOR_VOLTS) {
      return name + ": no contactor or defrost contact stands in its line.";
    }
    if (id.startsWith("line.volts")) {
      return profile.isThreePhase()
          ? name + ": its line is read in three pairs."
          : profile.faults().contains(Fault.SUPPLY_LINE_LOST)
              ? name + ": it is fed by a single phase; one reading at its plug."
              : name + ": the board makes its DC bus; that is measured in place of the line.";
    }
    if (id.startsWith("control.") || type == FactType.TRANSFORMER_PRIMARY) {
      return name + ": its command does not hang on the 24 V supply at a board.";
    }
    if (id.startsWith("command.")
        || id.contains(".command.")
        || type == FactType.RUN_SUBSTITUTE_COMMAND) {
      return profile.command() == Command.PHASES
          ? name + ": the board drives its phases; there is no command to measure."
          : name + ": its command is not of that kind.";
    }
    if (id.startsWith("feedback.")) {
      return name + ": no speed pulses are expected of it.";
    }
    if (!profile.hasMagnets() && (id.startsWith("emf.") || id.startsWith("shaft."))) {
      return name + ": a rotor without magnets makes no back-EMF, and shorted turns do not brake.";
    }
    if (profile.isReplacedWhole()) {
      return name + ": driver and winding sit inside, and it is replaced whole.";
    }
    return name + ": no check of it reads this.";
  }
}
