package variablerotor.core.stock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class PlateTextTest {
  private static InStock kept(String number, String supplier) {
    return new InStock(
        new Part(number, PartKind.MOTOR, "Kestrel", supplier, null, null, null, Map.of()),
        List.of());
  }

  private static final List<InStock> STOCK =
      List.of(kept("K48T-075", "QH-41001"), kept("1050", null), kept("V230", null));

  private static List<String> found(String... lines) {
    return PlateText.find(PlateText.candidates(List.of(lines)), STOCK, List.of()).stream()
        .map(one -> one.part().number() + " " + one.how())
        .toList();
  }

  @Test
  void aNumberOnThePlateFindsThePart() {
    assertEquals(List.of("K48T-075 NUMBER"), found("WEIRSIDE MOTOR WORKS", "PART K48T-075 REV B"));
    assertEquals(List.of("K48T-075 SUPPLIER_NUMBER"), found("ORDER QH-41001"));
  }

  /** Readers of letters cut numbers in two, and take one glyph for another. */
  @Test
  void aNumberThatWasCutOrMisreadIsStillFoundAndSaidToBeAlike() {
    assertEquals(List.of("K48T-075 NUMBER"), found("PART K48T -075"));
    assertEquals(List.of("K48T-075 LOOKS_ALIKE"), found("PART K4BT-O7S"));
    assertEquals(List.of(), found("PART K49T-075"));
  }

  @Test
  void theSurestComesFirst() {
    assertEquals("1050 NUMBER", found("K4BT-075", "1050 RPM").get(0));
  }

  @Test
  void whatIsShortOrWithoutADigitIsNoNumber() {
    List<String> candidates =
        PlateText.candidates(List.of("230 V 60 HZ 1 PH", "REV. ROTATION", "TYPE KESTREL 48-T"));
    assertFalse(candidates.contains("230"), candidates + "");
    assertFalse(candidates.contains("ROTATION"), candidates + "");
    assertTrue(candidates.contains("KESTREL 48-T"), candidates + "");
    assertTrue(PlateText.candidates(Collections.nCopies(500, "A1234 B2345 C3456")).size() <= 80);
  }
}
