package variablerotor.server.shop;

import static variablerotor.server.schema.Tables.SETTING;

import java.time.OffsetDateTime;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The shop's figures; the row written last is in force. */
@Repository
public class SettingsStore {
  private final DSLContext db;

  SettingsStore(DSLContext db) {
    this.db = db;
  }

  public Settings current() {
    return db.selectFrom(SETTING)
        .orderBy(SETTING.SEQ.desc())
        .limit(1)
        .fetchOptional(
            row ->
                new Settings(
                    row.getLabourPerHour(), row.getBalanceLimitPercent(), row.getCurrency()))
        .orElse(Settings.USUAL);
  }

  void add(UUID id, Settings settings, UUID author, OffsetDateTime at) {
    db.insertInto(SETTING)
        .set(SETTING.ID, id)
        .set(SETTING.LABOUR_PER_HOUR, settings.labourPerHour())
        .set(SETTING.BALANCE_LIMIT_PERCENT, settings.balanceLimitPercent())
        .set(SETTING.CURRENCY, settings.currency())
        .set(SETTING.AUTHOR, author)
        .set(SETTING.AT, at)
        .onConflict(SETTING.ID)
        .doNothing()
        .execute();
  }
}
