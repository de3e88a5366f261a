package variablerotor.server.document;

import com.lowagie.text.Document;
import com.lowagie.text.Image;
import com.lowagie.text.pdf.BaseFont;
import com.lowagie.text.pdf.PdfPTable;
import com.lowagie.text.pdf.PdfWriter;
import java.awt.Color;
import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.casefile.AsWiredReader;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.drawing.Drawing;
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

/** A conversion as it was made: what it does on each call, its wires, and both drawings. */
final class WiringPages {
  /** Room for a drawing on a page [pt]. */
  private static final float WIDE = 500;

  private static final float HIGH = 600;
  private static final int MOST_FINDINGS = 8;

  private final Document page;
  private final PdfWriter writer;
  private final BaseFont regular;
  private final BaseFont bold;

  WiringPages(Document page, PdfWriter writer, BaseFont regular, BaseFont bold) {
    this.page = page;
    this.writer = writer;
    this.regular = regular;
    this.bold = bold;
  }

  void add(CallView.WiredView wired, String at) {
    AsWired made = read(wired);
    Wiring wiring = made.wiring();
    Progress progress = Progress.of(made);
    Result result = progress.result();
    page.newPage();
    say("Conversion as wired", bold, 15, Report.INK, 0);
    say("Recorded by " + wired.author() + ", " + at + ".", regular, 8.5f, Report.SOFT, 2);
    say(verdict(progress), bold, 11, result.ok() ? Report.INK : Report.FAILED, 6);
    result.all().stream()
        .filter(one -> one.kind() != Finding.Kind.UNEXPECTED)
        .map(Finding::sentence)
        .distinct()
        .limit(MOST_FINDINGS)
        .forEach(one -> say(one, regular, 9.5f, Report.INK, 2));
    calls(result, made.beforeAfter(result));
    if (progress.done()) {
      checks(made, result);
    }
    Lit lit = Lit.dark(wiring).marking(result.all());
    WireTags tags = WireTags.of(made);
    drawing("Ladder", Ladder.of(wiring, lit, tags).drawing());
    page.newPage();
    wires(made, progress);
    drawing("Connections", Connections.of(wiring, lit, tags).drawing());
    say(
        "Simulation proves the record, not the copper. Symbols after ANSI/IEEE Std 315 (from"
            + " memory).",
        regular,
        7.5f,
        Report.SOFT,
        6);
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

  private void say(String text, BaseFont face, float size, Color colour, float before) {
    page.add(Report.text(text, face, size, colour, before));
  }

  private void calls(Result result, @Nullable BeforeAfter both) {
    say("Call by call", bold, 10.5f, Report.COPPER, 9);
    PdfPTable table = new PdfPTable(new float[] {2.2f, 2.4f, 1.4f, 4});
    table.setWidthPercentage(100);
    table.setSpacingBefore(3);
    for (String head : List.of("Call", both == null ? "" : "Before", "Now", "")) {
      table.addCell(Report.cell(head, bold, Report.SOFT));
    }
    for (int at = 0; at < result.calls().size(); at++) {
      Run run = result.calls().get(at);
      BeforeAfter.Row row = both == null ? null : both.rows().get(at);
      table.addCell(Report.cell(BeforeAfter.title(run.name()), regular, Report.INK));
      table.addCell(Report.cell(row == null ? "" : row.before(), regular, Report.INK));
      table.addCell(Report.cell(row == null ? run.motor() : row.after(), bold, Report.INK));
      table.addCell(Report.cell(row == null ? "" : row.sentence(), regular, Report.INK));
    }
    page.add(table);
    if (both != null) {
      say("Lost: " + String.join(" ", both.lost()), regular, 9, Report.INK, 4);
    }
  }

  private void checks(AsWired made, Result result) {
    List<PowerCheck> checks = BeforePower.of(made.wiring(), result);
    if (checks.isEmpty()) {
      return;
    }
    say("Before power", bold, 10.5f, Report.COPPER, 9);
    for (PowerCheck.Step step : PowerCheck.Step.values()) {
      List<PowerCheck> mine = checks.stream().filter(one -> one.step() == step).toList();
      long seen = mine.stream().filter(one -> isSeen(made, one)).count();
      say(
          title(step) + ": " + seen + " of " + mine.size() + " seen as they must be.",
          regular,
          9.5f,
          Report.INK,
          1);
    }
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

  private void wires(AsWired made, Progress progress) {
    say("Wires", bold, 10.5f, Report.COPPER, 0);
    PdfPTable table = new PdfPTable(new float[] {0.7f, 3, 2, 0.7f, 3, 2});
    table.setWidthPercentage(100);
    table.setSpacingBefore(3);
    for (Wiring.Wire wire : made.wiring().wires()) {
      table.addCell(Report.cell(progress.number(wire), bold, Report.SOFT));
      table.addCell(Report.cell(wire.from() + " – " + wire.to(), regular, Report.INK));
      table.addCell(Report.cell(mark(made, wire), regular, Report.SOFT));
    }
    table.completeRow();
    page.add(table);
  }

  private static String mark(AsWired made, Wiring.Wire wire) {
    return made.marks().stream()
        .filter(one -> wire.isLike(new Wiring.Wire(one.from(), one.to())))
        .map(one -> (one.colour() + " " + one.label()).trim())
        .findFirst()
        .orElse("");
  }

  private void drawing(String title, Drawing drawing) {
    say(title, bold, 10.5f, Report.COPPER, 9);
    Image image = PaperDrawing.of(drawing, writer, regular, bold, WIDE);
    float natural = (float) drawing.width();
    image.scaleToFit(Math.min(WIDE, natural), HIGH);
    page.add(image);
  }
}
