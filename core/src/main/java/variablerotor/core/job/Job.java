package variablerotor.core.job;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.casefile.CaseFile;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Situation;
import variablerotor.core.choice.Market;
import variablerotor.core.choice.Market.Offer;
import variablerotor.core.choice.Options;
import variablerotor.core.choice.PartPrice;
import variablerotor.core.choice.ShopMotor;
import variablerotor.core.choice.Sourced;
import variablerotor.core.cost.CostFigures;
import variablerotor.core.diagnosis.CommonGround;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.diagnosis.VerdictState;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.Facts;
import variablerotor.core.fact.RepairPhase;
import variablerotor.core.fact.Taken;
import variablerotor.core.fitting.FitCase;
import variablerotor.core.fitting.FitRecord;
import variablerotor.core.fitting.Fitting;
import variablerotor.core.fitting.Hold;
import variablerotor.core.match.Candidate;
import variablerotor.core.motor.Running;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.motor.Warranty;
import variablerotor.core.proof.Proof;
import variablerotor.core.proof.ProofRequest;
import variablerotor.core.route.Circumstances;
import variablerotor.core.route.PlateAsk;
import variablerotor.core.route.Route;
import variablerotor.core.route.RouteState;
import variablerotor.core.route.Schools;
import variablerotor.core.route.Way;
import variablerotor.core.stock.Need;
import variablerotor.core.stock.PartNumber;
import variablerotor.core.stock.PlanNeeds;
import variablerotor.core.text.Dates;
import variablerotor.core.text.Words;
import variablerotor.core.tree.Tree;
import variablerotor.core.wiring.PlanRequest;
import variablerotor.core.wiring.PlanRequest.CallId;
import variablerotor.core.wiring.Planner;

/** What follows from the log of a call: the readings in force, the diagnosis, the ways forward. */
public final class Job {
  private final JobLog log;
  private final Settings settings;
  private final LocalDate today;
  private final Set<String> inForce;
  private final List<Fact> facts;
  private final List<ShopMotor> motors;
  private final Situation situation;
  private final Diagnosis diagnosis;
  private Options options;
  private final List<PlateAsk> plateAsks;

  /** Made when first asked for: four views of a call ask. */
  private @Nullable Fitting fitting;

  private Job(JobLog log, Settings settings, LocalDate today, @Nullable Job before) {
    this.log = log;
    this.settings = settings;
    this.today = today;
    inForce = inForce(log.readings());
    facts =
        log.readings().stream().filter(one -> !one.retracted()).map(JobLog.Reading::fact).toList();
    Particulars told = log.particulars();
    CaseFile file =
        new CaseFile(
            null, told.unit(), told.motor(), told.symptom(), told.also(), facts, today, List.of());
    motors = log.motors().stream().map(one -> one.by(log.sourced())).toList();
    situation = file.situation(settings.balanceLimitPercent());
    diagnosis =
        before != null && log.readsAs(before.log)
            ? before.diagnosis
            : CommonGround.diagnose(situation, told.families(), log.experience());
    Circumstances all =
        new Circumstances(
            file.knownUnit(),
            file.knownMotor(),
            running(told.running(), situation.facts()),
            Schools.of(settings.habits()).withModuleAloneYears(settings.moduleAloneYears()),
            told.agreed(),
            today);
    Options bare =
        Options.of(
            all,
            situation,
            diagnosis,
            market(all),
            motors.stream().map(ShopMotor::candidate).toList());
    options = bare;
    options = listed(bare);
    plateAsks = PlateAsk.of(all, diagnosis, ways());
  }

  /**
   * The ways with everything on their lists: what the plan of a conversion, a loan or a bypass
   * takes besides the motor, at the prices of stock and supply house.
   */
  private Options listed(Options bare) {
    if (log.shelf().isEmpty()) {
      return bare;
    }
    Market market = bare.market();
    List<Market.Offer> offers = new ArrayList<>();
    for (Market.Offer one : market.offers()) {
      boolean wired =
          one.route().isWired() && bare.route(one.route()).way().state() != RouteState.BLOCKED;
      offers.add(wired ? one.besides(besides(one.route())) : one);
    }
    return Options.of(bare.basis(), market.with(offers));
  }

  private List<PartPrice> besides(Route route) {
    PlanRequest asked = planOf(route);
    List<Need> needs =
        PlanNeeds.of(asked, Planner.of(asked), null).stream()
            .filter(one -> !Sourced.kinds(route).contains(one.kind()))
            .toList();
    return log.shelf().prices(needs);
  }

  /** A pressure that was measured need not be told again. */
  private static Running running(Running told, Facts facts) {
    return told.staticInwc() == null ? told.withStatic(facts.number(FactType.STATIC_INWC)) : told;
  }

