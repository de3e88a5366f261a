package variablerotor.core.stock;

import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * A part that a job asks for: one that goes by a number, or any of a kind that is rated for it.
 *
 * @param words what is asked for, as it is told
 * @param number null where any of its kind will do that is rated so
 * @param ratings what it must have, in each field's unit
 * @param ask what must be known before one can be picked; null where nothing is missing
 */
public record Need(
    PartKind kind,
    int count,
    String words,
    @Nullable String number,
    Map<RatingField, Double> ratings,
    @Nullable String ask)
    implements Node {
  public Need {
    Map<RatingField, Double> copy = new EnumMap<>(RatingField.class);
    copy.putAll(ratings);
    ratings = Collections.unmodifiableMap(copy);
  }

  /** So many of the part that goes by this number. */
  public static Need numbered(PartKind kind, String number, int count, String words) {
    return new Need(kind, count, words, number, Map.of(), null);
  }

  /** The same, but so many. */
  public Need of(int so) {
    return new Need(kind, so, words, number, ratings, ask);
  }

  /** What a part must be for a need. */
  enum Fit {
    YES,
    /** It would, if what is not known of it is as it must be. */
    PERHAPS,
    NO
  }

  /** Microfarads closer than this are the same ones [µF]. */
  private static final double SAME = 1e-6;

  /**
   * Whether a part will do. By number it is that very part; otherwise kind and ratings decide: the
   * same microfarads and coil, at least the volts, amps, VA and poles, and an overload whose range
   * holds the motor's amps. Common practice; the capacitor by field practice exactly the motor's
   * microfarads.
   */
  Fit fit(Part part, Succession succession) {
    if (ask != null) {
      return Fit.NO;
    }
    if (number != null) {
      String wanted = number;
      boolean itself = part.goesBy(wanted);
      return itself || succession.after(wanted).stream().anyMatch(part::goesBy) ? Fit.YES : Fit.NO;
    }
    if (part.kind() != kind) {
      return Fit.NO;
    }
    Fit worst = Fit.YES;
    for (Map.Entry<RatingField, Double> one : ratings.entrySet()) {
      Fit of = fit(one.getKey(), one.getValue(), part.ratings());
      worst = of.compareTo(worst) > 0 ? of : worst;
    }
    return worst;
  }

  /** The parts of the stock that will do for certain, in its order. */
  public List<InStock> of(List<InStock> stock, List<Quote> quotes) {
    Succession succession = Succession.of(stock, quotes);
    return stock.stream().filter(one -> fit(one.part(), succession) == Fit.YES).toList();
  }

  private Fit fit(RatingField field, double asked, Map<RatingField, Double> has) {
    Double value = has.get(field);
    if (value == null) {
      return Fit.PERHAPS;
    }
    boolean good =
        switch (field) {
          case MICROFARADS, COIL_VOLTS -> Math.abs(value - asked) < SAME;
          case AMPS_FROM -> value <= asked;
          case VOLTS, AMPS, VA, POLES -> value >= asked;
        };
    return good ? Fit.YES : Fit.NO;
  }

  @Override
  public Map<String, Object> tree() {
    Map<String, Object> tree =
        new LinkedHashMap<>(Tree.of("kind", kind, "count", count, "words", words));
    tree.putAll(Tree.of("number", number, "ask", ask));
    ratings.forEach((field, value) -> tree.put(field.id(), Objects.requireNonNull(value)));
    return tree;
  }
}
