package variablerotor.server.practice;

import static variablerotor.server.schema.Tables.MACHINE;

import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import variablerotor.core.bench.HiddenFault;
import variablerotor.core.diagnosis.Fault;
import variablerotor.core.diagnosis.Symptom;
import variablerotor.core.signal.Family;

/** Simulated motors: enough is kept of each to make it again, whichever process is asked. */
@Repository
class MachineStore {
  private final DSLContext db;

  MachineStore(DSLContext db) {
    this.db = db;
  }

  /** False where the id is taken. */
  boolean add(UUID id, HiddenFault hidden, UUID author, OffsetDateTime at) {
    return db.insertInto(MACHINE)
            .set(MACHINE.ID, id)
            .set(MACHINE.FAMILY, hidden.family().name())
            .set(MACHINE.SYMPTOM, hidden.symptom().name())
            .set(
                MACHINE.FAULTS,
                hidden.faults().stream().map(Enum::name).collect(Collectors.joining(",")))
            .set(MACHINE.SEVERITY, hidden.severity())
            .set(MACHINE.SEED, hidden.seed())
            .set(MACHINE.AUTHOR, author)
            .set(MACHINE.AT, at)
            .onConflict(MACHINE.ID)
            .doNothing()
            .execute()
        == 1;
  }

  Optional<HiddenFault> hidden(UUID id) {
    return db.selectFrom(MACHINE)
        .where(MACHINE.ID.eq(id))
        .fetchOptional(
            row ->
                new HiddenFault(
                    Family.valueOf(row.getFamily()),
                    Symptom.valueOf(row.getSymptom()),
                    Arrays.stream(row.getFaults().split(",")).map(Fault::valueOf).toList(),
                    row.getSeverity(),
                    row.getSeed()));
  }
}
