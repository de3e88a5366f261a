package variablerotor.server.call;

import java.util.List;
import variablerotor.core.chain.Suspect;
import variablerotor.core.diagnosis.Check;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.diagnosis.SuspectState;
import variablerotor.core.diagnosis.UnitState;
import variablerotor.core.diagnosis.VerdictState;
import variablerotor.core.fact.FactType;
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
    List<Diagnosis.Warning> warnings) {

  public record SuspectView(
      Suspect id,
      double probability,
      double involved,
      SuspectState state,
      List<String> because,
      List<String> reasons,
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
        diagnosis.warnings());
  }

  private static SuspectView suspect(Diagnosis.SuspectView view) {
    return new SuspectView(
        view.id(),
        view.probability(),
        view.involved(),
        view.state(),
        view.because().stream().map(FactType::id).toList(),
        view.reasons(),
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
