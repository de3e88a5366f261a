package variablerotor.server.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.NotFoundException;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.core.casefile.FitReader;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.fitting.Ask;
import variablerotor.core.fitting.Fitting;
import variablerotor.core.view.CallAnswers;
import variablerotor.core.view.WaysSheet;
import variablerotor.json.Json;
import variablerotor.server.PdfText;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** What is left at the unit, and what comes back to it. */
@ExtendWith(Server.class)
class PaperApiTest {
  private final Visitor tobin;
  private final Visitor ines;
  private String call = "";

  PaperApiTest(Server server) {
    tobin = server.technician();
    ines = server.lead();
  }

  @BeforeEach
  void chosen() {
    call = tobin.openCall();
    String path = call + "/decisions/" + UUID.randomUUID();
    assertEquals(200, tobin.put(path, "{\"route\":\"EQUIVALENT_MOTOR\"}").status());
  }

  private Map<String, Object> fit() {
    Map<String, Object> fit = new LinkedHashMap<>();
    ((Map<?, ?>) tobin.get(call).at("fit.fit")).forEach((key, value) -> fit.put("" + key, value));
    return fit;
  }

  private void keep(Map<String, Object> fit) {
    Visitor.Answer kept = tobin.put(call + "/fits/" + UUID.randomUUID(), Json.write(fit));
    assertEquals(200, kept.status(), kept.body());
  }

  /** Every step done, and answered as it should be; other notes as given. */
  private Map<String, Object> allDone(Map<String, Object> noted) throws InputFaults {
    Map<String, Object> fit = fit();
    Map<String, Object> notes = new LinkedHashMap<>(noted);
    List<Object> marks = new ArrayList<>();
    Set<String> seen = new HashSet<>();
    for (; ; ) {
      fit.put("notes", notes);
      fit.put("marks", marks);
      Fitting.Standing next = Fitting.of(FitReader.told(fit).document()).next();
      if (next == null) {
        return fit;
      }
      assertTrue(seen.add(next.step().id()), "is asked twice: " + next);
      for (Ask ask : next.step().asks()) {
        notes.putIfAbsent(ask.id(), good(ask));
      }
      marks.add(Map.of("id", next.step().id(), "done", true, "why", ""));
    }
  }

  private static Object good(Ask ask) {
    if (ask.least() != null) {
      return ask.id().equals("rest.volts") ? 2.0 : ask.least() + 1;
    }
    return ask.words().stream()
        .filter(one -> one.leadsTo() == null)
        .findFirst()
        .<Object>map(Ask.Word::id)
        .orElse("as before");
  }

  /**
   * At one size of picture this reader finds about one code in a hundred not; a camera tries one
   * picture after the other, too.
   */
  private static String decoded(byte[] pdf) throws Exception {
    try (PDDocument document = Loader.loadPDF(pdf)) {
      PDFRenderer renderer = new PDFRenderer(document);
      ReaderException last = NotFoundException.getNotFoundInstance();
      for (int dotsPerInch : List.of(300, 200, 400, 600)) {
        try {
          return decoded(renderer.renderImageWithDPI(0, dotsPerInch));
        } catch (ReaderException fault) {
          last = fault;
        }
      }
      throw last;
    }
  }

  private static String decoded(BufferedImage page) throws ReaderException {
    int[] pixels = page.getRGB(0, 0, page.getWidth(), page.getHeight(), null, 0, page.getWidth());
    return new QRCodeReader()
        .decode(
            new BinaryBitmap(
                new HybridBinarizer(
                    new RGBLuminanceSource(page.getWidth(), page.getHeight(), pixels))),
            Map.of(DecodeHintType.TRY_HARDER, true))
        .getText();
  }

  @Test
  void theLabelSaysWhatWasFittedSetAndSwitchedOff() throws Exception {
    assertEquals(409, tobin.get(call + "/label/words").status());
    Visitor.Answer early = tobin.get(call + "/label");
    assertEquals(409, early.status());
    assertThat(early.body()).contains("steps of fitting are not done yet");
    assertEquals(false, tobin.get(call).at("label"));
    Object was = tobin.get(call).at("particulars.unit.boardNeedsFeedback");
    String told =
        "{\"changes\":[{\"field\":\"unit.boardNeedsFeedback\",\"was\":" + was + ",\"now\":true}]}";
    assertEquals(200, tobin.put(call + "/corrections/" + UUID.randomUUID(), told).status());
    keep(
        allDone(
            Map.of(
                "link",
                "OUT",
                "speed.proof",
                "OFF",
                "old.wires",
                5.0,
                "new.wires",
                4.0,
                "tap.COOL",
                "4")));
    assertEquals(true, tobin.get(call).at("label"));
    byte[] pdf = tobin.bytes(call + "/label");
    try (PDDocument document = Loader.loadPDF(pdf)) {
      assertEquals(1, document.getNumberOfPages());
      PDRectangle size = document.getPage(0).getMediaBox();
      assertEquals(4 * 72, size.getWidth(), 1, "four inches wide");
      assertEquals(3 * 72, size.getHeight(), 1, "three high");
    }
    String text = PdfText.of(pdf);
    String code = decoded(pdf);
    for (String said :
        List.of(
            "Test Quay",
            "Equivalent motor",
            "out, as its sheet says for 208-230",
            "switched off, so that the board does not lock out",
            "not yet")) {
      assertThat(text).contains(said);
      assertThat(code.replace("\n", " ")).contains(said);
    }
    assertThat(code).endsWith("Call: " + call.substring(call.lastIndexOf('/') + 1));
    Visitor.Answer words = tobin.get(call + "/label/words");
    assertEquals(code, words.at("code"));
    assertEquals(Json.read(words.body()), onADevice());
  }

