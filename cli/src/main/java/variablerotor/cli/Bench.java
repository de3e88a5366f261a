package variablerotor.cli;

import java.io.PrintStream;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import variablerotor.core.bench.CheckOrder;
import variablerotor.core.bench.Population;
import variablerotor.core.check.Symptom;
import variablerotor.core.diagnosis.BestPolicy;
import variablerotor.core.family.Family;
import variablerotor.core.likelihood.FamilyModel;

/** {@code rotor bench}: how the advice does on many simulated motors with hidden faults. */
final class Bench {
  private static final int MOST_CASES = 1_000_000;

  /** Small enough that every order of checks can be gone through. */
  private static final int SMALL_CAUSES = 10;

  private static final int SMALL_CHECKS = 7;

  private int cases = 5000;
  private long seed = 7;
  private double wrong;
  private double missing;

  private Bench() {}

  static int run(List<String> args, PrintStream out, PrintStream err) {
    Bench bench = new Bench();
    for (int i = 0; i < args.size(); i += 2) {
      String fault = bench.take(args.get(i), i + 1 < args.size() ? args.get(i + 1) : "");
      if (fault != null) {
        err.println(fault);
        return Main.BAD_INPUT;
      }
    }
    bench.print(out);
    return Main.OK;
  }

  /** Null where it is allowed, else what is. */
  private @Nullable String take(String option, String value) {
    try {
      switch (option) {
        case "--cases":
          cases = Integer.parseInt(value);
          return cases >= 1 && cases <= MOST_CASES ? null : told(option, value, "1 to 1000000");
        case "--seed":
          seed = Long.parseLong(value);
          return null;
        case "--wrong":
          wrong = share(value);
          return null;
        case "--missing":
          missing = share(value);
          return null;
        default:
          return option + ": not an option; allowed are --cases, --seed, --wrong, --missing";
      }
    } catch (NumberFormatException notOne) {
      boolean share = option.equals("--wrong") || option.equals("--missing");
      return told(option, value, share ? "a share from 0 to 0.5" : "a whole number");
    }
  }

  private static double share(String value) {
    double share = value == null ? Double.NaN : Double.parseDouble(value);
    if (!(share >= 0 && share <= 0.5)) {
      throw new NumberFormatException();
    }
    return share;
  }

  private static String told(String option, String value, String allowed) {
    return option + ": found " + (value == null ? "nothing" : value) + "; allowed is " + allowed;
  }

  private void print(PrintStream out) {
    out.printf(
        Locale.ROOT,
        "%d simulated calls, one fault each, in a tenth of them one that nobody listed, seed %d,"
            + " %.1f %% of readings wrong, %.1f %% of checks out of reach.%n",
        cases,
        seed,
        100 * wrong,
        100 * missing);
    out.println("right: the suspect that leads at the end is to blame; of listed faults.");
    out.println("proved, settled: part proved, what to do settled; neither: no proof, no remedy.");
    out.println("remedy: what was settled is rightly done. wrong: proved, and not to blame.");
    out.println("part: wrong part ordered, of 1000 calls, unlisted ones too.");
    out.println("unlisted: of calls with something unlisted, those in which another was proved.");
    out.println("checks, minutes: to the end; named, done: until the part is named, until what to");
    out.println("do is settled, where both came about; on average.");
    if (wrong > 0) {
      out.println("What a proof rests on is taken again before a dear part is chosen.");
    }
    out.println();
    out.printf(
        "%-26s %-14s %5s %6s %6s %7s %7s %7s %5s %5s %9s %6s %7s %6s %6s%n",
        "family",
        "order",
        "calls",
        "right",
        "proved",
        "settled",
        "neither",
        "remedy",
        "wrong",
        "part",
        "unlisted",
        "checks",
        "minutes",
        "named",
        "done");
    Population population = Population.run(cases, seed, wrong, missing);
    for (Family family : Family.values()) {
      for (CheckOrder order : CheckOrder.values()) {
        Population.Tally tally = population.of(family, order);
        if (tally != null) {
          line(out, family.name(), order, tally);
        }
      }
    }
    for (CheckOrder order : CheckOrder.values()) {
      line(out, "all", order, population.overall(order));
    }
    best(out);
  }

  private static void line(PrintStream out, String name, CheckOrder order, Population.Tally tally) {
    out.printf(
        Locale.ROOT,
        "%-26s %-14s %5d %6.1f %6.1f %7.1f %7.1f %7.1f %5d %5.1f %9s %6.1f %7.1f %6.1f %6.1f%n",
        name,
        order.title(),
        tally.calls(),
        tally.rightPercent(),
        tally.decidedPercent(),
        tally.settledPercent(),
        tally.undecidedPercent(),
        tally.remedyRightPercent(),
        tally.wronglyProved(),
        tally.wrongPartPerThousand(),
        tally.unlistedProved() + "/" + tally.unlisted(),
        tally.checks(),
        tally.minutes(),
        tally.namedMinutes(),
        tally.settledMinutes());
  }

  private static void best(PrintStream out) {
    out.println();
    out.printf(
        "Beside the best order there is, found exactly: the %d commonest causes, %d checks.%n",
        SMALL_CAUSES, SMALL_CHECKS);
    out.printf(
        "%-26s %-20s %8s %8s %7s %8s%n",
        "family", "complaint", "best", "advised", "above", "in order");
    for (Family family : Family.values()) {
      for (Symptom symptom : List.of(Symptom.NO_RUN, Symptom.STARTS_THEN_STOPS)) {
        if (FamilyModel.covers(family)) {
          BestPolicy.Figures figures = BestPolicy.of(family, symptom, SMALL_CAUSES, SMALL_CHECKS);
          out.printf(
              Locale.ROOT,
              "%-26s %-20s %8.2f %8.2f %5.1f %% %8.2f%n",
              family.name(),
              symptom.title(),
              figures.best(),
              figures.advised(),
              100 * (figures.advised() / figures.best() - 1),
              figures.listed());
        }
      }
    }
  }
}
