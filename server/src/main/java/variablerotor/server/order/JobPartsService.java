package variablerotor.server.order;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
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
    List<Loans.LoanRow> lent = loans.of(call);
    List<InStock> known = new ArrayList<>(all);
    quotes.forEach(one -> known.add(new InStock(one.part(), List.of())));
    List<Lot> here = new ArrayList<>();
    taken.forEach(one -> here.add(new Lot(one.kind(), one.number(), one.count())));
    if (job.chosen() == Route.LOANER) {
      lent.stream()
          .filter(one -> one.loan().back() == null)
          .forEach(one -> here.add(new Lot(PartKind.MOTOR, one.number(), 1)));
    }
    List<Lot> coming = lots(orders, PurchaseStore.State.ORDERED);
    List<Lot> came = lots(orders, PurchaseStore.State.ARRIVED);
    List<NeedRow> rows = new ArrayList<>();
    List<Need> left = new ArrayList<>();
    for (Need need : needs(job, call)) {
      List<Part> fits = need.of(known, quotes).stream().map(InStock::part).toList();
      int has = use(here, need, fits, need.count());
      int arrived = use(came, need, fits, need.count() - has);
      int ordered = use(coming, need, fits, need.count() - has - arrived);
      rows.add(new NeedRow(need, has, ordered, arrived, null));
      left.add(need.of(need.count() - has - arrived - ordered));
    }
    return new JobParts(
        job.chosen(),
        withLines(rows, left, PickList.of(missing(left), all, quotes, van)),
        taken,
        orders,
        lent,
        job.options().ranking().loan());
  }

  private static List<Need> missing(List<Need> left) {
    return left.stream().filter(one -> one.count() > 0).toList();
  }

  /** Each row with the line of what it still misses. */
  private static List<NeedRow> withLines(
      List<NeedRow> rows, List<Need> left, List<PickList.PickLine> lines) {
    List<NeedRow> whole = new ArrayList<>();
    Iterator<PickList.PickLine> next = lines.iterator();
    for (int i = 0; i < rows.size(); i++) {
      NeedRow one = rows.get(i);
      whole.add(
          left.get(i).count() == 0
              ? one
              : new NeedRow(one.need(), one.taken(), one.ordered(), one.arrived(), next.next()));
    }
    return whole;
  }

  /** So many of a part that are there or coming; what one need uses is gone for the next. */
  private static final class Lot {
    private final PartKind kind;
    private final String number;
    private int left;

    Lot(PartKind kind, String number, int count) {
      this.kind = kind;
      this.number = number;
      left = count;
    }
  }

  private static List<Lot> lots(List<Purchases.OrderRow> orders, PurchaseStore.State state) {
    return orders.stream()
        .map(Purchases.OrderRow::order)
        .filter(one -> one.state() == state)
        .map(one -> new Lot(one.kind(), one.number(), one.count()))
        .toList();
  }

  private static int use(List<Lot> lots, Need need, List<Part> fits, int most) {
    int used = 0;
    for (Lot lot : lots) {
      if (used < most && meets(need, fits, lot.kind, lot.number)) {
        int some = Math.min(most - used, lot.left);
        lot.left -= some;
        used += some;
      }
    }
    return used;
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
    if (route.isWired()) {
      PlanRequest plan = job.planOf(route);
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
}
