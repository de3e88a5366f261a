package variablerotor.server.supply;

import io.github.resilience4j.bulkhead.Bulkhead;
import io.github.resilience4j.bulkhead.BulkheadConfig;
import io.github.resilience4j.bulkhead.BulkheadFullException;
import io.github.resilience4j.circuitbreaker.CallNotPermittedException;
import io.github.resilience4j.circuitbreaker.CircuitBreaker;
import io.github.resilience4j.circuitbreaker.CircuitBreakerConfig;
import io.github.resilience4j.core.IntervalFunction;
import io.github.resilience4j.retry.Retry;
import io.github.resilience4j.retry.RetryConfig;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import variablerotor.core.casefile.InputFaults;
import variablerotor.json.Json;
import variablerotor.server.web.Figures;

/**
 * Asks the supply house over HTTP. Each try has its time, a failed one is made again after a
 * growing pause, and where most fail it is left alone for a while, so that nobody waits for what
 * will not come. Few ask at once: a slow supply house must not hold the server's threads.
 */
@Component
class SupplyClient {
  private static final Logger LOG = LoggerFactory.getLogger(SupplyClient.class);

  /** One try [ms]. */
  private static final int TRY_MS = 1500;

  private static final int TRIES = 3;

  /** Pause before the second try; the next is twice as long, each half more or less [ms]. */
  private static final int PAUSE_MS = 120;

  /** How long it is left alone once most tries fail [s]. */
  private static final int LEFT_ALONE_S = 15;

  private static final int AT_ONCE = 6;
  private static final int MOST_BYTES = 512 * 1024;

  private final SupplyAddress house;
  private final HttpClient http =
      HttpClient.newBuilder()
          .connectTimeout(Duration.ofMillis(TRY_MS))
          .followRedirects(HttpClient.Redirect.NEVER)
          .build();
  private final Retry retry =
      Retry.of(
          "supply",
          RetryConfig.custom()
              .maxAttempts(TRIES)
              .intervalFunction(
                  IntervalFunction.ofExponentialRandomBackoff(
                      Duration.ofMillis(PAUSE_MS), 2.0, 0.5))
              .retryExceptions(SupplyGone.class)
              .build());
  private final CircuitBreaker breaker =
      CircuitBreaker.of(
          "supply",
          CircuitBreakerConfig.custom()
              .slidingWindowSize(6)
              .minimumNumberOfCalls(6)
              .failureRateThreshold(60)
              .waitDurationInOpenState(Duration.ofSeconds(LEFT_ALONE_S))
              .permittedNumberOfCallsInHalfOpenState(1)
              .build());
  private final Bulkhead bulkhead =
      Bulkhead.of(
          "supply",
          BulkheadConfig.custom()
              .maxConcurrentCalls(AT_ONCE)
              .maxWaitDuration(Duration.ZERO)
              .build());

  SupplyClient(SupplyAddress house) {
    this.house = house;
  }

  /**
   * What it answers at this address.
   *
   * @throws SupplyGone where nothing that can be used comes
   */
  Object ask(String path) throws SupplyGone {
    Callable<Object> guarded =
        Bulkhead.decorateCallable(
            bulkhead,
            Retry.decorateCallable(
                retry, CircuitBreaker.decorateCallable(breaker, () -> once("GET", path, null))));
    long begin = System.nanoTime();
    boolean answered = false;
    try {
      Object answer = guarded.call();
      answered = true;
      return answer;
    } catch (CallNotPermittedException leftAlone) {
      throw new SupplyGone("It failed again and again and is left alone for a moment.");
    } catch (BulkheadFullException many) {
      throw new SupplyGone("Too many ask it at once.");
    } catch (SupplyGone gone) {
      throw gone;
    } catch (Exception other) {
      LOG.error("asking the supply house failed", other);
      throw new SupplyGone("The asking failed; the server's log says at what.");
    } finally {
      Figures.askedSupply(answered, System.nanoTime() - begin);
    }
  }

  /** Whether it is left alone just now. */
  boolean isLeftAlone() {
    return breaker.getState() == CircuitBreaker.State.OPEN;
  }

  /** Tells the simulated one something, or asks it; once, past breaker and retries. */
  Object tell(String method, String path, @Nullable Object body) throws SupplyGone {
    Object answer = once(method, path, body);
    breaker.reset();
    return answer;
  }

  private Object once(String method, String path, @Nullable Object body) throws SupplyGone {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(house.url() + path))
            .timeout(Duration.ofMillis(TRY_MS))
            .header("Accept", "application/json")
            .method(
                method,
                body == null
                    ? HttpRequest.BodyPublishers.noBody()
                    : HttpRequest.BodyPublishers.ofString(Json.write(body)))
            .build();
    CompletableFuture<HttpResponse<byte[]>> coming =
        http.sendAsync(request, any -> bounded(new ByteArrayOutputStream()));
    try {
      // The request's own time ends with the headers; the whole must come within it.
      HttpResponse<byte[]> response = coming.get(TRY_MS, TimeUnit.MILLISECONDS);
      if (response.statusCode() != 200) {
        throw new SupplyGone("It answered " + response.statusCode() + ".");
      }
      return Json.read(new String(response.body(), StandardCharsets.UTF_8));
    } catch (TimeoutException late) {
      coming.cancel(true);
      throw new SupplyGone("It did not answer within " + TRY_MS / 1000.0 + " s.");
    } catch (ExecutionException failed) {
      throw new SupplyGone(
          failed.getCause() instanceof java.net.http.HttpTimeoutException
              ? "It did not answer within " + TRY_MS / 1000.0 + " s."
              : "It cannot be reached.");
    } catch (InputFaults garbage) {
      throw new SupplyGone("What it answered is no JSON.");
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
      throw new SupplyGone("The asking was broken off.");
    }
  }

  private static HttpResponse.BodySubscriber<byte[]> bounded(ByteArrayOutputStream whole) {
    return HttpResponse.BodySubscribers.mapping(
        HttpResponse.BodySubscribers.ofByteArrayConsumer(
            part ->
                part.ifPresent(
                    bytes -> {
                      if (whole.size() + bytes.length > MOST_BYTES) {
                        throw new UncheckedIOException(new IOException("too long"));
                      }
                      whole.writeBytes(bytes);
                    })),
        any -> whole.toByteArray());
  }
}
