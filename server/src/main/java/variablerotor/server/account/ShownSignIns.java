package variablerotor.server.account;

import java.util.List;

/** Sign-ins that the page may show to everybody: those of a demo, and of nothing else. */
public interface ShownSignIns {
  /** One of them. */
  record DemoAccount(String login, String password, String name, Role role) {}

  /** Empty outside demo mode. */
  List<DemoAccount> shown();
}
