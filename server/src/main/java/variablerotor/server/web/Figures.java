package variablerotor.server.web;

import io.micrometer.core.instrument.Metrics;
import io.micrometer.core.instrument.Timer;
import java.time.Duration;
import java.util.function.Supplier;

/**
 * What is counted and timed for whoever watches the server, besides what Spring counts by itself.
 * No reading, name or id is in it: kinds alone.
 */
public final class Figures {
  private Figures() {}

  /**
   * Something was kept.
   *
   * @param what in the singular, such as {@code reading}
   */
  public static void saved(String what) {
    Metrics.counter("rotor.saves", "what", what).increment();
  }

  /** A call was worked out: its verdict, its ways. */
  public static <T> T workedOut(Supplier<T> call) {
    T job = timer("rotor.verdict").record(call);
    return java.util.Objects.requireNonNull(job);
  }

  /**
   * The supply house was asked.
   *
   * @param nanos how long it took, with all tries [ns]
   */
  public static void askedSupply(boolean answered, long nanos) {
    timer("rotor.supply", "answered", String.valueOf(answered)).record(Duration.ofNanos(nanos));
  }

  private static Timer timer(String name, String... tags) {
    return Timer.builder(name)
        .tags(tags)
        .publishPercentileHistogram()
        .minimumExpectedValue(Duration.ofMillis(1))
        .maximumExpectedValue(Duration.ofSeconds(20))
        .register(Metrics.globalRegistry);
  }
}
