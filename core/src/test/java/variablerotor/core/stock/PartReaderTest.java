package variablerotor.core.stock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.casefile.PartReader;

/** What a shop says of its parts, to the letter; what a supply house says, as far as it can be. */
class PartReaderTest {
  private static Map<String, Object> told(Object... more) {
    Map<String, Object> tree = new TreeMap<>(Map.of("number", "C5", "kind", "CAPACITOR"));
    for (int i = 0; i < more.length; i += 2) {
      tree.put((String) more[i], more[i + 1]);
    }
    return tree;
  }

  @Test
  void aPartIsReadAndWrittenTheSame() throws InputFaults {
    Part part =
        PartReader.part(
            told(
                "name",
                "Run capacitor",
                "price",
                14.0,
                "microfarads",
                5.0,
                "volts",
                370.0,
                "barcode",
                "96385074",
                "supplierNumber",
                "QH-1",
                "replacedBy",
                "C6"));
    assertEquals(part, PartReader.part(part.tree()));
    assertEquals("5 µF, 370 V", part.rated());
  }

  @ParameterizedTest
  @CsvSource({
    "number,''",
    "number,---",
    "kind,MAGNET",
    "price,-1",
    "price,1e9",
    "microfarads,0",
    "volts,99999",
    "poles,7",
    "barcode,12345",
    "barcode,96385075",
    "replacedBy,c-5",
    "colour,red"
  })
  void whatCannotBeIsToldWithItsField(String field, String value) {
    Object given = value;
    try {
      given = field.equals("barcode") ? value : (Object) Double.valueOf(value);
    } catch (NumberFormatException text) {
      // It is text.
    }
    Object as = given;
    InputFaults faults = assertThrows(InputFaults.class, () -> PartReader.part(told(field, as)));
    assertEquals(field, faults.faults().get(0).path());
  }

  @Test
  void anOverloadsRangeGoesUpwards() {
    assertThrows(
        InputFaults.class,
        () -> PartReader.part(told("kind", "OVERLOAD", "ampsFrom", 10.0, "amps", 6.0)));
  }

  private static Quote quote(Object... more) throws InputFaults {
    Map<String, Object> tree =
        new TreeMap<>(
            Map.of(
                "number",
                "QH-1",
                "kind",
                "MOTOR",
                "name",
                "A motor",
                "price",
                90.0,
                "currency",
                "USD",
                "stock",
                3.0,
                "leadDays",
                2.0));
    for (int i = 0; i < more.length; i += 2) {
      if (more[i + 1] == null) {
        tree.remove(more[i]);
      } else {
        tree.put((String) more[i], more[i + 1]);
      }
    }
    List<Quote> quotes =
        PartReader.quotes(Map.of("parts", List.of(tree)), "USD", "2026-11-27T08:00:00Z");
    return quotes.isEmpty() ? null : quotes.get(0);
  }

  @Test
  void whatASupplyHouseSaysIsTakenOverWhereItMakesSense() throws InputFaults {
    Quote good = quote();
    assertEquals(90.0, good.price());
    assertEquals(3, good.stock());
    assertEquals(0, good.days(3));
    assertEquals(2, good.days(4));
    assertTrue(good.doubts().isEmpty());
  }

  @Test
  void aLieIsNotBelievedAndTheRestStands() throws InputFaults {
    Quote negative = quote("stock", -3.0);
    assertNull(negative.stock());
    assertEquals(90.0, negative.price());
    assertEquals(2, negative.days(1));
    assertEquals(1, negative.doubts().size());
    Quote foreign = quote("currency", "SEK");
    assertNull(foreign.price());
    assertTrue(foreign.doubts().get(0).contains("SEK"));
    assertNull(quote("currency", null).price(), "a price of no currency is none");
    assertNull(quote("price", null).price());
    assertNull(quote("price", 0.0).price());
    assertNull(quote("price", -5.0).price());
    assertNull(quote("price", 1e12).price());
    assertNull(quote("price", "90").price());
    assertNull(quote("stock", 2.5).stock());
    assertNull(quote("leadDays", -1.0).leadDays());
    assertNull(quote("leadDays", 1e6).leadDays());
    assertEquals(PartKind.OTHER, quote("kind", "FLYWHEEL").kind());
    assertNull(quote("barcode", "96385075").barcode());
    assertNull(quote("number", "  "));
    assertNull(quote("number", 12.0));
  }

  @Test
  void whatIsNoListIsSaidToBeNone() {
    for (Object tree : new Object[] {List.of(), "parts", Map.of("parts", "none"), Map.of()}) {
      assertThrows(InputFaults.class, () -> PartReader.quotes(tree, "USD", "now"));
    }
  }
}
