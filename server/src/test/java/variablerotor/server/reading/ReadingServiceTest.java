package variablerotor.server.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.OffsetDateTime;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.FactValue;
import variablerotor.core.fact.RepairPhase;
import variablerotor.core.fact.Taken;
import variablerotor.server.call.CallService;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;
import variablerotor.server.schema.Tables;
import variablerotor.server.web.Refused;

/** What the service asks of its store, and what it never lets through. */
class ReadingServiceTest {
  private static final Stamp STAMP =
      new Stamp(UUID.randomUUID(), OffsetDateTime.parse("2026-11-24T12:00:00Z"));

  private final UUID call = UUID.randomUUID();
  private final UUID id = UUID.randomUUID();
  private final ReadingStore store = mock(ReadingStore.class);
  private final CallService calls = mock(CallService.class);
  private final ReadingService service = new ReadingService(store, calls);
  private final Save save = Save.of("reading", Tables.READING, id);

  @BeforeEach
  void aStoreThatTakesAll() {
    when(store.reading(any(), any(), any())).thenReturn(save);
    when(store.keep(save, STAMP)).thenReturn(true);
  }

  private void read(Object value) {
    service.read(call, id, "line.volts", value, null, null, Taken.UNSAID, STAMP);
  }

  @Test
  void aReadingIsStampedWithAuthorAndTime() {
    read(240.0);
    Fact fact = new Fact(FactType.LINE_VOLTS, new FactValue.Quantity(240), RepairPhase.BEFORE);
    verify(store).reading(id, call, fact);
    verify(store).keep(save, STAMP);
    verify(calls).after(true, call, STAMP);
  }

  @Test
  void aBadReadingNeverReachesTheStore() {
    assertThrows(Refused.class, () -> read("lots"));
    verify(store, never()).keep(any(), any());
  }

  @Test
  void anUnknownCallIsMissing() {
    doThrow(Refused.missing("call")).when(calls).lock(call);
    assertEquals(404, assertThrows(Refused.class, () -> read(240.0)).status().value());
    verify(store, never()).keep(any(), any());
  }
}
