package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/** Speed leads by what they are called, and not by their place in a list. */
final class Speeds {
  private Speeds() {}

  /** How fast a name says that it is; what says nothing of it stands where it was put. */
  private static int rank(String name) {
    String plain = name.toUpperCase(Locale.ROOT).replace('_', ' ').replace('-', ' ');
    boolean medium = plain.contains("MED");
    boolean low = plain.contains("LOW") || plain.equals("LO") || plain.contains("MED LO");
    boolean high = plain.contains("HIGH") || plain.equals("HI") || plain.contains("MED HI");
    if (medium) {
      return high ? 1 : low ? 3 : 2;
    }
    return high ? 0 : low ? 4 : 2;
  }

  /** The fastest first. */
  static List<String> sorted(List<String> names) {
    List<String> sorted = new ArrayList<>(names);
    sorted.sort(Comparator.comparingInt(Speeds::rank));
    return sorted;
  }
}
