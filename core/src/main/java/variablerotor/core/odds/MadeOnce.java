package variablerotor.core.odds;

import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.atomic.AtomicReference;
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
  private final AtomicReference<Map<K, V>> made;

  public MadeOnce(Class<K> keys, Function<K, V> maker) {
    this.keys = keys;
    this.maker = maker;
    made = new AtomicReference<>(new EnumMap<>(keys));
  }

  /** The value for this key, made at the first asking. */
  public V get(K key) {
    V known = all().get(key);
    return known == null ? keep(key, maker.apply(key)) : known;
  }

  /** Keeps a value where there is none yet. Answers the one that is kept. */
  private V keep(K key, V mine) {
    while (true) {
      Map<K, V> before = all();
      V theirs = before.get(key);
      if (theirs != null) {
        return theirs;
      }
      Map<K, V> more = new EnumMap<>(keys);
      more.putAll(before);
      more.put(key, mine);
      if (made.compareAndSet(before, more)) {
        return mine;
      }
    }
  }

  private Map<K, V> all() {
    return Objects.requireNonNull(made.get());
  }
}
