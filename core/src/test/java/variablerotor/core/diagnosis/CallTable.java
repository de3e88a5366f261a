package variablerotor.core.diagnosis;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.BiPredicate;
import java.util.stream.Stream;
import org.junit.jupiter.params.provider.Arguments;
import variablerotor.core.casefile.CaseReader;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.chain.Suspect;
import variablerotor.core.fact.FactType;
import variablerotor.core.winding.WindingFigures;

/**
 * Calls as a table, a line each: what it is about, family and complaint, what was read, and what
 * must follow. The parts of a line stand between bars.
 *
 * <pre>
 * the float is up | CONSTANT_TORQUE NO_RUN volts=115 | safety.open=FLOAT | decided COMMAND; open
 * </pre>
 *
 * Behind the complaint come fields of the motor's plate. What must follow is a list of these, each
 * with one or more words of which one must hold, or with {@code not} before it: {@code decided
 * SUSPECT}, {@code state X}, {@code settled ACTION}, {@code open}, {@code also ACTION}, {@code
 * leads SUSPECT}, {@code names SUSPECT}, {@code proved SUSPECT}, {@code cleared SUSPECT}, {@code
 * next CHECK}, {@code asks CHECK}, {@code would CHECK}, {@code winding STATE}, {@code picture
 * SIGNATURE}, {@code pictures SIGNATURE}, {@code phases A}, {@code warns ID}, {@code says words}.
 */
final class CallTable {
  private CallTable() {}

  /** One call of a table. */
  record Call(String what, Map<String, Object> tree, String expected) {
    Call {
      tree = Collections.unmodifiableMap(new LinkedHashMap<>(tree));
    }

    @Override
    public String toString() {
      return what;
    }
  }

  static Stream<Arguments> of(String table) {
    return table
        .lines()
        .filter(line -> line.contains("|"))
        .map(CallTable::call)
        .map(call -> Arguments.of(call));
  }

  private static Call call(String line) {
    String[] parts = line.split("\\|");
    if (parts.length != 4) {
      throw new IllegalArgumentException("four parts: " + line);
    }
    String[] motor = parts[1].trim().split("\\s+");
    Map<String, Object> plate = new LinkedHashMap<>();
    plate.put("family", motor[0]);
    for (int i = 2; i < motor.length; i++) {
      String[] field = motor[i].split("=");
      plate.put(field[0], field[0].equals("volts") ? field[1] : plain(field[1]));
    }
    List<Object> facts = new ArrayList<>();
    for (String one : parts[2].trim().isEmpty() ? new String[0] : parts[2].trim().split("\\s+")) {
      String[] fact = one.split("[=@]");
      Map<String, Object> entry = new LinkedHashMap<>();
      if (FactType.ofId(fact[0]) == null) {
        throw new IllegalArgumentException("no fact " + fact[0]);
      }
      entry.put("id", fact[0]);
      entry.put("value", plain(fact[1]));
      if (fact.length > 2) {
        entry.put("on", fact[2]);
      }
      facts.add(entry);
    }
    Map<String, Object> tree = new LinkedHashMap<>();
    tree.put("format", "variable-rotor-case");
    tree.put("version", 1.0);
    tree.put("motor", plate);
    tree.put("symptom", motor[1]);
    tree.put("facts", facts);
    return new Call(parts[0].trim(), tree, parts[3].trim());
  }

  private static Object plain(String text) {
    if (text.equals("true") || text.equals("false")) {
      return Boolean.valueOf(text);
    }
    if (text.contains("+") || text.startsWith("[")) {
      return List.of((Object[]) text.replace("[", "").replace("]", "").split("\\+"));
    }
    return text.matches("-?[0-9.]+") ? (Object) Double.valueOf(text) : text;
  }

  static Diagnosis diagnose(Call call) {
    try {
      return Engine.diagnose(
          CaseReader.read(call.tree).situation(WindingFigures.BALANCE_LIMIT.value()));
    } catch (InputFaults faults) {
      throw new IllegalArgumentException(call.what + ": " + faults.faults(), faults);
    }
  }

