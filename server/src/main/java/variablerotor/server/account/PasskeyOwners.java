package variablerotor.server.account;

import java.nio.ByteBuffer;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.ImmutablePublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.management.PublicKeyCredentialUserEntityRepository;
import org.springframework.stereotype.Component;

/**
 * Whose passkeys are whose: an owner is an account, told to devices by the bytes of its id and
 * nothing that names a person.
 */
@Component
class PasskeyOwners implements PublicKeyCredentialUserEntityRepository {
  private final AccountStore accounts;

  PasskeyOwners(AccountStore accounts) {
    this.accounts = accounts;
  }

  static Bytes id(UUID account) {
    return new Bytes(
        ByteBuffer.allocate(2 * Long.BYTES)
            .putLong(account.getMostSignificantBits())
            .putLong(account.getLeastSignificantBits())
            .array());
  }

  /** Empty where it is none of ours. */
  static Optional<UUID> account(Bytes owner) {
    if (owner.getBytes().length != 2 * Long.BYTES) {
      return Optional.empty();
    }
    ByteBuffer bytes = ByteBuffer.wrap(owner.getBytes());
    return Optional.of(new UUID(bytes.getLong(), bytes.getLong()));
  }

  static PublicKeyCredentialUserEntity of(Account account) {
    return ImmutablePublicKeyCredentialUserEntity.builder()
        .id(id(account.id()))
        .name(account.login())
        .displayName(account.name())
        .build();
  }

  @Override
  public @Nullable PublicKeyCredentialUserEntity findById(Bytes owner) {
    return account(owner).flatMap(accounts::find).map(PasskeyOwners::of).orElse(null);
  }

  @Override
  public @Nullable PublicKeyCredentialUserEntity findByUsername(String login) {
    return accounts.byLogin(login).map(secret -> of(secret.account())).orElse(null);
  }

  /** Accounts are opened by a lead, and by nothing else. */
  @Override
  public void save(PublicKeyCredentialUserEntity owner) {
    throw new UnsupportedOperationException("an account is opened by a lead");
  }

  @Override
  public void delete(Bytes owner) {
    throw new UnsupportedOperationException("an account is closed by a lead");
  }
}
