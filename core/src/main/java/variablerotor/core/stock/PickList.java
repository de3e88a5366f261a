package variablerotor.core.stock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.text.Numbers;
import variablerotor.core.text.Words;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * Where each part that a job asks for comes from: this van, the shelf, another van, the supply
 * house, in this order; and what nobody has. What one line takes is gone for the next.
 */
public final class PickList {
  /** How a line stands. */
  public enum State {
    /** All of it lies in van or shop. */
    HAVE,
    /** Some or all must be ordered. */
    ORDER,
    /** Neither stock nor supply house has enough of it. */
    MISSING,
    /** Something must be known first. */
    ASK
  }

  /** So many from one place. */
  public record Take(Place at, String where, String number, String name, int count)
      implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("at", at, "where", where, "number", number, "name", name, "count", count);
    }
  }

  /**
   * So many to be ordered.
   *
   * @param price of one [currency]
   * @param days until they are there [d]
   * @param asOf when the supply house said so
   */
  public record Buy(
      String number,
      String name,
      int count,
      @Nullable Double price,
      @Nullable Double days,
      String asOf)
      implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "number", number, "name", name, "count", count, "price", price, "days", days, "asOf",
          asOf);
    }
  }

  /**
   * @param missing how many nobody has
   * @param price of all of it; null where one of its prices is not known
   * @param sentence where it comes from, or what is missing
   */
  public record PickLine(
      Need need,
      State state,
      List<Take> takes,
      @Nullable Buy buy,
      int missing,
      @Nullable Double price,
      String sentence)
      implements Node {
    public PickLine {
      takes = List.copyOf(takes);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "need", need,
          "state", state,
          "takes", takes,
          "buy", buy,
          "missing", missing,
          "price", price,
          "sentence", sentence);
    }
  }

  private final List<InStock> stock;
  private final List<Quote> quotes;
  private final Succession succession;
  private final @Nullable String van;

  /** How many of each part and place are spoken for by lines before. */
  private final Map<String, Integer> spokenFor = new LinkedHashMap<>();

  private PickList(List<InStock> stock, List<Quote> quotes, @Nullable String van) {
    this.stock = stock;
    this.quotes = quotes;
    this.van = van;
    succession = Succession.of(stock, quotes);
  }

  /**
   * A line for each need, in their order.
   *
   * @param van the one that stands at the job; null where none is named
   */
  public static List<PickLine> of(
      List<Need> needs, List<InStock> stock, List<Quote> quotes, @Nullable String van) {
    PickList list = new PickList(stock, quotes, van);
    List<PickLine> lines = new ArrayList<>();
    for (Need need : needs) {
      lines.add(list.line(need));
    }
    return lines;
  }

  private record Lot(Part part, InStock.StockPlace stocked) {}

  private PickLine line(Need need) {
    if (need.ask() != null) {
      return new PickLine(need, State.ASK, List.of(), null, need.count(), null, need.ask());
    }
    List<Take> takes = new ArrayList<>();
    int left = need.count();
    Double price = 0.0;
    for (Lot lot : lots(need)) {
      if (left == 0) {
        break;
      }
      String key = PartNumber.key(lot.part.number()) + " " + lot.stocked.at() + lot.stocked.where();
      int spoken = spokenFor.getOrDefault(key, 0);
      int count = Math.min(left, lot.stocked.count() - spoken);
      if (count > 0) {
        spokenFor.put(key, spoken + count);
        takes.add(
            new Take(
                lot.stocked.at(), lot.stocked.where(), lot.part.number(), lot.part.name(), count));
        price = plus(price, priceOf(lot.part), count);
        left -= count;
      }
    }
    Buy buy = left == 0 ? null : buy(need, left);
    if (buy != null) {
      price = plus(price, buy.price(), left);
    }
    boolean none = left > 0 && buy == null;
    State state = none ? State.MISSING : left > 0 ? State.ORDER : State.HAVE;
    return new PickLine(
        need,
        state,
        takes,
        buy,
        none ? left : 0,
        none ? null : price,
        sentence(need, takes, buy, none ? left : 0));
  }

  private static @Nullable Double plus(@Nullable Double sum, @Nullable Double price, int count) {
    return sum == null || price == null ? null : (Double) (sum + price * count);
  }

  /** The shop's price, or where it sets none the supply house's. */
  private @Nullable Double priceOf(Part part) {
    if (part.price() != null) {
      return part.price();
    }
    for (Quote quote : quotes) {
      if (part.goesBy(quote.number())) {
        return quote.price();
      }
    }
    return null;
  }

  /** What lies somewhere and will do for certain, the nearest first, then the cheaper. */
  private List<Lot> lots(Need need) {
    List<Lot> lots = new ArrayList<>();
    for (InStock one : stock) {
      if (need.fit(one.part(), succession) == Need.Fit.YES) {
        one.places().forEach(stocked -> lots.add(new Lot(one.part(), stocked)));
      }
    }
    lots.sort(
        Comparator.comparingInt((Lot lot) -> distance(lot.stocked))
            .thenComparing(lot -> lot.part.price(), Comparator.nullsLast(Comparator.naturalOrder()))
            .thenComparing(lot -> lot.part.number())
            .thenComparing(lot -> lot.stocked.where()));
    return lots;
  }

  private int distance(InStock.StockPlace stocked) {
    if (stocked.at() != Place.VAN) {
      return 1;
    }
    return stocked.where().equals(van) ? 0 : 2;
  }

  /** The soonest of what the supply house has for certain, then the cheaper. */
  private @Nullable Buy buy(Need need, int count) {
    Quote best = null;
    Comparator<Quote> order =
        Comparator.comparing(
                (Quote one) -> one.days(count), Comparator.nullsLast(Comparator.naturalOrder()))
            .thenComparing(Quote::price, Comparator.nullsLast(Comparator.naturalOrder()))
            .thenComparing(Quote::number);
    for (Quote quote : quotes) {
      if (canBeHad(quote, need, count) && (best == null || order.compare(quote, best) < 0)) {
        best = quote;
      }
    }
    return best == null
        ? null
        : new Buy(best.number(), best.name(), count, best.price(), best.days(count), best.asOf());
  }

  /** Not what was replaced and is sold out: its successor is. */
  private boolean canBeHad(Quote quote, Need need, int count) {
    boolean gone = quote.replacedBy() != null && (quote.stock() == null || quote.stock() < count);
    return !gone && (need.fit(quote.part(), succession) == Need.Fit.YES || goesBy(quote, need));
  }

  /** Its number stands on a part of the shop's that the need asks for by the shop's number. */
  private boolean goesBy(Quote quote, Need need) {
    return need.number() != null
        && stock.stream()
            .map(InStock::part)
            .anyMatch(
                part ->
                    need.fit(part, succession) == Need.Fit.YES
                        && (PartNumber.same(part.supplierNumber(), quote.number())
                            || succession.after(part.number()).stream()
                                .anyMatch(quote.part()::goesBy)));
  }

  private String sentence(Need need, List<Take> takes, @Nullable Buy buy, int missing) {
    List<String> parts = new ArrayList<>();
    for (Take take : takes) {
      parts.add(take.count() + " from " + place(take.at(), take.where()));
    }
    if (buy != null) {
      parts.add(buy.count() + " to order" + days(buy.days()));
    }
    if (missing > 0) {
      parts.add(missing + " that neither stock nor supply house has");
    }
    String sentence = String.join(", ", parts) + ".";
    List<String> perhaps = takes.isEmpty() ? perhaps(need) : List.of();
    return perhaps.isEmpty()
        ? sentence
        : sentence
            + " Perhaps "
            + Words.or(perhaps)
            + ": what decides is not written down; read it on the part.";
  }

  /** What lies in stock and may do, if its rating is as it must be. */
  private List<String> perhaps(Need need) {
    List<String> names = new ArrayList<>();
    for (InStock one : stock) {
      if (one.total() > 0 && need.fit(one.part(), succession) == Need.Fit.PERHAPS) {
        names.add(one.part().number());
      }
    }
    return names;
  }

  private static String days(@Nullable Double days) {
    if (days == null) {
      return ", days not said";
    }
    return days == 0
        ? ", in stock there"
        : ", " + Numbers.plain(days) + (days == 1 ? " day" : " days");
  }

  /** As in "2 from van Kestrel". */
  static String place(Place at, String where) {
    return switch (at) {
      case VAN -> "van " + where;
      case SHELF -> "shelf " + where;
      case SUPPLY_HOUSE -> "the supply house";
    };
  }
}
