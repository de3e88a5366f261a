package variablerotor.server.shop;

import static variablerotor.server.schema.Tables.SETTING;

import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.job.Settings;
import variablerotor.core.route.Habit;
import variablerotor.core.route.Schools;
import variablerotor.server.log.Editions;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;
import variablerotor.server.web.Refused;

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
                Settings.usual(row.getTimeZone())
                    .but()
                    .labourPerHour(row.getLabourPerHour())
                    .balanceLimitPercent(row.getBalanceLimitPercent())
                    .currency(row.getCurrency())
                    .taxPercent(row.getTaxPercent())
                    .taxOnLabour(row.getTaxOnLabour())
                    .energyPerKwh(row.getEnergyPerKwh())
                    .fanHoursPerYear(row.getFanHoursPerYear())
                    .lifeYears(row.getLifeYears())
                    .moduleAloneYears(row.getModuleAloneYears())
                    .habits(Schools.of(habits(row.getHabits())).all())
                    .name(row.getName())
                    .phone(row.getPhone())
                    .build())
        .orElseGet(() -> Settings.usual(ZoneId.systemDefault().getId()));
  }

  /** The edition in force; none until the shop sets its own. */
  Optional<Editions.InForce> edition() {
    return log.newest(SETTING, DSL.noCondition());
  }

  /**
   * @param base the edition that it was changed from
   * @throws Refused where another is in force by now
   */
  @Transactional
  void put(UUID id, @Nullable UUID base, Settings settings, Stamp stamp) {
    log.hold("settings");
    if (!db.fetchExists(SETTING, SETTING.ID.eq(id))) {
      Editions.hold(base, edition().orElse(null), current().tree(), settings.tree());
    }
    add(id, settings, stamp);
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
                settings.habits().stream().map(Habit::name).collect(Collectors.joining(",")))
            .told(SETTING.NAME, settings.name())
            .told(SETTING.PHONE, settings.phone()),
        stamp);
  }

  private static List<Habit> habits(String names) {
    return names.isEmpty()
        ? List.of()
        : Arrays.stream(names.split(",")).map(Habit::valueOf).toList();
  }
}
