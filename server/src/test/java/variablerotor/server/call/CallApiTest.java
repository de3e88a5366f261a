package variablerotor.server.call;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.core.casefile.CaseReader;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.tree.Tree;
import variablerotor.core.view.CallView;
import variablerotor.json.Json;
import variablerotor.server.PdfText;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** Calls through the real API into a real PostgreSQL. */
@ExtendWith(Server.class)
class CallApiTest {
  private final Server server;
  private final Visitor tobin;

  CallApiTest(Server server) {
    this.server = server;
    this.tobin = server.technician();
  }

  private void deadModule(String call) {
    tobin.read(call, "line.volts", "240");
    tobin.read(call, "command.volts", "25.1");
    tobin.read(call, "shaft.feel", "\"FREE\"");
    tobin.read(call, "connector.look", "\"SEATED\"");
    for (String pair : List.of("winding.ab", "winding.bc", "winding.ca")) {
      tobin.read(call, pair, "22");
    }
    for (String lead : List.of("winding.frame.a", "winding.frame.b", "winding.frame.c")) {
      tobin.read(call, lead, "\"OL\"");
    }
  }

  @Test
  void readingsBecomeAVerdictAndAChoice() {
    String call = tobin.openCall();
    assertEquals("OPEN", tobin.get(call).at("diagnosis.verdict.state"));
    deadModule(call);
    Visitor.Answer proved = tobin.get(call);
    assertEquals("DECIDED", proved.at("diagnosis.verdict.state"));
    assertEquals(List.of("MODULE"), proved.at("diagnosis.verdict.suspects"));
    Visitor.Answer priced =
        tobin.put(
            call + "/offers/" + UUID.randomUUID(),
            "{\"route\":\"MODULE_ONLY\",\"partPrice\":100,\"labourHours\":1.5,\"leadDays\":3}");
    assertEquals("MODULE_ONLY", priced.at("recommended"));
    assertEquals(280.0, priced.at("ways.0.firstCost"));
    Visitor.Answer chosen =
        tobin.put(call + "/decisions/" + UUID.randomUUID(), "{\"route\":\"MODULE_ONLY\"}");
    assertEquals("Tobin Ashgrove", chosen.at("decisions.0.author"));
    assertEquals(280.0, chosen.at("decisions.0.firstCost"));
    assertNotNull(chosen.at("decisions.0.at"));
  }

  @Test
  void aBlockedWayCannotBeChosen() {
    String call = tobin.openCall();
    Visitor.Answer refused =
        tobin.put(call + "/decisions/" + UUID.randomUUID(), "{\"route\":\"MODULE_ONLY\"}");
    assertEquals(422, refused.status());
    assertEquals("route", refused.at("errors.0.path"));
    assertTrue(String.valueOf(refused.at("detail")).contains("Measure the three pairs"));
  }

  @Test
  void theSameSaveTwiceIsOneSave() {
    String call = tobin.openCall();
    String path = call + "/readings/" + UUID.randomUUID();
    String body = "{\"fact\":\"line.volts\",\"value\":241}";
    assertEquals(200, tobin.put(path, body).status());
    Visitor.Answer again = tobin.put(path, body);
    assertEquals(200, again.status());
    assertEquals(1, again.list("readings").size());
    Visitor.Answer other = tobin.put(path, "{\"fact\":\"line.volts\",\"value\":99}");
    assertEquals(409, other.status());
    assertEquals(241.0, tobin.get(call).at("readings.0.value"));
    assertEquals(
        409,
        tobin
            .put(
                call,
                "{\"place\":\"Elsewhere\",\"symptom\":\"NOISE\",\"motor\":{\"family\":\"CONSTANT_TORQUE\"}}")
            .status());
  }

  private String told(String place) {
    return "{\"place\":\""
        + place
        + "\",\"symptom\":\"NO_RUN\",\"motor\":{\"family\":\"CONSTANT_TORQUE\"}}";
  }

