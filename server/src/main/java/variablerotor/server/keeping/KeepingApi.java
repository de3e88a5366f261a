package variablerotor.server.keeping;

import java.time.Clock;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.server.web.Only;
import variablerotor.server.web.Right;

/** For leads: how what is kept is looked after. */
@Only(Right.LEAD)
@RestController
@RequestMapping("/api/shop/keeping")
class KeepingApi {
  private final String told;
  private final Clock clock;

  KeepingApi(@Value("${rotor.told}") String told, Clock clock) {
    this.told = told;
    this.clock = clock;
  }

  @GetMapping("/backups")
  Backups backups() {
    return Backups.of(told, clock.instant());
  }
}
