package variablerotor.core.proof;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.check.Symptom;
import variablerotor.core.family.Family;
import variablerotor.core.motor.UnitPlate.Heating;
import variablerotor.core.signal.Windows;
import variablerotor.core.text.Numbers;

/** What is measured of a new motor, covers on. */
final class Measuring {
  /** Below this share of its plate a motor that turns draws nothing. Judgement. */
  private static final double LEAST_SHARE = 0.02;

  private final ProofRequest request;
  private final Readings readings;
  private final @Nullable Airflow air;
  private final @Nullable Tap tap;
  private final @Nullable Command command;
  private final boolean outdoors;

  Measuring(
      ProofRequest request, @Nullable Airflow air, @Nullable Tap tap, @Nullable Command command) {
    this.request = request;
    this.air = air;
    this.tap = tap;
    this.command = command;
    readings = request.readings();
    outdoors = request.isOutdoors();
  }

  List<Check> checks() {
    List<Check> checks = new ArrayList<>();
    checks.add(covers().asking(ReadingType.COVERS));
    checks.add(covered(amps()).asking(ReadingType.AMPS));
    if (!outdoors) {
      if (!isForHeatAlone()) {
        checks.add(covered(airflow()).asking(air()));
      }
      if (request.limits().mostStatic() != null || readings.have(ReadingType.STATIC)) {
        checks.add(covered(pressure()).asking(ReadingType.STATIC));
      }
      if (needsRise()) {
        checks.add(covered(rise()).asking(ReadingType.AIR_RETURN, ReadingType.AIR_SUPPLY));
      }
    }
    if (request.fitted().family() == Family.PSC || anyCapacitor()) {
      checks.add(
          capacitor()
              .asking(
                  ReadingType.CAPACITOR_AMPS,
                  ReadingType.CAPACITOR_VOLTS,
                  ReadingType.CAPACITOR_MARKED));
    }
    if (request.fitted().family() == Family.EC_PLUG_FAN || readings.have(ReadingType.AUX_VOLTS)) {
      checks.add(aux().asking(ReadingType.AUX_VOLTS));
    }
    return checks;
  }

  /** Told to have no cooling: then the rise alone says whether the air is right. */
  private boolean isForHeatAlone() {
    Double tons = request.unit().coolingTons();
    return tons != null && tons <= 0;
  }

  private boolean areOff() {
    return "OFF".equals(readings.word(ReadingType.COVERS));
  }

  private Check covers() {
    String read = readings.word(ReadingType.COVERS);
    if ("ON".equals(read)) {
      return Check.pass("covers", "Measured with the covers on.");
    }
    return Check.notYet(
        "covers",
        read == null
            ? "Were the covers on? An open one changes pressures and amps."
            : "Covers on, then measure again: an open one changes pressures and amps.");
  }

  /** With an open cover nothing that depends on the air is so. */
  private Check covered(Check check) {
    if (!areOff() || check.state() == Check.State.NOT_YET) {
      return check;
    }
    return new Check(
        check.id(),
        Check.State.NOT_YET,
        check.value(),
        check.limit(),
        "Read with a cover off: take it again with the covers on.",
        List.of(),
        check.asks(),
        null);
  }

  /** What this unit's air follows from: its heat where it has one, else a drop or a ring. */
  private ReadingType[] air() {
    List<ReadingType> asked = new ArrayList<>();
    List<Heating> heating = request.unit().heating();
    if (request.fitted().family() == Family.EC_PLUG_FAN) {
      asked.addAll(List.of(ReadingType.RING, ReadingType.RING_K, ReadingType.COMMAND));
    } else if (heating.contains(Heating.ELECTRIC)) {
      asked.addAll(
          List.of(
              ReadingType.AIR_RETURN,
              ReadingType.AIR_SUPPLY,
              ReadingType.HEAT_VOLTS,
              ReadingType.HEAT_AMPS,
              ReadingType.HEAT_PHASES));
    } else if (heating.contains(Heating.GAS)) {
      asked.addAll(
          List.of(
              ReadingType.AIR_RETURN,
              ReadingType.AIR_SUPPLY,
              ReadingType.GAS_INPUT,
              ReadingType.GAS_EFFICIENCY));
    } else {
      asked.addAll(
          List.of(ReadingType.DROP, ReadingType.DROP_REFERENCE, ReadingType.DROP_REFERENCE_CFM));
    }
    if (heating.contains(Heating.ELECTRIC) || heating.contains(Heating.GAS)) {
      asked.add(ReadingType.AIR_CALL);
      asked.add(ReadingType.ALTITUDE);
    }
    if (request.fitted().taps() != null) {
      asked.addAll(List.of(ReadingType.TAP, ReadingType.SHARE_NOW, ReadingType.SHARE_NEXT));
    }
    return asked.toArray(new ReadingType[0]);
  }