  /** Each kind of save twice is one save, and with other content under its id it is refused. */
  @Test
  void everyKindOfSaveIsKnownAgainAndRefusedWhereItSaysSomethingElse() {
    String call = "/api/calls/" + UUID.randomUUID();
    twice(call, told("Quay"), told("Pier"));
    twice(call + "/particulars/" + UUID.randomUUID(), told("Quay 2"), told("Quay 3"));
    // An opening that is sent again after that is still the same opening.
    assertEquals(200, tobin.put(call, told("Quay")).status());
    assertEquals("Quay 2", tobin.get(call).at("particulars.place"));
    deadModule(call);
    Visitor.Answer all = tobin.get(call);
    twice(
        call + "/retractions/" + UUID.randomUUID(),
        "{\"reading\":\"" + all.at("readings.0.id") + "\"}",
        "{\"reading\":\"" + all.at("readings.1.id") + "\"}");
    assertEquals(false, tobin.get(call).at("readings.1.retracted"), "the refused one did nothing");
    twice(
        call + "/readings/" + UUID.randomUUID(),
        "{\"fact\":\"line.volts\",\"value\":240}",
        "{\"fact\":\"line.volts\",\"value\":240,\"phase\":\"AFTER\"}");
    String offer = "{\"route\":\"SAME_MOTOR\",\"labourHours\":1,\"leadDays\":3,\"partPrice\":";
    twice(call + "/offers/" + UUID.randomUUID(), offer + "400}", offer + "401}");
    twice(
        call + "/decisions/" + UUID.randomUUID(),
        "{\"route\":\"SAME_MOTOR\"}",
        "{\"route\":\"EQUIVALENT_MOTOR\"}");
    // Under another call the same id is something else.
    String reading = "/readings/" + all.at("readings.3.id");
    assertEquals(
        409, tobin.put(tobin.openCall() + reading, "{\"fact\":\"code\",\"value\":\"4\"}").status());
  }

  private void twice(String path, String body, String other) {
    assertEquals(200, tobin.put(path, body).status());
    assertEquals(200, tobin.put(path, body).status(), "again: " + path);
    Visitor.Answer refused = tobin.put(path, other);
    assertEquals(409, refused.status(), "other content: " + path);
    assertTrue(String.valueOf(refused.at("detail")).contains("has this id already"));
  }

  @Test
  void theNewMotorsReadingsDoNotUnsettleADecidedCall() {
    String call = tobin.openCall();
    deadModule(call);
    tobin.put(call + "/decisions/" + UUID.randomUUID(), "{\"route\":\"SAME_MOTOR\"}");
    Visitor.Answer after =
        tobin.put(
            call + "/readings/" + UUID.randomUUID(),
            "{\"fact\":\"winding.ab\",\"value\":3.4,\"phase\":\"AFTER\"}");
    assertEquals("DECIDED", after.at("diagnosis.verdict.state"));
    assertEquals("AFTER", after.at("readings.10.phase"));
    assertEquals(
        2,
        after.list("readings").stream()
            .map(row -> (Map<?, ?>) row)
            .filter(row -> row.get("fact").equals("winding.ab"))
            .filter(row -> Boolean.TRUE.equals(row.get("standing")))
            .count());
    Visitor.Answer refused =
        tobin.put(
            call + "/readings/" + UUID.randomUUID(),
            "{\"fact\":\"winding.ab\",\"value\":3.4,\"phase\":\"DURING\"}");
    assertEquals(400, refused.status());
    assertEquals("phase", refused.at("errors.0.path"));
  }

  /** What the server answers is what the core's own records say, but for what is null. */
  @Test
  void theAnswerIsTheCoresOwnTree() throws InputFaults {
    String call = tobin.openCall();
    deadModule(call);
    UUID id = UUID.fromString(call.substring(call.lastIndexOf('/') + 1));
    // Other tests change the shop's stock and prices meanwhile: only where nothing moved between
    // the core's word before and its word after does the answer have to be that word.
    Object before;
    Object answered;
    Object after;
    int tries = 0;
    do {
      before = coresWord(id);
      answered = Json.read(tobin.get(call).body());
      after = coresWord(id);
    } while (!before.equals(after) && ++tries < 20);
    assertEquals(before, after, "the shop never stood still");
    assertEquals(before, answered);
  }

  private Object coresWord(UUID call) throws InputFaults {
    Object tree = CallView.of(server.bean(CallService.class).job(call)).tree();
    return Json.read(Json.write(Tree.withoutNulls(tree)));
  }

