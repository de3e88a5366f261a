package variablerotor.core.circuit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A network of impedances, sources and contacts between named nodes, in a steady state of one
 * frequency. Solved by modified nodal analysis: Kirchhoff's current law at every node, and a
 * current of its own for each branch whose voltage is given (Ho, Ruehli and Brennan, IEEE
 * Transactions on Circuits and Systems, 1975; from memory).
 */
public final class Circuit {
  /** The branch between two nodes; its voltage is given where it has no impedance. */
  private record Branch(String name, String from, String to, Complex ohms, Complex volts) {
    boolean givesVoltage() {
      return ohms.isZero();
    }
  }

  private record Injected(String from, String to, Complex amps) {}

  private final Map<String, Branch> branches = new LinkedHashMap<>();
  private final List<Injected> injected = new ArrayList<>();

  /** What the solution says. */
  public static final class Solution {
    private final Map<String, Complex> values;
    private final Map<String, Branch> branches;

    private Solution(Map<String, Complex> values, Map<String, Branch> branches) {
      this.values = values;
      this.branches = branches;
    }

    /** Voltage of a node against the reference [V]. */
    public Complex volts(String node) {
      return values.getOrDefault(voltageOf(node), Complex.ZERO);
    }

    /** Voltage from one node to another [V]. */
    public Complex volts(String from, String to) {
      return volts(from).minus(volts(to));
    }

    /**
     * Current through a branch, from its first node to its second [A].
     *
     * @throws IllegalArgumentException for a branch that is not there
     */
    public Complex amps(String branch) {
      Branch of = branches.get(branch);
      if (of == null) {
        throw new IllegalArgumentException("no branch " + branch);
      }
      return of.givesVoltage()
          ? values.getOrDefault(currentOf(of.name), Complex.ZERO)
          : volts(of.from, of.to).dividedBy(of.ohms);
    }
  }

  private static String voltageOf(String node) {
    return "the voltage of " + node;
  }

  private static String currentOf(String branch) {
    return "the current through " + branch;
  }

  /**
   * @param ohms [Ω]; zero is a wire
   * @throws IllegalArgumentException for a negative or infinite resistance, or a name taken
   */
  public Circuit resistor(String name, String from, String to, double ohms) {
    if (!(ohms >= 0) || Double.isInfinite(ohms)) {
      throw new IllegalArgumentException(name + ": a resistance is zero or more, and finite");
    }
    return add(new Branch(name, from, to, Complex.real(ohms), Complex.ZERO));
  }

  /**
   * @param ohms [Ω], inductive where the imaginary part is positive
   */
  public Circuit impedance(String name, String from, String to, Complex ohms) {
    return add(new Branch(name, from, to, ohms, Complex.ZERO));
  }

  /** A contact: a wire where it is closed, nothing where it is open. */
  public Circuit contact(String name, String from, String to, boolean closed) {
    return closed ? resistor(name, from, to, 0) : this;
  }

  /**
   * An ideal source.
   *
   * @param volts from {@code minus} to {@code plus} [V]
   */
  public Circuit source(String name, String plus, String minus, Complex volts) {
    return add(new Branch(name, plus, minus, Complex.ZERO, volts));
  }

  /** A current driven from one node to another through the outside [A]. */
  public Circuit current(String from, String to, Complex amps) {
    injected.add(new Injected(from, to, amps));
    return this;
  }

  private Circuit add(Branch branch) {
    if (branches.containsKey(branch.name)) {
      throw new IllegalArgumentException("two branches named " + branch.name);
    }
    branches.put(branch.name, branch);
    return this;
  }

  /**
   * @param reference the node that is at 0 V
   * @throws SingularNetwork where a part of the network hangs free of the reference, or wires or
   *     sources form a ring in which any current could flow
   */
  public Solution solve(String reference) {
    LinearSystem system = new LinearSystem();
    for (String node : nodes()) {
      if (!node.equals(reference)) {
        system.unknown(voltageOf(node));
      }
    }
    for (Branch branch : branches.values()) {
      stamp(system, branch);
    }
    for (Injected one : injected) {
      system.addRight(voltageOf(one.from), Complex.ZERO.minus(one.amps));
      system.addRight(voltageOf(one.to), one.amps);
    }
    return new Solution(system.solve(), branches);
  }

  private static void stamp(LinearSystem system, Branch branch) {
    String from = voltageOf(branch.from);
    String to = voltageOf(branch.to);
    Complex less = Complex.real(-1);
    if (branch.givesVoltage()) {
      String current = currentOf(branch.name);
      system.unknown(current);
      system.add(from, current, Complex.ONE);
      system.add(to, current, less);
      system.add(current, from, Complex.ONE);
      system.add(current, to, less);
      system.addRight(current, branch.volts);
      return;
    }
    Complex siemens = Complex.ONE.dividedBy(branch.ohms);
    system.add(from, from, siemens);
    system.add(to, to, siemens);
    system.add(from, to, siemens.times(less));
    system.add(to, from, siemens.times(less));
  }

  private Set<String> nodes() {
    Set<String> nodes = new LinkedHashSet<>();
    for (Branch branch : branches.values()) {
      nodes.add(branch.from);
      nodes.add(branch.to);
    }
    return nodes;
  }

  /** The nodes that some path of branches joins to this one. */
  private Set<String> reachable(String start) {
    Set<String> reached = new LinkedHashSet<>(Set.of(start));
    boolean more = true;
    while (more) {
      more = false;
      for (Branch branch : branches.values()) {
        if (reached.contains(branch.from) != reached.contains(branch.to)) {
          reached.add(branch.from);
          reached.add(branch.to);
          more = true;
        }
      }
    }
    return reached;
  }

  /**
   * What an ohmmeter between two nodes reads [Ω]: the voltage that one ampere makes. Sources count
   * as wires; what hangs free of both nodes has no part in it.
   *
   * @throws SingularNetwork where no path joins them
   */
  public double ohms(String plus, String minus) {
    Set<String> reached = reachable(minus);
    if (!reached.contains(plus)) {
      throw new SingularNetwork("the path from " + plus + " to " + minus);
    }
    Circuit measured = new Circuit();
    for (Branch one : branches.values()) {
      if (reached.contains(one.from)) {
        measured.add(new Branch(one.name, one.from, one.to, one.ohms, Complex.ZERO));
      }
    }
    return measured.current(minus, plus, Complex.ONE).solve(minus).volts(plus).re();
  }

  /** The netlist of a source of 1 A between two nodes, for a circuit simulator; real parts only. */
  public String netlist(String plus, String minus) {
    StringBuilder text = new StringBuilder("ohmmeter\n");
    int number = 1;
    for (Branch one : branches.values()) {
      // A simulator takes no resistor of zero; this one is far below what a meter sees.
      double ohms = Math.max(1e-9, one.ohms.re());
      text.append("R" + number++ + " n" + one.from + " n" + one.to + " " + ohms + "\n");
    }
    text.append("I1 0 n" + plus + " 1\nV1 n" + minus + " 0 0\n");
    return text.append(".op\n.print dc v(n" + plus + ")\n.end\n").toString();
  }
}
