package variablerotor.server.stock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A reader of letters that is missing, fails, hangs or never stops talking. */
class LetterReaderTest {
  @TempDir private Path folder;

  private Optional<List<String>> lines(String script) throws IOException {
    Path program = folder.resolve("reader");
    Files.writeString(program, "#!/bin/sh\n" + script + "\n");
    assertTrue(program.toFile().setExecutable(true));
    return new LetterReader(program.toString()).lines(new byte[100_000]);
  }

  @Test
  void whatItSaysAreTheLines() throws IOException {
    assertEquals(
        Optional.of(List.of("ONE", "TWO")), lines("cat >/dev/null; echo ' ONE'; echo; echo TWO"));
    assertEquals(Optional.of(List.of("EARLY")), lines("echo EARLY"), "it need not read all");
  }

  @Test
  void whereItIsMissingOrFailsNothingIsRead() throws IOException {
    assertEquals(Optional.empty(), new LetterReader("/nowhere/reader").lines(new byte[1]));
    assertEquals(Optional.empty(), lines("echo half; exit 1"));
  }

  @Test
  void aReaderThatHangsIsEnded() throws IOException {
    long start = System.nanoTime();
    assertEquals(Optional.empty(), lines("exec sleep 60"));
    assertTrue((System.nanoTime() - start) / 1e9 < 30);
  }

  @Test
  void whatIsNoPictureHasNoBarcode() {
    assertEquals(Optional.empty(), new LetterReader("x").barcode(new byte[] {1, 2, 3}));
  }
}
