package variablerotor.core.bench;

import java.util.ArrayList;
import java.util.List;

/**
 * Resistances between nodes, solved by nodal analysis (Kirchhoff's current law and Gaussian
 * elimination).
 */
public final class Network {
  private record Resistor(int from, int to, double ohms) {}

  /** Stands for a path that is not there, and for one without resistance [Ω]. */
  static final double OPEN = 1e12;

  static final double JOINED = 1e-9;

  private final List<Resistor> resistors = new ArrayList<>();
  private int nodes;

  public Network add(int from, int to, double ohms) {
    resistors.add(new Resistor(from, to, Math.max(JOINED, ohms)));
    nodes = Math.max(nodes, Math.max(from, to) + 1);
    return this;
  }

  /** What an ohmmeter between two nodes reads [Ω]. */
  public double between(int plus, int minus) {
    double[][] g = new double[nodes][nodes + 1];
    for (Resistor r : resistors) {
      double s = 1 / r.ohms;
      g[r.from][r.from] += s;
      g[r.to][r.to] += s;
      g[r.from][r.to] -= s;
      g[r.to][r.from] -= s;
    }
    for (int i = 0; i < nodes; i++) {
      g[i][i] += 1e-15;
    }
    g[plus][nodes] = 1;
    for (int i = 0; i <= nodes; i++) {
      g[minus][i] = i == minus ? 1 : 0;
    }
    for (int p = 0; p < nodes; p++) {
      int best = p;
      for (int r = p + 1; r < nodes; r++) {
        best = Math.abs(g[r][p]) > Math.abs(g[best][p]) ? r : best;
      }
      double[] swap = g[p];
      g[p] = g[best];
      g[best] = swap;
      for (int r = 0; r < nodes; r++) {
        double k = r == p ? 0 : g[r][p] / g[p][p];
        for (int c = p; k != 0 && c <= nodes; c++) {
          g[r][c] -= k * g[p][c];
        }
      }
    }
    return g[plus][nodes] / g[plus][plus];
  }

  /** The netlist of a source of 1 A between two nodes, for a circuit simulator. */
  public String netlist(int plus, int minus) {
    StringBuilder text = new StringBuilder("ohmmeter\n");
    int n = 1;
    for (Resistor r : resistors) {
      text.append("R" + n++ + " n" + r.from + " n" + r.to + " " + r.ohms + "\n");
    }
    text.append("I1 0 n" + plus + " 1\nV1 n" + minus + " 0 0\n");
    return text.append(".op\n.print dc v(n" + plus + ")\n.end\n").toString();
  }
}
