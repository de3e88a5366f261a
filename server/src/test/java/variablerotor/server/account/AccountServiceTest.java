package variablerotor.server.account;

import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyBoolean;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.security.crypto.password.PasswordEncoder;
import variablerotor.server.web.Refused;

/** A shop is never left without a lead. */
class AccountServiceTest {
  private final UUID id = UUID.randomUUID();
  private final AccountStore store = mock(AccountStore.class);
  private final AccountService service =
      new AccountService(
          store,
          mock(DeviceStore.class),
          mock(PasskeyStore.class),
          mock(InvitationStore.class),
          mock(AccountEventStore.class),
          mock(PasswordEncoder.class),
          Clock.systemUTC());

  private void known(UUID... leads) {
    when(store.find(id)).thenReturn(Optional.of(new Account(id, "ines", "Ines", Role.LEAD, true)));
    when(store.standing(id)).thenReturn(Optional.of(new AccountStore.Standing(false, 3)));
    when(store.lockLeads()).thenReturn(List.of(leads));
  }

  @Test
  void theLastLeadNeitherStepsDownNorCloses() {
    known(id);
    for (boolean closed : new boolean[] {false, true}) {
      Role role = closed ? Role.LEAD : Role.TECHNICIAN;
      Refused refused =
          assertThrows(
              Refused.class, () -> service.put(id, id, "ines", "Ines", role, closed, true, null));
      assertTrue(refused.getMessage().contains("last lead"));
    }
    verify(store, never()).change(any(), anyBoolean(), any(), anyBoolean());
  }

  /** A new name ends nothing; a changed role does. */
  @Test
  void onlyWhatTouchesRightsEndsSessions() {
    known(id, UUID.randomUUID());
    service.put(id, id, "ines", "Ines K", Role.LEAD, false, false, null);
    verify(store).change(new Account(id, "ines", "Ines K", Role.LEAD, true), false, null, false);
    for (boolean books : new boolean[] {true, false}) {
      service.put(id, id, "ines", "Ines K", Role.TECHNICIAN, false, books, null);
      verify(store)
          .change(new Account(id, "ines", "Ines K", Role.TECHNICIAN, books), false, null, true);
    }
  }
}
