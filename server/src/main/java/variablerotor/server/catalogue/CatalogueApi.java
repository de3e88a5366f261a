package variablerotor.server.catalogue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.core.catalogue.Figures;
import variablerotor.core.chain.Chain;
import variablerotor.core.chain.Suspect;
import variablerotor.core.code.SignalKind;
import variablerotor.core.diagnosis.Check;
import variablerotor.core.diagnosis.FamilyModel;
import variablerotor.core.diagnosis.Outcome;
import variablerotor.core.diagnosis.Symptom;
import variablerotor.core.diagnosis.UnitState;
import variablerotor.core.fact.FactKind;
import variablerotor.core.fact.FactType;
import variablerotor.core.motor.PlateField;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.route.Route;
import variablerotor.core.signal.Family;
import variablerotor.core.signal.Probes;
import variablerotor.core.signal.Terminals;
import variablerotor.core.source.Figure;
import variablerotor.core.source.Source;
import variablerotor.server.photo.PhotoKind;

/** The words and rules that the page shows, from the core, so that they stand in one place. */
@RestController
class CatalogueApi {
  record Word(String id, String title) {}

  record FamilyView(
      Family id,
      String title,
      boolean covered,
      List<CheckView> checks,
      List<Word> stations,
      List<TerminalView> terminals,
      Map<String, List<String>> probes) {}

  record TerminalView(
      String id, String name, String colour, Terminals.Plug plug, String plugTitle) {}

  record SignalView(SignalKind id, String title, String allowed) {}

  record StateView(UnitState id, String title, String detail, String caution) {}

  record FactView(
      String id,
      String title,
      FactKind kind,
      String unit,
      double least,
      double most,
      List<String> choices) {}

  record CheckView(
      String id,
      Suspect station,
      UnitState state,
      double minutes,
      List<String> facts,
      String ask,
      String how,
      boolean soft,
      List<Outcome> outcomes) {}

  record RouteView(Route id, String title, String detail, double usualHours) {}

  record FigureView(
      String id, String title, double value, String unit, Source.Kind kind, String source) {}

  record Catalogue(
      List<FamilyView> families,
      List<Word> symptoms,
      List<Word> unitKinds,
      List<Word> suspects,
      List<StateView> states,
      Map<String, FactView> facts,
      List<RouteView> routes,
      List<SignalView> signals,
      List<Word> photos,
      List<PlateField> motorPlate,
      List<PlateField> unitPlate,
      List<FigureView> figures) {}

  private static final Catalogue CATALOGUE = build();

  @GetMapping("/api/catalogue")
  ResponseEntity<Catalogue> catalogue() {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(5, TimeUnit.MINUTES).cachePrivate())
        .body(CATALOGUE);
  }

  private static Catalogue build() {
    List<FamilyView> families = new ArrayList<>();
    for (Family family : Family.values()) {
      if (family.isVariableSpeed()) {
        boolean covered = FamilyModel.covers(family);
        List<CheckView> checks =
            covered
                ? FamilyModel.of(family).checks().stream().map(CatalogueApi::check).toList()
                : List.of();
        families.add(
            new FamilyView(
                family,
                family.title(),
                covered,
                checks,
                Chain.stations(family).stream()
                    .map(s -> new Word(s.name(), Chain.title(family, s)))
                    .toList(),
                Terminals.of(family).stream().map(CatalogueApi::terminal).toList(),
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
              type.kind(),
              type.unit(),
              type.least(),
              type.most(),
              type.choices()));
    }
    return new Catalogue(
        families,
        Arrays.stream(Symptom.values()).map(s -> new Word(s.name(), s.title())).toList(),
        Arrays.stream(UnitPlate.Kind.values()).map(k -> new Word(k.name(), k.title())).toList(),
        Arrays.stream(Suspect.values()).map(s -> new Word(s.name(), s.title())).toList(),
        Arrays.stream(UnitState.values())
            .map(s -> new StateView(s, s.title(), s.detail(), s.caution()))
            .toList(),
        facts,
        Arrays.stream(Route.values())
            .map(r -> new RouteView(r, r.title(), r.detail(), r.usualHours()))
            .toList(),
        Arrays.stream(SignalKind.values())
            .map(s -> new SignalView(s, s.title(), s.allowed()))
            .toList(),
        Arrays.stream(PhotoKind.values()).map(k -> new Word(k.name(), k.title())).toList(),
        PlateField.MOTOR,
        PlateField.UNIT,
        Figures.all().stream().map(CatalogueApi::figure).toList());
  }

  private static TerminalView terminal(Terminals.Terminal terminal) {
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
    for (FactType type : FactType.values()) {
      List<String> terminals = Probes.of(family, type.id());
      if (!terminals.isEmpty()) {
        probes.put(type.id(), terminals);
      }
    }
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
        check.how(),
        check.isSoft(),
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
