package variablerotor.core.likelihood;

import java.util.EnumMap;
import java.util.Map;
import java.util.function.Function;

/**
 * Values that are dear to make and needed seldom: each is made when it is first asked for. Many may
 * ask at once, and everybody gets the same one: checks and causes are told apart by identity, and
 * what was looked up in one model is not found in its twin. Two that ask at the same moment may
 * both make the value; that of the first to be done is kept, and the other is thrown away.
 */
public final class MadeOnce<K extends Enum<K>, V> {
  private final Class<K> keys;
  private final Function<K, V> maker;

  /** Replaced as a whole and never changed, so that everybody sees it whole. */
  private volatile Map<K, V> made;

  public MadeOnce(Class<K> keys, Function<K, V> maker) {
    this.keys = keys;
    this.maker = maker;
    made = new EnumMap<>(keys);
  }

  /** The value for this key, made at the first asking. */
  public V get(K key) {
    V known = made.get(key);
    return known == null ? keep(key, maker.apply(key)) : known;
  }

  /** Keeps a value where there is none yet, one at a time. Answers the one that is kept. */
  private synchronized V keep(K key, V mine) {
    V theirs = made.get(key);
    if (theirs != null) {
      return theirs;
    }
    Map<K, V> more = new EnumMap<>(keys);
    more.putAll(made);
    more.put(key, mine);
    made = more;
    return mine;
  }
}
