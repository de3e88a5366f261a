package variablerotor.server.web;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.json.Json;
import variablerotor.server.Server;

/** The OpenAPI document that the page's types are made from is the one that the server gives. */
@ExtendWith(Server.class)
class ApiDescriptionTest {
  @Test
  void keptDocumentIsCurrent(Server server) throws Exception {
    Path kept = Path.of("../web/src/api/openapi.json");
    assertEquals(
        Json.read(Files.readString(kept)),
        Json.read(server.visitor().get("/api/openapi").body()),
        "fetch /api/openapi anew into web/src/api/openapi.json, then npm run types");
  }
}
