package variablerotor.server.web;

import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;

/**
 * Work that takes a processor for long: some at once, some more wait their turn, and whoever comes
 * beyond is told so at once. Those who wait each hold a thread, and everybody else needs some.
 */
public final class Turn {
  private static final String BUSY =
      "Too many of these are asked for at once. Nothing is lost; try again in a moment.";

  private final Semaphore places;
  private final Semaphore working;
  private final Duration patience;

  /**
   * @param atOnce that are worked on
   * @param waiting that wait besides
   * @param patience after which who waits is sent away
   */
  public Turn(int atOnce, int waiting, Duration patience) {
    places = new Semaphore(atOnce + waiting);
    working = new Semaphore(atOnce, true);
    this.patience = patience;
  }

  /**
   * What the work gives, once it was its turn.
   *
   * @throws Refused where there are too many already
   */
  public <T> T take(Supplier<T> work) {
    if (!places.tryAcquire()) {
      throw Refused.busy(BUSY);
    }
    try {
      if (!working.tryAcquire(patience.toMillis(), TimeUnit.MILLISECONDS)) {
        throw Refused.busy(BUSY);
      }
      try {
        return work.get();
      } finally {
        working.release();
      }
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
      throw Refused.busy(BUSY);
    } finally {
      places.release();
    }
  }
}
