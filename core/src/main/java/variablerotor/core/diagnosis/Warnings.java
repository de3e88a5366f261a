package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Observation;
import variablerotor.core.check.OpenSwitch;
import variablerotor.core.check.Situation;
import variablerotor.core.check.Symptom;
import variablerotor.core.fact.Answer;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.Facts;
import variablerotor.core.family.Command;
import variablerotor.core.family.Family;
import variablerotor.core.signal.ThreePhase;
import variablerotor.core.text.Numbers;
import variablerotor.core.text.Words;
import variablerotor.core.winding.FrameState;
import variablerotor.core.winding.Signature;
import variablerotor.core.winding.Star;
import variablerotor.core.winding.Unbalance;
import variablerotor.core.winding.WindingFigures;
import variablerotor.core.winding.WindingState;
import variablerotor.core.winding.WindingVerdict;

/** What to mind beside the verdict. */
final class Warnings {
  private final Evidence evidence;
  private final Situation situation;
  private final WindingVerdict winding;
  private final Diagnosis.Verdict verdict;
  private final List<Diagnosis.Warning> list = new ArrayList<>();

  Warnings(Evidence evidence, Diagnosis.Verdict verdict) {
    this.evidence = evidence;
    this.situation = evidence.situation;
    this.winding = evidence.winding;
    this.verdict = verdict;
  }

  /**
   * @param contradictions readings that cannot all be true; empty where there is none
   */
  List<Diagnosis.Warning> list(List<Contradictions.Exclusion> contradictions) {
    if (!contradictions.isEmpty()) {
      add(
          WarningId.CONTRADICTION,
          "These exclude each other, whatever is broken: "
              + String.join(
                  " ", contradictions.stream().map(Contradictions.Exclusion::sentence).toList()));
    } else if (evidence.doubled) {
      twoFaults();
    }
    disagree();
    effects();
    otherComplaint();
    selfFinding();
    unusual();
    edges();
    probes();
    notUsed();
    code();
    steadily();
    readings();
    damage();
    looks();
    return list;
  }

  private void add(WarningId id, String sentence) {
    list.add(new Diagnosis.Warning(id, sentence));
  }

  private boolean blames(Suspect suspect) {
    return verdict.suspects().contains(suspect);
  }

  private void twoFaults() {
    CauseTable single = Tables.of(situation.family()).single(situation.symptom());
    List<String> pairs = Contradictions.pairs(evidence, single);
    add(
        WarningId.TWO_FAULTS,
        "No single fault explains these readings well: two things are wrong, or one of the"
            + " readings is. Take them again first. "
            + String.join(" ", pairs.subList(0, Math.min(2, pairs.size()))));
  }

  /** What an effect took away, and what was read while nothing was amiss: neither counts. */
  private void effects() {
    OpenSwitch open = OpenSwitch.of(situation.facts());
    if (open != null) {
      List<String> gone =
          evidence.standing.explained().stream().map(FactType::title).map(Words::inside).toList();
      add(
          WarningId.SWITCH_OPEN,
          open.sentence()
              + ": an open switch proves nothing by itself."
              + (gone.isEmpty()
                  ? ""
                  : " Till then this does not count: " + String.join("; ", gone) + "."));
    }
    if (situation.facts().words(FactType.AIR_LOOK).contains(Answer.COIL_FROZEN)) {
      add(
          WarningId.ICE_IS_AN_EFFECT,
          "Ice comes of too little air, from any cause: a fan that stands makes it. Thaw it, and"
              + " look on.");
    }
    if (!evidence.standing.untimely().isEmpty()) {
      List<String> titles =
          evidence.standing.untimely().stream().map(FactType::title).map(Words::inside).toList();
      add(
          WarningId.READ_WHILE_IT_RAN,
          "Read while it ran, so it tells nothing of why it stops: "
              + String.join("; ", titles)
              + ". Measure while the fault shows.");
    }
  }

