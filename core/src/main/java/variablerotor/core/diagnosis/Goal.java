package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.List;

/**
 * What a search is for: to name the part, or to settle what is to be done. By cause the bits of
 * what it leads to; it is reached when every cause that is left shares one.
 *
 * @param bits by cause
 * @param group by cause: those with the same bits have the same number
 * @param groups how many
 */
record Goal(int[] bits, int[] group, int groups) {

  static Goal of(int[] bits) {
    List<Integer> known = new ArrayList<>();
    int[] group = new int[bits.length];
    for (int i = 0; i < bits.length; i++) {
      int at = known.indexOf(bits[i]);
      if (at < 0) {
        at = known.size();
        known.add(bits[i]);
      }
      group[i] = at;
    }
    return new Goal(bits, group, known.size());
  }

  /** To name the part. */
  static Goal named(CauseTable table) {
    int[] bits = new int[table.causes.size()];
    for (int i = 0; i < bits.length; i++) {
      bits[i] = table.suspects[table.group[i]];
    }
    return of(bits);
  }
}