  private static String amps(double amps) {
    return Numbers.plain(amps, 2) + " A";
  }

  private Check amps() {
    Double read = readings.number(ReadingType.AMPS);
    Double plate = request.fitted().fullLoadAmps();
    if (read == null) {
      return Check.notYet("amps", "Amps of the new motor at its highest speed, covers on.")
          .of(null, plate == null ? new Double[0] : new Double[] {plate});
    }
    if (plate == null) {
      return Check.notYet("amps", "It draws " + amps(read) + "; what its plate allows is not told.")
          .of(read);
    }
    if (read < LEAST_SHARE * plate) {
      return Check.notYet(
              "amps",
              "A motor that works draws more than "
                  + amps(read)
                  + ": clamp round one lead alone, while it runs.")
          .of(read, plate);
    }
    if (read <= plate) {
      return Check.pass("amps", amps(read) + " of the " + amps(plate) + " that its plate allows.")
          .of(read, plate);
    }
    Check over =
        outdoors
            ? Check.fail(
                "amps",
                over(read, plate),
                "The old plate's horsepower and speed against the new one's",
                "The blade: pitch, size, how deep it stands in the ring",
                "The capacitor")
            : Check.fail(
                "amps",
                over(read, plate),
                "A cover that is open, or a filter that is out: the wheel moves more air and draws"
                    + " more",
                "Static below the plate's: a tap lower",
                "The old plate's horsepower and volts against the new one's");
    return over.of(read, plate);
  }

  private static String over(double read, double plate) {
    return amps(read) + " is more than the " + amps(plate) + " of its plate: it does not last.";
  }

  private Check airflow() {
    if (air == null) {
      return Check.notYet(
          "airflow",
          "Air: by the heat and its rise, by the drop over a component with a table, or by an inlet"
              + " ring.");
    }
    String found = Numbers.plain(air.cfm(), 0) + " cfm by " + air.method().title();
    List<Double> target = air.target();
    Double[] limit = target.toArray(new Double[0]);
    if (target.isEmpty()) {
      return Check.notYet("airflow", found + "; for how many tons is not told.").of(air.cfm());
    }
    if (Airflow.isOnHeat(readings)) {
      return Check.notYet(
              "airflow",
              found
                  + ", on the heat's own tap, which the rise judges: measure on the cooling tap, too.")
          .of(air.cfm(), limit);
    }
    String between =
        found
            + ", "
            + Numbers.plain(air.perTon() == null ? 0 : air.perTon(), 0)
            + " a ton; right are "
            + Numbers.plain(target.get(0), 0)
            + " to "
            + Numbers.plain(target.get(1), 0)
            + ".";
    boolean low = air.cfm() < target.get(0);
    if (!low && air.cfm() <= target.get(1)) {
      return Check.pass("airflow", between).of(air.cfm(), limit);
    }
    return Check.fail("airflow", between, leads(low)).of(air.cfm(), limit);
  }

  private String[] leads(boolean low) {
    List<String> leads = new ArrayList<>();
    if (tap != null && tap.next() != null) {
      Double then = tap.expectedCfm();
      leads.add(
          "Tap "
              + tap.next()
              + (then == null ? "" : ", some " + Numbers.plain(then, 0) + " cfm on these ducts")
              + ": then amps and static again");
    } else if (request.fitted().family() == Family.EC_PLUG_FAN) {
      leads.add(command(low));
    } else if (isSetByBoard()) {
      leads.add("The airflow switches or the program of the motor");
    } else {
      leads.add(low ? "A tap higher" : "A tap lower");
    }
    if (low) {
      leads.add("Filter, coil and wheel clean, registers open: static against the plate's");
      if (!"RIGHT".equals(readings.word(ReadingType.ROTATION))) {
        leads.add("Which way it turns");
      }
    }
    return leads.toArray(new String[0]);
  }

  private String command(boolean low) {
    Double next = command == null ? null : command.next();
    Double then = command == null ? null : command.expectedCfm();
    String to = low ? "Its command higher" : "Its command lower";
    return next == null || then == null
        ? to + ", in small steps, by the fan's own table: then amps again"
        : to
            + ": about "
            + Numbers.plain(next, 1)
            + " V DC, some "
            + Numbers.plain(then, 0)
            + " cfm on these ducts, by the fan's own table: then amps again";
  }

  private boolean isSetByBoard() {
    Family family = request.fitted().family();
    return family == Family.CONSTANT_AIRFLOW_PARALLEL || family == Family.CONSTANT_AIRFLOW_SERIAL;
  }