  /** The wrong way for some seconds is how it finds the right one. */
  private void selfFinding() {
    if (Boolean.TRUE.equals(situation.facts().flag(FactType.FIRST_START))) {
      add(
          WarningId.SELF_FINDING,
          "A self-finding motor turns slowly, 10 to 15 s each way with a stop between, on its first"
              + " power only: the wrong way till then is no fault. Judge its rotation after that.");
    }
  }

  /** It does not even start: no check may wait for it to run. */
  private void otherComplaint() {
    if (OutOfReach.doesNotStart(situation)) {
      add(
          WarningId.OTHER_COMPLAINT,
          "It does not start now. If it stays so, change the complaint to \""
              + Symptom.NO_RUN.title()
              + "\": what needs it to run is not asked meanwhile.");
    }
  }

  /** Both are shown, and neither counts until a third. */
  private void disagree() {
    for (FactType type : situation.facts().disputed()) {
      List<String> values = new ArrayList<>();
      situation.facts().taken(type).forEach(value -> values.add(Fact.spoken(type, value)));
      add(
          WarningId.DISAGREE,
          type.title()
              + ": "
              + String.join(", then ", values)
              + ". They do not agree, so none of them counts: take it again.");
    }
  }

  /** An answer rarer than this under a complaint is worth a word. Judgement. */
  private static final double RARE = 0.02;

  /** It is rather another complaint where the answer is this many times likelier there. */
  private static final double RATHER = 5;

  /** One answer that is rare for this complaint: it is weighed, and asked about. */
  private void unusual() {
    CauseTable mine = Tables.of(situation.family()).single(situation.symptom());
    for (int c = 0; c < mine.checks.size(); c++) {
      Observation seen = evidence.seen[c];
      if (seen == null || mine.checks.get(c).outcome(seen.outcome()).good()) {
        continue;
      }
      double here = expected(mine, c, evidence.answers[c]);
      boolean question = mine.checks.get(c).isQuestion(seen.outcome());
      if (here >= RARE || question || mine.checks.get(c).isSoft() || restsOnAnother(c, seen)) {
        continue;
      }
      Symptom rather = null;
      double most = RATHER * here;
      for (Symptom other : Symptom.values()) {
        CauseTable table = Tables.of(situation.family()).single(other);
        int at = table.checks.indexOf(mine.checks.get(c));
        double there = at < 0 ? 0 : expected(table, at, evidence.answers[c]);
        if (there > most) {
          most = there;
          rather = other;
        }
      }
      if (rather != null) {
        add(
            WarningId.UNUSUAL,
            seen.sentence()
                + " That is rare for \""
                + situation.symptom().title()
                + "\"; is it rather \""
                + rather.title()
                + "\"?");
      }
    }
  }

  /** Whether an answer is one of this check's own facts, compared with those of others. */
  private boolean restsOnAnother(int check, Observation seen) {
    return !evidence.table.checks.get(check).facts().containsAll(seen.facts());
  }

  private static double expected(CauseTable table, int check, int outcome) {
    double sum = 0;
    for (int i = 0; i < table.prior.length; i++) {
      sum += table.prior[i] * table.share[check][i][outcome];
    }
    return sum;
  }

  private void edges() {
    Facts facts = situation.facts();
    Double line = facts.number(FactType.LINE_VOLTS);
    if (line != null && situation.lineVoltage().asksPlate(line)) {
      add(
          WarningId.PLATE_FIRST,
          "Read the motor's plate first: "
              + Numbers.plain(line, 0)
              + " V is good for a 115 V motor, and one leg of 240 for another.");
    }
    for (int c = 0; c < evidence.seen.length; c++) {
      Observation seen = evidence.seen[c];
      boolean plate = seen != null && seen.facts().contains(FactType.LINE_VOLTS);
      if (seen != null
          && (seen.outcome() == Answer.EDGE || seen.outcome() == Answer.KIND)
          && !(plate && line != null && situation.lineVoltage().asksPlate(line))) {
        add(
            WarningId.WINDOW_EDGE,
            seen.sentence() + " It stops nothing by itself. Has this unit a window of its own?");
      }
    }
  }