  /** As a device that holds the call says it, without a radio. */
  private Object onADevice() throws InputFaults {
    CallAnswers device = new CallAnswers();
    device.shop(Json.read(tobin.get("/api/calls/shop").body()));
    Map<?, ?> both = (Map<?, ?>) Json.read(tobin.get(call, Map.of("Rotor-Answer", "both")).body());
    Map<?, ?> fit = (Map<?, ?>) ((Map<?, ?>) both.get("view")).get("fit");
    String today = LocalDate.now(ZoneId.systemDefault()).toString();
    String fitted =
        OffsetDateTime.parse((String) fit.get("at"))
            .atZoneSameInstant(ZoneId.systemDefault())
            .toLocalDate()
            .toString();
    return Json.read(
        Json.write(device.label(Map.of("log", both.get("log"), "today", today, "fitted", fitted))));
  }

  @Test
  void theShopStandsOnItOnceItHasSaidItsName() throws Exception {
    Map<String, Object> settings = new LinkedHashMap<>();
    Visitor.Answer inForce = ines.get("/api/shop/settings");
    ((Map<?, ?>) inForce.at("settings")).forEach((key, value) -> settings.put("" + key, value));
    settings.put("name", "Sluice Air");
    settings.put("phone", "555-0178");
    Object edition = inForce.at("edition");
    String base = edition == null ? "" : "?base=" + edition;
    Visitor.Answer kept =
        ines.put("/api/shop/settings/" + UUID.randomUUID() + base, Json.write(settings));
    assertEquals(200, kept.status(), kept.body());
    keep(allDone(Map.of()));
    assertThat(PdfText.of(tobin.bytes(call + "/label"))).contains("Sluice Air 555-0178");
    settings.put("phone", "5".repeat(41));
    Visitor.Answer long41 =
        ines.put(
            "/api/shop/settings/" + UUID.randomUUID() + "?base=" + kept.at("edition"),
            Json.write(settings));
    assertEquals(422, long41.status());
    assertThat(long41.body()).contains("phone").contains("40 characters");
  }

  /** What somebody pastes is no reason for a call without papers. */
  @Test
  void whatNoFontHasAndWhatIsLongIsNoFault() {
    String pasted = "<b>&amp; \u6a5f \ud83d\ude00 " + "W".repeat(150);
    Map<String, Object> change = new LinkedHashMap<>();
    change.put("field", "complaint");
    change.put("was", "");
    change.put("now", pasted);
    String told = Json.write(Map.of("changes", List.of(change)));
    Visitor.Answer kept = tobin.put(call + "/corrections/" + UUID.randomUUID(), told);
    assertEquals(200, kept.status(), kept.body());
    assertThat(PdfText.of(tobin.bytes(call + "/report"))).contains("<b>&amp;");
    assertThat(PdfText.pages(tobin.bytes(call + "/sheet"))).hasSize(1);
  }

  /** Control characters are refused where they are typed; rows of before may hold some. */
  @Test
  void whatNoXmlHoldsIsLeftOut() {
    WaysSheet sheet =
        new WaysSheet(
            "Quay\u0001\u000b\ud83d", "x", "dead", true, "none", List.of(), "", List.of(), null);
    SheetPage page = new SheetPage(sheet, (said, out) -> {}, "0 0 1 1");
    byte[] pdf = new Papers().printOnOne("sheet", page);
    assertThat(PdfText.of(pdf)).contains("Quay");
  }

  @Test
  void theReturnVisitIsADayInAnyCalendar() throws Exception {
    Visitor.Answer none = tobin.get(call + "/visit");
    assertEquals(409, none.status());
    Map<String, Object> fit = fit();
    Map<String, Object> hold = new LinkedHashMap<>();
    hold.put("reason", "RETURN_VISIT");
    hold.put("note", "rain; roof wet");
    hold.put("bring", "wheel, 12 in, and a puller");
    hold.put("left", List.of("CHARGE", "CONDENSER"));
    fit.put("hold", hold);
    keep(fit);
    Visitor.Answer open = tobin.get(call + "/visit");
    assertEquals(409, open.status());
    assertThat(open.body()).contains("No day is said");
    hold.put("until", "2027-03-28");
    keep(fit);
    assertEquals("2027-03-28", tobin.get(call).at("visit.day"));
    ICalendar calendar = Biweekly.parse(new String(tobin.bytes(call + "/visit"))).first();
    VEvent event = calendar.getEvents().get(0);
    assertFalse(event.getDateStart().getValue().hasTime(), "a day, whatever the zone");
    assertEquals(
        "2027-03-28",
        LocalDate.ofInstant(event.getDateStart().getValue().toInstant(), ZoneId.systemDefault())
            .toString());
    assertThat(event.getSummary().getValue()).isEqualTo("Return visit: Test Quay");
    assertThat(event.getDescription().getValue())
        .contains("rain; roof wet")
        .contains("To bring: wheel, 12 in, and a puller")
        .contains("To do: Refrigerant charge, by certified people\nTo do: Dirty condenser");
  }
}
