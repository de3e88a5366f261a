package variablerotor.server.demo;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import variablerotor.server.account.Account;
import variablerotor.server.account.Role;
import variablerotor.server.account.ShownSignIns;

/** The invented people of the demo shop; shown on the sign-in page in demo mode only. */
@Component
class DemoAccounts implements ShownSignIns {
  static final List<DemoAccount> ALL =
      List.of(
          new DemoAccount("ines", "copper-star-7", "Ines Kallow", Role.LEAD),
          new DemoAccount("tobin", "quiet-wheel-4", "Tobin Ashgrove", Role.TECHNICIAN));

  private final boolean demo;

  DemoAccounts(@Value("${rotor.demo}") boolean demo) {
    this.demo = demo;
  }

  boolean isDemo() {
    return demo;
  }

  @Override
  public List<DemoAccount> shown() {
    return demo ? ALL : List.of();
  }

  static Account account(DemoAccount one) {
    UUID id = UUID.nameUUIDFromBytes(one.login().getBytes(StandardCharsets.UTF_8));
    return new Account(id, one.login(), one.name(), one.role(), true);
  }

  /** The account of the demo person with this login. */
  static Account account(Object login) {
    return ALL.stream()
        .filter(one -> one.login().equals(login))
        .map(DemoAccounts::account)
        .findFirst()
        .orElseThrow();
  }
}
