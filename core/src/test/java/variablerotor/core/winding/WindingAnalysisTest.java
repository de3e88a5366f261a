package variablerotor.core.winding;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import variablerotor.core.bench.FaultyWinding;
import variablerotor.core.circuit.Circuit;

class WindingAnalysisTest {
  private static WindingVerdict pairs(double ab, double bc, double ca) {
    return WindingAnalysis.of(WindingReadings.ofPairs(new Ohms(ab), new Ohms(bc), new Ohms(ca)));
  }

  /** Practice value: a healthy constant-torque blower. */
  @Test
  void healthyBlowerIsSound() {
    WindingVerdict verdict = pairs(22, 21, 22);
    assertEquals(WindingState.SOUND, verdict.state());
    assertEquals(Signature.BALANCED, verdict.signature());
    assertEquals(100 * (65 / 3.0 - 21) / (65 / 3.0), verdict.unbalance().percent(), 1e-9);
  }

  /** Practice value: a failed one, two phases touching; depth and healthy pair worked by hand. */
  @Test
  void touchingPhasesAreFoundWithDepth() {
    assertNull(pairs(5.7, 1.6, 5.7).healthyPairOhms(), "a joint would have another");
    WindingVerdict verdict =
        WindingAnalysis.of(
            WindingReadings.ofPairs(new Ohms(5.7), new Ohms(1.6), new Ohms(5.7))
                .withTests(new WindingTests(null, true)));
    assertEquals(WindingState.FAULTY, verdict.state());
    assertEquals(Signature.PHASE_TO_PHASE_SHORT, verdict.signature());
    assertEquals(List.of(Phase.B, Phase.C), verdict.phases());
    assertEquals(7.07, verdict.healthyPairOhms(), 0.01);
    assertEquals(0.226, verdict.depth(), 0.002);
    assertEquals(63.1, verdict.unbalance().percent(), 0.1);
  }

  @Property
  void turnShortIsFoundAsTheNetworkHasIt(
      @ForAll @DoubleRange(min = 0.5, max = 15) double r,
      @ForAll @IntRange(max = 2) int phase,
      @ForAll @DoubleRange(min = 0.35, max = 0.97) double share) {
    WindingVerdict verdict = verdict(FaultyWinding.turnShort(r, phase, share));
    assertEquals(Signature.TURN_SHORT, verdict.signature());
    assertEquals(List.of(Phase.values()[phase]), verdict.phases());
    assertEquals(share, verdict.depth(), 1e-4);
    assertEquals(2 * r, verdict.healthyPairOhms(), 1e-3);
  }

  @Property
  void touchingPhasesAreSolvedForBothDepths(
      @ForAll @DoubleRange(min = 0.5, max = 15) double r,
      @ForAll @IntRange(max = 2) int third,
      @ForAll @DoubleRange(min = 0.02, max = 0.45) double x,
      @ForAll @DoubleRange(min = 0.02, max = 0.45) double y) {
    FaultyWinding motor = FaultyWinding.touching(r, (third + 1) % 3, x, (third + 2) % 3, y);
    WindingVerdict verdict =
        WindingAnalysis.of(motor.readings(0).withTests(new WindingTests(null, true)));
    assertEquals(Signature.PHASE_TO_PHASE_SHORT, verdict.signature());
    assertEquals(2, verdict.phases().size());
    assertTrue(!verdict.phases().contains(Phase.values()[third]));
    assertEquals((x + y) / 2, verdict.depth(), 1e-3);
    assertEquals(motor.healthyPair(), verdict.healthyPairOhms(), 1e-2 * r);
  }

  @Property
  void highJointIsFoundWithWhatItAdds(
      @ForAll @DoubleRange(min = 0.5, max = 15) double r,
      @ForAll @IntRange(max = 2) int phase,
      @ForAll @DoubleRange(min = 0.4, max = 1.2) double extraShare) {
    WindingVerdict verdict = verdict(FaultyWinding.highJoint(r, phase, extraShare * r));
    assertEquals(Signature.HIGH_JOINT, verdict.signature());
    assertEquals(List.of(Phase.values()[phase]), verdict.phases());
    assertEquals(extraShare * r, verdict.extraOhms(), 1e-3);
  }

  private static WindingVerdict verdict(FaultyWinding motor) {
    WindingVerdict verdict = WindingAnalysis.of(motor.readings(0));
    assertEquals(WindingState.FAULTY, verdict.state());
    return verdict;
  }

  /** A meter's gain and zero error is common to the three readings, and must not make a fault. */
  @Property
  void oneMeterOnOneSoundWindingNeverReadsFaulty(
      @ForAll @DoubleRange(min = 0.5, max = 25) double r,
      @ForAll @DoubleRange(min = 0.98, max = 1.02) double gain) {
    WindingReadings exact = FaultyWinding.healthy(r * gain).readings(0.1);
    assertNotEquals(WindingState.FAULTY, WindingAnalysis.of(exact).state());
  }

