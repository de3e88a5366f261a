package variablerotor.server.stock;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.MultiFormatReader;
import com.google.zxing.NotFoundException;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Reads letters and barcodes on a picture, with programs and libraries made for that. */
@Component
class LetterReader {
  /** Longest that one picture is looked at [s]. */
  private static final int PATIENCE_S = 8;

  private static final int MOST_BYTES = 128 * 1024;
  private static final int MOST_LINES = 60;
  private static final int LONGEST_LINE = 200;
  private static final int MOST_WORDS = 500;

  /** Columns of its table: kind of row, left, top, width, height, sure of a hundred, text. */
  private static final int KIND = 0;

  private static final int LEFT = 6;
  private static final int TOP = 7;
  private static final int WIDTH = 8;
  private static final int HEIGHT = 9;
  private static final int SURE = 10;
  private static final int TEXT = 11;

  /** The kind of a row that is a word. */
  private static final String A_WORD = "5";

  /**
   * Kinds of barcode on boxes and plates that check themselves, and matrix codes. The others are
   * read into the ruling of a plate that has none.
   */
  private static final List<BarcodeFormat> KINDS =
      List.of(
          BarcodeFormat.EAN_13,
          BarcodeFormat.UPC_A,
          BarcodeFormat.CODE_128,
          BarcodeFormat.QR_CODE,
          BarcodeFormat.DATA_MATRIX);

  private final String program;

  LetterReader(@Value("${rotor.plates.reader}") String program) {
    this.program = program;
  }

  /**
   * The lines that stand on it, as far as they can be read.
   *
   * @param picture PNG or JPEG
   * @return empty where there is no program for it, or it did not come to an end
   */
  Optional<List<String>> lines(byte[] picture) {
    return run(picture, "txt")
        .map(
            said ->
                said.lines()
                    .map(String::strip)
                    .filter(line -> !line.isEmpty() && line.length() <= LONGEST_LINE)
                    .limit(MOST_LINES)
                    .toList());
  }

  /**
   * A word with its place.
   *
   * @param sure how sure the reader is of its letters, from 0 to 1
   * @param left of the picture's own [pixels], as top, right and bottom
   */
  record ReadWord(String text, double sure, int left, int top, int right, int bottom) {}

  /**
   * The words that stand on it, with their places.
   *
   * @param picture PNG or JPEG
   * @return empty where there is no program for it, or it did not come to an end
   */
  Optional<List<ReadWord>> words(byte[] picture) {
    return run(picture, "tsv")
        .map(
            said ->
                said.lines()
                    .map(line -> line.split("\t", -1))
                    .filter(row -> row.length > TEXT && row[KIND].equals(A_WORD))
                    .filter(row -> !row[TEXT].isBlank() && row[TEXT].length() <= LONGEST_LINE)
                    .limit(MOST_WORDS)
                    .map(LetterReader::word)
                    .toList());
  }

  private static ReadWord word(String[] row) {
    int left = Integer.parseInt(row[LEFT]);
    int top = Integer.parseInt(row[TOP]);
    return new ReadWord(
        row[TEXT].strip(),
        Math.max(0, Math.min(1, Double.parseDouble(row[SURE]) / 100)),
        left,
        top,
        left + Integer.parseInt(row[WIDTH]),
        top + Integer.parseInt(row[HEIGHT]));
  }

  private Optional<String> run(byte[] picture, String form) {
    try {
      return said(picture, form);
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
      return Optional.empty();
    }
  }

  private Optional<String> said(byte[] picture, String form) throws InterruptedException {
    // Words wherever they stand: a plate is no page.
    ProcessBuilder builder = new ProcessBuilder(program, "stdin", "stdout", "--psm", "11", form);
    builder.environment().put("OMP_THREAD_LIMIT", "1");
    builder.redirectError(ProcessBuilder.Redirect.DISCARD);
    Process process;
    try {
      process = builder.start();
    } catch (IOException notThere) {
      return Optional.empty();
    }
    try {
      CompletableFuture<byte[]> said =
          CompletableFuture.supplyAsync(() -> read(process.getInputStream()));
      // Beside what is read, as it may say much before it has read all; its exit says how it went.
      Thread writing = new Thread(() -> write(process.getOutputStream(), picture));
      writing.setDaemon(true);
      writing.start();
      if (!process.waitFor(PATIENCE_S, TimeUnit.SECONDS) || process.exitValue() != 0) {
        return Optional.empty();
      }
      return Optional.of(new String(said.join(), StandardCharsets.UTF_8));
    } finally {
      process.destroyForcibly();
    }
  }

  private static byte[] read(InputStream from) {
    try (from) {
      return from.readNBytes(MOST_BYTES);
    } catch (IOException cut) {
      return new byte[0];
    }
  }

  private static void write(OutputStream to, byte[] picture) {
    try (to) {
      to.write(picture);
    } catch (IOException cut) {
      // It ended before it had read all of it; its exit says so.
    }
  }

  /** The text of a barcode of whatever kind; empty where there is none to be read. */
  Optional<String> barcode(byte[] picture) {
    try {
      BufferedImage image = ImageIO.read(new ByteArrayInputStream(picture));
      if (image == null) {
        return Optional.empty();
      }
      int width = image.getWidth();
      int height = image.getHeight();
      int[] pixels = image.getRGB(0, 0, width, height, null, 0, width);
      return Optional.of(
          new MultiFormatReader()
              .decode(
                  new BinaryBitmap(
                      new HybridBinarizer(new RGBLuminanceSource(width, height, pixels))),
                  Map.of(DecodeHintType.TRY_HARDER, true, DecodeHintType.POSSIBLE_FORMATS, KINDS))
              .getText());
    } catch (NotFoundException | IOException none) {
      return Optional.empty();
    }
  }
}
