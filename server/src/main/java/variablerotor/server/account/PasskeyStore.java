package variablerotor.server.account;

import static variablerotor.server.schema.Tables.PASSKEY;

import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jspecify.annotations.Nullable;
import org.springframework.security.web.webauthn.api.AuthenticatorTransport;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.CredentialRecord;
import org.springframework.security.web.webauthn.api.ImmutableCredentialRecord;
import org.springframework.security.web.webauthn.api.ImmutablePublicKeyCose;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialType;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;
import org.springframework.stereotype.Repository;

/** Passkeys, as Spring Security reads and keeps them, and as their owners list and end them. */
@Repository
class PasskeyStore implements UserCredentialRepository {
  private final DSLContext db;
  private final PageAddress address;
  private final Clock clock;

  PasskeyStore(DSLContext db, PageAddress address, Clock clock) {
    this.db = db;
    this.address = address;
    this.clock = clock;
  }

  List<Passkey> list(UUID account) {
    return db.selectFrom(PASSKEY)
        .where(PASSKEY.ACCOUNT_ID.eq(account))
        .orderBy(PASSKEY.MADE_AT, PASSKEY.ID)
        .fetch(
            row ->
                new Passkey(
                    row.get(PASSKEY.ID),
                    row.get(PASSKEY.NAME),
                    row.get(PASSKEY.MADE_AT),
                    row.get(PASSKEY.USED_AT),
                    row.get(PASSKEY.HOST)));
  }

  /**
   * @return whether there was such a one
   */
  boolean end(UUID account, UUID id) {
    return db.deleteFrom(PASSKEY)
            .where(PASSKEY.ID.eq(id))
            .and(PASSKEY.ACCOUNT_ID.eq(account))
            .execute()
        == 1;
  }

  /** How many are of use at the address that the page has now. */
  int usable(UUID account) {
    return db.fetchCount(
        PASSKEY, PASSKEY.ACCOUNT_ID.eq(account).and(PASSKEY.HOST.eq(address.host())));
  }

  void endAll(UUID account) {
    db.deleteFrom(PASSKEY).where(PASSKEY.ACCOUNT_ID.eq(account)).execute();
  }

  @Override
  public void delete(Bytes credential) {
    db.deleteFrom(PASSKEY).where(PASSKEY.CREDENTIAL.eq(credential.toBase64UrlString())).execute();
  }

  /** A new one, or how a known one stands after it was used. */
  @Override
  public void save(CredentialRecord record) {
    OffsetDateTime now = OffsetDateTime.now(clock);
    int known =
        db.update(PASSKEY)
            .set(PASSKEY.USES, record.getSignatureCount())
            .set(PASSKEY.BACKED_UP, record.isBackupState())
            .set(PASSKEY.USED_AT, now)
            .where(PASSKEY.CREDENTIAL.eq(record.getCredentialId().toBase64UrlString()))
            .execute();
    if (known == 1) {
      return;
    }
    db.insertInto(PASSKEY)
        .set(PASSKEY.ID, UUID.randomUUID())
        .set(PASSKEY.ACCOUNT_ID, PasskeyOwners.account(record.getUserEntityUserId()).orElseThrow())
        .set(PASSKEY.CREDENTIAL, record.getCredentialId().toBase64UrlString())
        .set(PASSKEY.PUBLIC_KEY, text(record.getPublicKey().getBytes()))
        .set(PASSKEY.USES, record.getSignatureCount())
        .set(PASSKEY.TRANSPORTS, spoken(record.getTransports()))
        .set(PASSKEY.BACKUP_ELIGIBLE, record.isBackupEligible())
        .set(PASSKEY.BACKED_UP, record.isBackupState())
        .set(
            PASSKEY.ATTESTATION,
            Objects.requireNonNull(record.getAttestationObject()).toBase64UrlString())
        .set(
            PASSKEY.CLIENT_DATA,
            Objects.requireNonNull(record.getAttestationClientDataJSON()).toBase64UrlString())
        .set(PASSKEY.NAME, Objects.requireNonNull(record.getLabel()))
        .set(PASSKEY.HOST, address.host())
        .set(PASSKEY.MADE_AT, now)
        .execute();
  }

  @Override
  public @Nullable CredentialRecord findByCredentialId(Bytes credential) {
    return db.selectFrom(PASSKEY)
        .where(PASSKEY.CREDENTIAL.eq(credential.toBase64UrlString()))
        .fetchOne(PasskeyStore::record);
  }

  @Override
  public List<CredentialRecord> findByUserId(Bytes owner) {
    return PasskeyOwners.account(owner).stream()
        .flatMap(
            account ->
                db
                    .selectFrom(PASSKEY)
                    .where(PASSKEY.ACCOUNT_ID.eq(account))
                    .and(PASSKEY.HOST.eq(address.host()))
                    .fetch(PasskeyStore::record)
                    .stream())
        .toList();
  }

  private static CredentialRecord record(Record row) {
    OffsetDateTime used = row.get(PASSKEY.USED_AT);
    Instant made = row.get(PASSKEY.MADE_AT).toInstant();
    return ImmutableCredentialRecord.builder()
        .credentialType(PublicKeyCredentialType.PUBLIC_KEY)
        .credentialId(Bytes.fromBase64(row.get(PASSKEY.CREDENTIAL)))
        .userEntityUserId(PasskeyOwners.id(row.get(PASSKEY.ACCOUNT_ID)))
        .publicKey(ImmutablePublicKeyCose.fromBase64(row.get(PASSKEY.PUBLIC_KEY)))
        .signatureCount(row.get(PASSKEY.USES))
        .uvInitialized(true)
        .transports(transports(row.get(PASSKEY.TRANSPORTS)))
        .backupEligible(row.get(PASSKEY.BACKUP_ELIGIBLE))
        .backupState(row.get(PASSKEY.BACKED_UP))
        .attestationObject(Bytes.fromBase64(row.get(PASSKEY.ATTESTATION)))
        .attestationClientDataJSON(Bytes.fromBase64(row.get(PASSKEY.CLIENT_DATA)))
        .label(row.get(PASSKEY.NAME))
        .created(made)
        .lastUsed(used == null ? made : used.withOffsetSameInstant(ZoneOffset.UTC).toInstant())
        .build();
  }

  private static String text(byte[] bytes) {
    return new Bytes(bytes).toBase64UrlString();
  }

  private static String spoken(Set<AuthenticatorTransport> transports) {
    return transports.stream()
        .map(AuthenticatorTransport::getValue)
        .sorted()
        .collect(Collectors.joining(","));
  }

  private static Set<AuthenticatorTransport> transports(String spoken) {
    return Arrays.stream(spoken.split(",", -1))
        .filter(one -> !one.isEmpty())
        .map(AuthenticatorTransport::valueOf)
        .collect(Collectors.toSet());
  }
}
