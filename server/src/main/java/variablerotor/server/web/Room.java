package variablerotor.server.web;

import java.util.HashMap;
import java.util.Map;

/** How much may wait at once, of all together and of each address: nobody fills it for the rest. */
final class Room {
  private final long most;
  private final long mostOfOne;
  private final Map<String, Long> taken = new HashMap<>();
  private long all;

  /**
   * @param most of all together [byte]
   * @param mostOfOne of one address [byte]
   */
  Room(long most, long mostOfOne) {
    this.most = most;
    this.mostOfOne = mostOfOne;
  }

  /** Takes so much [byte]; false, and nothing is taken, where there is no room. */
  synchronized boolean take(String address, long bytes) {
    long own = taken.getOrDefault(address, 0L) + bytes;
    if (all + bytes > most || own > mostOfOne) {
      return false;
    }
    all += bytes;
    taken.put(address, own);
    return true;
  }

  /** Gives back what was taken [byte]. */
  synchronized void giveBack(String address, long bytes) {
    all -= bytes;
    taken.computeIfPresent(address, (any, own) -> own > bytes ? own - bytes : null);
  }
}
