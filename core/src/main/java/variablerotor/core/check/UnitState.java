package variablerotor.core.check;

/** The state in which the unit must be for a check, and what it costs to get there. */
public enum UnitState {
  POWER_ON("Power on", "panel open, live parts within reach"),
  CONTROL_PLUG_OUT("Control plug out", "line on, plug pulled with the power off"),
  POWER_OFF_COVER_OFF("Power off", "locked out, proved dead, cover off"),
  MODULE_OFF("Module off", "power off, module parted from the motor"),
  ON_BENCH("On the bench", "motor out of the unit");

  private final String title;
  private final String detail;

  UnitState(String title, String detail) {
    this.title = title;
    this.detail = detail;
  }

  /** As it is shown. */
  public String title() {
    return title;
  }

  /** What is done to bring it about. */
  public String detail() {
    return detail;
  }

  /** Minutes to lock out, prove dead and open [min]. Common practice, made for planning. */
  private static final double TO_OFF = CheckFigures.LOCK_OUT.value();

  /** Minutes to restore power, with the restart delay [min]. Common practice. */
  private static final double TO_ON = CheckFigures.RESTART.value();

  /** Minutes to take the module off, or to put it back [min]. Common practice. */
  private static final double MODULE = CheckFigures.MODULE_OFF.value();

  /** Minutes to pull the blower, or to put it back [min]. Common practice. */
  private static final double PULL = CheckFigures.PULL_BLOWER.value();

  /** Minutes to pull the control plug and watch [min]. Common practice. */
  private static final double PLUG = CheckFigures.CONTROL_PLUG.value();

  /** How far the unit is taken apart: 0 live, 1 dead and open, 2 module off, 3 on the bench. */
  private int depth() {
    switch (this) {
      case POWER_OFF_COVER_OFF:
        return 1;
      case MODULE_OFF:
        return 2;
      case ON_BENCH:
        return 3;
      default:
        return 0;
    }
  }

  /** Minutes to bring the unit from this state to that one [min]. */
  public double minutesTo(UnitState other) {
    return Way.MINUTES[ordinal()][other.ordinal()];
  }

  /** Worked out once: it is asked thousands of times for one diagnosis. */
  private static final class Way {
    static final double[][] MINUTES = new double[values().length][values().length];

    static {
      for (UnitState from : values()) {
        for (UnitState to : values()) {
          MINUTES[from.ordinal()][to.ordinal()] = from.workedOutTo(to);
        }
      }
    }
  }

  private double workedOutTo(UnitState other) {
    if (this == other) {
      return 0;
    }
    double minutes = 0;
    int from = depth();
    int to = other.depth();
    for (int depth = from; depth < to; depth++) {
      minutes += depth == 0 ? TO_OFF : depth == 1 ? MODULE : PULL;
    }
    for (int depth = from; depth > to; depth--) {
      minutes += depth == 1 ? TO_ON : depth == 2 ? MODULE : PULL;
    }
    boolean plug = this == CONTROL_PLUG_OUT || other == CONTROL_PLUG_OUT;
    return plug ? minutes + PLUG : minutes;
  }
}
