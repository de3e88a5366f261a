package variablerotor.server.shop;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.casefile.InputFault;
import variablerotor.server.account.Current;
import variablerotor.server.web.Refused;

/** The shop's figures: everybody reads them, a lead sets them. */
@RestController
@RequestMapping("/api/shop/settings")
class ShopApi {
  private final SettingsStore store;
  private final Clock clock;

  ShopApi(SettingsStore store, Clock clock) {
    this.store = store;
    this.clock = clock;
  }

  record SettingsRequest(Double labourPerHour, Double balanceLimitPercent, String currency) {}

  @GetMapping
  Settings settings() {
    return store.current();
  }

  @PutMapping("/{id}")
  Settings set(@PathVariable UUID id, @RequestBody SettingsRequest body) {
    List<InputFault> faults = new ArrayList<>();
    within(faults, "labourPerHour", body.labourPerHour(), 0, 10_000);
    within(faults, "balanceLimitPercent", body.balanceLimitPercent(), 0.5, 50);
    if (body.currency() == null || !isCurrency(body.currency())) {
      faults.add(new InputFault("currency", "allowed is a code such as USD or EUR"));
    }
    if (!faults.isEmpty()) {
      throw Refused.fields(faults);
    }
    Settings settings =
        new Settings(body.labourPerHour(), body.balanceLimitPercent(), body.currency());
    store.add(id, settings, Current.account().id(), OffsetDateTime.now(clock));
    return store.current();
  }

  private static void within(
      List<InputFault> faults, String field, Double value, double least, double most) {
    if (value == null || !(value >= least && value <= most)) {
      faults.add(new InputFault(field, "allowed is a number from " + least + " to " + most));
    }
  }

  private static boolean isCurrency(String code) {
    return Currency.getAvailableCurrencies().stream()
        .anyMatch(currency -> currency.getCurrencyCode().equals(code));
  }
}
