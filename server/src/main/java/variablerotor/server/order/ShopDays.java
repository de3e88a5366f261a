package variablerotor.server.order;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import variablerotor.server.shop.SettingsStore;
import variablerotor.server.web.Faults;

/** The shop's own days. */
@Component
class ShopDays {
  /** A day that is told of an order lies no further back, and no further ahead [d]. */
  private static final int BACK_DAYS = 90;

  private static final int AHEAD_DAYS = 730;

  private final SettingsStore settings;
  private final Clock clock;

  ShopDays(SettingsStore settings, Clock clock) {
    this.settings = settings;
    this.clock = clock;
  }

  LocalDate today() {
    return LocalDate.now(clock.withZone(ZoneId.of(settings.current().timeZone())));
  }

  /** Adds a fault where a day on which something is due cannot be. */
  void due(Faults faults, @Nullable LocalDate due) {
    LocalDate today = today();
    if (due != null
        && (due.isBefore(today.minusDays(BACK_DAYS)) || due.isAfter(today.plusDays(AHEAD_DAYS)))) {
      faults.add(
          "due",
          "found "
              + due
              + "; allowed is a day from "
              + today.minusDays(BACK_DAYS)
              + " to "
              + today.plusDays(AHEAD_DAYS));
    }
  }
}
