package variablerotor.core.route;

import java.util.ArrayList;
import java.util.List;

/** A question on which the trade disagrees: every shop has its own answer. */
public enum School {
  MODULE_ALONE(
      "Module alone, or motor and module together",
      "A module alone on a proved motor saves the customer most of the price; on an old one the"
          + " motor often follows it within the years."),
  RANKING(
      "Which way comes first out of warranty",
      "What a way costs over the years that the unit has left is what the customer pays; what is"
          + " lost with it is said beside it."),
  BOARD_TOO(
      "Board as well as motor on a serial fault",
      "The link's supply tells which end it is. In warranty both ends cost the customer nothing."),
  RELAYS(
      "Two relays or one where two stages run one speed",
      "One relay ties two outputs of the board together: a live one feeds back into the other."),
  BYPASS(
      "Running a drive's motor in bypass for some days",
      "With amps proved and a date set, heating or cooling goes on until the drive is there."),
  BOARD_REPAIR(
      "Repair of a module's board or of a winding",
      "Few shops do it, and nobody gives warranty on it. Where a shop does, the fault's place is"
          + " recorded.");

  private final String title;
  private final String reason;

  School(String title, String reason) {
    this.title = title;
    this.reason = reason;
  }

  /** As it is shown. */
  public String title() {
    return title;
  }

  /** Why the usual answer is the usual one. */
  public String reason() {
    return reason;
  }

  /** Its answers, the usual one first. */
  public List<Habit> habits() {
    List<Habit> mine = new ArrayList<>();
    for (Habit habit : Habit.values()) {
      if (habit.school() == this) {
        mine.add(habit);
      }
    }
    return mine;
  }
}
