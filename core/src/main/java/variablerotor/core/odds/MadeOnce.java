package variablerotor.core.odds;

import java.util.EnumMap;
import java.util.Map;
import java.util.function.Function;

/**
 * Values that are dear to make and needed seldom: each is made when it is first asked for. Many may
 * ask at once. The map is replaced as a whole and never changed, so that everybody sees it whole;
 * two that ask at the same moment may both make the value, and both get a good one.
 */
public final class MadeOnce<K extends Enum<K>, V> {
  private final Class<K> keys;
  private final Function<K, V> maker;
  private volatile Map<K, V> made;

  public MadeOnce(Class<K> keys, Function<K, V> maker) {
    this.keys = keys;
    this.maker = maker;
    made = new EnumMap<>(keys);
  }

  /** The value for this key, made at the first asking. */
  public V get(K key) {
    V value = made.get(key);
    if (value == null) {
      value = maker.apply(key);
      Map<K, V> more = new EnumMap<>(keys);
      more.putAll(made);
      more.put(key, value);
      made = more;
    }
    return value;
  }
}
