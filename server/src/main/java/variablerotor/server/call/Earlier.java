package variablerotor.server.call;

import java.time.OffsetDateTime;
import java.util.UUID;
import variablerotor.core.job.Particulars;

/**
 * An earlier call to the same unit at the same place.
 *
 * @param at when it was opened
 * @param particulars what was told of it last
 */
record Earlier(UUID call, OffsetDateTime at, Particulars particulars) {}