  private Check pressure() {
    Double read = readings.number(ReadingType.STATIC);
    Double plate = request.limits().mostStatic();
    if (read == null) {
      return Check.notYet("static", "External static pressure, covers on.")
          .of(null, plate == null ? new Double[0] : new Double[] {plate});
    }
    String found = Numbers.plain(read, 2) + " in. w.c.";
    if (plate == null) {
      return Check.notYet("static", found + "; what the unit's plate allows is not told.").of(read);
    }
    String of = found + ", of the " + Numbers.plain(plate, 2) + " that the unit's plate allows.";
    return (read <= plate
            ? Check.pass("static", of)
            : Check.fail(
                "static",
                found + " is more than the " + Numbers.plain(plate, 2) + " of the unit's plate.",
                "Filter and coil dirty",
                "Registers and dampers closed",
                "Ducts too small: no tap mends that"))
        .of(read, plate);
  }

  private boolean hasLimits() {
    return request.limits().leastRise() != null && request.limits().mostRise() != null;
  }

  private boolean needsRise() {
    List<Heating> heating = request.unit().heating();
    return heating.contains(Heating.GAS)
        || ((hasLimits() || isForHeatAlone()) && heating.contains(Heating.ELECTRIC))
        || (hasLimits() && Airflow.rise(readings) != null);
  }

  private Check rise() {
    Double read = Airflow.rise(readings);
    Double least = request.limits().leastRise();
    Double most = request.limits().mostRise();
    Double[] limit = least == null || most == null ? new Double[0] : new Double[] {least, most};
    if (read == null) {
      return Check.notYet(
              "rise", "Air before and after the heat, once it no longer rises, covers on.")
          .of(null, limit);
    }
    if (read <= 0) {
      return Check.notYet(
              "rise", "The air after is no warmer than before: read it while the heat is on.")
          .of(read, limit);
    }
    String found = Numbers.plain(read, 0) + " °F of rise";
    if (least == null || most == null) {
      return Check.notYet("rise", found + "; what the unit's plate allows is not told.").of(read);
    }
    String of = Numbers.plain(least, 0) + " to " + Numbers.plain(most, 0) + " of the unit's plate";
    if (read >= least && read <= most) {
      return Check.pass("rise", found + ", within the " + of + ".").of(read, limit);
    }
    return (read > most
            ? Check.fail(
                "rise",
                found + ", more than the " + of + ": too little air for the heat.",
                "The heat's tap higher",
                "Filter, coil and registers",
                heat())
            : Check.fail(
                "rise",
                found + ", less than the " + of + ": too much air, or too little heat.",
                "The heat's tap lower",
                heat()))
        .of(read, limit);
  }

  /** What makes the heat, to be looked at where the air is right. */
  private String heat() {
    return request.unit().heating().contains(Heating.GAS)
        ? "The burner's input"
        : "The strips: do all of them heat, and no more than on the plate?";
  }

  private boolean anyCapacitor() {
    return readings.have(ReadingType.CAPACITOR_AMPS)
        || readings.have(ReadingType.CAPACITOR_VOLTS)
        || readings.have(ReadingType.CAPACITOR_MARKED);
  }

  /** C = I / (2 π f V): IEEE Std 100, capacitive reactance, from memory. */
  private Check capacitor() {
    Double amps = readings.number(ReadingType.CAPACITOR_AMPS);
    Double volts = readings.number(ReadingType.CAPACITOR_VOLTS);
    Double marked = readings.number(ReadingType.CAPACITOR_MARKED);
    if (amps == null || volts == null) {
      return Check.notYet(
          "capacitor",
          "Under load: amps of the capacitor's lead, and volts across the capacitor itself.");
    }
    double has = Numbers.round(1e6 * amps / (2 * Math.PI * request.fitted().hertz() * volts), 2);
    String found = Numbers.plain(has, 1) + " µF under load";
    if (marked == null) {
      return Check.notYet("capacitor", found + "; what is marked on it is not told.").of(has);
    }
    double share = ProofFigures.CAPACITOR_TOLERANCE.value() / 100;
    String of = found + ", marked " + Numbers.plain(marked, 1) + ".";
    return (Math.abs(has - marked) <= share * marked
            ? Check.pass("capacitor", of)
            : Check.fail(
                "capacitor",
                of,
                "Volts across the capacitor itself, not against ground",
                "Another capacitor, of the microfarads that the motor's plate asks for"))
        .of(has, marked);
  }

  private Check aux() {
    Double read = readings.number(ReadingType.AUX_VOLTS);
    Double[] limit = {Windows.AUX.low(), Windows.AUX.high()};
    if (read == null) {
      return Check.notYet("aux", "The fan's own 10 V out: it is back with the new electronics.")
          .of(null, limit);
    }
    String found = Numbers.plain(read, 1) + " V DC from the fan";
    return (read >= Windows.AUX.low() && read <= Windows.AUX.high()
            ? Check.pass("aux", found + ": it is back.")
            : Check.fail(
                    "aux",
                    found + ", not its 10.",
                    "The control wires pulled: does it come up? Then something outside pulls it down",
                    "A new search, on the new part")
                .opening(Symptom.NO_RUN))
        .of(read, limit);
  }
}
