package variablerotor.server.stock;

import java.util.Arrays;
import variablerotor.core.stock.RatingField;
import variablerotor.server.csv.Columns;

/** The stock as a table: a row for each part and place; a part that is new needs its kind. */
final class StockTable {
  private StockTable() {}

  static final Columns COLUMNS =
      new Columns("number")
          .texts("number", "kind", "name", "supplierNumber", "barcode")
          .numbers("price")
          .texts("place", "where")
          .numbers("count")
          .texts("replacedBy")
          .numbers(Arrays.stream(RatingField.values()).map(RatingField::id).toArray(String[]::new));
}
