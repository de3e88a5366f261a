package variablerotor.core.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import variablerotor.core.check.Situation;
import variablerotor.core.check.Symptom;
import variablerotor.core.diagnosis.BestPolicy;
import variablerotor.core.fact.Answer;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.FactValue;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.Family;
import variablerotor.core.family.Fault;
import variablerotor.core.likelihood.Check;
import variablerotor.core.likelihood.FamilyModel;
import variablerotor.core.winding.Connection;
import variablerotor.core.winding.Phase;
import variablerotor.sampling.Sampled;
import variablerotor.sampling.Share;

/**
 * The diagnosis held against machines that know nothing of its likelihoods. With fixed seeds: a
 * regression on accuracy, not on time.
 */
@Order(1)
class BenchTest {
  private static final List<CheckOrder> ADVISED = List.of(CheckOrder.ADVISED);

  /** The bars of a population that is not drawn from the likelihoods of the diagnosis. */
  @Test
  void theRightSuspectIsFoundAndHardlyOneIsProvedWrongly() {
    Population population = Population.run(Share.of(800, 160), 7, 0, 0);
    Population.Tally advised = population.overall(CheckOrder.ADVISED);
    assertTrue(advised.rightPercent() >= 97, "right in " + advised.rightPercent() + " %");
    assertTrue(
        advised.wronglyProved() <= 0.01 * advised.calls(), "wrong: " + advised.wronglyProved());
    assertTrue(advised.remedyRightPercent() >= 98, "remedy right: " + advised.remedyRightPercent());
    assertTrue(advised.undecidedPercent() <= 14, "undecided " + advised.undecidedPercent() + " %");
    assertTrue(advised.unlistedProved() <= 1, "unlisted, proved: " + advised.unlistedProved());
    for (CheckOrder order : List.of(CheckOrder.FLOW_CHART, CheckOrder.CHEAPEST)) {
      Population.Tally fixed = population.overall(order);
      assertTrue(advised.minutes() < 0.65 * fixed.minutes(), order + " " + fixed.minutes());
      assertTrue(advised.checks() < 0.65 * fixed.checks(), order + " " + fixed.checks());
    }
  }

  @ParameterizedTest
  @Sampled(4)
  @EnumSource(value = Family.class, mode = EnumSource.Mode.EXCLUDE, names = "PSC")
  void everyFamilyIsWellServed(Family family) {
    Random random = new Random(11);
    int right = 0;
    int wrong = 0;
    for (int i = 0; i < 100; i++) {
      BenchCall.Result result =
          BenchCall.run(HiddenFault.draw(family, random), CheckOrder.ADVISED, 0, 0);
      wrong += result.wronglyProved() ? 1 : 0;
      right += result.right() ? 1 : 0;
    }
    assertTrue(wrong <= 1, family + ": wrongly proved " + wrong + " of 100");
    assertTrue(right >= 95, family + ": right in " + right + " of 100");
  }

  /** A shorted winding kills its module, a seized bearing burns it, water takes two. */
  @Test
  @Sampled(3)
  void chainsOfDamageAreFoundAndNothingElseIsBlamed() {
    Random random = new Random(3);
    int chains = 0;
    int wrong = 0;
    int right = 0;
    while (chains < 100) {
      Family family = Family.values()[random.nextInt(8)];
      HiddenFault hidden = HiddenFault.draw(family, Symptom.NO_RUN, random, true);
      if (hidden.faults().size() > 1) {
        chains++;
        BenchCall.Result result = BenchCall.run(hidden, CheckOrder.ADVISED, 0, 0);
        wrong += result.wronglyProved() ? 1 : 0;
        right += result.right() ? 1 : 0;
      }
    }
    assertEquals(0, wrong);
    assertTrue(right >= 97, "right in " + right + " of 100");
  }

