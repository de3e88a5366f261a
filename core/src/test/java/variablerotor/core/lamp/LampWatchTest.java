package variablerotor.core.lamp;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import java.util.function.DoubleFunction;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import variablerotor.core.code.BlinkReading;
import variablerotor.core.lamp.LampSeen.State;
import variablerotor.core.lamp.LampSeen.Warning;
import variablerotor.sampling.Share;

/** A board in a picture of 48 by 48, drawn here by hand; the films of practice draw another. */
class LampWatchTest {
  private static final double[] RED = {200, 20, 10};
  private static final double[] GREEN = {25, 190, 40};
  private static final double[] AMBER = {210, 130, 10};

  /** Noise of three grey levels, for many pictures: drawing it anew took longer than all else. */
  private static final double[] GRAIN = grain();

  /** What is seen at one time. */
  private static final class Scene {
    double[] lit;
    double room = 60;
    int shiftX;
    int shiftY;
    boolean covered;
    boolean skipped;
  }

  private static double[] grain() {
    Random random = new Random(3);
    return DoubleStream.generate(() -> 3 * random.nextGaussian()).limit(40_000).toArray();
  }

  private static byte[] picture(Scene scene, Random random) {
    byte[] rgba = new byte[48 * 48 * 4];
    int grain = random.nextInt(GRAIN.length);
    for (int y = 0; y < 48; y++) {
      for (int x = 0; x < 48; x++) {
        int boardX = x - scene.shiftX + 480;
        int boardY = y - scene.shiftY + 480;
        double part = (boardX / 7 + boardY / 5) % 3 == 0 ? 1.5 : 0.7;
        boolean lamp = Math.hypot(x - 24 - scene.shiftX, y - 24 - scene.shiftY) < 3.5;
        for (int c = 0; c < 3; c++) {
          grain = (grain + 1) % GRAIN.length;
          double value = scene.room * part + GRAIN[grain];
          value += lamp && scene.lit != null ? scene.lit[c] : 0;
          value = scene.covered ? 5 : value;
          rgba[4 * (y * 48 + x) + c] = (byte) Math.max(0, Math.min(255, Math.round(value)));
        }
      }
    }
    return rgba;
  }

  private static LampSeen seen(double seconds, DoubleFunction<Scene> at) {
    LampWatch watch = new LampWatch(1);
    Random random = new Random(3);
    for (int frame = 0; frame < seconds * 30; frame++) {
      Scene scene = at.apply(frame / 30.0);
      if (!scene.skipped) {
        watch.see(frame / 30.0, picture(scene, random));
      }
    }
    return watch.read();
  }

  /** So many flashes of a fifth of a second, two a second, then a pause of three seconds. */
  private static boolean isLit(int count, double time) {
    double within = time % (count * 0.5 + 3);
    return within < count * 0.5 && within % 0.5 < 0.2;
  }

  private static Scene flashing(int count, double time) {
    Scene scene = new Scene();
    scene.lit = isLit(count, time) ? RED : null;
    return scene;
  }

  @ParameterizedTest
  @ValueSource(ints = {2, 3, 5, 7, 12})
  void countsFlashesBegunInTheMiddle(int count) {
    double[] begins = {0.7, count * 0.5 - 0.3};
    for (int place = 0; place < begins.length; place++) {
      if (!Share.has(count + place, begins.length)) {
        continue;
      }
      double begin = begins[place];
      LampSeen seen = seen(4.2 * (count * 0.5 + 3), time -> flashing(count, time + begin));
      assertEquals(List.of("" + count), seen.codes(), seen.sentence() + " from " + begin);
      assertEquals(List.of("red"), seen.colours());
    }
  }

  @Test
  void twoWholeRoundsAreAskedForWithTheirPauses() {
    LampSeen seen = seen(11, time -> flashing(3, time + 2));
    assertEquals(List.of(), seen.codes());
    assertNotEquals(BlinkReading.State.AGREED, seen.reading().state());
  }

  @Test
  void aRoundWithAGapInItDoesNotCount() {
    // Frames are missing for 0.6 s in the middle of each second round: one flash is never seen.
    LampSeen seen =
        seen(
            40,
            time -> {
              Scene scene = flashing(4, time);
              double within = time % 5;
              scene.skipped = within > 0.4 && within < 1;
              return scene;
            });
    assertEquals(List.of(), seen.codes(), seen.sentence());
  }

  @Test
  void aHandBeforeTheLensHidesAFlashAndItsRound() {
    LampSeen seen =
        seen(
            40,
            time -> {
              Scene scene = flashing(4, time);
              scene.covered = time % 5 > 0.45 && time % 5 < 0.95;
              return scene;
            });
    assertEquals(List.of(), seen.codes(), seen.sentence());
  }

  @Test
  void followsTheLampInAShakingHand() {
    LampSeen seen =
        seen(
            20,
            time -> {
              Scene scene = flashing(3, time + 1);
              scene.shiftX = (int) Math.round(5 * Math.sin(2.1 * time));
              scene.shiftY = (int) Math.round(4 * Math.cos(1.7 * time));
              return scene;
            });
    assertEquals(List.of("3"), seen.codes(), seen.sentence());
  }