  /** What the shop's figures and this call's say together. */
  private Market market(Circumstances all) {
    Running running = all.running();
    Double hours =
        running.hoursPerYear() == null ? settings.fanHoursPerYear() : running.hoursPerYear();
    return new Market(
        settings.currency(),
        settings.labourPerHour(),
        settings.energyPerKwh(),
        hours,
        running.airflowCfm() == null ? airByTons(all.unit()) : running.airflowCfm(),
        running.yearsAhead() == null ? yearsLeft(all) : running.yearsAhead(),
        Sourced.onto(typed(), log.sourced(), motors).stream()
            .map(
                one ->
                    one.route().keepsVariableSpeed() ? one.orWatts(running.variableWatts()) : one)
            .toList());
  }

  private static @Nullable Double airByTons(UnitPlate unit) {
    Double tons = unit.coolingTons();
    boolean indoors = unit.role() == UnitPlate.Role.INDOOR_BLOWER;
    return tons == null || !indoors ? null : (Double) (tons * CostFigures.CFM_PER_TON.value());
  }

  /** What is left of the life of a unit of this age, a year at least. */
  private @Nullable Double yearsLeft(Circumstances all) {
    Integer age = all.age();
    return age == null ? null : (Double) Math.max(1, settings.lifeYears() - age);
  }

  /** Of each way and motor what was typed last. */
  private List<Market.Offer> typed() {
    Map<String, Market.Offer> last = new LinkedHashMap<>();
    log.offers().forEach(one -> last.put(one.route() + " " + one.candidate(), one));
    return new ArrayList<>(last.values());
  }

  /** The part that a way's price is of, as stock and supply house say; null where none is. */
  public @Nullable Sourced sourced(Route route, @Nullable String candidate) {
    Sourced found = found(route, candidate);
    return found == null
        ? null
        : log.motors().stream()
            .filter(one -> candidate != null && one.candidate().id().equals(candidate))
            .findFirst()
            .map(found::pricedBy)
            .orElse(found);
  }

  private @Nullable Sourced found(Route route, @Nullable String candidate) {
    Sourced mine =
        log.sourced().stream().filter(one -> one.route() == route).findFirst().orElse(null);
    if (candidate == null || (mine != null && PartNumber.same(mine.number(), candidate))) {
      return mine;
    }
    return log.sourced().stream()
        .filter(one -> one.route() == null && PartNumber.same(one.number(), candidate))
        .findFirst()
        .orElse(null);
  }

  /**
   * @param today the day on which warranty and age are reckoned
   */
  public static Job of(JobLog log, Settings settings, LocalDate today) {
    return new Job(log, settings, today, null);
  }

  /**
   * The same call, with this on its log. Where nothing new was read or told, what the readings say
   * is not worked out again: it takes the most of the time, and cannot be another.
   */
  public Job with(JobLog more) {
    return new Job(more, settings, today, this);
  }

  /** Where a later reading stands in the place of an earlier one. */
  private record Place(RepairPhase phase, FactType type, @Nullable String on) {}

  /**
   * Of each phase, type and place the reading taken last and not taken back, and those that
   * measured the same thing again.
   */
  private static Set<String> inForce(List<JobLog.Reading> readings) {
    Map<Place, List<String>> latest = new LinkedHashMap<>();
    for (JobLog.Reading reading : readings) {
      Fact fact = reading.fact();
      Place place = new Place(fact.phase(), fact.type(), fact.taken().on());
      if (!reading.retracted()) {
        if (!fact.again()) {
          latest.remove(place);
        }
        latest.computeIfAbsent(place, any -> new ArrayList<>()).add(reading.id());
      }
    }
    Set<String> ids = new LinkedHashSet<>();
    latest.values().forEach(ids::addAll);
    return ids;
  }

  /** What was recorded. */
  public JobLog log() {
    return log;
  }

  /** The shop's figures. */
  public Settings settings() {
    return settings;
  }

  /** Whether a reading is in force: not taken back, and none of its kind and phase corrects it. */
  public boolean isInForce(JobLog.Reading reading) {
    return inForce.contains(reading.id());
  }

  /** How many readings are in force, of both phases. */
  public int countInForce() {
    return inForce.size();
  }

  /** Every reading not taken back, in the order of taking. */
  public List<Fact> facts() {
    return facts;
  }

  /** What the diagnosis reads. */
  public Situation situation() {
    return situation;
  }

  /** What the readings say so far. */
  public Diagnosis diagnosis() {
    return diagnosis;
  }

  /** What it is said to be: nothing where only what to do is said, or nothing yet. */
  public List<Suspect> said() {
    Diagnosis.Verdict verdict = diagnosis.verdict();
    return verdict.state() == VerdictState.OPEN ? List.of() : verdict.suspects();
  }

