package variablerotor.server.photo;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.time.Duration;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import variablerotor.server.web.Refused;

/**
 * Ends the unpacking of a picture that takes too much. What the picture costs is counted by the
 * processor's time: on a machine that is busy with something else, or was halted for a while, a
 * photo is not refused for good because of that.
 */
final class PhotoClock implements AutoCloseable {
  /** A photo takes a tenth of it. Chosen here. */
  private static final Duration PROCESSOR = Duration.ofSeconds(8);

  /** After it the machine is too busy, and whoever sends the photo tries again. Chosen here. */
  private static final Duration WALL = Duration.ofSeconds(40);

  private static final Duration BETWEEN = Duration.ofMillis(250);
  private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();
  private static final ScheduledExecutorService CLOCK =
      Executors.newSingleThreadScheduledExecutor(
          work -> {
            Thread thread = new Thread(work, "photo-clock");
            thread.setDaemon(true);
            return thread;
          });

  private final Runnable abort;
  private final Duration processor;
  private final Duration wall;
  private final long thread = Thread.currentThread().getId();
  private final long used = THREADS.getThreadCpuTime(thread);
  private final long began = System.nanoTime();
  private final ScheduledFuture<?> looks;
  private volatile boolean tooMuch;
  private volatile boolean tooLate;

  /**
   * @param abort ends what this thread is at
   */
  PhotoClock(Runnable abort) {
    this(abort, PROCESSOR, WALL);
  }

  PhotoClock(Runnable abort, Duration processor, Duration wall) {
    this.abort = abort;
    this.processor = processor;
    this.wall = wall;
    looks =
        CLOCK.scheduleWithFixedDelay(
            this::look, BETWEEN.toMillis(), BETWEEN.toMillis(), TimeUnit.MILLISECONDS);
  }

  private void look() {
    if (tooMuch || tooLate) {
      return;
    }
    tooMuch = THREADS.getThreadCpuTime(thread) - used > processor.toNanos();
    tooLate = System.nanoTime() - began > wall.toNanos();
    if (tooMuch || tooLate) {
      abort.run();
    }
  }

  /**
   * @throws Refused where it was ended: as no photo, or to be tried again
   */
  void check() {
    if (tooMuch) {
      throw Refused.field(
          "photo", "found a picture that takes too long to unpack; allowed is a photo");
    }
    if (tooLate) {
      throw Refused.busy("The server is too busy to open a photo. Nothing is lost; try again.");
    }
  }

  @Override
  public void close() {
    looks.cancel(false);
  }
}
