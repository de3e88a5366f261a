package variablerotor.server.replica;

import java.util.List;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import variablerotor.server.web.Signs;

/** Whether lists are spared the primary. */
@Component
@Order(2)
@ConditionalOnProperty("rotor.replica.url")
class ReplicaSigns implements Signs {
  private final Replica replica;

  ReplicaSigns(Replica replica) {
    this.replica = replica;
  }

  @Override
  public List<Sign> signs() {
    boolean well = replica.isCloseEnough(null);
    return List.of(
        new Sign(
            "Replica",
            well,
            well
                ? "lists, searches and reports are read from it"
                : "it does not answer, is behind by more than "
                    + Replica.LAG_S
                    + " s, follows another primary, or rotor_app lacks pg_read_all_stats there; lists"
                    + " are read from the primary"));
  }
}
