package variablerotor.core.diagnosis;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Outcome;
import variablerotor.core.check.UnitState;
import variablerotor.core.fact.FactType;
import variablerotor.core.likelihood.Check;
import variablerotor.core.signal.Window;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;
import variablerotor.core.winding.WindingVerdict;

/**
 * What the facts say, and what to do next.
 *
 * @param headline while it is open: what is known, and what the next check will tell; else empty
 * @param verdict how far it has come
 * @param suspects proved first, then by probability
 * @param found defects that are plain to see, each to be mended whatever else is
 * @param beforeChoosing what is worth a look before a way forward is chosen: readings that a proof
 *     rests on once more, questions for plate and counter, what may have killed a part
 * @param stations each link of the chain, in order
 * @param winding the verdict on the winding readings
 * @param nextTests best first; empty when decided
 * @param rounds this round of checks and those that would follow; empty when decided
 * @param notes what the readings amount to beside the verdict
 * @param windows the windows in force, and who says so
 * @param warnings what to mind
 */
public record Diagnosis(
    String headline,
    Verdict verdict,
    List<SuspectView> suspects,
    List<Found> found,
    List<Station> stations,
    WindingVerdict winding,
    List<NextTest> nextTests,
    List<NextTest> beforeChoosing,
    List<Round> rounds,
    List<Note> notes,
    List<WindowInForce> windows,
    List<Warning> warnings) {
  public Diagnosis {
    suspects = List.copyOf(suspects);
    found = List.copyOf(found);
    stations = List.copyOf(stations);
    nextTests = List.copyOf(nextTests);
    beforeChoosing = List.copyOf(beforeChoosing);
    rounds = List.copyOf(rounds);
    notes = List.copyOf(notes);
    windows = List.copyOf(windows);
    warnings = List.copyOf(warnings);
  }

  /**
   * @param suspects those proved, or the one best guess, or none
   * @param remedy what is to be done
   * @param restsOn the facts of which a single wrong one would turn the proof or the remedy; none
   *     where nothing is proved or settled
   * @param proof by what it is proved, in a sentence; null where it is not
   */
  public record Verdict(
      VerdictState state,
      List<Suspect> suspects,
      String sentence,
      Remedy remedy,
      List<FactType> restsOn,
      @Nullable String proof) {
    public Verdict {
      suspects = List.copyOf(suspects);
      restsOn = List.copyOf(restsOn);
    }

    /** The first of them, or null. */
    public @Nullable Suspect suspect() {
      return suspects.isEmpty() ? null : suspects.get(0);
    }
  }

  /**
   * @param probability its share of the blame; all shares sum to 1
   * @param because the facts that clear it, or that point at it
   * @param clearedBy what was read that rules out some or all of its faults
   * @param pointedAtBy what was read that speaks for it, or proves it
   * @param wouldSettle what would still prove it or clear it, in sentences
   * @param missing checks that could still clear it or prove it, by id
   */
  public record SuspectView(
      Suspect id,
      double probability,
      SuspectState state,
      List<FactType> because,
      List<Reason> clearedBy,
      List<Reason> pointedAtBy,
      List<String> wouldSettle,
      List<String> missing) {
    public SuspectView {
      because = List.copyOf(because);
      clearedBy = List.copyOf(clearedBy);
      pointedAtBy = List.copyOf(pointedAtBy);
      wouldSettle = List.copyOf(wouldSettle);
      missing = List.copyOf(missing);
    }

    /** Why it stands as it does, in plain sentences. */
    public List<String> reasons() {
      return (state == SuspectState.CLEARED ? clearedBy : pointedAtBy)
          .stream().map(Reason::sentence).toList();
    }
  }

  /**
   * A defect that is plain to see.
   *
   * @param action what mends it
   * @param facts by id
   */
  public record Found(Suspect link, Action action, String sentence, List<String> facts)
      implements Node {
    public Found {
      facts = List.copyOf(facts);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of("link", link, "action", action, "sentence", sentence, "facts", facts);
    }
  }

  /**
   * One reading and what follows from it.
   *
   * @param figure id of the figure that it was held against; null where there is none
   */
  public record Reason(String sentence, @Nullable String figure, List<FactType> facts) {
    public Reason {
      facts = List.copyOf(facts);
    }
  }

  /**
   * Checks to do in one state of the unit before it is changed.
   *
   * @param checks ids, in order
   * @param minutes with the way to this state [min]
   * @param tools what they are done with
   * @param parts what the leading suspects may need
   */
  public record Round(
      UnitState state, List<String> checks, double minutes, List<String> tools, List<String> parts)
      implements Node {
    public Round {
      checks = List.copyOf(checks);
      tools = List.copyOf(tools);
      parts = List.copyOf(parts);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "state", state, "checks", checks, "minutes", minutes, "tools", tools, "parts", parts);
    }
  }

  /**
   * @param figure id of the figure behind it; null where there is none
   */
  public record Note(String id, String sentence, @Nullable String figure) implements Node {

    @Override
    public Map<String, Object> tree() {
      return Tree.of("id", id, "sentence", sentence, "figure", figure);
    }
  }

  /**
   * @param own the fact by which this unit's own window is given; null where none can be
   */
  public record WindowInForce(FactType reading, @Nullable FactType own, Window window) {}

  /** What is known of one link. */
  public record Station(Suspect id, StationState state, List<String> readings) implements Node {
    public Station {
      readings = List.copyOf(readings);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of("id", id, "state", state, "readings", readings);
    }
  }

  /** How a link is drawn. */
  public enum StationState {
    /** No check of it made. */
    UNSEEN,
    /** Checked, and as it should be. */
    GOOD,
    /** A check of it is out of order, or it is likely to blame. */
    SUSPECT,
    /** Proved to be at fault. */
    FAILED
  }

  /**
   * @param minutes for the check itself [min]
   * @param travelMinutes to bring the unit to its state [min]
   * @param gainBits how much doubt it takes away on average [bit]
   * @param again whether it was made already, and is to be taken once more
   */
  public record NextTest(
      Check check,
      double minutes,
      double travelMinutes,
      double gainBits,
      String sentence,
      List<Answer> outcomes,
      boolean again) {
    public NextTest {
      outcomes = List.copyOf(outcomes);
    }

    NextTest because(String why) {
      return new NextTest(check, minutes, travelMinutes, gainBits, why, outcomes, again);
    }

    NextTest onceMore() {
      return new NextTest(check, minutes, travelMinutes, gainBits, sentence, outcomes, true);
    }
  }

  /**
   * @param leadsTo the suspect that leads after this answer
   * @param decides whether it would end the search
   */
  public record Answer(Outcome outcome, double probability, Suspect leadsTo, boolean decides) {}

  /** Something to mind. */
  public record Warning(WarningId id, String sentence) implements Node {

    @Override
    public Map<String, Object> tree() {
      return Tree.of("id", id, "sentence", sentence);
    }
  }
}
