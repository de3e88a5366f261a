package variablerotor.server.stock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.MultiFormatWriter;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import java.awt.Color;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.http.HttpRequest;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** Parts by what stands on a photo: letters by the reader of letters, barcodes by theirs. */
@ExtendWith(Server.class)
class PlatePhotoTest {
  private final Visitor tobin;

  PlatePhotoTest(Server server) {
    tobin = server.technician();
  }

  /** A plate with these lines, and a barcode below where one is given. */
  private static byte[] plate(String barcode, String... lines)
      throws IOException, FontFormatException, WriterException {
    BufferedImage plate = new BufferedImage(900, 620, BufferedImage.TYPE_INT_RGB);
    Graphics2D ink = plate.createGraphics();
    ink.setColor(new Color(214, 216, 212));
    ink.fillRect(0, 0, 900, 620);
    ink.setColor(Color.BLACK);
    ink.setRenderingHint(
        RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
    String face = "/fonts/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf";
    try (InputStream file = PlatePhotoTest.class.getResourceAsStream(face)) {
      ink.setFont(Font.createFont(Font.TRUETYPE_FONT, file).deriveFont(38f));
    }
    for (int i = 0; i < lines.length; i++) {
      ink.drawString(lines[i], 60, 90 + 62 * i);
    }
    if (barcode != null) {
      BitMatrix bars = new MultiFormatWriter().encode(barcode, BarcodeFormat.EAN_13, 500, 150);
      for (int x = 0; x < bars.getWidth(); x++) {
        for (int y = 0; y < bars.getHeight(); y++) {
          plate.setRGB(200 + x, 440 + y, bars.get(x, y) ? 0 : 0xffffff);
        }
      }
    }
    ink.dispose();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageIO.write(plate, "png", bytes);
    return bytes.toByteArray();
  }

  private Visitor.Answer read(byte[] picture) {
    String photo = tobin.openCall() + "/photos/" + UUID.randomUUID();
    Visitor.Answer kept =
        tobin.exchange(
            HttpRequest.newBuilder()
                .PUT(HttpRequest.BodyPublishers.ofByteArray(picture))
                .header("Content-Type", "image/png")
                .header("X-XSRF-TOKEN", tobin.cookie("XSRF-TOKEN")),
            photo + "?kind=MOTOR_PLATE");
    assertEquals(200, kept.status(), kept.body());
    Visitor.Answer read = tobin.get(photo + "/parts");
    assertEquals(200, read.status(), read.body());
    return read;
  }

  @Test
  void theNumberOnAPlateFindsThePart() throws Exception {
    Visitor.Answer read = read(plate(null, "WEIRSIDE MOTOR WORKS", "PART K48T-75 REV B"));
    assertEquals("K48T-75", read.at("parts.0.found.part.number"), read.body());
    assertTrue(((String) read.at("says")).contains("hold it against the plate"));
    assertTrue(read.list("lines").stream().anyMatch("WEIRSIDE MOTOR WORKS"::equals));
  }

  @Test
  void theBarcodeOnABoxFindsThePart() throws Exception {
    Visitor.Answer read = read(plate("2000047800753", "RUN CAPACITOR"));
    assertEquals("2000047800753", read.list("lines").get(0), read.body());
    assertEquals("C75-440", read.at("parts.0.found.part.number"), read.body());
    assertEquals("BARCODE", read.at("parts.0.found.how"));
  }

  /** For a device that cannot read letters itself: the words, where they stand, and no more. */
  @Test
  void theWordsOfAPicture() throws Exception {
    Visitor.Answer read = words(plate(null, "VOLTS 115", "HERTZ 60"), "image/png");
    assertEquals(200, read.status(), read.body());
    assertEquals(900.0, read.at("width"));
    List<?> words = read.list("words");
    Map<?, ?> volts =
        words.stream()
            .map(one -> (Map<?, ?>) one)
            .filter(one -> "115".equals(one.get("text")))
            .findFirst()
            .orElseThrow(() -> new AssertionError(read.body()));
    double left = (Double) volts.get("left");
    double bottom = (Double) volts.get("bottom");
    assertTrue(left > 150 && left < 300, read.body());
    assertTrue(bottom > 80 && bottom < 105, "it stands on the line at 90: " + read.body());
    assertTrue((Double) volts.get("sure") > 0.5, read.body());
    assertEquals(422, words(new byte[] {1, 2, 3}, "image/png").status());
    assertEquals(415, words(new byte[] {1, 2, 3}, "image/gif").status());
  }

  private Visitor.Answer words(byte[] picture, String type) {
    return tobin.exchange(
        HttpRequest.newBuilder()
            .POST(HttpRequest.BodyPublishers.ofByteArray(picture))
            .header("Content-Type", type)
            .header("X-XSRF-TOKEN", tobin.cookie("XSRF-TOKEN")),
        "/api/plates/words");
  }

  @Test
  void aPlateThatNamesNoPartSaysSo() throws Exception {
    Visitor.Answer read = read(plate(null, "OPEN THIS END", "KEEP DRY"));
    assertTrue(read.list("parts").isEmpty(), read.body());
    assertTrue(((String) read.at("says")).startsWith("No number on it"), read.body());
    assertEquals(List.of("OPEN THIS END", "KEEP DRY"), read.list("lines"));
    assertTrue(read(plate(null)).list("lines").isEmpty());
  }
}
