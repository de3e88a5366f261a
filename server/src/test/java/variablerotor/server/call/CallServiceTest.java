package variablerotor.server.call;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.mockito.ArgumentMatchers.argThat;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import variablerotor.core.check.Symptom;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.FactValue;
import variablerotor.core.family.Family;
import variablerotor.core.job.JobLog;
import variablerotor.core.job.Particulars;
import variablerotor.core.job.Settings;
import variablerotor.core.kept.Wording;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.winding.Ohms;
import variablerotor.json.Json;
import variablerotor.server.log.Stamp;
import variablerotor.server.shop.SettingsStore;

/** What the call is put together of, and what its list is told. */
class CallServiceTest {
  private static final Clock NEW_YEAR =
      Clock.fixed(Instant.parse("2027-01-01T03:00:00Z"), ZoneOffset.UTC);

  private final UUID call = UUID.randomUUID();
  private final CallStore store = mock(CallStore.class);
  private final SettingsStore settings = mock(SettingsStore.class);
  private final List<JobLog.Reading> readings = new ArrayList<>();
  private final CallPart part = (log, of) -> log.readings(readings);
  private final CallService service = new CallService(store, List.of(part), settings, NEW_YEAR);

  @BeforeEach
  void aCallWithoutReadings() {
    Particulars told =
        Particulars.of("Quay", Symptom.NO_RUN, MotorPlate.of(Family.CONSTANT_TORQUE, null))
            .unit(UnitPlate.plate().warrantyUntil(LocalDate.parse("2026-12-31")).build())
            .build();
    when(settings.current()).thenReturn(Settings.usual("UTC"));
    OffsetDateTime now = OffsetDateTime.now(NEW_YEAR);
    when(store.particulars(call))
        .thenReturn(new CallStore.Telling(Json.write(told.tree()), Wording.NOW, "Tobin", now));
    when(store.opened(call))
        .thenReturn(Optional.of(new CallStore.Opened(call, "Tobin", now, now, false)));
  }

  private void read(FactType type, double ohms) {
    Fact fact = new Fact(type, new FactValue.Resistance(new Ohms(ohms)));
    String at = OffsetDateTime.now(NEW_YEAR).toString();
    readings.add(new JobLog.Reading(UUID.randomUUID().toString(), fact, "Tobin", at, null));
  }

  @Test
  void theShopsLimitDecidesTheWinding() {
    read(FactType.WINDING_AB, 20);
    read(FactType.WINDING_BC, 20);
    read(FactType.WINDING_CA, 21);
    assertEquals("SOUND", service.view(call).diagnosis().winding().state().name());
    when(settings.current()).thenReturn(Settings.usual("UTC").but().balanceLimitPercent(2).build());
    assertEquals("FAULTY", service.view(call).diagnosis().winding().state().name());
  }

  @Test
  void aNewSaveIsSummarisedForTheListAtItsOwnTime() {
    read(FactType.WINDING_AB, 20);
    OffsetDateTime at = OffsetDateTime.parse("2027-01-01T02:30:00Z");
    Stamp stamp = new Stamp(call, at);
    assertEquals(at.toString(), service.after(true, call, stamp).log().changedAt());
    verify(store).summarise(eq(call), argThat(job -> job.countInForce() == 1), eq(stamp));
  }

  /** At three in the morning by Greenwich it is still the last day of the warranty in Denver. */
  @Test
  void theDayIsTheOneOfTheShopsOwnZone() {
    assertEquals("JUST_OVER", service.view(call).warranty().state().name());
    when(settings.current()).thenReturn(Settings.usual("America/Denver"));
    assertEquals("ENDS_SOON", service.view(call).warranty().state().name());
  }
}
