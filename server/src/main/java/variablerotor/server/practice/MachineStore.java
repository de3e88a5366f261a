package variablerotor.server.practice;

import static variablerotor.server.schema.Tables.MACHINE;

import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import variablerotor.core.bench.HiddenFault;
import variablerotor.core.bench.Oddity;
import variablerotor.core.check.Symptom;
import variablerotor.core.family.Family;
import variablerotor.core.family.Fault;
import variablerotor.server.log.LogStore;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;

/** Simulated motors: enough is kept of each to make it again, whichever process is asked. */
@Repository
class MachineStore {
  private final DSLContext db;
  private final LogStore log;

  MachineStore(DSLContext db, LogStore log) {
    this.db = db;
    this.log = log;
  }

  /**
   * A simulated motor.
   *
   * @param onACall whether it is met as on a call: lock-outs, slips of the meter, plates unread
   */
  record Machine(HiddenFault hidden, boolean onACall) {}

  /** False where it is kept already; what was drawn then stays. */
  boolean add(UUID id, Machine machine, Stamp stamp) {
    HiddenFault hidden = machine.hidden();
    Oddity oddity = hidden.oddity();
    return log.keep(
        Save.of("simulated motor", MACHINE, id)
            .told(MACHINE.FAMILY, hidden.family().name())
            .told(MACHINE.SYMPTOM, hidden.symptom().name())
            .made(
                MACHINE.FAULTS,
                hidden.faults().stream().map(Enum::name).collect(Collectors.joining(",")))
            .made(MACHINE.SEVERITY, hidden.severity())
            .made(MACHINE.SEED, hidden.seed())
            .made(MACHINE.ODDITY, oddity == null ? null : oddity.name())
            .made(MACHINE.ON_A_CALL, machine.onACall()),
        stamp);
  }

  /** Whether this person put it on the bench. */
  boolean isOf(UUID id, UUID who) {
    return db.fetchExists(MACHINE, MACHINE.ID.eq(id).and(MACHINE.AUTHOR.eq(who)));
  }

  Optional<Machine> machine(UUID id) {
    return db.selectFrom(MACHINE)
        .where(MACHINE.ID.eq(id))
        .fetchOptional(
            row ->
                new Machine(
                    new HiddenFault(
                        Family.valueOf(row.getFamily()),
                        Symptom.valueOf(row.getSymptom()),
                        Arrays.stream(row.getFaults().split(",")).map(Fault::valueOf).toList(),
                        row.getSeverity(),
                        row.getSeed(),
                        row.getOddity() == null ? null : Oddity.valueOf(row.getOddity())),
                    row.getOnACall()));
  }
}
