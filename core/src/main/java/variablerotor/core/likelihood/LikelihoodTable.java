package variablerotor.core.likelihood;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Outcome;
import variablerotor.core.family.Family;
import variablerotor.core.family.Fault;
import variablerotor.core.text.Numbers;

/** Every prior and every likelihood with its reason, to be read and argued about by a person. */
public final class LikelihoodTable {
  private LikelihoodTable() {}

  /** As Markdown. */
  public static String markdown() {
    StringBuilder text = new StringBuilder();
    text.append("# What goes wrong, and what it shows\n\n");
    text.append(
        "All figures here are judgement of common practice: none is counted from records.\n");
    text.append("They order the checks and weigh suspects. Proof rests on what cannot be seen\n");
    text.append(
        "under a fault, an answer of a meter or a trial that a row does not name, and on\n");
    text.append("how little room is left for the rest of the world.\n\n");
    text.append("## How often\n\n");
    text.append(
        "Of a hundred calls with a complaint, about how many have this cause. Every other\n");
    text.append("fault comes under every complaint at a low weight, unless physics forbids it,\n");
    text.append("and something that nobody listed under all of them.\n\n");
    text.append("| cause | suspect | complaint and weight | reason |\n| --- | --- | --- | --- |\n");
    for (Cause cause : causes()) {
      text.append("| ").append(faults(cause)).append(" | ").append(suspects(cause)).append(" | ");
      text.append(weights(cause)).append(" | ").append(cause.reason()).append(" |\n");
    }
    text.append("\n## What each check shows\n\n");
    text.append("Answers and how often each is seen. *Normal* holds under every fault that has\n");
    text.append("no row of its own. What is told never clears a suspect; what hand, eye, ear or\n");
    text.append("nose find clears where it is as it should be, and else moves suspicion only.\n");
    for (Map.Entry<String, Check> entry : checks().entrySet()) {
      check(text, entry.getValue(), families(entry.getKey()));
    }
    return text.toString();
  }

  /**
   * What was judged beside what a shop counted, and what comes of both; as Markdown.
   *
   * @param strength so many calls the judged shares are worth, above 0
   */
  public static String counted(List<Counted> counts, double strength) {
    Experience own = Experience.of(counts, strength);
    StringBuilder text = new StringBuilder();
    text.append("# What was judged, and what was counted\n\n");
    text.append("The judged shares are worth ").append(Numbers.plain(strength, 1));
    text.append(" calls. They order suspects and checks; proof rests on the judged ones alone.\n");
    Set<String> seen = new LinkedHashSet<>();
    for (Counted one : counts) {
      if (!seen.add(one.family() + " " + one.symptom())) {
        continue;
      }
      List<Experience.Row> rows = own.rows(one.family(), one.symptom());
      int calls = rows.stream().mapToInt(Experience.Row::calls).sum();
      text.append("\n## ").append(one.family().title()).append(": ");
      text.append(one.symptom().title().toLowerCase(Locale.ROOT)).append(" (");
      text.append(calls).append(calls == 1 ? " call" : " calls").append(")\n\n");
      text.append("| it was | judged | counted | with both |\n| --- | --- | --- | --- |\n");
      for (Experience.Row row : rows) {
        text.append("| ");
        text.append(String.join(" and ", row.suspects().stream().map(Suspect::spoken).toList()));
        text.append(" | ").append(Numbers.plain(100 * row.judged(), 1)).append(" % | ");
        text.append(row.calls()).append(" | ").append(Numbers.plain(100 * row.learnt(), 1));
        text.append(" % |\n");
      }
    }
    return text.toString();
  }

  private static List<Cause> causes() {
    List<Cause> causes = new ArrayList<>(CommonCauses.list());
    causes.addAll(CommonCauses.extras());
    causes.addAll(CommonCauses.overwork());
    return causes;
  }

  private static String faults(Cause cause) {
    StringBuilder text = new StringBuilder();
    for (Fault fault : cause.faults()) {
      text.append(text.length() == 0 ? "" : ", then ").append(fault.spoken());
    }
    return text.toString();
  }

