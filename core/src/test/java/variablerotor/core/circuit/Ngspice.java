package variablerotor.core.circuit;

import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/** ngspice, a general circuit simulator, where it is installed; a test is left out where not. */
public final class Ngspice {
  private static final Path PROGRAM = Path.of("/usr/bin/ngspice");

  private Ngspice() {}

  /** Leaves the test out where it is not installed. */
  public static void needed() {
    assumeTrue(Files.isExecutable(PROGRAM), "ngspice is not installed");
  }

  /** All that it says of a netlist, which is put into this folder. */
  public static String run(Path folder, CharSequence netlist)
      throws IOException, InterruptedException {
    Path file = folder.resolve("netlist.cir");
    Files.writeString(file, netlist);
    Process process =
        new ProcessBuilder(PROGRAM.toString(), "-b", file.toString())
            .redirectErrorStream(true)
            .start();
    String output = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    process.waitFor();
    return output;
  }
}
