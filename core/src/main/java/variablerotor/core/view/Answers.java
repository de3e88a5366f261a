package variablerotor.core.view;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import variablerotor.core.casefile.CaseFile;
import variablerotor.core.casefile.CaseReader;
import variablerotor.core.casefile.FitReader;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.casefile.PlanReader;
import variablerotor.core.casefile.PressReader;
import variablerotor.core.casefile.ProofReader;
import variablerotor.core.casefile.Told;
import variablerotor.core.casefile.VanReader;
import variablerotor.core.casefile.WiringReader;
import variablerotor.core.check.Situation;
import variablerotor.core.choice.Options;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.diagnosis.Engine;
import variablerotor.core.diagnosis.WarningId;
import variablerotor.core.drawing.Svg;
import variablerotor.core.fitting.FitRecord;
import variablerotor.core.fitting.Fitting;
import variablerotor.core.likelihood.FamilyModel;
import variablerotor.core.proof.Proof;
import variablerotor.core.proof.ProofRequest;
import variablerotor.core.route.Circumstances;
import variablerotor.core.schematic.Connections;
import variablerotor.core.schematic.FoundList;
import variablerotor.core.schematic.Ladder;
import variablerotor.core.schematic.Lit;
import variablerotor.core.tree.Tree;
import variablerotor.core.van.VanPlanner;
import variablerotor.core.van.VanRequest;
import variablerotor.core.winding.WindingFigures;
import variablerotor.core.wiring.Finding;
import variablerotor.core.wiring.Mend;
import variablerotor.core.wiring.PlanRequest;
import variablerotor.core.wiring.Planner;
import variablerotor.core.wiring.Result;
import variablerotor.core.wiring.Wiring;

/** From a document of the open format to its answer: a tree in, a tree out. */
public final class Answers {
  /** In a wiring of more wires no mend is looked for: it would take too long. */
  static final int MOST_MENDED = 80;

  private Answers() {}

  /**
   * @param tree a case: maps, lists, strings, doubles and booleans
   * @throws InputFaults with every fault found
   */
  public static Map<String, Object> diagnose(Object tree) throws InputFaults {
    CaseFile file = covered(tree);
    Diagnosis diagnosis = Engine.diagnose(file.situation(WindingFigures.BALANCE_LIMIT.value()));
    return DiagnosisView.of(diagnosis).withWarnings(unknown(file.unknownFields())).tree();
  }

  /**
   * The ways forward of a case.
   *
   * @param tree a case: maps, lists, strings, doubles and booleans
   * @param clock the day where the case says none
   * @throws InputFaults with every fault found
   */
  public static Map<String, Object> options(Object tree, LocalDate clock) throws InputFaults {
    CaseFile file = covered(tree);
    LocalDate today = file.today() == null ? clock : file.today();
    List<InputFault> dates = CaseFile.dateFaults(file.unit(), today);
    if (!dates.isEmpty()) {
      throw new InputFaults(dates);
    }
    Situation situation = file.situation(WindingFigures.BALANCE_LIMIT.value());
    Options options =
        Options.of(
            new Circumstances(
                file.knownUnit(),
                file.knownMotor(),
                file.running(),
                file.schools(),
                file.agreed(),
                today),
            situation,
            Engine.diagnose(situation),
            file.market(),
            file.candidates());
    Map<String, Object> answer = options.tree();
    return withUnknown(answer, file.unknownFields());
  }

  /**
   * A wiring, run call by call.
   *
   * @param tree a wiring: maps, lists, strings, doubles and booleans
   * @throws InputFaults with every fault found
   */
  public static Map<String, Object> wiring(Object tree) throws InputFaults {
    Told<Wiring> told = WiringReader.told(tree);
    Wiring wiring = told.document();
    Result result = Result.of(wiring);
    Map<String, Object> answer = withUnknown(result.tree(), told.unknown());
    Mend mend = wiring.wires().size() > MOST_MENDED ? null : Mend.of(wiring, result);
    if (mend != null) {
      answer.put("mend", mend.tree());
    }
    return answer;
  }

  /**
   * A repair held against its limits.
   *
   * @param tree a proof: maps, lists, strings, doubles and booleans
   * @throws InputFaults with every fault found
   */
  public static Map<String, Object> proof(Object tree) throws InputFaults {
    Told<ProofRequest> told = ProofReader.told(tree);
    return withUnknown(Proof.of(told.document()).tree(), told.unknown());
  }

  /**
   * The steps of a job, with what was done of them.
   *
   * @param tree what was done: maps, lists, strings, doubles and booleans
   * @throws InputFaults with every fault found
   */
  public static Map<String, Object> fit(Object tree) throws InputFaults {
    Told<FitRecord> told = FitReader.told(tree);
    return withUnknown(Fitting.of(told.document()).tree(), told.unknown());
  }

  /**
   * Taps along with a lamp, counted.
   *
   * @param tree {@code presses} and {@code now}, as {@link PressReader} has them
   * @throws InputFaults with every fault found
   */
  @SuppressWarnings("unchecked")
  public static Map<String, Object> count(Object tree) throws InputFaults {
    return (Map<String, Object>) Tree.withoutNulls(PressReader.count(tree).tree());
  }

  /**
   * A wiring drawn: its ladder, and its connections below.
   *
   * @param tree a wiring: maps, lists, strings, doubles and booleans
   * @return an SVG file
   * @throws InputFaults with every fault found
   */
  public static String drawing(Object tree) throws InputFaults {
    Wiring wiring = WiringReader.read(tree);
    List<Finding> found = Result.of(wiring).all();
    Lit dark = Lit.dark(wiring).marking(found);
    return Svg.of(
        Ladder.of(wiring, dark)
            .drawing()
            .above(Connections.of(wiring, dark).drawing())
            .above(FoundList.of(found)),
        "Ladder and connections");
  }

  /**
   * A conversion, planned and run.
   *
   * @param tree a plan: maps, lists, strings, doubles and booleans
   * @throws InputFaults with every fault found
   */
  public static Map<String, Object> plan(Object tree) throws InputFaults {
    Told<PlanRequest> told = PlanReader.told(tree);
    return withUnknown(Planner.of(told.document()).tree(), told.unknown());
  }

  /**
   * What a van should carry.
   *
   * @param tree a van: maps, lists, strings, doubles and booleans
   * @throws InputFaults with every fault found
   */
  public static Map<String, Object> van(Object tree) throws InputFaults {
    Told<VanRequest> told = VanReader.told(tree);
    return withUnknown(VanPlanner.of(told.document()).tree(), told.unknown());
  }

  private static CaseFile covered(Object tree) throws InputFaults {
    CaseFile file = CaseReader.read(tree);
    if (!FamilyModel.covers(file.motor().family())) {
      throw new InputFaults(
          List.of(
              new InputFault(
                  "motor.family",
                  "found " + file.motor().family() + "; this family is not covered yet")));
    }
    return file;
  }

  private static Map<String, Object> withUnknown(Map<String, Object> answer, List<String> fields) {
    answer.put("warnings", unknown(fields).stream().map(Diagnosis.Warning::tree).toList());
    return answer;
  }

  private static List<Diagnosis.Warning> unknown(List<String> fields) {
    return fields.stream()
        .map(
            field ->
                new Diagnosis.Warning(
                    WarningId.UNKNOWN_FIELD, field + " is not a field of this format."))
        .toList();
  }
}
