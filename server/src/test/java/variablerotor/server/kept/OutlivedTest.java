package variablerotor.server.kept;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.json.Json;
import variablerotor.server.PdfText;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** A row that was written in words that nobody knows any more is shown as told; nothing fails. */
@ExtendWith(Server.class)
class OutlivedTest {
  private final Server server;
  private final Visitor tobin;
  private String call = "";

  OutlivedTest(Server server) {
    this.server = server;
    tobin = server.technician();
  }

  @BeforeEach
  void opened() {
    call = tobin.openCall();
  }

  private UUID id() {
    return UUID.fromString(call.substring(call.lastIndexOf('/') + 1));
  }

  /** As a version before this one would have kept it. */
  private void keep(String columns, String values, Object... given) throws SQLException {
    try (Connection past = server.database();
        PreparedStatement row =
            past.prepareStatement(
                "insert into "
                    + columns.replaceFirst(" \\(", " (id, call_id, author, at, ")
                    + " values (gen_random_uuid(), ?, (select id from account where login = 'ines'),"
                    + " now(), "
                    + values
                    + ")")) {
      row.setObject(1, id());
      for (int at = 0; at < given.length; at++) {
        row.setObject(at + 2, given[at]);
      }
      row.execute();
    }
  }

  private void keepReading(String fact, String json) throws SQLException {
    keep("reading (fact, value, phase, again)", "?, ?, 'BEFORE', false", fact, json);
  }

  private void tell(Map<String, Object> particulars) throws SQLException {
    keep("particulars (body)", "?", Json.write(particulars));
  }

  private String asTold() {
    return Json.write(tobin.get(call).at("asTold"));
  }

  private String report() throws Exception {
    return PdfText.of(tobin.bytes(call + "/report"));
  }

  @Test
  void aReadingIsShownAsItWasTold() throws Exception {
    tobin.read(call, "line.volts", "241");
    Object before = tobin.get(call).at("diagnosis");
    keepReading("shaft.wobble", "\"A_LOT\"");
    assertEquals(200, tobin.get(call).status());
    assertTrue(asTold().contains("A_LOT"), asTold());
    assertTrue(asTold().contains("Ines"), asTold());
    assertEquals(before, tobin.get(call).at("diagnosis"));
    assertTrue(report().contains("shaft.wobble: A_LOT"));
    // The call goes on.
    assertEquals(200, tobin.read(call, "shaft.feel", "\"FREE\"").status());
  }

  @Test
  void whatAnUnreadableReadingCorrectedIsNotBelievedAgain() throws Exception {
    tobin.read(call, "shaft.feel", "\"LOCKED\"");
    keepReading("shaft.feel", "\"SPONGY\"");
    assertFalse(
        tobin.get(call).list("readings").stream()
            .anyMatch(one -> "shaft.feel".equals(((Map<?, ?>) one).get("fact"))));
    assertTrue(asTold().contains("SPONGY") && asTold().contains("LOCKED"), asTold());
  }

  @Test
  void aChoiceAndAnAnswerOfAWayThatIsNoneAreNotInForce() throws Exception {
    tobin.read(call, "line.volts", "241");
    assertEquals(
        200,
        tobin.put(call + "/decisions/" + UUID.randomUUID(), "{\"route\":\"SAME_MOTOR\"}").status());
    keep("decision (route, currency, diagnosis, engine)", "'TURBINE', 'USD', '{}', '0'");
    keep("customer_answer (route, said_by, said_on, note)", "'TURBINE', 'Mr Reed', now(), ''");
    keep("offer (route, part_price)", "'TURBINE', 40");
    Visitor.Answer now = tobin.get(call);
    assertEquals(List.of(), now.at("decisions"));
    assertNull(now.at("fit"));
    assertTrue(asTold().contains("TURBINE") && asTold().contains("SAME_MOTOR"), asTold());
    assertTrue(asTold().contains("answer of Mr Reed"), asTold());
    assertTrue(asTold().contains("offer.TURBINE.partPrice"), asTold());
  }

