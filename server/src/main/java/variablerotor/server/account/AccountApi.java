package variablerotor.server.account;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.casefile.InputFault;
import variablerotor.server.web.LeadOnly;
import variablerotor.server.web.Refused;

/** The shop's accounts; a lead keeps them. */
@LeadOnly
@RestController
@RequestMapping("/api/accounts")
class AccountApi {
  private final AccountStore store;
  private final PasswordEncoder passwords;
  private final Clock clock;

  AccountApi(AccountStore store, PasswordEncoder passwords, Clock clock) {
    this.store = store;
    this.passwords = passwords;
    this.clock = clock;
  }

  record AccountRequest(String login, String name, Role role, String password) {}

  @GetMapping
  List<Account> list() {
    return store.list();
  }

  @PutMapping("/{id}")
  List<Account> put(@PathVariable UUID id, @RequestBody AccountRequest body) {
    List<InputFault> faults = new ArrayList<>();
    String login = body.login() == null ? "" : body.login();
    if (!login.matches("[a-z0-9._-]{2,60}")) {
      faults.add(
          new InputFault("login", "allowed are 2 to 60 of a-z, 0-9, point, dash, underscore"));
    }
    if (body.name() == null || body.name().isBlank() || body.name().length() > 120) {
      faults.add(new InputFault("name", "allowed is a name of up to 120 characters"));
    }
    if (body.role() == null) {
      faults.add(new InputFault("role", "allowed is TECHNICIAN or LEAD"));
    }
    int bytes =
        body.password() == null ? 0 : body.password().getBytes(StandardCharsets.UTF_8).length;
    if (bytes < 10 || bytes > 72) {
      faults.add(new InputFault("password", "allowed are 10 to 72 bytes"));
    }
    if (!faults.isEmpty()) {
      throw Refused.fields(faults);
    }
    if (store.idOfLogin(login).filter(other -> !other.equals(id)).isPresent()) {
      throw Refused.conflict("Somebody has this login already.");
    }
    store.put(
        new Account(id, login, body.name().trim(), body.role()),
        passwords.encode(body.password()),
        OffsetDateTime.now(clock));
    return store.list();
  }
}
