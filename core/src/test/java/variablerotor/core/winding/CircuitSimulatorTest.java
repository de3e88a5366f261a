package variablerotor.core.winding;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import variablerotor.core.bench.FaultyWinding;
import variablerotor.core.circuit.Ngspice;

/** The network of the tests against ngspice, a general circuit simulator, where it is installed. */
class CircuitSimulatorTest {
  @TempDir Path folder;

  @Test
  void networkReadsAsTheSimulatorDoes() throws Exception {
    Ngspice.needed();
    FaultyWinding motor = FaultyWinding.touching(3.53, 1, 0.2, 2, 0.31);
    for (int[] pair : new int[][] {{0, 1}, {1, 2}, {2, 0}}) {
      double simulated = simulate(motor.netlist(pair[0], pair[1]));
      assertEquals(simulated, motor.between(pair[0], pair[1]), 1e-4 * simulated);
    }
  }

  private double simulate(String netlist) throws Exception {
    String output = Ngspice.run(folder, netlist);
    Matcher volts = Pattern.compile("(?m)^\\s*n\\w+\\s+([-+.\\deE]+)").matcher(output);
    double most = 0;
    while (volts.find()) {
      most = Math.max(most, Double.parseDouble(volts.group(1)));
    }
    assertTrue(most > 0, output);
    return most;
  }
}
