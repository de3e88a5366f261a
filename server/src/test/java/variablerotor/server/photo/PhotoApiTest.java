package variablerotor.server.photo;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.GpsDirectory;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.server.Server;
import variablerotor.server.Visitor;
import variablerotor.server.web.Branch;
import variablerotor.server.web.Refused;

/** Photos: made anew upright and without where and when, kept in the database with the call. */
@ExtendWith(Server.class)
class PhotoApiTest {
  private final Server server;
  private final Visitor tobin;

  PhotoApiTest(Server server) {
    this.server = server;
    tobin = server.technician();
  }

  /** Red in the corner above left, white elsewhere. */
  static byte[] picture(String format, int width, int height) {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D ink = image.createGraphics();
    ink.setColor(Color.WHITE);
    ink.fillRect(0, 0, width, height);
    ink.setColor(Color.RED);
    ink.fillRect(0, 0, width / 4, height / 4);
    ink.dispose();
    try {
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      ImageIO.write(image, format, bytes);
      return bytes.toByteArray();
    } catch (IOException fault) {
      throw new IllegalStateException(fault);
    }
  }

  /** The same JPEG with an EXIF block: orientation, a maker, and a place on the map. */
  private static byte[] withExif(byte[] jpeg, int orientation) {
    ByteArrayOutputStream exif = new ByteArrayOutputStream();
    exif.writeBytes("Exif\0\0".getBytes(StandardCharsets.ISO_8859_1));
    exif.writeBytes(new byte[] {'M', 'M', 0, 42, 0, 0, 0, 8, 0, 3});
    exif.writeBytes(new byte[] {1, 15, 0, 2, 0, 0, 0, 4, 'P', 'h', 'o', 0});
    exif.writeBytes(new byte[] {1, 18, 0, 3, 0, 0, 0, 1, 0, (byte) orientation, 0, 0});
    exif.writeBytes(new byte[] {(byte) 0x88, 37, 0, 4, 0, 0, 0, 1, 0, 0, 0, 50, 0, 0, 0, 0});
    exif.writeBytes(new byte[] {0, 1, 0, 1, 0, 2, 0, 0, 0, 2, 'N', 0, 0, 0, 0, 0, 0, 0});
    byte[] block = exif.toByteArray();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(jpeg, 0, 2);
    int length = block.length + 2;
    out.writeBytes(new byte[] {(byte) 0xff, (byte) 0xe1, (byte) (length >> 8), (byte) length});
    out.writeBytes(block);
    out.write(jpeg, 2, jpeg.length - 2);
    return out.toByteArray();
  }

  private Visitor.Answer send(String path, byte[] file, String type) {
    return send(tobin, path, file, type);
  }

  static Visitor.Answer send(Visitor who, String path, byte[] file, String type) {
    return who.exchange(
        HttpRequest.newBuilder()
            .PUT(HttpRequest.BodyPublishers.ofByteArray(file))
            .header("Content-Type", type)
            .header("X-XSRF-TOKEN", who.cookie("XSRF-TOKEN")),
        path);
  }

  static String path(String call, UUID id, String kind) {
    return call + "/photos/" + id + "?kind=" + kind;
  }

  @Test
  void whereAndWhenIsGoneFromWhatIsKept() throws Exception {
    byte[] told = withExif(picture("jpeg", 80, 60), 1);
    var before = ImageMetadataReader.readMetadata(new ByteArrayInputStream(told));
    assertFalse(before.getDirectoriesOfType(GpsDirectory.class).isEmpty(), "the test's own block");
    String call = tobin.openCall();
    UUID id = UUID.randomUUID();
    Visitor.Answer kept = send(path(call, id, "MOTOR_PLATE"), told, "image/jpeg");
    assertEquals("MOTOR_PLATE", kept.at("photos.0.kind"), kept.body());
    byte[] shown = tobin.bytes(call + "/photos/" + id);
    var after = ImageMetadataReader.readMetadata(new ByteArrayInputStream(shown));
    assertTrue(after.getDirectoriesOfType(GpsDirectory.class).isEmpty());
    assertTrue(after.getDirectoriesOfType(ExifIFD0Directory.class).isEmpty());
    assertFalse(new String(shown, StandardCharsets.ISO_8859_1).contains("Pho"));
    assertEquals(80, ImageIO.read(new ByteArrayInputStream(shown)).getWidth());
  }

