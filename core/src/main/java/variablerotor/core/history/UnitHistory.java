package variablerotor.core.history;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import variablerotor.core.diagnosis.VerdictState;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.Facts;
import variablerotor.core.handover.UnitLabel;
import variablerotor.core.job.Job;
import variablerotor.core.job.Particulars;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.motor.UnitPlate.Role;
import variablerotor.core.route.Route;
import variablerotor.core.text.Numbers;
import variablerotor.core.text.Words;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;
import variablerotor.core.winding.Copper;
import variablerotor.core.winding.Ohms;
import variablerotor.core.winding.WindingState;

/**
 * A unit by its calls, the newest first.
 *
 * @param motors those that are in it, then those that were
 * @param comeback that the newest call came soon after something was done; null where it did not
 * @param known what a healthy pair of the motor that is in it reads; null where nobody can say
 */
public record UnitHistory(
    String place,
    String unit,
    List<Visit> visits,
    List<MotorIn> motors,
    @Nullable Comeback comeback,
    @Nullable KnownWinding known)
    implements Node {
  public UnitHistory {
    visits = List.copyOf(visits);
    motors = List.copyOf(motors);
  }

  /** A call with the days on which it was opened and last worked on, in the shop's zone. */
  public record Call(Job job, LocalDate opened, LocalDate worked) {}

  /**
   * One call.
   *
   * @param said the verdict, or how the repair stands
   * @param chosen the way that was chosen; null where none was
   * @param left what stands on the label that was left; empty where there is none
   * @param pairs what the winding's pairs read before anything was changed, as it is said
   */
  public record Visit(
      String call,
      LocalDate opened,
      String complaint,
      String said,
      @Nullable Route chosen,
      List<UnitLabel.LabelLine> left,
      String pairs)
      implements Node {
    public Visit {
      left = List.copyOf(left);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "call", call,
          "opened", opened.toString(),
          "complaint", complaint,
          "said", said,
          "chosen", chosen,
          "left", left,
          "pairs", pairs);
    }
  }

  /**
   * The newest call came within {@link HistoryFigures#COMEBACK_DAYS} of a repair.
   *
   * @param call the earlier one
   * @param asks whether nothing was said of that repair since the unit came back
   * @param said whether the tool had said what it was then, so that it can have been right
   */
  public record Comeback(String call, int days, boolean asks, boolean said, String sentence)
      implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("call", call, "days", days, "asks", asks, "said", said, "sentence", sentence);
    }
  }

  /**
   * What three sound pairs read on an earlier call, their winding's temperature known.
   *
   * @param call on which they were read
   * @param pairOhmsAt20 the mean of them at 20 °C [Ω]
   */
  public record KnownWinding(String call, LocalDate on, double pairOhmsAt20, String sentence)
      implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "call", call, "on", on.toString(), "pairOhmsAt20", pairOhmsAt20, "sentence", sentence);
    }
  }

  /**
   * @param calls to one unit, the newest first; one at least
   */
  public static UnitHistory of(List<Call> calls) {
    Call newest = calls.get(0);
    var told = newest.job().log().particulars();
    return new UnitHistory(
        told.place(),
        told.unitName(),
        calls.stream().map(UnitHistory::visit).toList(),
        MotorIn.of(calls),
        comeback(calls),
        known(calls));
  }

  private static Visit visit(Call call) {
    Job job = call.job();
    var told = job.log().particulars();
    UnitLabel label = UnitLabel.of(job, call.worked());
    String stands = job.stand().sentence();
    return new Visit(
        job.log().id(),
        call.opened(),
        told.complaint().isEmpty() ? told.symptom().title() : told.complaint(),
        stands.isEmpty() ? job.diagnosis().verdict().sentence() : stands,
        job.chosen(),
        label == null ? List.of() : label.lines(),
        pairs(Facts.of(job.facts())));
  }

  private static String pairs(Facts facts) {
    List<String> read = new ArrayList<>();
    add(read, facts, FactType.WINDING_AB, "A to B");
    add(read, facts, FactType.WINDING_BC, "B to C");
    add(read, facts, FactType.WINDING_CA, "C to A");
    if (read.isEmpty()) {
      return "";
    }
    Double celsius = facts.number(FactType.WINDING_CELSIUS);
    return String.join(", ", read)
        + (celsius == null ? ", temperature not read" : ", at " + Numbers.plain(celsius) + " °C");
  }

  private static void add(List<String> read, Facts facts, FactType pair, String name) {
    Ohms ohms = facts.ohms(pair);
    if (ohms != null) {
      read.add(name + " " + ohms.spoken());
    }
  }

  private static @Nullable Comeback comeback(List<Call> calls) {
    Call newest = calls.get(0);
    for (Call earlier : calls.subList(1, calls.size())) {
      Route way = earlier.job().chosen();
      long days = Math.max(0, ChronoUnit.DAYS.between(earlier.worked(), newest.opened()));
      if (way != null) {
        return days > HistoryFigures.COMEBACK_DAYS.value()
            ? null
            : new Comeback(
                earlier.job().log().id(),
                (int) days,
                !saidSince(earlier.job(), newest.job()),
                earlier.job().diagnosis().verdict().state() != VerdictState.OPEN,
                "Somebody was at this unit "
                    + (days == 0 ? "today" : Words.count(days, "day") + " ago")
                    + ". Chosen then: "
                    + Words.inside(way.title())
                    + ". What was changed then comes first: plug and pins, link, tap, switch, wire.");
      }
    }
    return null;
  }

  /** What was said before it came back was said without knowing that it would. */
  private static boolean saidSince(Job earlier, Job newest) {
    OffsetDateTime opened = OffsetDateTime.parse(newest.log().openedAt());
    return earlier.log().outcomes().stream()
        .anyMatch(one -> OffsetDateTime.parse(one.at()).isAfter(opened));
  }

  /**
   * Only of the motor that is in the unit now: none that was read before another went in, or may
   * have. Without the winding's temperature a figure says too little: an attic makes a tenth.
   */
  private static @Nullable KnownWinding known(List<Call> calls) {
    Job now = calls.get(0).job();
    if (role(now, calls) == null) {
      return null;
    }
    for (int at = 0; at < calls.size(); at++) {
      Call call = calls.get(at);
      Job job = call.job();
      if (role(job, calls) == null) {
        // It may be either of two motors: what went in on this call may be the other one, too.
        if (changesMotor(job)) {
          return null;
        }
        continue;
      }
      if (role(job, calls) != role(now, calls)) {
        continue;
      }
      boolean same =
          job.log().particulars().motor().family() == now.log().particulars().motor().family();
      // The newest call's own readings are what is judged, not what it is judged by.
      if (changesMotor(job) || !same) {
        return null;
      }
      if (at > 0) {
        KnownWinding known = known(call);
        if (known != null) {
          return known;
        }
      }
    }
    return null;
  }

  /**
   * Which fan the motor of a call turns; null where it may be either.
   *
   * @param calls to the unit: what kind it is may have been said on another one
   */
  static @Nullable Role role(Job job, List<Call> calls) {
    Particulars told = job.log().particulars();
    UnitPlate.Builder unit = told.unit().but();
    if (told.unit().kind() == null) {
      List<UnitPlate.Kind> kinds =
          calls.stream()
              .map(one -> one.job().log().particulars().unit().kind())
              .filter(Objects::nonNull)
              .distinct()
              .toList();
      // A system of two boxes may go by one name: then nobody knows which is meant.
      unit.kind(kinds.size() == 1 ? kinds.get(0) : null);
    }
    return unit.build().roleOf(told.motor().family());
  }

  /** Whether another motor went in on this call, or may have. */
  public static boolean changesMotor(Job job) {
    Route way = job.chosen();
    return way != null && (way.isNewMotor() || way == Route.BOARD_AND_MOTOR);
  }

  private static @Nullable KnownWinding known(Call call) {
    Facts facts = Facts.of(call.job().facts());
    Ohms ab = facts.ohms(FactType.WINDING_AB);
    Ohms bc = facts.ohms(FactType.WINDING_BC);
    Ohms ca = facts.ohms(FactType.WINDING_CA);
    Double celsius = facts.number(FactType.WINDING_CELSIUS);
    boolean sound = call.job().diagnosis().winding().state() == WindingState.SOUND;
    if (ab == null || bc == null || ca == null || celsius == null || !sound) {
      return null;
    }
    double pair =
        Copper.at((ab.value() + bc.value() + ca.value()) / 3, celsius, Copper.REFERENCE_CELSIUS);
    return new KnownWinding(
        call.job().log().id(),
        call.opened(),
        pair,
        "On "
            + call.opened()
            + " this winding was sound: "
            + Numbers.plain(pair, 2)
            + " Ω a pair at 20 °C.");
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "place", place,
        "unit", unit,
        "visits", visits,
        "motors", motors,
        "comeback", comeback,
        "known", known);
  }
}
