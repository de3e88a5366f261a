package variablerotor.core.chain;

import java.util.ArrayList;
import java.util.List;
import variablerotor.core.signal.Family;

/** The stations of each family, from supply to air path. */
public final class Chain {
  private Chain() {}

  /** In order; every suspect of the family but {@link Suspect#NONE}. */
  public static List<Suspect> of(Family family) {
    List<Suspect> stations = new ArrayList<>();
    for (Suspect suspect : Suspect.values()) {
      boolean drive = family == Family.DRIVE_FED_INDUCTION;
      boolean left =
          suspect == Suspect.NONE
              || (suspect == Suspect.DRIVE && !drive)
              || (suspect == Suspect.MODULE && drive);
      if (!left) {
        stations.add(suspect);
      }
    }
    return stations;
  }
}
