package variablerotor.cli;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.view.Answers;
import variablerotor.json.Json;

/**
 * The command line: {@code diagnose}, {@code options}, {@code wiring}, {@code plan}, {@code proof}
 * and {@code van} with a FILE, or {@code -} for documents line by line; {@code wiring FILE --svg
 * OUT.svg} draws it, too; {@code bench}; {@code odds}; {@code senses}.
 */
public final class Main {
  static final int OK = 0;
  static final int BAD_INPUT = 2;

  /** A fault of this program, not of the input. */
  static final int FAILED = 1;

  /** Largest file or line that is read [character]. */
  static final int LONGEST = 4_000_000;

  /** Answers one plain tree with another. */
  interface Verb {
    Object answer(Object tree) throws InputFaults;
  }

  private final InputStream in;
  private final PrintStream out;
  private final PrintStream err;

  Main(InputStream in, PrintStream out, PrintStream err) {
    this.in = in;
    this.out = out;
    this.err = err;
  }

  public static void main(String[] args) {
    PrintStream out = new PrintStream(System.out, false, StandardCharsets.UTF_8);
    PrintStream err = new PrintStream(System.err, true, StandardCharsets.UTF_8);
    int status = new Main(System.in, out, err).run(args);
    out.flush();
    System.exit(status);
  }

  int run(String[] given) {
    String[] args = given;
    if (args.length == 4 && args[1].equals("--svg")) {
      args = new String[] {args[0], args[3], args[1], args[2]};
    }
    if (args.length > 0 && args[0].equals("bench")) {
      return Bench.run(List.of(args).subList(1, args.length), out, err);
    }
    if (args.length > 0 && args[0].equals("odds")) {
      return Odds.run(List.of(args).subList(1, args.length), out, err);
    }
    if (args.length > 0 && args[0].equals("senses")) {
      return Senses.run(List.of(args).subList(1, args.length), out, err);
    }
    Map<String, Verb> verbs =
        Map.of(
            "diagnose",
            Answers::diagnose,
            "options",
            tree -> Answers.options(tree, LocalDate.now(ZoneId.systemDefault())),
            "wiring",
            Answers::wiring,
            "plan",
            Answers::plan,
            "proof",
            Answers::proof,
            "van",
            Answers::van);
    boolean draws = args.length == 4 && args[0].equals("wiring") && args[2].equals("--svg");
    Verb verb = args.length == 2 || draws ? verbs.get(args[0]) : null;
    if (verb == null || (draws && args[1].equals("-"))) {
      err.println(
          "usage: rotor diagnose|options|wiring|plan|proof|van FILE|-, rotor wiring FILE --svg OUT.svg, rotor bench [--cases N] [--seed N], rotor odds [COUNTS.csv [--strength N]], rotor senses [--seed N]");
      return BAD_INPUT;
    }
    try {
      return args[1].equals("-")
          ? lines(verb)
          : file(verb, Path.of(args[1]), draws ? Path.of(args[3]) : null);
    } catch (IOException | java.nio.file.InvalidPathException unreadable) {
      err.println(args[1] + ": cannot be read");
      return BAD_INPUT;
    }
  }

  /**
   * @param picture where it is drawn to; null for nowhere
   */
  int file(Verb verb, Path path, @Nullable Path picture) throws IOException {
    if (Files.isDirectory(path) || Files.size(path) > LONGEST) {
      err.println(path + ": found a folder or a file too large; allowed is one case file");
      return BAD_INPUT;
    }
    try {
      Object tree = Json.read(Files.readString(path));
      out.println(Json.writePretty(verb.answer(tree)));
      return picture == null ? OK : draw(tree, picture);
    } catch (InputFaults faults) {
      for (InputFault fault : faults.faults()) {
        err.println((fault.path().isEmpty() ? "$" : fault.path()) + ": " + fault.message());
      }
      return BAD_INPUT;
    } catch (java.nio.charset.CharacterCodingException notText) {
      err.println("$: found bytes that are not UTF-8 text; allowed is JSON in UTF-8");
      return BAD_INPUT;
    } catch (RuntimeException | StackOverflowError fault) {
      err.println("$: " + Failure.told(fault));
      return FAILED;
    }
  }

  private int draw(Object tree, Path picture) throws InputFaults {
    try {
      Files.writeString(picture, Answers.drawing(tree));
      return OK;
    } catch (IOException unwritable) {
      err.println(picture + ": cannot be written");
      return BAD_INPUT;
    }
  }

  int lines(Verb verb) throws IOException {
    BufferedReader reader = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8));
    for (String line = reader.readLine(); line != null; line = reader.readLine()) {
      if (line.isBlank()) {
        continue;
      }
      out.println(Json.write(answer(verb, line)));
      out.flush();
    }
    return OK;
  }

  private static Object answer(Verb verb, String line) {
    try {
      return verb.answer(Json.read(line));
    } catch (InputFaults faults) {
      List<Object> errors = new ArrayList<>();
      for (InputFault fault : faults.faults()) {
        errors.add(Map.of("path", fault.path(), "message", fault.message()));
      }
      return Map.of("errors", errors);
    } catch (RuntimeException | StackOverflowError fault) {
      // Told in one line, so that the next case is read.
      return Map.of("errors", List.of(Map.of("path", "", "message", Failure.told(fault))));
    }
  }
}
