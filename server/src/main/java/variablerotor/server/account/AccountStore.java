package variablerotor.server.account;

import static variablerotor.server.schema.Tables.ACCOUNT;
import static variablerotor.server.schema.Tables.PASSKEY;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** Accounts. */
@Repository
public class AccountStore {
  /**
   * An account with its hashed password.
   *
   * @param password empty where none was ever set
   * @param passwordEnough whether it signs in without a passkey
   */
  record Secret(Account account, String password, boolean passwordEnough, Standing standing) {}

  /**
   * What a session is held against.
   *
   * @param edition grows with every change of role, password or standing
   */
  record Standing(boolean closed, int edition) {}

  private static final Field<UUID> BRANCH = DSL.field(DSL.name("account", "branch"), UUID.class);

  private final DSLContext db;

  AccountStore(DSLContext db) {
    this.db = db;
  }

  public boolean isEmpty() {
    return !db.fetchExists(ACCOUNT);
  }

  /** Until the transaction ends nobody else goes on from here, in whatever process. */
  public void waitForFirst() {
    db.execute("select pg_advisory_xact_lock(hashtext('first start'))");
  }

  Optional<Secret> byLogin(String login) {
    return db.selectFrom(ACCOUNT)
        .where(ACCOUNT.LOGIN.eq(login))
        .fetchOptional(
            row ->
                new Secret(
                    account(row),
                    row.get(ACCOUNT.PASSWORD),
                    row.get(ACCOUNT.PASSWORD_ENOUGH),
                    standing(row)));
  }

  /** Of which branch somebody is. */
  UUID branch(UUID id) {
    return db.select(BRANCH).from(ACCOUNT).where(ACCOUNT.ID.eq(id)).fetchSingle(BRANCH);
  }

  Optional<Standing> standing(UUID id) {
    return db.selectFrom(ACCOUNT).where(ACCOUNT.ID.eq(id)).fetchOptional(AccountStore::standing);
  }

  private static Standing standing(Record row) {
    return new Standing(row.get(ACCOUNT.CLOSED), row.get(ACCOUNT.EDITION));
  }

  List<AccountApi.AccountRow> list() {
    Map<UUID, Integer> passkeys =
        db.select(PASSKEY.ACCOUNT_ID, DSL.count())
            .from(PASSKEY)
            .groupBy(PASSKEY.ACCOUNT_ID)
            .fetchMap(PASSKEY.ACCOUNT_ID, DSL.count());
    return db.selectFrom(ACCOUNT)
        .orderBy(ACCOUNT.CLOSED, ACCOUNT.NAME)
        .fetch(
            row ->
                new AccountApi.AccountRow(
                    row.get(ACCOUNT.ID),
                    row.get(ACCOUNT.LOGIN),
                    row.get(ACCOUNT.NAME),
                    Role.valueOf(row.get(ACCOUNT.ROLE)),
                    row.get(ACCOUNT.CLOSED),
                    account(row).keepsBooks(),
                    !row.get(ACCOUNT.PASSWORD).isEmpty(),
                    passkeys.getOrDefault(row.get(ACCOUNT.ID), 0),
                    row.get(ACCOUNT.PASSWORD_ENOUGH)));
  }

  private static Account account(Record row) {
    return new Account(
        row.get(ACCOUNT.ID),
        row.get(ACCOUNT.LOGIN),
        row.get(ACCOUNT.NAME),
        Role.valueOf(row.get(ACCOUNT.ROLE)),
        row.get(ACCOUNT.KEEPS_BOOKS));
  }

  Optional<Account> find(UUID id) {
    return db.selectFrom(ACCOUNT).where(ACCOUNT.ID.eq(id)).fetchOptional(AccountStore::account);
  }

  /**
   * @return whether it is new; not, where id or login is taken
   */
  public boolean add(Account account, String hashed, OffsetDateTime at) {
    return db.insertInto(ACCOUNT)
            .set(ACCOUNT.ID, account.id())
            .set(ACCOUNT.LOGIN, account.login())
            .set(ACCOUNT.NAME, account.name())
            .set(ACCOUNT.ROLE, account.role().name())
            .set(ACCOUNT.KEEPS_BOOKS, account.keepsBooks())
            .set(ACCOUNT.PASSWORD, hashed)
            .set(ACCOUNT.CREATED_AT, at)
            .onConflictDoNothing()
            .execute()
        == 1;
  }

