package variablerotor.core.plate;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import variablerotor.core.plate.PlateFound.Field;
import variablerotor.core.staged.Seeds;
import variablerotor.core.staged.StagedPlate;

/** Plates as they are stamped and printed, word by word. */
class PlateReaderTest {

  /** A text as words of letters ten wide and twenty high; lines forty apart. */
  private static List<PlateWord> words(double sure, String... lines) {
    List<PlateWord> words = new ArrayList<>();
    for (int line = 0; line < lines.length; line++) {
      int at = 0;
      for (String word : lines[line].split(" ", -1)) {
        if (!word.isEmpty()) {
          words.add(
              new PlateWord(
                  word, sure, 12 * at, 40 * line, 12 * (at + word.length()), 40 * line + 20));
        }
        at += word.length() + 1;
      }
    }
    return words;
  }

  private static List<PlateFound> read(String... lines) {
    return PlateReader.read(words(0.95, lines));
  }

  private static @Nullable PlateFound of(Field field, List<PlateFound> found) {
    PlateFound one = null;
    for (PlateFound each : found) {
      if (each.field() == field) {
        assertNull(one, "two of " + field);
        one = each;
      }
    }
    return one;
  }

  private static void assertSure(String value, Field field, List<PlateFound> found) {
    PlateFound one = of(field, found);
    assertTrue(one != null && one.value().equals(value) && one.sure(), field + ": " + found);
  }

  private static void assertMarked(Field field, List<PlateFound> found) {
    for (PlateFound one : found) {
      assertFalse(one.field() == field && one.sure(), field + ": " + found);
    }
  }

  @Test
  void readsAPlateWithItsLabelsBefore() {
    List<PlateFound> found =
        read(
            "MODEL KX-4471 SER 7730418",
            "HP 1/2   VOLTS 208-230   PH 1",
            "AMPS 3.1   RPM 1075   HZ 60",
            "FR 48Y   INS CL B   AMB 40 C");
    assertSure("0.5", Field.HORSEPOWER, found);
    assertSure("208-230", Field.VOLTS, found);
    assertSure("1", Field.PHASES, found);
    assertSure("3.1", Field.AMPS, found);
    assertSure("1075", Field.RPM, found);
    assertSure("60", Field.HERTZ, found);
    assertSure("48Y", Field.FRAME, found);
    assertEquals("7730418", of(Field.SERIAL, found).value());
    assertEquals("KX-4471", of(Field.MODEL, found).value());
  }

  @Test
  void readsAPlateWithItsUnitsBehind() {
    List<PlateFound> found = read("1/3HP 115V 60Hz 1PH", "5.2A 1050RPM", "10 µF 370V");
    assertSure("0.333", Field.HORSEPOWER, found);
    assertSure("115", Field.VOLTS, found);
    assertSure("60", Field.HERTZ, found);
    assertSure("1", Field.PHASES, found);
    assertSure("5.2", Field.AMPS, found);
    assertSure("1050", Field.RPM, found);
    assertSure("10", Field.MICROFARADS, found);
    assertSure("370", Field.CAPACITOR_VOLTS, found);
  }

  /** The volts of the capacitor that a motor asks for are not the motor's. */
  @ParameterizedTest
  @ValueSource(strings = {"CAP 7.5 MFD 370 VAC", "7.5UF/370V", "CAPACITOR 7.5 uF 370 V"})
  void aCapacitorsVoltsAreNotTheMotors(String line) {
    List<PlateFound> found = read("V 230 A 2.8", line);
    assertSure("230", Field.VOLTS, found);
    assertSure("370", Field.CAPACITOR_VOLTS, found);
    assertSure("7.5", Field.MICROFARADS, found);
  }

  @ParameterizedTest
  @CsvSource({
    "HP 5, HORSEPOWER", // .5, its point not read
    "A 43, AMPS", // 4.3
    "A .4, AMPS", // 2.4, its first figure not read
    "75 MFD 370 V, MICROFARADS", // 7.5
    "V 117, VOLTS",
    "RPM 1107, RPM",
    "RPM 1075/3, RPM",
    "A 8.6/4.3, AMPS",
    "HZ 50/60, HERTZ"
  })
  void whatIsUnusualIsMarked(String line, Field field) {
    List<PlateFound> found = read(line);
    assertTrue(of(field, found) != null, found.toString());
    assertMarked(field, found);
  }

  @Test
  void aPlateMayLeaveOutTheNoughtBeforeItsPoint() {
    assertSure("0.5", Field.HORSEPOWER, read("HP .5"));
    assertSure("0.25", Field.HORSEPOWER, read(".25HP"));
  }

  @ParameterizedTest
  @CsvSource({"HP 0, HORSEPOWER", "V 9999, VOLTS", "HZ 8, HERTZ", "PH 2, PHASES", "RPM 12, RPM"})
  void whatCannotBeIsLeftOut(String line, Field field) {
    assertNull(of(field, read(line)));
  }

