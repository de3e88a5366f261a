package variablerotor.core.likelihood;

import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.MeasuredWindow;
import variablerotor.core.check.Observation;
import variablerotor.core.check.Outcome;
import variablerotor.core.check.Question;
import variablerotor.core.check.Symptom;
import variablerotor.core.check.UnitState;
import variablerotor.core.check.WaysToAnswer;
import variablerotor.core.fact.Answer;
import variablerotor.core.fact.FactType;
import variablerotor.core.family.Fault;
import variablerotor.core.signal.Window;
import variablerotor.core.signal.Windows;

/**
 * A question, and what its answers mean for a diagnosis: how often each is seen when all is normal
 * and under each fault, and how it is found among the facts.
 */
public final class Check {

  /** Finds the answer to a check among the facts; null where they do not hold one. */
  public interface Reader {
    @Nullable Observation read(WaysToAnswer reading);
  }

  private final Question question;
  private final Witness witness;
  private final Map<String, Set<Answer>> after;
  private final Likelihood normal;

  // Not wrapped: these are looked into some ten thousand times for a table of pairs, and in the
  // page a look into an unmodifiable wrapper goes through all of it.
  private final EnumMap<Symptom, Likelihood> effects = new EnumMap<>(Symptom.class);
  private final EnumMap<Fault, Likelihood> under = new EnumMap<>(Fault.class);
  private final EnumMap<Symptom, Map<Fault, Likelihood>> only = new EnumMap<>(Symptom.class);

  private final Map<Symptom, String> effectReasons;
  private final Map<Fault, String> reasons;
  private final Set<Symptom> offered;
  private final Set<Symptom> meaningful;
  private final Set<Answer> findings;
  private final Set<Answer> questions;
  private final Map<Answer, Suspect> defects;
  private final Reader reader;

  private Check(Builder builder, Reader how) {
    question =
        new Question(
            builder.id,
            builder.station,
            builder.state,
            builder.minutes,
            builder.facts,
            builder.ask,
            builder.how,
            builder.outcomes,
            builder.window);
    witness = builder.witness;
    after = Collections.unmodifiableMap(new LinkedHashMap<>(builder.after));
    findings = Set.copyOf(builder.findings);
    questions = Set.copyOf(builder.questions);
    defects = Collections.unmodifiableMap(new LinkedHashMap<>(builder.defects));
    normal = likelihood(Objects.requireNonNull(builder.normal, builder.id));
    builder.effects.forEach((symptom, often) -> effects.put(symptom, likelihood(often)));
    effectReasons = Collections.unmodifiableMap(new EnumMap<>(builder.effectReasons));
    builder.under.forEach((fault, often) -> under.put(fault, likelihood(often)));
    builder.only.forEach(
        (symptom, shown) -> {
          Map<Fault, Likelihood> mine = new EnumMap<>(Fault.class);
          shown.forEach((fault, often) -> mine.put(fault, likelihood(often)));
          only.put(symptom, mine);
        });
    reasons = Collections.unmodifiableMap(new EnumMap<>(builder.reasons));
    offered = EnumSet.copyOf(builder.offered);
    meaningful = EnumSet.copyOf(builder.meaningful);
    reader = how;
  }

  private Likelihood likelihood(Often<Answer> often) {
    return Likelihood.of(often, outcomes(), witness, questions, findings);
  }

  /** What is asked, without the likelihood. */
  public Question question() {
    return question;
  }

  /** By which records and the wire name it. */
  public String id() {
    return question.id();
  }

  /** The link of the chain that the question looks at. */
  public Suspect station() {
    return question.station();
  }

  /** The state that the unit must be in. */
  public UnitState state() {
    return question.state();
  }

  /** Without the change of state [min]. */
  public double minutes() {
    return question.minutes();
  }

  /** The facts that it takes, in the order of asking. */
  public List<FactType> facts() {
    return question.facts();
  }

