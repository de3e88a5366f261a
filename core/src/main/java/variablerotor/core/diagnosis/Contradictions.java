package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import variablerotor.core.check.Observation;
import variablerotor.core.fact.Answer;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.Facts;
import variablerotor.core.signal.Level;
import variablerotor.core.signal.Window;
import variablerotor.core.signal.Windows;
import variablerotor.core.winding.Ohms;
import variablerotor.core.winding.Signature;
import variablerotor.core.winding.WindingVerdict;

/**
 * Readings that cannot both be true. They are named as such, and never averaged away: one of the
 * two was misread, or something changed between them.
 */
final class Contradictions {

  /** A statement about one fact. */
  private interface Says {
    /** Whether the fact was given, and says so. */
    boolean in(Facts facts);
  }

  /**
   * Below this a power or signal line is dead [V]. Chosen here: stray pick-up on an open lead of a
   * hand-held meter seldom reads more.
   */
  private static final double DEAD_VOLTS = 5;

  /**
   * Above this a drive is putting volts out [V]. Chosen here: at its lowest speed it gives some
   * tens of volts, and pick-up on a dead output gives less.
   */
  private static final double DRIVEN_VOLTS = 30;

  /** More than a meter picks up across an open pair [V]. Chosen here. */
  private static final double OPEN_EMF = 5;

  private static final FactType[][] OPEN_PAIRS = {
    {FactType.WINDING_AB, FactType.EMF_AB},
    {FactType.WINDING_BC, FactType.EMF_BC},
    {FactType.WINDING_CA, FactType.EMF_CA}
  };

  /** Two statements that no machine can make true together. */
  private record Rule(FactType one, Says first, FactType other, Says second, String sentence) {}

  /**
   * Readings of this call that exclude each other.
   *
   * @param facts each to be taken once more, or taken back
   */
  record Exclusion(String sentence, List<FactType> facts) {
    Exclusion {
      facts = List.copyOf(facts);
    }
  }

  private static final List<Rule> RULES = new ArrayList<>();

  static {
    stiffer(FactType.SHAFT_FEEL, FactType.SHAFT_FEEL_MODULE_OFF, "with the module off");
    stiffer(FactType.SHAFT_FEEL, FactType.SHAFT_FEEL_WHEEL_OFF, "out of its wheel");
    stiffer(FactType.SHAFT_FEEL_MODULE_OFF, FactType.SHAFT_FEEL_WHEEL_OFF, "out of its wheel");
    for (FactType run : List.of(FactType.RUN_SUBSTITUTE_COMMAND, FactType.RUN_BYPASS)) {
      word(
          FactType.SHAFT_FEEL,
          Answer.LOCKED,
          run,
          Answer.RUNS,
          "It runs, and its shaft is locked.");
      for (FactType line : List.of(FactType.LINE_VOLTS, FactType.LINE_VOLTS_AB)) {
        rule(run, is(run, Answer.RUNS), line, absent(line), "It runs, and there is no line.");
      }
    }
    word(
        FactType.WHEEL_LOOK,
        Answer.JAMMED,
        FactType.SHAFT_FEEL,
        Answer.FREE,
        "The wheel is jammed, and it turns free.");
    lost(
        FactType.LINK_VOLTS,
        FactType.LINK_VOLTS_BOARD,
        "The link's supply is at the plug, and not at the board that gives it.");
    lost(
        FactType.FEEDBACK_HERTZ_BOARD,
        FactType.FEEDBACK_HERTZ,
        "Pulses reach the board, and the motor sends none.");
    rule(
        FactType.BUS_VOLTS,
        good(FactType.BUS_VOLTS, Windows.BUS),
        FactType.BUS_VOLTS_UNPLUGGED,
        absent(FactType.BUS_VOLTS_UNPLUGGED),
        "The bus is good with the motor on it, and gone without.");
    rule(
        FactType.BUS_VOLTS_BOARD,
        good(FactType.BUS_VOLTS_BOARD, Windows.BUS),
        FactType.BUS_VOLTS_UNPLUGGED,
        absent(FactType.BUS_VOLTS_UNPLUGGED),
        "The bus is at the board with the motor on it, and gone without.");
    rule(
        FactType.BUS_VOLTS,
        good(FactType.BUS_VOLTS, Windows.BUS),
        FactType.BUS_VOLTS_BOARD,
        absent(FactType.BUS_VOLTS_BOARD),
        "The bus is at the motor's plug, and not at the board that gives it.");
    rule(
        FactType.LOGIC_VOLTS,
        good(FactType.LOGIC_VOLTS, Windows.LOGIC),
        FactType.LOGIC_VOLTS_UNPLUGGED,
        absent(FactType.LOGIC_VOLTS_UNPLUGGED),
        "The logic supply is good with the motor on it, and gone without.");
    rule(
        FactType.AUX_VOLTS,
        good(FactType.AUX_VOLTS, Windows.AUX),
        FactType.AUX_VOLTS_UNLOADED,
        absent(FactType.AUX_VOLTS_UNLOADED),
        "The fan's 10 V is good with the control wires on it, and gone without.");
    rule(
        FactType.AUX_VOLTS,
        good(FactType.AUX_VOLTS, Windows.AUX),
        FactType.LINE_VOLTS,
        absent(FactType.LINE_VOLTS),
        "The fan gives its 10 V, and has no line to make it from.");
    rule(
        FactType.DRIVE_OUTPUT_AB,
        facts -> facts.number(FactType.DRIVE_OUTPUT_AB, 0) > DRIVEN_VOLTS,
        FactType.LINE_VOLTS_AB,
        facts ->
            absent(FactType.LINE_VOLTS_AB).in(facts) && absent(FactType.LINE_VOLTS_CA).in(facts),
        "The drive puts volts out, and gets none in.");
    for (FactType[] pair : OPEN_PAIRS) {
      rule(
          pair[0],
          isOpen(pair[0]),
          pair[1],
          facts -> facts.number(pair[1], 0) >= OPEN_EMF,
          "The pair is open, and makes back-EMF through the same two leads.");
    }
  }

