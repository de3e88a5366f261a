package variablerotor.server.web;

import java.io.IOException;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BiConsumer;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Streams of server-sent events that people listen to: so many at once, so many of one person.
 *
 * @param <T> what each is about
 */
public final class Streams<T> {
  private record Open<T>(UUID person, T about) {}

  private final int most;
  private final int mostEach;
  private final long longest;
  private final String tooMany;
  private final String tooManyEach;
  private final Map<SseEmitter, Open<T>> open = new ConcurrentHashMap<>();

  /**
   * @param longest after which a stream ends, and the page asks again [ms]
   * @param tooMany what whoever asks for one too many of all is told
   * @param tooManyEach the same for one too many of one's own
   */
  public Streams(int most, int mostEach, long longest, String tooMany, String tooManyEach) {
    this.most = most;
    this.mostEach = mostEach;
    this.longest = longest;
    this.tooMany = tooMany;
    this.tooManyEach = tooManyEach;
  }

  /**
   * @throws Refused where it is one too many
   */
  public synchronized SseEmitter open(UUID person, T about) {
    if (open.values().stream().filter(one -> one.person().equals(person)).count() >= mostEach) {
      throw Refused.tooMany(tooManyEach);
    }
    if (open.size() >= most) {
      throw Refused.tooMany(tooMany);
    }
    SseEmitter emitter = new SseEmitter(longest);
    open.put(emitter, new Open<>(person, about));
    emitter.onCompletion(() -> open.remove(emitter));
    emitter.onTimeout(emitter::complete);
    emitter.onError(fault -> open.remove(emitter));
    return emitter;
  }

  public void each(BiConsumer<SseEmitter, T> action) {
    open.forEach((emitter, one) -> action.accept(emitter, one.about()));
  }

  /** Sends it; where nobody is there any more, the stream ends. */
  public void send(SseEmitter emitter, SseEmitter.SseEventBuilder event) {
    try {
      emitter.send(event);
    } catch (IOException | IllegalStateException gone) {
      open.remove(emitter);
      emitter.completeWithError(gone);
    }
  }

  /** Before the server waits for requests to end: these do not by themselves. */
  public void close() {
    open.keySet().forEach(SseEmitter::complete);
  }
}
