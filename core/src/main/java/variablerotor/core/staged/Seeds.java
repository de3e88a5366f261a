package variablerotor.core.staged;

import java.util.Random;

/** Chance that can be had again. */
public final class Seeds {
  /** Neighbouring seeds begin alike; spread by the golden ratio of 64 bits they do not. */
  private static final long SPREAD = 0x9E3779B97F4A7C15L;

  private Seeds() {}

  /** The same seed gives the same chances; one beside it gives others. */
  public static Random random(long seed) {
    long mixed = seed * SPREAD;
    return new Random(mixed ^ (mixed >>> 29));
  }
}
