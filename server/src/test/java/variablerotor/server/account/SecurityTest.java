package variablerotor.server.account;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.net.http.HttpRequest;
import java.sql.Connection;
import java.sql.Statement;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.security.crypto.password.PasswordEncoder;
import variablerotor.server.PdfText;
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
    Object labour = ines.get("/api/shop/settings").at("settings.labourPerHour");
    String same =
        "{\"labourPerHour\":" + labour + ",\"balanceLimitPercent\":10,\"currency\":\"USD\"}";
    String save = ines.settings();
    assertEquals(200, ines.put(save, same).status());
    assertEquals(200, ines.put(save, same).status());
    assertEquals(409, ines.put(save, same.replace("10", "11")).status());
  }

  @Test
  void theShopsTimeZoneIsOneOfTheWorldsAndStandsOnItsPapers() throws Exception {
    Visitor ines = server.lead();
    Object labour = ines.get("/api/shop/settings").at("settings.labourPerHour");
    String figures =
        "{\"labourPerHour\":"
            + labour
            + ",\"balanceLimitPercent\":10,\"currency\":\"USD\",\"timeZone\":\"%s\"}";
    Visitor.Answer refused = ines.put(ines.settings(), figures.formatted("Mars/Base"));
    assertEquals("timeZone", refused.at("errors.0.path"));
    Visitor.Answer kept = ines.put(ines.settings(), figures.formatted("Asia/Kathmandu"));
    assertEquals("Asia/Kathmandu", kept.at("settings.timeZone"));
    String call = ines.openCall();
    String report = PdfText.of(ines.bytes(call + "/report"));
    String opened =
        DateTimeFormatter.ofPattern("d MMM uuuu, HH:mm", Locale.ENGLISH)
            .format(
                OffsetDateTime.parse((String) ines.get(call).at("openedAt"))
                    .atZoneSameInstant(ZoneId.of("Asia/Kathmandu")));
    assertTrue(report.contains(opened), opened + " in " + report);
    assertTrue(report.contains("Asia/Kathmandu"));
    assertEquals(200, ines.put(ines.settings(), figures.formatted("UTC")).status());
  }

  /** Two leads at once: whoever saves last does not undo the other without knowing. */
  @Test
  void figuresNameTheEditionThatTheyWereChangedFrom() {
    Visitor ines = server.lead();
    Object labour = ines.get("/api/shop/settings").at("settings.labourPerHour");
    String figures =
        "{\"labourPerHour\":"
            + labour
            + ",\"balanceLimitPercent\":%s,\"currency\":\"USD\",\"timeZone\":\"UTC\"}";
    String mine = ines.settings();
    assertEquals(200, ines.put(ines.settings(), figures.formatted("9")).status());
    Visitor.Answer refused = ines.put(mine, figures.formatted("8"));
    assertEquals(409, refused.status());
    assertEquals("balanceLimitPercent", refused.at("conflicts.0.field"));
    assertEquals(9.0, refused.at("conflicts.0.theirs"));
    assertEquals(8.0, refused.at("conflicts.0.yours"));
    assertEquals(9.0, ines.get("/api/shop/settings").at("settings.balanceLimitPercent"));
    assertEquals(200, ines.put(ines.settings(), figures.formatted("10")).status());
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
    for (int i = 0; i < TryCounter.FREE; i++) {
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

  /** Whoever sat here before knows the old one. */
  @Test
  void signingInChangesTheToken() {
    Visitor visitor = server.visitor();
    visitor.get("/api/session");
    String before = visitor.cookie("XSRF-TOKEN");
    visitor.send("POST", "/api/session", "{\"login\":\"tobin\",\"password\":\"quiet-wheel-4\"}");
    String after = visitor.cookie("XSRF-TOKEN");
    assertFalse(after.isEmpty());
    assertNotEquals(before, after);
    assertEquals(
        200,
        visitor
            .put(
                visitor.openCall() + "/readings/" + java.util.UUID.randomUUID(),
                "{\"fact\":\"line.volts\",\"value\":241}")
            .status());
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
    // A compiled program runs in the worker that reads letters, and nowhere else.
    String letters =
        server
            .visitor()
            .get("/letters/worker.js")
            .headers()
            .firstValue("Content-Security-Policy")
            .orElse("");
    assertEquals(
        policy.replace("script-src 'self'", "script-src 'self' 'wasm-unsafe-eval'"), letters);
    String cookie =
        server.technician().get("/api/session").headers().allValues("Set-Cookie").toString();
    assertFalse(cookie.contains("rotor=") && !cookie.contains("HttpOnly"), cookie);
  }

  private static String account(String login, String role, String more) {
    return "{\"login\":\"%s\",\"name\":\"Somebody\",\"role\":\"%s\"%s}"
        .formatted(login, role, more);
  }

  /** A person of the shop, signed in, and the path at which a lead changes the account. */
  private record Somebody(String login, String path, Visitor visitor) {}

  private Somebody somebody(String role) {
    String login = "s" + UUID.randomUUID().toString().substring(0, 8);
    String path = "/api/accounts/" + UUID.randomUUID();
    String body = account(login, role, ",\"password\":\"heron-weir-31\"");
    assertEquals(200, server.lead().put(path, body).status());
    return new Somebody(login, path, server.signedIn(login, "heron-weir-31"));
  }

  /** Whatever is taken from an account is taken from its open sessions, too. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "TECHNICIAN|",
        "LEAD|,\"closed\":true",
        "LEAD|,\"password\":\"quiet-marsh-77\",\"own\":\"copper-star-7\""
      })
  void rightsThatEndEndEverywhere(String role, String more) {
    Somebody lead = somebody("LEAD");
    Visitor second = server.signedIn(lead.login(), "heron-weir-31");
    assertEquals(200, lead.visitor().get("/api/accounts").status());
    String change = account(lead.login(), role, more == null ? "" : more);
    assertEquals(200, server.lead().put(lead.path(), change).status());
    for (Visitor old : List.of(lead.visitor(), second)) {
      assertEquals(401, old.get("/api/accounts").status());
      assertEquals(
          401, old.put(lead.path(), account(lead.login(), "LEAD", "")).status(), "not by the old");
      assertNull(old.get("/api/session").at("account"));
    }
  }

  /** An open screen is not enough to sign in as somebody else from then on. */
  @Test
  void whoGivesAnotherAPasswordSaysTheOwn() {
    Visitor lead = somebody("LEAD").visitor();
    Somebody one = somebody("TECHNICIAN");
    for (String own : List.of("", ",\"own\":\"\"", ",\"own\":\"quiet-marsh-77\"")) {
      String change = account(one.login(), "TECHNICIAN", ",\"password\":\"quiet-marsh-77\"" + own);
      Visitor.Answer refused = lead.put(one.path(), change);
      assertEquals(422, refused.status(), refused.body());
      assertEquals("own", refused.at("errors.0.path"));
    }
    assertEquals(200, one.visitor().get("/api/calls").status());
    String more = ",\"password\":\"quiet-marsh-77\",\"own\":\"heron-weir-31\"";
    assertEquals(200, lead.put(one.path(), account(one.login(), "TECHNICIAN", more)).status());
    assertEquals(401, one.visitor().get("/api/calls").status());
    assertEquals(200, server.signedIn(one.login(), "quiet-marsh-77").get("/api/calls").status());
    // Guessed here, it is slowed down as at the sign-in.
    String guess = ",\"password\":\"quiet-marsh-77\",\"own\":\"not-this-one-%d\"";
    int status = 0;
    for (int at = 0; at < 7; at++) {
      status =
          lead.put(one.path(), account(one.login(), "TECHNICIAN", guess.formatted(at))).status();
    }
    assertEquals(429, status);
  }

  @Test
  void aClosedAccountCannotSignInAndAnOpenedOneCan() {
    Somebody one = somebody("TECHNICIAN");
    server.lead().put(one.path(), account(one.login(), "TECHNICIAN", ",\"closed\":true"));
    Visitor visitor = server.visitor();
    visitor.get("/api/session");
    assertEquals(
        401, visitor.send("POST", "/api/session", signIn(one.login(), "heron-weir-31")).status());
    server.lead().put(one.path(), account(one.login(), "TECHNICIAN", ""));
    assertEquals(
        200, visitor.send("POST", "/api/session", signIn(one.login(), "heron-weir-31")).status());
  }

  /** One's own: the old one is asked for, other sessions end, this one goes on. */
  @Test
  void peopleChangeTheirOwnPassword() {
    Somebody one = somebody("TECHNICIAN");
    Visitor elsewhere = server.signedIn(one.login(), "heron-weir-31");
    String path = "/api/session/password";
    Visitor.Answer guessed =
        one.visitor().put(path, "{\"old\":\"guess\",\"password\":\"salt-meadow-58\"}");
    assertEquals("old", guessed.at("errors.0.path"), guessed.body());
    Visitor.Answer changed =
        one.visitor().put(path, "{\"old\":\"heron-weir-31\",\"password\":\"salt-meadow-58\"}");
    assertEquals(200, changed.status(), changed.body());
    assertEquals(200, one.visitor().get("/api/calls").status());
    assertEquals(401, elsewhere.get("/api/calls").status());
    assertEquals(200, server.signedIn(one.login(), "salt-meadow-58").get("/api/calls").status());
  }

  /** Whoever changes the password while a lead closes or demotes the account undoes neither. */
  @ParameterizedTest
  @CsvSource({"0,true", "70,true", "110,true", "150,true", "70,false", "110,false", "150,false"})
  void aPasswordUndoesNothingThatALeadDoesMeanwhile(int wait, boolean closed) throws Exception {
    Somebody one = somebody("LEAD");
    var own =
        java.util.concurrent.CompletableFuture.supplyAsync(
            () ->
                one.visitor()
                    .put(
                        "/api/session/password",
                        "{\"old\":\"heron-weir-31\",\"password\":\"salt-meadow-58\"}"));
    Thread.sleep(wait);
    String role = closed ? "LEAD" : "TECHNICIAN";
    String change = account(one.login(), role, closed ? ",\"closed\":true" : "");
    assertEquals(200, server.lead().put(one.path(), change).status());
    int answer = own.get().status();
    assertTrue(answer == 200 || answer == 401 || answer == 422, "answered " + answer);
    assertEquals(401, one.visitor().get("/api/accounts").status());
    Visitor again = server.visitor();
    again.get("/api/session");
    String password = answer == 200 ? "salt-meadow-58" : "heron-weir-31";
    Visitor.Answer signedIn = again.send("POST", "/api/session", signIn(one.login(), password));
    assertEquals(closed ? 401 : 200, signedIn.status(), signedIn.body());
    if (!closed) {
      assertEquals("TECHNICIAN", signedIn.at("account.role"));
    }
  }

  @ParameterizedTest
  @CsvSource({
    "'short'",
    "'            '",
    "123456789012",
    "210987654321",
    "abcdefghijkl",
    "aaaaaaaaaaaa",
    "Password1234!",
    "qwertyuiop12",
    "iloveyou1234",
    // Twelve bytes and more, and six characters.
    "кулик7",
    "xx-weakling-1",
    "'tab\tin-it-99'"
  })
  void weakPasswordsAreRefusedWithWhy(String password) {
    String body =
        account(
            "weakling", "TECHNICIAN", ",\"password\":\"" + password.replace("\t", "\\t") + "\"");
    Visitor.Answer answer = server.lead().put("/api/accounts/" + UUID.randomUUID(), body);
    assertEquals(422, answer.status(), answer.body());
    assertEquals("password", answer.at("errors.0.path"));
    assertTrue(answer.body().contains("allowed"), answer.body());
  }

  /** Sixty tries at once are counted one by one. */
  @Test
  void guessesAtOnceAreAllCounted() throws Exception {
    Somebody one = somebody("TECHNICIAN");
    Visitor guesser = server.visitor();
    guesser.get("/api/session");
    var pool = java.util.concurrent.Executors.newFixedThreadPool(20);
    try {
      List<java.util.concurrent.Callable<Integer>> tries = new java.util.ArrayList<>();
      for (int i = 0; i < 60; i++) {
        String guess = signIn(one.login(), "guess-" + i);
        tries.add(() -> guesser.send("POST", "/api/session", guess).status());
      }
      int looked = 0;
      for (var answer : pool.invokeAll(tries)) {
        looked += answer.get() == 401 ? 1 : 0;
      }
      // The first few, and one more for each wait that ran out meanwhile.
      assertTrue(looked <= TryCounter.FREE + 2, looked + " of 60 were looked at");
    } finally {
      pool.shutdown();
    }
    assertEquals(200, server.technician().get("/api/calls").status());
  }

  /** Doubling from two seconds to ten minutes, and never more after a clock was set back. */
  @Test
  void waitsGrowAndNeverOutgrowTheirBound() {
    assertEquals(Duration.ZERO, GuardStore.delay(4, 5));
    assertEquals(Duration.ofSeconds(2), GuardStore.delay(5, 5));
    assertEquals(Duration.ofSeconds(16), GuardStore.delay(8, 5));
    assertEquals(GuardStore.LONGEST, GuardStore.delay(5000, 5));
    OffsetDateTime now = OffsetDateTime.parse("2026-11-24T12:00:00Z");
    assertEquals(
        Duration.ofSeconds(2), GuardStore.left(now, now.plusYears(3), Duration.ofSeconds(2)));
    assertTrue(GuardStore.left(now, now.minusYears(3), Duration.ofSeconds(2)).isNegative());
  }

  /**
   * Of OWASP's Password Storage Cheat Sheet (from memory): bcrypt with ten or more [log2 of
   * rounds].
   */
  @Test
  void passwordsAreKeptSlowToGuess() {
    String kept =
        Passwords.hash(server.bean("passwords", PasswordEncoder.class), "three grey otters");
    assertTrue(kept.matches("[$]2a[$]1[0-9][$].{53}"), kept);
  }

  /**
   * Signing in forgets what was counted; who signs in at the same moment is not to trip over it.
   */
  @Test
  void manySignInsUnderOneNameAtOnceAllSucceed() throws Exception {
    java.util.concurrent.ExecutorService pool =
        java.util.concurrent.Executors.newFixedThreadPool(3);
    List<java.util.concurrent.Future<?>> all = new java.util.ArrayList<>();
    for (int at = 0; at < 24; at++) {
      all.add(pool.submit(server::technician));
    }
    for (java.util.concurrent.Future<?> one : all) {
      one.get();
    }
    pool.shutdown();
  }
}
