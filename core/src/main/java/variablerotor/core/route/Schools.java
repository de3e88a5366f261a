package variablerotor.core.route;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import variablerotor.core.cost.CostFigures;

/** A shop's habits, one to a school: the usual ones where it set none. */
public final class Schools {
  private final Map<School, Habit> habits = new EnumMap<>(School.class);
  private final double moduleAloneYears;

  private Schools(List<Habit> set, double moduleAloneYears) {
    this.moduleAloneYears = moduleAloneYears;
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
    return new Schools(set, CostFigures.MODULE_ALONE_YEARS.value());
  }

  /** The same in a shop that fits a module alone on motors younger than this [years]. */
  public Schools withModuleAloneYears(double years) {
    return new Schools(all(), years);
  }

  /** From this age on module and motor are replaced together [years]. */
  public double moduleAloneYears() {
    return moduleAloneYears;
  }

  /** How a school is called in the open format: BOARD_TOO is {@code boardToo}. */
  public static String nameOf(School school) {
    StringBuilder name = new StringBuilder();
    boolean next = false;
    for (char letter : school.name().toCharArray()) {
      if (letter == '_') {
        next = true;
      } else {
        name.append(next ? letter : Character.toLowerCase(letter));
        next = false;
      }
    }
    return name.toString();
  }

  /** What is not as usual, as the open format has it; empty where all is. */
  public Map<String, Object> unusual() {
    Map<String, Object> tree = new LinkedHashMap<>();
    for (School school : School.values()) {
      Habit habit = Objects.requireNonNull(habits.get(school));
      if (habit != school.habits().get(0)) {
        tree.put(nameOf(school), habit.name());
      }
    }
    if (moduleAloneYears != CostFigures.MODULE_ALONE_YEARS.value()) {
      tree.put("moduleAloneYears", moduleAloneYears);
    }
    return tree;
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