  /** Checks out of reach make it slower, and hardly ever wrong. */
  @Test
  @Sampled(3)
  void missingChecksProveNextToNothingWrongly() {
    Population.Tally advised =
        Population.run(Share.of(400, 150), 5, 0, 0.15, ADVISED).overall(CheckOrder.ADVISED);
    assertTrue(
        advised.wronglyProved() <= 0.01 * advised.calls(), "wrong: " + advised.wronglyProved());
    assertTrue(advised.rightPercent() >= 92, "right in " + advised.rightPercent() + " %");
  }

  /**
   * Where readings are wrong, what a proof rests on is taken again before a dear part is chosen.
   */
  @Test
  @Sampled(3)
  void takingAReadingAgainKeepsWrongPartsOffTheOrder() {
    Population.Tally advised =
        Population.run(Share.of(400, 200), 5, 0.02, 0.05, ADVISED).overall(CheckOrder.ADVISED);
    assertTrue(advised.wronglyProved() > 0, "a bench that never misleads cannot lie");
    assertTrue(
        advised.wrongPartPerThousand() <= 15, "wrong parts " + advised.wrongPartPerThousand());
    assertTrue(advised.rightPercent() >= 90, "right in " + advised.rightPercent() + " %");
  }

  @Test
  void theSameSeedIsTheSamePopulation() {
    Population one = Population.run(Share.of(80, 16), 21, 0.01, 0.05, ADVISED);
    Population two = Population.run(Share.of(80, 16), 21, 0.01, 0.05, ADVISED);
    assertEquals(
        one.overall(CheckOrder.ADVISED).minutes(), two.overall(CheckOrder.ADVISED).minutes());
  }

  /** Held against every order there is, by going through all of them. */
  @ParameterizedTest
  @EnumSource(value = Family.class, mode = EnumSource.Mode.EXCLUDE, names = "PSC")
  void theAdviceIsNearTheBestOrderThereIs(Family family) {
    BestPolicy.Figures figures = BestPolicy.of(family, Symptom.NO_RUN, 10, 7);
    assertTrue(figures.best() <= figures.advised() + 1e-9, figures.toString());
    assertTrue(figures.best() <= figures.listed() + 1e-9, figures.toString());
    assertTrue(figures.advised() <= 1.2 * figures.best(), figures.toString());
  }

  private static SimulatedMotor motor(Family family, Fault fault, double severity) {
    return new SimulatedMotor(new HiddenFault(family, Symptom.NO_RUN, List.of(fault), severity, 5));
  }

  private static double number(SimulatedMotor motor, FactType type) {
    return ((FactValue.Quantity) motor.truth(type)).value();
  }

  @Test
  void aMachineAnswersAsTheRealThingWould() {
    SimulatedMotor five = motor(Family.BLDC_FIVE_WIRE, Fault.MODULE_PULLS_DOWN, 0.5);
    assertTrue(number(five, FactType.BUS_VOLTS) < 270);
    assertTrue(number(five, FactType.BUS_VOLTS_UNPLUGGED) > 300, "unplugged it comes back");
    SimulatedMotor lost = motor(Family.DRIVE_FED_INDUCTION, Fault.SUPPLY_LINE_LOST, 0.5);
    assertTrue(number(lost, FactType.LINE_VOLTS_CA) > 1.5 * number(lost, FactType.LINE_VOLTS_AB));
    assertNull(lost.truth(FactType.LINE_VOLTS), "no single-phase plug here");
    SimulatedMotor output = motor(Family.CONSTANT_TORQUE, Fault.MODULE_OUTPUT_SHORTED, 0.3);
    assertEquals(new FactValue.Choice(Answer.COGGING), output.truth(FactType.SHAFT_FEEL));
    assertEquals(new FactValue.Choice(Answer.FREE), output.truth(FactType.SHAFT_FEEL_MODULE_OFF));
  }

