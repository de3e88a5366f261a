package variablerotor.server.call;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.server.web.Refused;

/** Places where the shop's units stand. */
@RestController
class SiteApi {
  /** Of one site so many units are shown, those called for last. */
  private static final int MOST_UNITS = 200;

  private final UnitStore units;

  SiteApi(UnitStore units) {
    this.units = units;
  }

  /**
   * @param units the one that was called for last first
   */
  record SiteView(UUID id, String name, List<UnitStore.UnitAt> units) {}

  @GetMapping("/api/sites/{site}")
  @Transactional(readOnly = true)
  SiteView site(@PathVariable UUID site) {
    return seen(units.site(site));
  }

  /** The site of a call. */
  @GetMapping("/api/calls/{call}/site")
  @Transactional(readOnly = true)
  SiteView siteOf(@PathVariable UUID call) {
    return seen(units.siteOf(call));
  }

  private SiteView seen(Optional<UnitStore.Site> known) {
    UnitStore.Site site = known.orElseThrow(() -> Refused.missing("site"));
    return new SiteView(site.id(), site.name(), units.units(site.id(), MOST_UNITS));
  }
}
