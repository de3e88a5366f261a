package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.Facts;
import variablerotor.core.signal.Level;
import variablerotor.core.signal.Window;
import variablerotor.core.signal.Windows;

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

  /** Two statements that no machine can make true together. */
  private record Rule(FactType one, Says first, FactType other, Says second, String sentence) {}

  private static final List<Rule> RULES = new ArrayList<>();

  static {
    stiffer(FactType.SHAFT_FEEL, FactType.SHAFT_FEEL_MODULE_OFF, "with the module off");
    stiffer(FactType.SHAFT_FEEL, FactType.SHAFT_FEEL_WHEEL_OFF, "out of its wheel");
    stiffer(FactType.SHAFT_FEEL_MODULE_OFF, FactType.SHAFT_FEEL_WHEEL_OFF, "out of its wheel");
    for (FactType run : List.of(FactType.RUN_SUBSTITUTE_COMMAND, FactType.RUN_BYPASS)) {
      word(FactType.SHAFT_FEEL, "LOCKED", run, "RUNS", "It runs, and its shaft is locked.");
      for (FactType line : List.of(FactType.LINE_VOLTS, FactType.LINE_VOLTS_AB)) {
        rule(run, is(run, "RUNS"), line, absent(line), "It runs, and there is no line.");
      }
    }
    word(
        FactType.WHEEL_LOOK,
        "JAMMED",
        FactType.SHAFT_FEEL,
        "FREE",
        "The wheel is jammed, and it turns free.");
    lost(
        FactType.COMMAND_VOLTS,
        FactType.COMMAND_VOLTS_BOARD,
        "The command is at the motor, and not at the board that gives it.");
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
  }

  private Contradictions() {}

  private static void rule(FactType one, Says first, FactType other, Says second, String why) {
    RULES.add(new Rule(one, first, other, second, why));
  }

  private static void word(FactType one, String first, FactType other, String second, String why) {
    rule(one, is(one, first), other, is(other, second), why);
  }

  /** Taking a part away cannot make a free shaft hard to turn. */
  private static void stiffer(FactType before, FactType after, String where) {
    rule(
        before,
        is(before, "FREE"),
        after,
        facts -> is(after, "LOCKED").in(facts) || is(after, "STIFF").in(facts),
        "It was free before, and is not free " + where + ".");
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

  private static Says is(FactType type, String word) {
    return facts -> word.equals(facts.choice(type));
  }

  private static Says absent(FactType type) {
    return facts -> facts.has(type) && facts.number(type, 0) < DEAD_VOLTS;
  }

  private static Says good(FactType type, Window window) {
    return facts -> facts.has(type) && window.level(facts.number(type, 0)) == Level.GOOD;
  }

  /** What cannot be whatever is broken; one sentence a pair. */
  static List<String> physical(Facts facts) {
    List<String> sentences = new ArrayList<>();
    for (Rule rule : RULES) {
      if (rule.first.in(facts) && rule.second.in(facts)) {
        sentences.add(rule.sentence + " " + spoken(facts, rule.one) + spoken(facts, rule.other));
      }
    }
    return sentences;
  }

  private static String spoken(Facts facts, FactType type) {
    for (var fact : facts.list()) {
      if (fact.type() == type) {
        return type.title() + ": " + fact.spoken() + ". ";
      }
    }
    return "";
  }

  /**
   * The pairs of observations that no cause of this table allows together; where no two conflict,
   * everything that is out of order.
   */
  static List<String> pairs(Evidence evidence, CauseTable table) {
    List<String> sentences = new ArrayList<>();
    for (int c = 0; c < evidence.seen.length; c++) {
      for (int d = c + 1; d < evidence.seen.length; d++) {
        if (evidence.seen[c] != null
            && evidence.seen[d] != null
            && !together(table, c, evidence.outcome(c), d, evidence.outcome(d))) {
          sentences.add(evidence.seen[c].sentence() + " " + evidence.seen[d].sentence());
        }
      }
    }
    return sentences;
  }

  private static boolean together(CauseTable table, int c, int one, int d, int other) {
    for (int i = 0; i < table.causes.size(); i++) {
      if (table.possible[c][i][one] && table.possible[d][i][other]) {
        return true;
      }
    }
    return false;
  }

  /** Everything out of order, for readings that conflict only as a whole. */
  static String outOfOrder(Evidence evidence) {
    StringBuilder text = new StringBuilder();
    for (int c = 0; c < evidence.seen.length; c++) {
      boolean off =
          evidence.seen[c] != null
              && !evidence.table.checks.get(c).outcome(evidence.seen[c].outcome()).good();
      text.append(off ? evidence.seen[c].sentence() + " " : "");
    }
    return text.toString().trim();
  }
}
