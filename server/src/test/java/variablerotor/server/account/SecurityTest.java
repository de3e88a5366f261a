package variablerotor.server.account;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.lowagie.text.pdf.PdfReader;
import com.lowagie.text.pdf.parser.PdfTextExtractor;
import java.net.http.HttpRequest;
import java.sql.Connection;
import java.sql.Statement;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** Who gets in, and who may do what. */
@ExtendWith(Server.class)
class SecurityTest {
  private final Server server;

  SecurityTest(Server server) {
    this.server = server;
  }

  private static String signIn(String login, String password) {
    return "{\"login\":\"" + login + "\",\"password\":\"" + password + "\"}";
  }

  @Test
  void nothingIsShownToStrangers() {
    Visitor stranger = server.visitor();
    for (String path :
        new String[] {"/api/calls", "/api/catalogue", "/api/accounts", "/api/shop/settings"}) {
      assertEquals(401, stranger.get(path).status(), path);
    }
    assertEquals(200, stranger.get("/api/session").status());
    assertTrue(stranger.get("/").body().contains("<div id=\"app\">"));
  }

  @Test
  void aChangeWithoutTheTokenIsRefused() {
    Visitor tobin = server.technician();
    HttpRequest.Builder without =
        HttpRequest.newBuilder()
            .PUT(HttpRequest.BodyPublishers.ofString("{}"))
            .header("Content-Type", "application/json");
    assertEquals(403, tobin.exchange(without, "/api/calls/" + UUID.randomUUID()).status());
  }

  @Test
  void onlyALeadSetsFiguresAndKeepsAccounts() {
    Visitor tobin = server.technician();
    String settings = "{\"labourPerHour\":130,\"balanceLimitPercent\":10,\"currency\":\"USD\"}";
    String path = "/api/shop/settings/" + UUID.randomUUID();
    Visitor.Answer refused = tobin.put(path, settings);
    assertEquals(403, refused.status());
    assertEquals("Only a lead may do that.", refused.at("detail"));
    assertEquals(403, tobin.get("/api/accounts").status());
    assertEquals(200, tobin.get("/api/shop/settings").status());
    Visitor ines = server.lead();
    Object labour = ines.get("/api/shop/settings").at("labourPerHour");
    String same =
        "{\"labourPerHour\":" + labour + ",\"balanceLimitPercent\":10,\"currency\":\"USD\"}";
    String save = "/api/shop/settings/" + UUID.randomUUID();
    assertEquals(200, ines.put(save, same).status());
    assertEquals(200, ines.put(save, same).status());
    assertEquals(409, ines.put(save, same.replace("10", "11")).status());
  }

  @Test
  void theShopsTimeZoneIsOneOfTheWorldsAndStandsOnItsPapers() throws Exception {
    Visitor ines = server.lead();
    Object labour = ines.get("/api/shop/settings").at("labourPerHour");
    String figures =
        "{\"labourPerHour\":"
            + labour
            + ",\"balanceLimitPercent\":10,\"currency\":\"USD\",\"timeZone\":\"%s\"}";
    String path = "/api/shop/settings/";
    Visitor.Answer refused = ines.put(path + UUID.randomUUID(), figures.formatted("Mars/Base"));
    assertEquals("timeZone", refused.at("errors.0.path"));
    Visitor.Answer kept = ines.put(path + UUID.randomUUID(), figures.formatted("Asia/Kathmandu"));
    assertEquals("Asia/Kathmandu", kept.at("timeZone"));
    String call = ines.openCall();
    String report =
        new PdfTextExtractor(new PdfReader(ines.bytes(call + "/report"))).getTextFromPage(1);
    String opened =
        DateTimeFormatter.ofPattern("d MMM uuuu, HH:mm", Locale.ENGLISH)
            .format(
                OffsetDateTime.parse((String) ines.get(call).at("openedAt"))
                    .atZoneSameInstant(ZoneId.of("Asia/Kathmandu")));
    assertTrue(report.contains(opened), opened + " in " + report);
    assertTrue(report.contains("Asia/Kathmandu"));
    assertEquals(200, ines.put(path + UUID.randomUUID(), figures.formatted("UTC")).status());
  }

