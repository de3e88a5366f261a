package variablerotor.server.decision;

import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import variablerotor.core.check.Symptom;
import variablerotor.core.family.Family;
import variablerotor.core.job.Job;
import variablerotor.core.job.JobLog;
import variablerotor.core.job.Particulars;
import variablerotor.core.job.Settings;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.route.Route;
import variablerotor.server.call.CallService;
import variablerotor.server.log.Stamp;
import variablerotor.server.web.Refused;

/** What can be chosen. */
class DecisionServiceTest {
  private final UUID call = UUID.randomUUID();
  private final DecisionStore store = mock(DecisionStore.class);
  private final CallService calls = mock(CallService.class);
  private final DecisionService service = new DecisionService(store, calls);
  private final Stamp stamp =
      new Stamp(UUID.randomUUID(), OffsetDateTime.parse("2026-11-24T12:00:00Z"));

  @Test
  void aBlockedWayNeverReachesTheStore() {
    MotorPlate motor = MotorPlate.of(Family.CONSTANT_TORQUE, null);
    Particulars told = Particulars.of("Quay", Symptom.NO_RUN, motor).build();
    JobLog log = new JobLog.Builder(call.toString(), false, "Tobin", "", "", told).build();
    when(calls.job(call))
        .thenReturn(Job.of(log, Settings.usual("UTC"), LocalDate.parse("2026-11-24")));
    Refused refused =
        assertThrows(
            Refused.class,
            () ->
                service.decide(call, UUID.randomUUID(), Route.MODULE_ONLY, null, List.of(), stamp));
    assertTrue(refused.getMessage().contains("blocked"));
    verify(store, never()).add(any(), any(), any(), any(), any(), any(), any());
  }
}
