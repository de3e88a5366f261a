package variablerotor.core.fact;

import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * Every word by which something is answered: what a fact of a few words can say, and what a check
 * makes of what was read. Checks, facts, the bench and the page share them, and files and records
 * name them by {@link #name()}; one that is taken away or renamed is a new format.
 */
public enum Answer {
  // What a fact says in so many words.
  AUTO,
  ON,
  NONE,
  FLOAT,
  LIMIT,
  DOOR,
  PRESSURE,
  FUSE,
  PULLED_IN,
  NOT_PULLED_IN,
  BURNT,
  STUCK,
  WHOLE,
  BROKEN,
  CLOSED,
  OPEN,
  VOLTS_24,
  DUTY_CYCLE,
  ZERO_TO_TEN,
  CURRENT_LOOP,
  MESSAGES,
  JUMPS,
  FOLLOWS_SPEED,
  STANDS_STILL,
  RUNS,
  COMES_BACK,
  READY,
  HELD_OFF,
  FAULT,
  DARK,
  GIVEN,
  MISSING,
  STOPS,
  STILL,
  FREE,
  STIFF,
  COGGING,
  LOCKED,
  CLEAR,
  RUBBING,
  JAMMED,
  LOOSE_ON_SHAFT,
  CLEAN,
  DIRTY,
  RIGHT,
  REVERSED,
  DRAGS,
  BULGED_CAPACITOR,
  WATER,
  CORRODED,
  SEATED,
  LOOSE,
  PIN_PUSHED_BACK,
  FILTER_BLOCKED,
  COIL_BLOCKED,
  COIL_FROZEN,
  IN,
  OUT,
  COOLING,
  HEATING,
  FAN_ONLY,
  SILENCE,
  CLICK,
  HUMS,
  TRIES_AND_GIVES_UP,
  OFF,
  STEADY,
  HEARTBEAT,
  FLASHES_A_CODE,
  COUNTS_AIRFLOW,
  DRY,
  WATER_IN_PAN,
  SWEATING_CABINET,
  TRACK_TO_CONNECTOR,
  QUIET,
  GRINDS,
  SCRAPES,
  WRONG,

  // What a check makes of readings.
  /** A fact of yes or no says so. */
  YES,
  /** A fact of yes or no denies it. */
  NO,
  /** Nothing there, held against its window. */
  ABSENT,
  /** Under its window. */
  LOW,
  /** In its window. */
  GOOD,
  /** Over its window. */
  HIGH,
  /** A hair outside its window: a question. */
  EDGE,
  /** In its window, on the small side. */
  SMALL,
  /** As much as the plate lets one expect. */
  NORMAL,
  /** Nothing here, and there at the board. */
  LOST,
  /** One leg of three is gone. */
  LOST_LEG,
  /** Nothing at its own terminal, though it is asked and fed. */
  SILENT,
  /** At the motor, and not at the board. */
  BACKFED,
  /** It may be a command of another kind. */
  KIND,
  /** On the wrong tap of the transformer. */
  TAP,
  /** A current flows. */
  SOME,
  /** The three outputs are alike. */
  EQUAL,
  /** The three outputs differ. */
  UNEQUAL,
  /** The outputs differ, with the line good and the motor off. */
  FAILED,
  /** Speed pulses come. */
  PULSES,
  /** It turns, has what it needs, and sends no pulses. */
  MUTE,
  /** A command with every call ended. */
  PRESENT,
  /** Free, after a drag was felt. */
  GONE,
  /** Free with the module off, sound windings: its module braked it. */
  BRAKED,
  /** Held with nothing on it and sound windings: a bearing. */
  HELD,
  /** The winding is as it should be. */
  SOUND,
  /** The readings decide neither way. */
  UNCERTAIN,
  /** All three pairs are open. */
  ALL_OPEN,
  /** Too little resistance. */
  SHORT,
  /** A phase reads high: a poor joint. */
  JOINT,
  /** The readings fit no single fault. */
  ODD,
  /** Two leads touch each other. */
  TOUCH,
  /** Bad through the harness, sound at the joint. */
  WIRES,
  /** A high resistance to the frame. */
  LEAK,
  /** Three even back-EMFs. */
  EVEN,
  /** Uneven back-EMFs. */
  UNEVEN,
  /** Uneven back-EMFs, and it drags. */
  SHORTED,
  /** It runs after the mend, and a plug was bad before. */
  MENDED,
  /** Burnt or bulged, with nothing upstream that explains it. */
  BLOWN,
  /** The board and the motor agree on a speed signal. */
  MATCHED,
  /** The board wants a speed signal that the motor does not send. */
  UNMET;

  /** As written on paper: in small letters, a word each. */
  public String spoken() {
    return name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }

  /** The one of this name; null where there is none. */
  public static @Nullable Answer ofName(@Nullable Object name) {
    for (Answer answer : values()) {
      if (answer.name().equals(name)) {
        return answer;
      }
    }
    return null;
  }
}
