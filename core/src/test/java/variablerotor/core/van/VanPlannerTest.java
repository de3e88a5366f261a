package variablerotor.core.van;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.casefile.VanReader;
import variablerotor.core.family.Family;
import variablerotor.core.match.Candidate;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.tree.Tree;
import variablerotor.core.van.VanRequest.Installed;
import variablerotor.core.van.VanRequest.Stocked;

/** The few that cover most: held against every set there is, and against a bound of its own. */
class VanPlannerTest {
  private static final double[] HORSEPOWER = {0.25, 1.0 / 3, 0.5, 0.75, 1};
  private static final String[] VOLTS = {"115", "208-230", "115/208-230", "460"};

  private static MotorPlate plate(Random random) {
    return MotorPlate.of(random.nextInt(4) == 0 ? Family.STAGED_CONDENSER : Family.CONSTANT_TORQUE)
        .horsepower(HORSEPOWER[random.nextInt(HORSEPOWER.length)])
        .volts(VOLTS[random.nextInt(VOLTS.length)])
        .rpm(random.nextBoolean() ? 1050.0 : 825.0)
        .frame(random.nextInt(3) == 0 ? null : random.nextBoolean() ? "48" : "42")
        .build();
  }

  private static VanRequest random(Random random, int slots, int motors, int candidates) {
    List<Installed> installed = new ArrayList<>();
    for (int at = 0; at < motors; at++) {
      MotorPlate plate = plate(random);
      // Few numbers, so that sets tie.
      installed.add(new Installed("m" + at, random.nextInt(4), plate.family(), plate));
    }
    List<Stocked> stocked = new ArrayList<>();
    for (int at = 0; at < candidates; at++) {
      Candidate one = new Candidate("c" + (100 + at), plate(random), null, List.of(), null);
      stocked.add(new Stocked(one, random.nextInt(8) == 0 ? null : 100.0 * random.nextInt(5)));
    }
    return new VanRequest(slots, installed, stocked);
  }

  private static double covered(VanRequest request, List<Stocked> set) {
    return request.motors().stream()
        .filter(
            motor ->
                set.stream()
                    .anyMatch(
                        one ->
                            motor.against(one.candidate()).state()
                                != variablerotor.core.match.Match.State.NO))
        .mapToDouble(Installed::perYear)
        .sum();
  }