  @Test
  void aSaveIsTakenOnlyUnderTheAccountThatMadeIt() {
    String call = tobin.openCall();
    String path = call + "/readings/" + UUID.randomUUID();
    String body = "{\"fact\":\"line.volts\",\"value\":241}";
    Object me = tobin.get("/api/session").at("account.id");
    Visitor ines = server.lead();
    Visitor.Answer waits = ines.put(path, body, Map.of("Rotor-Account", (String) me));
    assertEquals(401, waits.status());
    assertEquals(0, tobin.get(call).list("readings").size());
    Visitor.Answer kept = tobin.put(path, body, Map.of("Rotor-Account", (String) me));
    assertEquals("Tobin Ashgrove", kept.at("readings.0.author"));
  }

  @Test
  void aLaterReadingSupersedesAndUndoBringsTheEarlierBack() {
    String call = tobin.openCall();
    tobin.read(call, "line.volts", "241");
    Visitor.Answer second = tobin.read(call, "line.volts", "3");
    assertEquals(2, second.list("readings").size());
    assertEquals(false, second.at("readings.0.standing"));
    assertEquals(List.of("SUPPLY"), second.at("diagnosis.verdict.suspects"));
    Visitor.Answer undone =
        tobin.put(
            call + "/retractions/" + UUID.randomUUID(),
            "{\"reading\":\"" + second.at("readings.1.id") + "\"}");
    assertEquals(true, undone.at("readings.0.standing"));
    assertEquals(true, undone.at("readings.1.retracted"));
    assertEquals("Tobin Ashgrove", undone.at("readings.1.retractedBy"));
    assertEquals("OPEN", undone.at("diagnosis.verdict.state"));
  }

  @Test
  void undoOfAReadingOfAnotherCallIsRefused() {
    String mine = tobin.openCall();
    String other = tobin.openCall();
    Object reading = tobin.read(other, "line.volts", "241").at("readings.0.id");
    Visitor.Answer refused =
        tobin.put(mine + "/retractions/" + UUID.randomUUID(), "{\"reading\":\"" + reading + "\"}");
    assertEquals(404, refused.status());
    assertEquals(1, tobin.get(other).list("readings").size());
  }