  /** Five wires against one black: two gone together and one left is the probe, or that wire. */
  private void probes() {
    Facts facts = situation.facts();
    int gone = 0;
    int there = 0;
    for (FactType type :
        List.of(FactType.BUS_VOLTS, FactType.LOGIC_VOLTS, FactType.COMMAND_VOLTS)) {
      Double volts = facts.number(type);
      gone += volts != null && volts < 1 ? 1 : 0;
      there += volts != null && volts >= 1 ? 1 : 0;
    }
    if (situation.family() == Family.BLDC_FIVE_WIRE && gone == 2 && there == 1) {
      add(
          WarningId.BLACK_PROBE,
          "Two readings gone together and one left: look at the black probe first. It belongs on"
              + " the plug's black wire, bus negative, never on the chassis.");
    }
    Double ab = facts.number(FactType.EMF_AB);
    Double bc = facts.number(FactType.EMF_BC);
    Double ca = facts.number(FactType.EMF_CA);
    if (ab != null
        && bc != null
        && ca != null
        && Math.max(ab, Math.max(bc, ca)) < WindingFigures.EMF_LEAST.value()) {
      add(
          WarningId.EMF_TOO_LITTLE,
          "Back-EMF under "
              + Numbers.plain(WindingFigures.EMF_LEAST.value())
              + " V means nothing: spin it faster, or the magnets are weak.");
    }
  }

  private void notUsed() {
    for (FactType type : situation.facts().types()) {
      String why = Unused.why(situation, type);
      if (why != null) {
        add(WarningId.NOT_USED, type.title() + ": not used. " + why);
      }
    }
  }

  private void code() {
    if (!situation.facts().names(FactType.CODE_SUSPECTS).isEmpty()) {
      add(
          WarningId.CODE_ORDER,
          "A code names what the board saw, not the part. Check in this order: connector, spin by"
              + " hand, voltage at the connector, and only then the part.");
    }
  }

  /** What comes and goes is measured while it is gone. */
  private void steadily() {
    boolean fleeting =
        situation.symptom() == Symptom.INTERMITTENT
            || situation.symptom() == Symptom.STARTS_THEN_STOPS;
    if (fleeting && verdict.state() != VerdictState.DECIDED) {
      add(
          WarningId.WHILE_IT_SHOWS,
          "Measure while the fault shows: wait until it has stopped, call still on, before you take"
              + " a voltage.");
    }
  }

  private void readings() {
    unbalance();
    if (winding.signature() == Signature.INCONSISTENT) {
      add(WarningId.WINDING_INCONSISTENT, winding.sentence());
    } else if (winding.state() == WindingState.UNCERTAIN) {
      add(WarningId.METER_CANNOT_TELL, winding.sentence());
    }
    Star star = winding.phaseOhms();
    if (winding.signature() == Signature.BALANCED && star != null) {
      double pair = (star.ab() + star.bc() + star.ca()) / 3;
      if (pair < WindingFigures.PAIR_TYPICAL_LOW.value()
          || pair > WindingFigures.PAIR_TYPICAL_HIGH.value()) {
        add(
            WarningId.WINDING_LEVEL_UNUSUAL,
            "Pairs are usually about 1 to 25 Ω. Balance counts more than the level, but compare with"
                + " the motor's own figure if there is one.");
      }
    }
    for (int c = 0; c < evidence.seen.length; c++) {
      Observation seen = evidence.seen[c];
      List<FactType> read = evidence.table.checks.get(c).facts();
      boolean of24 = situation.family().profile().command() == Command.VOLTS_24;
      boolean command =
          read.contains(FactType.COMMAND_VOLTS) || read.contains(FactType.COMMAND_VOLTS_BOARD);
      boolean control = read.contains(FactType.CONTROL_VOLTS) || (of24 && command);
      if (control && seen != null && seen.outcome() == Answer.LOW) {
        add(
            WarningId.CONTROL_VOLTS_LOW,
            seen.sentence() + " That is a weak transformer or a bad joint, not the motor.");
      } else if (control && seen != null && seen.outcome() == Answer.HIGH) {
        add(WarningId.CONTROL_VOLTS_HIGH, seen.sentence() + " Check the transformer's taps.");
      }
    }
  }

