package variablerotor.core.stock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;

class PartNumberTest {
  /** The worked example of the GS1 General Specifications: 629104150021 has the check digit 3. */
  @Test
  void theCheckDigitIsThatOfThePublishedExample() {
    assertEquals("06291041500213", PartNumber.barcode("6291041500213"));
    for (char wrong = '0'; wrong <= '9'; wrong++) {
      String digits = "629104150021" + wrong;
      assertEquals(wrong == '3', PartNumber.barcode(digits) != null, digits);
      assertEquals(wrong != '3', PartNumber.isMisread(digits), digits);
    }
  }

  /** Every length of barcode: the same item as 8, 12, 13 or 14 digits is the same number. */
  @Test
  void aBarcodeIsTheSameWithAndWithoutLeadingNoughts() {
    assertEquals(PartNumber.barcode("036000291452"), PartNumber.barcode("0036000291452"));
    assertEquals(PartNumber.barcode("0 36000 29145 2"), PartNumber.barcode("00036000291452"));
    assertEquals("00000096385074", PartNumber.barcode("9638-5074"));
  }

  @Test
  void otherTextIsNoBarcodeAndNotMisread() {
    for (String text : new String[] {"", "7", "QH-80075", "123456789", "0x12345678", "１２３４５６７０"}) {
      assertNull(PartNumber.barcode(text), text);
      assertFalse(PartNumber.isMisread(text), text);
    }
  }

  /** What a check digit is for: one digit misread is always seen. */
  @Property(tries = 300)
  void oneWrongDigitIsAlwaysSeen(
      @ForAll @LongRange(min = 0, max = 999_999_999_999L) long given, @ForAll int at) {
    String twelve = "0".repeat(12 - String.valueOf(given).length()) + given;
    int sum = 0;
    for (int i = 0; i < 12; i++) {
      sum += (twelve.charAt(i) - '0') * (i % 2 == 0 ? 1 : 3);
    }
    String whole = twelve + (10 - sum % 10) % 10;
    assertTrue(PartNumber.barcode(whole) != null, whole);
    int place = Math.floorMod(at, 13);
    for (char other = '0'; other <= '9'; other++) {
      if (other != whole.charAt(place)) {
        String wrong = whole.substring(0, place) + other + whole.substring(place + 1);
        assertNull(PartNumber.barcode(wrong), wrong);
      }
    }
  }

  @Test
  void aNumberIsTheSameHoweverItIsWritten() {
    assertTrue(PartNumber.same("qh-80 075", "QH80075"));
    assertTrue(PartNumber.same("R24/12", "r24.12"));
    assertFalse(PartNumber.same("R24-12", "R24-21"));
    assertFalse(PartNumber.same("--", "//"), "no number is like no number");
    assertFalse(PartNumber.same("Ä-12", "Ö-12"), "letters of other alphabets count");
  }

  @Test
  void glyphsThatLookAlikeFoldIntoOne() {
    assertEquals(PartNumber.folded("QH-80075"), PartNumber.folded("0H-B0O7S"));
    assertFalse(PartNumber.folded("A47").equals(PartNumber.folded("A74")));
  }
}
