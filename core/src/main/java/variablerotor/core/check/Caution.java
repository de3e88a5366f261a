package variablerotor.core.check;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import variablerotor.core.fact.FactType;

/**
 * What to mind before a step; common practice. 5 min and 50 V as NFPA 70E has it (from memory);
 * licensed work, local code and the unit's literature rule.
 */
public enum Caution {
  LOOK_ONLY("Look only: live parts are within reach."),
  LIVE(
      "Live parts: line is at the motor plug even while it stands still. Meter of the right"
          + " category, one hand, clear of the wheel: it can start by itself."),
  PLUG(
      "Never pull or push a plug live: power off, lock out, wait for the bus capacitors (5 min or"
          + " the label's time, the longer; drives up to 15), measure below 50 V, then pull it and"
          + " restore. Stay clear of the wheel."),
  LOCK_OUT(
      "Lock out, and prove dead with a meter tried on a known live source. Sharp edges, hot"
          + " surfaces."),
  PINS(
      "Lock out and prove dead. Before you touch a plug: bus capacitors hold more than 300 V DC."
          + " Wait 5 min or the label's time, the longer, and measure below 50 V."),
  CAPACITORS(
      "Bus capacitors hold more than 300 V DC: wait 5 min or the label's time, the longer (drives up"
          + " to 15), and measure below 50 V before you touch. No insulation tester on anything"
          + " with electronics."),
  SPUN("Spun by a drill its leads are live: clips on first, hands off, then spin."),
  BENCH("Heavy and sharp: mark shaft depth and band first, and lower it with both hands.");

  private static final Set<FactType> TOLD =
      EnumSet.of(
          FactType.HEARD_ANSWER,
          FactType.RUNS_OUTDOOR,
          FactType.REPLACED_RECENTLY,
          FactType.THERMOSTAT_CALL,
          FactType.PLATE_MODULE_REMOVABLE,
          FactType.PLATE_MODULE_SOLD_ALONE);

  private static final Set<FactType> SEEN_OPEN =
      EnumSet.of(FactType.LOOK_LAMP, FactType.LOOK_SMELL, FactType.LOOK_WATER);

  private static final Set<FactType> AT_PLUGS =
      EnumSet.of(
          FactType.CONNECTOR_LOOK,
          FactType.LINK_VOLTAGE_JUMPER,
          FactType.SPEED_SETTING,
          FactType.SHAFT_FEEL_MODULE_OFF);

  /** A trial with power on, for which plugs were pulled or wires changed with the power off. */
  private static final Set<FactType> REWIRED =
      EnumSet.of(
          FactType.RUN_RESEATED,
          FactType.RUN_SUBSTITUTE_COMMAND,
          FactType.RUN_BYPASS,
          FactType.RUN_SET_RIGHT,
          FactType.AUX_VOLTS_UNLOADED,
          FactType.DRIVE_UNLOADED_AB);

  private final String sentence;

  Caution(String sentence) {
    this.sentence = sentence;
  }

  /** In a sentence. */
  public String sentence() {
    return sentence;
  }

  /** Before this question; none where there is nothing to mind. */
  static List<String> of(Question question) {
    FactType first = question.facts().get(0);
    if (TOLD.contains(first)) {
      return List.of();
    }
    if (SEEN_OPEN.contains(first)) {
      return List.of(LOOK_ONLY.sentence);
    }
    return switch (question.state()) {
      case POWER_ON -> List.of((REWIRED.contains(first) ? PLUG : LIVE).sentence);
      case CONTROL_PLUG_OUT -> List.of(PLUG.sentence);
      case POWER_OFF_COVER_OFF -> List.of((AT_PLUGS.contains(first) ? PINS : LOCK_OUT).sentence);
      case MODULE_OFF ->
          first == FactType.EMF_AB
              ? List.of(CAPACITORS.sentence, SPUN.sentence)
              : List.of(CAPACITORS.sentence);
      case ON_BENCH -> List.of(CAPACITORS.sentence, BENCH.sentence);
    };
  }
}
