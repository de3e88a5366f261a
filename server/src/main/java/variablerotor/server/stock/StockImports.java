package variablerotor.server.stock;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.stock.InStock;
import variablerotor.core.stock.Part;
import variablerotor.core.stock.PartNumber;
import variablerotor.core.stock.Place;
import variablerotor.server.log.Stamp;
import variablerotor.server.stock.StockService.PartRow;
import variablerotor.server.web.Refused;
import variablerotor.server.web.Sha256;

/** Lists of parts, brought in whole, and taken back whole. */
@Service
public class StockImports {
  private static final int SHOWN = 5;

  private final ImportStore lists;
  private final StockStore store;
  private final StockService stock;

  StockImports(ImportStore lists, StockStore store, StockService stock) {
    this.lists = lists;
    this.store = store;
    this.stock = stock;
  }

  /** Where parts lie. */
  private record Spot(UUID part, Place at, String where) {}

  private Map<Spot, Integer> counts(List<StockStore.Kept> all) {
    Map<Spot, Integer> counts = new HashMap<>();
    for (StockStore.Kept kept : all) {
      for (InStock.StockPlace stocked : kept.stock().places()) {
        counts.put(new Spot(kept.id(), stocked.at(), stocked.where()), stocked.count());
      }
    }
    return counts;
  }

  /**
   * Brings in a list: a part of a known number takes its place, what has no column stays as it was,
   * and each row's count is what lies in its place from now on. One bad row, and nothing is. Sent
   * again under its id it is the same list.
   *
   * @throws Refused with every row that is wrong
   */
  @Transactional
  public List<PartRow> bringIn(UUID id, String csv, Stamp stamp) {
    String digest = Sha256.of(csv.getBytes(StandardCharsets.UTF_8));
    store.lockList();
    if (lists.holds(id, digest)) {
      return stock.list();
    }
    store.lockCounts();
    Map<String, StockStore.Kept> known = new HashMap<>();
    List<StockStore.Kept> all = store.all();
    all.forEach(one -> known.put(PartNumber.key(one.stock().part().number()), one));
    List<StockTable.Listed> rows = StockTable.read(csv, known);
    Map<Spot, Integer> stocked = counts(all);
    List<ImportStore.NewEdition> editions = new ArrayList<>();
    List<ImportStore.NewCount> counts = new ArrayList<>();
    for (StockTable.Listed row : rows) {
      String key = PartNumber.key(row.part().number());
      StockStore.Kept kept = known.get(key);
      UUID part = kept == null ? derived(id, key) : kept.id();
      if (kept == null || !kept.stock().part().equals(row.part())) {
        editions.add(new ImportStore.NewEdition(derived(id, key), part, row.part(), false));
      }
      for (InStock.StockPlace one : row.stocked()) {
        int now = stocked.getOrDefault(new Spot(part, one.at(), one.where()), 0);
        counts.add(
            new ImportStore.NewCount(
                derived(id, key + " " + one.at() + " " + one.where()),
                part,
                one.at(),
                one.where(),
                one.count(),
                one.count() - now));
      }
    }
    lists.add(id, digest, rows.size(), stamp);
    lists.addEditions(id, editions, stamp);
    lists.addCounts(id, counts, stamp);
    return stock.limited();
  }

  /** The lists that came in last, the newest first. */
  @Transactional(readOnly = true)
  List<ImportStore.Brought> newest() {
    return lists.newest(SHOWN);
  }

  /**
   * @param left what stays as it is, and why
   */
  record TakenBack(List<PartRow> parts, List<String> left) {}

  /**
   * Takes a list back: parts that nothing changed since say again what they said before, those that
   * it brought are gone, and of each count what the list changed is changed back. What came after
   * it stays; a list that was taken back before stays so.
   *
   * @throws Refused where there is no such list
   */
  @Transactional
  TakenBack takeBack(UUID list, UUID undo, Stamp stamp) {
    store.lockList();
    store.lockCounts();
    if (!lists.isThere(list)) {
      throw Refused.missing("list");
    }
    if (!lists.addUndo(undo, list, stamp)) {
      return new TakenBack(stock.list(), List.of());
    }
    Map<Spot, Integer> stocked = counts(store.all());
    Map<UUID, Integer> left = new HashMap<>();
    stocked.forEach((spot, count) -> left.merge(spot.part(), count, Integer::sum));
    List<String> said = new ArrayList<>();
    List<ImportStore.NewCount> counts = new ArrayList<>();
    for (ImportStore.Counted one : lists.counted(list)) {
      Spot spot = new Spot(one.part(), one.at(), one.where());
      int now = stocked.getOrDefault(spot, 0);
      if (now < one.change()) {
        said.add(
            "Of "
                + stock.part(one.part()).number()
                + " parts were taken from "
                + one.where()
                + " since: count it by hand.");
        continue;
      }
      int back = now - one.change();
      left.merge(one.part(), -one.change(), Integer::sum);
      counts.add(
          new ImportStore.NewCount(
              derived(undo, one.part() + " " + one.at() + " " + one.where()),
              one.part(),
              one.at(),
              one.where(),
              back,
              -one.change()));
    }
    List<ImportStore.NewEdition> editions = new ArrayList<>();
    for (ImportStore.Changed one : lists.changed(list)) {
      String number = one.is().number();
      boolean gone = one.before() == null || one.removedBefore();
      if (!one.inForce()) {
        said.add(number + " was changed since: it stays as it is now.");
      } else if (gone && left.getOrDefault(one.part(), 0) > 0) {
        said.add(number + " stays: some of it lie somewhere.");
      } else {
        Part part = one.before() == null ? one.is() : one.before();
        editions.add(
            new ImportStore.NewEdition(derived(undo, "" + one.part()), one.part(), part, gone));
      }
    }
    lists.addEditions(null, editions, stamp);
    lists.addCounts(null, counts, stamp);
    return new TakenBack(stock.list(), said);
  }

  private static UUID derived(UUID id, String what) {
    return UUID.nameUUIDFromBytes((id + " " + what).getBytes(StandardCharsets.UTF_8));
  }
}
