package variablerotor.core.diagnosis;

import org.jspecify.annotations.Nullable;
import variablerotor.core.fact.Answer;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.FamilyProfile;
import variablerotor.core.family.Fault;

/**
 * Which thing is to be mended, and how, where the link alone does not say it: thermostat, switch,
 * fuse, transformer, board; breaker, contactor, defrost contact. Common practice.
 */
final class Mends {
  private final Facts facts;
  private final FamilyProfile profile;

  Mends(Facts facts, FamilyProfile profile) {
    this.facts = facts;
    this.profile = profile;
  }

  /** In a sentence without its full stop; null where the action's own title says it all. */
  @Nullable String of(Fault fault) {
    return switch (fault) {
      case SUPPLY_OFF ->
          "Breaker, fuse or disconnect: see which is open, and why, before you close it";
      case SUPPLY_LINE_LOST ->
          "A leg is lost on its way to the motor's plug: follow it back over plug, disconnect, fuse"
              + " and breaker, power off at each joint";
      case SUPPLY_OUT_OF_RANGE ->
          "The line itself is out of the plate's range: its feeder, its joints, or whoever delivers"
              + " it";
      case CONTACTOR_OPEN ->
          "The contactor: called in, it does not pass the line on. Look at its coil's 24 V and at"
              + " its contacts, and renew it";
      case DEFROST_STUCK ->
          "The defrost contact stays open out of defrost: the defrost board, or its relay";
      case NO_CALL -> noCall();
      case SAFETY_OPEN -> safety();
      case CONTROL_POWER -> controlPower();
      case CONTROL_SAGS ->
          "The transformer sags: take off what hangs on it one by one, and mend what draws too much"
              + " or fit a larger one";
      case BOARD_SILENT ->
          profile.hasDrive()
              ? "The controller gives no command though it is asked"
              : "The board: a call arrives, and nothing leaves";
      case BOARD_NO_TALK -> "The board feeds the link and does not talk";
      case BOARD_STUCK ->
          "A relay on the board that stays closed, or a thermostat that never ends its call";
      case FAN_SWITCH_ON -> "The thermostat's fan switch stands on: set it to auto";
      case BOARD_NO_BUS -> "The board's rectifier, or the fuse before it: no DC bus leaves it";
      case BOARD_NO_LOGIC -> "The board's small supply: no logic voltage leaves it";
      case AUX_PULLED_DOWN -> "The potentiometer or controller that pulls the fan's 10 V down";
      default -> null;
    };
  }

  private String noCall() {
    Boolean calls = facts.flag(FactType.THERMOSTAT_CALL);
    if (Boolean.FALSE.equals(calls)) {
      return "The thermostat does not call: its setting, its batteries or supply, then itself";
    }
    return Boolean.TRUE.equals(calls)
        ? "The thermostat calls, and it does not arrive: the wire between, and every switch in it"
        : "The thermostat, or the wire from it";
  }

  private @Nullable String safety() {
    Answer open = facts.choice(FactType.SAFETY_OPEN);
    if (open == null) {
      return "A switch of the safety string, or the low-voltage fuse: find out which is open";
    }
    return switch (open) {
      case FLOAT -> "The float switch is up: clear the drain, empty the pan, and see why it filled";
      case FUSE -> "The low-voltage fuse: find the short behind the fuse before you fit a new one";
      case LIMIT -> "The limit stays open: see why it grew hot before you renew it";
      case PRESSURE ->
          "The pressure switch stays open: refrigerant and coil first, by certified people";
      default -> "A switch of the safety string is open";
    };
  }

  private String controlPower() {
    Double primary = facts.number(FactType.TRANSFORMER_PRIMARY);
    if (facts.choice(FactType.SAFETY_OPEN) == Answer.FUSE) {
      return "The low-voltage fuse: find the short behind the fuse before you fit a new one";
    }
    if (primary == null) {
      return "The 24 V supply: the low-voltage fuse first, then the line at the transformer, then"
          + " the transformer";
    }
    return primary < DEAD
        ? "No line reaches the control transformer"
        : "Line reaches the control transformer and 24 V does not leave it: the low-voltage fuse"
            + " first, then the transformer";
  }

  /** Below this a line is dead [V]. Chosen here: stray pick-up. */
  private static final double DEAD = 5;
}
