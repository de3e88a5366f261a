package variablerotor.core.route;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.fact.FactType;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * What lifts a condition or a block, so that it can be led to with one touch.
 *
 * @param target what {@code kind} says of it; empty where there is but one
 * @param title how it is said
 */
public record Opener(Kind kind, String target, String title) implements Node {
  /** Where it leads. */
  public enum Kind {
    /** To the next check: nothing is settled yet. */
    PROVE,
    /** To the check that reads this fact. */
    READING,
    /** To a question that is answered in place: a path in what was told. */
    ASK,
    /** It is said to be done, or settled with the customer; the reason's own id. */
    TICK,
    /** To the motors that might be fitted. */
    MOTORS,
    /** To the shop's habits: a school. */
    HABIT
  }

  private static Opener reading(FactType fact) {
    return new Opener(Kind.READING, fact.id(), "Take the reading");
  }

  private static Opener ask(String field) {
    return new Opener(Kind.ASK, field, "Answer it");
  }

  private static Opener habit(School school) {
    return new Opener(Kind.HABIT, school.name(), "The shop's habits");
  }

  /** What lifts the reason with this id; null where nothing does. */
  static @Nullable Opener of(String reason) {
    return switch (reason) {
      case "FAULT_NOT_PROVED" -> new Opener(Kind.PROVE, "", "To the next check");
      case "WINDING_NOT_MEASURED", "WINDING_UNCERTAIN" -> reading(FactType.WINDING_AB);
      case "SHAFT_NOT_TRIED" -> reading(FactType.SHAFT_FEEL);
      case "SHAFT_WITH_MODULE_OFF" -> reading(FactType.SHAFT_FEEL_MODULE_OFF);
      case "PROVE_THE_LINK" -> reading(FactType.LINK_VOLTS);
      case "ASK_IF_SOLD_ALONE" -> ask("motor.moduleSoldAlone");
      case "ASK_SPEED_SIGNAL" -> ask("unit.boardNeedsFeedback");
      case "SPEED_SIGNAL" -> ask("unit.feedbackCanBeDisabled");
      case "TEMPERATURE_RISE" -> ask("running.heatOutputBtuh");
      case "MULTI_STAGE" -> ask("running.lowestStageCfm");
      case "ASK_PROOF_OFF" -> ask("unit.feedbackCanBeDisabled");
      case "ASK_HEAT" -> ask("unit.heating");
      case "ASK_KIND" -> ask("unit.kind");
      case "ASK_OTHER_HEAT" -> ask("unit.otherHeatOrCooling");
      case "SIZE_UNKNOWN" -> ask("motor.horsepower");
      case "LINE_UNKNOWN" -> ask("motor.volts");
      case "MATCH_FIXED", "MATCH_PLATE" -> new Opener(Kind.MOTORS, "", "Find a motor that fits");
      case "ALWAYS_BOTH" -> habit(School.MODULE_ALONE);
      case "NO_BYPASS" -> habit(School.BYPASS);
      case "OUT_OF_WARRANTY" -> habit(School.BOARD_TOO);
      default -> tick(reason);
    };
  }

  private static @Nullable Opener tick(String reason) {
    String said = said(reason);
    return said == null ? null : new Opener(Kind.TICK, reason, said);
  }

  /** How what is ticked is said, by the reason's id; null for what is no tick. */
  public static @Nullable String said(String reason) {
    return switch (reason) {
      case "PROGRAMMED" -> "Will be ordered programmed for this unit";
      case "MOTOR_OLD" -> "Settled with the customer";
      case "WATER" -> "The leak is mended";
      case "BEARING_ROUGH" -> "The customer knows";
      case "CONNECTOR_CORRODED" -> "The connector is renewed with it";
      case "WATER_TRACK" -> "The water is led away";
      case "SPEED_PROOF_OFF" -> "The proof of speed is switched off";
      case "DEFROST_CONTACT" -> "The contact carries it and stays in line";
      case "HEAD_PRESSURE" -> "Head pressure is watched";
      case "OUTDOOR_MOTOR" -> "The motor is fit for outdoors";
      case "HEAT_WITHOUT_AIR" -> "The fan runs on every heat call";
      case "NOT_ON_CONTACTOR" -> "It gets a fan relay of its own";
      case "OTHER_HEAT" -> "A loan is wanted all the same";
      case "OVERLOAD" -> "An overload relay goes in, set from the plate";
      case "FULL_SPEED" -> "Amps and static are checked, the date is set";
      case "REPAIRED_HERE" -> "The fault's place is recorded";
      case "TRANSFORMER_TOO_SMALL" -> "A larger transformer, or one for the relays, goes in";
      default -> null;
    };
  }

  /**
   * How it is said that a way comes first once this is so; null for what is no small thing: more
   * than a tick or one question, or something on which the choice itself hangs.
   */
  public static @Nullable String once(String reason) {
    return switch (reason) {
      case "ASK_IF_SOLD_ALONE" -> "the counter says that the module is sold alone";
      case "ASK_SPEED_SIGNAL" -> "it is seen that the board does not wait for a speed signal";
      case "ASK_PROOF_OFF" -> "it is seen that the board's proof of speed can be switched off";
      case "PROGRAMMED" -> "it is ordered programmed for this unit";
      case "WATER" -> "the leak is mended";
      case "CONNECTOR_CORRODED" -> "the corroded connector is renewed with it";
      case "WATER_TRACK" -> "the water is led away";
      case "SPEED_PROOF_OFF" -> "the board's proof of speed is switched off";
      case "DEFROST_CONTACT" -> "it is seen that the defrost contact carries the new motor";
      case "HEAD_PRESSURE" -> "head pressure on the low stage is seen to";
      case "OUTDOOR_MOTOR" -> "the motor is seen to be fit for outdoors";
      case "HEAT_WITHOUT_AIR" -> "the fan is sure to run on every heat call";
      case "NOT_ON_CONTACTOR" -> "it has a fan relay of its own";
      case "TRANSFORMER_TOO_SMALL" -> "the transformer bears the relays";
      case "OVERLOAD" -> "an overload relay is set from the motor's plate";
      case "FULL_SPEED" -> "amps and static are checked and the date is set";
      default -> null;
    };
  }

  /** Whether it is a question, of which one at most may be left. */
  boolean isQuestion() {
    return kind != Kind.TICK;
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of("kind", kind, "target", target, "title", title);
  }
}
