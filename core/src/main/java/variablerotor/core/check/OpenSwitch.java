package variablerotor.core.check;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.fact.Answer;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.Facts;

/**
 * A switch of the safety string that opens because the fan stands, or because somebody measures:
 * what it takes away says nothing of what is broken. Float and fuse are not among them: they open
 * for a cause of their own. Common practice.
 */
public enum OpenSwitch {
  DOOR(
      "A door switch opens with the door. Hold the door switch in and measure again",
      EnumSet.of(
          FactType.CALL_PRESENT,
          FactType.THERMOSTAT_CALL,
          FactType.CONTROL_VOLTS,
          FactType.CONTROL_VOLTS_LOADED,
          FactType.TRANSFORMER_PRIMARY,
          FactType.LINE_VOLTS,
          FactType.LINE_VOLTS_AB,
          FactType.LINE_VOLTS_BC,
          FactType.LINE_VOLTS_CA,
          FactType.CONTACTOR_VOLTS,
          FactType.BUS_VOLTS,
          FactType.BUS_VOLTS_BOARD,
          FactType.BUS_VOLTS_UNPLUGGED,
          FactType.LOGIC_VOLTS,
          FactType.LOGIC_VOLTS_UNPLUGGED,
          FactType.COMMAND_VOLTS,
          FactType.COMMAND_VOLTS_BOARD,
          FactType.COMMAND_VOLTS_RESET,
          FactType.LINK_VOLTS,
          FactType.LINK_VOLTS_BOARD,
          FactType.AUX_VOLTS,
          FactType.AUX_VOLTS_UNLOADED,
          FactType.FEEDBACK_HERTZ,
          FactType.FEEDBACK_HERTZ_BOARD,
          FactType.DRIVE_OUTPUT_AB,
          FactType.DRIVE_OUTPUT_BC,
          FactType.DRIVE_OUTPUT_CA,
          FactType.DRIVE_UNLOADED_AB,
          FactType.DRIVE_UNLOADED_BC,
          FactType.DRIVE_UNLOADED_CA,
          FactType.DRIVE_STATUS,
          FactType.AMPS,
          FactType.LOOK_LAMP,
          FactType.HEARD_ANSWER,
          FactType.RUNS_INDOOR,
          FactType.RUNS_OUTDOOR,
          FactType.RUNS_HEAT,
          FactType.RUN_SUBSTITUTE_COMMAND,
          FactType.RUN_RESEATED,
          FactType.RUN_BYPASS)),
  LIMIT(
      "A limit opens when no air moves, and takes the call behind it away. Let it cool and close,"
          + " never bridge it, and measure line and command at the fan itself",
      behindTheCall()),
  PRESSURE(
      "A pressure switch opens when the outdoor fan stands, and takes the call behind it away."
          + " Let it close, make the call, and measure line and command at the fan itself",
      behindTheCall());

  /** Below this a reading is as good as nothing [V, Hz]. Chosen here: stray pick-up. */
  private static final double NOTHING = 5;

  /** Below this a current is as good as nothing [A]. Chosen here: a small fan draws little more. */
  private static final double NO_AMPS = 0.3;

  private static final Set<Answer> DEAD_WORDS =
      Set.of(Answer.OFF, Answer.SILENCE, Answer.STILL, Answer.DARK, Answer.HELD_OFF);

  private final String sentence;
  private final Set<FactType> takesAway;

  OpenSwitch(String sentence, Set<FactType> takesAway) {
    this.sentence = sentence;
    this.takesAway = takesAway;
  }

  private static Set<FactType> behindTheCall() {
    return EnumSet.of(
        FactType.CALL_PRESENT,
        FactType.COMMAND_VOLTS,
        FactType.COMMAND_VOLTS_BOARD,
        FactType.COMMAND_VOLTS_RESET,
        FactType.COMMAND_DUTY,
        FactType.COMMAND_MILLIAMPS,
        FactType.CONTACTOR_VOLTS);
  }

  /** What it means, and what parts cause and effect; without the full stop. */
  public String sentence() {
    return sentence;
  }

  /** The one that was found open; null for none, and for one that is a cause by itself. */
  public static @Nullable OpenSwitch of(Facts facts) {
    Answer open = facts.choice(FactType.SAFETY_OPEN);
    if (open == null) {
      return null;
    }
    return switch (open) {
      case DOOR -> DOOR;
      case LIMIT -> LIMIT;
      case PRESSURE -> PRESSURE;
      default -> null;
    };
  }

  /**
   * The readings that it explains: those that it takes away, and that read as nothing.
   *
   * @param behindContactor whether the line hangs on a contactor that the call pulls in
   */
  public List<FactType> explains(Facts facts, boolean behindContactor) {
    List<FactType> explained = new ArrayList<>();
    for (FactType type : facts.types()) {
      boolean line = behindContactor && type == FactType.LINE_VOLTS;
      if ((takesAway.contains(type) || line) && isNothing(facts, type)) {
        explained.add(type);
      }
    }
    return explained;
  }

  private static boolean isNothing(Facts facts, FactType type) {
    Answer word = facts.choice(type);
    return Boolean.FALSE.equals(facts.flag(type))
        || isLess(facts.number(type), type == FactType.AMPS ? NO_AMPS : NOTHING)
        || (word != null && DEAD_WORDS.contains(word));
  }

  private static boolean isLess(@Nullable Double value, double limit) {
    return value != null && value < limit;
  }
}
