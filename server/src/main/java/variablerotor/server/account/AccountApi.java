package variablerotor.server.account;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.server.web.Only;
import variablerotor.server.web.Right;

/** The shop's accounts; a lead keeps them. */
@Only(Right.LEAD)
@RestController
@RequestMapping("/api/accounts")
class AccountApi {
  private final AccountService accounts;
  private final AccountStore store;
  private final SignIn signIn;
  private final Invitations invitations;

  AccountApi(AccountService accounts, AccountStore store, SignIn signIn, Invitations invitations) {
    this.accounts = accounts;
    this.invitations = invitations;
    this.store = store;
    this.signIn = signIn;
  }

  /**
   * @param closed whether nobody can sign in as this one
   * @param keepsBooks whether this one keeps the code books; a lead does in any case
   * @param hasPassword not yet where an invitation was not followed
   * @param passkeys how many
   * @param passwordEnough whether this one signs in without one of them
   */
  record AccountRow(
      UUID id,
      String login,
      String name,
      Role role,
      boolean closed,
      boolean keepsBooks,
      boolean hasPassword,
      int passkeys,
      boolean passwordEnough) {}

  /**
   * @param password left out for the one that a known account has, or where somebody is invited
   * @param own the password of whoever asks, where a known account is to have another one
   * @param closed left out for false
   * @param keepsBooks left out for false
   */
  record AccountRequest(
      @Nullable String login,
      String name,
      Role role,
      @Nullable String password,
      @Nullable String own,
      @Nullable Boolean closed,
      @Nullable Boolean keepsBooks) {}

  @GetMapping
  List<AccountRow> list() {
    return store.list();
  }

  @PutMapping("/{id}")
  List<AccountRow> put(@PathVariable UUID id, @RequestBody AccountRequest body) {
    // An open screen must not be enough to sign in as somebody else from then on.
    if (body.password() != null && store.find(id).isPresent()) {
      signIn.again(Current.account(), body.own(), "own");
    }
    return accounts.put(
        Current.account().id(),
        id,
        body.login(),
        body.name(),
        body.role(),
        Boolean.TRUE.equals(body.closed()),
        Boolean.TRUE.equals(body.keepsBooks()),
        body.password());
  }

  /**
   * @param own the password of whoever asks, where the account has one already
   */
  record InvitationRequest(@Nullable String own) {}

  /** A link for somebody of the shop, by which they come in once and choose a password. */
  @PostMapping("/{id}/invitations")
  Invitations.Invitation invite(@PathVariable UUID id, @RequestBody InvitationRequest body) {
    if (invitations.isOfKnown(id)) {
      signIn.again(Current.account(), body.own(), "own");
    }
    return invitations.make(Current.account(), id);
  }
}
