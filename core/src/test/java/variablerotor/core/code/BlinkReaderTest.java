package variablerotor.core.code;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import variablerotor.core.code.BlinkReading.State;

/** Lamps as boards flash them, tapped by a hand that jitters, misses and hits twice. */
class BlinkReaderTest {

  /** A hand that taps along with a lamp. */
  private static final class Hand {
    final List<Press> presses = new ArrayList<>();
    final Random random;
    double time = 1;

    Hand(long seed) {
      random = new Random(seed);
    }

    double jitter(double interval) {
      return interval * 0.15 * (2 * random.nextDouble() - 1);
    }

    Hand flash(double interval, double held, int lamp) {
      double down = Math.max(0, time + jitter(interval) / 2);
      presses.add(new Press(down, down + held * (1 + 0.1 * random.nextDouble()), lamp));
      return this;
    }

    Hand flashes(int count, double interval) {
      for (int i = 0; i < count; i++) {
        flash(interval, 0.1, 0);
        time += i + 1 < count ? interval : 0;
      }
      return this;
    }

    Hand pause(double seconds) {
      time += seconds + jitter(seconds) / 2;
      return this;
    }

    BlinkReading read() {
      return BlinkReader.read(presses, time);
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 7, 9, 12})
  void twoRoundsOfOneLampAgree(int count) {
    for (int seed = 0; seed < 200; seed++) {
      BlinkReading reading =
          new Hand(seed)
              .flashes(count, 0.6)
              .pause(3)
              .flashes(count, 0.6)
              .pause(3)
              .flashes(count, 0.6)
              .pause(3.2)
              .read();
      assertEquals(State.AGREED, reading.state(), "seed " + seed + ": " + reading.sentence());
      assertEquals(String.valueOf(count), reading.code(), "seed " + seed);
      assertTrue(reading.sure() > 0.99, "sure " + reading.sure());
    }
  }

  @ParameterizedTest
  @CsvSource({"0.35,1.4", "0.5,2", "0.8,3.5", "1,4"})
  void fastAndSlowLampsAreCountedAlike(double interval, double pause) {
    for (int seed = 0; seed < 100; seed++) {
      BlinkReading reading =
          new Hand(seed)
              .flashes(6, interval)
              .pause(pause)
              .flashes(6, interval)
              .pause(pause + 1)
              .read();
      assertEquals("6", reading.code(), "seed " + seed + ": " + reading.sentence());
      assertEquals(State.AGREED, reading.state());
    }
  }

  @Test
  void oneRoundAsksForASecond() {
    BlinkReading reading = new Hand(1).flashes(4, 0.6).pause(3).read();
    assertEquals(State.ONE_ROUND, reading.state());
    assertEquals("4", reading.code());
    assertTrue(reading.sentence().contains("second"), reading.sentence());
  }

  @Test
  void nothingIsSaidBeforeARoundIsOver() {
    assertEquals(State.COUNTING, BlinkReader.read(List.of(), 0).state());
    Hand hand = new Hand(1).flashes(4, 0.6);
    assertNull(hand.read().code());
    assertEquals(State.COUNTING, hand.read().state());
  }

  @Test
  void roundsThatDifferAreSaidToDiffer() {
    BlinkReading reading = new Hand(3).flashes(4, 0.6).pause(3).flashes(6, 0.6).pause(3.5).read();
    assertEquals(State.DISAGREE, reading.state());
    assertTrue(reading.sentence().contains("4, 6"), reading.sentence());
    BlinkReading third =
        new Hand(3)
            .flashes(4, 0.6)
            .pause(3)
            .flashes(6, 0.6)
            .pause(3)
            .flashes(6, 0.6)
            .pause(3.5)
            .read();
    assertEquals(State.AGREED, third.state());
    assertEquals("6", third.code());
    assertTrue(third.sure() < 0.99);
  }

  @Test
  void aDoubledTapIsLeftOut() {
    for (int seed = 0; seed < 100; seed++) {
      Hand hand = new Hand(seed).flashes(2, 0.6);
      hand.time += 0.09;
      hand.flash(0, 0.05, 0);
      hand.time += 0.51;
      BlinkReading reading = hand.flashes(2, 0.6).pause(3).flashes(4, 0.6).pause(3.2).read();
      assertEquals("4", reading.code(), "seed " + seed + ": " + reading.sentence());
      assertEquals(State.AGREED, reading.state());
      assertEquals(1, reading.rounds().get(0).doubled());
    }
  }

  @Test
  void aMissedTapIsFilledInWhereTheOtherRoundShowsIt() {
    for (int seed = 0; seed < 100; seed++) {
      BlinkReading reading =
          new Hand(seed)
              .flashes(2, 0.6)
              .pause(1.2)
              .flashes(3, 0.6)
              .pause(4)
              .flashes(6, 0.6)
              .pause(4.5)
              .read();
      assertEquals("6", reading.code(), "seed " + seed + ": " + reading.sentence());
      assertEquals(State.AGREED, reading.state());
      assertEquals(1, reading.rounds().get(0).missed());
    }
  }

