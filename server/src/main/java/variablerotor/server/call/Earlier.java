package variablerotor.server.call;

import java.time.OffsetDateTime;
import java.util.UUID;
import variablerotor.core.job.Particulars;

/**
 * An earlier call to the same unit at the same place.
 *
 * @param at when it was opened
 * @param particulars what was told of it last
 * @param anotherMotor whether another motor was to go in then: what is told of it is of the old one
 */
record Earlier(UUID call, OffsetDateTime at, Particulars particulars, boolean anotherMotor) {}
