package variablerotor.server.order;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.casefile.PartReader;
import variablerotor.core.choice.Sourced;
import variablerotor.core.job.Job;
import variablerotor.core.job.JobLog;
import variablerotor.core.route.Route;
import variablerotor.core.stock.InStock;
import variablerotor.core.stock.Need;
import variablerotor.core.stock.Part;
import variablerotor.core.stock.PartKind;
import variablerotor.core.stock.PartNumber;
import variablerotor.core.stock.PickList;
import variablerotor.core.stock.Place;
import variablerotor.core.stock.PlanNeeds;
import variablerotor.core.stock.Quote;
import variablerotor.core.wiring.PlanRequest;
import variablerotor.core.wiring.Planner;
import variablerotor.server.call.CallService;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;
import variablerotor.server.shop.SettingsStore;
import variablerotor.server.stock.Move;
import variablerotor.server.stock.SourcingService;
import variablerotor.server.stock.StockService;
import variablerotor.server.supply.SupplyService;
import variablerotor.server.web.Faults;
import variablerotor.server.web.Refused;

/** What a job takes: what it asks for, what was ordered, and what was lent meanwhile. */
@Service
public class OrderService {
  private static final int MOST_ROWS = 300;
  private static final int MOST_COUNT = 1000;
  private static final double MOST_MONEY = 1e6;
  private static final int LONGEST_NAME = 120;

  /** An order can be told of so long after it was made, and be due so long after [d]. */
  private static final int BACK_DAYS = 90;

  private static final int AHEAD_DAYS = 730;

  /** Ways whose parts are those of a conversion's plan. */
  private static final Set<Route> PLANNED =
      Set.of(Route.FIXED_SPEED, Route.LOANER, Route.DRIVE_BYPASS);

  private final PurchaseStore purchases;
  private final LoanStore loans;
  private final StockService stock;
  private final SourcingService sourcing;
  private final SupplyService supply;
  private final CallService calls;
  private final SettingsStore settings;
  private final Clock clock;

  OrderService(
      PurchaseStore purchases,
      LoanStore loans,
      StockService stock,
      SourcingService sourcing,
      SupplyService supply,
      CallService calls,
      SettingsStore settings,
      Clock clock) {
    this.purchases = purchases;
    this.loans = loans;
    this.stock = stock;
    this.sourcing = sourcing;
    this.supply = supply;
    this.calls = calls;
    this.settings = settings;
    this.clock = clock;
  }

  /**
   * What is to be ordered.
   *
   * @param price of one [the shop's currency]; null where it is not known
   * @param due null where no day was said
   */
  public record Wanted(
      PartKind kind,
      String number,
      String name,
      int count,
      @Nullable Double price,
      @Nullable LocalDate due) {}

  /**
   * An order as it stands.
   *
   * @param late whether it should be there by now
   */
  record OrderRow(PurchaseStore.Ordered order, boolean late) {}

  /**
   * A part that was lent.
   *
   * @param due the day on which it is to be fetched; null where none is known
   * @param why what it is due with, in words
   */
  record LoanRow(
      LoanStore.Lent loan,
      String number,
      String name,
      @Nullable LocalDate due,
      String why,
      boolean late) {}

  /**
   * One thing that a job asks for.
   *
   * @param taken how many were taken for it
   * @param ordered how many are on order
   * @param arrived how many that were ordered are there
   * @param line where the rest comes from; null where nothing is left to get
   */
  record NeedRow(
      Need need, int taken, int ordered, int arrived, PickList.@Nullable PickLine line) {}

  /**
   * A part that was taken for a job.
   *
   * @param id of the part
   */
  record TakenRow(UUID id, PartKind kind, String number, String name, int count) {}

  /**
   * All that a job takes.
   *
   * @param route the way that was chosen; null while none is
   * @param loaner why a motor on loan is advised; null where it is not
   */
  record JobParts(
      @Nullable Route route,
      List<NeedRow> needs,
      List<TakenRow> taken,
      List<OrderRow> orders,
      List<LoanRow> loans,
      @Nullable String loaner) {}

