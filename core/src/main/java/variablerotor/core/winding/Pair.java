package variablerotor.core.winding;

import java.util.List;

/** Two of the three leads, between which a resistance or a voltage is read. */
public enum Pair {
  AB(Phase.A, Phase.B),
  BC(Phase.B, Phase.C),
  CA(Phase.C, Phase.A);

  private final Phase first;
  private final Phase second;

  Pair(Phase first, Phase second) {
    this.first = first;
    this.second = second;
  }

  /** The one lead. */
  public Phase first() {
    return first;
  }

  /** The other lead. */
  public Phase second() {
    return second;
  }

  /** The lead that this pair leaves out. */
  public Phase opposite() {
    switch (this) {
      case AB:
        return Phase.C;
      case BC:
        return Phase.A;
      default:
        return Phase.B;
    }
  }

  /** The next pair round the three. */
  public Pair next() {
    return values()[(ordinal() + 1) % values().length];
  }

  /** Both leads, in the order A, B, C. */
  public List<Phase> leads() {
    return this == CA ? List.of(Phase.A, Phase.C) : List.of(first, second);
  }

  /** As spoken: "A to B". */
  public String spoken() {
    return first + " to " + second;
  }
}
