package variablerotor.server.order;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.job.Job;
import variablerotor.core.job.JobNeeds;
import variablerotor.core.route.Route;
import variablerotor.core.stock.Lending;
import variablerotor.core.stock.NeedRow;
import variablerotor.core.stock.Part;
import variablerotor.core.stock.PartKind;
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
   * @param mayLend whether one may go out now
   */
  record JobParts(
      @Nullable Route route,
      List<NeedRow> needs,
      List<TakenRow> taken,
      List<Purchases.OrderRow> orders,
      List<Loans.LoanRow> loans,
      @Nullable String loaner,
      boolean mayLend) {}

  /**
   * @param van the one at the job; null where none is named
   */
  @Transactional(readOnly = true)
  JobParts of(UUID call, @Nullable String van) {
    Job job = calls.job(call);
    List<TakenRow> taken = taken(call);
    List<Purchases.OrderRow> orders = purchases.of(call);
    List<Loans.LoanRow> lent = loans.of(call);
    boolean out = lent.stream().anyMatch(one -> one.loan().back() == null);
    List<NeedRow.Lot> here = new ArrayList<>();
    taken.forEach(one -> here.add(new NeedRow.Lot(one.kind(), one.number(), one.count())));
    if (job.chosen() == Route.LOANER) {
      lent.stream()
          .filter(one -> one.loan().back() == null)
          .forEach(one -> here.add(new NeedRow.Lot(PartKind.MOTOR, one.number(), 1)));
    }
    List<NeedRow.Lot> coming = lots(orders, PurchaseStore.State.ORDERED);
    String loaner = job.options().ranking().loan();
    return new JobParts(
        job.chosen(),
        NeedRow.of(
            JobNeeds.of(job, found(job, call)),
            here,
            lots(orders, PurchaseStore.State.ARRIVED),
            coming,
            stock.stock(),
            supply.kept(),
            van),
        taken,
        orders,
        lent,
        loaner,
        Lending.may(
            out,
            !coming.isEmpty(),
            job.log().particulars().unit().otherHeatOrCooling(),
            loaner != null));
  }

  private List<Part> found(Job job, UUID call) {
    Route chosen = job.chosen();
    return chosen == null ? List.of() : sourcing.of(call, chosen);
  }

  private static List<NeedRow.Lot> lots(
      List<Purchases.OrderRow> orders, PurchaseStore.State state) {
    return orders.stream()
        .map(Purchases.OrderRow::order)
        .filter(one -> one.state() == state)
        .map(one -> new NeedRow.Lot(one.kind(), one.number(), one.count()))
        .toList();
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
}
