package variablerotor.core.choice;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.match.Candidate;
import variablerotor.core.match.Matching;
import variablerotor.core.match.Sizing;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.Running;
import variablerotor.core.route.Circumstances;
import variablerotor.core.route.Habit;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * A fixed-speed motor in the place of the old one, sized by the code's tables. What is not
 * tabulated is null; local code and the unit's plate rule.
 *
 * @param horsepower [hp]
 * @param fullLoadAmps by the table, single phase NEC 2023 Table 430.248, three phases 430.250 (from
 *     memory), or the matched motor's plate [A]
 * @param lockedRotorAmps that a relay's contacts must make, single phase from half a horsepower up:
 *     six times the table's amps, as NEC Table 430.251(A) has them (from memory) [A]
 * @param conductorAmps 125 %, NEC 430.22 (from memory) [A]
 * @param overloadAmps 115 and 125 %, NEC 430.32 (from memory), of the plate's amps where known [A]
 * @param relays that it takes, by the shop's habit
 * @param transformerVa the coils of these relays and what hangs on the transformer already [VA];
 *     null where one of them is not known
 * @param transformerBears whether the transformer has so much; null where that is not known
 * @param notes what the fitting asks for, whatever the size
 */
public record Conversion(
    @Nullable Double horsepower,
    @Nullable Integer poles,
    @Nullable Double fullLoadAmps,
    @Nullable Double lockedRotorAmps,
    @Nullable Double conductorAmps,
    @Nullable List<Double> overloadAmps,
    int relays,
    @Nullable Double transformerVa,
    @Nullable Boolean transformerBears,
    List<String> notes,
    String source)
    implements Node {
  public Conversion {
    overloadAmps = overloadAmps == null ? null : List.copyOf(overloadAmps);
    notes = List.copyOf(notes);
  }

  private static final double[] ONE_PHASE_VOLTS = {115, 208, 230};
  private static final double[][] ONE_PHASE = {
    {1 / 6.0, 4.4, 2.4, 2.2},
    {1 / 4.0, 5.8, 3.2, 2.9},
    {1 / 3.0, 7.2, 4.0, 3.6},
    {1 / 2.0, 9.8, 5.4, 4.9},
    {3 / 4.0, 13.8, 7.6, 6.9},
    {1, 16, 8.8, 8.0},
    {1.5, 20, 11, 10},
    {2, 24, 13.2, 12}
  };
  private static final double[] THREE_PHASE_VOLTS = {208, 230, 460};
  private static final double[][] THREE_PHASE = {
    {1 / 2.0, 2.4, 2.2, 1.1},
    {3 / 4.0, 3.5, 3.2, 1.6},
    {1, 4.6, 4.2, 2.1},
    {1.5, 6.6, 6.0, 3.0},
    {2, 7.5, 6.8, 3.4},
    {3, 10.6, 9.6, 4.8},
    {5, 16.7, 15.2, 7.6}
  };

  /** A plate's rating is a table's within this share. */
  private static final double SAME = 0.03;

  /** A line within this of a column is of that column [V]. */
  private static final double NEAR = 12;

  /**
   * @param candidate the fixed-speed motor that fits; null where none is matched
   * @param measuredVolts the line as it was measured [V]; null where it was not
   */
  static Conversion of(
      Circumstances all, @Nullable Candidate candidate, @Nullable Double measuredVolts) {
    MotorPlate old = all.motor();
    MotorPlate matched = candidate == null ? null : candidate.plate();
    Double wanted =
        old.horsepower() == null ? Sizing.horsepower(all.unit(), all.running()) : old.horsepower();
    Double horsepower =
        matched == null || matched.horsepower() == null ? wanted : matched.horsepower();
    Double table = amps(old, horsepower, measuredVolts);
    Double plate = matched == null ? null : matched.fullLoadAmps();
    Double amps = plate == null ? table : plate;
    int relays = all.schools().have(Habit.ONE_RELAY) ? 1 : 2;
    Double va = volt(all.running(), relays);
    Double has = all.running().transformerVa();
    return new Conversion(
        horsepower,
        old.rpm() == null ? null : (Integer) Matching.poles(old),
        table == null ? plate : table,
        lockedRotor(old, horsepower, table),
        amps == null ? null : (Double) (1.25 * amps),
        amps == null ? null : List.of(1.15 * amps, 1.25 * amps),
        relays,
        va,
        va == null || has == null ? null : (Boolean) (va <= has),
        NOTES,
        plate == null
            ? "NEC 2023 Tables 430.248 and 430.250, 430.22, 430.32 (from memory); local code and the"
                + " unit's plate rule."
            : "The new motor's plate, NEC 430.6(A)(2), 430.22, 430.32 (from memory); local code and"
                + " the unit's plate rule.");
  }

  /** Common practice; the tolerance of capacitors as well. */
  private static final List<String> NOTES =
      List.of(
          "Run capacitor: exactly the microfarads on the new motor's plate, within 6 %, for 370 or"
              + " 440 V AC as it says, or more.",
          "Relay contacts rated for a motor load at this voltage; coils for 24 V.",
          "Cap each unused speed lead alone. Two speeds live at once burn the motor.",
          "See which way it turns: the wrong way still moves some air.",
          "A thermally protected motor may need no overload of its own.");

  private static @Nullable Double volt(Running running, int relays) {
    Double coil = running.relayVa();
    Double hanging = running.hangingVa();
    return coil == null || hanging == null ? null : (Double) (hanging + relays * coil);
  }

  /** The least that the locked-rotor table has [hp]. */
  private static final double LEAST_LOCKED = 0.5;

  private static @Nullable Double lockedRotor(
      MotorPlate old, @Nullable Double horsepower, @Nullable Double table) {
    boolean one = old.phases() == null || old.phases() == 1;
    return table == null || horsepower == null || !one || horsepower < LEAST_LOCKED
        ? null
        : (Double) (6 * table);
  }

  private static @Nullable Double amps(
      MotorPlate old, @Nullable Double horsepower, @Nullable Double measured) {
    if (horsepower == null || old.volts() == null) {
      return null;
    }
    Integer phases = old.phases();
    boolean three = phases != null && phases == 3;
    Double volts = column(old.volts(), measured, three ? THREE_PHASE_VOLTS : ONE_PHASE_VOLTS);
    if (volts == null) {
      return null;
    }
    double[] columns = three ? THREE_PHASE_VOLTS : ONE_PHASE_VOLTS;
    for (double[] row : three ? THREE_PHASE : ONE_PHASE) {
      for (int i = 0; i < columns.length; i++) {
        if (columns[i] == volts && Math.abs(row[0] - horsepower) <= SAME * row[0]) {
          return row[i + 1];
        }
      }
    }
    return null;
  }

  /** "208-230" is the 230 column, unless 208 is measured; of two ranges the measured one. */
  private static @Nullable Double column(
      String plate, @Nullable Double measured, double[] columns) {
    if (measured != null && plate.contains("208") && Math.abs(measured - 208) <= NEAR) {
      return 208.0;
    }
    if (plate.contains("/")) {
      boolean low = measured != null && measured < 150;
      return measured == null ? null : low ? (Double) 115.0 : (Double) 230.0;
    }
    if (plate.contains("230") || plate.contains("240")) {
      return 230.0;
    }
    for (double column : columns) {
      if (plate.equals(String.valueOf((int) column))) {
        return column;
      }
    }
    return plate.equals("120") ? (Double) 115.0 : plate.equals("480") ? (Double) 460.0 : null;
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "horsepower", horsepower,
        "poles", poles,
        "fullLoadAmps", fullLoadAmps,
        "lockedRotorAmps", lockedRotorAmps,
        "conductorAmps", conductorAmps,
        "overloadAmps", overloadAmps,
        "relays", relays,
        "transformerVa", transformerVa,
        "transformerBears", transformerBears,
        "notes", notes,
        "source", source);
  }
}
