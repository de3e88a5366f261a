package variablerotor.server.web;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** What a process remembers of what it read, for each branch apart: one must not see another's. */
public final class PerBranch<T> {
  private final Map<String, T> remembered = new ConcurrentHashMap<>();
  private final T nothing;

  /**
   * @param nothing what stands for one of which nothing is remembered
   */
  public PerBranch(T nothing) {
    this.nothing = nothing;
  }

  public T get() {
    return remembered.getOrDefault(Branch.now(), nothing);
  }

  public void set(T now) {
    remembered.put(Branch.now(), now);
  }
}
