package variablerotor.sampling;

/**
 * How much of what is slow and seldom turns a run tries: a share that is another with each commit,
 * or all of it ({@code ./rotor test --all}). For what goes on within one test; whole tests are
 * {@link Sampled}.
 */
public final class Share {
  public static final boolean ALL = Boolean.getBoolean("rotor.all");

  /** The test command takes it from the commit, and prints it. */
  public static final int SAMPLE = Integer.getInteger("rotor.sample", 0);

  private Share() {}

  /** Whether this place is among the one of so many that this run tries. */
  public static boolean has(int place, int of) {
    return ALL || Math.floorMod(place + SAMPLE, of) == 0;
  }

  /** The first where all is tried, or else the second. */
  public static int of(int all, int some) {
    return ALL ? all : some;
  }
}
