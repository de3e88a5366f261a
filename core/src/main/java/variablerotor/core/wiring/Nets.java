package variablerotor.core.wiring;

import java.util.Arrays;

/** Which terminals are joined to one conductor: sets that grow together (union by path halving). */
final class Nets {
  private final int[] parent;

  Nets(int terminals) {
    parent = new int[terminals];
    Arrays.setAll(parent, at -> at);
  }

  private Nets(int[] parent) {
    this.parent = parent;
  }

  Nets copy() {
    return new Nets(parent.clone());
  }

  int of(int terminal) {
    int at = terminal;
    while (parent[at] != at) {
      parent[at] = parent[parent[at]];
      at = parent[at];
    }
    return at;
  }

  void join(int one, int other) {
    parent[of(one)] = of(other);
  }

  boolean joined(int one, int other) {
    return of(one) == of(other);
  }
}
