package variablerotor.server.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.net.http.HttpRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.core.casefile.InputFaults;
import variablerotor.json.Json;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** Every address of the API, asked by a stranger, a technician and a lead. */
@ExtendWith(Server.class)
class AuthorisationTest {
  /** What a stranger may ask: who is signed in, to sign in and out, and what the API is. */
  private static final Set<String> OPEN =
      Set.of(
          "GET /api/session",
          "POST /api/session",
          "DELETE /api/session",
          "POST /api/session/passkey/question",
          "POST /api/session/passkey",
          "POST /api/session/invited",
          "POST /api/session/invitation");

  private static final Set<String> LEADS =
      Set.of(
          "GET /api/accounts",
          "GET /api/calls/{call}/removed-photos",
          "PUT /api/calls/{call}/removed-photos/{photo}/erasures/{id}",
          "GET /api/shop/keeping/backups",
          "GET /api/shop/keeping/health",
          "GET /api/audit",
          "GET /api/audit/table",
          "GET /api/learnt/hindsight",
          "PUT /api/learnt/{id}",
          "GET /api/week",
          "GET /api/week/calls",
          "GET /api/supply/stand-in",
          "PUT /api/supply/stand-in",
          "PUT /api/accounts/{id}",
          "POST /api/accounts/{id}/invitations",
          "PUT /api/shop/settings/{id}");

  /** For leads, and for whom a lead lets. */
  private static final Set<String> BOOKS =
      Set.of(
          "PUT /api/codebooks/{book}/editions/{id}",
          "PUT /api/codebooks/{book}/imports/{id}",
          "PUT /api/codebooks/{book}/removals/{id}");

  private final Server server;

  AuthorisationTest(Server server) {
    this.server = server;
  }

  /** Method and path, as the API describes itself. */
  private List<String> addresses() throws InputFaults {
    List<String> addresses = new ArrayList<>();
    Object api = Json.read(server.technician().get("/api/openapi").body());
    Map<?, ?> paths = (Map<?, ?>) ((Map<?, ?>) api).get("paths");
    paths.forEach(
        (path, methods) ->
            ((Map<?, ?>) methods)
                .keySet()
                .forEach(
                    method ->
                        addresses.add(
                            String.valueOf(method).toUpperCase(Locale.ROOT) + " " + path)));
    return addresses;
  }

  private static Visitor.Answer ask(Visitor visitor, String address) {
    String path = address.substring(address.indexOf(' ') + 1);
    String method = address.substring(0, address.indexOf(' '));
    String url = path.replaceAll("\\{[^}]+}", UUID.randomUUID().toString());
    if (path.contains("/imports/")) {
      return visitor.exchange(
          HttpRequest.newBuilder()
              .PUT(HttpRequest.BodyPublishers.ofString("a,b"))
              .header("Content-Type", "text/csv")
              .header("X-XSRF-TOKEN", visitor.cookie("XSRF-TOKEN")),
          url + "?name=x");
    }
    return method.equals("GET") ? visitor.get(url) : visitor.send(method, url, "{}");
  }

  /** Somebody who does not keep the code books. */
  private Visitor plainTechnician() {
    String body =
        "{\"login\":\"wren\",\"name\":\"Wren\",\"role\":\"TECHNICIAN\",\"password\":"
            + "\"heron-weir-31\"}";
    Visitor.Answer made = server.lead().put("/api/accounts/" + UUID.randomUUID(), body);
    assertEquals(200, made.status(), made.body());
    return server.signedIn("wren", "heron-weir-31");
  }

  @Test
  void everyAddressAsksWhoItIs() throws InputFaults {
    List<String> addresses = addresses();
    assertTrue(addresses.size() > 40, addresses.size() + " addresses");
    Visitor stranger = server.visitor();
    stranger.get("/api/session");
    Visitor technician = server.technician();
    Visitor plain = plainTechnician();
    Visitor lead = server.lead();
    for (String address : addresses) {
      if (OPEN.contains(address)) {
        continue;
      }
      assertEquals(401, ask(stranger, address).status(), "a stranger: " + address);
      int tried = ask(technician, address).status();
      assertEquals(LEADS.contains(address), tried == 403, "a technician: " + address + " " + tried);
      assertTrue(tried != 401 && tried < 500, "a technician: " + address + " " + tried);
      boolean barred = LEADS.contains(address) || BOOKS.contains(address);
      assertEquals(barred, ask(plain, address).status() == 403, "without books: " + address);
      int led = ask(lead, address).status();
      assertTrue(led != 401 && led != 403 && led < 500, "a lead: " + address + " " + led);
    }
    assertTrue(addresses.containsAll(LEADS) && addresses.containsAll(BOOKS), "" + addresses);
    System.out.println("asked by four people each: " + addresses.size() + " addresses");
  }
}