  /** Where the red corner is after the turn that each orientation asks for; JEITA CP-3451. */
  @ParameterizedTest
  @CsvSource({"1,0,0", "2,1,0", "3,1,1", "4,0,1", "5,0,0", "6,1,0", "7,1,1", "8,0,1"})
  void picturesStandUpright(int orientation, int right, int below) throws IOException {
    PhotoImage made = PhotoImage.of(withExif(picture("jpeg", 80, 40), orientation));
    boolean turned = orientation >= 5;
    assertEquals(turned ? 40 : 80, made.width());
    BufferedImage image = ImageIO.read(new ByteArrayInputStream(made.content()));
    int x = right == 0 ? 3 : image.getWidth() - 4;
    int y = below == 0 ? 3 : image.getHeight() - 4;
    Color corner = new Color(image.getRGB(x, y));
    assertTrue(corner.getRed() > 180 && corner.getBlue() < 90, corner.toString());
  }

  @Test
  void largePicturesAreMadeSmallerAndPngStaysPng() {
    PhotoImage large = PhotoImage.of(picture("png", 5000, 2500));
    assertEquals("image/png", large.mediaType());
    assertEquals(1600, large.width());
    assertEquals(800, large.height());
  }

  @Test
  void onlyPicturesOfAllowedSizeAreTaken() {
    String call = tobin.openCall();
    byte[] text = "not a picture".getBytes(StandardCharsets.UTF_8);
    assertEquals(422, send(path(call, UUID.randomUUID(), "OTHER"), text, "image/jpeg").status());
    byte[] jpeg = picture("jpeg", 20, 20);
    assertEquals(415, send(path(call, UUID.randomUUID(), "OTHER"), jpeg, "image/gif").status());
    assertEquals(400, send(path(call, UUID.randomUUID(), "SELFIE"), jpeg, "image/jpeg").status());
    byte[] huge = new byte[PhotoApi.MOST_BYTES + 1];
    assertEquals(413, send(path(call, UUID.randomUUID(), "OTHER"), huge, "image/jpeg").status());
    byte[] cut = java.util.Arrays.copyOf(jpeg, 40);
    assertThrows(Refused.class, () -> PhotoImage.of(cut));
    assertNull(tobin.get(call).at("photos.0"));
    assertEquals(
        404,
        send(
                path("/api/calls/" + UUID.randomUUID(), UUID.randomUUID(), "OTHER"),
                jpeg,
                "image/jpeg")
            .status());
  }

  @Test
  void theSameIdAgainIsTheSamePhotoAndRemovalErasesNothing() throws SQLException {
    String call = tobin.openCall();
    UUID id = UUID.randomUUID();
    byte[] jpeg = picture("jpeg", 20, 20);
    send(path(call, id, "WIRING"), jpeg, "image/jpeg");
    assertEquals(1, send(path(call, id, "WIRING"), jpeg, "image/jpeg").list("photos").size());
    byte[] another = picture("jpeg", 24, 20);
    assertEquals(409, send(path(call, id, "WIRING"), another, "image/jpeg").status());
    assertEquals(409, send(path(call, id, "OTHER"), jpeg, "image/jpeg").status());
    String other = tobin.openCall();
    assertEquals(409, send(path(other, id, "WIRING"), jpeg, "image/jpeg").status());
    assertEquals(404, tobin.get(other + "/photos/" + id).status());
    Visitor.Answer removed =
        tobin.put(call + "/photos/" + id + "/removals/" + UUID.randomUUID(), "{}");
    assertNull(removed.at("photos.0"));
    try (Connection database = server.database();
        var rows =
            database
                .createStatement()
                .executeQuery("select count(*) from photo where id = '" + id + "'")) {
      rows.next();
      assertEquals(1, rows.getInt(1), "a backup still holds it");
      assertThrows(
          SQLException.class,
          () -> database.createStatement().execute("delete from photo where id = '" + id + "'"));
    }
  }

  @Test
  void nobodySeesAPhotoWithoutSigningIn() {
    String call = tobin.openCall();
    UUID id = UUID.randomUUID();
    send(path(call, id, "OTHER"), picture("png", 10, 10), "image/png");
    assertEquals(401, server.visitor().get(call + "/photos/" + id).status());
  }

