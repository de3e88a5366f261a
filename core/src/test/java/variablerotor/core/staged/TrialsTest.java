package variablerotor.core.staged;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import variablerotor.core.code.SignalKind;
import variablerotor.core.lamp.LampSeen;
import variablerotor.core.staged.LampFilm.Trouble;
import variablerotor.sampling.Sampled;
import variablerotor.sampling.Share;

/** Some of what the bench of the senses runs, other seeds than its own. */
class TrialsTest {

  @Test
  void noLampIsReadWrongForSure() {
    LampTrial trial = LampTrial.of(Share.of(10, 5), 70_000);
    assertEquals(0, trial.wrong());
    assertTrue(trial.right() >= Share.of(6, 3), trial.toString());
  }

  @Test
  void noSpeedIsHeardWrongForSure() {
    SpeedTrial trial = SpeedTrial.of(8, 70_000);
    assertEquals(0, trial.wrong(), trial.toString());
    assertTrue(trial.right() >= 5, trial.toString());
  }

  @Test
  void triesAreCounted() {
    StartTrial trial = StartTrial.of(6, 70_000);
    assertEquals(0, trial.wrong(), trial.toString());
    assertTrue(trial.right() >= 4, trial.toString());
  }

  @ParameterizedTest
  @Sampled(2)
  @EnumSource(
      value = SignalKind.class,
      names = {"FLASHES", "DIGITS", "LONG_SHORT", "TWO_COLOURS", "COINCIDENCE"})
  void inGoodLightEveryKindIsRead(SignalKind kind) {
    for (int seed = 0; seed < 2; seed++) {
      StagedLamp lamp = StagedLamp.of(kind, Seeds.random(900 + seed));
      LampSeen seen = LampTrial.watched(lamp, Trouble.none(), 900 + seed);
      assertTrue(LampTrial.isRight(seen, lamp), lamp.code() + ": " + seen.sentence());
    }
  }
}