  @Test
  void openPhaseIsTheOneThatBothPairsShare() {
    WindingVerdict verdict =
        WindingAnalysis.of(
            WindingReadings.ofPairs(Ohms.OVER_LIMIT, new Ohms(4.2), Ohms.OVER_LIMIT));
    assertEquals(Signature.OPEN_PHASE, verdict.signature());
    assertEquals(List.of(Phase.A), verdict.phases());
    assertEquals(4.2, verdict.healthyPairOhms(), 1e-9);
    assertNull(verdict.unbalance());
  }

  @Test
  void allOverLimitIsOpenAndAsksForTheMeter() {
    WindingVerdict verdict =
        WindingAnalysis.of(
            WindingReadings.ofPairs(Ohms.OVER_LIMIT, Ohms.OVER_LIMIT, Ohms.OVER_LIMIT));
    assertEquals(Signature.OPEN_PHASE, verdict.signature());
    assertTrue(verdict.sentence().contains("Check the meter"));
  }

  @Test
  void onePairAloneOverLimitCannotBe() {
    WindingVerdict verdict =
        WindingAnalysis.of(WindingReadings.ofPairs(Ohms.OVER_LIMIT, new Ohms(4.2), new Ohms(4.2)));
    assertEquals(Signature.INCONSISTENT, verdict.signature());
    assertEquals(WindingState.UNCERTAIN, verdict.state());
  }

  /** A pair cannot read more than the way round by the third lead (triangle inequality). */
  @Test
  void aPairAboveTheWayRoundCannotBe() {
    assertEquals(Signature.INCONSISTENT, pairs(9, 3, 4).signature());
  }

  @Test
  void oneCountOnALowOhmMotorCannotTell() {
    WindingVerdict verdict = pairs(1.1, 1.2, 1.1);
    assertEquals(WindingState.UNCERTAIN, verdict.state());
    assertTrue(verdict.unbalance().low() <= 10 && verdict.unbalance().high() > 10);
    WindingReadings fine =
        WindingReadings.ofPairs(new Ohms(1.112), new Ohms(1.168), new Ohms(1.109))
            .withMeter(new Meter(0, 0.001));
    assertEquals(WindingState.SOUND, WindingAnalysis.of(fine).state());
  }

  @Test
  void leadResistanceIsSubtracted() {
    WindingReadings readings =
        WindingReadings.ofPairs(new Ohms(2.5), new Ohms(2.5), new Ohms(1.0))
            .withMeter(new Meter(0.5, 0.01));
    assertEquals(0.5, WindingAnalysis.of(readings).phaseOhms().ca(), 1e-9);
    WindingReadings below =
        WindingReadings.ofPairs(new Ohms(0.1), new Ohms(2.5), new Ohms(2.5))
            .withMeter(new Meter(0.5, 0.01));
    assertEquals(Signature.INCONSISTENT, WindingAnalysis.of(below).signature());
  }

  /** Delta with a leg open: 3 times and 1.5 times the healthy 2R/3; any circuit text. */
  @Test
  void openDeltaLegReadsTwiceTheOthers() {
    double r = 6.3;
    Circuit delta = new Circuit().resistor("bc", "B", "C", r).resistor("ca", "C", "A", r);
    WindingReadings readings =
        WindingReadings.ofPairs(
            new Ohms(delta.ohms("A", "B")),
            new Ohms(delta.ohms("B", "C")),
            new Ohms(delta.ohms("C", "A")));
    for (Connection connection : List.of(Connection.DELTA, Connection.UNKNOWN)) {
      WindingVerdict verdict = WindingAnalysis.of(readings.withConnection(connection));
      assertEquals(Signature.OPEN_PHASE, verdict.signature());
      assertEquals(List.of(Phase.A, Phase.B), verdict.phases());
      assertEquals(2 * r / 3, verdict.healthyPairOhms(), 1e-6);
    }
    WindingVerdict star = WindingAnalysis.of(readings.withConnection(Connection.STAR));
    assertEquals(Signature.TURN_SHORT, star.signature());
    assertEquals(List.of(Phase.C), star.phases());
  }

  @Test
  void turnsShortedInADeltaLeg() {
    double r = 9;
    Circuit delta =
        new Circuit()
            .resistor("ab", "A", "B", 0.5 * r)
            .resistor("bc", "B", "C", r)
            .resistor("ca", "C", "A", r);
    WindingVerdict verdict =
        WindingAnalysis.of(
            WindingReadings.ofPairs(
                    new Ohms(delta.ohms("A", "B")),
                    new Ohms(delta.ohms("B", "C")),
                    new Ohms(delta.ohms("C", "A")))
                .withConnection(Connection.DELTA));
    assertEquals(Signature.TURN_SHORT, verdict.signature());
    assertEquals(List.of(Phase.A, Phase.B), verdict.phases());
    assertEquals(0.5, verdict.depth(), 1e-6);
    assertEquals(6, verdict.healthyPairOhms(), 1e-6);
  }