  @Test
  void lettersThatAreHardToReadAreMarked() {
    assertMarked(Field.RPM, PlateReader.read(words(0.6, "RPM 1075")));
    assertNull(of(Field.RPM, PlateReader.read(words(0.2, "RPM 1075"))));
  }

  @Test
  void twoRatingsAreBothShownAndNeitherIsSure() {
    List<PlateFound> found = read("HP 1/2 RPM 1075", "HP 1/4 RPM 825");
    assertEquals(2, found.stream().filter(one -> one.field() == Field.HORSEPOWER).count());
    assertMarked(Field.HORSEPOWER, found);
    assertMarked(Field.RPM, found);
  }

  /** Which figures belong to a word with figures on both sides is not to be told from the word. */
  @Test
  void figuresOnBothSidesAreMarked() {
    List<PlateFound> found = read("115 V 208");
    assertMarked(Field.VOLTS, found);
  }

  /** 115/208-230 of which the stroke was not read; 4.8 of which the full stop was not. */
  @ParameterizedTest
  @CsvSource({"VOLTS 115 208-230, VOLTS", "VOLTS 115|208-230, VOLTS", "4 8 A, AMPS"})
  void figuresThatMayBelongTogetherAreMarked(String line, Field field) {
    assertMarked(field, read(line));
  }

  @Test
  void powerThatDoesNotFitVoltsAndAmpsIsMarked() {
    List<PlateFound> found = read("HP 1/8   VOLTS 230   AMPS 6.1   RPM 1075");
    assertMarked(Field.HORSEPOWER, found);
    assertMarked(Field.AMPS, found);
    assertMarked(Field.VOLTS, found);
    assertSure("1075", Field.RPM, found);
  }

  @Test
  void figuresWithoutALabelAreNothing() {
    assertEquals(List.of(), read("1075", "4.3", "208-230", "1/2"));
  }

  /** A serial may be any number, so that nothing tells a slip of the reader's. */
  @Test
  void numbersThatNothingConfirmsAreMarked() {
    assertMarked(Field.SERIAL, read("SERIAL NO. 04S8O17"));
    assertMarked(Field.SERIAL, read("S/N 0447317"));
    assertEquals("0447317", of(Field.SERIAL, read("S/N 0447317")).value());
  }

  @Test
  void aMonthAndAYearIsADateAndAMakersCodeIsNot() {
    assertSure("2019-03", Field.MADE, read("MFG 03/2019"));
    assertSure("2007-11", Field.MADE, read("DATE 11/07"));
    assertNull(of(Field.MADE, read("DATE 1147")));
    assertNull(of(Field.MADE, read("DATE 13/2019")));
  }

  @Test
  void aPlateThatLeansIsReadLineByLine() {
    List<PlateWord> leaning = new ArrayList<>();
    for (PlateWord word : words(0.95, "HP 1/2 VOLTS 115 AMPS 6.1", "RPM 1100 HZ 60 PH 1")) {
      double down = 0.08 * word.left();
      leaning.add(
          new PlateWord(
              word.text(),
              word.sure(),
              word.left(),
              word.top() + down,
              word.right(),
              word.bottom() + down));
    }
    List<PlateFound> found = PlateReader.read(leaning);
    assertSure("6.1", Field.AMPS, found);
    assertSure("1", Field.PHASES, found);
    assertSure("60", Field.HERTZ, found);
  }

  /** A 1 may be what is left of 1/2, and a 7 of 7.5. */
  @Test
  void whatIsSoonLostIsMarked() {
    assertMarked(Field.HORSEPOWER, read("HP 1   VOLTS 115   AMPS 9.6"));
    assertSure("0.5", Field.HORSEPOWER, read("HP 1/2   VOLTS 115   AMPS 6.4"));
    assertMarked(Field.MICROFARADS, read("CAP 7 MFD 370 VAC"));
    assertSure("7.5", Field.MICROFARADS, read("CAP 7.5 MFD 370 VAC"));
  }

  /** Whose letters are all plain is read as it was made, whatever stands on it. */
  @Test
  void platesThatWereMadeUpSayWhatTheyWereMadeToSay() {
    for (int seed = 0; seed < 300; seed++) {
      StagedPlate plate = StagedPlate.any(Seeds.random(seed));
      List<PlateFound> found = read(plate.lines().toArray(new String[0]));
      for (PlateFound one : found) {
        assertEquals(plate.says().get(one.field()), one.value(), seed + ": " + plate.lines());
      }
      for (Field field : List.of(Field.VOLTS, Field.RPM, Field.AMPS, Field.HORSEPOWER)) {
        assertTrue(of(field, found) != null, seed + " " + field + ": " + plate.lines());
      }
    }
  }
}
