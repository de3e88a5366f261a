package variablerotor.core.history;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.fitting.Fitting;
import variablerotor.core.job.Job;
import variablerotor.core.job.JobLog;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.UnitPlate.Role;
import variablerotor.core.route.Route;
import variablerotor.core.text.Numbers;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * A motor in a unit, as the unit's calls met it or put it in.
 *
 * @param role which of the unit's fans it turns; null where nobody said, and the unit's kind has
 *     both
 * @param motor its family and what was read on its plate, as it is said
 * @param number of the shop's list, where it was chosen by that; null where it was met
 * @param fitted whether a call put it in; else it was met in the unit
 * @param since the day on which it went in, or on which it was met first
 * @param until the day on which it went out, or another was met in its place; null while it is in
 * @param call that put it in, or met it first
 * @param doubt why it may be out by now: another was chosen for its place, and nobody noted that it
 *     was fitted; empty where it is not in doubt
 */
public record MotorIn(
    @Nullable Role role,
    String motor,
    @Nullable String number,
    boolean fitted,
    LocalDate since,
    @Nullable LocalDate until,
    String call,
    String doubt)
    implements Node {

  private MotorIn out(LocalDate day) {
    return new MotorIn(role, motor, number, fitted, since, day, call, "");
  }

  private MotorIn in(String why) {
    return new MotorIn(role, motor, number, fitted, since, null, call, why);
  }

  /** The same, of whose plate more was read since. */
  private MotorIn read(String plate) {
    return new MotorIn(role, plate, number, fitted, since, until, call, doubt);
  }

  /**
   * The motors of a unit, those that are in it first, then the newest first. Where nobody said
   * which fan a motor turns it is listed for that call alone: it may be either.
   *
   * @param calls to the unit, the newest first
   */
  static List<MotorIn> of(List<UnitHistory.Call> calls) {
    List<MotorIn> gone = new ArrayList<>();
    Map<Role, MotorIn> in = new EnumMap<>(Role.class);
    Map<Role, MotorPlate> plates = new EnumMap<>(Role.class);
    List<MotorIn> unplaced = new ArrayList<>();
    List<UnitHistory.Call> oldestFirst = new ArrayList<>(calls);
    Collections.reverse(oldestFirst);
    for (UnitHistory.Call call : oldestFirst) {
      var told = call.job().log().particulars();
      Role role = UnitHistory.role(call.job(), calls);
      MotorIn met =
          new MotorIn(
              role,
              spoken(told.motor()),
              null,
              false,
              call.opened(),
              null,
              call.job().log().id(),
              "");
      MotorIn put = put(call, role);
      String doubt = put == null ? doubt(call) : "";
      if (role == null) {
        unplaced.add(put == null ? met.in(doubt) : put);
        continue;
      }
      MotorIn before = in.get(role);
      MotorPlate plate = plates.get(role);
      if (before == null || plate == null || plate.family() != told.motor().family()) {
        replace(in, gone, role, met);
      } else if (before.number() == null) {
        in.put(role, before.read(spoken(told.motor())));
      }
      if (!doubt.isEmpty()) {
        in.computeIfPresent(role, (any, one) -> one.in(doubt));
      }
      plates.put(role, told.motor());
      if (put != null) {
        replace(in, gone, role, put);
        plates.put(role, call.job().fitted() == null ? told.motor() : fittedPlate(call.job()));
      }
    }
    List<MotorIn> all = new ArrayList<>(in.values());
    Collections.reverse(unplaced);
    Collections.reverse(gone);
    all.addAll(unplaced);
    all.addAll(gone);
    return all;
  }

  private static void replace(Map<Role, MotorIn> in, List<MotorIn> gone, Role role, MotorIn next) {
    MotorIn before = in.put(role, next);
    if (before != null) {
      gone.add(before.out(next.since()));
    }
  }

  /** What a call put in, once the steps of it are done: what is only chosen is in no unit. */
  private static @Nullable MotorIn put(UnitHistory.Call call, @Nullable Role role) {
    Job job = call.job();
    Fitting fitting = job.fitting();
    if (!UnitHistory.changesMotor(job) || fitting == null || !fitting.isDone()) {
      return null;
    }
    List<JobLog.Decided> decided = job.log().decisions();
    return new MotorIn(
        role,
        spoken(fittedPlate(job)),
        decided.get(decided.size() - 1).candidate(),
        true,
        call.worked(),
        null,
        job.log().id(),
        "");
  }

  private static String doubt(UnitHistory.Call call) {
    Job job = call.job();
    Route way = job.chosen();
    return way == null || !UnitHistory.changesMotor(job)
        ? ""
        : way.title()
            + " chosen on "
            + call.opened()
            + ", and not noted as fitted: look at the plate.";
  }

  private static MotorPlate fittedPlate(Job job) {
    Fitting fitting = job.fitting();
    return fitting == null ? job.log().particulars().motor() : fitting.record().job().fitted();
  }

  private static String spoken(MotorPlate plate) {
    List<String> said = new ArrayList<>(List.of(plate.family().title()));
    if (plate.horsepower() != null) {
      said.add(Numbers.plain(plate.horsepower()) + " hp");
    }
    if (plate.volts() != null && !plate.volts().isEmpty()) {
      said.add(plate.volts() + " V");
    }
    return String.join(", ", said);
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "role", role,
        "motor", motor,
        "number", number,
        "fitted", fitted,
        "since", since,
        "until", until,
        "call", call,
        "doubt", doubt);
  }
}
