package variablerotor.core.wiring;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import variablerotor.core.circuit.Complex;
import variablerotor.core.circuit.Ngspice;

/**
 * Voltages across coils and windings against ngspice, a general circuit simulator, where it is
 * installed: on planned wirings, on two coils in series, and on random ones.
 */
class PotentialsSimulatorTest {
  @TempDir Path folder;

  @Test
  void loadsGetWhatTheSimulatorSays() throws Exception {
    Ngspice.needed();
    List<Wiring> wirings = new ArrayList<>();
    wirings.add(Wirings.staged());
    wirings.add(Wirings.changed(Wirings.staged(), "-K1.B-TR.C", "-HIGH.O-K2.A", "+K1.B-K2.A"));
    for (long seed = 1; seed <= 40; seed++) {
      wirings.add(RandomWirings.of(seed));
    }
    int compared = 0;
    for (Wiring wiring : wirings) {
      for (Wiring.Call call : wiring.calls()) {
        compared += compare(wiring, call);
      }
    }
    System.out.println("compared with ngspice: " + compared + " voltages");
    assertTrue(compared > 300, "compared " + compared);
  }

  private int compare(Wiring wiring, Wiring.Call call) throws Exception {
    Board board = new Board(wiring);
    Nets nets = Simulation.raised(board, call);
    Potentials ours = new Potentials(board, nets);
    if (!ours.meetings().isEmpty()) {
      // A short has no voltages: ngspice refuses a loop of sources, too.
      return 0;
    }
    List<Potentials.Load> loads =
        board.loads.stream().filter(one -> nets.of(one.from()) != nets.of(one.to())).toList();
    StringBuilder deck = new StringBuilder("wiring\n");
    int named = 0;
    for (Potentials.Source one : board.sources) {
      if (nets.of(one.plus()) != nets.of(one.minus())) {
        Complex volts = one.volts();
        deck.append("V" + named++ + " n" + nets.of(one.plus()) + " n" + nets.of(one.minus()))
            .append(
                String.format(
                    Locale.ROOT,
                    " AC %.6f %.6f%n",
                    volts.magnitude(),
                    Math.toDegrees(Math.atan2(volts.im(), volts.re()))));
      }
    }
    int ground =
        wiring.parts().stream()
            .filter(one -> one.type().isLine())
            .mapToInt(one -> nets.of(board.at(one, "G")))
            .findFirst()
            .orElseThrow();
    deck.append("Vground n" + ground + " 0 AC 0\n");
    for (int at = 0; at < loads.size(); at++) {
      Potentials.Load one = loads.get(at);
      deck.append("R" + at + " n" + nets.of(one.from()) + " n" + nets.of(one.to()))
          .append(String.format(Locale.ROOT, " %.6f%n", one.ohms()));
    }
    for (int net = 0; net < board.terminals.size(); net++) {
      if (nets.of(net) == net) {
        deck.append("Rleak" + net + " n" + net + " 0 1e9\n");
      }
    }
    deck.append(".ac lin 1 60 60\n.control\nrun\n");
    for (int at = 0; at < loads.size(); at++) {
      Potentials.Load one = loads.get(at);
      deck.append("let d" + at + " = mag(v(n" + nets.of(one.from()) + ")-v(n" + nets.of(one.to()))
          .append("))\nprint d" + at + "\n");
    }
    deck.append("quit\n.endc\n.end\n");
    String output = Ngspice.run(folder, deck);
    Matcher said = Pattern.compile("(?m)^d(\\d+) = ([-+.\\deE]+)").matcher(output);
    int compared = 0;
    while (said.find()) {
      Potentials.Load one = loads.get(Integer.parseInt(said.group(1)));
      double simulated = Double.parseDouble(said.group(2));
      assertEquals(
          simulated,
          ours.between(one.from(), one.to()),
          0.05 + 1e-3 * simulated,
          () ->
              board.terminals.get(one.from())
                  + " to "
                  + board.terminals.get(one.to())
                  + " on "
                  + call
                  + " of "
                  + wiring.wires());
      compared++;
    }
    assertEquals(loads.size(), compared, output);
    return compared;
  }
}
