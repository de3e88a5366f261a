package variablerotor.core.catalogue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Outcome;
import variablerotor.core.check.Symptom;
import variablerotor.core.check.UnitState;
import variablerotor.core.choice.Sourced;
import variablerotor.core.code.SignalKind;
import variablerotor.core.diagnosis.Action;
import variablerotor.core.fact.Answer;
import variablerotor.core.fact.FactKind;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.FactValue;
import variablerotor.core.fact.Taken;
import variablerotor.core.family.Family;
import variablerotor.core.family.Plug;
import variablerotor.core.family.Terminal;
import variablerotor.core.family.WhichMotor;
import variablerotor.core.fitting.Hold;
import variablerotor.core.fitting.Stage;
import variablerotor.core.job.PhotoKind;
import variablerotor.core.job.Stand;
import variablerotor.core.likelihood.Check;
import variablerotor.core.likelihood.FamilyModel;
import variablerotor.core.motor.PlateField;
import variablerotor.core.proof.ReadingType;
import variablerotor.core.route.Route;
import variablerotor.core.route.School;
import variablerotor.core.source.Figure;
import variablerotor.core.source.Source;
import variablerotor.core.stock.PartKind;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;
import variablerotor.core.wiring.PlanRequest.CallId;

/**
 * The words and rules that the page shows, so that they stand in one place.
 *
 * @param untold why something was not read
 * @param moments what the machine does while something is read
 */
