package variablerotor.core.winding;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A winding by all its tests together. */
class WindingTogetherTest {
  private static WindingReadings pairs(double ab, double bc, double ca) {
    return WindingReadings.ofPairs(new Ohms(ab), new Ohms(bc), new Ohms(ca));
  }

  private static WindingTests tests(double ab, double bc, double ca, Boolean drags) {
    return new WindingTests(new WindingTests.Three(ab, bc, ca), drags);
  }

  /**
   * 8.7/10/8.7 deviates by 10 % (9.5 of the mean) and spreads by 15 %: a quarter of a phase can be
   * shorted. Healthy windings of one motor differ by a few per cent, as 22/21/22.
   */
  @ParameterizedTest
  @CsvSource({
    "8.7, 10, 8.7, UNCERTAIN",
    "22, 21, 22, SOUND",
    "20, 20, 20, SOUND",
    "5.7, 1.6, 5.7, FAULTY",
    "1.1, 1.2, 1.1, UNCERTAIN"
  })
  void spreadStandsBesideDeviation(double ab, double bc, double ca, WindingState state) {
    assertEquals(state, WindingAnalysis.of(pairs(ab, bc, ca)).state());
  }

  /** Probes repeat to 0.05 Ω whatever the display resolves; a milliohm meter measures past them. */
  @Test
  void aFineDisplayDoesNotMakeGoodContacts() {
    WindingReadings low = pairs(0.45, 0.45, 0.55);
    assertEquals(
        WindingState.UNCERTAIN, WindingAnalysis.of(low.withMeter(new Meter(0, 0.01))).state());
    assertEquals(
        WindingState.FAULTY, WindingAnalysis.of(low.withMeter(new Meter(0, 0.001))).state());
  }

  @Test
  void evenBackEmfAndAFreeRotorResolveAnUncertainPair() {
    WindingReadings low = pairs(0.9, 0.9, 1.0);
    assertEquals(WindingState.UNCERTAIN, WindingAnalysis.of(low).state());
    assertEquals(
        WindingState.SOUND, WindingAnalysis.of(low.withTests(tests(20, 20, 20, false))).state());
    assertEquals(
        WindingState.UNCERTAIN,
        WindingAnalysis.of(low.withTests(tests(20, 20, 20, true))).state(),
        "it drags");
    assertEquals(
        WindingState.FAULTY, WindingAnalysis.of(low.withTests(tests(20, 20, 14, true))).state());
    assertEquals(
        WindingState.UNCERTAIN,
        WindingAnalysis.of(low.withTests(tests(0.2, 0.2, 0.2, false))).state(),
        "too little back-EMF means nothing");
  }

  @Test
  void testsThatDisagreeLeaveItUncertain() {
    WindingReadings star = pairs(6, 8, 6).withConnection(Connection.STAR);
    WindingVerdict shorted = WindingAnalysis.of(star.withTests(tests(20, 20, 20, false)));
    assertEquals(WindingState.UNCERTAIN, shorted.state(), shorted.sentence());
    WindingVerdict even = WindingAnalysis.of(pairs(8, 8, 8).withTests(tests(20, 20, 14, null)));
    assertEquals(WindingState.UNCERTAIN, even.state(), even.sentence());
  }

  /** 1:2:1 is an open leg of a delta, or a phase of a star shorted through: drag parts them. */
  @Test
  void twoPicturesOfTheSameReadingsAreBothNamed() {
    WindingReadings twice = pairs(8, 16, 8);
    WindingVerdict either = WindingAnalysis.of(twice);
    assertTrue(
        either.signatures().containsAll(List.of(Signature.OPEN_PHASE, Signature.TURN_SHORT)),
        either.signatures().toString());
    assertTrue(either.sentence().contains("Drag tells them apart"), either.sentence());
    WindingVerdict drags = WindingAnalysis.of(twice.withTests(new WindingTests(null, true)));
    assertEquals(List.of(Signature.TURN_SHORT), drags.signatures());
    assertEquals(1, drags.depth(), 0.05, "all of the phase");
    WindingVerdict free = WindingAnalysis.of(twice.withTests(new WindingTests(null, false)));
    assertEquals(List.of(Signature.OPEN_PHASE), free.signatures());
  }

  /** A lead on the frame takes the others with it, through the winding (any circuit text). */
  @Test
  void aTouchBesideOverLimitIsNoWindings() {
    Map<Phase, Ohms> odd =
        Map.of(Phase.A, new Ohms(2), Phase.B, Ohms.OVER_LIMIT, Phase.C, Ohms.OVER_LIMIT);
    WindingVerdict verdict = WindingAnalysis.of(pairs(5, 5, 5).withFrame(odd));
    assertEquals(Signature.INCONSISTENT, verdict.signature());
    Map<Phase, Ohms> touch =
        Map.of(Phase.A, new Ohms(2), Phase.B, new Ohms(7), Phase.C, new Ohms(7));
    assertEquals(
        Signature.FRAME_SHORT, WindingAnalysis.of(pairs(5, 5, 5).withFrame(touch)).signature());
  }
}
