package variablerotor.server.order;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.stock.Lending;
import variablerotor.core.stock.Part;
import variablerotor.core.stock.PartKind;
import variablerotor.core.stock.Place;
import variablerotor.server.call.CallService;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;
import variablerotor.server.stock.Move;
import variablerotor.server.stock.StockService;
import variablerotor.server.web.Faults;
import variablerotor.server.web.MayLag;
import variablerotor.server.web.Refused;

/** Motors that are lent until an ordered part comes. */
@Service
public class Loans {
  private static final int MOST_ROWS = 300;

  private final LoanStore store;
  private final PurchaseStore purchases;
  private final StockService stock;
  private final CallService calls;
  private final ShopDays days;

  Loans(
      LoanStore store,
      PurchaseStore purchases,
      StockService stock,
      CallService calls,
      ShopDays days) {
    this.store = store;
    this.purchases = purchases;
    this.stock = stock;
    this.calls = calls;
    this.days = days;
  }

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

  /** For one call. */
  List<LoanRow> of(UUID call) {
    return lent(store.of(call));
  }

  /** What is out and what came back, of all calls. */
  @MayLag
  List<LoanRow> loans() {
    return lent(store.newest(MOST_ROWS));
  }

  private List<LoanRow> lent(List<LoanStore.Lent> lent) {
    LocalDate today = days.today();
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

  private LoanRow row(LoanStore.Lent lent, List<PurchaseStore.Ordered> orders, LocalDate today) {
    Part part = stock.part(lent.part());
    List<Lending.Awaited> awaited =
        orders.stream()
            .filter(one -> one.state() != PurchaseStore.State.CANCELLED)
            .map(one -> new Lending.Awaited(one.state() == PurchaseStore.State.ARRIVED, one.due()))
            .toList();
    Lending lending = Lending.of(awaited, lent.due(), lent.back() != null, today);
    return new LoanRow(
        lent, part.number(), part.name(), lending.due(), lending.why(), lending.late());
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
    Faults faults = new Faults();
    days.due(faults, due);
    faults.refuse();
    if (stock.part(part).kind() != PartKind.MOTOR) {
      throw Refused.field("part", "allowed is a motor: only motors are lent");
    }
    stock.move(part, derived(id), Move.of(Move.Reason.LENT, at, where, 1, call), stamp);
    calls.after(store.add(store.loan(id, call, part, due), stamp), call, stamp);
  }

  /**
   * Keeps that it came back, and where it lies now.
   *
   * @throws Refused where it is back already
   */
  @Transactional
  public void back(UUID loan, UUID id, Place at, String where, Stamp stamp) {
    store.lock(loan);
    Save back = store.back(id, loan);
    if (store.holds(back)) {
      return;
    }
    LoanStore.Lent lent =
        store.one(loan).stream().findFirst().orElseThrow(() -> Refused.missing("loan"));
    if (lent.back() != null) {
      throw Refused.conflict("It came back already.");
    }
    // The call before the part, as when it went out: two who wait for each other would wait
    // forever.
    calls.lock(lent.call());
    stock.move(
        lent.part(), derived(id), Move.of(Move.Reason.RETURNED, at, where, 1, lent.call()), stamp);
    store.add(back, stamp);
    calls.after(true, lent.call(), stamp);
  }

  private static UUID derived(UUID id) {
    return UUID.nameUUIDFromBytes((id + " count").getBytes(StandardCharsets.UTF_8));
  }
}