  @Test
  void theRoomsFlickerAndDriftAreNoFlashes() {
    LampSeen seen =
        seen(
            20,
            time -> {
              Scene scene = flashing(3, time + 1);
              scene.room =
                  40 * (1 + 0.3 * Math.sin(time) + 0.2 * Math.sin(2 * Math.PI * 100 * time));
              return scene;
            });
    assertEquals(List.of("3"), seen.codes(), seen.sentence());
  }

  @Test
  void aSteadyLampIsNoCodeHoweverTheHandShakes() {
    LampSeen seen =
        seen(
            20,
            time -> {
              Scene scene = new Scene();
              scene.lit = RED;
              scene.shiftX = (int) Math.round(3 * Math.sin(9 * time));
              return scene;
            });
    assertEquals(State.STEADY, seen.state(), seen.sentence());
    assertEquals(List.of(), seen.codes());
  }

  @Test
  void nothingLitIsSaidAsNothingSeen() {
    assertEquals(State.DARK, seen(15, time -> new Scene()).state());
    assertEquals(State.LOOKING, seen(5, time -> new Scene()).state());
  }

  @Test
  void aHeartbeatIsNotTakenForACode() {
    LampSeen seen =
        seen(
            24,
            time -> {
              Scene scene = new Scene();
              scene.lit = time % 2 < 1 ? GREEN : null;
              return scene;
            });
    assertEquals(State.EVEN, seen.state(), seen.sentence());
    assertEquals(List.of("HEARTBEAT", "1"), seen.codes());
    assertEquals(List.of("green"), seen.colours());
  }

  @Test
  void aBeatWithTheMainsIsNoHeartbeat() {
    // A lamp fed from half waves, seen by a camera that is a hair off: it swells and fades.
    LampSeen seen =
        seen(
            30,
            time -> {
              Scene scene = new Scene();
              double share = 0.5 + 0.5 * Math.sin(2 * Math.PI * 0.3 * time);
              scene.lit = new double[] {200 * share, 20 * share, 10 * share};
              return scene;
            });
    assertEquals(BlinkReading.State.COUNTING, seen.reading().state(), seen.sentence());
  }

  /** Some boards tell a code with the dark: that is not what was counted here. */
  @Test
  void aLampThatGoesDarkTellsNoCodeOfItsLight() {
    LampSeen seen =
        seen(
            30,
            time -> {
              Scene scene = new Scene();
              double within = (time + 1) % 5;
              scene.lit = within < 2 && within % 0.5 < 0.2 ? null : GREEN;
              return scene;
            });
    assertEquals(List.of(), seen.codes(), seen.sentence());
    assertTrue(seen.sentence().contains("goes dark"), seen.sentence());
  }

  /** A lamp fed by pulses, which a camera sees in two frames of three. */
  @Test
  void pulsesWithinAFlashAreNoFlashes() {
    LampSeen seen =
        seen(
            30,
            time -> {
              Scene scene = flashing(3, time);
              scene.lit = Math.round(time * 30) % 3 == 0 ? null : scene.lit;
              return scene;
            });
    assertEquals(List.of(), seen.codes(), seen.sentence());
  }

  @Test
  void twoFaultsToldInTurnDoNotAgree() {
    LampSeen seen =
        seen(
            40,
            time -> {
              double within = (time + 1) % 11;
              Scene scene = new Scene();
              boolean lit =
                  within < 5
                      ? within < 2 && within % 0.5 < 0.2
                      : within - 5 < 3 && (within - 5) % 0.5 < 0.2;
              scene.lit = lit ? AMBER : null;
              return scene;
            });
    assertEquals(List.of(), seen.codes(), seen.sentence());
    assertEquals(BlinkReading.State.DISAGREE, seen.reading().state());
  }

  @Test
  void oneLampOfTwoColoursTellsTwoDigits() {
    LampSeen seen =
        seen(
            30,
            time -> {
              double within = (time + 0.4) % 6;
              Scene scene = new Scene();
              boolean lit = within < 2.5 && within % 0.5 < 0.2;
              scene.lit = lit ? within < 1 ? RED : GREEN : null;
              return scene;
            });
    assertEquals(List.of("23"), seen.codes(), seen.sentence());
  }

  @Test
  void aLampAtTheEdgeOfItsBoxIsWarnedOf() {
    LampSeen seen =
        seen(
            8,
            time -> {
              Scene scene = flashing(3, time);
              scene.shiftX = (int) Math.min(16, 3 * time);
              return scene;
            });
    assertTrue(seen.warnings().contains(Warning.MOVES), seen.warnings().toString());
  }

  @Test
  void picturesOfOtherSizesAreRefused() {
    LampWatch watch = new LampWatch(1);
    assertThrows(IllegalArgumentException.class, () -> watch.see(0, new byte[7]));
    assertThrows(
        IllegalArgumentException.class,
        () -> watch.see(0, new byte[48 * 48 * 4], new byte[48 * 48 * 4]));
    assertThrows(IllegalArgumentException.class, () -> new LampWatch(3));
  }
}
