package variablerotor.core.route;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** A shop's habits, one to a school: the usual ones where it set none. */
public final class Schools {
  private final Map<School, Habit> habits = new EnumMap<>(School.class);

  private Schools(List<Habit> set) {
    for (School school : School.values()) {
      habits.put(school, school.habits().get(0));
    }
    set.forEach(habit -> habits.put(habit.school(), habit));
  }

  /** The usual ones. */
  public static final Schools USUAL = of(List.of());

  /**
   * @param set the habits that are not the usual ones; of two of one school the last counts
   */
  public static Schools of(List<Habit> set) {
    return new Schools(set);
  }

  /** Whether the shop has this habit. */
  public boolean have(Habit habit) {
    return habits.get(habit.school()) == habit;
  }

  /** One to a school, in the order of the schools. */
  public List<Habit> all() {
    return List.copyOf(habits.values());
  }
}
