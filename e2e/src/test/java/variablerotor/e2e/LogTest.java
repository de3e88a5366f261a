package variablerotor.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import variablerotor.sampling.Sampled;

/** A log that somebody writes all the time is turned over under the writer. */
@Order(1)
class LogTest {
  private static final int LINES = 2_000;
  private static final int LARGEST = 6_000;

  /** The writer has it open to append, as the application has. */
  private static final String SCRIPT =
      """
      set -e
      . scripts/log.sh
      LARGEST_LOG=%d
      log=$1
      keep_log "$log"
      (for n in $(seq %d); do echo "line $n"; sleep 0.001; done) >>"$log" &
      while kill -0 $! 2>/dev/null; do turn_over "$log"; sleep 0.02; done
      """
          .formatted(LARGEST, LINES);

  @TempDir Path folder;

  @Test
  @Sampled(2)
  void itIsTurnedOverUnderItsWriter() throws Exception {
    Path log = folder.resolve("server.log");
    int status =
        new ProcessBuilder("bash", "-c", SCRIPT, "log", log.toString())
            .directory(Running.ROOT.toFile())
            .inheritIO()
            .start()
            .waitFor();
    assertEquals(0, status);
    List<String> lines = new ArrayList<>();
    List<Path> files = new ArrayList<>();
    for (int age = 5; age >= 0; age--) {
      Path file = age == 0 ? log : folder.resolve("server.log." + age);
      if (Files.exists(file)) {
        files.add(file);
        lines.addAll(Files.readAllLines(file));
        assertEquals(
            "rw-------", PosixFilePermissions.toString(Files.getPosixFilePermissions(file)));
      }
    }
    assertTrue(files.size() > 2, files.toString());
    try (var all = Files.list(folder)) {
      assertEquals(files.size(), all.count(), "older ones are gone");
    }
    List<Integer> numbers =
        lines.stream()
            .peek(line -> assertTrue(line.matches("line [0-9]+"), "cut or torn: " + line))
            .map(line -> Integer.parseInt(line.substring(5)))
            .toList();
    assertEquals(numbers.stream().sorted().distinct().toList(), numbers, "in order, none twice");
    assertEquals(LINES, numbers.get(numbers.size() - 1));
    int lost = LINES - numbers.get(0) + 1 - numbers.size();
    System.out.println(files.size() + " logs, " + lost + " of " + numbers.size() + " lines lost");
    assertTrue(lost < numbers.size() / 50, lost + " lines lost");
  }
}