  /** Open phase: two pairs OL, the third as it was; any circuit text. */
  @Test
  void resistancesComeFromTheFaultedNetwork() {
    SimulatedMotor open = motor(Family.CONSTANT_TORQUE, Fault.WINDING_OPEN, 0.5);
    int overLimit = 0;
    for (FactType pair : List.of(FactType.WINDING_AB, FactType.WINDING_BC, FactType.WINDING_CA)) {
      overLimit += ((FactValue.Resistance) open.truth(pair)).ohms().isOverLimit() ? 1 : 0;
    }
    assertEquals(2, overLimit);
    FaultyWinding grounded = FaultyWinding.grounded(4, 0, 0.25, 100);
    assertEquals(101, grounded.toFrame(Phase.A), 1e-6, "0.25 · 4 + 100");
    assertEquals(107, grounded.toFrame(Phase.B), 1e-6, "4 + 3 + 100");
  }

  /** Every check of every family can be answered, or the bench could not judge it. */
  @ParameterizedTest
  @EnumSource(value = Family.class, mode = EnumSource.Mode.EXCLUDE, names = "PSC")
  void everyCheckHasAnAnswer(Family family) {
    SimulatedMotor motor = motor(family, Fault.SUPPLY_OFF, 0.5);
    MeterModel meter = new MeterModel(new Random(1), 0);
    for (Check check : FamilyModel.of(family).checks()) {
      List<Fact> facts = BenchCall.answers(motor, check, meter);
      boolean otherKind = check.id().equals("command.milliamps");
      assertTrue(otherKind || !facts.isEmpty(), family + " " + check.id());
      assertTrue(check.isSoft() || CheckOrder.isInFlowChart(check.id()), check.id());
    }
  }

  @Test
  void theMeterSettlesThenStandsAndShowsOverLimit() {
    SimulatedMotor motor = motor(Family.CONSTANT_TORQUE, Fault.WINDING_OPEN, 0.5);
    SimulatedMeter meter = new SimulatedMeter(motor);
    assertFalse(meter.at(FactType.LINE_VOLTS, 0).steady());
    SimulatedMeter.Display shown = meter.at(FactType.LINE_VOLTS, 10);
    assertTrue(shown.steady());
    assertEquals(number(motor, FactType.LINE_VOLTS), shown.value(), 3);
    assertEquals(shown, meter.at(FactType.LINE_VOLTS, 10), "whoever asks sees the same");
    int overLimit = 0;
    for (FactType pair : List.of(FactType.WINDING_AB, FactType.WINDING_BC, FactType.WINDING_CA)) {
      overLimit += meter.at(pair, 9).text().equals("OL") ? 1 : 0;
    }
    assertEquals(2, overLimit);
    assertNull(meter.at(FactType.SHAFT_FEEL, 9), "a meter does not feel");
  }

  /** As often as it says a reading is wrong, and the second one of the same seldom is as well. */
  @Test
  void aMeterOnACallSlipsNowAndThen() {
    int first = 0;
    int both = 0;
    for (int seed = 0; seed < 2000; seed++) {
      SimulatedMotor motor =
          new SimulatedMotor(
              new HiddenFault(
                  Family.CONSTANT_TORQUE, Symptom.NO_RUN, List.of(Fault.MODULE_DEAD), 0.5, seed));
      boolean one = slips(motor, 0);
      first += one ? 1 : 0;
      both += one && slips(motor, 1) ? 1 : 0;
    }
    assertEquals(2000 * SimulatedMeter.SLIPS, first, 30);
    assertTrue(both < 15, both + " slipped twice");
  }

  private static boolean slips(SimulatedMotor motor, int taken) {
    SimulatedMeter meter = new SimulatedMeter(motor, SimulatedMeter.SLIPS, taken);
    double truth = number(motor, FactType.LINE_VOLTS);
    return Math.abs(meter.at(FactType.LINE_VOLTS, 9).value() - truth) > 0.03 * truth;
  }

