package variablerotor.server.practice;

import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import variablerotor.core.bench.SimulatedMeter;
import variablerotor.core.fact.FactType;
import variablerotor.server.account.OpenSessions;
import variablerotor.server.web.Refused;
import variablerotor.server.web.Streams;

/** Displays of simulated meters, sent as a wireless meter would send them. */
@Component
class MeterStreams {
  /** A display comes this often [ms]. */
  private static final long EVERY = 350;

  private final ScheduledExecutorService timer =
      Executors.newScheduledThreadPool(
          2,
          task -> {
            Thread thread = new Thread(task, "meter");
            thread.setDaemon(true);
            return thread;
          });

  /** By what the meter's tips are on. */
  private final Streams<OpenSessions.Ticket, FactType> streams =
      new Streams<>(
          200,
          4,
          TimeUnit.MINUTES.toMillis(10),
          "Too many meters are connected. Try again in a minute.",
          "You have 4 meters connected. Disconnect one first.",
          OpenSessions.Ticket::person);

  MeterStreams(OpenSessions sessions) {
    streams.endWith(sessions::standing);
  }

  SseEmitter open(SimulatedMeter meter, FactType terminals, OpenSessions.Ticket listener) {
    if (meter.at(terminals, 0) == null) {
      throw Refused.field("fact", "this motor has no such terminals");
    }
    SseEmitter emitter = streams.open(listener, terminals);
    AtomicInteger tick = new AtomicInteger();
    ScheduledFuture<?> ticking =
        timer.scheduleAtFixedRate(
            () -> send(emitter, meter.at(terminals, tick.getAndIncrement())),
            0,
            EVERY,
            TimeUnit.MILLISECONDS);
    emitter.onCompletion(() -> ticking.cancel(false));
    emitter.onError(fault -> ticking.cancel(false));
    return emitter;
  }

  private void send(SseEmitter emitter, SimulatedMeter.@Nullable Display display) {
    if (display != null) {
      streams.send(emitter, SseEmitter.event().data(display, MediaType.APPLICATION_JSON));
    }
  }

  @EventListener(ContextClosedEvent.class)
  void close() {
    timer.shutdownNow();
    streams.close();
  }
}
