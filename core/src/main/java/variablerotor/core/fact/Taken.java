package variablerotor.core.fact;

import org.jspecify.annotations.Nullable;

/**
 * How a fact came about, as far as it was said.
 *
 * @param note a short text; null for none
 * @param when what the machine did meanwhile; null where it was not said
 * @param on the tap, stage, terminal or place; null where it was not said. The same reading on
 *     another one is another fact
 */
public record Taken(@Nullable String note, @Nullable When when, @Nullable String on) {
  /** Nothing said. */
  public static final Taken UNSAID = new Taken(null, null, null);

  /** Longest note [characters]. */
  public static final int LONGEST_NOTE = 200;

  /** Longest name of a tap, stage or place [characters]. */
  public static final int LONGEST_PLACE = 40;

  /** What the machine did while it was read. */
  public enum When {
    /** The fault shows. */
    FAILING("while it fails"),
    /** It runs as it should. */
    RUNNING("while it runs"),
    /** Right after power or board were reset. */
    AFTER_RESET("right after a reset"),
    /** Nobody asks it to run. */
    AT_REST("at rest, no call");

    private final String spoken;

    When(String spoken) {
      this.spoken = spoken;
    }

    /** Behind a reading. */
    public String spoken() {
      return spoken;
    }
  }

  /** Behind a reading: {@code on tap 3, while it fails}; empty where nothing was said. */
  public String spoken() {
    String place = on == null ? "" : "on " + on;
    String time = when == null ? "" : when.spoken();
    return place.isEmpty() || time.isEmpty() ? place + time : place + ", " + time;
  }
}
