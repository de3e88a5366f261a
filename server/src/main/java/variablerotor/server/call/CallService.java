package variablerotor.server.call;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.check.Symptom;
import variablerotor.core.family.Family;
import variablerotor.core.history.UnitHistory;
import variablerotor.core.job.Correction;
import variablerotor.core.job.Corrections;
import variablerotor.core.job.Job;
import variablerotor.core.job.JobLog;
import variablerotor.core.job.KeptParticulars;
import variablerotor.core.job.Particulars;
import variablerotor.core.job.Settings;
import variablerotor.core.job.Shop;
import variablerotor.core.kept.ReadBack;
import variablerotor.core.kept.Wording;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.tree.Tree;
import variablerotor.core.van.CallRate;
import variablerotor.core.view.CallView;
import variablerotor.json.Json;
import variablerotor.server.log.Stamp;
import variablerotor.server.shop.SettingsStore;
import variablerotor.server.web.Figures;
import variablerotor.server.web.MayLag;
import variablerotor.server.web.Refused;

/** A call as it was opened and told, and the whole that its stages make of it. */
@Service
public class CallService {
  /** Visits of a unit that are shown; each is worked out anew. */
  private static final int MOST_VISITS = 12;

  /** A day's list that is longer leads nobody. */
  private static final int MOST_DUE = 50;

  private static final Particulars NOTHING =
      Particulars.of("", Symptom.NO_RUN, MotorPlate.of(Family.CONSTANT_TORQUE).build()).build();

  private final CallStore store;
  private final List<CallPart> parts;
  private final SettingsStore settings;
  private final Clock clock;

  CallService(CallStore store, List<CallPart> parts, SettingsStore settings, Clock clock) {
    this.store = store;
    this.parts = parts;
    this.settings = settings;
    this.clock = clock;
  }

  @MayLag
  public List<CallRow> list(String search, int page, int size) {
    return store.list(search, page * size, size);
  }

  /** Calls of which something is due today or was before, in the shop's time zone. */
  @MayLag
  public List<CallRow> due() {
    return store.due(today(settings.current()), MOST_DUE);
  }

  /** These calls as the list has them, in their order. */
  @Transactional(readOnly = true)
  public List<CallRow> rows(List<UUID> these) {
    return store.rows(these);
  }

  private LocalDate today(Settings figures) {
    return LocalDate.now(clock.withZone(ZoneId.of(figures.timeZone())));
  }

  @Transactional(readOnly = true)
  public CallView view(UUID call) {
    return CallView.of(job(call));
  }

  /**
   * All that is known of a call, and what follows from it.
   *
   * @throws Refused where there is no such call
   */
  @Transactional(readOnly = true)
  public Job job(UUID call) {
    CallStore.Opened opened = found(call);
    return job(call, opened, opened.changedAt());
  }

  /** What the shop brings to each call, as it stands now. */
  @Transactional(readOnly = true)
  public Shop shop() {
    // As a call that nothing was said of has it: nothing of it is the call's own.
    JobLog.Builder none = new JobLog.Builder("", false, "", "", "", NOTHING);
    parts.forEach(part -> part.addTo(none, new UUID(0, 0)));
    return Shop.of(none.build(), settings.current());
  }

  /**
   * The last call before this one to the same unit: none or one.
   *
   * @throws Refused where there is no such call
   */
  @Transactional(readOnly = true)
  public List<Earlier> earlier(UUID call) {
    found(call);
    return store.earlier(call).stream()
        .flatMap(
            one ->
                readable(one).stream()
                    .map(
                        job ->
                            new Earlier(
                                one.id(),
                                one.at(),
                                job.log().particulars(),
                                UnitHistory.changesMotor(job))))
        .toList();
  }

  /**
   * The unit of a call, by its calls. One without a name of its own has no history: others at the
   * place may be meant.
   *
   * @throws Refused where there is no such call
   */
  @Transactional(readOnly = true)
  public UnitHistory unit(UUID call) {
    return unit(call, false);
  }

  /**
   * The same as it stood when this call was opened: later ones are not in it. None where nothing of
   * it is told in words that are known.
   */
  @Transactional(readOnly = true)
  public List<UnitHistory> unitUntil(UUID call) {
    return readable(call).isEmpty() ? List.of() : List.of(unit(call, true));
  }

  /**
   * A call with what follows from it; none where there is no such call, or it is told in words that
   * nobody knows any more.
   */
  @Transactional(readOnly = true)
  public List<Job> readable(UUID call) {
    return store.opened(call).stream().flatMap(one -> readable(one).stream()).toList();
  }

