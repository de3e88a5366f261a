package variablerotor.core.choice;

import java.util.List;
import variablerotor.core.stock.InStock;
import variablerotor.core.stock.Need;
import variablerotor.core.stock.PickList;
import variablerotor.core.stock.Quote;
import variablerotor.core.text.Words;

/**
 * What stock and supply house have of the small parts that a job takes besides its motor.
 *
 * @param stock parts that the shop keeps
 * @param quotes what the supply house said last
 */
public record Shelf(List<InStock> stock, List<Quote> quotes) {
  public Shelf {
    stock = List.copyOf(stock);
    quotes = List.copyOf(quotes);
  }

  /** Nothing known. */
  public static final Shelf EMPTY = new Shelf(List.of(), List.of());

  /** Whether nothing is known. */
  public boolean isEmpty() {
    return stock.isEmpty() && quotes.isEmpty();
  }

  /** What these cost; a need that nobody prices stands without a price. */
  public List<PartPrice> prices(List<Need> needs) {
    return PickList.of(needs, stock, quotes, null).stream()
        .map(line -> new PartPrice(named(line.need()), line.price()))
        .toList();
  }

  private static String named(Need need) {
    String title = need.kind().title();
    return need.count() > 1 ? need.count() + " × " + title : Words.opening(title);
  }
}
