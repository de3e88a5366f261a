package variablerotor.server.order;

import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.stock.Place;
import variablerotor.server.log.Stamps;
import variablerotor.server.web.Faults;

/** What jobs take, over HTTP. */
@RestController
class OrderApi {
  private final JobPartsService parts;
  private final Purchases orders;
  private final Loans loans;
  private final Stamps stamps;

  OrderApi(JobPartsService parts, Purchases orders, Loans loans, Stamps stamps) {
    this.parts = parts;
    this.orders = orders;
    this.loans = loans;
    this.stamps = stamps;
  }

  /** What the way that was chosen takes, and where it comes from; the van at the job first. */
  @GetMapping("/api/calls/{call}/parts")
  JobPartsService.JobParts parts(
      @PathVariable UUID call, @RequestParam(required = false) String van) {
    return parts.of(call, van);
  }

  @PutMapping("/api/calls/{call}/orders/{id}")
  JobPartsService.JobParts order(
      @PathVariable UUID call, @PathVariable UUID id, @RequestBody Purchases.Wanted body) {
    orders.order(call, id, body, stamps.now());
    return parts.of(call, null);
  }

  /** Orders of all calls, the newest first. */
  @GetMapping("/api/orders")
  List<Purchases.OrderRow> orders() {
    return orders.orders();
  }

  /**
   * @param due only with DUE
   */
  record NewsRequest(
      @NotNull(message = "found nothing; required is DUE, ARRIVED or CANCELLED")
          PurchaseStore.What what,
      @Nullable LocalDate due) {}

  /** What became of an order: due another day, arrived, or cancelled. */
  @PutMapping("/api/orders/{order}/news/{id}")
  JobPartsService.JobParts tell(
      @PathVariable UUID order, @PathVariable UUID id, @RequestBody NewsRequest body) {
    Faults.of(body).refuse();
    orders.tell(order, id, body.what(), body.due(), stamps.now());
    return parts.of(orders.callOf(order), null);
  }

  /**
   * @param at where it lay, a van or a shelf
   * @param due null where it is due with what is ordered
   */
  record LoanRequest(
      @NotNull(message = "found nothing; required is the part that is lent") UUID part,
      Place at,
      String where,
      @Nullable LocalDate due) {}

  @PutMapping("/api/calls/{call}/loans/{id}")
  JobPartsService.JobParts lend(
      @PathVariable UUID call, @PathVariable UUID id, @RequestBody LoanRequest body) {
    Faults.of(body).refuse();
    loans.lend(call, id, body.part(), body.at(), body.where(), body.due(), stamps.now());
    return parts.of(call, null);
  }

  /** What is out, then what came back, of all calls. */
  @GetMapping("/api/loans")
  List<Loans.LoanRow> loans() {
    return loans.loans();
  }

  /**
   * @param at where it lies now, a van or a shelf
   */
  record BackRequest(Place at, String where) {}

  @PutMapping("/api/loans/{loan}/returns/{id}")
  List<Loans.LoanRow> back(
      @PathVariable UUID loan, @PathVariable UUID id, @RequestBody BackRequest body) {
    loans.back(loan, id, body.at(), body.where(), stamps.now());
    return loans.loans();
  }
}
