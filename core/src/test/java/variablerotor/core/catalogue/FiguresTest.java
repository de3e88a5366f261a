package variablerotor.core.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import variablerotor.core.source.Figure;
import variablerotor.core.text.Numbers;

class FiguresTest {
  /** docs/sources.md and the code say the same of every figure. */
  @Test
  void sourcesListEveryFigureWithItsValueAndSource() throws Exception {
    String sources = Files.readString(Path.of("../docs/sources.md"));
    for (Figure figure : Figures.all()) {
      String row =
          sources
              .lines()
              .filter(line -> line.startsWith("| `" + figure.id() + "` |"))
              .findFirst()
              .orElse("");
      assertTrue(row.contains("| " + Numbers.plain(figure.value(), 4)), figure.id() + ": " + row);
      assertTrue(row.contains(figure.source().sentence()), figure.id() + ": " + row);
    }
  }

  @Test
  void idsAreUniqueAndSourcesAreNamed() {
    Set<String> ids = new HashSet<>();
    for (Figure figure : Figures.all()) {
      assertTrue(ids.add(figure.id()), figure.id());
      assertFalse(figure.source().reference().isBlank(), figure.id());
    }
    assertEquals(ids.size(), Figures.all().size());
  }
}
