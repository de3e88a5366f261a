package variablerotor.core.view;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.UnitState;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.diagnosis.Engine;
import variablerotor.core.diagnosis.Remedy;
import variablerotor.core.diagnosis.SuspectState;
import variablerotor.core.diagnosis.VerdictState;
import variablerotor.core.fact.Answer;
import variablerotor.core.fact.FactType;
import variablerotor.core.likelihood.Check;
import variablerotor.core.signal.Window;
import variablerotor.core.source.Source;
import variablerotor.core.text.Numbers;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;
import variablerotor.core.winding.FrameState;
import variablerotor.core.winding.Phase;
import variablerotor.core.winding.Signature;
import variablerotor.core.winding.Star;
import variablerotor.core.winding.Unbalance;
import variablerotor.core.winding.WindingState;
import variablerotor.core.winding.WindingVerdict;

/**
 * A diagnosis as the open format has it: what the command line prints, the page reads, and a
 * decision keeps.
 *
 * @param engine version of rules and likelihoods
 * @param headline while it is open: what is known, and what the next check will tell; else empty
 */
public record DiagnosisView(
    String engine,
    String headline,
    Verdict verdict,
    List<SuspectView> suspects,
    List<Diagnosis.Found> found,
    WindingView winding,
    List<NextTestView> nextTests,
    List<NextTestView> beforeChoosing,
    List<Diagnosis.Round> rounds,
    List<Diagnosis.Note> notes,
    List<WindowView> windows,
    List<Diagnosis.Station> stations,
    List<Diagnosis.Warning> warnings)
    implements Node {

  public DiagnosisView {
    suspects = List.copyOf(suspects);
    found = List.copyOf(found);
    beforeChoosing = List.copyOf(beforeChoosing);
    nextTests = List.copyOf(nextTests);
    rounds = List.copyOf(rounds);
    notes = List.copyOf(notes);
    windows = List.copyOf(windows);
    stations = List.copyOf(stations);
    warnings = List.copyOf(warnings);
  }

  /**
   * @param suspect the first of those named; null where none is
   * @param restsOn ids of the facts of which a single wrong one would turn it
   * @param proof by what it is proved; null where it is not
   */
  public record Verdict(
      VerdictState state,
      @Nullable Suspect suspect,
      List<Suspect> suspects,
      String sentence,
      Remedy remedy,
      List<String> restsOn,
      @Nullable String proof)
      implements Node {
    public Verdict {
      suspects = List.copyOf(suspects);
      restsOn = List.copyOf(restsOn);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "state", state,
          "suspect", suspect,
          "suspects", suspects,
          "sentence", sentence,
          "remedy", remedy,
          "restsOn", restsOn,
          "proof", proof);
    }
  }

  /** A reading and what follows from it; the figure behind it, where there is one. */
  public record ReasonView(String sentence, @Nullable String figure, List<String> facts)
      implements Node {
    public ReasonView {
      facts = List.copyOf(facts);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of("sentence", sentence, "figure", figure, "facts", facts);
    }
  }

  /**
   * @param probability its share of the blame; all shares sum to 1. The only number of a suspect,
   *     and after the proved ones the order of the list
   */
  public record SuspectView(
      Suspect id,
      double probability,
      SuspectState state,
      List<String> because,
      List<String> reasons,
      List<ReasonView> clearedBy,
      List<ReasonView> pointedAtBy,
      List<String> wouldSettle,
      List<String> missing)
      implements Node {
    public SuspectView {
      because = List.copyOf(because);
      reasons = List.copyOf(reasons);
      clearedBy = List.copyOf(clearedBy);
      pointedAtBy = List.copyOf(pointedAtBy);
      wouldSettle = List.copyOf(wouldSettle);
      missing = List.copyOf(missing);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "id", id,
          "probability", probability,
          "state", state,
          "because", because,
          "reasons", reasons,
          "clearedBy", clearedBy,
          "pointedAtBy", pointedAtBy,
          "wouldSettle", wouldSettle,
          "missing", missing);
    }
  }

  /**
   * @param unbalanceInterval lower and upper end of the band [%]
   * @param phaseOhms by phase [Ω]
   * @param insulationMegohmsAt40 insulation, reckoned to 40 °C [MΩ]
   */
  public record WindingView(
      WindingState state,
      @Nullable Double unbalancePercent,
      @Nullable List<Double> unbalanceInterval,
      Signature signature,
      List<Signature> signatures,
      List<Phase> phases,
      @Nullable Double depth,
      @Nullable Double healthyPairOhms,
      @Nullable Double extraOhms,
      @Nullable List<Double> phaseOhms,
      FrameState frame,
      @Nullable Double insulationMegohmsAt40,
      double limitPercent,
      String sentence)
      implements Node {
    public WindingView {
      unbalanceInterval = unbalanceInterval == null ? null : List.copyOf(unbalanceInterval);
      signatures = List.copyOf(signatures);
      phases = List.copyOf(phases);
      phaseOhms = phaseOhms == null ? null : List.copyOf(phaseOhms);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "state", state,
          "unbalancePercent", unbalancePercent,
          "unbalanceInterval", unbalanceInterval,
          "signature", signature,
          "signatures", signatures,
          "phases", phases,
          "depth", depth,
          "healthyPairOhms", healthyPairOhms,
          "extraOhms", extraOhms,
          "phaseOhms", phaseOhms,
          "frame", frame,
          "insulationMegohmsAt40", insulationMegohmsAt40,
          "limitPercent", limitPercent,
          "sentence", sentence);
    }
  }

  /** One answer of a check, and where it would lead. */
  public record AnswerView(
      Answer value,
      Answer answer,
      String label,
      double probability,
      Suspect leadsTo,
      boolean decides)
      implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "value", value,
          "answer", answer,
          "label", label,
          "probability", probability,
          "leadsTo", leadsTo,
          "decides", decides);
    }
  }

  /** A check that is worth its minutes now. */
  public record NextTestView(
      String id,
      Suspect station,
      List<String> facts,
      UnitState state,
      double minutes,
      double travelMinutes,
      double gainBits,
      String ask,
      String sentence,
      List<AnswerView> outcomes,
      boolean again)
      implements Node {
    public NextTestView {
      facts = List.copyOf(facts);
      outcomes = List.copyOf(outcomes);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "id", id,
          "station", station,
          "facts", facts,
          "state", state,
          "minutes", minutes,
          "travelMinutes", travelMinutes,
          "gainBits", gainBits,
          "ask", ask,
          "sentence", sentence,
          "outcomes", outcomes,
          "again", again);
    }
  }

  /**
   * A window in force.
   *
   * @param ownFact the fact by which this unit's own is given
   * @param own whether it is the unit's own
   */
  public record WindowView(
      String fact,
      @Nullable String ownFact,
      double low,
      double high,
      String unit,
      String source,
      @Nullable String figure,
      boolean own)
      implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "fact", fact,
          "ownFact", ownFact,
          "low", low,
          "high", high,
          "unit", unit,
          "source", source,
          "figure", figure,
          "own", own);
    }
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "engine", engine,
        "headline", headline,
        "verdict", verdict,
        "suspects", suspects,
        "found", found,
        "winding", winding,
        "nextTests", nextTests,
        "beforeChoosing", beforeChoosing,
        "rounds", rounds,
        "notes", notes,
        "windows", windows,
        "stations", stations,
        "warnings", warnings);
  }

  /** The same with more to mind. */
  DiagnosisView withWarnings(List<Diagnosis.Warning> more) {
    List<Diagnosis.Warning> all = new ArrayList<>(warnings);
    all.addAll(more);
    return new DiagnosisView(
        engine,
        headline,
        verdict,
        suspects,
        found,
        winding,
        nextTests,
        beforeChoosing,
        rounds,
        notes,
        windows,
        stations,
        all);
  }

  /** The diagnosis as every client reads it. */
  public static DiagnosisView of(Diagnosis diagnosis) {
    Diagnosis.Verdict verdict = diagnosis.verdict();
    return new DiagnosisView(
        Engine.VERSION,
        diagnosis.headline(),
        new Verdict(
            verdict.state(),
            verdict.suspect(),
            verdict.suspects(),
            verdict.sentence(),
            verdict.remedy(),
            ids(verdict.restsOn()),
            verdict.proof()),
        diagnosis.suspects().stream().map(DiagnosisView::suspect).toList(),
        diagnosis.found(),
        winding(diagnosis.winding()),
        diagnosis.nextTests().stream().map(DiagnosisView::next).toList(),
        diagnosis.beforeChoosing().stream().map(DiagnosisView::next).toList(),
        diagnosis.rounds(),
        diagnosis.notes(),
        diagnosis.windows().stream().map(DiagnosisView::window).toList(),
        diagnosis.stations(),
        diagnosis.warnings());
  }

  /** Whether readings rule a suspect out, as against a complaint that it does not make. */
  public boolean isClearedByReading(SuspectView suspect) {
    return suspect.state() == SuspectState.CLEARED && !suspect.because().isEmpty();
  }

  /** Whether something was read of a link that is neither ruled out nor blamed. */
  public boolean isLeftOpen(SuspectView suspect) {
    return isOpenLink(suspect) && isLookedAt(suspect);
  }

  /** Whether nothing was read of a link that is neither ruled out nor blamed. */
  public boolean isNotMeasured(SuspectView suspect) {
    return isOpenLink(suspect) && !isLookedAt(suspect);
  }

  private boolean isOpenLink(SuspectView suspect) {
    return suspect.id().isLink()
        && suspect.state() != SuspectState.CLEARED
        && !verdict.suspects().contains(suspect.id());
  }

  private boolean isLookedAt(SuspectView suspect) {
    return stations.stream().anyMatch(one -> one.id() == suspect.id() && !one.readings().isEmpty());
  }

  private static List<String> ids(List<FactType> types) {
    return types.stream().map(FactType::id).toList();
  }

  private static SuspectView suspect(Diagnosis.SuspectView view) {
    return new SuspectView(
        view.id(),
        Numbers.round(view.probability(), 6),
        view.state(),
        ids(view.because()),
        view.reasons(),
        reasons(view.clearedBy()),
        reasons(view.pointedAtBy()),
        view.wouldSettle(),
        view.missing());
  }

  private static List<ReasonView> reasons(List<Diagnosis.Reason> reasons) {
    return reasons.stream()
        .map(one -> new ReasonView(one.sentence(), one.figure(), ids(one.facts())))
        .toList();
  }

  private static WindingView winding(WindingVerdict winding) {
    Unbalance unbalance = winding.unbalance();
    Star star = winding.phaseOhms();
    return new WindingView(
        winding.state(),
        unbalance == null ? null : round(unbalance.percent(), 2),
        unbalance == null ? null : List.of(round(unbalance.low(), 2), round(unbalance.high(), 2)),
        winding.signature(),
        winding.signatures(),
        winding.phases(),
        round(winding.depth(), 4),
        round(winding.healthyPairOhms(), 3),
        round(winding.extraOhms(), 3),
        star == null ? null : List.of(round(star.a(), 3), round(star.b(), 3), round(star.c(), 3)),
        winding.frame(),
        overRange(winding.insulationAt40()) ? null : round(winding.insulationAt40(), 2),
        winding.limitPercent(),
        winding.sentence());
  }

  private static boolean overRange(@Nullable Double megohms) {
    return megohms != null && megohms.isInfinite();
  }

  private static @Nullable Double round(@Nullable Double value, int decimals) {
    return value == null ? null : (Double) Numbers.round(value, decimals);
  }

  private static NextTestView next(Diagnosis.NextTest test) {
    Check check = test.check();
    return new NextTestView(
        check.id(),
        check.station(),
        ids(check.facts()),
        check.state(),
        test.minutes(),
        test.travelMinutes(),
        test.gainBits(),
        check.ask(),
        test.sentence(),
        test.outcomes().stream().map(DiagnosisView::answer).toList(),
        test.again());
  }

  private static AnswerView answer(Diagnosis.Answer answer) {
    return new AnswerView(
        answer.outcome().value(),
        answer.outcome().answer(),
        answer.outcome().label(),
        answer.probability(),
        answer.leadsTo(),
        answer.decides());
  }

  private static WindowView window(Diagnosis.WindowInForce inForce) {
    Window window = inForce.window();
    return new WindowView(
        inForce.reading().id(),
        inForce.own() == null ? null : inForce.own().id(),
        window.low(),
        window.high(),
        window.unit(),
        window.source().sentence(),
        window.figure(),
        window.source().kind() == Source.Kind.UNIT);
  }
}
