package variablerotor.server.account;

import static variablerotor.server.schema.Tables.ACCOUNT;
import static variablerotor.server.schema.Tables.LOGIN_ATTEMPT;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Accounts and attempts to sign in. */
@Repository
public class AccountStore {
  /** An account with its hashed password. */
  record Secret(Account account, String password) {}

  private final DSLContext db;

  AccountStore(DSLContext db) {
    this.db = db;
  }

  public boolean isEmpty() {
    return !db.fetchExists(ACCOUNT);
  }

  Optional<Secret> byLogin(String login) {
    return db.selectFrom(ACCOUNT)
        .where(ACCOUNT.LOGIN.eq(login))
        .fetchOptional(row -> new Secret(account(row), row.get(ACCOUNT.PASSWORD)));
  }

  List<Account> list() {
    return db.selectFrom(ACCOUNT).orderBy(ACCOUNT.NAME).fetch(AccountStore::account);
  }

  private static Account account(Record row) {
    return new Account(
        row.get(ACCOUNT.ID),
        row.get(ACCOUNT.LOGIN),
        row.get(ACCOUNT.NAME),
        Role.valueOf(row.get(ACCOUNT.ROLE)));
  }

  /** Adds the account, or gives a known one its new name, role and password. */
  public void put(Account account, String hashed, OffsetDateTime at) {
    db.insertInto(ACCOUNT)
        .set(ACCOUNT.ID, account.id())
        .set(ACCOUNT.LOGIN, account.login())
        .set(ACCOUNT.NAME, account.name())
        .set(ACCOUNT.ROLE, account.role().name())
        .set(ACCOUNT.PASSWORD, hashed)
        .set(ACCOUNT.CREATED_AT, at)
        .onConflict(ACCOUNT.ID)
        .doUpdate()
        .set(ACCOUNT.NAME, account.name())
        .set(ACCOUNT.ROLE, account.role().name())
        .set(ACCOUNT.PASSWORD, hashed)
        .execute();
  }

  Optional<UUID> idOfLogin(String login) {
    return db.select(ACCOUNT.ID)
        .from(ACCOUNT)
        .where(ACCOUNT.LOGIN.eq(login))
        .fetchOptional(ACCOUNT.ID);
  }

  void noteAttempt(String login, String address, boolean failed, OffsetDateTime at) {
    db.insertInto(LOGIN_ATTEMPT)
        .set(LOGIN_ATTEMPT.LOGIN, login)
        .set(LOGIN_ATTEMPT.ADDRESS, address)
        .set(LOGIN_ATTEMPT.FAILED, failed)
        .set(LOGIN_ATTEMPT.AT, at)
        .execute();
  }

  /** Failures since then for this login, or from this address whatever the login. */
  int failures(String login, String address, OffsetDateTime since, int mostOfAddress) {
    int ofLogin = failures(LOGIN_ATTEMPT.LOGIN.eq(login), since);
    int ofAddress = failures(LOGIN_ATTEMPT.ADDRESS.eq(address), since);
    return ofAddress >= mostOfAddress ? Integer.MAX_VALUE : ofLogin;
  }

  private int failures(org.jooq.Condition whose, OffsetDateTime since) {
    return db.fetchCount(
        DSL.selectFrom(LOGIN_ATTEMPT)
            .where(whose)
            .and(LOGIN_ATTEMPT.FAILED)
            .and(LOGIN_ATTEMPT.AT.gt(since)));
  }

  void forgetAttempts(OffsetDateTime before) {
    db.deleteFrom(LOGIN_ATTEMPT).where(LOGIN_ATTEMPT.AT.lt(before)).execute();
  }
}
