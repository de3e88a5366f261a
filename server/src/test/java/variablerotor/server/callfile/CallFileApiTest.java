package variablerotor.server.callfile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.core.casefile.InputFaults;
import variablerotor.json.Json;
import variablerotor.server.PdfText;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** A call out of one installation and into another: whole, or not at all. */
@ExtendWith(Server.class)
class CallFileApiTest {
  private static final Pattern ID = Pattern.compile("[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}");

  private final Visitor tobin;
  private final Visitor ines;

  CallFileApiTest(Server server) {
    tobin = server.technician();
    ines = server.lead();
  }

  /** A call of which something is kept of every kind. */
  private String worked() throws IOException {
    String call = tobin.openCall();
    for (String pair : List.of("winding.ab", "winding.bc", "winding.ca")) {
      tobin.read(call, pair, "22");
    }
    tobin.read(call, "line.volts", "240");
    String wrong = (String) tobin.read(call, "command.volts", "2.5").at("readings.4.id");
    put(call + "/retractions/", "{\"reading\":\"" + wrong + "\"}");
    ines.read(call, "command.volts", "25.1");
    put(
        call + "/corrections/",
        "{\"changes\":[{\"field\":\"complaint\",\"was\":\"\",\"now\":\"Ümläute, \\\"quotes\\\"\"}]}");
    put(
        call + "/offers/",
        "{\"route\":\"EQUIVALENT_MOTOR\",\"partPrice\":410.5,\"labourHours\":1.5}");
    put(
        "/api/stock/parts/" + UUID.randomUUID() + "/editions/",
        "{\"kind\":\"MOTOR\",\"number\":\"X-"
            + call.substring(call.length() - 6)
            + "\",\"name\":\"A motor\"}");
    put(
        call + "/found/",
        "{\"route\":\"EQUIVALENT_MOTOR\",\"kind\":\"MOTOR\",\"number\":\"X-"
            + call.substring(call.length() - 6)
            + "\"}");
    put(call + "/decisions/", "{\"route\":\"EQUIVALENT_MOTOR\"}");
    put(
        call + "/answers/",
        "{\"route\":\"EQUIVALENT_MOTOR\",\"by\":\"Mr Reed\",\"on\":\"2026-11-02\",\"note\":\"soon\"}");
    Map<String, Object> fit = document(call, "fit.fit");
    fit.put("marks", List.of(Map.of("id", "off.power", "done", true, "why", "")));
    put(call + "/fits/", Json.write(fit));
    put(call + "/proofs/", Json.write(document(call, "repair.proof")));
    put(call + "/outcomes/", "{\"was\":\"UNKNOWN\",\"note\":\"not opened\"}");
    for (String kind : List.of("jpeg", "png")) {
      ByteArrayOutputStream picture = new ByteArrayOutputStream();
      ImageIO.write(new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB), kind, picture);
      Visitor.Answer sent =
          send(
              tobin,
              call + "/photos/" + UUID.randomUUID() + "?kind=WIRING",
              picture.toByteArray(),
              "image/" + kind);
      assertEquals(200, sent.status(), sent.body());
    }
    return call;
  }

  private Map<String, Object> document(String call, String path) {
    Map<String, Object> document = new LinkedHashMap<>();
    Object at = tobin.get(call).at(path);
    ((Map<?, ?>) at).forEach((key, value) -> document.put("" + key, value));
    return document;
  }

  private void put(String path, String body) {
    Visitor.Answer kept = tobin.put(path + UUID.randomUUID(), body);
    assertEquals(200, kept.status(), path + ": " + kept.body());
  }

  private static Visitor.Answer send(Visitor who, String path, byte[] body, String type) {
    return who.exchange(
        HttpRequest.newBuilder()
            .PUT(HttpRequest.BodyPublishers.ofByteArray(body))
            .header("Content-Type", type)
            .header("X-XSRF-TOKEN", who.cookie("XSRF-TOKEN")),
        path);
  }

  /**
   * A call has two hundred photos: what is as large as allowed is looked at, and beyond it told.
   */
  @Test
  void aFileIsAsLargeAsAllowed() {
    Visitor.Answer looked = bringIn(new byte[40 * 1024 * 1024]);
    assertEquals(422, looked.status(), looked.body());
    assertTrue(looked.body().contains("no manifest.json"), looked.body());
    Visitor.Answer large = bringIn(new byte[50 * 1024 * 1024]);
    assertEquals(413, large.status(), large.body());
    assertTrue(large.body().contains("larger than 49152 kB"), large.body());
  }

  private Visitor.Answer bringIn(byte[] zip) {
    return send(ines, "/api/call-files/" + UUID.randomUUID(), zip, "application/zip");
  }

  private static Map<String, byte[]> unzipped(byte[] zip) throws IOException {
    Map<String, byte[]> files = new LinkedHashMap<>();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
      for (ZipEntry one = in.getNextEntry(); one != null; one = in.getNextEntry()) {
        files.put(one.getName(), in.readAllBytes());
      }
    }
    return files;
  }

  private static byte[] zipped(Map<String, byte[]> files) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      for (Map.Entry<String, byte[]> one : files.entrySet()) {
        zip.putNextEntry(new ZipEntry(one.getKey()));
        zip.write(one.getValue());
      }
    }
    return bytes.toByteArray();
  }

  /** The same call as another installation has it: every id of it is another one. */
  private static Map<String, byte[]> fromElsewhere(byte[] zip) throws IOException {
    Map<String, String> ids = new TreeMap<>();
    Map<String, byte[]> files = new LinkedHashMap<>();
    unzipped(zip)
        .forEach(
            (name, content) -> {
              boolean text = name.endsWith(".json");
              files.put(
                  other(name, ids),
                  text
                      ? other(new String(content, StandardCharsets.UTF_8), ids)
                          .getBytes(StandardCharsets.UTF_8)
                      : content);
            });
    return files;
  }

  private static String other(String text, Map<String, String> ids) {
    return ID.matcher(text)
        .replaceAll(one -> ids.computeIfAbsent(one.group(), any -> UUID.randomUUID().toString()));
  }

  /** With a manifest that says what is in it. */
  private static byte[] packed(Map<String, byte[]> files) throws Exception {
    Map<String, Object> manifest = new LinkedHashMap<>();
    tree(files.get("manifest.json")).forEach((key, value) -> manifest.put("" + key, value));
    List<Object> listed = new java.util.ArrayList<>();
    for (Map.Entry<String, byte[]> one : files.entrySet()) {
      if (!one.getKey().equals("manifest.json")) {
        listed.add(
            Map.of(
                "name",
                one.getKey(),
                "bytes",
                one.getValue().length,
                "sha256",
                HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(one.getValue()))));
      }
    }
    manifest.put("files", listed);
    files.put("manifest.json", Json.write(manifest).getBytes(StandardCharsets.UTF_8));
    return zipped(files);
  }

  private static Map<?, ?> tree(byte[] json) {
    try {
      return (Map<?, ?>) Json.read(new String(json, StandardCharsets.UTF_8));
    } catch (InputFaults none) {
      throw new IllegalStateException(none);
    }
  }

  private static String changed(Map<String, byte[]> files, String from, String to) {
    String text = new String(files.get("records.json"), StandardCharsets.UTF_8);
    assertTrue(text.contains(from), from + " in " + text);
    files.put("records.json", text.replace(from, to).getBytes(StandardCharsets.UTF_8));
    return text;
  }

  @Test
  void everyFieldOfEveryRecordComesAcross() throws Exception {
    String call = worked();
    byte[] zip = tobin.bytes(call + "/file");
    Map<String, byte[]> files = unzipped(zip);
    assertThat(files.keySet())
        .contains("manifest.json", "records.json", "case.json", "fit.json", "proof.json")
        .contains("papers/report.pdf", "papers/sheet.pdf")
        .anyMatch(name -> name.matches("photos/.*\\.jpg"))
        .anyMatch(name -> name.matches("photos/.*\\.png"));
    assertThat(PdfText.of(files.get("papers/report.pdf"))).contains("Test Quay");
    Map<String, byte[]> elsewhere = fromElsewhere(zip);
    Map<?, ?> records = tree(elsewhere.get("records.json"));
    for (Object kind : ((Map<?, ?>) records.get("records")).entrySet()) {
      Map.Entry<?, ?> one = (Map.Entry<?, ?>) kind;
      if (!one.getKey().equals("wirings")) {
        assertThat((List<?>) one.getValue()).as("" + one.getKey()).isNotEmpty();
      }
    }
    Visitor.Answer brought = bringIn(packed(elsewhere));
    assertEquals(200, brought.status(), brought.body());
    assertEquals("Ines Kallow", brought.at("broughtIn.by"));
    assertEquals("Tobin Ashgrove", brought.at("openedBy"), "who it was is what the file says");
    String copy = "/api/calls/" + brought.at("id");
    Map<String, byte[]> back = unzipped(tobin.bytes(copy + "/file"));
    assertEquals(records, tree(back.get("records.json")));
    elsewhere.forEach(
        (name, content) -> {
          if (name.startsWith("photos/")) {
            assertThat(back.get(name)).as(name).isEqualTo(content);
          }
        });
    for (String same : List.of("diagnosis.verdict", "ways.0.firstCost", "stand", "particulars")) {
      assertEquals(tobin.get(call).at(same), tobin.get(copy).at(same), same);
    }
    // Nobody signs in as one of whom a file tells.
    assertThat(ines.get("/api/accounts").body()).contains("elsewhere-");
    // The same file once more changes nothing.
    assertEquals(200, bringIn(packed(elsewhere)).status());
    tobin.read(copy, "shaft.feel", "\"FREE\"");
    Visitor.Answer other = bringIn(packed(elsewhere));
    assertEquals(409, other.status());
    assertThat(other.body()).contains("is here already");
  }

  @Test
  void whatWasTamperedWithIsRefusedAndNothingIsKept() throws Exception {
    byte[] zip = tobin.bytes(worked() + "/file");
    Map<String, byte[]> files = fromElsewhere(zip);
    packed(files);
    String id = (String) ((Map<?, ?>) tree(files.get("records.json")).get("call")).get("id");

    Map<String, byte[]> tampered = new LinkedHashMap<>(files);
    changed(tampered, "\"22\"", "\"23\"");
    refused(zipped(tampered), "records.json is not what it was when it was packed");

    Map<String, byte[]> more = new LinkedHashMap<>(files);
    more.put("papers/more.pdf", new byte[3]);
    refused(zipped(more), "papers/more.pdf is there and is not named");

    Map<String, byte[]> less = new LinkedHashMap<>(files);
    less.remove("papers/sheet.pdf");
    refused(zipped(less), "is named and is not there");

    for (String out :
        List.of("../x.json", "/x.json", "photos/../../x.jpg", "C:\\\\x", "a/b/c.txt")) {
      Map<String, byte[]> climbing = new LinkedHashMap<>(files);
      climbing.put(out, new byte[1]);
      refused(packed(climbing), "which no call has");
    }

    Map<String, byte[]> unknown = new LinkedHashMap<>(files);
    changed(unknown, "\"proofs\"", "\"proves\"");
    refused(packed(unknown), "of a kind that this program does not know");

    Map<String, byte[]> wrong = new LinkedHashMap<>(files);
    changed(wrong, "\"labour_hours\" : 1.5", "\"labour_hours\" : \"long\"");
    refused(packed(wrong), "holds what no call holds");

    Map<String, byte[]> given = new LinkedHashMap<>(files);
    changed(given, "\"part_price\" : 410.5", "\"part_price\" : -410.5");
    refused(packed(given), "a number below zero");

    String opened =
        (String) ((Map<?, ?>) tree(files.get("records.json")).get("call")).get("openedAt");
    for (Map.Entry<String, String> when :
        Map.of("1999", "a time before 2000", "2999", "still to come").entrySet()) {
      Map<String, byte[]> times = new LinkedHashMap<>(files);
      changed(times, opened.substring(0, 11), when.getKey() + opened.substring(4, 11));
      refused(packed(times), when.getValue());
    }

    Map<String, byte[]> other = new LinkedHashMap<>(files);
    changed(other, "\"width\" : 60", "\"width\" : 0");
    refused(packed(other), "is another than is told of");

    Map<String, byte[]> newer = new LinkedHashMap<>(files);
    changed(newer, "\"wording\" : 1", "\"wording\" : 999");
    refused(packed(newer), "written by a newer version");

    Map<String, byte[]> nobody = new LinkedHashMap<>(files);
    changed(nobody, "\"name\" : \"Tobin Ashgrove\"", "\"name\" : \"\"");
    refused(packed(nobody), "a name that is none");

    refused("no zip at all".getBytes(StandardCharsets.UTF_8), "no manifest.json");
    assertEquals(404, tobin.get("/api/calls/" + id).status(), "nothing of it is here");
  }

  /** A photo that tells where it was taken is none that was kept here. */
  @Test
  void aPhotoThatHoldsMoreThanAPictureIsRefused() throws Exception {
    Map<String, byte[]> files = fromElsewhere(tobin.bytes(worked() + "/file"));
    String name =
        files.keySet().stream().filter(one -> one.endsWith(".jpg")).findFirst().orElseThrow();
    byte[] bare = files.get(name);
    byte[] comment = {(byte) 0xff, (byte) 0xfe, 0, 6, 'h', 'e', 'r', 'e'};
    ByteArrayOutputStream told = new ByteArrayOutputStream();
    told.write(bare, 0, 2);
    told.write(comment);
    told.write(bare, 2, bare.length - 2);
    files.put(name, told.toByteArray());
    refused(packed(files), "holds more than a picture");
    files.put(name, "not a picture".getBytes(StandardCharsets.UTF_8));
    Visitor.Answer none = bringIn(packed(files));
    assertEquals(422, none.status(), none.body());
  }

  /** A few kilobytes that unpack to a gigabyte are not unpacked. */
  @Test
  void aBombIsNotUnpacked() throws Exception {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      zip.putNextEntry(new ZipEntry("records.json"));
      byte[] zeros = new byte[1 << 20];
      for (int each = 0; each < 200; each++) {
        zip.write(zeros);
      }
      zip.closeEntry();
    }
    assertTrue(bytes.size() < 1 << 20, "small as it comes");
    refused(bytes.toByteArray(), "unpacks to more than a call holds");
    ByteArrayOutputStream many = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(many)) {
      for (int each = 0; each < 200; each++) {
        zip.putNextEntry(new ZipEntry("papers/p" + each + ".pdf"));
      }
    }
    refused(many.toByteArray(), "more than 80 files");
  }

  private void refused(byte[] zip, String why) {
    Visitor.Answer no = bringIn(zip);
    assertEquals(422, no.status(), why + ": " + no.body());
    assertThat(no.body()).contains(why);
  }
}