  /** The question as it is put. */
  public String ask() {
    return question.ask();
  }

  /** Every answer that it tells apart. */
  public List<Outcome> outcomes() {
    return question.outcomes();
  }

  /**
   * @throws IllegalArgumentException where it has no such outcome
   */
  public Outcome outcome(Answer value) {
    return outcomes().get(index(value));
  }

  /**
   * @throws IllegalArgumentException where it has no such outcome
   */
  public int index(Answer value) {
    return question.index(value);
  }

  /** Who says so: a meter, a hand or an eye, or somebody in passing. */
  public Witness witness() {
    return witness;
  }

  /** Whether it is heard or seen in passing: it moves suspicion, and never clears or proves. */
  public boolean isSoft() {
    return witness == Witness.TOLD;
  }

  /** Whether an answer shows the part itself to be broken, which nothing unlisted can feign. */
  public boolean isFinding(Answer outcome) {
    return findings.contains(outcome);
  }

  /** Whether an answer is a question rather than a finding: it neither clears nor convicts. */
  public boolean isQuestion(Answer outcome) {
    return questions.contains(outcome);
  }

  /**
   * The link of which an answer is a defect that is plain to see, and is to be mended whatever else
   * is; null where it is none.
   */
  public @Nullable Suspect defect(Answer outcome) {
    if (defects.containsKey(outcome)) {
      return defects.get(outcome);
    }
    boolean plain =
        witness != Witness.TOLD
            && witness != Witness.MEASURED
            && !outcome(outcome).good()
            && !isQuestion(outcome)
            && station() != Suspect.BEARING
            && station() != Suspect.WINDING;
    return plain ? station() : null;
  }

  /**
   * The checks of which one comes before it, by id, with the answers after which it does; no
   * answers where any will do, and none at all where it stands by itself.
   */
  public Map<String, Set<Answer>> after() {
    return after;
  }

  /** Whether the check is worth offering where this is the complaint. */
  public boolean isFor(Symptom symptom) {
    return offered.contains(symptom) && meaningful.contains(symptom);
  }

  /** Whether its answer says anything where this is the complaint. */
  public boolean tellsUnder(Symptom symptom) {
    return meaningful.contains(symptom);
  }

  /** Index of the first outcome under which the link is as it should be. */
  public int goodIndex() {
    for (int i = 0; i < outcomes().size(); i++) {
      if (outcomes().get(i).good()) {
        return i;
      }
    }
    return 0;
  }

  /** How often each outcome is seen under a cause, where this is the complaint. */
  public Likelihood likelihood(Cause cause, Symptom symptom) {
    if (cause.isUnlisted()) {
      return normal(symptom).unlisted(outcomes(), witness, findings, questions);
    }
    Likelihood likelihood = null;
    for (Fault fault : cause.faults()) {
      Likelihood mine = only.getOrDefault(symptom, Map.of()).getOrDefault(fault, under.get(fault));
      if (mine != null) {
        likelihood = likelihood == null ? mine : Likelihood.both(likelihood, mine, outcomes());
      }
    }
    return likelihood == null ? normal(symptom) : likelihood;
  }

  /** What is seen where no fault of a row is there. */
  public Likelihood normal() {
    return normal;
  }

  /** The same where this is the complaint: what a complaint brings with it, whatever its cause. */
  public Likelihood normal(Symptom symptom) {
    return effects.getOrDefault(symptom, normal);
  }

  /** What is seen under a complaint whatever its cause, where that is not the normal. */
  public Map<Symptom, Likelihood> effects() {
    return Collections.unmodifiableMap(effects);
  }

  /** Why; by complaint. */
  public Map<Symptom, String> effectReasons() {
    return effectReasons;
  }

  /** What is seen under each fault that changes it. */
  public Map<Fault, Likelihood> rows() {
    return Collections.unmodifiableMap(under);
  }

