package variablerotor.server.call;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** A unit that is called for again; calls found by what they are about. */
@ExtendWith(Server.class)
class UnitApiTest {
  private final Visitor tobin;

  UnitApiTest(Server server) {
    tobin = server.technician();
  }

  private static String told(String place, String unit, String complaint) {
    return """
        {"place":"%s","unitName":"%s","complaint":"%s","symptom":"NO_RUN",
         "unit":{"kind":"AIR_HANDLER"},
         "motor":{"family":"CONSTANT_TORQUE","volts":"208-230","horsepower":0.5}}
        """
        .formatted(place, unit, complaint);
  }

  private String open(String place, String unit, String complaint) {
    String call = "/api/calls/" + UUID.randomUUID();
    Visitor.Answer opened = tobin.put(call, told(place, unit, complaint));
    assertEquals(200, opened.status(), opened.body());
    return call;
  }

  private void decide(String call, String route) {
    String path = call + "/decisions/" + UUID.randomUUID();
    assertEquals(200, tobin.put(path, "{\"route\":\"" + route + "\"}").status());
  }

  private static String id(String call) {
    return call.substring(call.lastIndexOf('/') + 1);
  }

  private List<String> found(String words) {
    return tobin.get("/api/calls?size=100&search=" + words.replace(" ", "%20")).list("").stream()
        .map(one -> String.valueOf(((Map<?, ?>) one).get("id")))
        .toList();
  }

  @Test
  void aUnitRemembersWhatItReadAndThatItCameBack() {
    String place = "Osier Lock " + UUID.randomUUID();
    String first = open(place, "Loft", "");
    for (String pair : List.of("winding.ab", "winding.bc", "winding.ca")) {
      tobin.read(first, pair, "24");
    }
    tobin.read(first, "winding.celsius", "40");
    String again = open(place, "Loft", "the same again");
    open(place, "Cellar", "another unit there");
    Visitor.Answer unit = tobin.get(again + "/unit");
    assertEquals(id(again), unit.at("visits.0.call"), unit.body());
    assertEquals(id(first), unit.at("visits.1.call"));
    assertEquals(2, unit.list("visits").size(), "and none of the other unit");
    assertNull(unit.at("comeback"), "nothing was done then");
    assertEquals(24 * 254.5 / 274.5, (Double) unit.at("known.pairOhmsAt20"), 1e-9);
    assertEquals(unit.body(), tobin.get(first + "/unit").body(), "by whichever of its calls");
    assertEquals(false, tobin.get(again + "/earlier").at("0.anotherMotor"));
    // What is told of a motor that goes out is not handed on as if it were there still.
    decide(first, "EQUIVALENT_MOTOR");
    assertEquals(true, tobin.get(again + "/earlier").at("0.anotherMotor"));
    Visitor.Answer changed = tobin.get(again + "/unit");
    assertNull(changed.at("known"));
    assertEquals(0.0, changed.at("comeback.days"));
    assertEquals("EQUIVALENT_MOTOR", changed.at("visits.1.chosen"));
  }

  @Test
  void aUnitWithoutANameOfItsOwnIsNobodyElse() {
    String place = "Osier Lock " + UUID.randomUUID();
    String first = open(place, "", "");
    String second = open(place, "", "");
    assertEquals(1, tobin.get(second + "/unit").list("visits").size());
    assertEquals(id(first), tobin.get(first + "/unit").at("visits.0.call"));
    assertEquals(404, tobin.get("/api/calls/" + UUID.randomUUID() + "/unit").status());
  }

  @Test
  void aCallIsFoundByWhatItIsAbout() {
    String mark = "zq" + UUID.randomUUID().toString().substring(0, 8);
    String call = open("Osier Lock", "Loft", "rattles " + mark);
    decide(call, "EQUIVALENT_MOTOR");
    for (String words :
        List.of(
            mark,
            mark + " rattles",
            mark + " equivalent motor",
            mark + " constant-torque",
            mark + " does not run",
            "LOFT " + mark)) {
      assertThat(found(words)).as(words).contains(id(call));
    }
    assertThat(found(mark + " cellar")).isEmpty();
    assertThat(found(mark + "x")).isEmpty();
  }

  @Test
  void aSiteHasItsUnitsWhateverTheCaseOfTheirNames() {
    String place = "Osier Lock " + UUID.randomUUID();
    String first = open(place, "Loft", "");
    open(place.toUpperCase(Locale.ROOT), "LOFT", "the same again");
    open(place, "Cellar", "");
    open(place, "", "nobody named it");
    open(place + " North", "Loft", "another site");
    Visitor.Answer site = tobin.get(first + "/site");
    assertEquals(200, site.status(), site.body());
    assertEquals(place, site.at("name"));
    List<String> units =
        site.list("units").stream()
            .map(one -> ((Map<?, ?>) one).get("name") + " " + ((Map<?, ?>) one).get("calls"))
            .toList();
    assertThat(units).containsExactlyInAnyOrder("Loft 2.0", "Cellar 1.0", " 1.0");
    assertEquals(site.body(), tobin.get("/api/sites/" + site.at("id")).body());
    assertEquals(404, tobin.get("/api/sites/" + UUID.randomUUID()).status());
    // A call that is told to be elsewhere is counted there.
    Visitor.Answer moved =
        tobin.put(first + "/particulars/" + UUID.randomUUID(), told(place, "Cellar", ""));
    assertEquals(200, moved.status(), moved.body());
    assertThat(tobin.get("/api/sites/" + site.at("id")).body()).contains("\"calls\":2");
    assertEquals(2, tobin.get(first + "/unit").list("visits").size());
  }

  @Test
  void manyAtOnceTellOfANewSite() throws Exception {
    String place = "Osier Lock " + UUID.randomUUID();
    List<Thread> all = new ArrayList<>();
    List<String> calls = Collections.synchronizedList(new ArrayList<>());
    for (int i = 0; i < 6; i++) {
      all.add(new Thread(() -> calls.add(open(place, "Loft", ""))));
    }
    all.forEach(Thread::start);
    for (Thread one : all) {
      one.join();
    }
    assertEquals(6, calls.size());
    assertEquals(6.0, tobin.get(calls.get(0) + "/site").at("units.0.calls"));
  }

  @Test
  void theMotorsOfAUnitAreNamed() {
    String place = "Osier Lock " + UUID.randomUUID();
    String call = open(place, "Loft", "");
    Visitor.Answer unit = tobin.get(call + "/unit");
    assertEquals("INDOOR_BLOWER", unit.at("motors.0.role"), unit.body());
    assertEquals(false, unit.at("motors.0.fitted"));
    assertThat(String.valueOf(unit.at("motors.0.motor"))).contains("0.5 hp, 208-230 V");
  }
}
