package variablerotor.server.week;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** Each figure of the week has the calls behind it, and no other. */
@ExtendWith(Server.class)
class WeekApiTest {
  private final Visitor tobin;
  private final Visitor ines;

  WeekApiTest(Server server) {
    tobin = server.technician();
    ines = server.lead();
  }

  private String open(String unit, String more) {
    String call = "/api/calls/" + UUID.randomUUID();
    String told =
        "{\"place\":\"Week Wharf\",\"unitName\":\"%s\",\"complaint\":\"\",\"symptom\":\"NO_RUN\",%s"
            + "\"motor\":{\"family\":\"CONSTANT_TORQUE\",\"volts\":\"208-230\"}}";
    Visitor.Answer opened = tobin.put(call, told.formatted(unit, more));
    assertEquals(200, opened.status(), opened.body());
    return call;
  }

  private void save(String path, String body) {
    Visitor.Answer kept = tobin.put(path + UUID.randomUUID(), body);
    assertEquals(200, kept.status(), kept.body());
  }

  /** The row of this call in a list of the week now; null where it is not in it. */
  private Map<?, ?> row(String list, String id, String call) {
    return row(ines.get("/api/week"), list, id, call);
  }

  private static Map<?, ?> row(Visitor.Answer week, String list, String id, String call) {
    for (Object one : week.list(list)) {
      Map<?, ?> row = (Map<?, ?>) one;
      if (call.endsWith(String.valueOf(row.get(id)))) {
        return row;
      }
    }
    return null;
  }

  @Test
  void onlyALeadReadsIt() {
    assertEquals(403, tobin.get("/api/week").status());
    assertEquals(403, tobin.get("/api/week/calls").status());
    assertEquals(422, ines.get("/api/week?days=1").status());
  }

  @Test
  void aCallIsOpenUntilItIsKnownWhatItWas() {
    String call = open("Open 1", "");
    assertEquals("Open 1", row("calls", "id", call).get("unitName"));
    save(call + "/outcomes/", "{\"was\":\"NO\",\"found\":[\"SUPPLY\"]}");
    Visitor.Answer week = ines.get("/api/week");
    assertNull(row(week, "calls", "id", call));
    assertEquals("Open 1", row(week, "turned", "call", call).get("unitName"));
  }

  @Test
  void aWarrantyNearItsEndIsNamed() {
    String soon = LocalDate.now().plusDays(9).toString();
    String call = open("Claim 1", "\"unit\":{\"warrantyUntil\":\"" + soon + "\"},");
    String far = open("Claim 2", "\"unit\":{\"warrantyUntil\":\"2044-01-01\"},");
    Visitor.Answer week = ines.get("/api/week");
    Map<?, ?> claim = row(week, "claims", "call", call);
    assertTrue(((String) claim.get("sentence")).contains("File the claim"), claim.toString());
    assertNull(row(week, "claims", "call", far));
  }

  @Test
  void aUnitThatWasAtWorkUponComesBack() {
    String first = open("Twice", "");
    assertNull(row("comebacks", "call", first));
    save(first + "/decisions/", "{\"route\":\"REPAIR_OTHER\"}");
    String again = open("Twice", "");
    Visitor.Answer week = ines.get("/api/week");
    Map<?, ?> back = row(week, "comebacks", "call", again);
    assertTrue(first.endsWith(String.valueOf(back.get("earlier"))), back.toString());
    assertEquals(0.0, back.get("days"));
    assertNull(row(week, "comebacks", "call", first), "the first visit is none");
  }

  /** The module was bought, and it was a pin: that money is told; a right one is not. */
  @Test
  void aPartThatWasCondemnedWronglyIsToldWithItsCost() {
    String wrong = bought("Wrong 1");
    save(wrong + "/outcomes/", "{\"was\":\"NO\",\"found\":[\"HARNESS\"]}");
    String right = bought("Right 1");
    save(right + "/outcomes/", "{\"was\":\"YES\"}");
    String partly = bought("Partly 1");
    save(partly + "/outcomes/", "{\"was\":\"NO\",\"found\":[\"WINDING\",\"MODULE\"]}");
    Visitor.Answer week = ines.get("/api/week");
    assertEquals(true, row(week, "turned", "call", wrong).get("bought"));
    assertTrue((Double) row(week, "turned", "call", wrong).get("firstCost") > 400);
    assertEquals(false, row(week, "turned", "call", right).get("bought"));
    assertEquals(false, row(week, "turned", "call", partly).get("bought"));
    String csv = ines.get("/api/week/calls").body();
    assertTrue(csv.contains("condemned wrongly,Week Wharf,Wrong 1,said MODULE; was HARNESS"), csv);
    assertFalse(csv.contains("condemned wrongly,Week Wharf,Right 1"), csv);
  }

  private String bought(String unit) {
    String call = open(unit, "");
    tobin.read(call, "line.volts", "240");
    tobin.read(call, "command.volts", "25");
    tobin.read(call, "shaft.feel", "\"FREE\"");
    tobin.read(call, "connector.look", "\"SEATED\"");
    for (String pair : new String[] {"ab", "bc", "ca"}) {
      tobin.read(call, "winding." + pair, "14");
    }
    for (String lead : new String[] {"a", "b", "c"}) {
      tobin.read(call, "winding.frame." + lead, "\"OL\"");
    }
    save(
        call + "/offers/",
        "{\"route\":\"EQUIVALENT_MOTOR\",\"partPrice\":410.5,\"labourHours\":1.5,\"leadDays\":0}");
    save(call + "/decisions/", "{\"route\":\"EQUIVALENT_MOTOR\"}");
    assertEquals("MODULE", tobin.get(call).at("diagnosis.verdict.suspects.0"));
    return call;
  }
}
