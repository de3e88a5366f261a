package variablerotor.server.practice;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import variablerotor.core.bench.SimulatedMeter;
import variablerotor.core.fact.FactType;
import variablerotor.server.web.Refused;

/** Displays of simulated meters, sent as a wireless meter would send them. */
@Component
class MeterStreams {
  /** A display comes this often [ms]. */
  private static final long EVERY = 350;

  /** A stream ends after this, and the page asks again [ms]. */
  private static final long LONGEST = TimeUnit.MINUTES.toMillis(10);

  private static final int MOST = 60;

  private final ScheduledExecutorService timer =
      Executors.newScheduledThreadPool(
          1,
          task -> {
            Thread thread = new Thread(task, "meter");
            thread.setDaemon(true);
            return thread;
          });

  private final Set<SseEmitter> open = ConcurrentHashMap.newKeySet();

  SseEmitter open(SimulatedMeter meter, FactType terminals) {
    if (open.size() >= MOST) {
      throw Refused.tooMany("Too many meters are connected. Try again in a minute.");
    }
    if (meter.at(terminals, 0) == null) {
      throw Refused.field("fact", "this motor has no such terminals");
    }
    SseEmitter emitter = new SseEmitter(LONGEST);
    AtomicInteger tick = new AtomicInteger();
    open.add(emitter);
    ScheduledFuture<?> ticking =
        timer.scheduleAtFixedRate(
            () -> send(emitter, meter.at(terminals, tick.getAndIncrement())),
            0,
            EVERY,
            TimeUnit.MILLISECONDS);
    Runnable over =
        () -> {
          ticking.cancel(false);
          open.remove(emitter);
        };
    emitter.onCompletion(over);
    emitter.onTimeout(emitter::complete);
    emitter.onError(fault -> over.run());
    return emitter;
  }

  private static void send(SseEmitter emitter, SimulatedMeter.Display display) {
    try {
      emitter.send(SseEmitter.event().data(display, MediaType.APPLICATION_JSON));
    } catch (IOException | IllegalStateException gone) {
      emitter.completeWithError(gone);
    }
  }

  @PreDestroy
  void close() {
    timer.shutdownNow();
    open.forEach(SseEmitter::complete);
  }
}
