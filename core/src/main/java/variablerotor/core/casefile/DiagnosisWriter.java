package variablerotor.core.casefile;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import variablerotor.core.diagnosis.Check;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.diagnosis.Engine;
import variablerotor.core.fact.FactType;
import variablerotor.core.text.Numbers;
import variablerotor.core.winding.Star;
import variablerotor.core.winding.Unbalance;
import variablerotor.core.winding.WindingVerdict;

/** From a diagnosis to a plain tree, as the open format has it. */
public final class DiagnosisWriter {
  private DiagnosisWriter() {}

  public static Map<String, Object> write(Diagnosis diagnosis) {
    Map<String, Object> tree = new LinkedHashMap<>();
    tree.put("engine", Engine.VERSION);
    tree.put("verdict", verdict(diagnosis.verdict()));
    tree.put("suspects", each(diagnosis.suspects(), DiagnosisWriter::suspect));
    tree.put("winding", winding(diagnosis.winding()));
    tree.put("nextTests", each(diagnosis.nextTests(), DiagnosisWriter::nextTest));
    tree.put("rounds", each(diagnosis.rounds(), DiagnosisWriter::round));
    tree.put("notes", each(diagnosis.notes(), DiagnosisWriter::note));
    tree.put("windows", each(diagnosis.windows(), DiagnosisWriter::window));
    tree.put("stations", each(diagnosis.stations(), DiagnosisWriter::station));
    tree.put("warnings", each(diagnosis.warnings(), DiagnosisWriter::warning));
    return tree;
  }

  private static <T> List<Object> each(
      List<T> list, java.util.function.Function<T, Map<String, Object>> form) {
    List<Object> trees = new ArrayList<>();
    for (T item : list) {
      trees.add(form.apply(item));
    }
    return trees;
  }

  private static List<Object> names(List<? extends Enum<?>> list) {
    List<Object> names = new ArrayList<>();
    for (Enum<?> item : list) {
      names.add(item.name());
    }
    return names;
  }

  private static Map<String, Object> verdict(Diagnosis.Verdict verdict) {
    Map<String, Object> tree = new LinkedHashMap<>();
    tree.put("state", verdict.state().name());
    tree.put("suspect", verdict.suspect() == null ? null : verdict.suspect().name());
    tree.put("suspects", names(verdict.suspects()));
    tree.put("sentence", verdict.sentence());
    return tree;
  }

  private static Map<String, Object> suspect(Diagnosis.SuspectView view) {
    Map<String, Object> tree = new LinkedHashMap<>();
    tree.put("id", view.id().name());
    tree.put("probability", Numbers.round(view.probability(), 6));
    tree.put("involved", Numbers.round(view.involved(), 6));
    tree.put("state", view.state().name());
    tree.put("because", ids(view.because()));
    tree.put("reasons", new ArrayList<Object>(view.reasons()));
    tree.put("clearedBy", each(view.clearedBy(), DiagnosisWriter::reason));
    tree.put("pointedAtBy", each(view.pointedAtBy(), DiagnosisWriter::reason));
    tree.put("wouldSettle", new ArrayList<Object>(view.wouldSettle()));
    tree.put("missing", new ArrayList<Object>(view.missing()));
    return tree;
  }

  private static Map<String, Object> reason(Diagnosis.Reason reason) {
    Map<String, Object> tree = new LinkedHashMap<>();
    tree.put("sentence", reason.sentence());
    tree.put("figure", reason.figure());
    tree.put("facts", ids(reason.facts()));
    return tree;
  }

  private static Map<String, Object> round(Diagnosis.Round round) {
    Map<String, Object> tree = new LinkedHashMap<>();
    tree.put("state", round.state().name());
    tree.put("checks", new ArrayList<Object>(round.checks()));
    tree.put("minutes", round.minutes());
    tree.put("tools", new ArrayList<Object>(round.tools()));
    tree.put("parts", new ArrayList<Object>(round.parts()));
    return tree;
  }