  /**
   * @param van the one at the job; null where none is named
   */
  @Transactional(readOnly = true)
  JobParts of(UUID call, @Nullable String van) {
    Job job = calls.job(call);
    List<InStock> all = stock.stock();
    List<Quote> quotes = supply.kept();
    List<TakenRow> taken = taken(call);
    List<OrderRow> orders = rows(purchases.of(call));
    List<NeedRow> open = new ArrayList<>();
    List<Need> left = new ArrayList<>();
    List<InStock> known = new ArrayList<>(all);
    quotes.forEach(one -> known.add(new InStock(one.part(), List.of())));
    for (Need need : needs(job, call)) {
      List<Part> fits = need.of(known, quotes).stream().map(InStock::part).toList();
      int has =
          taken.stream()
              .filter(one -> meets(need, fits, one.kind(), one.number()))
              .mapToInt(TakenRow::count)
              .sum();
      int coming = count(orders, need, fits, PurchaseStore.State.ORDERED);
      int came = count(orders, need, fits, PurchaseStore.State.ARRIVED);
      open.add(new NeedRow(need, has, coming, came, null));
      left.add(need.of(need.count() - has - coming - came));
    }
    List<PickList.PickLine> lines =
        PickList.of(left.stream().filter(one -> one.count() > 0).toList(), all, quotes, van);
    List<NeedRow> rows = new ArrayList<>();
    int at = 0;
    for (int i = 0; i < open.size(); i++) {
      NeedRow one = open.get(i);
      PickList.PickLine line = left.get(i).count() > 0 ? lines.get(at++) : null;
      rows.add(new NeedRow(one.need(), one.taken(), one.ordered(), one.arrived(), line));
    }
    return new JobParts(
        job.chosen(), rows, taken, orders, lent(loans.of(call)), job.options().ranking().loan());
  }

  private static int count(
      List<OrderRow> orders, Need need, List<Part> fits, PurchaseStore.State state) {
    return orders.stream()
        .map(OrderRow::order)
        .filter(one -> one.state() == state)
        .filter(one -> meets(need, fits, one.kind(), one.number()))
        .mapToInt(PurchaseStore.Ordered::count)
        .sum();
  }

  /** What was not said which one it is, any of its kind meets: it was known to who took it. */
  private static boolean meets(Need need, List<Part> fits, PartKind kind, String number) {
    return PartNumber.same(number, need.number())
        || fits.stream().anyMatch(part -> part.goesBy(number))
        || (need.ask() != null && kind == need.kind());
  }

  private List<TakenRow> taken(UUID call) {
    List<TakenRow> rows = new ArrayList<>();
    for (Map.Entry<UUID, Integer> one : stock.taken(call).entrySet()) {
      Part part = stock.part(one.getKey());
      rows.add(new TakenRow(one.getKey(), part.kind(), part.number(), part.name(), one.getValue()));
    }
    rows.sort(Comparator.comparing(TakenRow::number));
    return rows;
  }

  /** What the way that was chosen asks for. */
  private List<Need> needs(Job job, UUID call) {
    Route route = job.chosen();
    if (route == null) {
      return List.of();
    }
    List<JobLog.Decided> decided = job.log().decisions();
    String candidate = decided.get(decided.size() - 1).candidate();
    List<Part> found = sourcing.of(call, route);
    if (PLANNED.contains(route)) {
      PlanRequest plan = plan(job);
      String motor = candidate != null ? candidate : numberOf(PartKind.MOTOR, found);
      return PlanNeeds.of(plan, Planner.of(plan), motor);
    }
    List<Need> needs = new ArrayList<>();
    for (PartKind kind : Sourced.kinds(route)) {
      String number =
          kind == PartKind.MOTOR && candidate != null ? candidate : numberOf(kind, found);
      String words = kind == PartKind.OTHER ? route.title() : kind.title();
      needs.add(
          number != null
              ? Need.numbered(kind, number, 1, words)
              : new Need(
                  kind,
                  1,
                  words,
                  null,
                  Map.of(),
                  "Which one is not said yet: find it by its number, at the prices above."));
    }
    return needs;
  }

