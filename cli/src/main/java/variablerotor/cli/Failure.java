package variablerotor.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/** A fault of this program: one line for whoever asked, and the trace in a file of its own. */
final class Failure {
  private Failure() {}

  /** What is said of it; where the trace is, for whoever mends it. */
  static String told(Throwable fault) {
    StringWriter trace = new StringWriter();
    fault.printStackTrace(new PrintWriter(trace));
    String said =
        "this program failed here, by a fault of its own; nothing is wrong with the input";
    try {
      Path log = Files.createTempFile("rotor-failure-", ".log");
      Files.writeString(log, trace.toString(), StandardCharsets.UTF_8);
      return said + "; what happened is in " + log;
    } catch (IOException full) {
      return said;
    }
  }
}