  private void unbalance() {
    Facts facts = situation.facts();
    Double ab = facts.number(FactType.LINE_VOLTS_AB);
    Double bc = facts.number(FactType.LINE_VOLTS_BC);
    Double ca = facts.number(FactType.LINE_VOLTS_CA);
    if (ab == null || bc == null || ca == null) {
      return;
    }
    double percent = Unbalance.percent(ab, bc, ca);
    double factor = ThreePhase.derating(percent);
    boolean onTheLine = situation.family().profile().hasDrive() && facts.has(FactType.RUN_BYPASS);
    if (!onTheLine) {
      if (factor < 1) {
        add(
            WarningId.UNBALANCE_AT_INPUT,
            "Line unbalance "
                + Numbers.plain(percent, 1)
                + " % at the input: it loads the rectifier unequally and can trip it. The motor"
                + " behind it is not derated.");
      }
      return;
    }
    if (factor == 0) {
      add(
          WarningId.UNBALANCE_DO_NOT_RUN,
          "Line unbalance "
              + Numbers.plain(percent, 1)
              + " %: above 5 % a motor is not to be run (NEMA MG 1, 14.36, from memory).");
    } else if (factor < 1) {
      add(
          WarningId.UNBALANCE_DERATE,
          "Line unbalance "
              + Numbers.plain(percent, 1)
              + " %: hold the motor to "
              + Numbers.plain(100 * factor, 0)
              + " % of its rated load (NEMA MG 1, 14.36, from memory).");
    }
  }

  private void damage() {
    boolean unchecked =
        !situation.family().profile().isReplacedWhole()
            && winding.state() != WindingState.FAULTY
            && (winding.state() == WindingState.NOT_MEASURED
                || winding.frame() == FrameState.NOT_MEASURED);
    if (blames(Suspect.MODULE) && unchecked) {
      add(
          WarningId.WINDING_UNCHECKED,
          "Never fit a new module to an unchecked motor: measure the three pairs and each lead to"
              + " the frame first.");
    }
    if (blames(Suspect.WINDING) && situation.family().profile().hasDrive()) {
      add(
          WarningId.DRIVE_MAY_BE_DAMAGED,
          "A shorted winding can take the drive's output with it: check the drive before you run a"
              + " new motor on it.");
    } else if (blames(Suspect.WINDING) && !blames(Suspect.MODULE)) {
      add(
          WarningId.MODULE_MAY_BE_DAMAGED,
          "A bad winding can take its module with it; a shorted one kills a new module at once.");
    }
    boolean mayKeep = !situation.family().profile().isReplacedWhole();
    if (blames(Suspect.BEARING) && mayKeep && winding.state() != WindingState.SOUND) {
      add(
          WarningId.WINDING_MAY_BE_DAMAGED,
          "A seized bearing can burn the winding: measure it before you keep any part of this"
              + " motor.");
    }
  }

  private void looks() {
    Facts facts = situation.facts();
    Answer module = facts.choice(FactType.MODULE_LOOK);
    Answer connector = facts.choice(FactType.CONNECTOR_LOOK);
    boolean water =
        module == Answer.WATER || module == Answer.CORRODED || connector == Answer.CORRODED;
    if (water) {
      add(
          WarningId.WATER,
          "Water or corrosion: the next module dies of the same. Mend the leak, and run the harness"
              + " in a drip loop with the plugs low.");
    }
    boolean blown = module == Answer.BURNT || module == Answer.BULGED_CAPACITOR;
    if (blown) {
      add(
          WarningId.LOOK_FOR_CAUSE,
          "A blown module has a cause: water, surge, high static, a wrong voltage link or a shorted"
              + " winding. Find it before fitting another.");
    }
  }
}
