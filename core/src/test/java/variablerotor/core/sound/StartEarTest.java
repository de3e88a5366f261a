package variablerotor.core.sound;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Random;
import org.junit.jupiter.api.Test;
import variablerotor.core.sound.StartsHeard.Shape;

/** A noise that comes and goes in a room that is nearly quiet. */
class StartEarTest {
  private static final int RATE = 16_000;

  private final Random random = new Random(2);
  private final StartEar ear = new StartEar(RATE);

  private StartEarTest loud(double seconds) {
    return sound(seconds, 0.08);
  }

  private StartEarTest quiet(double seconds) {
    return sound(seconds, 0.004);
  }

  private StartEarTest sound(double seconds, double loud) {
    float[] samples = new float[(int) (seconds * RATE)];
    for (int i = 0; i < samples.length; i++) {
      samples[i] = (float) (loud * random.nextGaussian());
    }
    ear.hear(samples);
    return this;
  }

  @Test
  void countsTriesUntilItGivesUp() {
    quiet(3);
    for (int i = 0; i < 5; i++) {
      loud(1.2).quiet(4);
    }
    assertEquals(Shape.TRIES, ear.read().shape(), ear.read().sentence());
    quiet(20);
    StartsHeard heard = ear.read();
    assertEquals(Shape.GAVE_UP, heard.shape(), heard.sentence());
    assertEquals(5, heard.tries().size());
    assertEquals(1.2, heard.tries().get(2).lasted(), 0.11);
  }

  @Test
  void aLongRunAndALongRestAreAnotherThing() {
    quiet(3).loud(80).quiet(90).loud(60).quiet(60);
    assertEquals(Shape.LONG_RUN_STOPS, ear.read().shape(), ear.read().sentence());
  }

  @Test
  void stepsAndVoicesAreNoTries() {
    quiet(3).loud(0.3).quiet(1).loud(2.5).quiet(6).loud(0.8).quiet(2).loud(0.2).quiet(20);
    assertEquals(Shape.UNEVEN, ear.read().shape(), ear.read().sentence());
  }

  @Test
  void aSoundOrTwoAreNoRow() {
    quiet(3).loud(1).quiet(4).loud(1).quiet(30);
    assertEquals(Shape.UNEVEN, ear.read().shape(), ear.read().sentence());
  }

  @Test
  void whatNeitherStartsNorStopsIsSaidSo() {
    assertEquals(Shape.LISTENING, quiet(2).ear.read().shape());
    assertEquals(Shape.NO_CHANGE, quiet(20).ear.read().shape());
    StartEarTest running = new StartEarTest().loud(30);
    assertEquals(Shape.NO_CHANGE, running.ear.read().shape());
  }
}
