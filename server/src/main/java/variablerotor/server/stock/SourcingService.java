package variablerotor.server.stock;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.casefile.PartReader;
import variablerotor.core.casefile.PlanReader;
import variablerotor.core.choice.ShopMotor;
import variablerotor.core.choice.Sourced;
import variablerotor.core.job.Job;
import variablerotor.core.route.Route;
import variablerotor.core.stock.InStock;
import variablerotor.core.stock.Part;
import variablerotor.core.stock.PartKind;
import variablerotor.core.stock.PartNumber;
import variablerotor.core.stock.PickList;
import variablerotor.core.stock.PlanNeeds;
import variablerotor.core.wiring.PlanRequest;
import variablerotor.core.wiring.Planner;
import variablerotor.server.call.CallService;
import variablerotor.server.log.Stamp;
import variablerotor.server.supply.SupplyService;
import variablerotor.server.web.Faults;
import variablerotor.server.web.Refused;

/** Which part a way of a call takes, and where what a job asks for comes from. */
@Service
public class SourcingService {
  private final WayPartStore found;
  private final StockService stock;
  private final SupplyService supply;
  private final CallService calls;

  SourcingService(WayPartStore found, StockService stock, SupplyService supply, CallService calls) {
    this.found = found;
    this.stock = stock;
    this.supply = supply;
    this.calls = calls;
  }

  /**
   * Keeps which part was found for a way; its price and days follow from stock and supply house.
   *
   * @param number null to take it back
   * @throws Refused where nobody knows the number
   */
  @Transactional
  public Job find(
      UUID call, UUID id, Route route, PartKind kind, @Nullable String number, Stamp stamp) {
    Faults faults = new Faults();
    if (number != null
        && (number.length() > PartReader.LONGEST_NUMBER || PartNumber.key(number).isEmpty())) {
      faults.add("number", "allowed is the number of a part");
    }
    faults.refuse();
    if (number != null && !isKnown(number)) {
      throw Refused.field(
          "number",
          "found \"" + number + "\"; allowed is a part in stock or one the supply house told of");
    }
    calls.lock(call);
    return calls.after(found.add(id, call, route, kind, number, stamp), call, stamp);
  }

  private boolean isKnown(String number) {
    return stock.stock().stream().anyMatch(one -> one.part().goesBy(number))
        || supply.kept().stream().anyMatch(one -> one.part().goesBy(number));
  }

  /** Motors of the shop's list as they lie now, and at what they cost now. */
  @Transactional(readOnly = true)
  public List<ShopMotor> motors(List<ShopMotor> listed) {
    List<Sourced> sourced = found.motors();
    return listed.stream().map(one -> one.by(sourced)).toList();
  }

  /** The number and kind of the part that was found for a way: none or one. */
  public List<Part> of(UUID call, Route route) {
    return found.found(call).stream()
        .filter(one -> one.route() == route)
        .map(one -> new Part(one.number(), one.kind(), "", null, null, null, null, Map.of()))
        .toList();
  }

  /**
   * Asks the supply house anew for what a call's ways may take: the parts that were found, and the
   * shop's motors. Not within a transaction: it may be slow.
   */
  public SupplyService.Heard ask(UUID call) {
    calls.require(call);
    List<InStock> all = stock.stock();
    List<String> numbers = new ArrayList<>();
    found.found(call).forEach(one -> numbers.add(supplierNumber(one.number(), all)));
    all.stream()
        .map(InStock::part)
        .filter(one -> one.kind() == PartKind.MOTOR)
        .map(Part::supplierNumber)
        .filter(Objects::nonNull)
        .forEach(numbers::add);
    return supply.ask(numbers);
  }

  private static String supplierNumber(String number, List<InStock> all) {
    return all.stream()
        .map(InStock::part)
        .filter(one -> one.goesBy(number) && one.supplierNumber() != null)
        .map(Part::supplierNumber)
        .findFirst()
        .orElse(number);
  }

  /**
   * Where the parts of a conversion's plan come from.
   *
   * @param plan in the open format
   * @param motor the number of the motor that goes in; null where it is not chosen
   * @param van the one at the job; null where none is named
   * @throws Refused where it is no plan
   */
  @Transactional(readOnly = true)
  public List<PickList.PickLine> cover(Object plan, @Nullable String motor, @Nullable String van) {
    try {
      PlanRequest request = PlanReader.read(plan);
      return PickList.of(
          PlanNeeds.of(request, Planner.of(request), motor), stock.stock(), supply.kept(), van);
    } catch (InputFaults faults) {
      throw Refused.fields(faults.faults());
    }
  }
}
