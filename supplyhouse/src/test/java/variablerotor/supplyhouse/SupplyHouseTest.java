package variablerotor.supplyhouse;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.casefile.PartReader;
import variablerotor.core.stock.Quote;
import variablerotor.json.Json;

/** The simulated supply house over HTTP, held against its own OpenAPI description. */
class SupplyHouseTest {
  private final HttpClient client = HttpClient.newHttpClient();
  private SupplyHouse house;

  @BeforeEach
  void open() throws IOException {
    house = new SupplyHouse(0);
  }

  @AfterEach
  void close() {
    house.close();
  }

  private HttpResponse<String> ask(String method, String path, String body)
      throws IOException, InterruptedException {
    return client.send(
        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + house.port() + path))
            .method(method, HttpRequest.BodyPublishers.ofString(body))
            .build(),
        HttpResponse.BodyHandlers.ofString());
  }

  private HttpResponse<String> get(String path) throws IOException, InterruptedException {
    return ask("GET", path, "");
  }

  private void mood(String fails, String lies, int delay) throws IOException, InterruptedException {
    String body =
        "{\"delayMs\":" + delay + ",\"fails\":\"" + fails + "\",\"lies\":\"" + lies + "\"}";
    assertEquals(200, ask("PUT", "/v1/mood", body).statusCode());
  }

  private void holdsTo(String schema, String body) throws IOException, InterruptedException {
    ObjectMapper json = new ObjectMapper();
    JsonNode api = json.readTree(get("/openapi.json").body());
    ObjectNode root = json.createObjectNode();
    root.putArray("allOf").addObject().put("$ref", "#/components/schemas/" + schema);
    root.set("components", api.get("components"));
    JsonSchema whole = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V4).getSchema(root);
    assertEquals("[]", whole.validate(json.readTree(body)).toString(), body);
  }

  @Test
  void itAnswersAsItsDescriptionSays() throws Exception {
    for (String path :
        List.of("/v1/parts?q=kestrel", "/v1/parts?q=nothing-like-it", "/v1/parts/QH-80075")) {
      HttpResponse<String> answer = get(path);
      assertEquals(200, answer.statusCode(), path);
      holdsTo("Parts", answer.body());
    }
    holdsTo("Mood", get("/v1/mood").body());
    assertEquals(404, get("/v1/parts/QH-0").statusCode());
    assertEquals(404, get("/elsewhere").statusCode());
    assertEquals(405, ask("POST", "/v1/parts", "{}").statusCode());
  }

  /** The client's reader takes every part of the catalogue over as it is told. */
  @Test
  void everyPartOfTheCatalogueCanBeBelieved() throws InputFaults {
    Object tree = Json.read(Catalogue.text("catalogue.json"));
    List<Quote> quotes = PartReader.quotes(tree, "USD", "now");
    assertEquals(((List<?>) ((Map<?, ?>) tree).get("parts")).size(), quotes.size());
    for (Quote quote : quotes) {
      assertTrue(
          quote.doubts().isEmpty() || quote.replacedBy() != null, quote + " without a price");
      assertTrue(quote.barcode() != null, quote.number());
      assertTrue(
          quote.replacedBy() == null
              || quotes.stream().anyMatch(one -> one.number().equals(quote.replacedBy())),
          quote.number());
    }
    assertEquals(quotes.size(), quotes.stream().map(Quote::number).distinct().count());
  }

  @Test
  void itIsSlowFailsAndLiesAsItIsTold() throws Exception {
    mood("ERROR", "NONE", 0);
    assertEquals(503, get("/v1/parts?q=relay").statusCode());
    mood("GARBAGE", "NONE", 0);
    assertTrue(get("/v1/parts?q=relay").body().startsWith("<html>"));
    mood("DROP", "NONE", 0);
    assertThrows(IOException.class, () -> get("/v1/parts?q=relay"));
    mood("NONE", "NEGATIVE_STOCK", 0);
    assertTrue(get("/v1/parts?q=QH-80075").body().contains("-3"));
    mood("NONE", "OTHER_CURRENCY", 0);
    assertTrue(get("/v1/parts?q=QH-80075").body().contains("SEK"));
    mood("NONE", "NO_PRICE", 0);
    assertTrue(!get("/v1/parts?q=QH-80075").body().contains("price"));
    mood("NONE", "NONE", 300);
    long start = System.nanoTime();
    get("/v1/parts?q=QH-80075");
    assertTrue((System.nanoTime() - start) / 1e6 >= 300);
  }

  @Test
  void aMoodThatIsNoneIsRefusedAndChangesNothing() throws Exception {
    for (String body :
        List.of(
            "",
            "[]",
            "{}",
            "{\"delayMs\":-1,\"fails\":\"NONE\",\"lies\":\"NONE\"}",
            "{\"delayMs\":0,\"fails\":\"SULKS\",\"lies\":\"NONE\"}")) {
      HttpResponse<String> answer = ask("PUT", "/v1/mood", body);
      assertEquals(400, answer.statusCode(), body);
      assertTrue(answer.body().contains("detail"));
    }
    assertEquals(200, get("/v1/parts?q=relay").statusCode());
  }
}
