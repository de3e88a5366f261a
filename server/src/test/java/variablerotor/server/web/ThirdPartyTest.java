package variablerotor.server.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/**
 * What others wrote is named with its licence, for whoever has the application, signed in or not.
 * The page's own lists are looked for where both are together.
 */
@ExtendWith(Server.class)
class ThirdPartyTest {
  private final Server server;

  ThirdPartyTest(Server server) {
    this.server = server;
  }

  @ParameterizedTest
  @CsvSource({"server.txt, org.postgresql:postgresql", "server.txt, org.jooq:jooq"})
  void isNamed(String file, String named) {
    Visitor.Answer answer = server.visitor().get("/third-party/" + file);
    assertEquals(200, answer.status());
    assertTrue(answer.body().contains(named), file);
  }
}
