package variablerotor.server.account;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.http.HttpStatus;
import org.springframework.security.crypto.password.PasswordEncoder;
import variablerotor.server.Server;
import variablerotor.server.Visitor;
import variablerotor.server.web.Refused;

/** A link lets somebody in once, within a day, and nobody else. */
@ExtendWith(Server.class)
class InvitationTest {
  private static final String PASSWORD = "orchard lamp seven";

  private final Server server;
  private final String login = "i" + UUID.randomUUID().toString().substring(0, 8);
  private final String path = "/api/accounts/" + UUID.randomUUID();

  InvitationTest(Server server) {
    this.server = server;
  }

  private Visitor.Answer put(String more) {
    String body = "{\"login\":\"%s\",\"name\":\"Wren\",\"role\":\"TECHNICIAN\"%s}";
    return server.lead().put(path, body.formatted(login, more));
  }

  /** What stands behind the # of a new link. */
  private String link(String own) {
    Visitor.Answer made = server.lead().send("POST", path + "/invitations", own);
    assertEquals(200, made.status(), made.body());
    String link = (String) made.at("link");
    assertTrue(link.startsWith("https://rotor.example/join#"), link);
    assertTrue(((String) made.at("picture")).startsWith("<svg"), made.body());
    return link.substring(link.indexOf('#') + 1);
  }

  private String link() {
    return link("{}");
  }

  private Visitor.Answer ask(String what, String token, String password) {
    Visitor stranger = server.visitor();
    stranger.get("/api/session");
    String body =
        what.equals("invited")
            ? "{\"token\":\"%s\"}".formatted(token)
            : "{\"token\":\"%s\",\"password\":\"%s\"}".formatted(token, password);
    return stranger.send("POST", "/api/session/" + what, body);
  }

  private int signsIn(String password) {
    Visitor visitor = server.visitor();
    visitor.get("/api/session");
    return visitor
        .send(
            "POST",
            "/api/session",
            "{\"login\":\"%s\",\"password\":\"%s\"}".formatted(login, password))
        .status();
  }

  @Test
  void whoeverIsInvitedChoosesAPasswordAndIsIn() {
    assertEquals(200, put("").status());
    assertEquals(401, signsIn(PASSWORD), "nobody can sign in before");
    String token = link();
    Visitor.Answer who = ask("invited", token, "");
    assertEquals(login, who.at("login"), who.body());
    Visitor.Answer weak = ask("invitation", token, login + "12345");
    assertEquals(422, weak.status(), weak.body());
    assertEquals("password", weak.at("errors.0.path"), weak.body());
    Visitor.Answer in = ask("invitation", token, PASSWORD);
    assertEquals(200, in.status(), in.body());
    assertEquals(login, in.at("account.login"));
    assertEquals(200, signsIn(PASSWORD));
    assertEquals(409, ask("invitation", token, "another lamp seven").status(), "once");
    assertEquals(409, ask("invited", token, "").status(), "once");
    assertEquals(200, signsIn(PASSWORD), "the second try changed nothing");
  }

  @Test
  void aNewerOneEndsTheOlderAndOneOfManyAtOnceIsFollowed() {
    put("");
    String older = link();
    String newer = link();
    assertEquals(409, ask("invitation", older, PASSWORD).status());
    List<CompletableFuture<Integer>> tries =
        Stream.of("one", "two", "three", "four")
            .map(
                which ->
                    CompletableFuture.supplyAsync(
                        () -> ask("invitation", newer, PASSWORD + " " + which).status()))
            .toList();
    List<Integer> answers = tries.stream().map(CompletableFuture::join).sorted().toList();
    assertEquals(List.of(200, 409, 409, 409), answers);
  }

  @Test
  void itHoldsForADay() {
    put("");
    String token = link();
    Duration day = InvitationStore.HOLDS;
    assertEquals(login, at(day.minusMinutes(1)).look(token).login());
    Refused over = assertThrows(Refused.class, () -> at(day.plusMinutes(1)).look(token));
    assertEquals(HttpStatus.CONFLICT, over.status());
    assertThrows(Refused.class, () -> at(day.plusMinutes(1)).follow(token, PASSWORD));
  }

  private Invitations at(Duration later) {
    return new Invitations(
        server.bean(InvitationStore.class),
        server.bean(AccountStore.class),
        server.bean(DeviceStore.class),
        server.bean(PasskeyStore.class),
        server.bean(AccountEventStore.class),
        server.bean(PageAddress.class),
        server.bean(PasswordEncoder.class),
        Clock.offset(Clock.systemUTC(), later));
  }

  @Test
  void aClosedAccountLetsNobodyInByIt() {
    put("");
    String token = link();
    put(",\"closed\":true");
    assertEquals(409, ask("invitation", token, PASSWORD).status());
    Visitor.Answer refused = server.lead().send("POST", path + "/invitations", "{}");
    assertEquals(409, refused.status(), refused.body());
    put(",\"closed\":false");
    assertEquals(409, ask("invitation", token, PASSWORD).status(), "not when it is open again");
  }

