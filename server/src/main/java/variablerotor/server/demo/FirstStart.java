package variablerotor.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.route.Route;
import variablerotor.json.Json;
import variablerotor.server.account.Account;
import variablerotor.server.account.AccountStore;
import variablerotor.server.account.Role;
import variablerotor.server.call.CallService;
import variablerotor.server.call.CallServices;
import variablerotor.server.call.Particulars;
import variablerotor.server.codebook.CodeBookService;
import variablerotor.server.photo.PhotoKind;

/**
 * Fills an empty database: with the demo shop in demo mode, otherwise with one lead account whose
 * password is made at random and printed once.
 */
@Component
class FirstStart implements ApplicationRunner {
  private static final Logger LOG = LoggerFactory.getLogger(FirstStart.class);

  private final AccountStore accounts;
  private final PasswordEncoder passwords;
  private final DemoAccounts demo;
  private final CallServices calls;
  private final CodeBookService books;
  private final TransactionTemplate transaction;
  private final Clock clock;

  FirstStart(
      AccountStore accounts,
      PasswordEncoder passwords,
      DemoAccounts demo,
      CallServices calls,
      CodeBookService books,
      TransactionTemplate transaction,
      Clock clock) {
    this.accounts = accounts;
    this.passwords = passwords;
    this.demo = demo;
    this.calls = calls;
    this.books = books;
    this.transaction = transaction;
    this.clock = clock;
  }

  @Override
  public void run(ApplicationArguments arguments) {
    if (accounts.isEmpty()) {
      fillAtOnce();
    }
    for (DemoAccounts.DemoAccount one : demo.shown()) {
      LOG.info("Demo sign-in: {} ({}), password {}", one.login(), one.name(), one.password());
    }
    LOG.info("Ready to serve");
  }

  private void fillAtOnce() {
    // All or nothing: a start that is cut off leaves no half shop behind.
    transaction.executeWithoutResult(status -> fill());
  }

  private void fill() {
    if (demo.isDemo()) {
      DemoAccounts.ALL.forEach(one -> add(one.account(), one.password()));
      BOOKS.forEach(this::book);
      calls().forEach(this::call);
    } else {
      byte[] random = new byte[12];
      new SecureRandom().nextBytes(random);
      String password = Base64.getUrlEncoder().withoutPadding().encodeToString(random);
      add(new Account(UUID.randomUUID(), "lead", "Lead", Role.LEAD), password);
      LOG.info("First sign-in: name lead, password {}", password);
    }
  }

  private void add(Account account, String password) {
    accounts.put(account, passwords.encode(password), OffsetDateTime.now(clock));
  }

  /** Code books of three lines of equipment that nobody makes. */
  private static final Map<String, String> BOOKS =
      Map.of(
          "Fernlea indoor",
          "/demo/codes/fernlea.csv",
          "Oxbow outdoor",
          "/demo/codes/oxbow.csv",
          "Tallis roof",
          "/demo/codes/tallis.csv");

  private void book(String name, String file) {
    Account lead =
        DemoAccounts.ALL.stream()
            .map(DemoAccounts.DemoAccount::account)
            .filter(account -> account.role() == Role.LEAD)
            .findFirst()
            .orElseThrow();
    books.bringIn(UUID.randomUUID(), UUID.randomUUID(), name, text(file), lead);
  }

  private static String text(String name) {
    try (InputStream file = FirstStart.class.getResourceAsStream(name)) {
      return new String(file.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException unreadable) {
      throw new IllegalStateException("the demo data cannot be read: " + name, unreadable);
    }
  }

  private static List<?> calls() {
    try {
      return (List<?>) Json.read(text("/demo/calls.json"));
    } catch (InputFaults unreadable) {
      throw new IllegalStateException("the demo calls cannot be read", unreadable);
    }
  }

  private void call(Object tree) {
    Map<?, ?> call = (Map<?, ?>) tree;
    Account author =
        DemoAccounts.ALL.stream()
            .filter(one -> one.login().equals(call.get("by")))
            .findFirst()
            .orElseThrow()
            .account();
    Duration ago = Duration.ofMinutes((long) (60 * (Double) call.get("hoursAgo")));
    CallService then = calls.at(Clock.fixed(Instant.now(clock).minus(ago), ZoneOffset.UTC));
    UUID id = UUID.randomUUID();
    then.open(id, Json.as(Particulars.class, call.get("particulars")), author);
    for (Object reading : (List<?>) call.get("readings")) {
      List<?> pair = (List<?>) reading;
      then.read(id, UUID.randomUUID(), (String) pair.get(0), pair.get(1), author);
    }
    if (call.get("photos") instanceof List<?> photos) {
      photos.forEach(photo -> photo(then, id, (Map<?, ?>) photo, author));
    }
    if (call.get("offers") instanceof Map<?, ?> offers) {
      offers.forEach((route, offer) -> offer(then, id, (String) route, (List<?>) offer, author));
    }
    if (call.get("decision") instanceof String route) {
      then.decide(id, UUID.randomUUID(), Route.valueOf(route), author);
    }
  }

  private static void photo(CallService then, UUID id, Map<?, ?> photo, Account author) {
    List<String> lines = ((List<?>) photo.get("plate")).stream().map(String::valueOf).toList();
    then.photograph(
        id,
        UUID.randomUUID(),
        PhotoKind.valueOf((String) photo.get("kind")),
        DrawnPlate.png(lines),
        author);
  }

  private static void offer(
      CallService then, UUID id, String route, List<?> offer, Account author) {
    then.offer(
        id,
        UUID.randomUUID(),
        Route.valueOf(route),
        new CallService.OfferRequest(
            (Double) offer.get(0), (Double) offer.get(1), (Double) offer.get(2)),
        author);
  }
}