public record Catalogue(
    List<FamilyView> families,
    List<WhichMotor.Question> whichMotor,
    List<Word> symptoms,
    List<Word> untold,
    List<Word> moments,
    List<Word> suspects,
    List<Word> actions,
    List<StateView> states,
    Map<String, FactView> facts,
    List<RouteView> routes,
    List<PartKindView> partKinds,
    List<RepairReadingView> repairReadings,
    List<Word> fitStages,
    List<HoldView> holds,
    List<Word> leftToDo,
    List<Word> stands,
    List<SignalView> signals,
    List<Word> photos,
    List<PlateField> motorPlate,
    List<PlateField> unitPlate,
    List<PlateField> running,
    List<PlateQuestion> plateQuestions,
    WiringWords wiring,
    List<SchoolView> schools,
    List<FigureView> figures)
    implements Node {
  public Catalogue {
    families = List.copyOf(families);
    whichMotor = List.copyOf(whichMotor);
    symptoms = List.copyOf(symptoms);
    untold = List.copyOf(untold);
    moments = List.copyOf(moments);
    suspects = List.copyOf(suspects);
    actions = List.copyOf(actions);
    states = List.copyOf(states);
    facts = Collections.unmodifiableMap(new LinkedHashMap<>(facts));
    routes = List.copyOf(routes);
    partKinds = List.copyOf(partKinds);
    repairReadings = List.copyOf(repairReadings);
    fitStages = List.copyOf(fitStages);
    holds = List.copyOf(holds);
    leftToDo = List.copyOf(leftToDo);
    stands = List.copyOf(stands);
    signals = List.copyOf(signals);
    photos = List.copyOf(photos);
    motorPlate = List.copyOf(motorPlate);
    unitPlate = List.copyOf(unitPlate);
    running = List.copyOf(running);
    plateQuestions = List.copyOf(plateQuestions);
    schools = List.copyOf(schools);
    figures = List.copyOf(figures);
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "families",
        families,
        "whichMotor",
        whichMotor,
        "symptoms",
        symptoms,
        "untold",
        untold,
        "moments",
        moments,
        "suspects",
        suspects,
        "actions",
        actions,
        "states",
        states,
        "facts",
        facts,
        "routes",
        routes,
        "partKinds",
        partKinds,
        "repairReadings",
        repairReadings,
        "fitStages",
        fitStages,
        "holds",
        holds,
        "leftToDo",
        leftToDo,
        "stands",
        stands,
        "signals",
        signals,
        "photos",
        photos,
        "motorPlate",
        motorPlate,
        "unitPlate",
        unitPlate,
        "running",
        running,
        "plateQuestions",
        plateQuestions,
        "wiring",
        wiring,
        "schools",
        schools,
        "figures",
        figures);
  }

  /**
   * What a plate says that is no number.
   *
   * @param path where it is kept, such as {@code motor.mount}
   * @param words to choose from; none where it is told otherwise
   */
  public record PlateQuestion(String path, String title, Kind kind, List<Word> words)
      implements Node {
    public PlateQuestion {
      words = List.copyOf(words);
    }

    /** How it is told. */
    public enum Kind {
      /** One of a few words. */
      CHOICE,
      /** One of a few, which are numbers. */
      DIGITS,
      /** Several words at once. */
      SEVERAL,
      FLAG,
      DAY,
      TEXT
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of("path", path, "title", title, "kind", kind, "words", words);
    }
  }

  /** An answer and what it is called. */
  public record AnswerTitle(Answer id, String title) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("id", id, "title", title);
    }
  }

  /** An id and what it is called. */
  public record Word(String id, String title) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("id", id, "title", title);
    }
  }

  /** A question on which the trade disagrees, with its answers: the usual one first, and why. */
  public record SchoolView(School id, String title, String reason, List<Word> habits)
      implements Node {
    public SchoolView {
      habits = List.copyOf(habits);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of("id", id, "title", title, "reason", reason, "habits", habits);
    }
  }

  /** What is drawn and asked for one family of motors. */
  public record FamilyView(
      Family id,
      String title,
      boolean covered,
      List<CheckView> checks,
      List<Word> stations,
      List<TerminalView> terminals,
      Map<String, List<String>> probes)
      implements Node {
    public FamilyView {
      checks = List.copyOf(checks);
      stations = List.copyOf(stations);
      terminals = List.copyOf(terminals);
      probes = Collections.unmodifiableMap(new LinkedHashMap<>(probes));
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "id",
          id,
          "title",
          title,
          "covered",
          covered,
          "checks",
          checks,
          "stations",
          stations,
          "terminals",
          terminals,
          "probes",
          probes);
    }
  }

  /** A terminal with its usual colour. */
  public record TerminalView(String id, String name, String colour, Plug plug, String plugTitle)
      implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "id", id, "name", name, "colour", colour, "plug", plug, "plugTitle", plugTitle);
    }
  }

  /** A way in which boards tell a code. */
  public record SignalView(SignalKind id, String title, String allowed) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("id", id, "title", title, "allowed", allowed);
    }
  }

  /** A state that the unit can be in. */
  public record StateView(UnitState id, String title, String detail) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("id", id, "title", title, "detail", detail);
    }
  }

  private static AnswerTitle choice(Answer word) {
    return new AnswerTitle(word, capital(word.spoken()));
  }

  static String capital(String spoken) {
    return Character.toUpperCase(spoken.charAt(0)) + spoken.substring(1);
  }

  /**
   * A fact and what it may be.
   *
   * @param together words that can be chosen at once; none where one is all there is to say
   * @param mayBeUntold whether it may be said that it cannot be read
   */
  public record FactView(
      String id,
      String title,
      String shortTitle,
      FactKind kind,
      String unit,
      double least,
      double most,
      List<AnswerTitle> choices,
      List<Answer> together,
      boolean mayBeUntold)
      implements Node {
    public FactView {
      choices = List.copyOf(choices);
      together = List.copyOf(together);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "id",
          id,
          "title",
          title,
          "shortTitle",
          shortTitle,
          "kind",
          kind,
          "unit",
          unit,
          "least",
          least,
          "most",
          most,
          "choices",
          choices,
          "together",
          together,
          "mayBeUntold",
          mayBeUntold);
    }
  }

  /**
   * A check as a technician is asked it.
   *
   * @param symptoms the complaints under which it is worth asking
   */
  public record CheckView(
      String id,
      Suspect station,
      UnitState state,
      double minutes,
      List<String> facts,
      String ask,
      String how,
      String caution,
      boolean soft,
      List<Symptom> symptoms,
      List<Outcome> outcomes)
      implements Node {
    public CheckView {
      facts = List.copyOf(facts);
      symptoms = List.copyOf(symptoms);
      outcomes = List.copyOf(outcomes);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "id",
          id,
          "station",
          station,
          "state",
          state,
          "minutes",
          minutes,
          "facts",
          facts,
          "ask",
          ask,
          "how",
          how,
          "caution",
          caution,
          "soft",
          soft,
          "symptoms",
          symptoms,
          "outcomes",
          outcomes);
    }
  }

  /** A way forward. */
  public record RouteView(
      Route id, String title, String detail, double usualHours, List<PartKind> parts)
      implements Node {
    public RouteView {
      parts = List.copyOf(parts);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "id", id, "title", title, "detail", detail, "usualHours", usualHours, "parts", parts);
    }
  }

  /** A kind of part, and what such a part is rated by. */
  public record PartKindView(PartKind id, String title, List<RatingView> ratings) implements Node {
    public PartKindView {
      ratings = List.copyOf(ratings);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of("id", id, "title", title, "ratings", ratings);
    }
  }

  /**
   * What is read on a new part.
   *
   * @param words what it is one of; none for a free text; null for a number
   */
  public record RepairReadingView(String id, String title, String unit, @Nullable List<Word> words)
      implements Node {
    public RepairReadingView {
      words = words == null ? null : List.copyOf(words);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of("id", id, "title", title, "unit", unit, "words", words);
    }
  }

  /**
   * A figure on a small part.
   *
   * @param field its name among the fields of a part
   */
  public record RatingView(String id, String field, String title, String unit) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("id", id, "field", field, "title", title, "unit", unit);
    }
  }

  /** A figure and who says so. */
  public record FigureView(
      String id, String title, double value, String unit, Source.Kind kind, String source)
      implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of(
          "id", id, "title", title, "value", value, "unit", unit, "kind", kind, "source", source);
    }
  }

  /** For every family of variable-speed motors. */
  public static Catalogue whole() {
    List<FamilyView> families = new ArrayList<>();
    for (Family family : Family.values()) {
      if (family.isVariableSpeed()) {
        boolean covered = FamilyModel.covers(family);
        List<CheckView> checks =
            covered
                ? FamilyModel.of(family).checks().stream().map(Catalogue::check).toList()
                : List.of();
        families.add(
            new FamilyView(
                family,
                family.title(),
                covered,
                checks,
                family.profile().stations().stream()
                    .map(s -> new Word(s.name(), family.profile().title(s)))
                    .toList(),
                family.profile().terminals().stream().map(Catalogue::terminal).toList(),
                probes(family)));
      }
    }
    Map<String, FactView> facts = new LinkedHashMap<>();
    for (FactType type : FactType.values()) {
      facts.put(
          type.id(),
          new FactView(
              type.id(),
              type.title(),
              type.shortTitle(),
              type.kind(),
              type.unit(),
              type.least(),
              type.most(),
              type.choices().stream().map(Catalogue::choice).toList(),
              type.together(),
              type.mayBeUntold()));
    }
    return new Catalogue(
        families,
        WhichMotor.QUESTIONS,
        Arrays.stream(Symptom.values()).map(s -> new Word(s.name(), s.title())).toList(),
        Arrays.stream(FactValue.Untold.Why.values())
            .map(why -> new Word(why.name(), capital(why.spoken())))
            .toList(),
        Arrays.stream(Taken.When.values())
            .map(when -> new Word(when.name(), capital(when.spoken())))
            .toList(),
        Arrays.stream(Suspect.values()).map(s -> new Word(s.name(), s.title())).toList(),
        Arrays.stream(Action.values()).map(a -> new Word(a.name(), a.title())).toList(),
        Arrays.stream(UnitState.values())
            .map(s -> new StateView(s, s.title(), s.detail()))
            .toList(),
        facts,
        Arrays.stream(Route.values())
            .map(r -> new RouteView(r, r.title(), r.detail(), r.usualHours(), Sourced.kinds(r)))
            .toList(),
        Arrays.stream(PartKind.values()).map(Catalogue::partKind).toList(),
        Catalogue.everyRepairReading(),
        Arrays.stream(Stage.values()).map(one -> new Word(one.name(), one.title())).toList(),
        holdViews(),
        Arrays.stream(Hold.Left.values()).map(one -> new Word(one.name(), one.title())).toList(),
        Arrays.stream(Stand.Place.values()).map(one -> new Word(one.name(), one.title())).toList(),
        Arrays.stream(SignalKind.values())
            .map(s -> new SignalView(s, s.title(), s.allowed()))
            .toList(),
        Arrays.stream(PhotoKind.values()).map(k -> new Word(k.name(), k.title())).toList(),
        PlateField.MOTOR,
        PlateField.UNIT,
        PlateField.RUNNING,
        PlateQuestions.all(),
        WiringWords.all(),
        Arrays.stream(School.values()).map(Catalogue::school).toList(),
        Figures.all().stream().map(Catalogue::figure).toList());
  }

  /** What is read on a new part, the calls too. */
  /**
   * Why a job does not go on.
   *
   * @param needsDay whether it stands only with a day
   */
  public record HoldView(Hold.Reason id, String title, String next, boolean needsDay)
      implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("id", id, "title", title, "next", next, "needsDay", needsDay);
    }
  }

  private static List<HoldView> holdViews() {
    return Arrays.stream(Hold.Reason.values())
        .map(one -> new HoldView(one, one.title(), one.next(), one.needsDay()))
        .toList();
  }

  private static List<RepairReadingView> everyRepairReading() {
    List<RepairReadingView> all = new ArrayList<>();
    for (ReadingType one : ReadingType.values()) {
      all.add(new RepairReadingView(one.id(), one.title(), one.unit(), words(one.words())));
    }
    List<String> runs = ReadingType.RUN_IDLE.words();
    for (CallId call : CallId.values()) {
      all.add(
          new RepairReadingView(
              ReadingType.RUN + call.name(), "On " + call.title(), "", words(runs)));
    }
    return all;
  }

  private static @Nullable List<Word> words(@Nullable List<String> words) {
    return words == null
        ? null
        : words.stream().map(one -> new Word(one, ReadingType.spoken(one))).toList();
  }

  private static PartKindView partKind(PartKind kind) {
    return new PartKindView(
        kind,
        kind.title(),
        kind.ratings().stream()
            .map(one -> new RatingView(one.name(), one.id(), one.title(), one.unit()))
            .toList());
  }

  private static SchoolView school(School school) {
    return new SchoolView(
        school,
        school.title(),
        school.reason(),
        school.habits().stream().map(one -> new Word(one.name(), one.title())).toList());
  }

  private static TerminalView terminal(Terminal terminal) {
    return new TerminalView(
        terminal.id(),
        terminal.name(),
        terminal.colour(),
        terminal.plug(),
        terminal.plug().title());
  }

  /** By fact: the two terminals that it is read between. */
  private static Map<String, List<String>> probes(Family family) {
    Map<String, List<String>> probes = new LinkedHashMap<>();
    family
        .profile()
        .probes()
        .forEach((fact, probe) -> probes.put(fact.id(), List.of(probe.red(), probe.black())));
    return probes;
  }

  private static CheckView check(Check check) {
    return new CheckView(
        check.id(),
        check.station(),
        check.state(),
        check.minutes(),
        check.facts().stream().map(FactType::id).toList(),
        check.ask(),
        check.question().how(),
        check.question().caution(),
        check.isSoft(),
        Arrays.stream(Symptom.values()).filter(check::isFor).toList(),
        check.outcomes());
  }

  private static FigureView figure(Figure figure) {
    return new FigureView(
        figure.id(),
        figure.title(),
        figure.value(),
        figure.unit(),
        figure.source().kind(),
        figure.source().sentence());
  }
}