  private static @Nullable String numberOf(PartKind kind, List<Part> found) {
    return found.stream()
        .filter(one -> one.kind() == kind)
        .map(Part::number)
        .findFirst()
        .orElse(null);
  }

  /** The plan that is being wired, or as it would be. */
  private static PlanRequest plan(Job job) {
    JobLog.Wired wired = job.wired();
    PlanRequest made = wired == null ? null : wired.made().plan();
    return made != null ? made : job.planDraft().plan();
  }

  private LocalDate today() {
    return LocalDate.now(clock.withZone(ZoneId.of(settings.current().timeZone())));
  }

  private List<OrderRow> rows(List<PurchaseStore.Ordered> orders) {
    LocalDate today = today();
    return orders.stream()
        .map(
            one ->
                new OrderRow(
                    one,
                    one.state() == PurchaseStore.State.ORDERED
                        && one.due() != null
                        && one.due().isBefore(today)))
        .toList();
  }

  /** Orders of all calls, the newest first. */
  @Transactional(readOnly = true)
  List<OrderRow> orders() {
    return rows(purchases.newest(MOST_ROWS));
  }

  /**
   * Keeps that parts were ordered for a call.
   *
   * @throws Refused where a field makes no sense
   */
  @Transactional
  public void order(UUID call, UUID id, Wanted wanted, Stamp stamp) {
    calls.lock(call);
    calls.requireReal(call);
    Faults faults = new Faults().required("kind", wanted.kind(), "a kind of part");
    String number = wanted.number();
    if (number == null
        || number.length() > PartReader.LONGEST_NUMBER
        || PartNumber.key(number).isEmpty()) {
      faults.add("number", "required is the number of a part");
    }
    if (wanted.name() == null
        || wanted.name().length() > LONGEST_NAME
        || wanted.name().chars().anyMatch(Character::isISOControl)) {
      faults.add("name", "required is its name, at most " + LONGEST_NAME + " characters");
    }
    if (wanted.count() < 1 || wanted.count() > MOST_COUNT) {
      faults.add(
          "count",
          "found " + wanted.count() + "; allowed is a whole number from 1 to " + MOST_COUNT);
    }
    faults.upTo("price", wanted.price(), MOST_MONEY);
    due(faults, wanted.due());
    faults.refuse();
    if (purchases.add(id, call, wanted, settings.current().currency(), stamp)) {
      calls.after(true, call, stamp);
    }
  }

  private void due(Faults faults, @Nullable LocalDate due) {
    LocalDate today = today();
    if (due != null
        && (due.isBefore(today.minusDays(BACK_DAYS)) || due.isAfter(today.plusDays(AHEAD_DAYS)))) {
      faults.add(
          "due",
          "found "
              + due
              + "; allowed is a day from "
              + today.minusDays(BACK_DAYS)
              + " to "
              + today.plusDays(AHEAD_DAYS));
    }
  }

  /**
   * Keeps what became of an order.
   *
   * @throws Refused where it has arrived or was cancelled before
   */
  @Transactional
  public void tell(
      UUID purchase, UUID id, PurchaseStore.What what, @Nullable LocalDate due, Stamp stamp) {
    Faults faults = new Faults().required("what", what, "DUE, ARRIVED or CANCELLED");
    if (what == PurchaseStore.What.DUE) {
      faults.required("due", due, "the day on which it is to come");
      due(faults, due);
    }
    faults.refuse();
    purchases.lock(purchase);
    Save event = purchases.event(id, purchase, what, what == PurchaseStore.What.DUE ? due : null);
    if (purchases.holds(event)) {
      return;
    }
    PurchaseStore.Ordered order =
        purchases.one(purchase).stream().findFirst().orElseThrow(() -> Refused.missing("order"));
    if (order.state() != PurchaseStore.State.ORDERED) {
      throw Refused.conflict(
          order.state() == PurchaseStore.State.ARRIVED
              ? "It has arrived already."
              : "It was cancelled already.");
    }
    purchases.add(event, stamp);
    calls.lock(order.call());
    calls.after(true, order.call(), stamp);
  }

