package variablerotor.core.stock;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * One thing that a job asks for, and how far it is met: what one need uses is gone for the next.
 *
 * @param taken how many were taken for it
 * @param ordered how many are on order
 * @param arrived how many that were ordered are there
 * @param line where the rest comes from; null where nothing is left to get
 */
public record NeedRow(
    Need need, int taken, int ordered, int arrived, PickList.@Nullable PickLine line)
    implements Node {

  /** So many of a part that are there or coming. */
  public record Lot(PartKind kind, String number, int count) {}

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "need", need, "taken", taken, "ordered", ordered, "arrived", arrived, "line", line);
  }

  /**
   * A row for each need, in their order.
   *
   * @param taken for the job, loaners among them
   * @param arrived of what was ordered for it
   * @param ordered and not there yet
   * @param van the one at the job; null where none is named
   */
  public static List<NeedRow> of(
      List<Need> needs,
      List<Lot> taken,
      List<Lot> arrived,
      List<Lot> ordered,
      List<InStock> stock,
      List<Quote> quotes,
      @Nullable String van) {
    List<InStock> known = new ArrayList<>(stock);
    quotes.forEach(one -> known.add(new InStock(one.part(), List.of())));
    List<Left> here = Left.of(taken);
    List<Left> came = Left.of(arrived);
    List<Left> coming = Left.of(ordered);
    List<NeedRow> rows = new ArrayList<>();
    List<Need> missing = new ArrayList<>();
    for (Need need : needs) {
      List<Part> fits = need.of(known, quotes).stream().map(InStock::part).toList();
      int has = Left.use(here, need, fits, need.count());
      int there = Left.use(came, need, fits, need.count() - has);
      int due = Left.use(coming, need, fits, need.count() - has - there);
      rows.add(new NeedRow(need, has, due, there, null));
      if (rows.get(rows.size() - 1).open() > 0) {
        missing.add(need.of(rows.get(rows.size() - 1).open()));
      }
    }
    Iterator<PickList.PickLine> lines = PickList.of(missing, stock, quotes, van).iterator();
    return rows.stream().map(row -> row.open() == 0 ? row : row.with(lines.next())).toList();
  }

  /** How many are still to be got. */
  private int open() {
    return need.count() - taken - ordered - arrived;
  }

  private NeedRow with(PickList.PickLine from) {
    return new NeedRow(need, taken, ordered, arrived, from);
  }

  /** What is left of a lot. */
  private static final class Left {
    private final Lot lot;
    private int count;

    private Left(Lot lot) {
      this.lot = lot;
      count = lot.count();
    }

    static List<Left> of(List<Lot> lots) {
      return lots.stream().map(Left::new).toList();
    }

    static int use(List<Left> lots, Need need, List<Part> fits, int most) {
      int used = 0;
      for (Left one : lots) {
        if (used < most && one.meets(need, fits)) {
          int some = Math.min(most - used, one.count);
          one.count -= some;
          used += some;
        }
      }
      return used;
    }

    /** What was not said which one it is, any of its kind meets: it was known to who took it. */
    private boolean meets(Need need, List<Part> fits) {
      return PartNumber.same(lot.number(), need.number())
          || fits.stream().anyMatch(part -> part.goesBy(lot.number()))
          || (need.ask() != null && lot.kind() == need.kind());
    }
  }
}
