package variablerotor.server.replica;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.postgresql.replication.LogSequenceNumber;

class PlaceTest {
  private static Place at(int timeline, String lsn) {
    return new Place(timeline, LogSequenceNumber.valueOf(lsn));
  }

  @Test
  void whatIsFartherHoldsWhatIsNot() {
    assertTrue(at(1, "0/3000060").holds(at(1, "0/3000060")));
    assertTrue(at(1, "1/0").holds(at(1, "0/FFFFFFFF")));
    assertFalse(at(1, "0/3000060").holds(at(1, "0/3000061")));
    // The upper half of 64 bits is no negative number.
    assertTrue(at(1, "F0000000/0").holds(at(1, "1/0")));
  }

  /** Left behind by a promotion, a replica may be far along in a history that is none any more. */
  @Test
  void noneHoldsWhatIsOfAnotherHistory() {
    assertFalse(at(1, "9/0").holds(at(2, "1/0")));
    assertFalse(at(2, "9/0").holds(at(1, "1/0")));
  }

  @Test
  void aDeviceGivesItBackAsItWasTold() {
    assertEquals(at(12, "A/3000060"), Place.read(at(12, "A/3000060").toString()));
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "1", "1-2", "1-A/3", "x-1-1", "1-1-1-1", "1-123456789-0", "-1-0-0"})
  void whatNobodyHereWroteIsNothing(String told) {
    assertNull(Place.read(told));
  }
}
