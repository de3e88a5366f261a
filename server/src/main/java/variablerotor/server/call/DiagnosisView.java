package variablerotor.server.call;

import java.util.List;
import variablerotor.core.chain.Suspect;
import variablerotor.core.diagnosis.Check;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.diagnosis.SuspectState;
import variablerotor.core.diagnosis.UnitState;
import variablerotor.core.diagnosis.VerdictState;
import variablerotor.core.fact.FactType;
import variablerotor.core.signal.Window;
import variablerotor.core.source.Source;
import variablerotor.core.winding.FrameState;
import variablerotor.core.winding.Phase;
import variablerotor.core.winding.Signature;
import variablerotor.core.winding.WindingState;
import variablerotor.core.winding.WindingVerdict;

/** A diagnosis as the page reads it. */
public record DiagnosisView(
    VerdictState state,
    List<Suspect> verdict,
    String sentence,
    List<SuspectView> suspects,
    List<Diagnosis.Station> stations,
    WindingView winding,
    List<NextTestView> nextTests,
    List<Diagnosis.Round> rounds,
    List<Diagnosis.Note> notes,
    List<WindowView> windows,
    List<Diagnosis.Warning> warnings) {

  /** A reading and what follows from it; the figure behind it, where there is one. */
  public record ReasonView(String sentence, String figure) {}

  /**
   * A window in force.
   *
   * @param ownFact the fact by which this unit's own is given
   * @param own whether it is the unit's own
   */
  public record WindowView(
      String fact,
      String ownFact,
      double low,
      double high,
      String unit,
      String source,
      String figure,
      boolean own) {}

  public record SuspectView(
      Suspect id,
      double probability,
      double involved,
      SuspectState state,
      List<String> because,
      List<ReasonView> clearedBy,
      List<ReasonView> pointedAtBy,
      List<String> wouldSettle,
      List<String> missing) {}

  public record WindingView(
      WindingState state,
      Signature signature,
      Double unbalancePercent,
      Double unbalanceLow,
      Double unbalanceHigh,
      List<Phase> phases,
      Double depth,
      Double healthyPairOhms,
      Double extraOhms,
      List<Double> phaseOhms,
      FrameState frame,
      double limitPercent,
      String sentence) {}

  public record AnswerView(
      String value,
      String answer,
      String label,
      double probability,
      Suspect leadsTo,
      boolean decides) {}

  public record NextTestView(
      String check,
      Suspect station,
      UnitState state,
      double minutes,
      double travelMinutes,
      double gainBits,
      String sentence,
      List<AnswerView> outcomes) {}

  static DiagnosisView of(Diagnosis diagnosis) {
    return new DiagnosisView(
        diagnosis.verdict().state(),
        diagnosis.verdict().suspects(),
        diagnosis.verdict().sentence(),
        diagnosis.suspects().stream().map(DiagnosisView::suspect).toList(),
        diagnosis.stations(),
        winding(diagnosis.winding()),
        diagnosis.nextTests().stream().map(DiagnosisView::next).toList(),
        diagnosis.rounds(),
        diagnosis.notes(),
        diagnosis.windows().stream().map(DiagnosisView::window).toList(),
        diagnosis.warnings());
  }

  private static List<ReasonView> reasons(List<Diagnosis.Reason> reasons) {
    return reasons.stream().map(r -> new ReasonView(r.sentence(), r.figure())).toList();
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

  private static SuspectView suspect(Diagnosis.SuspectView view) {
    return new SuspectView(
        view.id(),
        view.probability(),
        view.involved(),
        view.state(),
        view.because().stream().map(FactType::id).toList(),
        reasons(view.clearedBy()),
        reasons(view.pointedAtBy()),
        view.wouldSettle(),
        view.missing());
  }

  private static WindingView winding(WindingVerdict winding) {
    boolean known = winding.unbalance() != null;
    var star = winding.phaseOhms();
    return new WindingView(
        winding.state(),
        winding.signature(),
        known ? winding.unbalance().percent() : null,
        known ? winding.unbalance().low() : null,
        known ? winding.unbalance().high() : null,
        winding.phases(),
        winding.depth(),
        winding.healthyPairOhms(),
        winding.extraOhms(),
        star == null ? List.of() : List.of(star.a(), star.b(), star.c()),
        winding.frame(),
        winding.limitPercent(),
        winding.sentence());
  }

  private static NextTestView next(Diagnosis.NextTest test) {
    Check check = test.check();
    return new NextTestView(
        check.id(),
        check.station(),
        check.state(),
        test.minutes(),
        test.travelMinutes(),
        test.gainBits(),
        test.sentence(),
        test.outcomes().stream()
            .map(
                answer ->
                    new AnswerView(
                        answer.outcome().value(),
                        answer.outcome().answer(),
                        answer.outcome().label(),
                        answer.probability(),
                        answer.leadsTo(),
                        answer.decides()))
            .toList());
  }
}
