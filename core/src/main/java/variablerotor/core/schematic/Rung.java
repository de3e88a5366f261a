package variablerotor.core.schematic;

import java.util.List;

/**
 * Branches in series, from one conductor that others meet at to the next.
 *
 * @param from the conductor at its left; {@link #NONE} where it only begins there
 * @param to the conductor at its right; {@link #NONE} where it only ends there
 * @param conductors between the branches, those at both ends too: one more than there are branches
 * @param fromWord what is said at its left where it only begins there
 * @param toWord what is said at its right where it only ends there
 */
record Rung(
    int from,
    int to,
    List<Branch> branches,
    List<Integer> conductors,
    String fromWord,
    String toWord) {
  /** Nothing else hangs on that conductor, or it goes on elsewhere. */
  static final int NONE = -1;

  Rung {
    branches = List.copyOf(branches);
    conductors = List.copyOf(conductors);
  }

  /** Whether it leads from there to nowhere. */
  boolean hangsOn(int conductor) {
    return (from == conductor && to == NONE) || (to == conductor && from == NONE);
  }

  /** How many cells it takes: a word at an end takes one. */
  int cells() {
    return branches.size() + (from == NONE ? 1 : 0) + (to == NONE ? 1 : 0);
  }

  /** How many of its branches stand at the left: those before the first that is fed. */
  int leftBranches() {
    for (int at = 0; at < branches.size(); at++) {
      if (branches.get(at).symbol().isLoad()) {
        return at;
      }
    }
    return branches.size();
  }
}
