package variablerotor.server.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** What is said beside a reading goes through the API into PostgreSQL, and comes back. */
@ExtendWith(Server.class)
class TakenApiTest {
  private final Visitor tobin;

  TakenApiTest(Server server) {
    this.tobin = server.technician();
  }

  private Visitor.Answer read(String call, String body) {
    return tobin.put(call + "/readings/" + UUID.randomUUID(), body);
  }

  @Test
  void noteMomentAndPlaceAreKept() {
    String call = tobin.openCall();
    String body =
        "{\"fact\":\"command.volts\",\"value\":23.5,\"note\":\"  the wire is spliced \","
            + "\"when\":\"FAILING\",\"on\":\"tap 3\"}";
    assertEquals(200, read(call, body).status());
    Visitor.Answer kept = tobin.get(call);
    assertEquals("the wire is spliced", kept.at("readings.0.note"));
    assertEquals("FAILING", kept.at("readings.0.when"));
    assertEquals("tap 3", kept.at("readings.0.on"));
    assertEquals("on tap 3, while it fails", kept.at("readings.0.taken"));
  }

  /** The same reading on another tap is another fact: both stand. */
  @Test
  void twoTapsStandBesideEachOther() {
    String call = tobin.openCall();
    read(call, "{\"fact\":\"command.volts\",\"value\":0,\"on\":\"tap 1\"}");
    Visitor.Answer both = read(call, "{\"fact\":\"command.volts\",\"value\":24,\"on\":\"tap 2\"}");
    assertEquals(true, both.at("readings.0.standing"));
    assertEquals(true, both.at("readings.1.standing"));
    Visitor.Answer later = read(call, "{\"fact\":\"command.volts\",\"value\":25,\"on\":\"tap 2\"}");
    assertEquals(true, later.at("readings.0.standing"));
    assertEquals(false, later.at("readings.1.standing"));
  }

  @Test
  void severalAnswersAndWhatCannotBeSeenAreKept() {
    String call = tobin.openCall();
    read(call, "{\"fact\":\"look.water\",\"value\":[\"WATER_IN_PAN\",\"SWEATING_CABINET\"]}");
    Visitor.Answer kept = read(call, "{\"fact\":\"connector.look\",\"value\":\"CANNOT_SEE\"}");
    assertEquals(List.of("WATER_IN_PAN", "SWEATING_CABINET"), kept.at("readings.0.value"));
    assertEquals("CANNOT_SEE", kept.at("readings.1.value"));
    assertTrue(
        kept.list("diagnosis.nextTests").stream()
            .noneMatch(one -> String.valueOf(one).contains("id=connector.look")),
        "what cannot be seen is not asked again");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"fact\":\"line.volts\",\"value\":\"LOUD\"} | 422 | value",
        "{\"fact\":\"look.water\",\"value\":[]} | 422 | value",
        "{\"fact\":\"look.water\",\"value\":[\"DRY\",\"WATER_IN_PAN\"]} | 422 | value",
        "{\"fact\":\"line.volts\",\"value\":240,\"on\":\"%41\"} | 422 | on",
        "{\"fact\":\"line.volts\",\"value\":240,\"note\":\"%201\"} | 422 | note",
        "{\"fact\":\"line.volts\",\"value\":240,\"when\":\"LATER\"} | 400 | when",
      })
  void whatIsSaidWronglyIsNamedAndLosesNothing(String body, int status, String field) {
    String call = tobin.openCall();
    read(call, "{\"fact\":\"control.volts\",\"value\":25}");
    Visitor.Answer refused =
        read(call, body.replace("%41", "x".repeat(41)).replace("%201", "x".repeat(201)));
    assertEquals(status, refused.status(), refused.body());
    assertTrue(refused.body().contains(field), refused.body());
    assertEquals(1, tobin.get(call).list("readings").size());
  }
}
