package variablerotor.core.likelihood;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * How often each of several is seen, in any scale that suits: {@code often(FREE, 97).or(STIFF, 3)}.
 * What is not named is not seen at all.
 *
 * @param <K> what is counted: the answers to a check, or the complaints that a cause makes
 */
final class Often<K extends Enum<K>> {
  private final Map<K, Double> shares;

  private Often(Map<K, Double> shares) {
    this.shares = Collections.unmodifiableMap(shares);
  }

  /** This one every time. */
  static <K extends Enum<K>> Often<K> always(K one) {
    return often(one, 1);
  }

  /**
   * @param share above 0, against those that follow
   */
  static <K extends Enum<K>> Often<K> often(K one, double share) {
    return new Often<K>(Map.of()).or(one, share);
  }

  /**
   * And this one.
   *
   * @throws IllegalArgumentException for a share that is not above 0, and for one given twice
   */
  Often<K> or(K one, double share) {
    if (!(share > 0) || shares.containsKey(one)) {
      throw new IllegalArgumentException(one + " " + share);
    }
    Map<K, Double> more = new LinkedHashMap<>(shares);
    more.put(one, share);
    return new Often<>(more);
  }

  /** By what is seen, in the order of naming. */
  Map<K, Double> shares() {
    return shares;
  }
}
