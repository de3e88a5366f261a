package variablerotor.core.fitting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * How far a job is: its steps, each with how it stands, and the one that is next.
 *
 * @param changed what was changed, to be looked at first where the repair fails
 */
public record Fitting(FitRecord record, List<Standing> steps, List<Ask> changed) implements Node {
  public Fitting {
    steps = List.copyOf(steps);
    changed = List.copyOf(changed);
  }

  /** Behind the id of what was asked: what was noted there before it was mended. */
  private static final String WAS = ".was";

  /** How a step stands. */
  public enum State {
    TO_DO,
    DONE,
    SKIPPED,
    /** What was noted at it says that it is not done. */
    TROUBLE
  }

  /**
   * A step and how it stands.
   *
   * @param note what stands against it, or why it was left out; empty for neither
   * @param noted what was noted at it, as it is said
   */
  public record Standing(Step step, State state, String note, List<Step.Back> noted)
      implements Node {
    public Standing {
      noted = List.copyOf(noted);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of("step", step, "state", state, "note", note, "noted", noted);
    }
  }

  /** Of what was done of a job. */
  public static Fitting of(FitRecord record) {
    FitCase job = record.job();
    List<Step> steps = Steps.of(job, record.notes());
    return new Fitting(
        record, steps.stream().map(one -> standing(one, record)).toList(), changed(job, steps));
  }

  private static Standing standing(Step step, FitRecord record) {
    List<Step.Back> noted = new ArrayList<>();
    for (Ask ask : step.asks()) {
      String spoken = record.notes().spoken(ask);
      if (spoken != null) {
        noted.add(new Step.Back(ask.title(), spoken));
      }
      Ask.Word was = was(ask, record);
      if (was != null) {
        noted.add(new Step.Back(ask.title() + " before that", was.title()));
      }
    }
    FitRecord.Mark mark = record.mark(step.id());
    String trouble = Steps.trouble(step, record.job(), record.notes());
    // What was noted against it is not undone by leaving the step out.
    if (trouble != null) {
      return new Standing(step, State.TROUBLE, trouble, noted);
    }
    if (mark == null) {
      return new Standing(step, State.TO_DO, "", noted);
    }
    if (!mark.done()) {
      // What must not be left out is still to do, whatever was said.
      return step.skippable()
          ? new Standing(step, State.SKIPPED, mark.why(), noted)
          : new Standing(step, State.TO_DO, "", noted);
    }
    String missing = missing(step, record);
    return new Standing(step, missing.isEmpty() ? State.DONE : State.TO_DO, missing, noted);
  }

  /** What is asked at a step and is not noted, or not back; empty where nothing is. */
  private static String missing(Step step, FitRecord record) {
    for (Ask ask : step.asks()) {
      if (ask.needed() && !record.notes().have(ask.id())) {
        return "Still to be noted: " + ask.title() + ".";
      }
    }
    boolean left =
        step.list() == Step.Listing.BACK && record.removed().stream().anyMatch(one -> !one.back());
    return left ? "Not everything is back in." : "";
  }

  private static List<Ask> changed(FitCase job, List<Step> steps) {
    List<Ask> changed = new ArrayList<>();
    List<String> ids = steps.stream().map(Step::id).toList();
    if (ids.contains("in.pins")) {
      changed.add(Asked.again("PLUG", "Plugs: latched, each pin at full height"));
    }
    if (ids.contains("set.link")) {
      changed.add(Asked.again("LINK", "The voltage link, against the line as measured"));
    }
    if (ids.contains("set.taps") || ids.contains("set.command")) {
      changed.add(Asked.again("TAP", "Taps, speed or command"));
    }
    if (ids.contains("set.proof") || ids.contains("set.board")) {
      changed.add(Asked.again("SWITCH", "Switches of the board, proof of speed"));
    }
    if (job.way().isWired() || job.has(Body.BOARD) || job.has(Body.DRIVE)) {
      changed.add(Asked.again("WIRE", "Each wire that was moved or made"));
    }
    if (job.takesWheelOff() || job.has(Body.FAN)) {
      changed.add(Asked.again("WHEEL", "The wheel: free, on its flat, the right way round"));
    }
    if (ids.contains("set.program")) {
      changed.add(Asked.again("PROGRAM", "Programmed for this unit"));
    }
    return changed;
  }

  /** The step that is next: one in trouble before all; null where none is left. */
  public @Nullable Standing next() {
    Standing next = null;
    for (Standing one : steps) {
      if (one.state() == State.TROUBLE) {
        return one;
      }
      if (next == null && one.state() == State.TO_DO) {
        next = one;
      }
    }
    return next;
  }

  /** Whether what was noted at a step stands against the job. */
  public boolean isInTrouble() {
    Standing next = next();
    return next != null && next.state() == State.TROUBLE;
  }

  /** Whether a step of it was done or left out, something stands against it, or it waits. */
  public boolean isBegun() {
    return !record.marks().isEmpty() || record.hold() != null || isInTrouble();
  }

  /** Whether every step is done, or left out with a word. */
  public boolean isDone() {
    return next() == null;
  }

  /** How it stands, in a sentence. */
  public String headline() {
    Standing next = next();
    if (next == null) {
      return "Fitted: to be proved.";
    }
    long seen =
        steps.stream()
            .filter(one -> one.state() == State.DONE || one.state() == State.SKIPPED)
            .count();
    return isInTrouble()
        ? next.step().title() + ": " + next.note()
        : seen + " of " + steps.size() + " steps. Next: " + next.step().title() + ".";
  }

  /** What was done, noted, mended on the way and left out, line by line, for whoever comes next. */
  public List<String> lines() {
    List<String> lines = new ArrayList<>();
    for (Standing one : steps) {
      String title = one.step().title();
      switch (one.state()) {
        case DONE -> lines.add("Done. " + title + noted(one));
        case SKIPPED -> lines.add("Left out. " + title + ": " + one.note() + ".");
        case TROUBLE -> lines.add("Not done. " + title + noted(one));
        case TO_DO -> {}
      }
      for (Ask ask : one.step().asks()) {
        Ask.Word was = was(ask, record);
        if (was != null) {
          lines.add("Mended on the way. " + ask.title() + ": " + was.title() + ".");
        }
      }
    }
    if (!record.removed().isEmpty()) {
      List<String> out = record.removed().stream().map(FitRecord.Removed::what).toList();
      lines.add("Came out for it: " + String.join(", ", out) + ".");
    }
    Hold hold = record.hold();
    if (hold != null) {
      lines.add("It does not go on now. " + hold.spoken());
    }
    return lines;
  }

  private static Ask.@Nullable Word was(Ask ask, FitRecord record) {
    return ask.said(record.notes().of(ask.id() + WAS));
  }

  private static String noted(Standing one) {
    List<String> noted = one.noted().stream().map(b -> b.title() + " " + b.value()).toList();
    return noted.isEmpty() ? "." : ": " + String.join("; ", noted) + ".";
  }

  @Override
  public Map<String, Object> tree() {
    Standing next = next();
    return Tree.of(
        "headline",
        headline(),
        "next",
        next == null ? null : next.step().id(),
        "done",
        isDone(),
        "steps",
        steps,
        "changed",
        changed);
  }
}
