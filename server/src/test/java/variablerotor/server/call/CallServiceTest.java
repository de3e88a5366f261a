package variablerotor.server.call;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import variablerotor.core.diagnosis.Symptom;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.route.Route;
import variablerotor.core.signal.Family;
import variablerotor.json.Json;
import variablerotor.server.account.Account;
import variablerotor.server.account.Role;
import variablerotor.server.photo.PhotoStore;
import variablerotor.server.shop.Settings;
import variablerotor.server.shop.SettingsStore;
import variablerotor.server.web.Refused;

/** What the service asks of its store, and what it never lets through. */
class CallServiceTest {
  private static final Account TOBIN =
      new Account(UUID.randomUUID(), "tobin", "Tobin Ashgrove", Role.TECHNICIAN);
  private static final Clock NOON =
      Clock.fixed(Instant.parse("2026-11-24T12:00:00Z"), ZoneOffset.UTC);

  private final UUID call = UUID.randomUUID();
  private final CallStore store = mock(CallStore.class);
  private final SettingsStore settings = mock(SettingsStore.class);
  private final PhotoStore photos = mock(PhotoStore.class);
  private final CallService service = new CallService(store, settings, photos, NOON);

  @BeforeEach
  void aCallWithoutReadings() {
    Particulars told =
        new Particulars(
            "Quay",
            "",
            "",
            Symptom.NO_RUN,
            UnitPlate.UNKNOWN,
            MotorPlate.of(Family.CONSTANT_TORQUE, null),
            null);
    when(settings.current()).thenReturn(Settings.USUAL);
    when(store.lock(call)).thenReturn(true);
    when(store.particulars(call)).thenReturn(Json.write(Json.plainOf(told)));
    when(store.readings(call)).thenReturn(List.of());
    when(store.offers(call)).thenReturn(Map.of());
    when(store.opened(call))
        .thenReturn(
            Optional.of(
                new CallStore.Opened(
                    call, "Tobin", OffsetDateTime.now(NOON), OffsetDateTime.now(NOON), false)));
  }

  @Test
  void aReadingIsStampedWithAuthorAndTime() {
    UUID id = UUID.randomUUID();
    when(store.addReading(eq(id), eq(call), eq("line.volts"), eq("240.0"), any())).thenReturn(true);
    service.read(call, id, "line.volts", 240.0, TOBIN);
    verify(store)
        .addReading(
            id,
            call,
            "line.volts",
            "240.0",
            new CallStore.Stamp(TOBIN.id(), OffsetDateTime.now(NOON)));
    verify(store).summarise(eq(call), any(), any(), eq(0), eq(OffsetDateTime.now(NOON)));
  }

  @Test
  void aBadReadingNeverReachesTheStore() {
    assertThrows(
        Refused.class, () -> service.read(call, UUID.randomUUID(), "line.volts", "lots", TOBIN));
    verify(store, never()).addReading(any(), any(), any(), any(), any());
  }

  @Test
  void aBlockedWayNeverReachesTheStore() {
    assertThrows(
        Refused.class, () -> service.decide(call, UUID.randomUUID(), Route.MODULE_ONLY, TOBIN));
    verify(store, never()).addDecision(any(), any(), any(), any(), any(), any(), any());
  }

  @Test
  void anUnknownCallIsMissing() {
    Refused refused =
        assertThrows(
            Refused.class,
            () -> service.read(UUID.randomUUID(), UUID.randomUUID(), "line.volts", 240.0, TOBIN));
    assertEquals(404, refused.status().value());
  }

  @Test
  void theShopsLimitDecidesTheWinding() {
    when(store.readings(call))
        .thenReturn(List.of(row("winding.ab", 20), row("winding.bc", 20), row("winding.ca", 22)));
    assertEquals("SOUND", service.view(call).diagnosis().winding().state().name());
    when(settings.current()).thenReturn(new Settings(120, 2, "USD"));
    assertEquals("FAULTY", service.view(call).diagnosis().winding().state().name());
  }

  private CallStore.ReadingRow row(String fact, double value) {
    return new CallStore.ReadingRow(
        UUID.randomUUID(),
        call,
        fact,
        String.valueOf(value),
        "Tobin",
        OffsetDateTime.now(NOON),
        false);
  }
}
