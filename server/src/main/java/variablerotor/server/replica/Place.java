package variablerotor.server.replica;

import org.jspecify.annotations.Nullable;
import org.postgresql.replication.LogSequenceNumber;

/**
 * How far a database's log is. Two are only of one history where the timeline is the same: it
 * changes when a replica is promoted.
 *
 * @param timeline as PostgreSQL counts them, from 1
 * @param at the position in the log
 */
record Place(int timeline, LogSequenceNumber at) {
  /** Whether everything up to the other stands here. */
  boolean holds(Place other) {
    return timeline == other.timeline && Long.compareUnsigned(at.asLong(), other.at.asLong()) >= 0;
  }

  /** As a device keeps it. */
  @Override
  public String toString() {
    return timeline + "-" + at.asString().replace('/', '-');
  }

  /** What {@link #toString} wrote, or nothing where somebody else wrote it. */
  static @Nullable Place read(String told) {
    if (!told.matches("[0-9]{1,9}-[0-9A-F]{1,8}-[0-9A-F]{1,8}")) {
      return null;
    }
    String[] parts = told.split("-", 2);
    return new Place(
        Integer.parseInt(parts[0]), LogSequenceNumber.valueOf(parts[1].replace('-', '/')));
  }
}
