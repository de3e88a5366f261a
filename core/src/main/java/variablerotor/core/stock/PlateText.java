package variablerotor.core.stock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import variablerotor.core.text.Words;

/**
 * Parts that a text read off a plate or a box names. A reader of letters takes one glyph for
 * another and one word for two, so neighbours are tried together, and a number that only looks like
 * one of the text is said to do no more than that.
 */
public final class PlateText {
  /** Shorter ones stand on every plate, as volts and frames. */
  private static final int SHORTEST = 4;

  /** Texts that are looked up of one plate. */
  private static final int MOST = 80;

  private PlateText() {}

  /** What of a text can be a part's number: with a digit, alone or with its neighbour. */
  public static List<String> candidates(List<String> lines) {
    Set<String> candidates = new LinkedHashSet<>();
    for (String line : lines) {
      String before = "";
      for (String word : Words.splitAll(line, " \t,;:")) {
        add(candidates, word);
        if (!before.isEmpty()) {
          add(candidates, before + " " + word);
        }
        before = word;
      }
    }
    return candidates.stream().limit(MOST).toList();
  }

  private static void add(Set<String> candidates, String text) {
    String key = PartNumber.key(text);
    boolean digit = false;
    for (int at = 0; at < key.length(); at++) {
      digit |= key.charAt(at) >= '0' && key.charAt(at) <= '9';
    }
    if (digit && key.length() >= SHORTEST) {
      candidates.add(text);
    }
  }

  /** The parts that go by any of these, the surest first; found by words is not found. */
  public static List<Finder.PartFound> find(
      List<String> candidates, List<InStock> stock, List<Quote> quotes) {
    List<Finder.PartFound> all = new ArrayList<>();
    for (String candidate : candidates) {
      for (Finder.PartFound one : Finder.find(candidate, stock, quotes).found()) {
        if (one.how() != Finder.How.WORDS) {
          all.add(one);
        }
      }
    }
    all.sort(Comparator.comparing(Finder.PartFound::how));
    Map<String, Finder.PartFound> found = new LinkedHashMap<>();
    all.forEach(one -> found.putIfAbsent(PartNumber.key(one.part().number()), one));
    return new ArrayList<>(found.values());
  }
}
