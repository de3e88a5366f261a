package variablerotor.core.stock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class FinderTest {
  private static final String NOW = "2026-11-27T08:00:00Z";
  private static final Part OLD =
      new Part("R-8", PartKind.RELAY, "Fan relay", "QH-8", "96385074", 26.0, "R-12", Map.of());
  private static final Part NEW =
      new Part("R-12", PartKind.RELAY, "Fan relay", "QH-12", null, 34.0, null, Map.of());
  private static final Part CAP =
      new Part(
          "C7",
          PartKind.CAPACITOR,
          "Run capacitor",
          null,
          null,
          9.0,
          null,
          Map.of(RatingField.MICROFARADS, 7.5));
  private static final List<InStock> STOCK =
      List.of(
          new InStock(OLD, List.of()), new InStock(NEW, List.of()), new InStock(CAP, List.of()));
  private static final List<Quote> QUOTES =
      List.of(
          quote("QH-8", null),
          quote("QH-500", "QH-501"),
          quote("QH-501", "QH-502"),
          quote("QH-502", null));

  private static Quote quote(String number, String replacedBy) {
    return new Quote(
        number,
        PartKind.MODULE,
        "Electronics",
        null,
        5.0,
        1,
        1.0,
        replacedBy,
        Map.of(),
        NOW,
        List.of());
  }

  private static List<String> found(String typed) {
    return Finder.find(typed, STOCK, QUOTES).found().stream()
        .map(one -> one.part().number() + " " + one.how())
        .toList();
  }

  @Test
  void aNumberFindsThePartAndWhatCameInItsPlace() {
    assertEquals(List.of("R-8 NUMBER", "R-12 SUCCESSOR"), found("r8"));
    assertEquals(List.of("R-8 SUPPLIER_NUMBER", "R-12 SUCCESSOR"), found("qh 8"));
    assertEquals(List.of("R-8 BARCODE", "R-12 SUCCESSOR"), found("0000096385074"));
  }

  @Test
  void aChainOfReplacementsIsFollowedToItsEnd() {
    assertEquals(List.of("QH-500 NUMBER", "QH-501 SUCCESSOR", "QH-502 SUCCESSOR"), found("QH-500"));
  }

  /** Nothing of the old one is kept but that it was replaced. */
  @Test
  void aSuccessorIsFoundThoughTheOldOneIsKeptNowhere() {
    List<Quote> later = List.of(quote("Z-1", "Z-2"), quote("Z-2", null));
    Finder.Answer answer = Finder.find("z1", List.of(), later);
    assertEquals("Z-2", answer.found().get(1).part().number());
  }

  @Test
  void aCircleOfReplacementsEnds() {
    List<Quote> circle = List.of(quote("A-1", "A-2"), quote("A-2", "A-3"), quote("A-3", "A-1"));
    assertEquals(3, Finder.find("A-1", List.of(), circle).found().size());
    assertEquals("A-3", Succession.of(List.of(), circle).newest("A-1"));
    assertEquals(List.of(), Succession.of(List.of(), circle).after("B-9"));
  }

  @Test
  void aMisreadNumberFindsWhatLooksLikeIt() {
    assertEquals(List.of("R-12 LOOKS_ALIKE"), found("R-I2"));
    assertEquals(List.of("R-8 LOOKS_ALIKE"), found("QH-B").subList(0, 1));
  }

  @Test
  void wordsFindByKindNameAndRating() {
    assertEquals(List.of("C7 WORDS"), found("capacitor 7.5"));
    assertEquals(List.of("C7 WORDS"), found("RUN cap"));
    assertEquals(List.of(), found("capacitor 10 µF"));
    assertEquals(List.of(), found("   "));
  }

  @Test
  void aBarcodeWithAWrongDigitIsSaidToBeMisread() {
    assertTrue(Finder.find("96385075", STOCK, QUOTES).misread());
    assertFalse(Finder.find("96385074", STOCK, QUOTES).misread());
  }

  /** A part of the shop's and the supply house's word on it are one row. */
  @Test
  void whatTheSupplyHouseSaysStandsWithTheShopsPart() {
    List<Finder.PartFound> found = Finder.find("R-8", STOCK, QUOTES).found();
    assertEquals("QH-8", found.get(0).quote().number());
    assertEquals(
        1,
        Finder.find("QH-8", STOCK, QUOTES).found().stream()
            .filter(one -> one.how() != Finder.How.SUCCESSOR)
            .count());
  }
}