  @Test
  void frameReadings() {
    WindingReadings sound = WindingReadings.ofPairs(new Ohms(20), new Ohms(20), new Ohms(20));
    Map<Phase, Ohms> clear =
        Map.of(Phase.A, Ohms.OVER_LIMIT, Phase.B, Ohms.OVER_LIMIT, Phase.C, Ohms.OVER_LIMIT);
    assertEquals(FrameState.CLEAR, WindingAnalysis.of(sound.withFrame(clear)).frame());
    Map<Phase, Ohms> leak =
        Map.of(Phase.A, new Ohms(4e6), Phase.B, Ohms.OVER_LIMIT, Phase.C, Ohms.OVER_LIMIT);
    assertEquals(WindingState.UNCERTAIN, WindingAnalysis.of(sound.withFrame(leak)).state());
    // 20 Ω pairs, 3 Ω into phase A: A reads 3 to frame, the others 10 + 7.
    Map<Phase, Ohms> touch =
        Map.of(Phase.A, new Ohms(3), Phase.B, new Ohms(17), Phase.C, new Ohms(17));
    WindingVerdict verdict = WindingAnalysis.of(sound.withFrame(touch));
    assertEquals(Signature.FRAME_SHORT, verdict.signature());
    assertEquals(WindingState.FAULTY, verdict.state());
    assertEquals(List.of(Phase.A), verdict.phases());
    assertEquals(0.3, verdict.depth(), 1e-9);
  }

  /**
   * IEEE Std 43 (from memory): 20 MΩ at 20 °C is 5 MΩ at 40 °C for thermoplastic insulation, and
   * exp(−1245 (1/293 − 1/313)) = 0.762 of it for thermosetting.
   */
  @Test
  void insulationIsCorrectedTo40() {
    assertEquals(5, Insulation.thermoplasticAt40(20, 20), 1e-12);
    assertEquals(0.7622, Insulation.at40(1, 20), 1e-4);
    assertEquals(1, Insulation.at40(1, 40), 1e-12);
    assertEquals(Insulation.State.SOUND, Insulation.state(20, 20));
    assertEquals(Insulation.State.UNCERTAIN, Insulation.state(12, 20));
    assertEquals(Insulation.State.UNCERTAIN, Insulation.state(6, 20));
    assertEquals(Insulation.State.LOW, Insulation.state(2.5, 20));
    assertEquals(Insulation.State.SOUND, Insulation.state(Double.POSITIVE_INFINITY, 20));
    WindingReadings even = WindingReadings.ofPairs(new Ohms(20), new Ohms(20), new Ohms(20));
    assertEquals(Signature.FRAME_SHORT, WindingAnalysis.of(even.withInsulation(2, 20)).signature());
    WindingVerdict dry = WindingAnalysis.of(even.withInsulation(12, 20));
    assertEquals(WindingState.UNCERTAIN, dry.state());
    assertTrue(dry.sentence().contains("dry it"), dry.sentence());
  }

  /** IEEE Std 112: copper from 25 °C to 75 °C rises by (234.5 + 75)/(234.5 + 25) = 1.1927. */
  @Test
  void copperRisesWithTemperature() {
    assertEquals(1.1927, Copper.at(1, 25, 75), 1e-4);
  }

  @Test
  void ownFigureTellsAllThreeLow() {
    WindingReadings half =
        WindingReadings.ofPairs(new Ohms(10), new Ohms(10), new Ohms(10)).withReference(20, 20);
    assertEquals(WindingState.FAULTY, WindingAnalysis.of(half).state());
    // At 75 °C a sound 20 Ω pair reads 20 × 1.216 Ω.
    WindingReadings hot =
        WindingReadings.ofPairs(new Ohms(24.3), new Ohms(24.3), new Ohms(24.3))
            .withReference(20, 75);
    assertEquals(WindingState.SOUND, WindingAnalysis.of(hot).state());
  }

  @Test
  void backEmfAndSpeed() {
    assertTrue(BackEmf.agrees(10, 10.5, 9.8, 10));
    assertTrue(!BackEmf.agrees(10, 10, 7, 10));
    // Eight poles at 80 Hz: 1200 r/min (n = 120 f / poles).
    assertEquals(1200, BackEmf.rpm(80, 4), 1e-9);
  }

  @Test
  void starAndDeltaShowTheSamePairs() {
    Star star = new Star(3, 5, 7);
    Delta delta = star.toDelta();
    Circuit ring =
        new Circuit()
            .resistor("ab", "A", "B", delta.ab())
            .resistor("bc", "B", "C", delta.bc())
            .resistor("ca", "C", "A", delta.ca());
    assertEquals(star.ab(), ring.ohms("A", "B"), 1e-9);
    assertEquals(star.bc(), ring.ohms("B", "C"), 1e-9);
    assertEquals(star.ca(), ring.ohms("C", "A"), 1e-9);
    assertEquals(3, delta.toStar().a(), 1e-9);
    assertEquals(7, Star.ofPairs(8, 12, 10).c(), 1e-9);
  }
}
