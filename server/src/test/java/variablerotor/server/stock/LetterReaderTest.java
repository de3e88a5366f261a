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

  /** Rows of its table: of a word alone, within bounds, and none that is cut off. */
  @Test
  void wordsComeWithTheirPlaces() throws IOException {
    Path program = folder.resolve("table");
    Files.writeString(
        program,
        "#!/bin/sh\ncat >/dev/null\nprintf '"
            + "level\\tpage\\tblock\\tpar\\tline\\tword\\tleft\\ttop\\twidth\\theight\\tconf\\ttext\\n"
            + "4\\t1\\t1\\t1\\t1\\t0\\t10\\t20\\t300\\t30\\t-1\\t\\n"
            + "5\\t1\\t1\\t1\\t1\\t1\\t10\\t20\\t80\\t30\\t91.5\\tAMPS\\n"
            + "5\\t1\\t1\\t1\\t1\\t2\\t100\\t20\\t40\\t30\\t-1\\t \\n"
            + "5\\t1\\t1\\t1'\n");
    assertTrue(program.toFile().setExecutable(true));
    assertEquals(
        Optional.of(List.of(new LetterReader.ReadWord("AMPS", 0.915, 10, 20, 90, 50))),
        new LetterReader(program.toString()).words(new byte[10]));
    assertEquals(Optional.empty(), new LetterReader("/nowhere/reader").words(new byte[1]));
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