  /** The call that an order was made for. */
  @Transactional(readOnly = true)
  UUID callOf(UUID purchase) {
    return purchases.one(purchase).stream()
        .map(PurchaseStore.Ordered::call)
        .findFirst()
        .orElseThrow(() -> Refused.missing("order"));
  }

  /** What is out and what came back, of all calls. */
  @Transactional(readOnly = true)
  List<LoanRow> loans() {
    return lent(loans.newest(MOST_ROWS));
  }

  private List<LoanRow> lent(List<LoanStore.Lent> lent) {
    LocalDate today = today();
    Map<UUID, List<PurchaseStore.Ordered>> orders =
        lent.stream()
            .filter(one -> one.back() == null)
            .map(LoanStore.Lent::call)
            .distinct()
            .collect(Collectors.toMap(one -> one, purchases::of));
    return lent.stream()
        .map(one -> row(one, orders.getOrDefault(one.call(), List.of()), today))
        .toList();
  }

  /** Due when the last of what is ordered is due; and at once when all of it is there. */
  private LoanRow row(LoanStore.Lent lent, List<PurchaseStore.Ordered> orders, LocalDate today) {
    Part part = stock.part(lent.part());
    List<PurchaseStore.Ordered> open =
        orders.stream().filter(one -> one.state() == PurchaseStore.State.ORDERED).toList();
    boolean arrived =
        open.isEmpty()
            && orders.stream().anyMatch(one -> one.state() == PurchaseStore.State.ARRIVED);
    LocalDate ordered =
        open.stream()
            .map(PurchaseStore.Ordered::due)
            .filter(Objects::nonNull)
            .max(Comparator.naturalOrder())
            .orElse(null);
    LocalDate due = arrived ? today : ordered != null ? ordered : lent.due();
    String why =
        arrived
            ? "What was ordered is there: fetch it."
            : ordered != null
                ? "Due with what is ordered."
                : lent.due() != null ? "Due as it was agreed." : "No day is known.";
    boolean late = lent.back() == null && due != null && (arrived || due.isBefore(today));
    return new LoanRow(lent, part.number(), part.name(), due, why, late);
  }

  /**
   * Keeps that a motor was lent for a call: it leaves its place.
   *
   * @param at where it lay, a van or a shelf
   * @throws Refused where none lies there, or it is no motor
   */
  @Transactional
  public void lend(
      UUID call, UUID id, UUID part, Place at, String where, @Nullable LocalDate due, Stamp stamp) {
    calls.lock(call);
    calls.requireReal(call);
    Faults faults = new Faults().required("part", part, "the part that is lent");
    due(faults, due);
    faults.refuse();
    if (stock.part(part).kind() != PartKind.MOTOR) {
      throw Refused.field("part", "allowed is a motor: only motors are lent");
    }
    stock.move(part, derived(id), Move.of(Move.Reason.LENT, at, where, 1, call), stamp);
    calls.after(loans.add(loans.loan(id, call, part, due), stamp), call, stamp);
  }

  /**
   * Keeps that it came back, and where it lies now.
   *
   * @throws Refused where it is back already
   */
  @Transactional
  public void back(UUID loan, UUID id, Place at, String where, Stamp stamp) {
    loans.lock(loan);
    Save back = loans.back(id, loan);
    if (loans.holds(back)) {
      return;
    }
    LoanStore.Lent lent =
        loans.one(loan).stream().findFirst().orElseThrow(() -> Refused.missing("loan"));
    if (lent.back() != null) {
      throw Refused.conflict("It came back already.");
    }
    // The call before the part, as when it went out: two who wait for each other would wait
    // forever.
    calls.lock(lent.call());
    stock.move(
        lent.part(), derived(id), Move.of(Move.Reason.RETURNED, at, where, 1, lent.call()), stamp);
    loans.add(back, stamp);
    calls.after(true, lent.call(), stamp);
  }

  private static UUID derived(UUID id) {
    return UUID.nameUUIDFromBytes((id + " count").getBytes(StandardCharsets.UTF_8));
  }
}
