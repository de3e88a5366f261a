package variablerotor.core.route;

/** What a shop does where the trade disagrees; of each school the usual habit stands first. */
public enum Habit {
  MODULE_IF_YOUNG(School.MODULE_ALONE, "Alone, if the motor is proved and young"),
  MODULE_AT_ANY_AGE(School.MODULE_ALONE, "Alone, if the motor is proved, at any age"),
  ALWAYS_BOTH(School.MODULE_ALONE, "Always both"),
  LEAST_OVER_THE_YEARS(School.RANKING, "Least cost over the years left"),
  LEAST_AT_FIRST(School.RANKING, "Least first cost"),
  LIKE_FOR_LIKE(School.RANKING, "The maker's own part first"),
  BOTH_IN_WARRANTY(School.BOARD_TOO, "Prove which end it is; both only in warranty"),
  BOTH_AT_ANY_TIME(School.BOARD_TOO, "Both, where it cannot be pinned"),
  TWO_RELAYS(School.RELAYS, "Two, unless the contacts are known to be plain"),
  ONE_RELAY(School.RELAYS, "One, where the contacts are known to be plain"),
  BYPASS_FOR_DAYS(School.BYPASS, "Allowed, with amps proved and a date"),
  NO_BYPASS(School.BYPASS, "Not done"),
  NO_BOARD_REPAIR(School.BOARD_REPAIR, "Not offered"),
  REPAIRED_HERE(School.BOARD_REPAIR, "Done here, the place recorded");

  private final School school;
  private final String title;

  Habit(School school, String title) {
    this.school = school;
    this.title = title;
  }

  /** The question that it answers. */
  public School school() {
    return school;
  }

  /** As it is shown. */
  public String title() {
    return title;
  }
}
