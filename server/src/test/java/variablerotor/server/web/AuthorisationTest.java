package variablerotor.server.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

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
      Set.of("GET /api/session", "POST /api/session", "DELETE /api/session");

  private static final Set<String> LEADS =
      Set.of("GET /api/accounts", "PUT /api/accounts/{id}", "PUT /api/shop/settings/{id}");

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
    return method.equals("GET") ? visitor.get(url) : visitor.send(method, url, "{}");
  }

  @Test
  void everyAddressAsksWhoItIs() throws InputFaults {
    List<String> addresses = addresses();
    assertTrue(addresses.size() > 40, addresses.size() + " addresses");
    Visitor stranger = server.visitor();
    stranger.get("/api/session");
    Visitor technician = server.technician();
    Visitor lead = server.lead();
    for (String address : addresses) {
      if (OPEN.contains(address)) {
        continue;
      }
      assertEquals(401, ask(stranger, address).status(), "a stranger: " + address);
      int tried = ask(technician, address).status();
      assertEquals(LEADS.contains(address), tried == 403, "a technician: " + address + " " + tried);
      assertTrue(tried != 401 && tried < 500, "a technician: " + address + " " + tried);
      int led = ask(lead, address).status();
      assertTrue(led != 401 && led != 403 && led < 500, "a lead: " + address + " " + led);
    }
    assertTrue(addresses.containsAll(LEADS), "what is listed here is there: " + addresses);
  }
}
