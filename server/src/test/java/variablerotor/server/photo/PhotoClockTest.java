package variablerotor.server.photo;

import static org.junit.jupiter.api.Assertions.assertDoesNotThrow;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.time.Duration;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;
import variablerotor.server.web.Refused;

/** A picture is refused for what it costs, and a busy machine for being busy. */
class PhotoClockTest {
  private static final Duration LITTLE = Duration.ofMillis(40);
  private static final Duration LONG = Duration.ofHours(1);

  @Test
  void whatNeedsTheProcessorForLongIsNoPhoto() {
    AtomicBoolean ended = new AtomicBoolean();
    try (PhotoClock clock = new PhotoClock(() -> ended.set(true), LITTLE, LONG)) {
      while (!ended.get()) {
        Thread.onSpinWait();
      }
      Refused refused = assertThrows(Refused.class, clock::check);
      assertEquals(HttpStatus.UNPROCESSABLE_CONTENT, refused.status());
    }
  }

  @Test
  void whatOnlyWaitsIsTriedAgain() throws InterruptedException {
    CountDownLatch ended = new CountDownLatch(1);
    try (PhotoClock clock = new PhotoClock(ended::countDown, LONG, LITTLE)) {
      ended.await();
      Refused refused = assertThrows(Refused.class, clock::check);
      assertEquals(HttpStatus.SERVICE_UNAVAILABLE, refused.status());
    }
  }

  @Test
  void whatIsSoonDoneIsLetBe() throws InterruptedException {
    try (PhotoClock clock = new PhotoClock(() -> {}, LONG, LONG)) {
      Thread.sleep(600);
      assertDoesNotThrow(clock::check);
    }
  }
}
