package variablerotor.server.web;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;

/** Room for all, and for each. */
class RoomTest {
  @Test
  void nobodyFillsItForTheRest() {
    Room room = new Room(100, 60);
    assertTrue(room.take("one", 60));
    assertFalse(room.take("one", 1), "its own share");
    assertTrue(room.take("other", 40));
    assertFalse(room.take("third", 1), "all of it");
    room.giveBack("one", 60);
    assertTrue(room.take("third", 60));
    room.giveBack("other", 40);
    assertTrue(room.take("one", 40), "what was given back is there again");
  }
}