  /** Holds every expectation of a call. */
  static void holds(Call call) {
    Diagnosis diagnosis = diagnose(call);
    List<String> missed = new ArrayList<>();
    for (String expected : call.expected.split(";")) {
      if (!holds(diagnosis, expected.trim())) {
        missed.add(expected.trim());
      }
    }
    assertTrue(missed.isEmpty(), () -> call.what + ": not so: " + missed + told(diagnosis));
  }

  private static String told(Diagnosis diagnosis) {
    Diagnosis.Verdict verdict = diagnosis.verdict();
    return "\n  "
        + verdict.state()
        + " "
        + verdict.suspects()
        + " "
        + verdict.sentence()
        + "\n  "
        + verdict.remedy()
        + "\n  next "
        + diagnosis.nextTests().stream().map(one -> one.check().id()).limit(6).toList()
        + "\n  suspects "
        + diagnosis.suspects().stream()
            .filter(one -> one.probability() > 0.002)
            .map(
                one ->
                    one.id()
                        + " "
                        + Math.round(1000 * one.probability()) / 10.0
                        + " "
                        + one.state())
            .toList()
        + "\n  winding "
        + diagnosis.winding().state()
        + " "
        + diagnosis.winding().signatures()
        + " "
        + diagnosis.winding().phases()
        + "\n  warns "
        + diagnosis.warnings().stream().map(one -> one.id() + ": " + one.sentence()).toList();
  }

  private static boolean holds(Diagnosis diagnosis, String expected) {
    if (expected.startsWith("not ")) {
      return !holds(diagnosis, expected.substring(4));
    }
    int space = expected.indexOf(' ');
    String what = space < 0 ? expected : expected.substring(0, space);
    String rest = space < 0 ? "" : expected.substring(space + 1);
    List<String> words = List.of(rest.split(" "));
    Diagnosis.Verdict verdict = diagnosis.verdict();
    BiPredicate<SuspectState, String> stands =
        (state, id) ->
            diagnosis.suspects().stream()
                .anyMatch(one -> one.id().name().equals(id) && one.state() == state);
    return switch (what) {
      case "decided" ->
          verdict.state() == VerdictState.DECIDED
              && (rest.isEmpty() || words.contains(String.valueOf(verdict.suspect())));
      case "state" -> words.contains(verdict.state().name());
      case "open" -> !verdict.remedy().stands();
      case "settled" ->
          verdict.remedy().stands()
              && (rest.isEmpty() || words.contains(String.valueOf(verdict.remedy().action())));
      case "also" -> verdict.remedy().also().stream().map(Enum::name).anyMatch(words::contains);
      case "leads" -> words.contains(leading(diagnosis).name());
      case "names" -> verdict.suspects().stream().map(Enum::name).anyMatch(words::contains);
      case "proved" -> words.stream().anyMatch(id -> stands.test(SuspectState.PROVED, id));
      case "cleared" -> words.stream().allMatch(id -> stands.test(SuspectState.CLEARED, id));
      case "next" ->
          !diagnosis.nextTests().isEmpty()
              && words.contains(diagnosis.nextTests().get(0).check().id());
      case "asks" ->
          diagnosis.nextTests().stream().map(one -> one.check().id()).anyMatch(words::contains);
      case "would" -> verdict.remedy().wouldChange().stream().anyMatch(words::contains);
      case "winding" -> words.contains(diagnosis.winding().state().name());
      case "picture" -> words.contains(diagnosis.winding().signature().name());
      case "pictures" ->
          diagnosis.winding().signatures().stream().map(Enum::name).toList().containsAll(words);
      case "phases" -> diagnosis.winding().phases().stream().map(Enum::name).toList().equals(words);
      case "warns" ->
          diagnosis.warnings().stream().map(one -> one.id().name()).anyMatch(words::contains);
      case "says" -> said(diagnosis).contains(rest);
      default -> throw new IllegalArgumentException("cannot expect " + expected);
    };
  }

  private static Suspect leading(Diagnosis diagnosis) {
    return diagnosis.suspects().get(0).id();
  }

  private static String said(Diagnosis diagnosis) {
    return Objects.toString(diagnosis.verdict().sentence())
        + diagnosis.verdict().remedy().sentence()
        + diagnosis.warnings()
        + diagnosis.winding().sentence()
        + diagnosis.found()
        + diagnosis.nextTests().stream().map(one -> one.sentence() + one.check().ask()).toList();
  }
}