  /** A sound line, read as nothing: the supply is blamed, and once more would have told. */
  @Test
  void theDebriefSaysWhereASecondMeasurementWouldHaveSavedAWrongPart() {
    HiddenFault hidden =
        new HiddenFault(Family.CONSTANT_TORQUE, Symptom.NO_RUN, List.of(Fault.MODULE_DEAD), 0.5, 4);
    SimulatedMotor motor = new SimulatedMotor(hidden);
    List<Fact> facts = List.of(new Fact(FactType.LINE_VOLTS, new FactValue.Quantity(0)));
    Debrief astray = Debrief.of(motor, situation(hidden, motor, facts), facts);
    assertEquals(Debrief.Outcome.ASTRAY, astray.outcome());
    assertEquals(1, astray.secondLooks().size(), astray.secondLooks().toString());
    assertTrue(astray.secondLooks().get(0).contains("recorded as 0 V"));
    List<Fact> sound = List.of(new Fact(FactType.WHEEL_LOOK, motor.truth(FactType.WHEEL_LOOK)));
    assertEquals(
        List.of(), Debrief.of(motor, situation(hidden, motor, sound), sound).secondLooks());
  }

  @Test
  void theDebriefNamesWhatWasNeedlessAndWhatWasMissed() {
    HiddenFault hidden =
        new HiddenFault(
            Family.CONSTANT_TORQUE, Symptom.NO_RUN, List.of(Fault.SUPPLY_LINE_LOST), 0.5, 4);
    SimulatedMotor motor = new SimulatedMotor(hidden);
    MeterModel meter = new MeterModel(new Random(2), 0);
    List<Fact> facts = new ArrayList<>();
    facts.add(
        new Fact(
            FactType.LINE_VOLTS,
            meter.read(FactType.LINE_VOLTS, motor.truth(FactType.LINE_VOLTS))));
    facts.add(new Fact(FactType.AIR_LOOK, motor.truth(FactType.AIR_LOOK)));
    Debrief done = Debrief.of(motor, situation(hidden, motor, facts), facts);
    assertEquals(Debrief.Outcome.PROVED, done.outcome());
    assertFalse(done.steps().get(0).needless());
    assertTrue(done.steps().get(1).needless(), "it was proved before");
    assertEquals(0, done.extraMinutes());
    assertEquals(1 + 2 + 2, done.minutes(), 1e-9, "line 1 min, lock out 2, look 2");
    List<Fact> only = List.of(new Fact(FactType.WHEEL_LOOK, motor.truth(FactType.WHEEL_LOOK)));
    Debrief astray = Debrief.of(motor, situation(hidden, motor, only), only);
    assertEquals(Debrief.Outcome.ASTRAY, astray.outcome());
    assertFalse(astray.missed().isEmpty());
    assertTrue(astray.extraMinutes() > 0);
    assertNotNull(astray.truth());
  }

  private static Situation situation(HiddenFault hidden, SimulatedMotor motor, List<Fact> facts) {
    return new Situation(
        hidden.family(),
        hidden.symptom(),
        motor.plateVolts(),
        Connection.STAR,
        Facts.of(facts),
        10);
  }

  @Test
  void aHiddenFaultMustBeOne() {
    assertThrows(
        IllegalArgumentException.class,
        () -> new HiddenFault(Family.CONSTANT_TORQUE, Symptom.NO_RUN, List.of(), 0.5, 1));
    assertThrows(
        IllegalArgumentException.class,
        () -> new HiddenFault(Family.PSC, Symptom.NO_RUN, List.of(Fault.MODULE_DEAD), 0.5, 1));
    assertTrue(HiddenFault.choices(Family.EC_PLUG_FAN, Symptom.NO_RUN).contains(Fault.MODULE_DEAD));
    assertFalse(
        HiddenFault.choices(Family.EC_PLUG_FAN, Symptom.NO_RUN).contains(Fault.WINDING_OPEN));
  }
}
