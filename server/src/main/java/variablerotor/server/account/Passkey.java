package variablerotor.server.account;

import java.time.OffsetDateTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A key of one of somebody's devices, as it is listed.
 *
 * @param name what its owner calls the device
 * @param usedAt when somebody signed in with it last; null for never
 * @param host the name of the address that it is of use at
 */
record Passkey(
    UUID id, String name, OffsetDateTime madeAt, @Nullable OffsetDateTime usedAt, String host) {
  /** Of one account. */
  static final int MOST = 20;

  static final int LONGEST_NAME = 60;
}
