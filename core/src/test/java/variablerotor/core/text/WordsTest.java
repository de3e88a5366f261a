package variablerotor.core.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class WordsTest {
  @Test
  void listsAreSpoken() {
    assertEquals("", Words.and(List.of()));
    assertEquals("the board", Words.or(List.of("the board")));
    assertEquals("A and B", Words.and(List.of("A", "B")));
    assertEquals("A, B or C", Words.or(List.of("A", "B", "C")));
    assertEquals("it is wet, and it is dead", Words.clauses(List.of("it is wet", "it is dead")));
  }

  @Test
  void countsAgreeWithTheirNoun() {
    assertEquals("1 day", Words.count(1, "day"));
    assertEquals("0 days", Words.count(0, "day"));
    assertEquals("45 days", Words.count(45, "day"));
  }

  /** Against the platform's own splitter. */
  @ParameterizedTest
  @ValueSource(strings = {"", "a", "a b", " a  b ", "a,b", ",", "2,4,", "a;b c/d"})
  void textsAreTakenApart(String text) {
    assertEquals(Arrays.asList(text.split("[ ;,/]", -1)), Words.splitAll(text, " ;,/"));
    assertEquals(
        Arrays.stream(text.split("[ ;,/]+")).filter(word -> !word.isEmpty()).toList(),
        Words.split(text, " ;,/"));
  }

  /** Every day of four centuries, against the platform's own parser. */
  @Property(tries = 500)
  void datesReadAsTheyAreWritten(@ForAll @IntRange(min = 0, max = 146_096) int day) {
    LocalDate date = LocalDate.ofEpochDay(day);
    assertEquals(date, Dates.read(date.toString()));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "2025",
        "2025-6-1",
        "2025-06-31",
        "2023-02-29",
        "2025-13-01",
        "2025/06/01",
        "2025-06-0x",
        "+025-06-01",
        "2025-06-01T00:00",
        " 2025-06-01"
      })
  void whatIsNoDateIsNone(String text) {
    assertNull(Dates.read(text));
  }
}
