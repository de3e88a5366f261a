package variablerotor.core.sound;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.core.sound.SpeedHeard.State;

/** Tones put together by hand: blades × r/min ÷ 60 and its multiples. */
class SpeedEarTest {
  private static final int RATE = 48_000;

  private final float[] samples = new float[9 * RATE];
  private final Random random = new Random(11);

  private void tone(double hertz, double loud) {
    for (int i = 0; i < samples.length; i++) {
      samples[i] += (float) (loud * Math.sin(2 * Math.PI * hertz * i / RATE));
    }
  }

  private void noise(double loud) {
    for (int i = 0; i < samples.length; i++) {
      samples[i] += (float) (loud * random.nextGaussian());
    }
  }

  private void wheel(int blades, double rpm, double loud) {
    for (int k = 1; k <= 6; k++) {
      tone(k * blades * rpm / 60, loud / k);
    }
  }

  private SpeedHeard heard(Integer blades) {
    SpeedEar ear = new SpeedEar(RATE, 60);
    for (int from = 0; from < samples.length; from += 4096) {
      int to = Math.min(samples.length, from + 4096);
      ear.hear(java.util.Arrays.copyOfRange(samples, from, to));
    }
    return ear.read(blades);
  }

  @ParameterizedTest
  @CsvSource({"3, 1075", "4, 830", "5, 612", "7, 1440", "9, 2210", "38, 655", "43, 1050"})
  void hearsTheSpeedOfAWheel(int blades, double rpm) {
    wheel(blades, rpm, 0.05);
    noise(0.02);
    SpeedHeard heard = heard(blades);
    assertEquals(State.HEARD, heard.state(), heard.sentence());
    assertEquals(rpm, heard.rpm(), 0.005 * rpm);
    assertTrue(heard.low() <= rpm && rpm <= heard.high());
  }

  /** What a telephone does not hear is not needed: the distance of the others tells it. */
  @Test
  void theFirstToneMayBeMissing() {
    for (int k = 2; k <= 6; k++) {
      tone(k * 4 * 780 / 60.0, 0.03);
    }
    noise(0.02);
    assertEquals(780, heard(4).rpm(), 4);
  }

  @Test
  void humOfTheMainsIsNoWheel() {
    for (int k = 1; k <= 8; k++) {
      tone(k * 120, 0.05 / k);
    }
    noise(0.005);
    SpeedHeard heard = heard(4);
    assertNull(heard.rpm(), heard.sentence());
  }

  @Test
  void airAloneIsNoWheel() {
    noise(0.05);
    assertEquals(State.NOTHING, heard(4).state());
  }

  @Test
  void twoFansAreTwoAnswers() {
    wheel(4, 830, 0.05);
    wheel(4, 1075, 0.045);
    noise(0.01);
    SpeedHeard heard = heard(4);
    assertEquals(State.TWO, heard.state(), heard.sentence());
    assertEquals(2, heard.others().size());
  }

  @Test
  void aWheelThatRunsUpIsNotOfOneSpeed() {
    double turned = 0;
    for (int i = 0; i < samples.length; i++) {
      turned += (700 + 40.0 * i / RATE) / 60 / RATE;
      for (int k = 1; k <= 6; k++) {
        samples[i] += (float) (0.05 / k * Math.sin(2 * Math.PI * 4 * k * turned));
      }
    }
    noise(0.005);
    assertNull(heard(4).rpm(), heard(4).sentence());
  }

  @Test
  void theBladesAreAskedFor() {
    wheel(5, 900, 0.05);
    noise(0.01);
    SpeedHeard heard = heard(null);
    assertEquals(State.NO_BLADES, heard.state(), heard.sentence());
    assertTrue(heard.sentence().contains("75"), heard.sentence());
  }

  @Test
  void aFewSecondsAreNeeded() {
    SpeedEar ear = new SpeedEar(RATE, 60);
    ear.hear(new float[RATE]);
    assertEquals(State.LISTENING, ear.read(4).state());
  }
}
