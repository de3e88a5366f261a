package variablerotor.server.order;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
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
import variablerotor.core.stock.PlanNeeds;
import variablerotor.core.stock.Quote;
import variablerotor.core.wiring.PlanRequest;
import variablerotor.core.wiring.Planner;
import variablerotor.server.call.CallService;
import variablerotor.server.stock.SourcingService;
import variablerotor.server.stock.StockService;
import variablerotor.server.supply.SupplyService;

/** What a job takes: what the way that was chosen asks for, less what was taken and ordered. */
@Service
class JobPartsService {
  /** Ways whose parts are those of a conversion's plan. */
  private static final Set<Route> PLANNED =
      Set.of(Route.FIXED_SPEED, Route.LOANER, Route.DRIVE_BYPASS);

  private final Purchases purchases;
  private final Loans loans;
  private final StockService stock;
  private final SourcingService sourcing;
  private final SupplyService supply;
  private final CallService calls;

  JobPartsService(
      Purchases purchases,
      Loans loans,
      StockService stock,
      SourcingService sourcing,
      SupplyService supply,
      CallService calls) {
    this.purchases = purchases;
    this.loans = loans;
    this.stock = stock;
    this.sourcing = sourcing;
    this.supply = supply;
    this.calls = calls;
  }

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
      List<Purchases.OrderRow> orders,
      List<Loans.LoanRow> loans,
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
    List<Purchases.OrderRow> orders = purchases.of(call);
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
        job.chosen(), rows, taken, orders, loans.of(call), job.options().ranking().loan());
  }

  private static int count(
      List<Purchases.OrderRow> orders, Need need, List<Part> fits, PurchaseStore.State state) {
    return orders.stream()
        .map(Purchases.OrderRow::order)
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
}
