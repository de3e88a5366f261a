package variablerotor.server.shop;

import static variablerotor.server.schema.Tables.SETTING;

import java.time.ZoneId;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import variablerotor.core.job.Settings;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;

/** The shop's figures; the row written last is in force. */
@Repository
public class SettingsStore {
  private final DSLContext db;
  private final LogStore log;

  SettingsStore(DSLContext db, LogStore log) {
    this.db = db;
    this.log = log;
  }

  /** Until the shop sets its own, the usual ones in the time zone of this machine. */
  public Settings current() {
    return db.selectFrom(SETTING)
        .orderBy(SETTING.SEQ.desc())
        .limit(1)
        .fetchOptional(
            row ->
                new Settings(
                    row.getLabourPerHour(),
                    row.getBalanceLimitPercent(),
                    row.getCurrency(),
                    row.getTimeZone()))
        .orElseGet(() -> Settings.usual(ZoneId.systemDefault().getId()));
  }

  void add(UUID id, Settings settings, Stamp stamp) {
    log.keep(
        Save.of("setting", SETTING, id)
            .told(SETTING.LABOUR_PER_HOUR, settings.labourPerHour())
            .told(SETTING.BALANCE_LIMIT_PERCENT, settings.balanceLimitPercent())
            .told(SETTING.CURRENCY, settings.currency())
            .told(SETTING.TIME_ZONE, settings.timeZone()),
        stamp);
  }
}
