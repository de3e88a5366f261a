package variablerotor.core.staged;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import variablerotor.core.code.SignalKind;

/**
 * A board's lamps, telling a code again and again.
 *
 * @param kind how it is told; {@link SignalKind#STEADY} for a lamp that is on, off or beats
 * @param code as in a code book
 * @param apart whether two lamps stand apart; else one lamp has two colours
 * @param lit when which lamp is lit within one round, in order
 * @param round length of a round with its pause [s]
 */
public record StagedLamp(SignalKind kind, String code, boolean apart, List<Lit> lit, double round) {
  public StagedLamp {
    lit = List.copyOf(lit);
  }

  /**
   * @param from begin within the round [s]
   * @param to end [s]
   * @param lamp 0 or 1
   */
  public record Lit(double from, double to, int lamp) {}

  /** Shortest flash of a board here [s]. */
  static final double SHORTEST = 0.15;

  /** How many lamps one has to hold a box over. */
  public int lamps() {
    return apart ? 2 : 1;
  }

  /** Whether a lamp is lit at a time since the first round began [s]. */
  public boolean isLit(int lamp, double time) {
    double within = time % round;
    for (Lit one : lit) {
      if (one.lamp() == lamp && within >= one.from() && within < one.to()) {
        return true;
      }
    }
    return false;
  }

  /** One of the ways in which boards tell a code, with times as boards have them. */
  public static StagedLamp any(Random random) {
    SignalKind[] kinds = {
      SignalKind.FLASHES,
      SignalKind.FLASHES,
      SignalKind.FLASHES,
      SignalKind.DIGITS,
      SignalKind.LONG_SHORT,
      SignalKind.TWO_COLOURS,
      SignalKind.COINCIDENCE,
      SignalKind.STEADY
    };
    return of(kinds[random.nextInt(kinds.length)], random);
  }

  /** A code of this kind. */
  public static StagedLamp of(SignalKind kind, Random random) {
    double on = SHORTEST + 0.35 * random.nextDouble();
    double off = SHORTEST + 0.05 + 0.4 * random.nextDouble();
    double pause = Math.max(1.8, 2.6 * (on + off)) + 2.5 * random.nextDouble();
    int tens = 1 + random.nextInt(5);
    int ones = 1 + random.nextInt(6);
    Row row = new Row(on, off);
    switch (kind) {
      case FLASHES:
        int count = 2 + random.nextInt(11);
        row.flashes(count, 0);
        return row.done(kind, "" + count, false, pause);
      case DIGITS:
        row.flashes(tens, 0).wait(1.8 * (on + off));
        row.flashes(ones, 0);
        return row.done(kind, "" + tens + ones, false, 2 * (on + off) + pause);
      case LONG_SHORT:
        row.on = Math.max(0.9, 3 * on);
        row.flashes(tens, 0);
        row.on = on;
        row.flashes(ones, 0);
        return row.done(kind, "" + tens + ones, false, pause);
      case TWO_COLOURS:
        row.flashes(tens, 0).flashes(ones, 1);
        return row.done(kind, "" + tens + ones, random.nextBoolean(), pause);
      case COINCIDENCE:
        return coincidence(row, pause, random);
      default:
        return unchanging(on, random);
    }
  }

  private static StagedLamp coincidence(Row row, double pause, Random random) {
    int count = 3 + random.nextInt(5);
    StringBuilder places = new StringBuilder();
    for (int place = 1; place <= count; place++) {
      if (place == 2 || random.nextInt(3) == 0) {
        row.both();
        places.append(places.length() == 0 ? "" : ",").append(place);
      } else {
        row.flashes(1, 0);
      }
    }
    return row.done(SignalKind.COINCIDENCE, count + ":" + places, true, pause);
  }

  private static StagedLamp unchanging(double on, Random random) {
    switch (random.nextInt(4)) {
      case 0:
        return new StagedLamp(SignalKind.STEADY, "ON", false, List.of(new Lit(0, 9, 0)), 9);
      case 1:
        return new StagedLamp(SignalKind.STEADY, "OFF", false, List.of(), 9);
      case 2:
        // Half on, half off.
        double half = 0.8 + 0.6 * random.nextDouble();
        return new StagedLamp(
            SignalKind.STEADY, "HEARTBEAT", false, List.of(new Lit(0, half, 0)), 2 * half);
      default:
        double round = 2.2 + 2 * random.nextDouble();
        return new StagedLamp(SignalKind.FLASHES, "1", false, List.of(new Lit(0, on, 0)), round);
    }
  }

  /** Flash after flash. */
  private static final class Row {
    private final List<Lit> lit = new ArrayList<>();
    private final double off;
    private double on;
    private double time;

    Row(double on, double off) {
      this.on = on;
      this.off = off;
    }

    Row flashes(int count, int lamp) {
      for (int i = 0; i < count; i++) {
        lit.add(new Lit(time, time + on, lamp));
        time += on + off;
      }
      return this;
    }

    void both() {
      lit.add(new Lit(time, time + on, 1));
      flashes(1, 0);
    }

    Row wait(double seconds) {
      time += seconds;
      return this;
    }

    StagedLamp done(SignalKind kind, String code, boolean apart, double pause) {
      return new StagedLamp(kind, code, apart, lit, time + pause);
    }
  }
}
