package variablerotor.cli;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.family.Family;
import variablerotor.core.likelihood.Counted;
import variablerotor.core.likelihood.Experience;
import variablerotor.core.likelihood.LikelihoodTable;

/**
 * The judged likelihoods, and beside them what a shop counted: a CSV as the page gives it, with the
 * columns family, complaint, was, calls; others are left alone.
 */
final class Odds {
  private static final String USAGE = "usage: rotor odds [COUNTS.csv [--strength N]]";
  private static final List<String> COLUMNS = List.of("family", "complaint", "was", "calls");

  /** What is wrong with the table, and where. */
  private static final class Wrong extends Exception {
    private static final long serialVersionUID = 1L;

    Wrong(int line, String message) {
      super("line " + line + ": " + message);
    }
  }

  private Odds() {}

  static int run(List<String> args, PrintStream out, PrintStream err) {
    boolean weighed = args.size() == 3 && args.get(1).equals("--strength");
    Double strength = weighed ? number(args.get(2)) : (Double) Experience.STRENGTH.value();
    if (args.size() > 3 || args.size() == 2 || (args.size() == 3 && !weighed) || strength == null) {
      err.println(USAGE + ", N above 0");
      return Main.BAD_INPUT;
    }
    if (args.isEmpty()) {
      out.print(LikelihoodTable.markdown());
      return Main.OK;
    }
    try {
      Path file = Path.of(args.get(0));
      if (Files.isDirectory(file) || Files.size(file) > Main.LONGEST) {
        err.println(file + ": found a folder or a file too large; allowed is a CSV of counts");
        return Main.BAD_INPUT;
      }
      List<Counted> counts = read(Files.readAllLines(file));
      out.print(LikelihoodTable.counted(counts, strength));
      return Main.OK;
    } catch (Wrong wrong) {
      err.println(args.get(0) + ": " + wrong.getMessage());
      return Main.BAD_INPUT;
    } catch (IOException | InvalidPathException unreadable) {
      err.println(args.get(0) + ": cannot be read");
      return Main.BAD_INPUT;
    }
  }

  private static @Nullable Double number(String text) {
    try {
      double number = Double.parseDouble(text);
      return number > 0 && Double.isFinite(number) ? (Double) number : null;
    } catch (NumberFormatException none) {
      return null;
    }
  }

  /** The words are names and the numbers whole: no cell has a comma or a quote of its own. */
  private static List<String> cells(String line) {
    List<String> cells = new ArrayList<>();
    for (String cell : line.split(",", -1)) {
      cells.add(cell.replace("\"", "").strip());
    }
    return cells;
  }

  private static List<Counted> read(List<String> lines) throws Wrong {
    List<Counted> counts = new ArrayList<>();
    List<String> header = lines.isEmpty() ? List.of() : cells(lines.get(0).replace("\uFEFF", ""));
    if (!header.containsAll(COLUMNS)) {
      throw new Wrong(1, "required are the columns " + String.join(", ", COLUMNS));
    }
    for (int i = 1; i < lines.size(); i++) {
      List<String> row = cells(lines.get(i));
      if (lines.get(i).isBlank()) {
        continue;
      }
      if (row.size() != header.size()) {
        throw new Wrong(i + 1, "found " + row.size() + " cells; allowed are " + header.size());
      }
      List<Suspect> was = new ArrayList<>();
      for (String name : row.get(header.indexOf("was")).split(" ", -1)) {
        was.add(word(name, Suspect.values(), "was", i + 1));
      }
      Family family = word(row.get(header.indexOf("family")), Family.values(), "family", i + 1);
      Symptom symptom =
          word(row.get(header.indexOf("complaint")), Symptom.values(), "complaint", i + 1);
      int calls = calls(row.get(header.indexOf("calls")), i + 1);
      if (calls > 0) {
        counts.add(new Counted(family, symptom, was, calls));
      }
    }
    return counts;
  }

  private static int calls(String text, int line) throws Wrong {
    try {
      int calls = Integer.parseInt(text);
      if (calls >= 0) {
        return calls;
      }
    } catch (NumberFormatException none) {
      // Told below.
    }
    throw new Wrong(line, "calls: found \"" + text + "\"; allowed is a whole number from 0");
  }

  private static <E extends Enum<E>> E word(String name, E[] all, String column, int line)
      throws Wrong {
    for (E one : all) {
      if (one.name().equals(name.toUpperCase(Locale.ROOT))) {
        return one;
      }
    }
    List<String> names = new ArrayList<>();
    for (E one : all) {
      names.add(one.name());
    }
    throw new Wrong(
        line, column + ": found \"" + name + "\"; allowed is " + String.join(", ", names));
  }
}