  @ParameterizedTest
  @CsvSource({"2,3", "1,4", "3,3", "5,2"})
  void twoDigitsArePartedByTheShorterPause(int tens, int ones) {
    for (int seed = 0; seed < 100; seed++) {
      Hand hand = new Hand(seed);
      for (int round = 0; round < 2; round++) {
        hand.flashes(tens, 0.5).pause(1.4).flashes(ones, 0.5).pause(4);
      }
      BlinkReading reading = hand.pause(0.5).read();
      assertEquals("" + tens + ones, reading.code(), "seed " + seed + ": " + reading.sentence());
      assertEquals(SignalKind.DIGITS, reading.kind());
    }
  }

  @ParameterizedTest
  @CsvSource({"2,3", "1,1", "3,1", "1,6"})
  void longFlashesAreTens(int tens, int ones) {
    for (int seed = 0; seed < 100; seed++) {
      Hand hand = new Hand(seed);
      for (int round = 0; round < 2; round++) {
        for (int i = 0; i < tens; i++) {
          hand.flash(0.4, 0.9, 0).pause(1.4);
        }
        for (int i = 0; i < ones; i++) {
          hand.flash(0.4, 0.2, 0).pause(0.7);
        }
        hand.pause(3.5);
      }
      BlinkReading reading = hand.read();
      assertEquals(SignalKind.LONG_SHORT, reading.kind(), "seed " + seed);
      assertEquals("" + tens + ones, reading.code(), "seed " + seed + ": " + reading.sentence());
      assertEquals(State.AGREED, reading.state());
    }
  }

  @Test
  void twoColoursCountTensAndOnes() {
    for (int seed = 0; seed < 100; seed++) {
      Hand hand = new Hand(seed);
      for (int round = 0; round < 2; round++) {
        for (int i = 0; i < 3; i++) {
          hand.flash(0.6, 0.1, 0).pause(0.6);
        }
        for (int i = 0; i < 2; i++) {
          hand.flash(0.6, 0.1, 1).pause(0.6);
        }
        hand.pause(3);
      }
      BlinkReading reading = hand.read();
      assertEquals(SignalKind.TWO_COLOURS, reading.kind());
      assertEquals("32", reading.code(), "seed " + seed + ": " + reading.sentence());
    }
  }

  /** Two codes with the same counts differ only in which flashes coincide. */
  @ParameterizedTest
  @ValueSource(strings = {"2,4", "1,2", "4,5", "3"})
  void theFlashesThatCoincideMakeTheCode(String places) {
    List<String> both = List.of(places.split(","));
    for (int seed = 0; seed < 100; seed++) {
      Hand hand = new Hand(seed);
      for (int round = 0; round < 2; round++) {
        for (int i = 1; i <= 5; i++) {
          hand.flash(0.9, 0.1, 0);
          if (both.contains(String.valueOf(i))) {
            hand.flash(0.9, 0.1, 1);
          }
          hand.pause(0.9);
        }
        hand.pause(4);
      }
      BlinkReading reading = hand.read();
      assertEquals(SignalKind.COINCIDENCE, reading.kind());
      assertEquals("5:" + places, reading.code(), "seed " + seed + ": " + reading.sentence());
      assertEquals(State.AGREED, reading.state());
    }
  }

  /** Whatever the hand does, an agreed code is hardly ever a wrong one. */
  @Test
  void aClumsyHandSeldomAgreesOnAWrongCode() {
    int agreed = 0;
    int wrong = 0;
    for (int seed = 0; seed < 2000; seed++) {
      Hand hand = new Hand(seed);
      for (int round = 0; round < 3; round++) {
        for (int i = 0; i < 5; i++) {
          if (hand.random.nextDouble() > 0.03) {
            hand.flash(0.6, 0.1, 0);
          }
          if (hand.random.nextDouble() < 0.03) {
            hand.time += 0.1;
            hand.flash(0, 0.05, 0);
            hand.time -= 0.1;
          }
          hand.time += i < 4 ? 0.6 : 0;
        }
        hand.pause(3);
      }
      BlinkReading reading = hand.pause(1).read();
      if (reading.state() == State.AGREED) {
        agreed++;
        wrong += reading.code().equals("5") ? 0 : 1;
      }
    }
    assertTrue(agreed > 1800, "agreed " + agreed);
    assertTrue(wrong < 0.02 * agreed, wrong + " wrong of " + agreed);
  }

  @Test
  void theOrderOfTheKeysDoesNotMatter() {
    Hand hand = new Hand(9).flashes(3, 0.6).pause(3).flashes(3, 0.6).pause(3.2);
    List<Press> turned = new ArrayList<>(hand.presses);
    java.util.Collections.reverse(turned);
    assertEquals(hand.read(), BlinkReader.read(turned, hand.time));
    assertNotEquals(hand.read().code(), "4");
  }
}