  /** What is seen under a fault where this is the complaint, and that is not its usual row. */
  public Map<Symptom, Map<Fault, Likelihood>> rowsOf() {
    return Collections.unmodifiableMap(only);
  }

  /** Why the likelihood under a fault are what they are; by fault. */
  public Map<Fault, String> reasons() {
    return reasons;
  }

  /** The answer that the facts hold; null where they hold none. */
  public @Nullable Observation read(WaysToAnswer reading) {
    return reader.read(reading);
  }

  /**
   * @param minutes what it takes, without the change of state [min]
   */
  public static Builder check(String id, Suspect station, UnitState state, double minutes) {
    return new Builder(id, station, state, minutes);
  }

  /** Puts a check together, row by row. */
  public static final class Builder {
    private final String id;
    private final Suspect station;
    private final UnitState state;
    private final double minutes;
    private List<FactType> facts = List.of();
    private String ask = "";
    private String how = "";
    private final List<Outcome> outcomes = new java.util.ArrayList<>();
    private @Nullable Often<Answer> normal;
    private final Map<Fault, Often<Answer>> under = new EnumMap<>(Fault.class);
    private final Map<Fault, String> reasons = new EnumMap<>(Fault.class);
    private final Map<Symptom, Map<Fault, Often<Answer>>> only = new EnumMap<>(Symptom.class);
    private Witness witness = Witness.MEASURED;
    private final Set<Answer> findings = new LinkedHashSet<>();
    private final Set<Answer> questions = new LinkedHashSet<>();
    private final Map<Answer, Suspect> defects = new LinkedHashMap<>();
    private final Map<Symptom, Often<Answer>> effects = new EnumMap<>(Symptom.class);
    private final Map<Symptom, String> effectReasons = new EnumMap<>(Symptom.class);
    private final Map<String, Set<Answer>> after = new LinkedHashMap<>();
    private @Nullable MeasuredWindow window;
    private Set<Symptom> offered = EnumSet.allOf(Symptom.class);
    private Set<Symptom> meaningful = EnumSet.allOf(Symptom.class);

    private Builder(String id, Suspect station, UnitState state, double minutes) {
      this.id = id;
      this.station = station;
      this.state = state;
      this.minutes = minutes;
    }

    Builder takes(FactType... types) {
      facts = List.of(types);
      return this;
    }

    Builder ask(String text, String detail) {
      ask = text;
      how = detail;
      return this;
    }

    Builder good(Answer value, String label) {
      outcomes.add(new Outcome(value, value, label, true));
      return this;
    }

    Builder bad(Answer value, String label) {
      return bad(value, value, label);
    }

    /** An outcome that the same word gives as another, depending on what was noted before. */
    Builder bad(Answer value, Answer answer, String label) {
      outcomes.add(new Outcome(value, answer, label, false));
      return this;
    }

    /** What is seen where no fault of this row is there. */
    Builder normal(Often<Answer> likelihood) {
      normal = likelihood;
      return this;
    }

    Builder under(Fault fault, Often<Answer> likelihood, String reason) {
      under.put(fault, likelihood);
      reasons.put(fault, reason);
      return this;
    }

    /** What a fault shows where this is the complaint: as bad as that makes it. */
    Builder underIf(Symptom symptom, Fault fault, Often<Answer> likelihood) {
      only.computeIfAbsent(symptom, any -> new EnumMap<>(Fault.class)).put(fault, likelihood);
      return this;
    }

    /** An effect of the complaint itself: what is normal under it, whatever its cause. */
    Builder effect(Often<Answer> likelihood, String reason, Symptom... under) {
      for (Symptom symptom : under) {
        effects.put(symptom, likelihood);
        effectReasons.put(symptom, reason);
      }
      return this;
    }

    /** An answer that is good, given by the same word as another. */
    Builder good(Answer value, Answer answer, String label) {
      outcomes.add(new Outcome(value, answer, label, true));
      return this;
    }