  private static Map<String, Object> note(Diagnosis.Note note) {
    Map<String, Object> tree = new LinkedHashMap<>();
    tree.put("id", note.id());
    tree.put("sentence", note.sentence());
    tree.put("figure", note.figure());
    return tree;
  }

  private static Map<String, Object> window(Diagnosis.WindowInForce inForce) {
    Map<String, Object> tree = new LinkedHashMap<>();
    tree.put("fact", inForce.reading().id());
    tree.put("low", inForce.window().low());
    tree.put("high", inForce.window().high());
    tree.put("unit", inForce.window().unit());
    tree.put("source", inForce.window().source().sentence());
    return tree;
  }

  private static List<Object> ids(List<FactType> types) {
    List<Object> ids = new ArrayList<>();
    for (FactType type : types) {
      ids.add(type.id());
    }
    return ids;
  }

  private static Map<String, Object> winding(WindingVerdict winding) {
    Map<String, Object> tree = new LinkedHashMap<>();
    Unbalance unbalance = winding.unbalance();
    tree.put("state", winding.state().name());
    tree.put("unbalancePercent", unbalance == null ? null : round(unbalance.percent(), 2));
    tree.put(
        "unbalanceInterval",
        unbalance == null ? null : List.of(round(unbalance.low(), 2), round(unbalance.high(), 2)));
    tree.put("signature", winding.signature().name());
    tree.put("phases", names(winding.phases()));
    tree.put("depth", round(winding.depth(), 4));
    tree.put("healthyPairOhms", round(winding.healthyPairOhms(), 3));
    tree.put("extraOhms", round(winding.extraOhms(), 3));
    Star star = winding.phaseOhms();
    tree.put(
        "phaseOhms",
        star == null ? null : List.of(round(star.a(), 3), round(star.b(), 3), round(star.c(), 3)));
    tree.put("frame", winding.frame().name());
    tree.put("insulationMegohmsAt40", round(winding.insulationAt40(), 2));
    tree.put("limitPercent", winding.limitPercent());
    tree.put("sentence", winding.sentence());
    return tree;
  }

  private static Double round(Double value, int decimals) {
    return value == null ? null : (Double) Numbers.round(value, decimals);
  }

  private static Map<String, Object> nextTest(Diagnosis.NextTest test) {
    Check check = test.check();
    Map<String, Object> tree = new LinkedHashMap<>();
    tree.put("id", check.id());
    tree.put("station", check.station().name());
    tree.put("facts", ids(check.facts()));
    tree.put("state", check.state().name());
    tree.put("minutes", test.minutes());
    tree.put("travelMinutes", test.travelMinutes());
    tree.put("gainBits", test.gainBits());
    tree.put("ask", check.ask());
    tree.put("sentence", test.sentence());
    tree.put("outcomes", each(test.outcomes(), DiagnosisWriter::answer));
    return tree;
  }

  private static Map<String, Object> answer(Diagnosis.Answer answer) {
    Map<String, Object> tree = new LinkedHashMap<>();
    tree.put("value", answer.outcome().value());
    tree.put("answer", answer.outcome().answer());
    tree.put("label", answer.outcome().label());
    tree.put("probability", answer.probability());
    tree.put("leadsTo", answer.leadsTo().name());
    tree.put("decides", answer.decides());
    return tree;
  }

  private static Map<String, Object> station(Diagnosis.Station station) {
    Map<String, Object> tree = new LinkedHashMap<>();
    tree.put("id", station.id().name());
    tree.put("state", station.state().name());
    tree.put("readings", new ArrayList<Object>(station.readings()));
    return tree;
  }

  private static Map<String, Object> warning(Diagnosis.Warning warning) {
    return warning(warning.id(), warning.sentence());
  }

  /** A warning of the file itself. */
  public static Map<String, Object> warning(String id, String sentence) {
    Map<String, Object> tree = new LinkedHashMap<>();
    tree.put("id", id);
    tree.put("sentence", sentence);
    return tree;
  }
}
