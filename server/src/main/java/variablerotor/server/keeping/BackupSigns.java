package variablerotor.server.keeping;

import java.time.Clock;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import variablerotor.server.web.Signs;

/** Whether a broken disk would end the shop's records. */
@Component
@Order(1)
class BackupSigns implements Signs {
  private final String told;
  private final Clock clock;

  BackupSigns(@Value("${rotor.told}") String told, Clock clock) {
    this.told = told;
    this.clock = clock;
  }

  @Override
  public List<Sign> signs() {
    Backups backups = Backups.of(told, clock.instant());
    boolean well = !backups.late() && backups.failed() == null;
    String says =
        !backups.scheduled()
            ? "this program takes none by itself"
            : backups.taken() == null
                ? "none was taken yet"
                : backups.failed() != null
                    ? "the last try failed"
                    : backups.late()
                        ? "the newest is more than a day old"
                        : "there is one of today";
    return List.of(new Sign("Backups", well, says));
  }
}
