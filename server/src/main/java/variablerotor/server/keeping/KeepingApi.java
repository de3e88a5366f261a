package variablerotor.server.keeping;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.server.web.Only;
import variablerotor.server.web.Right;
import variablerotor.server.web.Signs;

/** For leads: how what is kept is looked after. */
@Only(Right.LEAD)
@RestController
@RequestMapping("/api/shop/keeping")
class KeepingApi {
  private final String told;
  private final Clock clock;
  private final List<Signs> signs;
  private final Instant since;

  KeepingApi(@Value("${rotor.told}") String told, Clock clock, List<Signs> signs) {
    this.told = told;
    this.clock = clock;
    this.signs = signs;
    since = clock.instant();
  }

  /**
   * How all of it stands.
   *
   * @param version of the program
   * @param since when it runs, ISO 8601
   */
  record Health(String version, String since, List<Signs.Sign> signs) {
    public Health {
      signs = List.copyOf(signs);
    }
  }

  @GetMapping("/health")
  Health health() {
    String version = KeepingApi.class.getPackage().getImplementationVersion();
    return new Health(
        version == null ? "not built" : version,
        since.toString(),
        signs.stream().flatMap(one -> one.signs().stream()).toList());
  }

  @GetMapping("/backups")
  Backups backups() {
    return Backups.of(told, clock.instant());
  }
}
