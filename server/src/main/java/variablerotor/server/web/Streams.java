package variablerotor.server.web;

import java.io.IOException;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.BiConsumer;
import java.util.function.Function;
import org.springframework.dao.DataAccessException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter.DataWithMediaType;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Streams of server-sent events that people listen to: so many at once, so many of one person.
 * Nobody waits for whoever does not read: of what cannot go out yet, the newest is kept.
 *
 * @param <P> who listens
 * @param <T> what each is about
 */
public final class Streams<P, T> {
  /** So many are written to at once; one who does not read takes one until the server gives up. */
  private static final int WRITERS = 16;

  /** So often it is asked whether who listens still may [s]. */
  private static final int ASKED_EVERY = 5;

  /** Of these so many for one person, so that nobody takes them all. */
  private static final int WRITERS_EACH = 2;

  /** A stream, who listens to it and about what, and what is to be told next. */
  private final class Open {
    private final SseEmitter emitter;
    private final P person;
    private final T about;
    private final AtomicReference<Set<DataWithMediaType>> next = new AtomicReference<>();
    private final AtomicBoolean writing = new AtomicBoolean();

    private Open(SseEmitter emitter, P person, T about) {
      this.emitter = emitter;
      this.person = person;
      this.about = about;
    }

    private void write() {
      Object key = keyOf.apply(person);
      AtomicInteger mine = writers.computeIfAbsent(key, any -> new AtomicInteger());
      if (!writing.compareAndSet(false, true)) {
        return;
      }
      if (mine.incrementAndGet() > WRITERS_EACH) {
        // It goes out when one of the same person's is done.
        mine.decrementAndGet();
        writing.set(false);
        return;
      }
      pool.execute(
          () -> {
            try {
              for (var event = next.getAndSet(null); event != null; event = next.getAndSet(null)) {
                emitter.send(event);
              }
            } catch (IOException | IllegalStateException gone) {
              open.remove(emitter);
              emitter.completeWithError(gone);
            } finally {
              mine.decrementAndGet();
              writing.set(false);
            }
            writeNext(key);
          });
    }
  }

  /** Whatever of this person's still waits to be told. */
  private void writeNext(Object key) {
    for (Open one : open.values()) {
      if (one.next.get() != null && keyOf.apply(one.person).equals(key)) {
        one.write();
      }
    }
  }

  private final int most;
  private final int mostEach;
  private final long longest;
  private final String tooMany;
  private final String tooManyEach;
  private final Function<P, Object> keyOf;
  private final Function<Long, SseEmitter> made;
  private final Map<SseEmitter, Open> open = new ConcurrentHashMap<>();
  private final Map<Object, AtomicInteger> writers = new ConcurrentHashMap<>();
  private final ExecutorService pool = Executors.newFixedThreadPool(WRITERS, Streams::thread);
  private final ScheduledExecutorService asking =
      Executors.newSingleThreadScheduledExecutor(Streams::thread);

  private static Thread thread(Runnable work) {
    Thread thread = new Thread(work, "stream");
    thread.setDaemon(true);
    return thread;
  }

  /**
   * @param longest after which a stream ends, and the page asks again [ms]
   * @param tooMany what whoever asks for one too many of all is told
   * @param tooManyEach the same for one too many of one's own
   * @param keyOf the person behind who listens
   */
  public Streams(
      int most,
      int mostEach,
      long longest,
      String tooMany,
      String tooManyEach,
      Function<P, Object> keyOf) {
    this(most, mostEach, longest, tooMany, tooManyEach, keyOf, SseEmitter::new);
  }

  /**
   * The same.
   *
   * @param made makes a stream that ends after so long [ms]
   */
  Streams(
      int most,
      int mostEach,
      long longest,
      String tooMany,
      String tooManyEach,
      Function<P, Object> keyOf,
      Function<Long, SseEmitter> made) {
    this.made = made;
    this.most = most;
    this.mostEach = mostEach;
    this.longest = longest;
    this.tooMany = tooMany;
    this.tooManyEach = tooManyEach;
    this.keyOf = keyOf;
  }

  /**
   * @throws Refused where it is one too many
   */
  public synchronized SseEmitter open(P person, T about) {
    Object key = keyOf.apply(person);
    long own = open.values().stream().filter(one -> keyOf.apply(one.person).equals(key)).count();
    if (own >= mostEach) {
      throw Refused.tooMany(tooManyEach);
    }
    if (open.size() >= most) {
      throw Refused.tooMany(tooMany);
    }
    SseEmitter emitter = made.apply(longest);
    open.put(emitter, new Open(emitter, person, about));
    emitter.onCompletion(() -> open.remove(emitter));
    emitter.onTimeout(emitter::complete);
    emitter.onError(fault -> open.remove(emitter));
    return emitter;
  }

  public void each(BiConsumer<SseEmitter, T> action) {
    open.forEach((emitter, one) -> action.accept(emitter, one.about));
  }

  /** Built once: a builder changes as it builds, and one event goes out to many at once. */
  private static Set<DataWithMediaType> whole(SseEmitter.SseEventBuilder event) {
    return Collections.unmodifiableSet(event.build());
  }

  /** Sends it as soon as it can go; where nobody is there any more, the stream ends. */
  public void send(SseEmitter emitter, SseEmitter.SseEventBuilder event) {
    Open one = open.get(emitter);
    if (one != null) {
      one.next.set(whole(event));
      one.write();
    }
  }

  /** A sign of life, where nothing else is on its way. */
  public void beat(SseEmitter.SseEventBuilder event) {
    Set<DataWithMediaType> whole = whole(event);
    for (Open one : open.values()) {
      one.next.compareAndSet(null, whole);
      one.write();
    }
  }

  /**
   * Asks every few seconds from now on who still may listen, and ends the streams of the others.
   *
   * @param who says of some which still may
   */
  @SuppressWarnings("FutureReturnValueIgnored") // Its clock ends it.
  public void endWith(Function<Collection<P>, Set<P>> who) {
    asking.scheduleWithFixedDelay(
        () -> {
          try {
            keepOnly(who);
          } catch (DataAccessException | TransactionException gone) {
            // The database does not answer: nobody is told anything meanwhile, and it is asked
            // again.
          }
        },
        ASKED_EVERY,
        ASKED_EVERY,
        TimeUnit.SECONDS);
  }

  /**
   * Ends the streams of those who may listen no longer.
   *
   * @param who says of some which still may
   */
  void keepOnly(Function<Collection<P>, Set<P>> who) {
    List<Open> now = List.copyOf(open.values());
    if (now.isEmpty()) {
      return;
    }
    Set<P> may = who.apply(now.stream().map(one -> one.person).distinct().toList());
    for (Open one : now) {
      if (!may.contains(one.person)) {
        open.remove(one.emitter);
        one.emitter.complete();
      }
    }
  }

  /** Before the server waits for requests to end: these do not by themselves. */
  public void close() {
    open.keySet().forEach(SseEmitter::complete);
    pool.shutdownNow();
    asking.shutdownNow();
  }
}
