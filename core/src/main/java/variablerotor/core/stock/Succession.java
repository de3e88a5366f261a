package variablerotor.core.stock;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What replaced what, from one number to the next. A circle of replacements says nothing of which
 * is the newest: it ends at the last number before it closes.
 */
public final class Succession {
  private final Map<String, String> next = new LinkedHashMap<>();

  /** Each part's own number and its supplier's, and what each supplier's number was replaced by. */
  public static Succession of(List<InStock> stock, List<Quote> quotes) {
    Succession made = new Succession();
    for (Quote quote : quotes) {
      made.put(quote.number(), quote.replacedBy());
    }
    for (InStock one : stock) {
      Part part = one.part();
      String supplier = part.supplierNumber();
      made.put(supplier, part.replacedBy());
      // What the supply house replaced is replaced under the shop's number, too.
      String now = supplier == null ? null : made.next.get(PartNumber.key(supplier));
      made.put(part.number(), part.replacedBy() != null ? part.replacedBy() : now);
    }
    return made;
  }

  private void put(@Nullable String old, @Nullable String now) {
    if (old != null && now != null && !PartNumber.same(old, now)) {
      next.put(PartNumber.key(old), now);
    }
  }

  /** The numbers that came after this one, in order; none where it was not replaced. */
  public List<String> after(String number) {
    List<String> chain = new ArrayList<>();
    List<String> seen = new ArrayList<>(List.of(PartNumber.key(number)));
    String now = next.get(PartNumber.key(number));
    while (now != null && !seen.contains(PartNumber.key(now))) {
      chain.add(now);
      seen.add(PartNumber.key(now));
      now = next.get(PartNumber.key(now));
    }
    return chain;
  }

  /** The last of them, or the number itself. */
  public String newest(String number) {
    List<String> chain = after(number);
    return chain.isEmpty() ? number : chain.get(chain.size() - 1);
  }
}
