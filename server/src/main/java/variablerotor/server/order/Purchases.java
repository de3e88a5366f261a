package variablerotor.server.order;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.casefile.PartReader;
import variablerotor.core.stock.PartKind;
import variablerotor.core.stock.PartNumber;
import variablerotor.server.call.CallService;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;
import variablerotor.server.shop.SettingsStore;
import variablerotor.server.web.Faults;
import variablerotor.server.web.MayLag;
import variablerotor.server.web.Refused;
import variablerotor.server.web.Within;

/** Parts that are ordered for calls, and what becomes of each order. */
@Service
public class Purchases {
  private static final int MOST_ROWS = 300;
  private static final int MOST_COUNT = 1000;
  private static final double MOST_MONEY = 1e6;
  private static final int LONGEST_NAME = 120;
  private static final String NAMED =
      "required is its name, at most " + LONGEST_NAME + " characters";

  private final PurchaseStore store;
  private final CallService calls;
  private final SettingsStore settings;
  private final ShopDays days;

  Purchases(PurchaseStore store, CallService calls, SettingsStore settings, ShopDays days) {
    this.store = store;
    this.calls = calls;
    this.settings = settings;
    this.days = days;
  }

  /**
   * What is to be ordered.
   *
   * @param price of one [the shop's currency]; null where it is not known
   * @param due null where no day was said
   */
  public record Wanted(
      @NotNull(message = "found nothing; required is a kind of part") PartKind kind,
      String number,
      @NotNull(message = NAMED)
          @Size(max = LONGEST_NAME, message = NAMED)
          @Pattern(regexp = "\\P{Cntrl}*", message = NAMED)
          String name,
      @Within(least = 1, most = MOST_COUNT) int count,
      @Within(most = MOST_MONEY) @Nullable Double price,
      @Nullable LocalDate due) {}

  /**
   * An order as it stands.
   *
   * @param late whether it should be there by now
   */
  record OrderRow(PurchaseStore.Ordered order, boolean late) {}

  /** Of one call, the newest first. */
  List<OrderRow> of(UUID call) {
    return rows(store.of(call));
  }

  private List<OrderRow> rows(List<PurchaseStore.Ordered> orders) {
    LocalDate today = days.today();
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
  @MayLag
  List<OrderRow> orders() {
    return rows(store.newest(MOST_ROWS));
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
    Faults faults = Faults.of(wanted);
    String number = wanted.number();
    if (number == null
        || number.length() > PartReader.LONGEST_NUMBER
        || PartNumber.key(number).isEmpty()) {
      faults.add("number", "required is the number of a part");
    }
    days.due(faults, wanted.due());
    faults.refuse();
    if (store.add(id, call, wanted, settings.current().currency(), stamp)) {
      calls.after(true, call, stamp);
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
    Faults faults = new Faults();
    if (what == PurchaseStore.What.DUE) {
      faults.required("due", due, "the day on which it is to come");
      days.due(faults, due);
    }
    faults.refuse();
    store.lock(purchase);
    Save event = store.event(id, purchase, what, what == PurchaseStore.What.DUE ? due : null);
    if (store.holds(event)) {
      return;
    }
    PurchaseStore.Ordered order =
        store.one(purchase).stream().findFirst().orElseThrow(() -> Refused.missing("order"));
    if (order.state() != PurchaseStore.State.ORDERED) {
      throw Refused.conflict(
          order.state() == PurchaseStore.State.ARRIVED
              ? "It has arrived already."
              : "It was cancelled already.");
    }
    store.add(event, stamp);
    calls.lock(order.call());
    calls.after(true, order.call(), stamp);
  }

  /** The call that an order was made for. */
  @Transactional(readOnly = true)
  UUID callOf(UUID purchase) {
    return store.one(purchase).stream()
        .map(PurchaseStore.Ordered::call)
        .findFirst()
        .orElseThrow(() -> Refused.missing("order"));
  }
}
