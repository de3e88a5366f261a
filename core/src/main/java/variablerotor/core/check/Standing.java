package variablerotor.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.FactValue;
import variablerotor.core.fact.Facts;
import variablerotor.core.fact.Taken;

/**
 * The facts of a call that say something by themselves. What a switch takes away that stands open
 * as an effect does not, nor what was read well while the fault did not show.
 *
 * @param situation the call with what counts
 * @param explained what an open switch explains
 * @param untimely what was read while it ran, of a fault that comes and goes
 */
public record Standing(Situation situation, List<FactType> explained, List<FactType> untimely) {
  public Standing {
    explained = List.copyOf(explained);
    untimely = List.copyOf(untimely);
  }

  /** The signals that a fault which comes and goes takes away while it shows. */
  private static final Set<FactType> COMES_AND_GOES =
      Set.of(
          FactType.CALL_PRESENT,
          FactType.CONTROL_VOLTS,
          FactType.LINE_VOLTS,
          FactType.CONTACTOR_VOLTS,
          FactType.BUS_VOLTS,
          FactType.LOGIC_VOLTS,
          FactType.COMMAND_VOLTS,
          FactType.COMMAND_VOLTS_BOARD,
          FactType.COMMAND_DUTY,
          FactType.COMMAND_MILLIAMPS,
          FactType.LINK_VOLTS,
          FactType.AUX_VOLTS);

  static Standing of(Situation told) {
    Facts facts = oneOfSeveralPlaces(told);
    if (Boolean.TRUE.equals(facts.flag(FactType.FIRST_START))) {
      // A self-finding motor turns both ways before it keeps one.
      facts = facts.without(List.of(FactType.ROTATION));
    }
    facts = atItsMoment(facts);
    List<FactType> untimely = untimely(told.with(facts));
    facts = facts.without(untimely);
    OpenSwitch open = OpenSwitch.of(facts);
    List<FactType> explained =
        open == null ? List.of() : open.explains(facts, told.family().profile().hasContactor());
    return new Standing(told.with(facts.without(explained)), explained, untimely);
  }

  /**
   * What was read on several taps or in several places: a fan that should run is told by any tap,
   * so the most counts; one that does not change its speed lacks one, and a supply is lost wherever
   * it is lost, so the least does.
   */
  private static Facts oneOfSeveralPlaces(Situation told) {
    Facts facts = told.facts();
    Facts chosen = facts;
    for (FactType type : facts.types()) {
      Map<String, FactValue> places = facts.places(type);
      List<FactValue> read = new ArrayList<>(places.values());
      read.removeIf(value -> !(value instanceof FactValue.Quantity));
      if (read.size() > 1) {
        boolean command = type == FactType.COMMAND_VOLTS || type == FactType.COMMAND_VOLTS_BOARD;
        boolean most = command && told.symptom() != Symptom.NO_SPEED_CHANGE;
        Comparator<FactValue> less =
            Comparator.comparingDouble(value -> ((FactValue.Quantity) value).value());
        read.sort(most ? less.reversed() : less);
        chosen = chosen.with(type, read.get(0));
      }
    }
    return chosen;
  }

  /**
   * A command read at rest is the idle one; one right after a reset is what the board then gives.
   */
  private static Facts atItsMoment(Facts facts) {
    Facts moved = facts;
    moved =
        move(
            moved,
            FactType.COMMAND_VOLTS_BOARD,
            Taken.When.AFTER_RESET,
            FactType.COMMAND_VOLTS_RESET);
    moved =
        move(moved, FactType.COMMAND_VOLTS_BOARD, Taken.When.AT_REST, FactType.COMMAND_VOLTS_IDLE);
    return move(
        moved, FactType.COMMAND_VOLTS, Taken.When.AT_REST, FactType.COMMAND_VOLTS_MOTOR_IDLE);
  }

  private static Facts move(Facts facts, FactType from, Taken.When when, FactType to) {
    Double volts = facts.when(from) == when ? facts.number(from) : null;
    return volts == null || facts.has(to)
        ? facts
        : facts.with(to, new FactValue.Quantity(volts)).without(List.of(from));
  }

  private static List<FactType> untimely(Situation told) {
    boolean fleeting =
        told.symptom() == Symptom.INTERMITTENT || told.symptom() == Symptom.STARTS_THEN_STOPS;
    List<FactType> untimely = new ArrayList<>();
    for (FactType type : told.facts().types()) {
      boolean running = told.facts().when(type) == Taken.When.RUNNING;
      if (fleeting && running && COMES_AND_GOES.contains(type)) {
        untimely.add(type);
      }
    }
    return untimely;
  }
}