  private UnitHistory unit(UUID call, boolean until) {
    CallStore.Opened mine = found(call);
    List<CallStore.Opened> all =
        store.ofUnit(call, MOST_VISITS).stream()
            .filter(one -> !until || !one.at().isAfter(mine.at()))
            .toList();
    ZoneId zone = ZoneId.of(settings.current().timeZone());
    List<UnitHistory.Call> visits = new ArrayList<>();
    for (CallStore.Opened one : all.isEmpty() ? List.of(mine) : all) {
      for (Job job : readable(one)) {
        visits.add(new UnitHistory.Call(job, day(one.at(), zone), day(worked(job, one), zone)));
      }
    }
    if (visits.isEmpty()) {
      throw Refused.conflict("What was told of this unit is in words that nobody knows any more.");
    }
    return UnitHistory.of(visits);
  }

  private static LocalDate day(OffsetDateTime at, ZoneId zone) {
    return at.atZoneSameInstant(zone).toLocalDate();
  }

  /** When hands were on it last, as far as that was kept: papers may be opened long after. */
  private static OffsetDateTime worked(Job job, CallStore.Opened call) {
    JobLog.Fitted fitted = job.fitted();
    List<JobLog.Decided> decided = job.log().decisions();
    return fitted != null
        ? OffsetDateTime.parse(fitted.at())
        : decided.isEmpty()
            ? call.changedAt()
            : OffsetDateTime.parse(decided.get(decided.size() - 1).at());
  }

  /** None where it is told in words that nobody knows any more: it is left out of the history. */
  private List<Job> readable(CallStore.Opened call) {
    return read(store.particulars(call.id())).value() == null
        ? List.of()
        : List.of(job(call.id(), call, call.changedAt()));
  }

  private CallStore.Opened found(UUID call) {
    return store.opened(call).orElseThrow(() -> Refused.missing("call"));
  }

  /**
   * @throws Refused where there is no such call
   */
  @Transactional(readOnly = true)
  public void require(UUID call) {
    found(call);
  }

  /**
   * Nothing real is taken, ordered or lent for a call on a simulated motor.
   *
   * @throws Refused where it is one, or there is no such call
   */
  @Transactional(readOnly = true)
  public void requireReal(UUID call) {
    if (found(call).practice()) {
      throw Refused.conflict("This call is practice: no real part is taken for it.");
    }
  }

  /** What was told last on a call. */
  public record Told(UUID call, Particulars particulars) {}

  /** Every unit that was called for and still reads, as it was told last; the newest first. */
  @Transactional(readOnly = true)
  public List<Told> units(int most) {
    List<UUID> units = store.units(most);
    Map<UUID, CallStore.Telling> tellings = store.particulars(units);
    return units.stream()
        .flatMap(
            one ->
                read(Objects.requireNonNull(tellings.get(one))).stream()
                    .map(told -> new Told(one, told)))
        .toList();
  }

  /**
   * Calls a year for each unit, so far as the shop's records go back; for less than a year as if it
   * were one, as what happened in a month does not happen twelve times.
   *
   * @param calls the newest of each unit
   */
  @Transactional(readOnly = true)
  public Map<UUID, Double> perYear(List<UUID> calls) {
    OffsetDateTime now = OffsetDateTime.now(clock);
    double days =
        store.first().map(first -> Duration.between(first, now).toDays()).orElse(0L).doubleValue();
    Map<UUID, Double> perYear = new HashMap<>();
    store.times(calls).forEach(one -> perYear.put(one.call(), CallRate.perYear(one.times(), days)));
    return perYear;
  }

  private Job job(UUID call, CallStore.Opened opened, OffsetDateTime changedAt) {
    CallStore.Telling last = store.particulars(call);
    ReadBack<Particulars> read = read(last);
    JobLog.Builder log =
        new JobLog.Builder(
            call.toString(),
            opened.practice(),
            opened.by(),
            opened.at().toString(),
            changedAt.toString(),
            read.value());
    log.strange(
        read.asTold().stream()
            .map(line -> new JobLog.Strange(line, last.by(), last.at().toString()))
            .toList());
    parts.forEach(part -> part.addTo(log, call));
    if (read.value() == null) {
      throw Refused.conflict(
              "This call was told in words that this version does not know. It is kept whole, as it"
                  + " was told, and not judged.")
          .with("asTold", log.asTold());
    }
    Settings figures = settings.current();
    return Figures.workedOut(() -> Job.of(log.build(), figures, today(figures)));
  }

  private static ReadBack<Particulars> read(CallStore.Telling telling) {
    return KeptParticulars.read(Wording.today(), telling.wording(), Json.kept(telling.body()));
  }

