package variablerotor.server.answer;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.server.PdfText;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** What the customer said: kept with the call, and printed where the room for it was. */
@ExtendWith(Server.class)
class AnswerApiTest {
  private final Visitor tobin;

  AnswerApiTest(Server server) {
    tobin = server.technician();
  }

  private Visitor.Answer say(String call, UUID id, String body) {
    return tobin.put(call + "/answers/" + id, body);
  }

  private Visitor.Answer say(String call, String body) {
    return say(call, UUID.randomUUID(), body);
  }

  @Test
  void theLastAnswerIsInForceAndTheEarlierOnesStay() {
    String call = tobin.openCall();
    UUID id = UUID.randomUUID();
    String thinks = "{\"by\":\"R. Quill\",\"note\":\"Asks the owners.\"}";
    assertEquals(200, say(call, id, thinks).status());
    assertEquals(200, say(call, id, thinks).status(), "sent again");
    assertEquals(409, say(call, id, "{\"by\":\"Somebody else\"}").status());
    Visitor.Answer view = say(call, "{\"route\":\"SAME_MOTOR\",\"by\":\"R. Quill\"}");
    assertEquals("SAME_MOTOR", view.at("answers.0.route"));
    assertNull(view.at("answers.1.route"));
    assertEquals(2, view.list("answers").size());
    assertTrue(view.list("decisions").isEmpty(), "what is chosen the technician says");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"route\":\"SAME_MOTOR\"}|by",
        "{\"by\":\"  \"}|by",
        "{\"by\":\"A\",\"on\":\"2001-01-01\"}|on",
        "{\"by\":\"A\",\"on\":\"2101-01-01\"}|on",
        "{\"by\":\"A\",\"route\":\"BOARD_AND_MOTOR\"}|route",
        "{\"by\":\"A\",\"signed\":{\"under\":[\"x\"]}}|signed.strokes",
        "{\"by\":\"A\",\"signed\":{\"strokes\":\"M1 2\",\"under\":[\"x\"]}}|signed.strokes",
        "{\"by\":\"A\",\"signed\":{\"strokes\":\"M1 2L3 4\"}}|signed.under",
        "{\"by\":\"A\",\"signed\":{\"strokes\":\"M1 2L3 4\",\"under\":[]}}|signed.under",
        "{\"by\":\"A\",\"signed\":{\"strokes\":\"M1 2L3 4\",\"under\":[\" \"]}}|signed.under",
        "{\"by\":\"A\",\"signed\":{\"strokes\":\"M1 2L3 4\",\"under\":[\"x\\ny\"]}}|signed.under"
      })
  void anAnswerThatCannotBeIsToldWithItsField(String body, String field) {
    Visitor.Answer answer = say(tobin.openCall(), body);
    assertEquals(422, answer.status(), answer.body());
    assertEquals(field, answer.at("errors.0.path"));
  }

  private String sheet(String call) throws IOException {
    List<String> pages = PdfText.pages(tobin.bytes(call + "/sheet"));
    assertEquals(1, pages.size());
    return pages.get(0);
  }

  @Test
  void theSheetHasRoomForAnAnswerAndThenTheAnswer() throws IOException {
    String call = tobin.openCall();
    assertTrue(sheet(call).contains("I want to think it over"));
    assertTrue(sheet(call).contains("Signature"));
    String long_ = "We will need ".repeat(70);
    say(call, "{\"route\":\"SAME_MOTOR\",\"by\":\"R. Quill\",\"note\":\"" + long_ + "\"}");
    String after = sheet(call);
    assertTrue(after.contains("Said by R. Quill on " + LocalDate.now().getDayOfMonth()), after);
    assertFalse(after.contains("[ ] Same motor"), after);
  }

  /** A name written on the screen is kept with what stood above it, and printed. */
  @Test
  void aNameWrittenOnTheScreenIsOnTheSheet() throws IOException {
    String call = tobin.openCall();
    UUID id = UUID.randomUUID();
    String body =
        "{\"route\":\"SAME_MOTOR\",\"by\":\"R. Quill\",\"signed\":{\"strokes\":\"%s\","
            + "\"under\":[\"Nothing is proved yet.\",\"Same motor: USD 612.00\"]}}";
    Visitor.Answer kept = say(call, id, body.formatted("M10 20L30 40"));
    assertEquals(200, kept.status(), kept.body());
    assertEquals(200, say(call, id, body.formatted("M10 20L30 40")).status(), "sent again");
    assertEquals(409, say(call, id, body.formatted("M10 20L30 41")).status());
    Visitor.Answer view = tobin.get(call);
    assertEquals("M10 20L30 40", view.at("answers.0.signed.strokes"));
    assertEquals("Same motor: USD 612.00", view.at("answers.0.signed.under.1"));
    String after = sheet(call);
    assertTrue(after.contains("Same motor: USD 612.00"), after);
    assertTrue(after.contains("Something of it has changed since it was signed."), after);
    assertFalse(after.contains("Signature __"), after);
    assertTrue(PdfText.of(tobin.bytes(call + "/report")).contains("signed on a screen"));
  }
}