  @Test
  void whatWasRecordedCannotBeChangedEvenInTheDatabase() throws SQLException {
    tobin.read(tobin.openCall(), "line.volts", "241");
    try (Connection connection = server.database();
        Statement statement = connection.createStatement()) {
      for (String change :
          List.of(
              "update reading set value = '1'",
              "delete from reading",
              "update particulars set body = ''")) {
        assertThrows(SQLException.class, () -> statement.execute(change), change);
      }
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "winding.ab | -1 | value",
        "winding.ab | 1e12 | value",
        "winding.ab | \"lots\" | value",
        "line.volts | \"OL\" | value",
        "line.volts | null | value",
        "line.volts | [1] | value",
        "shaft.feel | \"WOBBLY\" | value",
        "call.present | 1 | value",
        "line.amps | 4 | fact"
      })
  void badReadingNamesItsFieldAndLosesNothing(String fact, String json, String path) {
    String call = tobin.openCall();
    tobin.read(call, "control.volts", "26");
    Visitor.Answer refused = tobin.read(call, fact, json);
    assertEquals(422, refused.status(), refused.body());
    assertEquals(path, refused.at("errors.0.path"));
    assertTrue(String.valueOf(refused.at("errors.0.message")).contains("allowed"));
    assertTrue(refused.headers().firstValue("Content-Type").orElse("").contains("problem+json"));
    assertEquals(1, tobin.get(call).list("readings").size());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"place\":\"\",\"symptom\":\"NO_RUN\",\"motor\":{\"family\":\"CONSTANT_TORQUE\"}} | 422 | place",
        "{\"place\":\"Quay\",\"motor\":{\"family\":\"CONSTANT_TORQUE\"}} | 422 | symptom",
        "{\"place\":\"Quay\",\"symptom\":\"NO_RUN\"} | 422 | motor.family",
        "{\"place\":\"Quay\",\"symptom\":\"NO_RUN\",\"motor\":{\"family\":\"PSC\"}} | 422 | motor.family",
        "{\"place\":\"Quay\",\"symptom\":\"SULKS\",\"motor\":{}} | 400 | symptom",
        "{\"place\":\"Quay\",\"symptom\":\"NO_RUN\",\"motor\":{\"family\":\"CONSTANT_TORQUE\",\"volts\":\"many\"}} | 422 | motor.volts",
        "{\"place\":\"Quay\",\"symptom\":\"NO_RUN\",\"motor\":{\"family\":\"CONSTANT_TORQUE\",\"horsepower\":-1}} | 422 | motor.horsepower",
        "{\"place\":\"Quay\",\"symptom\":\"NO_RUN\",\"unit\":{\"installed\":\"soon\"},\"motor\":{\"family\":\"CONSTANT_TORQUE\"}} | 400 | unit.installed"
      })
  void badParticularsNameTheirField(String body, int status, String path) {
    Visitor.Answer refused = tobin.put("/api/calls/" + UUID.randomUUID(), body);
    assertEquals(status, refused.status(), refused.body());
    assertEquals(path, refused.at("errors.0.path"), refused.body());
  }

  @Test
  void unknownAndMalformedIdsAreToldApart() {
    assertEquals(404, tobin.get("/api/calls/" + UUID.randomUUID()).status());
    assertEquals(400, tobin.get("/api/calls/soon").status());
    assertEquals(404, tobin.read("/api/calls/" + UUID.randomUUID(), "line.volts", "240").status());
    assertEquals(400, tobin.put(tobin.openCall() + "/readings/" + UUID.randomUUID(), "{").status());
  }

  @Test
  void aBodyTooLargeIsRefusedWithOrWithoutItsLength() {
    String call = tobin.openCall();
    String path = call + "/readings/" + UUID.randomUUID();
    String large = "{\"fact\":\"code\",\"value\":\"" + "x".repeat(70_000) + "\"}";
    assertEquals(413, tobin.put(path, large).status());
    byte[] bytes = large.getBytes(StandardCharsets.UTF_8);
    HttpRequest.Builder chunked =
        HttpRequest.newBuilder()
            .PUT(
                HttpRequest.BodyPublishers.ofInputStream(
                    () -> new java.io.ByteArrayInputStream(bytes)))
            .header("Content-Type", "application/json")
            .header("X-XSRF-TOKEN", tobin.cookie("XSRF-TOKEN"));
    assertEquals(413, tobin.exchange(chunked, path).status());
    assertEquals(0, tobin.get(call).list("readings").size());
  }

  @Test
  void changedParticularsChangeTheVerdict() {
    String call = tobin.openCall();
    tobin.read(call, "line.volts", "118");
    assertEquals(List.of("SUPPLY"), tobin.get(call).at("diagnosis.verdict.suspects"));
    Visitor.Answer told =
        tobin.put(
            call + "/particulars/" + UUID.randomUUID(),
            "{\"place\":\"Test Quay\",\"symptom\":\"NO_RUN\",\"motor\":{\"family\":\"CONSTANT_TORQUE\",\"volts\":\"115\"}}");
    assertEquals(200, told.status(), told.body());
    assertEquals("OPEN", told.at("diagnosis.verdict.state"));
  }

  /** What was told of the unit at its last call is offered; of another unit, nothing. */
  @Test
  void theLastCallToTheSameUnitIsKnown() {
    String first = told("Earlier Lane", "Loft unit", "0.75");
    String second = told("Earlier Lane", "loft UNIT", "");
    String other = told("Earlier Lane", "Cellar unit", "");
    assertEquals(List.of(), tobin.get(first + "/earlier").at(""));
    Visitor.Answer earlier = tobin.get(second + "/earlier");
    assertEquals(first.substring(first.lastIndexOf('/') + 1), earlier.at("0.call"));
    assertEquals(0.75, earlier.at("0.particulars.motor.horsepower"));
    assertEquals(List.of(), tobin.get(other + "/earlier").at(""));
    assertEquals(404, tobin.get("/api/calls/" + UUID.randomUUID() + "/earlier").status());
  }

  private String told(String place, String unit, String horsepower) {
    String path = "/api/calls/" + UUID.randomUUID();
    String plate = horsepower.isEmpty() ? "" : ",\"horsepower\":" + horsepower;
    Visitor.Answer answer =
        tobin.put(
            path,
            "{\"place\":\"%s\",\"unitName\":\"%s\",\"symptom\":\"NO_RUN\",\"motor\":{\"family\":\"CONSTANT_TORQUE\"%s}}"
                .formatted(place, unit, plate));
    assertEquals(200, answer.status(), answer.body());
    return path;
  }

  @Test
  void searchFindsWordsAndTakesNoPatterns() {
    String place = "Xylo" + UUID.randomUUID().toString().substring(0, 8);
    tobin.put(
        "/api/calls/" + UUID.randomUUID(),
        "{\"place\":\""
            + place
            + " 100% House\",\"unitName\":\"Cellar\",\"symptom\":\"NOISE\",\"motor\":{\"family\":\"CONSTANT_TORQUE\"}}");
    assertEquals(1, list("search=cellar+" + place.toLowerCase()).size());
    assertEquals(1, list("search=" + place + "+100%25").size());
    assertEquals(0, list("search=" + place + "+_____%25x").size());
    assertEquals(400, tobin.get("/api/calls?size=abc").status());
    assertEquals(422, tobin.get("/api/calls?size=1000").status());
  }

  private List<?> list(String query) {
    return tobin.get("/api/calls?" + query).list("");
  }

  @Test
  void manyAtOnceOnOneCallLoseNothing() {
    String call = tobin.openCall();
    List<CompletableFuture<Integer>> saves =
        IntStream.range(0, 20)
            .mapToObj(
                n ->
                    CompletableFuture.supplyAsync(
                        () -> tobin.read(call, "line.volts", String.valueOf(200 + n)).status()))
            .toList();
    saves.forEach(save -> assertEquals(200, save.join()));
    Visitor.Answer answer = tobin.get(call);
    assertEquals(20, answer.list("readings").size());
    long standing =
        answer.list("readings").stream()
            .filter(row -> Boolean.TRUE.equals(((Map<?, ?>) row).get("standing")))
            .count();
    assertEquals(1, standing);
  }

  @Test
  void reportIsOnePageWithVerdictReadingsAndChoice() throws Exception {
    String call = tobin.openCall();
    deadModule(call);
    tobin.put(call + "/decisions/" + UUID.randomUUID(), "{\"route\":\"SAME_MOTOR\"}");
    List<String> pages = PdfText.pages(tobin.bytes(call + "/report"));
    assertEquals(1, pages.size());
    String text = pages.get(0);
    for (String word :
        List.of("Test Quay", "module", "240 V", "OL", "Same motor", "Tobin", "good: 18 to 30 V")) {
      assertTrue(text.contains(word), word + " in " + text);
    }
    assertTrue(copperOnTheRight(tobin.bytes(call + "/report")) > 60, "the winding is drawn");
    String unread = tobin.openCall();
    assertEquals(0, copperOnTheRight(tobin.bytes(unread + "/report")), "and only where it is read");
  }

  /** Pixels of the winding's colour in the right half of the first page, where it stands. */
  private static long copperOnTheRight(byte[] pdf) throws IOException {
    try (PDDocument document = Loader.loadPDF(pdf)) {
      BufferedImage page = new PDFRenderer(document).renderImage(0);
      long found = 0;
      for (int x = page.getWidth() / 2; x < page.getWidth(); x++) {
        for (int y = 0; y < page.getHeight(); y++) {
          found += (page.getRGB(x, y) & 0xffffff) == 0xa84e16 ? 1 : 0;
        }
      }
      return found;
    }
  }

  /** Up to three ways on one page, with prices where they are known and no others. */
  @Test
  void theCustomersSheetIsOnePageOfWaysWithRoomForTheAnswer() throws Exception {
    String call = tobin.openCall();
    deadModule(call);
    tobin.put(
        call + "/offers/" + UUID.randomUUID(),
        "{\"route\":\"SAME_MOTOR\",\"partPrice\":800,\"labourHours\":1,\"leadDays\":5}");
    List<String> pages = PdfText.pages(tobin.bytes(call + "/sheet"));
    assertEquals(1, pages.size());
    String text = pages.get(0);
    for (String word :
        List.of(
            "Test Quay",
            "Same motor",
            "5 days",
            "Price to come",
            " tax",
            "think it over",
            "Signature",
            "Prices hold until")) {
      assertTrue(text.contains(word), word + " in " + text);
    }
    assertEquals(4, text.split("\\[[^]]*]").length - 1, "three ways, or none: " + text);
    assertEquals(404, tobin.get("/api/calls/" + UUID.randomUUID() + "/sheet").status());
    String early = PdfText.of(tobin.bytes(tobin.openCall() + "/sheet"));
    assertTrue(early.contains("not proved yet"), early);
  }

  @Test
  void caseFileReadsBackAsACase() throws InputFaults {
    String call = tobin.openCall();
    tobin.read(call, "line.volts", "240");
    tobin.read(call, "line.volts", "241");
    var file = CaseReader.read(Json.read(tobin.get(call + "/case").body()));
    assertEquals(1, file.facts().size());
    assertEquals("241 V", file.facts().get(0).spoken());
    assertEquals("208-230", file.motor().volts());
    assertTrue(file.unknownFields().isEmpty());
  }

  @Test
  void demoShopShowsEveryState() {
    // Other tests open calls of their own, and these are further down by then.
    List<Object> calls = new java.util.ArrayList<>();
    for (int page = 0; page == 0 || calls.size() == 100 * page; page++) {
      calls.addAll(list("size=100&page=" + page));
    }
    assertTrue(calls.size() >= 12);
    for (String state : List.of("OPEN", "NARROWED", "DECIDED")) {
      assertTrue(calls.stream().anyMatch(c -> state.equals(((Map<?, ?>) c).get("state"))), state);
    }
    assertFalse(calls.stream().allMatch(c -> ((Map<?, ?>) c).get("chosen") == null));
  }

  @Test
  void theUnitsOwnWindowIsInForceOnThisCallAndNamesItsSource() {
    String call = tobin.openCall();
    assertFalse(window(tobin.get(call)).containsValue(true), "the usual one at first");
    Map<?, ?> own = window(tobin.read(call, "window.command.volts", "[10,14]"));
    assertEquals(10.0, own.get("low"));
    assertEquals(true, own.get("own"));
    assertTrue(String.valueOf(own.get("source")).contains("own literature"));
    assertEquals(422, tobin.read(call, "window.command.volts", "[14,10]").status());
  }

  private static Map<?, ?> window(Visitor.Answer call) {
    return call.list("diagnosis.windows").stream()
        .map(one -> (Map<?, ?>) one)
        .filter(one -> one.get("fact").equals("command.volts"))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void wireColoursAndAWarrantyNearItsEndAreKeptAndTold() {
    String call = tobin.openCall();
    String soon = java.time.LocalDate.now(java.time.ZoneOffset.UTC).plusDays(9).toString();
    String told =
        """
        {"place":"Test Quay","unitName":"","complaint":"","symptom":"NO_RUN",
         "unit":{"warrantyUntil":"%s"},"motor":{"family":"BLDC_FIVE_WIRE"},
         "wires":{"VSP":"pink","BUS":" "}}"""
            .formatted(soon);
    Visitor.Answer kept = tobin.put(call + "/particulars/" + UUID.randomUUID(), told);
    assertEquals(Map.of("VSP", "pink"), kept.at("particulars.wires"));
    assertEquals("ENDS_SOON", kept.at("warranty.state"));
    assertTrue(String.valueOf(kept.at("warranty.sentence")).contains("File the claim"));
    Visitor.Answer refused =
        tobin.put(
            call + "/particulars/" + UUID.randomUUID(),
            told.replace("pink", "a very long word for any colour"));
    assertEquals("wires.VSP", refused.at("errors.0.path"));
  }

  @Test
  void theRoundSaysWhatToDoHereAndWhatToCarry() {
    Visitor.Answer call = tobin.get(tobin.openCall());
    assertEquals("POWER_ON", call.at("diagnosis.rounds.0.state"));
    assertEquals(call.at("diagnosis.nextTests.0.id"), call.at("diagnosis.rounds.0.checks.0"));
    assertTrue(call.list("diagnosis.rounds.0.tools").size() > 0);
    assertTrue(call.list("diagnosis.rounds.0.parts").size() > 0);
  }
}
