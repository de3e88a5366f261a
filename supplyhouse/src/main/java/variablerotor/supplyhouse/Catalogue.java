package variablerotor.supplyhouse;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import variablerotor.core.casefile.InputFaults;
import variablerotor.json.Json;

/** Invented parts with invented prices. */
final class Catalogue {
  /** Parts in one answer. */
  static final int MOST = 25;

  private final List<Map<String, Object>> parts = new ArrayList<>();

  Catalogue() {
    try {
      Map<?, ?> tree = (Map<?, ?>) Json.read(text("catalogue.json"));
      for (Object part : (List<?>) Objects.requireNonNull(tree.get("parts"))) {
        @SuppressWarnings("unchecked")
        Map<String, Object> one = (Map<String, Object>) part;
        one = new LinkedHashMap<>(one);
        // A count is a whole number, and told as one.
        one.computeIfPresent("stock", (field, count) -> ((Double) count).intValue());
        parts.add(one);
      }
    } catch (InputFaults unreadable) {
      throw new IllegalStateException("the catalogue cannot be read", unreadable);
    }
  }

  /** A file that ships with it. */
  static String text(String name) {
    try (InputStream file = Catalogue.class.getResourceAsStream("/supplyhouse/" + name)) {
      return new String(file.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException unreadable) {
      throw new IllegalStateException("cannot be read: " + name, unreadable);
    }
  }

  /** Parts that have every word in number, name, kind or barcode; none for no word. */
  List<Map<String, Object>> find(String words) {
    List<String> all =
        List.of(words.toLowerCase(Locale.ROOT).split("\\s+")).stream()
            .filter(one -> !one.isEmpty())
            .toList();
    return all.isEmpty()
        ? List.of()
        : parts.stream()
            .filter(part -> all.stream().allMatch(text(part)::contains))
            .limit(MOST)
            .toList();
  }

  private static String text(Map<String, Object> part) {
    return (part.get("number")
            + " "
            + part.get("name")
            + " "
            + part.get("kind")
            + " "
            + part.get("barcode"))
        .toLowerCase(Locale.ROOT);
  }

  /**
   * The parts of these numbers.
   *
   * @param numbers with commas between
   */
  List<Map<String, Object>> numbered(String numbers) {
    List<String> all = List.of(numbers.split(","));
    return parts.stream().filter(part -> all.contains(part.get("number"))).limit(MOST).toList();
  }
}