  /** The ways forward, priced and ranked, and the motors that would fit. */
  public Options options() {
    return options;
  }

  /** Every way forward, open or closed, in the order of the routes. */
  public List<Way> ways() {
    return options.basis().ways();
  }

  /** What of the plates is waited for, and why. */
  public List<PlateAsk> plateAsks() {
    return plateAsks;
  }

  /** The way forward by this route. */
  public Way way(Route route) {
    return options.route(route).way();
  }

  /** What was typed in last for this way as such; null where nothing was. */
  public @Nullable Offer offer(Route route) {
    return typed().stream()
        .filter(one -> one.route() == route && one.candidate() == null)
        .findFirst()
        .orElse(null);
  }

  /** The motors that the shop can get, as they lie now. */
  public List<ShopMotor> motors() {
    return motors;
  }

  /** The way to go; null while there is none to name. */
  public @Nullable Route recommended() {
    return options.recommended();
  }

  /** The way chosen last; null while none is. */
  public @Nullable Route chosen() {
    List<JobLog.Decided> decisions = log.decisions();
    return decisions.isEmpty() ? null : decisions.get(decisions.size() - 1).route();
  }

  /**
   * A conversion of this unit, filled in as far as it is known; null where the way that was chosen
   * is not one that is wired, or none is chosen.
   */
  public @Nullable PlanDraft planDraft() {
    Route chosen = chosen();
    return chosen == null || !chosen.isWired() ? null : PlanDraft.of(this, chosen);
  }

  /**
   * The plan of a way that is wired: as it is being made where this way was chosen, else as it
   * would be.
   */
  public PlanRequest planOf(Route route) {
    JobLog.Wired last = wired();
    PlanRequest made = last == null || chosen() != route ? null : last.made().plan();
    return made == null ? PlanDraft.of(this, route).plan() : made;
  }

  /**
   * Calls that the unit is known to give by now, and that the plan of the wiring as it was made
   * does not run: what was told later takes away what stood on its absence.
   */
  public List<CallId> notPlanned() {
    JobLog.Wired last = wired();
    PlanRequest plan = last == null ? null : last.made().plan();
    Route chosen = chosen();
    if (plan == null || chosen == null || !chosen.isWired()) {
      return List.of();
    }
    List<CallId> missing = new ArrayList<>(PlanDraft.of(this, chosen).plan().calls());
    missing.removeAll(plan.calls());
    return missing;
  }

  /** The conversion as it was made last; null while none is. */
  public JobLog.@Nullable Wired wired() {
    List<JobLog.Wired> wirings = log.wirings();
    return wirings.isEmpty() ? null : wirings.get(wirings.size() - 1);
  }

  /** What was done of the job last; null while nothing was. */
  public JobLog.@Nullable Fitted fitted() {
    List<JobLog.Fitted> fits = log.fits();
    return fits.isEmpty() ? null : fits.get(fits.size() - 1);
  }

  /**
   * The steps of the way that was chosen, with what was done of them; null where none is chosen.
   * What was done on another way is none of this one's; where things sat before is.
   */
  public @Nullable Fitting fitting() {
    Route chosen = chosen();
    if (chosen != null && fitting == null) {
      fitting = fitting(chosen);
    }
    return fitting;
  }

  private Fitting fitting(Route chosen) {
    FitCase draft = FitDraft.of(this, chosen);
    JobLog.Fitted last = fitted();
    if (last == null) {
      return Fitting.of(FitRecord.begun(draft));
    }
    return Fitting.of(
        last.record().job().way() == chosen
            ? last.record().in(draft)
            : FitRecord.begun(draft).remembering(last.record()));
  }

  /** Where the call stands: the newest truth of it. */
  public Stand stand() {
    Fitting fitting = fitting();
    Stand ended = ended();
    if (fitting == null && ended != null) {
      return ended;
    }
    if (fitting == null) {
      boolean settled = diagnosis.verdict().remedy().stands();
      return new Stand(
          countInForce() == 0
              ? Stand.Place.HEARING
              : settled ? Stand.Place.CHOOSING : Stand.Place.PROVING,
          "",
          null);
    }
    FitRecord record = fitting.record();
    Hold hold = record.hold();
    Proof proof = repair();
    // What is still owed stands before that the customer has it back: a loan goes out again.
    if (hold != null) {
      return new Stand(Stand.Place.WAITING, hold.sentence(), hold.until());
    }
    if (record.handedOver()) {
      return new Stand(Stand.Place.HANDED_OVER, proof == null ? "" : proof.headline(), null);
    }
    if (fitting.isInTrouble()) {
      return new Stand(Stand.Place.FITTING, fitting.headline(), null);
    }
    if (proof != null && proof.state() != Proof.State.NOT_YET) {
      boolean passed = proof.state() == Proof.State.PASSED;
      return new Stand(
          passed ? Stand.Place.REPAIRED : Stand.Place.PROVING_REPAIR, proof.headline(), null);
    }
    if (proof != null || fitting.isDone()) {
      return new Stand(
          Stand.Place.PROVING_REPAIR, proof == null ? fitting.headline() : proof.headline(), null);
    }
    if (fitting.isBegun()) {
      return new Stand(Stand.Place.FITTING, fitting.headline(), null);
    }
    return ended == null ? chosenStand() : ended;
  }

