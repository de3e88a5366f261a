package variablerotor.server.stock;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.casefile.PartReader;
import variablerotor.core.fact.FactParser;
import variablerotor.core.stock.InStock;
import variablerotor.core.stock.Part;
import variablerotor.core.stock.PartNumber;
import variablerotor.core.stock.Place;
import variablerotor.core.stock.RatingField;
import variablerotor.core.text.Numbers;
import variablerotor.server.csv.Columns;
import variablerotor.server.csv.Csv;
import variablerotor.server.web.Refused;

/** The stock as a table: a row for each part and place; a part that is new needs its kind. */
final class StockTable {
  private StockTable() {}

  private static final Columns COLUMNS =
      new Columns("number")
          .texts("number", "kind", "name", "supplierNumber", "barcode")
          .numbers("price")
          .texts("place", "where")
          .numbers("count")
          .texts("replacedBy")
          .numbers(Arrays.stream(RatingField.values()).map(RatingField::id).toArray(String[]::new));

  /** A part of a table with the counts of its rows. */
  record Listed(int row, Part part, List<InStock.StockPlace> stocked) {}

  /**
   * The parts of a table, and what its rows say of their counts.
   *
   * @param known parts by the key of their number: what has no column stays as it was
   * @throws Refused with every row that is wrong
   */
  static List<Listed> read(String csv, Map<String, StockStore.Kept> known) {
    Columns.Read table = COLUMNS.read(Csv.read(csv));
    List<InputFault> faults = new ArrayList<>(table.faults());
    Map<String, Listed> parts = new LinkedHashMap<>();
    table.rows().forEach((row, told) -> listed(row, told, known, parts, faults));
    if (parts.size() > StockService.MOST_PARTS) {
      faults.add(
          new InputFault("row", "allowed are at most " + StockService.MOST_PARTS + " parts"));
    }
    if (!faults.isEmpty()) {
      throw Refused.fields(faults);
    }
    return List.copyOf(parts.values());
  }

  private static void listed(
      int row,
      Map<String, Object> told,
      Map<String, StockStore.Kept> known,
      Map<String, Listed> parts,
      List<InputFault> faults) {
    String path = "row " + row + ", ";
    StockStore.Kept kept =
        told.get("number") instanceof String number ? known.get(PartNumber.key(number)) : null;
    Map<String, Object> fields = kept == null ? new LinkedHashMap<>() : kept.stock().part().tree();
    fields.putAll(told);
    Object at = fields.remove("place");
    Object where = fields.remove("where");
    Object count = fields.remove("count");
    Part part;
    try {
      part = StockService.read(fields, path);
    } catch (Refused refused) {
      faults.addAll(refused.faults());
      return;
    }
    Listed before = parts.get(PartNumber.key(part.number()));
    if (before != null && !before.part.equals(part)) {
      faults.add(
          new InputFault(
              path + "number",
              "row " + before.row + " has this number and says something else of the part"));
      return;
    }
    Listed one = before == null ? new Listed(row, part, new ArrayList<>()) : before;
    parts.put(PartNumber.key(part.number()), one);
    if (at == null && where == null && count == null) {
      return;
    }
    InStock.StockPlace stocked = stocked(path, at, where, count, faults);
    if (stocked == null) {
      return;
    }
    if (one.stocked.stream()
        .anyMatch(each -> each.at() == stocked.at() && each.where().equals(stocked.where()))) {
      faults.add(new InputFault(path + "where", "this part and place stand in a row before"));
    }
    one.stocked.add(stocked);
  }

  private static InStock.@Nullable StockPlace stocked(
      String path,
      @Nullable Object at,
      @Nullable Object where,
      @Nullable Object count,
      List<InputFault> faults) {
    Place place = "VAN".equals(at) ? Place.VAN : "SHELF".equals(at) ? Place.SHELF : null;
    if (place == null) {
      faults.add(
          new InputFault(path + "place", "found " + spoken(at) + "; allowed is VAN or SHELF"));
    }
    String name =
        where instanceof String text && text.length() <= StockService.LONGEST_PLACE ? text : null;
    if (name == null) {
      faults.add(
          new InputFault(
              path + "where",
              "required is the name of the van or shelf, at most "
                  + StockService.LONGEST_PLACE
                  + " characters"));
    }
    Double whole =
        count instanceof Double number
                && number >= 0
                && number <= PartReader.MOST_COUNT
                && number == Math.rint(number)
            ? number
            : null;
    if (whole == null) {
      faults.add(
          new InputFault(
              path + "count",
              "found "
                  + spoken(count)
                  + "; allowed is a whole number from 0 to "
                  + PartReader.MOST_COUNT));
    }
    return place == null || name == null || whole == null
        ? null
        : new InStock.StockPlace(place, name, whole.intValue());
  }

  private static String spoken(@Nullable Object value) {
    return value == null
        ? "nothing"
        : value instanceof Double number
            ? Numbers.plain(number, 6)
            : FactParser.describe(String.valueOf(value));
  }

  /** As it can be brought in again. */
  static String write(List<InStock> stock) {
    List<Map<String, Object>> rows = new ArrayList<>();
    for (InStock one : stock) {
      List<InStock.StockPlace> places = one.places();
      if (places.isEmpty()) {
        rows.add(one.part().tree());
      }
      for (InStock.StockPlace stocked : places) {
        Map<String, Object> row = one.part().tree();
        row.put("place", stocked.at().name());
        row.put("where", stocked.where());
        row.put("count", (double) stocked.count());
        rows.add(row);
      }
    }
    return Csv.write(COLUMNS.write(rows));
  }
}
