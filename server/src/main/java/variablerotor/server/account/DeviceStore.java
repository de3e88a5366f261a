package variablerotor.server.account;

import static variablerotor.server.schema.Tables.ACCOUNT;
import static variablerotor.server.schema.Tables.KNOWN_DEVICE;

import java.time.OffsetDateTime;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Devices on which an account signed in before, each by the hash of the secret that it holds. */
@Repository
class DeviceStore {
  /** Of one account; the one that was used longest ago goes first. */
  static final int MOST = 50;

  private final DSLContext db;

  DeviceStore(DSLContext db) {
    this.db = db;
  }

  boolean isKnown(String device, String login) {
    return db.fetchExists(
        DSL.selectOne()
            .from(KNOWN_DEVICE)
            .join(ACCOUNT)
            .on(ACCOUNT.ID.eq(KNOWN_DEVICE.ACCOUNT_ID))
            .where(KNOWN_DEVICE.TOKEN_HASH.eq(device).and(ACCOUNT.LOGIN.eq(login))));
  }

  void know(String device, UUID account, OffsetDateTime now) {
    db.insertInto(KNOWN_DEVICE)
        .set(KNOWN_DEVICE.TOKEN_HASH, device)
        .set(KNOWN_DEVICE.ACCOUNT_ID, account)
        .set(KNOWN_DEVICE.FIRST_AT, now)
        .set(KNOWN_DEVICE.LAST_AT, now)
        .onConflict(KNOWN_DEVICE.TOKEN_HASH, KNOWN_DEVICE.ACCOUNT_ID)
        .doUpdate()
        .set(KNOWN_DEVICE.LAST_AT, now)
        .execute();
    db.deleteFrom(KNOWN_DEVICE)
        .where(KNOWN_DEVICE.ACCOUNT_ID.eq(account))
        .and(
            KNOWN_DEVICE.TOKEN_HASH.in(
                DSL.select(KNOWN_DEVICE.TOKEN_HASH)
                    .from(KNOWN_DEVICE)
                    .where(KNOWN_DEVICE.ACCOUNT_ID.eq(account))
                    .orderBy(KNOWN_DEVICE.LAST_AT.desc(), KNOWN_DEVICE.TOKEN_HASH)
                    .offset(MOST)))
        .execute();
  }

  /** Who holds a device of an account whose password is another now is a stranger again. */
  void forget(UUID account) {
    db.deleteFrom(KNOWN_DEVICE).where(KNOWN_DEVICE.ACCOUNT_ID.eq(account)).execute();
  }

  void forgetBefore(OffsetDateTime at) {
    db.deleteFrom(KNOWN_DEVICE).where(KNOWN_DEVICE.LAST_AT.lt(at)).execute();
  }
}
