package variablerotor.server.document;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.casefile.AsWiredReader;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.schematic.Connections;
import variablerotor.core.schematic.Ladder;
import variablerotor.core.schematic.Lit;
import variablerotor.core.schematic.WireTags;
import variablerotor.core.text.Words;
import variablerotor.core.view.CallView;
import variablerotor.core.wiring.AsWired;
import variablerotor.core.wiring.BeforeAfter;
import variablerotor.core.wiring.BeforePower;
import variablerotor.core.wiring.Finding;
import variablerotor.core.wiring.PowerCheck;
import variablerotor.core.wiring.Progress;
import variablerotor.core.wiring.Result;
import variablerotor.core.wiring.Run;
import variablerotor.core.wiring.Wiring;

/**
 * A conversion as it was made: what it does on each call, its wires, and both drawings as SVG.
 *
 * @param stop whether it must not be powered so
 * @param before whether what the old motor did is known
 * @param lost what the new one does no more; empty for nothing
 */
record WiringSheet(
    String by,
    boolean stop,
    String verdict,
    List<String> findings,
    boolean before,
    List<CallRow> calls,
    String lost,
    List<String> checks,
    List<WireRow> wires,
    String ladder,
    String connections) {
  private static final int MOST_FINDINGS = 8;

  /** Room for a drawing on a page [pt]. */
  private static final double WIDE = 510;

  private static final double HIGH = 600;

  /** What the motor does on a call, before and now. */
  record CallRow(String call, String before, String now, String sentence) {}

  /** A wire by its number, and how it is marked. */
  record WireRow(String number, String ends, String mark) {}

  static WiringSheet of(CallView.WiredView wired, PaperTime time) {
    AsWired made = read(wired);
    Wiring wiring = made.wiring();
    Progress progress = Progress.of(made);
    Result result = progress.result();
    BeforeAfter both = made.beforeAfter(result);
    Lit lit = Lit.dark(wiring).marking(result.all());
    WireTags tags = WireTags.of(made);
    return new WiringSheet(
        "Recorded by " + wired.author() + ", " + time.of(wired.at()) + ".",
        !result.ok(),
        verdict(progress),
        result.all().stream()
            .filter(one -> one.kind() != Finding.Kind.UNEXPECTED)
            .map(Finding::sentence)
            .distinct()
            .limit(MOST_FINDINGS)
            .toList(),
        both != null,
        calls(result, both),
        both == null ? "" : String.join(" ", both.lost()),
        progress.done() ? checks(made, result) : List.of(),
        wiring.wires().stream()
            .map(
                wire ->
                    new WireRow(
                        progress.number(wire), wire.from() + " – " + wire.to(), mark(made, wire)))
            .toList(),
        Picture.of(Ladder.of(wiring, lit, tags).drawing(), "Ladder", WIDE, HIGH),
        Picture.of(Connections.of(wiring, lit, tags).drawing(), "Connections", WIDE, HIGH));
  }

  private static String verdict(Progress progress) {
    int left = progress.toMake().size();
    if (!progress.result().ok()) {
      return "Stop: not to be powered as it is recorded.";
    }
    return left > 0
        ? "Not finished: of the plan there are left " + Words.count(left, "wire") + "."
        : "Run on every call: nothing must be stopped, and every call does what it must.";
  }

  private static AsWired read(CallView.WiredView wired) {
    try {
      return AsWiredReader.read(wired.made());
    } catch (InputFaults unreadable) {
      throw new IllegalStateException("a wiring of a call does not read", unreadable);
    }
  }

  private static List<CallRow> calls(Result result, @Nullable BeforeAfter both) {
    List<CallRow> rows = new ArrayList<>();
    for (int at = 0; at < result.calls().size(); at++) {
      Run run = result.calls().get(at);
      BeforeAfter.Row row = both == null ? null : both.rows().get(at);
      rows.add(
          new CallRow(
              BeforeAfter.title(run.name()),
              row == null ? "" : row.before(),
              row == null ? run.motor() : row.after(),
              row == null ? "" : row.sentence()));
    }
    return rows;
  }

  private static List<String> checks(AsWired made, Result result) {
    List<PowerCheck> checks = BeforePower.of(made.wiring(), result);
    List<String> lines = new ArrayList<>();
    for (PowerCheck.Step step : PowerCheck.Step.values()) {
      List<PowerCheck> mine = checks.stream().filter(one -> one.step() == step).toList();
      long seen = mine.stream().filter(one -> isSeen(made, one)).count();
      if (!checks.isEmpty()) {
        lines.add(title(step) + ": " + seen + " of " + mine.size() + " seen as they must be.");
      }
    }
    return lines;
  }

  private static boolean isSeen(AsWired made, PowerCheck check) {
    return made.ticks().stream().anyMatch(one -> one.ok() && one.check().equals(check.id()));
  }

  private static String title(PowerCheck.Step step) {
    return switch (step) {
      case OHMS -> "Ohms, everything off";
      case CONTROL -> "24 V alone, line off";
      case LINE -> "Line";
    };
  }

  private static String mark(AsWired made, Wiring.Wire wire) {
    return made.marks().stream()
        .filter(one -> wire.isLike(new Wiring.Wire(one.from(), one.to())))
        .map(one -> (one.colour() + " " + one.label()).trim())
        .findFirst()
        .orElse("");
  }
}