  private static Particulars checked(Particulars given) {
    try {
      return Particulars.checked(given);
    } catch (InputFaults faults) {
      throw Refused.fields(faults.faults());
    }
  }

  @Transactional
  public Job open(UUID id, Particulars given, Stamp stamp) {
    return open(id, false, given, stamp);
  }

  /** A call on a simulated motor: kept like any other, and left out of the list. */
  @Transactional
  public Job openPractice(UUID id, Particulars given, Stamp stamp) {
    return open(id, true, given, stamp);
  }

  private Job open(UUID id, boolean practice, Particulars given, Stamp stamp) {
    Particulars particulars = checked(given);
    boolean added = store.addCall(id, practice, particulars, stamp);
    // The first telling has the call's own id: by it an opening that is sent again is known.
    store.addParticulars(id, id, Json.write(particulars.tree()), stamp);
    return added ? changed(id, stamp) : job(id);
  }

  /**
   * A call that was made elsewhere, with its records as they were.
   *
   * @param records keeps them
   * @param last who made the newest of them, and when
   * @throws Refused where what was told of it last says nothing that is known here
   */
  @Transactional
  public Job bringIn(UUID id, Stamp opened, Stamp last, Runnable records) {
    store.addCall(id, opened);
    records.run();
    return retold(true, id, last);
  }

  @Transactional
  public Job tell(UUID call, UUID id, Particulars given, Stamp stamp) {
    lock(call);
    String body = Json.write(checked(given).tree());
    return retold(store.addParticulars(id, call, body, stamp), call, stamp);
  }

  /**
   * Changes single fields of what is told: what others changed meanwhile stays.
   *
   * @throws Refused where a field is wrong, or somebody else changed the same one to something else
   */
  @Transactional
  public Job correct(UUID call, UUID id, List<Correction> changes, Stamp stamp) {
    lock(call);
    String kept = Json.write(Objects.requireNonNull(Tree.plain(changes)));
    if (store.holdsCorrections(id, call, kept)) {
      return job(call);
    }
    Particulars last = read(store.particulars(call)).value();
    if (last == null) {
      return job(call);
    }
    List<Correction> disputed = Corrections.disputed(last, changes);
    if (!disputed.isEmpty()) {
      List<CallStore.Telling> tellings = store.tellings(call);
      throw Refused.conflict("Somebody else changed the same meanwhile. Nothing of yours is lost.")
          .with("conflicts", disputed.stream().map(one -> conflict(tellings, one)).toList());
    }
    try {
      String body = Json.write(Corrections.onto(last, changes).tree());
      return retold(store.addCorrections(id, call, kept, body, stamp), call, stamp);
    } catch (InputFaults faults) {
      throw Refused.fields(faults.faults());
    }
  }

  /**
   * Two people changed one field.
   *
   * @param theirs what it is now; null for nothing
   * @param yours what it was to be
   * @param by who made it what it is now
   */
  record Conflict(
      String field,
      @Nullable Object theirs,
      @Nullable Object yours,
      String by,
      OffsetDateTime at) {}

  /**
   * @param tellings every one, the newest first
   */
  private static Conflict conflict(List<CallStore.Telling> tellings, Correction mine) {
    CallStore.Telling made = tellings.get(0);
    Object theirs = field(made, mine);
    for (CallStore.Telling one : tellings) {
      if (!Corrections.same(field(one, mine), theirs)) {
        break;
      }
      made = one;
    }
    return new Conflict(mine.field(), theirs, mine.now(), made.by(), made.at());
  }

  private static @Nullable Object field(CallStore.Telling telling, Correction of) {
    Particulars told = read(telling).value();
    return told == null ? null : Corrections.fields(told).get(of.field());
  }

  /**
   * Holds the call until the transaction ends. Every stage does so before it saves.
   *
   * @throws Refused where there is no such call
   */
  public void lock(UUID call) {
    store.lock(call);
  }

  /** The call after a save: worked out anew where the save was new. */
  public Job after(boolean added, UUID call, Stamp stamp) {
    return added ? changed(call, stamp) : job(call);
  }

  /** The same after something was told of it. */
  private Job retold(boolean added, UUID call, Stamp stamp) {
    Job job = after(added, call, stamp);
    if (added) {
      store.retell(call, job.log());
    }
    return job;
  }

  /** Keeps what the list shows, and shows the call. */
  private Job changed(UUID call, Stamp stamp) {
    Job job = job(call, store.opened(call).orElseThrow(), stamp.at());
    store.summarise(call, job, stamp);
    return job;
  }
}
