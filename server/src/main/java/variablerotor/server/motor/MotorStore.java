package variablerotor.server.motor;

import static variablerotor.server.schema.Tables.SHOP_MOTOR;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import variablerotor.core.choice.ShopMotor;
import variablerotor.core.job.JobLog;
import variablerotor.core.job.KeptMotor;
import variablerotor.core.kept.AsTold;
import variablerotor.core.kept.ReadBack;
import variablerotor.core.kept.Wording;
import variablerotor.json.Json;
import variablerotor.server.call.CallPart;
import variablerotor.server.log.Editions;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;
import variablerotor.server.web.PerBranch;

/** Motors that the shop can get: of each the row written last is in force. */
@Repository
class MotorStore implements CallPart {
  private final DSLContext db;
  private final LogStore log;

  MotorStore(DSLContext db, LogStore log) {
    this.db = db;
    this.log = log;
  }

  /** A motor under the id that stays with it, and its edition. */
  record Kept(UUID id, UUID edition, ShopMotor motor) {}

  /** As it still reads: without a motor where it does not. */
  private record Row(UUID id, UUID edition, String name, ReadBack<ShopMotor> read) {}

  /** Holds the list until the transaction ends. */
  void lockList() {
    log.hold("motors");
  }

  /** The edition of a motor that is in force, also one that took it away. */
  Optional<Editions.InForce> edition(UUID motor) {
    return log.newest(SHOP_MOTOR, SHOP_MOTOR.MOTOR_ID.eq(motor));
  }

  private static Save save(UUID id, UUID motor, ShopMotor is, boolean removed) {
    return Save.of("motor", SHOP_MOTOR, id)
        .told(SHOP_MOTOR.MOTOR_ID, motor)
        .told(SHOP_MOTOR.NAME, is.candidate().id())
        .told(SHOP_MOTOR.BODY, Json.write(is.caseTree()))
        .told(SHOP_MOTOR.REMOVED, removed);
  }

  /** False where it is kept already. */
  boolean add(UUID id, UUID motor, ShopMotor is, boolean removed, Stamp stamp) {
    return log.keep(save(id, motor, is, removed), stamp);
  }

  boolean holds(UUID id) {
    return db.fetchExists(SHOP_MOTOR, SHOP_MOTOR.ID.eq(id));
  }

  /** One motor, also where it was taken away since. */
  Optional<Kept> newest(UUID motor) {
    return readable(fetch(SHOP_MOTOR.MOTOR_ID.eq(motor))).stream().findFirst();
  }

  /**
   * The list as it was read last. It is asked for with every reading of every call, so what was
   * parsed is kept for as long as no row has come since, from this process or another. Rows are
   * never taken away, so their count tells; the newest tells of one that was rolled back.
   */
  private record Read(long newest, int rows, List<Kept> motors, List<AsTold> asTold) {}

  private final PerBranch<Read> read = new PerBranch<>(new Read(-1, -1, List.of(), List.of()));

  /** All that were not taken away and still read, by name. */
  List<Kept> all() {
    return read().motors;
  }

  /** What nobody knows any more of motors that were not taken away, each after its motor's name. */
  List<AsTold> asTold() {
    return read().asTold;
  }

  private Read read() {
    var now = db.select(DSL.max(SHOP_MOTOR.SEQ), DSL.count()).from(SHOP_MOTOR).fetchSingle();
    long newest = now.value1() == null ? 0 : now.value1();
    Read last = read.get();
    if (last.newest != newest || last.rows != now.value2()) {
      List<Row> rows = fetch(SHOP_MOTOR.REMOVED.isFalse());
      last = new Read(newest, now.value2(), readable(rows), asTold(rows));
      read.set(last);
    }
    return last;
  }

  private static List<Kept> readable(List<Row> rows) {
    return rows.stream()
        .filter(row -> row.read().value() != null)
        .map(row -> new Kept(row.id(), row.edition(), Objects.requireNonNull(row.read().value())))
        .toList();
  }

  private static List<AsTold> asTold(List<Row> rows) {
    return rows.stream()
        .flatMap(
            row ->
                row.read().asTold().stream()
                    .map(one -> new AsTold(row.name() + ": " + one.what(), one.said())))
        .toList();
  }

  private List<Row> fetch(Condition which) {
    var later = SHOP_MOTOR.as("later");
    return db.selectFrom(SHOP_MOTOR)
        .where(which)
        .and(
            DSL.notExists(
                DSL.selectOne()
                    .from(later)
                    .where(later.MOTOR_ID.eq(SHOP_MOTOR.MOTOR_ID))
                    .and(later.SEQ.gt(SHOP_MOTOR.SEQ))))
        .orderBy(SHOP_MOTOR.NAME)
        .fetch(
            row ->
                new Row(
                    row.getMotorId(),
                    row.getId(),
                    row.getName(),
                    KeptMotor.read(Wording.today(), row.getWording(), Json.kept(row.getBody()))));
  }

  @Override
  public void addTo(JobLog.Builder job, UUID call) {
    job.motors(all().stream().map(Kept::motor).toList());
  }
}
