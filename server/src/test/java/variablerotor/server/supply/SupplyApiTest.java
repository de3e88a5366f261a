package variablerotor.server.supply;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** What is shown of the simulated supply house as it is good, slow, gone and stocked. */
@ExtendWith(Server.class)
class SupplyApiTest {
  private static final String MOOD = "/api/supply/stand-in";
  private static final String GOOD = "{\"delayMs\":0,\"fails\":\"NONE\",\"lies\":\"NONE\"}";

  private final Visitor tobin;
  private final Visitor ines;

  SupplyApiTest(Server server) {
    tobin = server.technician();
    ines = server.lead();
  }

  @AfterEach
  void good() {
    assertEquals(200, ines.put(MOOD, GOOD).status());
  }

  private void mood(String mood) {
    assertEquals(200, ines.put(MOOD, mood).status());
  }

  private Visitor.Answer ask(String words) {
    Visitor.Answer answer = tobin.get("/api/supply/parts?q=" + words);
    assertEquals(200, answer.status(), answer.body());
    return answer;
  }

  @Test
  void whatItHasIsFoundByNumberAndBarcodeAndWords() {
    for (String words : new String[] {"QH-80075", "2000047800753", "capacitor+7.5+440"}) {
      Visitor.Answer found = ask(words);
      assertEquals("GOOD", found.at("line"));
      assertEquals("QH-80075", found.at("parts.0.number"), words);
      assertEquals(8.9, found.at("parts.0.price"));
    }
    assertTrue(ask("").list("parts").isEmpty());
    assertEquals(422, tobin.get("/api/supply/parts?q=" + "x".repeat(101)).status());
  }

  @Test
  void aSlowAnswerIsSaidToBeSlow() {
    mood("{\"delayMs\":1150,\"fails\":\"NONE\",\"lies\":\"NONE\"}");
    Visitor.Answer slow = ask("QH-84040");
    assertEquals("SLOW", slow.at("line"));
    assertTrue(((String) slow.at("says")).contains("slow"), slow.body());
  }

  @Test
  void whereItIsGoneWhatItSaidLastIsShownWithItsAge() {
    String then = (String) ask("QH-84075").at("parts.0.asOf");
    for (String fails : new String[] {"ERROR", "GARBAGE", "DROP"}) {
      mood("{\"delayMs\":0,\"fails\":\"" + fails + "\",\"lies\":\"NONE\"}");
      Visitor.Answer gone = ask("QH-84075");
      assertEquals("GONE", gone.at("line"), fails);
      assertEquals(37.0, gone.at("parts.0.price"), fails);
      assertEquals(then, gone.at("parts.0.asOf"), fails);
      assertTrue(((String) gone.at("says")).contains("does not answer"), gone.body());
    }
    Visitor.Answer never = ask("QH-99999");
    assertTrue(never.list("parts").isEmpty());
    assertTrue(((String) never.at("says")).contains("nothing of this before"), never.body());
    assertEquals(Boolean.TRUE, tobin.get("/api/supply").at("leftAlone"));
    mood(GOOD);
    assertEquals("GOOD", ask("QH-84075").at("line"));
  }

  @Test
  void whatItLiesAboutIsDoubted() {
    mood("{\"delayMs\":0,\"fails\":\"NONE\",\"lies\":\"NEGATIVE_STOCK\"}");
    Visitor.Answer negative = ask("QH-82030");
    assertNull(negative.at("parts.0.stock"));
    assertEquals(42.0, negative.at("parts.0.price"));
    assertEquals(1, negative.list("parts.0.doubts").size());
    mood("{\"delayMs\":0,\"fails\":\"NONE\",\"lies\":\"OTHER_CURRENCY\"}");
    Visitor.Answer foreign = ask("QH-82030");
    assertNull(foreign.at("parts.0.price"));
    assertTrue(((String) foreign.at("parts.0.doubts.0")).contains("SEK"));
    mood("{\"delayMs\":0,\"fails\":\"NONE\",\"lies\":\"NO_PRICE\"}");
    assertNull(ask("QH-82030").at("parts.0.price"));
    // The lie does not stay: the next true answer takes its place.
    mood(GOOD);
    assertEquals(42.0, ask("QH-82030").at("parts.0.price"));
  }

  /** Asked for the old number, the new one comes with it, and is known from then on. */
  @Test
  void whatCameInAPartsPlaceIsAskedForWithIt() {
    Visitor.Answer old = ask("QH-51001");
    assertEquals("QH-51003", old.at("parts.0.replacedBy"));
    assertEquals("QH-51003", old.at("parts.1.number"));
    Visitor.Answer found = tobin.get("/api/stock/find?q=qh51001");
    assertEquals("SUCCESSOR", found.at("parts.1.found.how"), found.body());
    assertNotNull(found.at("parts.1.found.quote.price"));
  }

  @Test
  void onlyALeadTellsItHowToBehave() {
    assertEquals(403, tobin.put(MOOD, GOOD).status());
    assertEquals(403, tobin.get(MOOD).status());
    Visitor.Answer wrong = ines.put(MOOD, "{\"delayMs\":-1}");
    assertEquals(422, wrong.status());
    assertFalse(wrong.body().contains("Exception"));
  }
}
