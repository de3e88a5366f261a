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
 * Voltages across coils, windings, start windings, capacitors and transformers against ngspice, a
 * general circuit simulator, where it is installed: on planned wirings, on two coils in series, on
 * transformers fed in every way, and on random ones.
 */
class PotentialsSimulatorTest {
  @TempDir Path folder;

  @Test
  void loadsGetWhatTheSimulatorSays() throws Exception {
    Ngspice.needed();
    List<Wiring> wirings = new ArrayList<>();
    wirings.add(Wirings.staged());
    wirings.add(Wirings.changed(Wirings.staged(), "-K1.B-TR.C", "-HIGH.O-K2.A", "+K1.B-K2.A"));
    for (String feed : FEEDS) {
      wirings.add(Wirings.changed(Wirings.staged(), feed.split(" ")));
    }
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

  /**
   * A transformer's line side: open, on one leg, leg to ground, behind a coil, in a motor's leg.
   */
  private static final List<String> FEEDS =
      List.of(
          "-SRC.L2-TR.H2",
          "-SRC.L2-TR.H2 +SRC.L1-TR.H2",
          "-SRC.L2-TR.H2 +SRC.G-TR.H2",
          "-SRC.L2-TR.H2 +M.HIGH-TR.H2",
          "-CT.T1-DF.1 +TR.R-M.LOW",
          "-M.CAP1-CAP.1 +M.CAP1-M.HIGH",
          "-M.CAP2-CAP.2 +SRC.G-CAP.2");

  private int compare(Wiring wiring, Wiring.Call call) throws Exception {
    Board board = new Board(wiring);
    Nets nets = Simulation.raised(board, call);
    Potentials ours = new Potentials(board, nets);
    if (!ours.meetings().isEmpty() || ours.circles()) {
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
      String ends = at + " n" + nets.of(one.from()) + " n" + nets.of(one.to());
      boolean capacitor = one.ohms().im() < 0;
      deck.append(capacitor ? "C" + ends : "R" + ends)
          .append(
              capacitor
                  ? String.format(Locale.ROOT, " %.9e%n", -1 / (2 * Math.PI * 60 * one.ohms().im()))
                  : String.format(Locale.ROOT, " %.6f%n", one.ohms().re()));
    }
    for (int at = 0; at < board.secondaries.size(); at++) {
      // A transformer is a source that its line side rules, behind next to no ohms. What a dead one
      // does to a voltage that others put on it is left open here and there.
      Board.Secondary one = board.secondaries.get(at);
      if (ours.given(one) == 0) {
        continue;
      }
      deck.append("E" + at + " inside" + at + " n" + nets.of(one.c()))
          .append(" n" + nets.of(one.h1()) + " n" + nets.of(one.h2()))
          .append(String.format(Locale.ROOT, " %.9f%n", 24 / one.primaryVolts()))
          .append("Rwinding" + at + " inside" + at + " n" + nets.of(one.r()) + " 1e-4\n");
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
