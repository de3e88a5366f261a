package variablerotor.server.supply;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.casefile.PartReader;
import variablerotor.core.stock.Finder;
import variablerotor.core.stock.Quote;
import variablerotor.server.shop.SettingsStore;
import variablerotor.server.web.Refused;

/** What the supply house says of its parts: now, or where it does not answer, what it said last. */
@Service
public class SupplyService {
  /** An answer that takes longer is told to be slow [ms]. */
  private static final int SLOW_MS = 1000;

  /** Numbers that are asked for at once. */
  private static final int MOST_NUMBERS = 25;

  private static final int LONGEST_QUESTION = 100;

  /** So many replacements of replacements are followed. */
  private static final int LONGEST_CHAIN = 3;

  private final SupplyAddress house;
  private final SupplyClient client;
  private final SupplyStore store;
  private final SettingsStore settings;
  private final TransactionTemplate transaction;
  private final Clock clock;

  SupplyService(
      SupplyAddress house,
      SupplyClient client,
      SupplyStore store,
      SettingsStore settings,
      TransactionTemplate transaction,
      Clock clock) {
    this.house = house;
    this.client = client;
    this.store = store;
    this.settings = settings;
    this.transaction = transaction;
    this.clock = clock;
  }

  /** How the supply house answered. */
  public enum Line {
    /** At once. */
    GOOD,
    SLOW,
    /** Not at all: what is shown is what it said last. */
    GONE,
    /** The shop asks none. */
    NONE
  }

  /**
   * @param says how it stands, in a sentence
   * @param tookMs how long the answer took [ms]
   */
  public record Heard(Line line, String says, long tookMs, List<Quote> parts) {
    public Heard {
      parts = List.copyOf(parts);
    }
  }

  /** All that it said last. */
  public List<Quote> kept() {
    return store.all(currency());
  }

  private String currency() {
    return settings.current().currency();
  }

  /**
   * Parts by words, number or barcode.
   *
   * @throws Refused where the question is none
   */
  Heard find(String words) {
    if (words.length() > LONGEST_QUESTION) {
      throw Refused.field("q", "allowed are at most " + LONGEST_QUESTION + " characters");
    }
    if (words.isBlank()) {
      return new Heard(state(), "", 0, List.of());
    }
    String path = "/v1/parts?q=" + URLEncoder.encode(words.trim(), StandardCharsets.UTF_8);
    return withSuccessors(
        path,
        () ->
            Finder.find(words, List.of(), kept()).found().stream()
                .map(Finder.PartFound::quote)
                .toList());
  }

  /** Asks anew for parts by the supply house's numbers. */
  public Heard ask(Collection<String> numbers) {
    List<String> some = numbers.stream().distinct().limit(MOST_NUMBERS).toList();
    if (some.isEmpty()) {
      return new Heard(state(), "", 0, List.of());
    }
    return withSuccessors(
        numbered(some), () -> kept().stream().filter(one -> some.contains(one.number())).toList());
  }

  /** What came in the place of a part is asked for with it, so that it is known from then on. */
  private Heard withSuccessors(String path, Supplier<List<Quote>> last) {
    Heard heard = hear(path, last);
    List<Quote> all = new ArrayList<>(heard.parts());
    for (int round = 0; round < LONGEST_CHAIN && heard.line() != Line.GONE; round++) {
      List<String> unknown =
          all.stream()
              .map(Quote::replacedBy)
              .filter(Objects::nonNull)
              .filter(one -> all.stream().noneMatch(known -> known.number().equals(one)))
              .distinct()
              .limit(MOST_NUMBERS)
              .toList();
      if (unknown.isEmpty()) {
        break;
      }
      List<Quote> more = hear(numbered(unknown), List::of).parts();
      if (more.isEmpty()) {
        break;
      }
      all.addAll(more);
    }
    return new Heard(heard.line(), heard.says(), heard.tookMs(), all);
  }

  private static String numbered(List<String> numbers) {
    return "/v1/parts?numbers="
        + URLEncoder.encode(String.join(",", numbers), StandardCharsets.UTF_8);
  }

  private Line state() {
    return house.isThere() ? Line.GOOD : Line.NONE;
  }

  private Heard hear(String path, Supplier<List<Quote>> last) {
    if (!house.isThere()) {
      return new Heard(
          Line.NONE, "This shop asks no supply house. Prices are the shop's own.", 0, last.get());
    }
    long start = System.nanoTime();
    try {
      Object tree = client.ask(path);
      long took = (System.nanoTime() - start) / 1_000_000;
      OffsetDateTime now = OffsetDateTime.now(clock).truncatedTo(ChronoUnit.MICROS);
      List<Quote> quotes = PartReader.quotes(tree, currency(), now.toString());
      List<?> parts = (List<?>) Objects.requireNonNull(((Map<?, ?>) tree).get("parts"));
      transaction.executeWithoutResult(status -> store.keep(parts, now));
      return took > SLOW_MS
          ? new Heard(
              Line.SLOW, "The supply house is slow: it took " + seconds(took) + ".", took, quotes)
          : new Heard(Line.GOOD, "The supply house answered just now.", took, quotes);
    } catch (SupplyGone gone) {
      return gone(String.valueOf(gone.getMessage()), start, last.get());
    } catch (InputFaults garbage) {
      return gone("What it answered is no list of parts.", start, last.get());
    }
  }

  private static Heard gone(String why, long start, List<Quote> last) {
    return new Heard(
        Line.GONE,
        "The supply house does not answer. "
            + why
            + (last.isEmpty()
                ? " It has said nothing of this before."
                : " What it said last is shown, with its age."),
        (System.nanoTime() - start) / 1_000_000,
        last);
  }

  private static String seconds(long ms) {
    return Math.round(ms / 100.0) / 10.0 + " s";
  }

  /**
   * How it stands with the supply house.
   *
   * @param leftAlone whether it failed so often that it is not asked just now
   * @param parts of how many it has said something
   * @param lastAnswer when it answered last; null where it never did
   */
  record Desk(
      Line line, boolean standIn, boolean leftAlone, int parts, @Nullable String lastAnswer) {}

  Desk desk() {
    List<Quote> all = kept();
    return new Desk(
        state(),
        house.standIn(),
        client.isLeftAlone(),
        all.size(),
        all.stream()
            .map(Quote::asOf)
            .max(java.util.Comparator.comparing(OffsetDateTime::parse))
            .orElse(null));
  }

  /** How the simulated supply house behaves. */
  Object mood() {
    return told("GET", null);
  }

  /**
   * @throws Refused where there is no simulated one, or this is no mood
   */
  Object mood(Object body) {
    return told("PUT", body);
  }

  private Object told(String method, @Nullable Object body) {
    if (!house.isThere() || !house.standIn()) {
      throw Refused.missing("simulated supply house");
    }
    try {
      return client.tell(method, "/v1/mood", body);
    } catch (SupplyGone gone) {
      throw Refused.field("mood", "The simulated supply house: " + gone.getMessage());
    }
  }
}
