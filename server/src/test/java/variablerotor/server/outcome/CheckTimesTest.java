package variablerotor.server.outcome;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import variablerotor.core.fact.Answer;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.FactValue;
import variablerotor.core.family.Family;
import variablerotor.core.job.JobLog;
import variablerotor.core.likelihood.Experience.Timed;

/** By hand: line and command are a minute each, power on; the shaft is felt behind a lock-out. */
class CheckTimesTest {
  private final List<JobLog.Reading> readings = new ArrayList<>();

  private void read(String at, String who, FactType type) {
    FactValue value =
        type == FactType.SHAFT_FEEL
            ? new FactValue.Choice(Answer.FREE)
            : new FactValue.Quantity(24);
    String id = "r" + readings.size();
    String time = "2026-11-30T" + at + "Z";
    readings.add(new JobLog.Reading(id, new Fact(type, value), who, time, null));
  }

  private List<Timed> times() {
    return CheckTimes.of(Family.CONSTANT_TORQUE, readings);
  }

  @Test
  void aCheckTookFromTheReadingBeforeItToItsOwn() {
    read("09:00:00", "Tobin", FactType.LINE_VOLTS);
    read("09:03:00", "Tobin", FactType.COMMAND_VOLTS);
    Timed command = times().get(0);
    assertEquals("command.volts", command.check());
    assertEquals(3, command.minutes(), 1e-9);
    assertEquals(1, times().size(), "nobody knows how long the first took");
  }

  @Test
  void theWayToAnotherStateIsNoPartOfIt() {
    read("09:00:00", "Tobin", FactType.LINE_VOLTS);
    read("09:04:00", "Tobin", FactType.SHAFT_FEEL);
    // Lock out, prove dead, open: two minutes of the four.
    assertEquals(2, times().get(0).minutes(), 1e-9);
  }

  @Test
  void aBreakAnotherPersonAndASendingAtOnceSayNothing() {
    read("09:00:00", "Tobin", FactType.LINE_VOLTS);
    read("09:45:00", "Tobin", FactType.COMMAND_VOLTS);
    assertTrue(times().isEmpty(), "a break");
    readings.clear();
    read("09:00:00", "Tobin", FactType.LINE_VOLTS);
    read("09:02:00", "Ines", FactType.COMMAND_VOLTS);
    assertTrue(times().isEmpty(), "two people");
    readings.clear();
    read("09:00:00", "Tobin", FactType.LINE_VOLTS);
    read("09:00:01", "Tobin", FactType.COMMAND_VOLTS);
    assertTrue(times().isEmpty(), "sent together");
  }
}
