package variablerotor.core.handover;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.fitting.Fitting;
import variablerotor.core.fitting.Hold;
import variablerotor.core.fitting.Stage;
import variablerotor.core.fitting.Step;
import variablerotor.core.job.Job;
import variablerotor.core.job.JobLog;
import variablerotor.core.job.Settings;
import variablerotor.core.proof.Proof;
import variablerotor.core.route.Route;
import variablerotor.core.text.Numbers;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;
import variablerotor.core.wiring.PlanRequest;
import variablerotor.core.wiring.Progress;

/**
 * What whoever opens the unit next must know before touching it. It says what was done and noted,
 * and nothing that was only planned.
 *
 * @param lines what was fitted, how it is set, what is switched off and why
 * @param code the same as plain text, line by line, as its QR code says it; its last line names the
 *     call, by which the shop finds it again
 */
public record UnitLabel(String place, String unit, List<LabelLine> lines, String code)
    implements Node {
  /** What begins the line of its text that names the call. */
  public static final String CALL = "Call: ";

  /** Longest that one thing is said on a label; the whole stands with the call [characters]. */
  private static final int LONGEST = 110;

  public UnitLabel {
    lines = List.copyOf(lines);
  }

  /** One thing, under its name. */
  public record LabelLine(String title, String said) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("title", title, "said", said);
    }
  }

  /**
   * Of a job whose steps are done, or that runs on something until a day; null before.
   *
   * @param fittedOn the day on which the last of it was done
   */
  public static @Nullable UnitLabel of(Job job, LocalDate fittedOn) {
    Fitting fitting = job.fitting();
    Route way = job.chosen();
    JobLog.Fitted last = job.fitted();
    if (fitting == null || way == null || last == null || last.record().job().way() != way) {
      return null;
    }
    Hold hold = fitting.record().hold();
    boolean bridged = hold != null && hold.reason() == Hold.Reason.BRIDGED;
    if (!fitting.isDone() && !bridged) {
      return null;
    }
    List<LabelLine> lines = new ArrayList<>();
    // What was chosen is not in the unit before its steps are done: then it is what is to come.
    if (fitting.isDone()) {
      add(lines, "Fitted", fitted(job, way) + ", " + fittedOn);
    }
    if (hold != null) {
      add(
          lines,
          "For a time",
          hold.sentence() + (hold.until() == null ? "" : " Until " + hold.until() + "."));
    }
    if (!fitting.isDone()) {
      add(lines, "To come", fitted(job, way));
    }
    if (way.isWired()) {
      add(lines, "Capacitor", capacitor(job.wired()));
    }
    for (Fitting.Standing one : fitting.steps()) {
      if (one.step().stage() == Stage.SETTINGS && one.state() == Fitting.State.DONE) {
        add(lines, one.step().title(), noted(one) + why(one, fitting));
      }
      boolean plugs = one.step().id().equals("in.oldplugs");
      if (plugs && one.state() == Fitting.State.DONE) {
        add(lines, "Old line plug", "stays live, dead-ended and insulated");
      }
    }
    Proof proof = job.repair();
    add(lines, "Proved", proof == null ? "not yet" : proof.headline());
    Settings shop = job.settings();
    add(lines, "Shop", (orNothing(shop.name()) + " " + orNothing(shop.phone())).trim());
    String place = job.log().particulars().place();
    String unit = job.log().particulars().unitName();
    return new UnitLabel(place, unit, lines, text(place, unit, lines, job.log().id()));
  }

  private static String orNothing(@Nullable String given) {
    return given == null ? "" : given;
  }

  private static String fitted(Job job, Route way) {
    List<JobLog.Decided> decided = job.log().decisions();
    String candidate = decided.get(decided.size() - 1).candidate();
    return way.title() + (candidate == null ? "" : " " + candidate);
  }

  /** That of the plan that was made to its last wire; else nobody knows which went in. */
  private static String capacitor(JobLog.@Nullable Wired wired) {
    PlanRequest plan = wired == null ? null : wired.made().plan();
    if (wired == null || plan == null || plan.microfarads() == null) {
      return "";
    }
    if (!Progress.of(wired.made()).done()) {
      return "";
    }
    Double volts = plan.capacitorVolts();
    return Numbers.plain(plan.microfarads())
        + " µF"
        + (volts == null ? "" : ", " + Numbers.plain(volts) + " V or more");
  }

  /** What was noted at a step; by its name where several things were. */
  private static String noted(Fitting.Standing one) {
    List<Step.Back> noted = one.noted();
    if (noted.size() == 1) {
      return noted.get(0).value();
    }
    List<String> said = noted.stream().map(each -> each.title() + ": " + each.value()).toList();
    return String.join("; ", said);
  }

  /** Why a switch of the board is off, for whoever finds it so. */
  private static String why(Fitting.Standing one, Fitting fitting) {
    boolean off = fitting.record().notes().say("speed.proof", "OFF");
    return one.step().id().equals("set.proof") && off
        ? ", so that the board does not lock out a motor that sends no pulses"
        : "";
  }

  private static void add(List<LabelLine> lines, String title, String said) {
    if (!said.isEmpty()) {
      lines.add(
          new LabelLine(
              title, said.length() <= LONGEST ? said : said.substring(0, LONGEST - 1) + "…"));
    }
  }

  private static String text(String place, String unit, List<LabelLine> lines, String call) {
    StringBuilder text = new StringBuilder("Unit: ").append(place);
    if (!unit.isEmpty()) {
      text.append(", ").append(unit);
    }
    lines.forEach(one -> text.append('\n').append(one.title()).append(": ").append(one.said()));
    return text.append('\n').append(CALL).append(call).toString();
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of("place", place, "unit", unit, "lines", lines, "code", code);
  }
}
