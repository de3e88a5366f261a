package variablerotor.server.demo;

import java.util.List;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import variablerotor.server.account.Account;
import variablerotor.server.account.Role;

/** The invented people of the demo shop; shown on the sign-in page in demo mode only. */
@Component
public class DemoAccounts {
  /** One demo sign-in. */
  public record DemoAccount(String login, String password, String name, Role role) {
    Account account() {
      return new Account(
          UUID.nameUUIDFromBytes(login.getBytes(java.nio.charset.StandardCharsets.UTF_8)),
          login,
          name,
          role);
    }
  }

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

  /** Empty outside demo mode. */
  public List<DemoAccount> shown() {
    return demo ? ALL : List.of();
  }
}