  @Test
  void badFiguresNameTheirFields() {
    Visitor.Answer refused =
        server
            .lead()
            .put(
                "/api/shop/settings/" + UUID.randomUUID(),
                "{\"labourPerHour\":-1,\"balanceLimitPercent\":90,\"currency\":\"SHELLS\"}");
    assertEquals(422, refused.status());
    assertEquals(3, refused.list("errors").size());
    assertEquals("labourPerHour", refused.at("errors.0.path"));
  }

  @Test
  void aLeadAddsSomebodyWhoCanThenSignIn() {
    String login = "t" + UUID.randomUUID().toString().substring(0, 8);
    Visitor ines = server.lead();
    String path = "/api/accounts/" + UUID.randomUUID();
    Visitor.Answer weak =
        ines.put(
            path,
            "{\"login\":\""
                + login
                + "\",\"name\":\"T\",\"role\":\"TECHNICIAN\",\"password\":\"short\"}");
    assertEquals("password", weak.at("errors.0.path"));
    Visitor.Answer added =
        ines.put(
            path,
            "{\"login\":\""
                + login
                + "\",\"name\":\"T\",\"role\":\"TECHNICIAN\",\"password\":\"long-enough-1\"}");
    assertEquals(200, added.status(), added.body());
    assertFalse(added.body().contains("long-enough"));
    assertEquals(200, server.signedIn(login, "long-enough-1").get("/api/calls").status());
    Visitor.Answer twice =
        ines.put(
            "/api/accounts/" + UUID.randomUUID(),
            "{\"login\":\""
                + login
                + "\",\"name\":\"U\",\"role\":\"LEAD\",\"password\":\"long-enough-1\"}");
    assertEquals(409, twice.status());
  }

  @Test
  void guessingIsSlowedDown() {
    String login = "g" + UUID.randomUUID().toString().substring(0, 8);
    Visitor guesser = server.visitor();
    guesser.get("/api/session");
    for (int i = 0; i < SignIn.MOST_FAILURES; i++) {
      assertEquals(401, guesser.send("POST", "/api/session", signIn(login, "guess" + i)).status());
    }
    Visitor.Answer slowed = guesser.send("POST", "/api/session", signIn(login, "guess"));
    assertEquals(429, slowed.status());
    // Somebody else is not kept out by it.
    assertEquals(200, server.technician().get("/api/calls").status());
  }

  @Test
  void wrongNameAndWrongPasswordSoundAlike() {
    Visitor visitor = server.visitor();
    visitor.get("/api/session");
    Visitor.Answer name =
        visitor.send("POST", "/api/session", signIn("nobody-here", "copper-star-7"));
    Visitor.Answer password = visitor.send("POST", "/api/session", signIn("ines", "wrong-word"));
    assertEquals(name.at("detail"), password.at("detail"));
    assertEquals(422, visitor.send("POST", "/api/session", signIn("", "x")).status());
    assertEquals(
        422, visitor.send("POST", "/api/session", signIn("ines", "x".repeat(80))).status());
  }

  @Test
  void aSessionOutlivesItsProcessAndEndsWhenSignedOut() throws Exception {
    Visitor tobin = server.technician();
    try (Connection connection = server.database();
        Statement statement = connection.createStatement()) {
      var rows = statement.executeQuery("select count(*) from spring_session");
      rows.next();
      assertTrue(rows.getInt(1) >= 1, "sessions are kept in the database");
    }
    assertEquals(200, tobin.send("DELETE", "/api/session", "").status());
    assertEquals(401, tobin.get("/api/calls").status());
  }

  @Test
  void signingInChangesTheSession() {
    Visitor tobin = server.technician();
    String before = tobin.cookie("rotor");
    tobin.send("POST", "/api/session", signIn("tobin", "quiet-wheel-4"));
    assertNotEquals(before, tobin.cookie("rotor"));
  }

  @Test
  void thePageMayLoadNothingFromElsewhere() {
    String policy =
        server.visitor().get("/").headers().firstValue("Content-Security-Policy").orElse("");
    assertTrue(policy.contains("default-src 'self'"));
    assertFalse(policy.contains("unsafe"));
    String cookie =
        server.technician().get("/api/session").headers().allValues("Set-Cookie").toString();
    assertFalse(cookie.contains("rotor=") && !cookie.contains("HttpOnly"), cookie);
  }
}
