package variablerotor.server.practice;

import java.io.IOException;
import java.util.Collections;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
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

  /** At once, of everybody and of one person. */
  private static final int MOST = 200;

  private static final int MOST_EACH = 4;

  private final ScheduledExecutorService timer =
      Executors.newScheduledThreadPool(
          2,
          task -> {
            Thread thread = new Thread(task, "meter");
            thread.setDaemon(true);
            return thread;
          });

  /** Whose each is. */
  private final Map<SseEmitter, UUID> open = new ConcurrentHashMap<>();

  synchronized SseEmitter open(SimulatedMeter meter, FactType terminals, UUID listener) {
    if (Collections.frequency(open.values(), listener) >= MOST_EACH) {
      throw Refused.tooMany("You have " + MOST_EACH + " meters connected. Disconnect one first.");
    }
    if (open.size() >= MOST) {
      throw Refused.tooMany("Too many meters are connected. Try again in a minute.");
    }
    if (meter.at(terminals, 0) == null) {
      throw Refused.field("fact", "this motor has no such terminals");
    }
    SseEmitter emitter = new SseEmitter(LONGEST);
    AtomicInteger tick = new AtomicInteger();
    open.put(emitter, listener);
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

  /** Before the server waits for requests to end: these do not by themselves. */
  @EventListener(ContextClosedEvent.class)
  void close() {
    timer.shutdownNow();
    open.keySet().forEach(SseEmitter::complete);
  }
}
