package variablerotor.server.log;

import java.time.OffsetDateTime;
import java.util.UUID;

/** Who recorded something, and when. */
public record Stamp(UUID author, OffsetDateTime at) {}