  /**
   * Gives a known account its new name, rights and standing, and a password where one is given,
   * which is then enough to sign in.
   *
   * @param ends whether every session of it ends with this
   */
  void change(Account now, boolean closed, @Nullable String hashed, boolean ends) {
    db.update(ACCOUNT)
        .set(ACCOUNT.NAME, now.name())
        .set(ACCOUNT.ROLE, now.role().name())
        .set(ACCOUNT.KEEPS_BOOKS, now.keepsBooks())
        .set(ACCOUNT.CLOSED, closed)
        .set(ACCOUNT.PASSWORD, hashed == null ? ACCOUNT.PASSWORD : DSL.val(hashed))
        .set(
            ACCOUNT.PASSWORD_ENOUGH,
            hashed == null ? ACCOUNT.PASSWORD_ENOUGH : DSL.inline(Boolean.TRUE))
        .set(ACCOUNT.EDITION, ACCOUNT.EDITION.plus(ends ? 1 : 0))
        .where(ACCOUNT.ID.eq(now.id()))
        .execute();
  }

  /**
   * A new password for an open account that is still of this edition.
   *
   * @return the edition after it; empty where the account was closed or changed before
   */
  Optional<Integer> changePassword(UUID id, int edition, String hashed) {
    return db.update(ACCOUNT)
        .set(ACCOUNT.PASSWORD, hashed)
        .set(ACCOUNT.EDITION, ACCOUNT.EDITION.plus(1))
        .where(ACCOUNT.ID.eq(id))
        .and(ACCOUNT.EDITION.eq(edition))
        .and(ACCOUNT.CLOSED.isFalse())
        .returningResult(ACCOUNT.EDITION)
        .fetchOptional(ACCOUNT.EDITION);
  }

  /**
   * Whether a password alone signs in to an open account that is still of this edition.
   *
   * @return whether that holds from now on
   */
  boolean letPasswordBeEnough(UUID id, int edition, boolean enough) {
    return db.update(ACCOUNT)
            .set(ACCOUNT.PASSWORD_ENOUGH, enough)
            .where(ACCOUNT.ID.eq(id))
            .and(ACCOUNT.EDITION.eq(edition))
            .and(ACCOUNT.CLOSED.isFalse())
            .execute()
        == 1;
  }

  boolean isPasswordEnough(UUID id) {
    return db.fetchExists(
        DSL.selectOne().from(ACCOUNT).where(ACCOUNT.ID.eq(id)).and(ACCOUNT.PASSWORD_ENOUGH));
  }

  /**
   * Every session of it ends with this.
   *
   * @return the edition after it; empty where the account was closed or changed before
   */
  Optional<Integer> endSessions(UUID id, int edition) {
    return db.update(ACCOUNT)
        .set(ACCOUNT.EDITION, ACCOUNT.EDITION.plus(1))
        .where(ACCOUNT.ID.eq(id))
        .and(ACCOUNT.EDITION.eq(edition))
        .and(ACCOUNT.CLOSED.isFalse())
        .returningResult(ACCOUNT.EDITION)
        .fetchOptional(ACCOUNT.EDITION);
  }

  /** Held until the transaction ends. */
  void lock(UUID id) {
    db.select(ACCOUNT.ID).from(ACCOUNT).where(ACCOUNT.ID.eq(id)).forUpdate().fetch();
  }

  /** Leads that can sign in; held until the transaction ends, so that two cannot go at once. */
  List<UUID> lockLeads() {
    return db.select(ACCOUNT.ID)
        .from(ACCOUNT)
        .where(ACCOUNT.ROLE.eq(Role.LEAD.name()))
        .and(ACCOUNT.CLOSED.isFalse())
        .orderBy(ACCOUNT.ID)
        .forUpdate()
        .fetch(ACCOUNT.ID);
  }
}
