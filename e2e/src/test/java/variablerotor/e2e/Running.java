package variablerotor.e2e;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;

/**
 * {@code ./rotor start} as a person runs it.
 *
 * @param output what it says
 */
record Running(Process process, Path output) {
  static final Path ROOT = Path.of("..").toAbsolutePath().normalize();

  String text() throws IOException {
    return Files.readString(output);
  }

  /**
   * A busy machine is no fault of the command: the first start unpacks, makes a database, fills it.
   */
  void waitFor(String words) throws Exception {
    Instant end = Instant.now().plus(Duration.ofSeconds(300));
    while (!text().contains(words)) {
      assertTrue(process.isAlive() && Instant.now().isBefore(end), words + " in " + text());
      Thread.sleep(100);
    }
  }

  /** As Ctrl-C does. */
  void interrupt() throws Exception {
    new ProcessBuilder("kill", "-INT", String.valueOf(process.pid())).start().waitFor();
    // The first clean end writes the classes for later starts, which a busy machine takes long
    // over.
    assertTrue(process.waitFor(180, TimeUnit.SECONDS), "it stops");
  }

  static Running start(Path data, Map<String, String> environment, String... more)
      throws IOException {
    // It finds the classes kept ready, as every start but the first does.
    Application.first();
    List<String> command =
        new ArrayList<>(
            List.of(ROOT.resolve("rotor").toString(), "start", "--data", data.toString()));
    command.addAll(List.of(more));
    Path output = Files.createTempFile("rotor-start", ".txt");
    ProcessBuilder builder =
        new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(output.toFile());
    // As with Application: it is not run long enough for the second compiler.
    builder.environment().put("JAVA_TOOL_OPTIONS", "-XX:TieredStopAtLevel=1");
    builder.environment().putAll(environment);
    return new Running(builder.start(), output);
  }

  /** Another of its verbs, to its end: what it answers the shell. */
  static int command(String... words) throws Exception {
    return verb(words).process().waitFor();
  }

  /** The same: what it says. */
  static String said(String... words) throws Exception {
    Running running = verb(words);
    running.process().waitFor();
    return running.text();
  }

  private static Running verb(String... words) throws IOException {
    List<String> all = new ArrayList<>(List.of(ROOT.resolve("rotor").toString()));
    all.addAll(List.of(words));
    Path output = Files.createTempFile("rotor-verb", ".txt");
    return new Running(
        new ProcessBuilder(all).redirectErrorStream(true).redirectOutput(output.toFile()).start(),
        output);
  }

  static int freePort() throws IOException {
    try (ServerSocket socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    }
  }
}