  private static void chunk(ByteArrayOutputStream out, String name, byte[] content) {
    byte[] type = name.getBytes(StandardCharsets.ISO_8859_1);
    CRC32 sum = new CRC32();
    sum.update(type);
    sum.update(content);
    out.writeBytes(ByteBuffer.allocate(4).putInt(content.length).array());
    out.writeBytes(type);
    out.writeBytes(content);
    out.writeBytes(ByteBuffer.allocate(4).putInt((int) sum.getValue()).array());
  }

  private static byte[] deflated(int zeros) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (DeflaterOutputStream deflater = new DeflaterOutputStream(out)) {
      byte[] block = new byte[1 << 16];
      for (int at = 0; at < zeros; at += block.length) {
        deflater.write(block, 0, Math.min(block.length, zeros - at));
      }
    }
    return out.toByteArray();
  }

  /** A picture that claims this size, with a text that swells to so many bytes. */
  private static byte[] claiming(int width, int height, int text) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.writeBytes(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'});
    ByteBuffer head = ByteBuffer.allocate(13).putInt(width).putInt(height);
    chunk(out, "IHDR", head.put(new byte[] {8, 2, 0, 0, 0}).array());
    if (text > 0) {
      ByteArrayOutputStream note = new ByteArrayOutputStream();
      note.writeBytes("Comment\0\0".getBytes(StandardCharsets.ISO_8859_1));
      note.writeBytes(deflated(text));
      chunk(out, "zTXt", note.toByteArray());
    }
    chunk(out, "IDAT", deflated(Math.min(height, 64) * (1 + 3 * Math.min(width, 64))));
    chunk(out, "IEND", new byte[0]);
    return out.toByteArray();
  }

  /** A few bytes that claim what no memory holds: refused before anything is unpacked. */
  @ParameterizedTest
  @CsvSource({"85000000, 1", "1, 85000000", "20001, 10", "20000, 20000", "2147483647, 2147483647"})
  void whatClaimsTooMuchIsRefusedUnopened(int width, int height) throws IOException {
    String call = tobin.openCall();
    byte[] bomb = claiming(width, height, 0);
    Visitor.Answer answer = send(path(call, UUID.randomUUID(), "OTHER"), bomb, "image/png");
    assertEquals(422, answer.status(), answer.body());
    assertTrue(answer.body().contains(width + " by " + height + " pixels"), answer.body());
    assertEquals(200, tobin.get(call).status());
  }

  /** Text beside a picture is left where it is: it could swell to three hundred megabytes. */
  @Test
  void aTextThatSwellsIsNeverUnpacked() throws IOException {
    byte[] bomb = claiming(64, 64, 300_000_000);
    assertTrue(bomb.length < 400_000, "the bomb itself is small: " + bomb.length);
    long before = Runtime.getRuntime().totalMemory();
    PhotoImage made = PhotoImage.of(bomb);
    assertEquals(64, made.width());
    assertTrue(Runtime.getRuntime().totalMemory() - before < 100_000_000L);
    String call = tobin.openCall();
    assertEquals(200, send(path(call, UUID.randomUUID(), "OTHER"), bomb, "image/png").status());
  }

  @Test
  void aJpegThatClaimsTooMuchIsRefused() {
    byte[] jpeg = picture("jpeg", 80, 60);
    for (int at = 2; at + 9 < jpeg.length; at++) {
      if ((jpeg[at] & 0xff) == 0xff && (jpeg[at + 1] & 0xff) == 0xc0) {
        for (int side = 5; side <= 8; side++) {
          jpeg[at + side] = (byte) 0xff;
        }
      }
    }
    Refused refused = assertThrows(Refused.class, () -> PhotoImage.of(jpeg));
    assertTrue(refused.getMessage().contains("65535 by 65535"), refused.getMessage());
  }

  /** Any prefix of a picture, and any byte of its head changed: refused or made, never a fault. */
  @Test
  void damagedPicturesAreRefusedInWords() {
    for (String format : new String[] {"png", "jpeg"}) {
      byte[] whole = picture(format, 40, 30);
      for (int at = 0; at < Math.min(200, whole.length); at++) {
        byte[] cut = java.util.Arrays.copyOf(whole, at);
        byte[] turned = whole.clone();
        turned[at] ^= (byte) 0x5a;
        for (byte[] bad : new byte[][] {cut, turned}) {
          try {
            PhotoImage.of(bad);
          } catch (Refused told) {
            assertFalse(told.faults().isEmpty());
          }
        }
      }
    }
  }

  private static byte[] inPasses() throws IOException {
    var writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (var out = ImageIO.createImageOutputStream(bytes)) {
      var param = writer.getDefaultWriteParam();
      param.setProgressiveMode(javax.imageio.ImageWriteParam.MODE_DEFAULT);
      writer.setOutput(out);
      writer.write(
          null,
          new javax.imageio.IIOImage(
              new BufferedImage(640, 480, BufferedImage.TYPE_INT_RGB), null, null),
          param);
    } finally {
      writer.dispose();
    }
    return bytes.toByteArray();
  }

  /** A small file can say its last pass hundreds of times, and each is gone over. */
  @Test
  void aPassSaidOverAndOverIsNotUnpacked() throws IOException {
    byte[] usual = inPasses();
    String call = tobin.openCall();
    assertEquals(200, send(path(call, UUID.randomUUID(), "OTHER"), usual, "image/jpeg").status());
    int last = usual.length - 2;
    while ((usual[last] & 0xff) != 0xff || (usual[last + 1] & 0xff) != 0xda) {
      last--;
    }
    ByteArrayOutputStream repeated = new ByteArrayOutputStream();
    repeated.write(usual, 0, last);
    for (int time = 0; time < 400; time++) {
      repeated.write(usual, last, usual.length - 2 - last);
    }
    repeated.write(usual, usual.length - 2, 2);
    Visitor.Answer answer =
        send(path(call, UUID.randomUUID(), "OTHER"), repeated.toByteArray(), "image/jpeg");
    assertEquals(422, answer.status(), answer.body());
    assertTrue(answer.body().contains("passes"), answer.body());
  }

  /** A face, a family's papers: gone for good, and that it was there stays. */
  @Test
  void whatMustNotBeKeptIsErasedByALead() throws Exception {
    Visitor ines = server.lead();
    String call = tobin.openCall();
    String id = UUID.randomUUID().toString();
    String photo = call + "/photos/" + id;
    String removed = call + "/removed-photos";
    send(path(call, UUID.fromString(id), "WIRING"), picture("jpeg", 40, 30), "image/jpeg");
    String erasure = removed + "/" + id + "/erasures/" + UUID.randomUUID();
    assertEquals(409, ines.put(erasure, "{\"reason\":\"a face\"}").status(), "it is on the call");

    tobin.put(photo + "/removals/" + UUID.randomUUID(), "{}");
    assertEquals(404, tobin.get(photo).status(), "nobody else looks at it any more");
    assertEquals(200, ines.get(photo).status());
    assertEquals(List.of(false), ines.get(removed).list("").stream().map(this::erased).toList());
    assertEquals(403, tobin.get(removed).status());
    assertEquals(403, tobin.put(erasure, "{\"reason\":\"a face\"}").status());
    Visitor.Answer unsaid = ines.put(erasure, "{\"reason\":\" \"}");
    assertEquals("reason", unsaid.at("errors.0.path"));

    Visitor.Answer done = ines.put(erasure, "{\"reason\":\"a face\"}");
    assertEquals(200, done.status(), done.body());
    assertEquals(true, done.at("0.erased"));
    assertEquals(404, ines.get(photo).status());
    assertEquals(200, ines.put(erasure, "{\"reason\":\"a face\"}").status(), "sent twice");
    try (Connection connection = server.database();
        Statement statement = connection.createStatement()) {
      var row =
          statement.executeQuery(
              "select length(content), reason from photo join photo_erasure e on photo.id ="
                  + " e.photo_id where photo.id = '"
                  + id
                  + "'");
      row.next();
      assertEquals(0, row.getInt(1));
      assertEquals("a face", row.getString(2));
    }
  }

  private Object erased(Object row) {
    return ((Map<?, ?>) row).get("erased");
  }

  /** The application may tell where pixels lie; a lie about it empties nothing. */
  @Test
  void theDatabaseBelievesNoWrongDigest() {
    String call = tobin.openCall();
    UUID photo = UUID.randomUUID();
    send(path(call, photo, "MOTOR_PLATE"), picture("jpeg", 80, 60), "image/jpeg");
    PhotoPlaceStore places = server.bean(PhotoPlaceStore.class);
    Branch.in(
        Branch.FIRST,
        () -> {
          assertFalse(places.moved(photo, "00".repeat(32)));
          assertFalse(places.dropped(photo));
          assertFalse(places.returned(photo, new byte[] {1}));
          return photo;
        });
    assertEquals(200, tobin.get(call + "/photos/" + photo).status());
  }
}
