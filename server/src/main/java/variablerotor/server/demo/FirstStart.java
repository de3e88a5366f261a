package variablerotor.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.casefile.PlanReader;
import variablerotor.core.chain.Suspect;
import variablerotor.core.choice.Market;
import variablerotor.core.fact.Taken;
import variablerotor.core.job.JobLog.Outcome.Was;
import variablerotor.core.job.Particulars;
import variablerotor.core.job.PhotoKind;
import variablerotor.core.job.Settings;
import variablerotor.core.route.Route;
import variablerotor.core.stock.PartKind;
import variablerotor.core.stock.Place;
import variablerotor.core.tree.Tree;
import variablerotor.core.view.CallView;
import variablerotor.core.wiring.AsWired;
import variablerotor.core.wiring.Planner;
import variablerotor.json.Json;
import variablerotor.server.account.Account;
import variablerotor.server.account.AccountStore;
import variablerotor.server.account.Passwords;
import variablerotor.server.account.Role;
import variablerotor.server.account.ShownSignIns;
import variablerotor.server.answer.AnswerService;
import variablerotor.server.call.CallService;
import variablerotor.server.codebook.CodeBookService;
import variablerotor.server.decision.DecisionService;
import variablerotor.server.fit.FitService;
import variablerotor.server.log.Stamp;
import variablerotor.server.motor.MotorService;
import variablerotor.server.offer.OfferService;
import variablerotor.server.order.Loans;
import variablerotor.server.order.Purchases;
import variablerotor.server.outcome.OutcomeService;
import variablerotor.server.photo.PhotoService;
import variablerotor.server.proof.ProofService;
import variablerotor.server.reading.ReadingService;
import variablerotor.server.shop.SettingsStore;
import variablerotor.server.stock.SourcingService;
import variablerotor.server.stock.StockImports;
import variablerotor.server.stock.StockService;
import variablerotor.server.web.Branch;
import variablerotor.server.wiring.WiringService;

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
  private final CallService calls;
  private final ReadingService readings;
  private final PhotoService photos;
  private final OfferService offers;
  private final DecisionService decisions;
  private final FitService fits;
  private final ProofService proofs;
  private final WiringService wirings;
  private final CodeBookService books;
  private final SettingsStore settings;
  private final MotorService motors;
  private final StockService stock;
  private final StockImports stockLists;
  private final SourcingService sourcing;
  private final Purchases orders;
  private final Loans loans;
  private final AnswerService answers;
  private final OutcomeService outcomes;
  private final TransactionTemplate transaction;
  private final Clock clock;

  /** The file in which the first sign-in is told; empty for the terminal. */
  private final String toldIn;

  FirstStart(
      AccountStore accounts,
      PasswordEncoder passwords,
      DemoAccounts demo,
      CallService calls,
      ReadingService readings,
      PhotoService photos,
      OfferService offers,
      DecisionService decisions,
      FitService fits,
      ProofService proofs,
      WiringService wirings,
      CodeBookService books,
      SettingsStore settings,
      MotorService motors,
      StockService stock,
      StockImports stockLists,
      SourcingService sourcing,
      Purchases orders,
      Loans loans,
      AnswerService answers,
      OutcomeService outcomes,
      TransactionTemplate transaction,
      Clock clock,
      @Value("${rotor.first-sign-in}") String toldIn) {
    this.accounts = accounts;
    this.passwords = passwords;
    this.demo = demo;
    this.calls = calls;
    this.readings = readings;
    this.photos = photos;
    this.offers = offers;
    this.decisions = decisions;
    this.fits = fits;
    this.proofs = proofs;
    this.wirings = wirings;
    this.books = books;
    this.settings = settings;
    this.motors = motors;
    this.stock = stock;
    this.stockLists = stockLists;
    this.sourcing = sourcing;
    this.orders = orders;
    this.loans = loans;
    this.answers = answers;
    this.outcomes = outcomes;
    this.transaction = transaction;
    this.clock = clock;
    this.toldIn = toldIn;
  }

  @Override
  public void run(ApplicationArguments arguments) {
    Branch.in(Branch.FIRST, this::fillWhereEmpty);
    for (ShownSignIns.DemoAccount one : demo.shown()) {
      LOG.info("Demo sign-in: {} ({}), password {}", one.login(), one.name(), one.password());
    }
    LOG.info("Ready to serve");
  }

  /** Whether it was. */
  private boolean fillWhereEmpty() {
    boolean empty = accounts.isEmpty();
    if (empty) {
      fillAtOnce();
    }
    return empty;
  }

  private void fillAtOnce() {
    // All or nothing: a start that is cut off leaves no half shop behind.
    transaction.executeWithoutResult(
        status -> {
          // Several processes may start on one empty database: the first of them fills it.
          accounts.waitForFirst();
          if (accounts.isEmpty()) {
            fill();
          }
        });
  }

  private void fill() {
    if (demo.isDemo()) {
      DemoAccounts.ALL.forEach(one -> add(DemoAccounts.account(one), one.password()));
      BOOKS.forEach(this::book);
      shop();
      calls().forEach(this::call);
    } else {
      byte[] random = new byte[12];
      new SecureRandom().nextBytes(random);
      String password = Base64.getUrlEncoder().withoutPadding().encodeToString(random);
      add(new Account(UUID.randomUUID(), "lead", "Lead", Role.LEAD, true), password);
      tellOnce("First sign-in: name lead, password " + password);
    }
  }

  /**
   * Not in the log, which stays. Before the account is kept: one that nobody knows lets nobody in.
   */
  private void tellOnce(String words) {
    if (toldIn.isEmpty()) {
      System.out.println(words);
      return;
    }
    try {
      Files.writeString(Path.of(toldIn), words + "\n");
    } catch (IOException fault) {
      throw new UncheckedIOException("the first sign-in cannot be told in " + toldIn, fault);
    }
  }

  private void add(Account account, String password) {
    accounts.add(account, Passwords.hash(passwords, password), OffsetDateTime.now(clock));
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
    Stamp now = new Stamp(DemoAccounts.account("ines").id(), OffsetDateTime.now(clock));
    books.bringIn(UUID.randomUUID(), UUID.randomUUID(), null, name, text(file), now);
  }

  /** The shop's figures and the motors that it can get: invented, as all of the demo. */
  private void shop() {
    Stamp now = new Stamp(DemoAccounts.account("ines").id(), OffsetDateTime.now(clock));
    Settings usual = settings.current();
    settings.add(
        UUID.randomUUID(),
        usual
            .but()
            .taxPercent(8.0)
            .energyPerKwh(0.16)
            .fanHoursPerYear(2600.0)
            .name("Kallow & Ashgrove Air")
            .phone("555-0142")
            .build(),
        now);
    motors.bringIn(UUID.randomUUID(), text("/demo/motors.csv"), now);
    stockLists.bringIn(UUID.randomUUID(), text("/demo/stock.csv"), now);
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
    Duration ago = Duration.ofMinutes(Math.round(60 * number(call, "hoursAgo")));
    Stamp then =
        new Stamp(
            DemoAccounts.account(told(call, "by")).id(), OffsetDateTime.now(clock).minus(ago));
    UUID id = UUID.randomUUID();
    calls.open(id, particulars(told(call, "particulars")), then);
    list(call, "readings").forEach(one -> reading(id, (List<?>) one, then));
    list(call, "photos").forEach(one -> photo(id, (Map<?, ?>) one, then));
    if (call.get("offers") instanceof Map<?, ?> given) {
      given.forEach((route, offer) -> offer(id, (String) route, (List<?>) offer, then));
    }
    if (call.get("decision") instanceof String route) {
      decisions.decide(id, UUID.randomUUID(), Route.valueOf(route), null, List.of(), then);
    }
    list(call, "found").forEach(one -> found(id, (Map<?, ?>) one, then));
    if (call.get("answer") instanceof Map<?, ?> answer) {
      answer(id, answer, then);
    }
    list(call, "orders").forEach(one -> order(id, (Map<?, ?>) one, then));
    if (call.get("loan") instanceof Map<?, ?> loan) {
      lend(id, loan, then);
    }
    if (call.get("wiring") instanceof Map<?, ?> wiring) {
      wirings.keep(id, UUID.randomUUID(), made(wiring), then);
    }
    if (call.get("fit") instanceof Map<?, ?> fit) {
      fits.keep(id, UUID.randomUUID(), done(id, fit), then);
    }
    if (call.get("proof") instanceof Map<?, ?> proof) {
      proofs.keep(id, UUID.randomUUID(), proved(id, proof), then);
    }
    if (call.get("outcome") instanceof Map<?, ?> outcome) {
      ended(id, outcome, then);
    }
  }

  private void ended(UUID call, Map<?, ?> one, Stamp then) {
    outcomes.keep(
        call,
        UUID.randomUUID(),
        Was.valueOf(text(one, "was")),
        list(one, "found").stream().map(name -> Suspect.valueOf((String) name)).toList(),
        Objects.requireNonNullElse((String) one.get("note"), ""),
        then);
  }

  private void found(UUID call, Map<?, ?> one, Stamp then) {
    sourcing.find(
        call,
        UUID.randomUUID(),
        Route.valueOf(text(one, "route")),
        PartKind.valueOf(text(one, "kind")),
        text(one, "number"),
        then);
  }

  private void answer(UUID call, Map<?, ?> one, Stamp then) {
    answers.keep(
        call,
        UUID.randomUUID(),
        new AnswerService.Said(
            one.get("route") instanceof String route ? Route.valueOf(route) : null,
            text(one, "by"),
            null,
            (String) one.get("note"),
            null),
        then);
  }

  private void order(UUID call, Map<?, ?> one, Stamp then) {
    orders.order(
        call,
        UUID.randomUUID(),
        new Purchases.Wanted(
            PartKind.valueOf(text(one, "kind")),
            text(one, "number"),
            text(one, "name"),
            1,
            (Double) one.get("price"),
            then.at().toLocalDate().plusDays((long) number(one, "days"))),
        then);
  }

  private void lend(UUID call, Map<?, ?> one, Stamp then) {
    UUID part =
        stock.list().stream()
            .filter(row -> row.part().goesBy(text(one, "number")))
            .findFirst()
            .orElseThrow()
            .id();
    Place at = Place.valueOf(text(one, "at"));
    loans.lend(call, UUID.randomUUID(), part, at, text(one, "where"), null, then);
  }

  /** What was read of the repair, onto what the call itself says of it. */
  private Object proved(UUID call, Map<?, ?> given) {
    CallView.RepairView repair = Objects.requireNonNull(calls.view(call).repair());
    Map<String, Object> proof = new LinkedHashMap<>(repair.proof());
    Map<String, Object> unit = copy(told(proof, "unit"));
    unit.putAll(copy(told(given, "limits")));
    Map<String, Object> fitted = copy(told(proof, "fitted"));
    fitted.put("fullLoadAmps", given.get("fullLoadAmps"));
    fitted.put("speedTaps", given.get("speedTaps"));
    proof.put("unit", unit);
    proof.put("fitted", fitted);
    proof.put(
        "readings",
        list(given, "readings").stream()
            .map(one -> (List<?>) one)
            .map(one -> Tree.of("id", one.get(0), "value", one.get(1)))
            .toList());
    return proof;
  }

  /** What was done of the job so far, in the document of the way that was chosen. */
  private Object done(UUID call, Map<?, ?> given) {
    Map<String, Object> fit =
        new LinkedHashMap<>(Objects.requireNonNull(calls.view(call).fit()).fit());
    fit.put(
        "marks",
        list(given, "done").stream()
            .map(one -> Tree.of("id", one, "done", true, "why", ""))
            .toList());
    if (given.get("notes") instanceof Map<?, ?> notes) {
      fit.put("notes", notes);
    }
    fit.put(
        "removed",
        list(given, "removed").stream()
            .map(one -> Tree.of("what", one, "where", "", "back", false))
            .toList());
    if (given.get("hold") instanceof Map<?, ?> hold) {
      Map<String, Object> held = copy(hold);
      long days = ((Double) Objects.requireNonNull(held.remove("inDays"))).longValue();
      held.put("until", LocalDate.now(clock).plusDays(days).toString());
      fit.put("hold", held);
    }
    return fit;
  }

  private static Map<String, Object> copy(Object tree) {
    Map<String, Object> copy = new LinkedHashMap<>();
    ((Map<?, ?>) tree).forEach((name, value) -> copy.put((String) name, value));
    return copy;
  }

  /** A plan with only these wires made. */
  private static Object made(Map<?, ?> given) {
    try {
      Map<String, Object> wiring = Planner.of(PlanReader.read(told(given, "plan"))).wiring().tree();
      wiring.put("wires", given.get("made"));
      return Tree.of(
          "format",
          AsWired.FORMAT,
          "version",
          AsWired.VERSION,
          "plan",
          given.get("plan"),
          "wiring",
          wiring,
          "marks",
          given.get("marks"));
    } catch (InputFaults unreadable) {
      throw new IllegalStateException("the demo wiring cannot be read", unreadable);
    }
  }

  private static Particulars particulars(Object tree) {
    try {
      return Particulars.read(tree);
    } catch (InputFaults unreadable) {
      throw new IllegalStateException("the demo calls cannot be read", unreadable);
    }
  }

  private static Object told(Map<?, ?> tree, String field) {
    return Objects.requireNonNull(tree.get(field), field);
  }

  private static String text(Map<?, ?> tree, String field) {
    return (String) told(tree, field);
  }

  private static double number(Map<?, ?> tree, String field) {
    return (Double) told(tree, field);
  }

  private static List<?> list(Map<?, ?> call, String field) {
    return call.get(field) instanceof List<?> list ? list : List.of();
  }

  private void reading(UUID call, List<?> pair, Stamp then) {
    readings.read(
        call, UUID.randomUUID(), (String) pair.get(0), pair.get(1), null, null, Taken.UNSAID, then);
  }

  private void photo(UUID call, Map<?, ?> photo, Stamp then) {
    List<String> lines = list(photo, "plate").stream().map(String::valueOf).toList();
    PhotoKind kind = PhotoKind.valueOf(text(photo, "kind"));
    photos.photograph(call, UUID.randomUUID(), kind, DrawnPlate.png(lines), then);
  }

  private void offer(UUID call, String route, List<?> offer, Stamp then) {
    offers.offer(
        call,
        UUID.randomUUID(),
        new Market.Offer(
            Route.valueOf(route),
            null,
            (Double) offer.get(0),
            (Double) offer.get(2),
            (Double) offer.get(1),
            null,
            null),
        then);
  }
}