  private Contradictions() {}

  private static void rule(FactType one, Says first, FactType other, Says second, String why) {
    RULES.add(new Rule(one, first, other, second, why));
  }

  private static void word(FactType one, Answer first, FactType other, Answer second, String why) {
    rule(one, is(one, first), other, is(other, second), why);
  }

  /** Taking a part away cannot lock a free shaft; leads that touch each other only brake it. */
  private static void stiffer(FactType before, FactType after, String where) {
    rule(
        before,
        is(before, Answer.FREE),
        after,
        is(after, Answer.LOCKED),
        "It was free before, and is locked " + where + ".");
  }

  /** Something arrives that was never sent. */
  private static void lost(FactType arrived, FactType sent, String why) {
    rule(
        arrived,
        facts -> facts.number(arrived, 0) > SENT,
        sent,
        facts -> facts.has(sent) && facts.number(sent, 0) < STRAY,
        why);
  }

  /**
   * Above this a signal is there whatever its kind, below the other it is not [V or Hz]. Chosen
   * here wide apart, so that only a plain contradiction is called one.
   */
  private static final double SENT = 5;

  private static final double STRAY = 1;

  private static Says is(FactType type, Answer word) {
    return facts -> facts.choice(type) == word;
  }

  private static Says isOpen(FactType pair) {
    return facts -> {
      Ohms ohms = facts.ohms(pair);
      return ohms != null && ohms.isOverLimit();
    };
  }

  private static Says absent(FactType type) {
    return facts -> facts.has(type) && facts.number(type, 0) < DEAD_VOLTS;
  }

  private static Says good(FactType type, Window window) {
    return facts -> facts.has(type) && window.level(facts.number(type, 0)) == Level.GOOD;
  }

  /**
   * What cannot be whatever is broken, pair by pair.
   *
   * @param winding the verdict on the winding readings, which can exclude each other by themselves
   */
  static List<Exclusion> physical(Facts facts, WindingVerdict winding) {
    List<Exclusion> found = new ArrayList<>();
    for (Rule rule : RULES) {
      if (rule.first.in(facts) && rule.second.in(facts)) {
        found.add(
            new Exclusion(
                rule.sentence + " " + spoken(facts, rule.one) + spoken(facts, rule.other),
                List.of(rule.one, rule.other)));
      }
    }
    if (winding.signature() == Signature.INCONSISTENT) {
      List<FactType> read = new ArrayList<>(WINDINGS);
      read.removeIf(type -> !facts.has(type));
      found.add(new Exclusion(winding.sentence(), read));
    }
    return found;
  }

  private static final List<FactType> WINDINGS =
      List.of(
          FactType.WINDING_AB,
          FactType.WINDING_BC,
          FactType.WINDING_CA,
          FactType.WINDING_FRAME_A,
          FactType.WINDING_FRAME_B,
          FactType.WINDING_FRAME_C);

  private static String spoken(Facts facts, FactType type) {
    for (var fact : facts.list()) {
      if (fact.type() == type) {
        return type.title() + ": " + fact.spoken() + ". ";
      }
    }
    return "";
  }

  /** The pairs of observations that no listed cause of this table allows together. */
  static List<String> pairs(Evidence evidence, CauseTable table) {
    List<String> sentences = new ArrayList<>();
    for (int c = 0; c < evidence.answers.length; c++) {
      for (int d = c + 1; d < evidence.answers.length; d++) {
        Observation one = evidence.seen[c];
        Observation other = evidence.seen[d];
        if (one != null
            && other != null
            && !together(table, c, evidence.answers[c], d, evidence.answers[d])) {
          sentences.add(one.sentence() + " " + other.sentence());
        }
      }
    }
    return sentences;
  }

  private static boolean together(CauseTable table, int c, int one, int d, int other) {
    for (int i = 0; i < table.causes.size(); i++) {
      if (i != table.unlisted && table.possible[c][i][one] && table.possible[d][i][other]) {
        return true;
      }
    }
    return false;
  }
}