  /** Every set of at most so many, the best first by the rule as it is written. */
  private static List<String> bruteForce(VanRequest request, int slots) {
    List<Stocked> all =
        request.candidates().stream().sorted(Comparator.comparing(Stocked::id)).toList();
    List<List<Stocked>> sets = new ArrayList<>();
    for (int bits = 0; bits < 1 << all.size(); bits++) {
      if (Integer.bitCount(bits) <= slots) {
        List<Stocked> set = new ArrayList<>();
        for (int at = 0; at < all.size(); at++) {
          if ((bits >> at & 1) == 1) {
            set.add(all.get(at));
          }
        }
        sets.add(set);
      }
    }
    Map<List<Stocked>, Double> covered = new LinkedHashMap<>();
    sets.forEach(set -> covered.put(set, covered(request, set)));
    return sets.stream()
        .min(
            Comparator.comparingDouble((List<Stocked> set) -> -covered.get(set))
                .thenComparingLong(set -> set.stream().filter(one -> one.price() == null).count())
                .thenComparingDouble(
                    set ->
                        set.stream()
                            .mapToDouble(one -> one.price() == null ? 0 : one.price())
                            .sum())
                .thenComparingInt(List::size)
                .thenComparing(set -> set.stream().map(Stocked::id).toList().toString()))
        .orElseThrow()
        .stream()
        .map(Stocked::id)
        .toList();
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
  void isWhatTryingEverySetGives(int seed) {
    Random random = new Random(seed);
    VanRequest request = random(random, 4, 5 + random.nextInt(30), 2 + random.nextInt(9));
    VanPlan plan = VanPlanner.of(request);
    double coverable = covered(request, request.candidates());
    for (int slots = 1; slots <= 4; slots++) {
      VanPlan.Row row = plan.curve().get(slots - 1);
      assertTrue(row.optimal());
      assertEquals(slots, row.slots());
      assertEquals(row.perYear(), row.bound(), 1e-9, "proved: the bound is met");
      boolean repeated = slots > 1 && plan.curve().get(slots - 2).perYear() >= coverable;
      assertEquals(
          repeated ? plan.curve().get(slots - 2).carry() : bruteForce(request, slots), row.carry());
    }
    List<String> nothingFits =
        request.motors().stream()
            .filter(
                motor ->
                    covered(
                            new VanRequest(
                                1,
                                List.of(new Installed("x", 1, motor.family(), motor.plate())),
                                request.candidates()),
                            request.candidates())
                        == 0)
            .map(Installed::id)
            .toList();
    assertEquals(nothingFits, plan.uncovered().stream().map(VanPlan.Uncovered::id).toList());
  }

  private static MotorPlate full(Random random, boolean toCarry) {
    Family[] families = {
      Family.CONSTANT_TORQUE,
      Family.CONSTANT_TORQUE,
      Family.CONSTANT_AIRFLOW_PARALLEL,
      Family.STAGED_CONDENSER,
      Family.BLDC_FIVE_WIRE
    };
    MotorPlate.Rotation[] ways = MotorPlate.Rotation.values();
    return MotorPlate.of(families[random.nextInt(families.length)])
        .horsepower(HORSEPOWER[random.nextInt(HORSEPOWER.length)])
        .volts(VOLTS[random.nextInt(VOLTS.length - (random.nextInt(9) == 0 ? 0 : 1))])
        .rpm(random.nextInt(3) == 0 ? 825.0 : 1050.0)
        .frame(random.nextInt(6) == 0 ? "42" : "48")
        .shaftDiameterIn(random.nextInt(8) == 0 ? 0.625 : 0.5)
        .rotation(toCarry ? ways[2 + random.nextInt(2)] : ways[random.nextInt(2)])
        .mount(random.nextInt(5) == 0 ? MotorPlate.Mount.LUGS : MotorPlate.Mount.BELLY_BAND)
        .build();
  }

  /** As many as a large shop has out there: every row is proved, by a search that ends. */
  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3})
  void aLargeShopIsProvedBest(int seed) {
    Random random = new Random(seed);
    List<Installed> motors = new ArrayList<>();
    for (int at = 0; at < 400; at++) {
      MotorPlate plate = full(random, false);
      motors.add(new Installed("m" + at, 1 + random.nextInt(20), plate.family(), plate));
    }
    List<Stocked> candidates = new ArrayList<>();
    for (int at = 0; at < 60; at++) {
      Candidate one = new Candidate("c" + (100 + at), full(random, true), null, List.of(), null);
      candidates.add(new Stocked(one, 200.0 + random.nextInt(400)));
    }
    VanPlan plan = VanPlanner.of(new VanRequest(8, motors, candidates));
    assertTrue(plan.curve().stream().allMatch(VanPlan.Row::optimal));
    double last = 0;
    double gained = Double.POSITIVE_INFINITY;
    for (VanPlan.Row row : plan.curve()) {
      assertTrue(row.carry().size() <= row.slots());
      double gain = row.perYear() - last;
      assertTrue(gain >= 0, "more room never covers less");
      assertTrue(row.slots() > 1 || gain <= gained);
      last = row.perYear();
      gained = gain;
    }
  }

  private static List<InputFault> faults(Object tree) {
    try {
      VanReader.read(tree);
      return List.of();
    } catch (InputFaults faults) {
      return faults.faults();
    }
  }

  @Test
  void badInputNamesItsField() {
    Map<String, Object> bad =
        Tree.of(
            "format",
            VanRequest.FORMAT,
            "version",
            1,
            "slots",
            0,
            "motors",
            List.of(
                Tree.of("id", "a", "perYear", -1, "volts", "230"),
                Tree.of("id", "a", "family", "FAN"),
                "x"),
            "candidates",
            List.of(Tree.of("id", "u", "price", -3)));
    List<String> paths = faults(bad).stream().map(InputFault::path).toList();
    assertEquals(
        List.of(
            "slots",
            "motors[1].id",
            "motors[2]",
            "motors[0].perYear",
            "motors[1].perYear",
            "motors[1].family",
            "candidates[0].family",
            "candidates[0].price"),
        paths);
  }

  @Test
  void nothingToChooseFromIsSaid() throws InputFaults {
    VanPlan plan =
        VanPlanner.of(
            VanReader.read(
                Tree.of(
                    "format",
                    VanRequest.FORMAT,
                    "version",
                    1,
                    "slots",
                    2,
                    "motors",
                    List.of(Tree.of("id", "a", "perYear", 3)),
                    "candidates",
                    List.of())));
    assertEquals(List.of(), plan.curve().get(1).carry());
    assertEquals(0, plan.curve().get(1).share());
    assertEquals("There is nothing to choose from.", plan.uncovered().get(0).sentence());
  }

  @Test
  void whatIsWrongWithTheClosestIsSaid() {
    MotorPlate old = MotorPlate.of(Family.CONSTANT_TORQUE).volts("460").rpm(1050.0).build();
    Candidate close = new Candidate("U5", old.but().volts("115").build(), null, List.of(), null);
    Candidate far =
        new Candidate("U6", old.but().volts("115").rpm(1725.0).build(), null, List.of(), null);
    VanPlan plan =
        VanPlanner.of(
            new VanRequest(
                1,
                List.of(new Installed("z", 2, Family.CONSTANT_TORQUE, old)),
                List.of(new Stocked(far, 1.0), new Stocked(close, null))));
    String sentence = plan.uncovered().get(0).sentence();
    assertTrue(sentence.contains("U5") && sentence.contains("115 V in place of 460 V"), sentence);
    assertEquals(0.0, plan.curve().get(0).price(), "of none");
  }

  /** A price that is not known is dearer than any, and is not made up. */
  @Test
  void anUnknownPriceSortsLastAndIsNotGuessed() {
    MotorPlate plate = MotorPlate.of(Family.CONSTANT_TORQUE).volts("115").build();
    Installed motor = new Installed("a", 2, Family.CONSTANT_TORQUE, plate);
    Stocked unknown = new Stocked(new Candidate("A", plate, null, List.of(), null), null);
    Stocked dear = new Stocked(new Candidate("B", plate, null, List.of(), null), 9000.0);
    VanPlan both = VanPlanner.of(new VanRequest(1, List.of(motor), List.of(unknown, dear)));
    assertEquals(List.of("B"), both.curve().get(0).carry());
    VanPlan one = VanPlanner.of(new VanRequest(1, List.of(motor), List.of(unknown)));
    assertNull(one.curve().get(0).price());
    assertEquals(List.of("A"), one.curve().get(0).carry());
  }

  /** A fixed-speed motor in the list neither stands in for an unknown one nor stops the plan. */
  @Test
  void aFixedSpeedMotorStandsInForNoneThatIsNotKnown() {
    MotorPlate psc = MotorPlate.of(Family.PSC).volts("115").build();
    Stocked fixed = new Stocked(new Candidate("F", psc, null, List.of(), null), 90.0);
    Installed unknown = new Installed("a", 2, null, psc);
    Installed known = new Installed("b", 3, Family.PSC, psc);
    VanPlan plan = VanPlanner.of(new VanRequest(1, List.of(unknown, known), List.of(fixed)));
    assertEquals(3, plan.curve().get(0).perYear());
    assertEquals("a", plan.uncovered().get(0).id());
  }
}
