package variablerotor.server.shop;

import jakarta.validation.constraints.NotNull;
import java.time.ZoneId;
import java.util.Currency;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.job.Settings;
import variablerotor.core.route.Habit;
import variablerotor.core.route.Schools;
import variablerotor.server.log.Editions;
import variablerotor.server.log.Stamps;
import variablerotor.server.web.Faults;
import variablerotor.server.web.Only;
import variablerotor.server.web.Right;
import variablerotor.server.web.Within;

/** The shop's figures: everybody reads them, a lead sets them. */
@RestController
@RequestMapping("/api/shop/settings")
class ShopApi {
  private final SettingsStore store;
  private final Stamps stamps;

  ShopApi(SettingsStore store, Stamps stamps) {
    this.store = store;
    this.stamps = stamps;
  }

  /**
   * @param timeZone null to leave it as it is
   * @param taxPercent null where none is reckoned; so are the other figures
   * @param habits null or empty for the usual ones
   * @param name null to leave it as it is, empty for none; so is the telephone
   */
  record SettingsRequest(
      @NotNull(message = "found nothing; required is a number from 0 to 10000")
          @Within(most = 10_000)
          Double labourPerHour,
      @NotNull(message = "found nothing; required is a number from 0.5 to 50")
          @Within(least = 0.5, most = 50)
          Double balanceLimitPercent,
      String currency,
      @Nullable String timeZone,
      @Within(most = 100) @Nullable Double taxPercent,
      @Nullable Boolean taxOnLabour,
      @Within(most = 1000) @Nullable Double energyPerKwh,
      @Within(most = 8784) @Nullable Double fanHoursPerYear,
      @Within(least = 1, most = 60) @Nullable Double lifeYears,
      @Within(most = 60) @Nullable Double moduleAloneYears,
      @Nullable List<Habit> habits,
      @Nullable String name,
      @Nullable String phone) {}

  /**
   * The figures, and the edition that a change of them names.
   *
   * @param edition null until the shop sets its own
   */
  record SettingsInForce(@Nullable UUID edition, Settings settings) {}

  @GetMapping
  SettingsInForce settings() {
    UUID edition = store.edition().map(Editions.InForce::id).orElse(null);
    return new SettingsInForce(edition, store.current());
  }

  @Only(Right.LEAD)
  @PutMapping("/{id}")
  SettingsInForce set(
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable UUID base,
      @RequestBody SettingsRequest body) {
    Faults faults = Faults.of(body);
    if (body.currency() == null || !isCurrency(body.currency())) {
      faults.add("currency", "allowed is a code such as USD or EUR");
    }
    String zone = body.timeZone() == null ? store.current().timeZone() : body.timeZone();
    if (!ZoneId.getAvailableZoneIds().contains(zone)) {
      faults.add("timeZone", "allowed is a zone such as America/Denver or Europe/Lisbon");
    }
    Settings before = store.current();
    double life = body.lifeYears() == null ? before.lifeYears() : body.lifeYears();
    double alone =
        body.moduleAloneYears() == null ? before.moduleAloneYears() : body.moduleAloneYears();
    String name = body.name() == null ? before.name() : line(faults, "name", body.name(), 80);
    String phone = body.phone() == null ? before.phone() : line(faults, "phone", body.phone(), 40);
    faults.refuse();
    store.put(
        id,
        base,
        before
            .but()
            .labourPerHour(body.labourPerHour())
            .balanceLimitPercent(body.balanceLimitPercent())
            .currency(body.currency())
            .timeZone(zone)
            .taxPercent(body.taxPercent())
            .taxOnLabour(Boolean.TRUE.equals(body.taxOnLabour()))
            .energyPerKwh(body.energyPerKwh())
            .fanHoursPerYear(body.fanHoursPerYear())
            .lifeYears(life)
            .moduleAloneYears(alone)
            .habits(body.habits() == null ? before.habits() : Schools.of(body.habits()).all())
            .name(name)
            .phone(phone)
            .build(),
        stamps.now());
    return settings();
  }

  private static @Nullable String line(Faults faults, String field, String given, int longest) {
    String line = given.strip();
    if (line.length() > longest || line.chars().anyMatch(Character::isISOControl)) {
      faults.add(field, "allowed is one line of up to " + longest + " characters");
    }
    return line.isEmpty() ? null : line;
  }

  private static boolean isCurrency(String code) {
    return Currency.getAvailableCurrencies().stream()
        .anyMatch(currency -> currency.getCurrencyCode().equals(code));
  }
}
