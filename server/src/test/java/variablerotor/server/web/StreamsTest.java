package variablerotor.server.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Whoever does not read keeps nobody else from hearing. */
class StreamsTest {
  private final CountDownLatch never = new CountDownLatch(1);
  private final BlockingQueue<String> heard = new LinkedBlockingQueue<>();
  private boolean deaf;

  private final Streams<String, String> streams =
      new Streams<>(100, 20, 1000, "all", "own", who -> who, longest -> emitter(deaf));

  /** One that takes what it is told, or that never comes to an end with it. */
  private SseEmitter emitter(boolean isDeaf) {
    return new SseEmitter() {
      @Override
      public void send(Set<DataWithMediaType> event) {
        if (isDeaf) {
          try {
            never.await();
          } catch (InterruptedException over) {
            Thread.currentThread().interrupt();
          }
        } else {
          StringBuilder said = new StringBuilder();
          for (ResponseBodyEmitter.DataWithMediaType one : event) {
            said.append(one.getData());
          }
          heard.add(said.toString().replaceAll("data:|\\n", ""));
        }
      }
    };
  }

  @AfterEach
  void end() {
    never.countDown();
    streams.close();
  }

  private void tellAll(String what) {
    streams.each((one, about) -> streams.send(one, SseEmitter.event().data(what)));
  }

  /** One event goes out to many at once, whole to each. */
  @Test
  void aBeatIsHeardWholeByAll() throws Exception {
    for (int one = 0; one < 60; one++) {
      streams.open("keen " + one, "call");
    }
    for (int beat = 0; beat < 20; beat++) {
      streams.beat(SseEmitter.event().name("beat").data("here"));
      for (int one = 0; one < 60; one++) {
        assertEquals("event:beathere", heard.poll(5, TimeUnit.SECONDS));
      }
    }
  }

  @Test
  void theDeafSilenceNobody() throws Exception {
    deaf = true;
    for (int one = 0; one < 20; one++) {
      streams.open("deaf", "call");
    }
    assertThrows(Refused.class, () -> streams.open("deaf", "call"));
    deaf = false;
    streams.open("keen", "call");
    for (String word : List.of("one", "two", "three")) {
      tellAll(word);
      assertEquals(word, heard.poll(5, TimeUnit.SECONDS));
    }
    streams.beat(SseEmitter.event().data("here"));
    assertEquals("here", heard.poll(5, TimeUnit.SECONDS));
  }

  /** Many pages of one person: each hears at once, however few are written to at a time. */
  @Test
  void manyStreamsOfOnePersonAllHear() throws Exception {
    for (int one = 0; one < 9; one++) {
      streams.open("keen", "call");
    }
    tellAll("word");
    for (int one = 0; one < 9; one++) {
      assertEquals("word", heard.poll(5, TimeUnit.SECONDS), "stream " + one);
    }
  }

  @Test
  void whoMayNoLongerListenHearsNothingMore() throws Exception {
    streams.open("gone", "call");
    streams.open("keen", "call");
    List<String> asked = new ArrayList<>();
    streams.keepOnly(
        who -> {
          asked.addAll(who);
          return Set.of("keen");
        });
    assertEquals(2, asked.size());
    tellAll("one");
    assertEquals("one", heard.poll(5, TimeUnit.SECONDS));
    assertEquals(0, heard.size());
  }
}