  @Test
  void whoIsInAlreadyIsInvitedAnewOnlyWithTheLeadsOwnPassword() {
    put(",\"password\":\"" + PASSWORD + "\"");
    Visitor known = server.signedIn(login, PASSWORD);
    for (String own : List.of("{}", "{\"own\":\"wrong password 1\"}")) {
      Visitor.Answer refused = server.lead().send("POST", path + "/invitations", own);
      assertEquals(422, refused.status(), refused.body());
      assertEquals("own", refused.at("errors.0.path"));
    }
    String token = link("{\"own\":\"copper-star-7\"}");
    assertEquals(200, known.get("/api/passkeys").status());
    assertEquals(200, ask("invitation", token, "another lamp seven").status());
    assertEquals(401, known.get("/api/passkeys").status(), "what was open has ended");
    assertEquals(401, signsIn(PASSWORD));
    assertNotEquals(401, signsIn("another lamp seven"));
  }

  @Test
  void aPasswordStaysEnoughWhileThereIsNoPasskey() {
    put(",\"password\":\"" + PASSWORD + "\"");
    Visitor known = server.signedIn(login, PASSWORD);
    String enough = "{\"own\":\"%s\",\"enough\":false}";
    String address = "/api/passkeys/password-enough";
    assertEquals(409, known.put(address, enough.formatted(PASSWORD)).status());
    assertEquals(422, known.put(address, enough.formatted("a wrong password")).status());
    assertEquals(200, signsIn(PASSWORD));
  }

  @Test
  void whatNoDeviceAnswersIsRefusedInWords() {
    Visitor stranger = server.visitor();
    stranger.get("/api/session");
    Visitor.Answer asked = stranger.send("POST", "/api/session/passkey/question", "");
    assertEquals(200, asked.status(), asked.body());
    assertEquals("rotor.example", asked.at("host"));
    for (String odd :
        List.of(
            "{}",
            "{\"credential\":\"AAAA\",\"clientData\":\"AAAA\",\"authenticatorData\":\"AA\",\"signature\":\"AA\"}",
            "{\"credential\":\"=\",\"clientData\":\"e30\",\"authenticatorData\":\"AA\",\"signature\":\"AA\"}")) {
      int status = stranger.send("POST", "/api/session/passkey", odd).status();
      assertTrue(status == 422 || status == 401, odd + " " + status);
    }
    put(",\"password\":\"" + PASSWORD + "\"");
    Visitor known = server.signedIn(login, PASSWORD);
    Visitor.Answer question =
        known.send("POST", "/api/passkeys/question", "{\"own\":\"" + PASSWORD + "\"}");
    assertEquals(200, question.status(), question.body());
    String clientData =
        java.util.Base64.getUrlEncoder()
            .withoutPadding()
            .encodeToString(
                ("{\"type\":\"webauthn.create\",\"challenge\":\""
                        + question.at("challenge")
                        + "\",\"origin\":\"https://rotor.example\"}")
                    .getBytes(java.nio.charset.StandardCharsets.UTF_8));
    String made =
        "{\"name\":\"%s\",\"credential\":\"AAAA\",\"clientData\":\"%s\",\"attestation\":\"oA\","
            + "\"transports\":[\"internal\",\"odd\"]}";
    assertEquals(422, known.send("POST", "/api/passkeys", made.formatted("", clientData)).status());
    // Asked, but answered by no device; and then the question is spent.
    for (int i = 0; i < 2; i++) {
      Visitor.Answer refused =
          known.send("POST", "/api/passkeys", made.formatted("Telephone", clientData));
      assertEquals(409, refused.status(), refused.body());
    }
    assertEquals(List.of(), known.get("/api/passkeys").list("passkeys"));
  }

  @Test
  void whoAsksForManyQuestionsHarmsOnlyThemselves() {
    ChallengeStore store = server.bean(ChallengeStore.class);
    java.time.OffsetDateTime now = java.time.OffsetDateTime.now();
    String mine = UUID.randomUUID().toString();
    store.keep(mine, null, "192.0.2.77", now);
    String flood = UUID.randomUUID().toString().substring(0, 20);
    for (int i = 0; i < ChallengeStore.MOST_AT_ADDRESS + 5; i++) {
      store.keep(flood + i, null, "192.0.2.78", now.plusNanos(i * 1000L));
    }
    assertTrue(store.take(flood + 4, now).isEmpty(), "the oldest have gone");
    assertTrue(store.take(flood + 5, now).isPresent());
    assertTrue(store.take(mine, now.plus(ChallengeStore.HOLDS).plusSeconds(1)).isEmpty());
    assertTrue(store.take(mine, now).isPresent());
    assertTrue(store.take(mine, now).isEmpty(), "once");
  }
}