  @Test
  void aDocumentOfAStageIsReadWholeOrShown() throws Exception {
    tobin.read(call, "line.volts", "241");
    tobin.put(call + "/decisions/" + UUID.randomUUID(), "{\"route\":\"SAME_MOTOR\"}");
    Map<?, ?> fit = (Map<?, ?>) tobin.get(call).at("fit.fit");
    String later = Json.write(fit).replace("\"SAME_MOTOR\"", "\"TURBINE\"");
    keep("fit (body)", "?", later);
    keep("as_wired (body)", "?", "{\"format\":\"variable-rotor-as-wired\",\"version\":9}");
    keep(
        "repair_proof (body)",
        "?",
        "{\"format\":\"variable-rotor-proof\",\"version\":1,\"way\":\"X\"}");
    Visitor.Answer now = tobin.get(call);
    assertEquals(200, now.status(), now.body());
    assertNull(now.at("fit.author"));
    assertNull(now.at("wired"));
    assertTrue(asTold().contains("TURBINE"), asTold());
  }

  @Test
  @SuppressWarnings("unchecked")
  void whatWasToldOfTheUnitIsAskedAgain() throws Exception {
    Map<String, Object> told = (Map<String, Object>) tobin.get(call).at("particulars");
    told.put("unit", Map.of("role", "ATTIC_FAN", "coolingTons", 3.0));
    tell(told);
    assertNull(tobin.get(call).at("particulars.unit.role"));
    assertEquals(3.0, tobin.get(call).at("particulars.unit.coolingTons"));
    assertTrue(asTold().contains("ATTIC_FAN"), asTold());
  }

  @Test
  @SuppressWarnings("unchecked")
  void aCallThatNobodyUnderstandsAnyMoreIsShownAndTheListStands() throws Exception {
    tobin.read(call, "line.volts", "241");
    Map<String, Object> told = (Map<String, Object>) tobin.get(call).at("particulars");
    told.put("symptom", "HUMS_A_TUNE");
    tell(told);
    try (Connection past = server.database();
        PreparedStatement row =
            past.prepareStatement(
                "update service_call set symptom = 'HUMS_A_TUNE', family = 'STEAM', stand = 'X',"
                    + " verdict_suspects = 'GREMLIN' where id = ?")) {
      row.setObject(1, id());
      row.execute();
    }
    Visitor.Answer call = tobin.get(this.call);
    assertEquals(409, call.status(), call.body());
    assertTrue(call.body().contains("HUMS_A_TUNE"), call.body());
    assertTrue(call.body().contains("line.volts"), call.body());
    assertEquals(409, tobin.read(this.call, "shaft.feel", "\"FREE\"").status());
    assertEquals(200, tobin.get("/api/calls").status());
    assertTrue(tobin.get("/api/calls").body().contains(id().toString()));
    assertEquals(200, tobin.get("/api/motors/van").status());
  }

  @Test
  void aPartAndAMotorAreKeptAsTheyWereTold() throws Exception {
    try (Connection past = server.database()) {
      for (String sql :
          List.of(
              "insert into stock_part (id, part_id, number_key, body, removed, author, at) values"
                  + " (gen_random_uuid(), '11111111-0000-4000-8000-000000000001', 'OLDCAN1',"
                  + " '{\"number\":\"OLD-CAN-1\",\"kind\":\"SUPERCAPACITOR\",\"name\":\"Can\"}',"
                  + " false, (select id from account where login = 'ines'), now())",
              "insert into shop_motor (id, motor_id, name, body, removed, author, at) values"
                  + " (gen_random_uuid(), gen_random_uuid(), 'Steamer 4',"
                  + " '{\"id\":\"Steamer 4\",\"family\":\"STEAM\",\"volts\":\"115\"}', false,"
                  + " (select id from account where login = 'ines'), now())")) {
        past.createStatement().execute(sql);
      }
    }
    Visitor.Answer part = tobin.get("/api/stock/parts/11111111-0000-4000-8000-000000000001");
    assertEquals(200, part.status(), part.body());
    assertTrue(part.body().contains("kind SUPERCAPACITOR"), part.body());
    assertEquals(200, tobin.get("/api/motors").status());
    assertTrue(tobin.get("/api/motors/as-told").body().contains("Steamer 4: family"));
    assertEquals(200, tobin.get(call).status());
  }
}
