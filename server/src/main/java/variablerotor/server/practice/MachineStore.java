package variablerotor.server.practice;

import static variablerotor.server.schema.Tables.MACHINE;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import variablerotor.core.bench.HiddenFault;
import variablerotor.core.bench.Oddity;
import variablerotor.core.bench.RealCall;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.fact.FactParser;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.FactValue;
import variablerotor.core.family.Family;
import variablerotor.core.family.Fault;
import variablerotor.core.kept.ReadBack;
import variablerotor.core.tree.Tree;
import variablerotor.json.Json;
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
   * @param real the ended call that it is of; null where it is made up
   * @param onACall whether it is met as on a call: lock-outs, slips of the meter, plates unread
   */
  record Machine(HiddenFault hidden, boolean onACall, @Nullable RealCall real) {
    Machine(HiddenFault hidden, boolean onACall) {
      this(hidden, onACall, null);
    }
  }

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
            .made(MACHINE.ON_A_CALL, machine.onACall())
            .made(MACHINE.REAL_CALL, machine.real() == null ? null : told(machine.real())),
        stamp);
  }

  private static String told(RealCall real) {
    List<Object> facts = new ArrayList<>();
    real.readings()
        .forEach((type, value) -> facts.add(Tree.of("id", type.id(), "value", value.plain())));
    return Json.write(Tree.of("volts", real.plateVolts(), "found", real.found(), "facts", facts));
  }

  /** A reading that this version does not know any more is left out: the machine answers itself. */
  private static @Nullable RealCall real(Family family, Symptom symptom, @Nullable String told) {
    if (told == null || !(Json.kept(told) instanceof Map<?, ?> tree)) {
      return null;
    }
    List<Suspect> found = new ArrayList<>();
    if (tree.get("found") instanceof List<?> names) {
      for (Object name : names) {
        Suspect one = ReadBack.word(name, Suspect.values());
        if (one != null) {
          found.add(one);
        }
      }
    }
    Map<FactType, FactValue> readings = new EnumMap<>(FactType.class);
    if (tree.get("facts") instanceof List<?> facts) {
      for (Object fact : facts) {
        read(readings, fact);
      }
    }
    return new RealCall(
        family, symptom, tree.get("volts") instanceof String volts ? volts : null, found, readings);
  }

  private static void read(Map<FactType, FactValue> readings, @Nullable Object fact) {
    if (!(fact instanceof Map<?, ?> told) || !(told.get("id") instanceof String id)) {
      return;
    }
    FactType type = FactType.ofId(id);
    try {
      if (type != null) {
        readings.put(type, FactParser.parse(type, told.get("value")));
      }
    } catch (FactParser.Refused unknown) {
      // It was told in words of before.
    }
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
                    row.getOnACall(),
                    real(
                        Family.valueOf(row.getFamily()),
                        Symptom.valueOf(row.getSymptom()),
                        row.getRealCall())));
  }
}
