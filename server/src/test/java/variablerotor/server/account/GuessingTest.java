package variablerotor.server.account;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Clock;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.http.HttpStatus;
import org.springframework.security.crypto.password.PasswordEncoder;
import variablerotor.server.Server;
import variablerotor.server.Visitor;
import variablerotor.server.web.Refused;

/** Guessing from many addresses and under many names; whoever works here is not kept out by it. */
@ExtendWith(Server.class)
class GuessingTest {
  private static final int FREE_AT_ADDRESS = 20;
  private static final String PASSWORD = "orchard lamp seven";

  private final Server server;
  private final SignIn signIn;
  private final String login = "g" + UUID.randomUUID().toString().substring(0, 8);
  private final UUID id = UUID.randomUUID();

  GuessingTest(Server server) {
    this.server = server;
    signIn =
        new SignIn(
            server.bean(AccountStore.class),
            server.bean(GuardStore.class),
            server.bean(DeviceStore.class),
            server.bean(PasswordEncoder.class),
            Clock.systemUTC(),
            FREE_AT_ADDRESS);
  }

  private void known(@Nullable String password) {
    server
        .bean(AccountService.class)
        .put(id, id, login, "Somebody", Role.TECHNICIAN, false, false, password);
  }

  /** What the answer to a try is; each test has networks of its own (RFC 5737, RFC 3849). */
  private HttpStatus tried(String name, String password, String address, @Nullable String device) {
    try {
      signIn.check(name, password, address, device);
      return HttpStatus.OK;
    } catch (Refused refused) {
      return refused.status();
    }
  }

  @Test
  void oneNameFromManyAddressesIsSlowedDownAndTheDeviceThatIsKnownIsNot() {
    known(PASSWORD);
    signIn.know("telephone", signIn.check(login, PASSWORD, "192.0.2.1", null).account());
    int looked = 0;
    for (int i = 1; i <= 60; i++) {
      looked += tried(login, "guess", "192.0.2." + i, null) == HttpStatus.UNAUTHORIZED ? 1 : 0;
    }
    // One more for each wait of two seconds that ran out meanwhile.
    assertTrue(looked <= TryCounter.FREE_ANYWHERE + 2, looked + " of 60 were looked at");
    assertEquals(HttpStatus.TOO_MANY_REQUESTS, tried(login, PASSWORD, "192.0.2.200", null));
    assertEquals(HttpStatus.OK, tried(login, PASSWORD, "192.0.2.200", "telephone"));
    assertEquals(HttpStatus.TOO_MANY_REQUESTS, tried(login, PASSWORD, "192.0.2.200", "another"));
  }

  @Test
  void manyNamesFromOneAddressAreSlowedDown() {
    int looked = 0;
    for (int i = 0; i < 40; i++) {
      HttpStatus answer = tried(login + i, "guess", "198.51.100.7", null);
      looked += answer == HttpStatus.UNAUTHORIZED ? 1 : 0;
    }
    assertTrue(looked <= FREE_AT_ADDRESS + 2, looked + " of 40 were looked at");
    assertEquals(HttpStatus.UNAUTHORIZED, tried(login, "guess", "198.51.100.8", null));
  }

  /** A shop behind one address signs in all day; that is no guessing. */
  @Test
  void whoSignsInAddsToNoCount() {
    known(PASSWORD);
    for (int i = 0; i < 2 * FREE_AT_ADDRESS; i++) {
      assertEquals(HttpStatus.OK, tried(login, PASSWORD, "203.0.113.9", null));
    }
  }

  /** Nor does it take back what was guessed at other names meanwhile. */
  @Test
  void anAccountOfOnesOwnIsNoWayRoundTheCount() {
    known(PASSWORD);
    int looked = 0;
    for (int i = 0; i < 40; i++) {
      looked += tried(login + i, "guess", "203.0.113.77", null) == HttpStatus.UNAUTHORIZED ? 1 : 0;
      tried(login, PASSWORD, "203.0.113.77", null);
    }
    assertTrue(looked <= FREE_AT_ADDRESS + 2, looked + " of 40 were looked at");
  }

  @Test
  void aKnownDeviceIsSlowedDownByWhatIsTriedOnIt() {
    known(PASSWORD);
    signIn.know("tablet", signIn.check(login, PASSWORD, "203.0.113.50", null).account());
    for (int i = 0; i < TryCounter.FREE; i++) {
      assertEquals(
          HttpStatus.UNAUTHORIZED, tried(login, "guess", "203.0.113." + (60 + i), "tablet"));
    }
    assertEquals(HttpStatus.TOO_MANY_REQUESTS, tried(login, PASSWORD, "203.0.113.70", "tablet"));
    // It is nobody else's count.
    assertEquals(HttpStatus.OK, tried(login, PASSWORD, "203.0.113.71", null));
  }

  @Test
  void aDeviceIsAStrangerOnceThePasswordIsAnother() {
    known(PASSWORD);
    signIn.know("lost", signIn.check(login, PASSWORD, "198.51.100.50", null).account());
    DeviceStore devices = server.bean(DeviceStore.class);
    String hash = variablerotor.server.web.Sha256.of("lost".getBytes());
    assertTrue(devices.isKnown(hash, login));
    assertTrue(!devices.isKnown(hash, "ines"), "on it, only of this account");
    known("another orchard lamp");
    assertTrue(!devices.isKnown(hash, login));
  }

  @Test
  void aNetworkOfLongAddressesIsOne() {
    assertEquals(TryCounter.network("2001:db8:1:2::1"), TryCounter.network("2001:db8:1:2:f::9"));
    assertNotEquals(TryCounter.network("2001:db8:1:2::1"), TryCounter.network("2001:db8:1:3::1"));
    assertEquals("192.0.2.4", TryCounter.network("::ffff:192.0.2.4"));
    assertEquals("", TryCounter.network(null));
    assertEquals("no:address", TryCounter.network("no:address"));
  }

  @Test
  void theDeviceIsKnownByACookieThatNoScriptReads() {
    Visitor visitor = server.visitor();
    visitor.get("/api/session");
    String body = "{\"login\":\"tobin\",\"password\":\"quiet-wheel-4\"}";
    String cookie =
        visitor.send("POST", "/api/session", body).headers().allValues("Set-Cookie").stream()
            .filter(one -> one.startsWith("rotor-device="))
            .findFirst()
            .orElseThrow();
    for (String part : new String[] {"HttpOnly", "SameSite=Strict", "Path=/api/session"}) {
      assertTrue(cookie.contains(part), cookie);
    }
    String secret = visitor.cookie("rotor-device");
    visitor.send("POST", "/api/session", body);
    assertEquals(secret, visitor.cookie("rotor-device"), "it stays the same device");
  }
}
