package variablerotor.core.stock;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.text.Words;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * Finds parts by what was typed, read off a plate or scanned: by number first, then what came in
 * its place, then numbers that look like it, then words.
 */
public final class Finder {
  /** Parts in one answer. */
  private static final int MOST = 40;

  /** By what it was found, the surest first. */
  public enum How {
    NUMBER,
    SUPPLIER_NUMBER,
    BARCODE,
    /** It came in the place of one that goes by this number. */
    SUCCESSOR,
    LOOKS_ALIKE,
    WORDS
  }

  /**
   * @param places where it lies; none for what only the supply house has
   * @param quote what the supply house said of it last; null where it said nothing
   * @param sentence why it is shown, where that is not plain; empty otherwise
   */
  public record PartFound(
      Part part, List<InStock.StockPlace> places, @Nullable Quote quote, How how, String sentence)
      implements Node {
    public PartFound {
      places = List.copyOf(places);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "part", part, "places", places, "quote", quote, "how", how, "sentence", sentence);
    }
  }

  /**
   * @param misread the digits are a barcode's, and one of them is wrong
   */
  public record Answer(boolean misread, List<PartFound> found) {
    public Answer {
      found = List.copyOf(found);
    }
  }

  private final String typed;
  private final List<InStock> all = new ArrayList<>();
  private final Map<String, Quote> quotes = new LinkedHashMap<>();
  private final Succession succession;
  private final Map<String, PartFound> found = new LinkedHashMap<>();

  private Finder(String typed, List<InStock> stock, List<Quote> quoted) {
    this.typed = typed.trim();
    succession = Succession.of(stock, quoted);
    quoted.forEach(one -> quotes.put(PartNumber.key(one.number()), one));
    all.addAll(stock);
    for (Quote quote : quoted) {
      if (stock.stream().noneMatch(one -> one.part().goesBy(quote.number()))) {
        all.add(new InStock(quote.part(), List.of()));
      }
    }
  }

  /** Nothing typed finds nothing. */
  public static Answer find(String typed, List<InStock> stock, List<Quote> quotes) {
    Finder finder = new Finder(typed, stock, quotes);
    finder.search();
    boolean isNumber =
        finder.found.values().stream().anyMatch(one -> one.how().compareTo(How.BARCODE) <= 0);
    return new Answer(
        PartNumber.isMisread(typed) && !isNumber,
        finder.found.values().stream().limit(MOST).toList());
  }

  private void search() {
    if (typed.isEmpty()) {
      return;
    }
    for (InStock one : all) {
      How how = how(one.part());
      if (how != null) {
        put(one, how, "");
        successors(one.part());
      }
    }
    // The old one may be kept nowhere any more, and still be known to have been replaced.
    succession.after(typed).forEach(number -> successor(typed, number));
    if (found.isEmpty() && !PartNumber.folded(typed).isEmpty()) {
      for (InStock one : all) {
        if (looksAlike(one.part())) {
          put(
              one,
              How.LOOKS_ALIKE,
              "Read it once more: glyphs such as 0 and O, 8 and B look alike.");
        }
      }
    }
    List<String> words = Words.splitAll(small(typed), " ");
    for (InStock one : all) {
      String text = text(one.part());
      if (words.stream().allMatch(text::contains)) {
        put(one, How.WORDS, "");
      }
    }
  }

  private @Nullable How how(Part part) {
    if (PartNumber.same(part.number(), typed)) {
      return How.NUMBER;
    }
    if (PartNumber.same(part.supplierNumber(), typed)) {
      return How.SUPPLIER_NUMBER;
    }
    return part.goesBy(typed) ? How.BARCODE : null;
  }

  private void successors(Part part) {
    succession.after(part.number()).forEach(number -> successor(part.number(), number));
    if (part.supplierNumber() != null) {
      String old = part.supplierNumber();
      succession.after(old).forEach(number -> successor(old, number));
    }
  }

  private void successor(String old, String number) {
    for (InStock one : all) {
      if (one.part().goesBy(number)) {
        put(one, How.SUCCESSOR, "It came in the place of " + old + ".");
      }
    }
  }

  private boolean looksAlike(Part part) {
    String folded = PartNumber.folded(typed);
    return folded.equals(PartNumber.folded(part.number()))
        || (part.supplierNumber() != null
            && folded.equals(PartNumber.folded(part.supplierNumber())));
  }

  private static String text(Part part) {
    return small(
        part.number()
            + " "
            + (part.supplierNumber() == null ? "" : part.supplierNumber())
            + " "
            + part.kind().title()
            + " "
            + part.name()
            + " "
            + part.rated());
  }

  /** In small letters, of the Latin alphabet: a fixed locale, and short in the page. */
  private static String small(String text) {
    StringBuilder small = new StringBuilder();
    for (int at = 0; at < text.length(); at++) {
      char letter = text.charAt(at);
      small.append(letter >= 'A' && letter <= 'Z' ? (char) (letter + ('a' - 'A')) : letter);
    }
    return small.toString();
  }

  private void put(InStock one, How how, String sentence) {
    Part part = one.part();
    Quote quote = quotes.get(PartNumber.key(part.number()));
    if (quote == null && part.supplierNumber() != null) {
      quote = quotes.get(PartNumber.key(part.supplierNumber()));
    }
    found.putIfAbsent(
        PartNumber.key(part.number()), new PartFound(part, one.places(), quote, how, sentence));
  }
}
