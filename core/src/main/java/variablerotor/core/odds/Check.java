package variablerotor.core.odds;

import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
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
import variablerotor.core.fact.FactType;
import variablerotor.core.family.Fault;
import variablerotor.core.signal.Window;

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
  private final boolean soft;
  private final @Nullable String after;
  private final Odds normal;
  private final Map<Fault, Odds> under;
  private final Map<Fault, String> reasons;
  private final Set<Symptom> symptoms;
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
    soft = builder.soft;
    after = builder.after;
    normal = odds(builder.normal);
    Map<Fault, Odds> rows = new EnumMap<>(Fault.class);
    builder.under.forEach((fault, text) -> rows.put(fault, odds(text)));
    under = Collections.unmodifiableMap(rows);
    reasons = Collections.unmodifiableMap(new EnumMap<>(builder.reasons));
    symptoms = EnumSet.copyOf(builder.symptoms);
    reader = how;
  }

  private Odds odds(String text) {
    Odds odds = Odds.of(text, question.outcomes());
    return soft ? odds.softened() : odds;
  }

  /** What is asked, without the odds. */
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
  public Outcome outcome(String value) {
    return outcomes().get(index(value));
  }

  /**
   * @throws IllegalArgumentException where it has no such outcome
   */
  public int index(String value) {
    return question.index(value);
  }

  /** Whether it is heard or seen in passing: it moves suspicion, and never clears or proves. */
  public boolean isSoft() {
    return soft;
  }

  /** Id of the check that comes before it; null where none must. */
  public @Nullable String after() {
    return after;
  }

  /** Whether the check says anything where this is the complaint. */
  public boolean isFor(Symptom symptom) {
    return symptoms.contains(symptom);
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

  /** How often each outcome is seen under a cause. */
  public Odds odds(Cause cause) {
    Odds odds = null;
    for (Fault fault : cause.faults()) {
      Odds mine = under.get(fault);
      if (mine != null) {
        odds = odds == null ? mine : Odds.both(odds, mine, outcomes());
      }
    }
    return odds == null ? normal : odds;
  }

  /** What is seen where no fault of a row is there. */
  public Odds normal() {
    return normal;
  }

  /** What is seen under each fault that changes it. */
  public Map<Fault, Odds> rows() {
    return under;
  }

  /** Why the odds under a fault are what they are; by fault. */
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
    private String normal = "";
    private final Map<Fault, String> under = new EnumMap<>(Fault.class);
    private final Map<Fault, String> reasons = new EnumMap<>(Fault.class);
    private boolean soft;
    private @Nullable String after;
    private @Nullable MeasuredWindow window;
    private Set<Symptom> symptoms = EnumSet.allOf(Symptom.class);

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

    Builder good(String value, String label) {
      outcomes.add(new Outcome(value, value, label, true));
      return this;
    }

    Builder bad(String value, String label) {
      return bad(value, value, label);
    }

    /** An outcome that the same word gives as another, depending on what was noted before. */
    Builder bad(String value, String answer, String label) {
      outcomes.add(new Outcome(value, answer, label, false));
      return this;
    }

    /** What is seen where no fault of this row is there. */
    Builder normal(String odds) {
      normal = odds;
      return this;
    }

    Builder under(Fault fault, String odds, String reason) {
      under.put(fault, odds);
      reasons.put(fault, reason);
      return this;
    }

    Builder onlyFor(Symptom first, Symptom... more) {
      symptoms = EnumSet.of(first, more);
      return this;
    }

    /** Made only after another, against which it is compared. */
    Builder after(String check) {
      after = check;
      return this;
    }

    /** Told or seen in passing: no answer of it clears anything. */
    Builder soft() {
      soft = true;
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