  /**
   * Somebody said what it turned out to be, and nothing was read or chosen since; null where it
   * goes on.
   */
  private @Nullable Stand ended() {
    List<JobLog.Outcome> outcomes = log.outcomes();
    if (outcomes.isEmpty()) {
      return null;
    }
    JobLog.Outcome last = outcomes.get(outcomes.size() - 1);
    boolean goesOn =
        log.readings().stream().anyMatch(one -> one.at().compareTo(last.at()) > 0)
            || log.decisions().stream().anyMatch(one -> one.at().compareTo(last.at()) > 0);
    if (goesOn) {
      return null;
    }
    List<String> found =
        last.found().stream().map(one -> situation.family().profile().spoken(one)).toList();
    return new Stand(
        Stand.Place.ENDED,
        found.isEmpty() ? "What it was is not known." : "It was " + Words.and(found) + ".",
        null);
  }

  /** Chosen and not begun: the part is waited for as long as it was said to take. */
  private Stand chosenStand() {
    Route chosen = Objects.requireNonNull(chosen());
    Double days = options.route(chosen).daysWithout();
    List<JobLog.Decided> decided = log.decisions();
    String said = decided.get(decided.size() - 1).at();
    LocalDate day = said.length() < 10 ? null : Dates.read(said.substring(0, 10));
    if (days == null || days < 1 || day == null) {
      return new Stand(Stand.Place.FITTING, chosen.title() + " chosen.", null);
    }
    long whole = (long) Math.ceil(days);
    return new Stand(
        Stand.Place.WAITING,
        chosen.title() + " chosen: its part is " + Words.count(whole, "day") + " away.",
        day.plusDays(whole).toString());
  }

  /** What the repair showed last; null while nothing was read. */
  public JobLog.@Nullable Proved proved() {
    List<JobLog.Proved> proofs = log.proofs();
    return proofs.isEmpty() ? null : proofs.get(proofs.size() - 1);
  }

  /**
   * The proof of the repair with all that was read of it; null where no way is chosen. What was
   * read of another way's repair proves nothing of this one.
   */
  public @Nullable ProofRequest proof() {
    Route chosen = chosen();
    JobLog.Proved last = proved();
    if (chosen == null) {
      return null;
    }
    ProofRequest draft = ProofDraft.of(this, chosen);
    return last != null && last.request().way() == chosen ? last.request().in(draft.unit()) : draft;
  }

  /** How the repair stands by what was read of it; null while nothing was. */
  public @Nullable Proof repair() {
    ProofRequest asked = proof();
    JobLog.Proved last = proved();
    return asked == null || last == null || last.request().way() != asked.way()
        ? null
        : Proof.of(asked);
  }

  /** Whether the unit is under warranty today. */
  public Warranty.Standing warranty() {
    return Warranty.of(log.particulars().unit().warrantyUntil(), today);
  }

  /** The call in the open format: its facts in force, of both phases, its prices and motors. */
  public Map<String, Object> caseTree() {
    List<Map<String, Object>> kept = new ArrayList<>();
    for (JobLog.Reading reading : log.readings()) {
      if (isInForce(reading)) {
        Fact fact = reading.fact();
        Map<String, Object> tree = Tree.of("id", fact.type().id(), "value", fact.value().plain());
        if (fact.phase() != RepairPhase.BEFORE) {
          tree.put("phase", fact.phase().name());
        }
        if (fact.again()) {
          tree.put("again", true);
        }
        Taken taken = fact.taken();
        tree.putAll(
            Tree.of("note", taken.note(), "while", Tree.plain(taken.when()), "on", taken.on()));
        kept.add(tree);
      }
    }
    Map<String, Object> whole = log.particulars().caseTree(kept);
    Map<String, Object> unusual = options.basis().all().schools().unusual();
    if (!unusual.isEmpty()) {
      whole.put("habits", unusual);
    }
    whole.put("market", options.market().tree());
    whole.put(
        "candidates", options.basis().candidates().stream().map(Candidate::caseTree).toList());
    @SuppressWarnings("unchecked")
    Map<String, Object> tree = (Map<String, Object>) Tree.withoutNulls(whole);
    return tree;
  }
}
