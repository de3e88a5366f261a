package variablerotor.server.shop;

import static variablerotor.server.schema.Tables.SETTING;

import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import variablerotor.core.job.Settings;
import variablerotor.core.route.Habit;
import variablerotor.core.route.Schools;
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
                    row.getTimeZone(),
                    row.getTaxPercent(),
                    row.getTaxOnLabour(),
                    row.getEnergyPerKwh(),
                    row.getFanHoursPerYear(),
                    row.getLifeYears(),
                    row.getModuleAloneYears(),
                    Schools.of(habits(row.getHabits())).all()))
        .orElseGet(() -> Settings.usual(ZoneId.systemDefault().getId()));
  }

  public void add(UUID id, Settings settings, Stamp stamp) {
    log.keep(
        Save.of("setting", SETTING, id)
            .told(SETTING.LABOUR_PER_HOUR, settings.labourPerHour())
            .told(SETTING.BALANCE_LIMIT_PERCENT, settings.balanceLimitPercent())
            .told(SETTING.CURRENCY, settings.currency())
            .told(SETTING.TIME_ZONE, settings.timeZone())
            .told(SETTING.TAX_PERCENT, settings.taxPercent())
            .told(SETTING.TAX_ON_LABOUR, settings.taxOnLabour())
            .told(SETTING.ENERGY_PER_KWH, settings.energyPerKwh())
            .told(SETTING.FAN_HOURS_PER_YEAR, settings.fanHoursPerYear())
            .told(SETTING.LIFE_YEARS, settings.lifeYears())
            .told(SETTING.MODULE_ALONE_YEARS, settings.moduleAloneYears())
            .told(
                SETTING.HABITS,
                settings.habits().stream().map(Habit::name).collect(Collectors.joining(","))),
        stamp);
  }

  private static List<Habit> habits(String names) {
    return names.isEmpty()
        ? List.of()
        : Arrays.stream(names.split(",")).map(Habit::valueOf).toList();
  }
}