  private static String suspects(Cause cause) {
    StringBuilder text = new StringBuilder();
    cause.suspects().forEach(s -> text.append(text.length() == 0 ? "" : ", ").append(s));
    return text.toString();
  }

  private static String weights(Cause cause) {
    StringBuilder text = new StringBuilder();
    cause
        .weight()
        .forEach(
            (symptom, weight) ->
                text.append(text.length() == 0 ? "" : ", ")
                    .append(symptom.title().toLowerCase(Locale.ROOT))
                    .append(' ')
                    .append(Numbers.plain(weight, 1)));
    return text.toString();
  }

  /** Each check once, by its id and what is asked; two families may ask the same otherwise. */
  private static Map<String, Check> checks() {
    Map<String, Check> checks = new LinkedHashMap<>();
    for (Family family : Family.values()) {
      if (FamilyModel.covers(family)) {
        for (Check check : FamilyModel.of(family).checks()) {
          checks.putIfAbsent(key(check), check);
        }
      }
    }
    return checks;
  }

  private static String key(Check check) {
    return check.id() + "|" + check.ask() + "|" + check.question().how();
  }

  private static Set<String> families(String key) {
    Set<String> families = new LinkedHashSet<>();
    for (Family family : Family.values()) {
      if (FamilyModel.covers(family)
          && FamilyModel.of(family).checks().stream().anyMatch(c -> key(c).equals(key))) {
        families.add(family.name());
      }
    }
    return families;
  }

  private static void check(StringBuilder text, Check check, Set<String> families) {
    text.append("\n### `").append(check.id()).append("`: ").append(check.ask()).append("\n\n");
    text.append(String.join(", ", families)).append(". ");
    text.append(check.state().title()).append(", ").append(Numbers.plain(check.minutes(), 1));
    text.append(" min, ").append(check.witness().name().toLowerCase(Locale.ROOT));
    text.append(findings(check)).append(".\n\n");
    text.append("| under | answers | reason |\n| --- | --- | --- |\n");
    text.append("| *normal* | ").append(likelihood(check, check.normal())).append(" | |\n");
    check
        .effects()
        .forEach(
            (symptom, likelihood) ->
                text.append("| *")
                    .append(symptom.title().toLowerCase(Locale.ROOT))
                    .append("* | ")
                    .append(likelihood(check, likelihood))
                    .append(" | ")
                    .append(check.effectReasons().get(symptom))
                    .append(" |\n"));
    check
        .rows()
        .forEach(
            (fault, likelihood) ->
                text.append("| ")
                    .append(fault.spoken())
                    .append(" | ")
                    .append(likelihood(check, likelihood))
                    .append(" | ")
                    .append(check.reasons().get(fault))
                    .append(" |\n"));
    check
        .rowsOf()
        .forEach(
            (symptom, rows) ->
                rows.forEach(
                    (fault, likelihood) ->
                        text.append("| ")
                            .append(fault.spoken())
                            .append(" | ")
                            .append(likelihood(check, likelihood))
                            .append(" | where it is \"")
                            .append(symptom.title())
                            .append("\": as bad as that makes it |\n")));
  }

  /** The answers that show the part itself to be broken. */
  private static String findings(Check check) {
    List<String> findings = new ArrayList<>();
    for (Outcome outcome : check.outcomes()) {
      if (check.isFinding(outcome.value())) {
        findings.add(outcome.value().name());
      }
    }
    return findings.isEmpty() ? "" : "; findings: " + String.join(", ", findings);
  }

  private static String likelihood(Check check, Likelihood likelihood) {
    StringBuilder text = new StringBuilder();
    for (int o = 0; o < likelihood.share().length; o++) {
      if (likelihood.possible()[o]) {
        text.append(text.length() == 0 ? "" : ", ")
            .append(check.outcomes().get(o).value())
            .append(' ')
            .append(Numbers.plain(100 * likelihood.share()[o], 1))
            .append(" %");
      }
    }
    return text.toString();
  }
}
