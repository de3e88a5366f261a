package variablerotor.core.wiring;

/**
 * Draws that are the same for the same seed wherever the core runs: SplitMix64 (Steele, Lea and
 * Flood 2014, from memory). The class library's own is not the same everywhere.
 */
final class Dice {
  private static final long STEP = 0x9E3779B97F4A7C15L;

  private long state;

  Dice(long seed) {
    state = seed;
  }

  private long next() {
    state += STEP;
    long mixed = (state ^ (state >>> 30)) * 0xBF58476D1CE4E5B9L;
    mixed = (mixed ^ (mixed >>> 27)) * 0x94D049BB133111EBL;
    return mixed ^ (mixed >>> 31);
  }

  /** From zero up to this, without it. */
  int below(int sides) {
    return (int) ((next() >>> 33) % sides);
  }

  boolean coin() {
    return below(2) == 0;
  }
}
