package variablerotor.core.kept;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.tree.Node;

/**
 * What was kept, as far as it still reads.
 *
 * @param value null where it does not
 * @param asTold what nobody knows any more; everything where it does not read
 */
public record ReadBack<T>(@Nullable T value, List<AsTold> asTold) {

  public ReadBack {
    asTold = List.copyOf(asTold);
  }

  /** One, or none where it does not read. */
  public Stream<T> stream() {
    return value == null ? Stream.of() : Stream.of(value);
  }

  /** From a plain tree. */
  public interface Reader<T> {
    /**
     * @throws InputFaults with every fault found
     */
    T read(Object tree) throws InputFaults;
  }

  /**
   * All of it, or nothing: where one part that nobody knows any more would change what the rest
   * says, as in a wiring.
   */
  public static <T> ReadBack<T> whole(
      Wording wording, Wording.Kind kind, int written, Object tree, Reader<T> reader) {
    Object now = wording.reworded(kind, written, tree);
    try {
      T value = reader.read(now == null ? Map.of() : now);
      if (!(value instanceof Node node) || lost(now, node.tree()).isEmpty()) {
        return new ReadBack<>(value, List.of());
      }
    } catch (InputFaults unknown) {
      // As it was told, below.
    }
    return new ReadBack<>(null, AsTold.all("", tree));
  }

  /**
   * As much of it as reads: what does not is as if it had not been told, so that it is asked again.
   *
   * @param needed the fields without which the rest says more than was told
   */
  public static <T extends Node> ReadBack<T> asFarAsItReads(
      Wording wording,
      Wording.Kind kind,
      int written,
      Object tree,
      Collection<String> needed,
      Reader<T> reader) {
    return asFarAsItReads(wording, kind, written, tree, needed, reader, Node::tree);
  }

  /**
   * @param writer how it is written when it is kept
   */
  public static <T> ReadBack<T> asFarAsItReads(
      Wording wording,
      Wording.Kind kind,
      int written,
      Object tree,
      Collection<String> needed,
      Reader<T> reader,
      Function<T, Map<String, Object>> writer) {
    Object now = wording.reworded(kind, written, tree);
    List<AsTold> asTold = new ArrayList<>();
    while (true) {
      try {
        T value = reader.read(now == null ? Map.of() : now);
        asTold.addAll(lost(now, writer.apply(value)));
        return new ReadBack<>(value, asTold);
      } catch (InputFaults faults) {
        Object less = now;
        for (String path : fields(faults)) {
          Object said = at(less, path);
          if (said != null && !needed.contains(path)) {
            asTold.addAll(AsTold.all(path, said));
            less = without(less, path);
          }
        }
        if (less == now) {
          return new ReadBack<>(null, AsTold.all("", tree));
        }
        now = less;
      }
    }
  }

  /**
   * One word of a row, in today's wording.
   *
   * @param field under which steps know it
   * @param told null for none
   * @return null where there is none, or nobody knows it any more
   */
  public static <E extends Enum<E>> @Nullable E word(
      Wording wording,
      Wording.Kind kind,
      int written,
      String field,
      @Nullable String told,
      E[] all) {
    if (told == null) {
      return null;
    }
    Object now = wording.reworded(kind, written, Map.of(field, told));
    return now instanceof Map<?, ?> row ? word(row.get(field), all) : null;
  }

  /** A word of what is worked out anew with every change; null where nobody knows it any more. */
  public static <E extends Enum<E>> @Nullable E word(@Nullable Object told, E[] all) {
    for (E one : all) {
      if (one.name().equals(told)) {
        return one;
      }
    }
    return null;
  }

  /** Of a list the whole, as a list without one of its items says more than was told. */
  private static Set<String> fields(InputFaults faults) {
    Set<String> fields = new LinkedHashSet<>();
    for (InputFault fault : faults.faults()) {
      int item = fault.path().indexOf('[');
      fields.add(item < 0 ? fault.path() : fault.path().substring(0, item));
    }
    return fields;
  }

  private static @Nullable Object at(@Nullable Object tree, String path) {
    if (!(tree instanceof Map<?, ?> map)) {
      return null;
    }
    if (map.containsKey(path)) {
      return map.get(path);
    }
    int dot = path.indexOf('.');
    return dot < 0 ? null : at(map.get(path.substring(0, dot)), path.substring(dot + 1));
  }

  private static Object without(@Nullable Object tree, String path) {
    Map<Object, Object> left = new LinkedHashMap<>(tree instanceof Map<?, ?> map ? map : Map.of());
    if (left.containsKey(path)) {
      left.remove(path);
    } else {
      int dot = path.indexOf('.');
      String branch = path.substring(0, dot);
      left.put(branch, without(left.get(branch), path.substring(dot + 1)));
    }
    return left;
  }

  /** What a tree says and its record does not. */
  private static List<AsTold> lost(@Nullable Object tree, Map<String, Object> read) {
    Set<String> known = new TreeSet<>();
    AsTold.all("", read).forEach(one -> known.add(one.what()));
    return AsTold.all("", tree).stream().filter(one -> !known.contains(one.what())).toList();
  }
}
