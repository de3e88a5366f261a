package variablerotor.core.likelihood;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import variablerotor.core.family.Family;

class MadeOnceTest {

  /** The one who comes second must not keep a twin: what it holds would be found nowhere. */
  @Test
  void whoeverAsksAtTheSameMomentGetsTheSameOne() throws Exception {
    CyclicBarrier bothAreMaking = new CyclicBarrier(2);
    MadeOnce<Family, Object> values =
        new MadeOnce<>(
            Family.class,
            family -> {
              await(bothAreMaking);
              return new Object();
            });
    List<Object> got =
        together(
            () -> values.get(Family.CONSTANT_TORQUE), () -> values.get(Family.CONSTANT_TORQUE));
    assertSame(got.get(0), got.get(1));
    assertSame(got.get(0), values.get(Family.CONSTANT_TORQUE));
  }

  /** What was given out once is not forgotten because another was made beside it. */
  @Test
  void whatIsMadeBesideItIsNotLost() throws Exception {
    CyclicBarrier bothAreMaking = new CyclicBarrier(2);
    AtomicInteger makings = new AtomicInteger();
    MadeOnce<Family, Object> values =
        new MadeOnce<>(
            Family.class,
            family -> {
              if (makings.incrementAndGet() <= 2) {
                await(bothAreMaking);
              }
              return new Object();
            });
    List<Object> got =
        together(() -> values.get(Family.CONSTANT_TORQUE), () -> values.get(Family.BLDC_FIVE_WIRE));
    assertSame(got.get(0), values.get(Family.CONSTANT_TORQUE));
    assertSame(got.get(1), values.get(Family.BLDC_FIVE_WIRE));
    assertEquals(2, makings.get());
  }

  private static List<Object> together(Callable<Object> one, Callable<Object> other)
      throws Exception {
    ExecutorService pool = Executors.newFixedThreadPool(2);
    try {
      List<Object> got = new ArrayList<>();
      for (Future<Object> each : pool.invokeAll(List.of(one, other))) {
        got.add(each.get(20, TimeUnit.SECONDS));
      }
      return got;
    } finally {
      pool.shutdownNow();
    }
  }

  private static void await(CyclicBarrier barrier) {
    try {
      barrier.await(20, TimeUnit.SECONDS);
    } catch (Exception e) {
      throw new IllegalStateException(e);
    }
  }
}
