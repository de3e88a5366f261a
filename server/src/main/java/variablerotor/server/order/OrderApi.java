package variablerotor.server.order;

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

/** What jobs take, over HTTP. */
@RestController
class OrderApi {
  private final OrderService orders;
  private final Stamps stamps;

  OrderApi(OrderService orders, Stamps stamps) {
    this.orders = orders;
    this.stamps = stamps;
  }

  /** What the way that was chosen takes, and where it comes from; the van at the job first. */
  @GetMapping("/api/calls/{call}/parts")
  OrderService.JobParts parts(@PathVariable UUID call, @RequestParam(required = false) String van) {
    return orders.of(call, van);
  }

  @PutMapping("/api/calls/{call}/orders/{id}")
  OrderService.JobParts order(
      @PathVariable UUID call, @PathVariable UUID id, @RequestBody OrderService.Wanted body) {
    orders.order(call, id, body, stamps.now());
    return orders.of(call, null);
  }

  /** Orders of all calls, the newest first. */
  @GetMapping("/api/orders")
  List<OrderService.OrderRow> orders() {
    return orders.orders();
  }

  /**
   * @param due only with DUE
   */
  record NewsRequest(PurchaseStore.What what, @Nullable LocalDate due) {}

  /** What became of an order: due another day, arrived, or cancelled. */
  @PutMapping("/api/orders/{order}/news/{id}")
  OrderService.JobParts tell(
      @PathVariable UUID order, @PathVariable UUID id, @RequestBody NewsRequest body) {
    orders.tell(order, id, body.what(), body.due(), stamps.now());
    return orders.of(orders.callOf(order), null);
  }

  /**
   * @param at where it lay, a van or a shelf
   * @param due null where it is due with what is ordered
   */
  record LoanRequest(UUID part, Place at, String where, @Nullable LocalDate due) {}

  @PutMapping("/api/calls/{call}/loans/{id}")
  OrderService.JobParts lend(
      @PathVariable UUID call, @PathVariable UUID id, @RequestBody LoanRequest body) {
    orders.lend(call, id, body.part(), body.at(), body.where(), body.due(), stamps.now());
    return orders.of(call, null);
  }

  /** What is out, then what came back, of all calls. */
  @GetMapping("/api/loans")
  List<OrderService.LoanRow> loans() {
    return orders.loans();
  }

  /**
   * @param at where it lies now, a van or a shelf
   */
  record BackRequest(Place at, String where) {}

  @PutMapping("/api/loans/{loan}/returns/{id}")
  List<OrderService.LoanRow> back(
      @PathVariable UUID loan, @PathVariable UUID id, @RequestBody BackRequest body) {
    orders.back(loan, id, body.at(), body.where(), stamps.now());
    return orders.loans();
  }
}