    /** An answer that neither clears nor convicts. */
    Builder question(Answer value, String label) {
      questions.add(value);
      return bad(value, label);
    }

    /** Answers that show the part itself to be broken. */
    Builder finding(Answer... values) {
      findings.addAll(List.of(values));
      return this;
    }

    /** An answer that shows a defect of this link, to be mended whatever else is. */
    Builder defect(Answer value, Suspect link) {
      defects.put(value, link);
      return this;
    }

    /** Offered only where this is the complaint; its answer counts always. */
    Builder onlyFor(Symptom first, Symptom... more) {
      offered = EnumSet.of(first, more);
      return this;
    }

    /** Its answer says something only where this is the complaint. */
    Builder tellsOnlyFor(Symptom first, Symptom... more) {
      meaningful = EnumSet.of(first, more);
      return this;
    }

    /** Made only after another, against which it is compared. */
    Builder after(String check) {
      after.put(check, Set.of());
      return this;
    }

    /** Made only after one of these answers to another, or to one of several others. */
    Builder afterAnswer(String check, Answer... answers) {
      after.put(check, Set.of(answers));
      return this;
    }

    /** Right after something that ends what a complaint brings with it. */
    Builder withoutEffects() {
      effects.clear();
      effectReasons.clear();
      return this;
    }

    /** Told or seen in passing: no answer of it clears anything. */
    Builder soft() {
      witness = Witness.TOLD;
      return this;
    }

    /** Seen, and seldom mistaken: the normal row itself says how often. */
    Builder seen() {
      witness = Witness.SEEN;
      return this;
    }

    /** By hand, eye, ear or nose: a good answer clears, a bad one moves suspicion. */
    Builder sensed() {
      witness = Witness.SENSED;
      return this;
    }

    /**
     * Answered by where a reading lies against its window.
     *
     * @param own the fact by which the unit's own window is given; null where none can be
     */
    Check measured(FactType type, Window usual, @Nullable FactType own) {
      MeasuredWindow held = new MeasuredWindow(type, usual, own);
      window = held;
      return read(reading -> reading.volts(type, held.inForce(reading.facts())));
    }

    /** Answered by a supply that was gone before, and is measured again with its load off. */
    Check comesBack(FactType type, FactType before, Window usual, FactType own) {
      MeasuredWindow held = new MeasuredWindow(type, usual, own);
      window = held;
      return read(reading -> reading.comesBack(type, before, held.inForce(reading.facts())));
    }

    /**
     * Answered by a supply at the motor's end, which can be there at the board and lost between.
     */
    Check arrives(FactType type, FactType atBoard, Window usual, FactType own) {
      MeasuredWindow held = new MeasuredWindow(type, usual, own);
      window = held;
      return read(reading -> reading.arrives(type, atBoard, held.inForce(reading.facts())));
    }

    /** Answered by the 24 V supply, which a wrong tap leaves on the small side of its window. */
    Check controlSupply() {
      MeasuredWindow held = new MeasuredWindow(FactType.CONTROL_VOLTS, Windows.CONTROL_24V, null);
      window = held;
      return read(reading -> reading.control(held.inForce(reading.facts())));
    }

    /** Answered by a command, whose kind decides what a meter makes of it. */
    Check command(FactType type, Window usual) {
      MeasuredWindow held = new MeasuredWindow(type, usual, FactType.WINDOW_COMMAND);
      window = held;
      return read(reading -> reading.command(type, held.inForce(reading.facts())));
    }

    /** Answered by the word that its one fact has. */
    Check answeredByWord() {
      FactType fact = facts.get(0);
      return read(reading -> reading.choice(fact));
    }

    /** Answered by the yes or no of its one fact. */
    Check answeredByYesOrNo() {
      FactType fact = facts.get(0);
      return read(reading -> reading.flag(fact));
    }

    Check read(Reader how) {
      return new Check(this, how);
    }
  }
}
