package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.CheckFigures;
import variablerotor.core.check.Situation;
import variablerotor.core.fact.FactType;
import variablerotor.core.family.Family;
import variablerotor.core.likelihood.Check;
import variablerotor.core.likelihood.Experience;
import variablerotor.core.likelihood.FamilyModel;
import variablerotor.core.text.Numbers;

/**
 * What can be said while it is not known which of several motors it is: only what holds for each of
 * them. A suspect is proved, and an action settled, where it is so for every one; asked is what
 * each of them is asked.
 */
public final class CommonGround {
  private static final double LIKELY = CheckFigures.LIKELY.value();

  private final List<Diagnosis> each = new ArrayList<>();
  private final Diagnosis first;
  private final Set<String> shared;

  private CommonGround(Situation situation, List<Family> families, Experience experience) {
    for (Family family : families) {
      each.add(Engine.diagnose(situation.as(family), experience));
    }
    first = each.get(0);
    shared = checks(families);
  }

  /**
   * @param families those that it can be, the one taken for granted elsewhere first
   * @param experience what the shop's own ended calls say
   */
  public static Diagnosis diagnose(
      Situation situation, List<Family> families, Experience experience) {
    return families.size() == 1
        ? Engine.diagnose(situation, experience)
        : new CommonGround(situation, families, experience).diagnosis();
  }

  /** The checks that every one of these families has, by id. */
  public static Set<String> checks(List<Family> families) {
    Set<String> shared = new LinkedHashSet<>();
    FamilyModel.of(families.get(0)).checks().forEach(check -> shared.add(check.id()));
    for (Family family : families) {
      Set<String> mine = new HashSet<>();
      FamilyModel.of(family).checks().stream().map(Check::id).forEach(mine::add);
      shared.retainAll(mine);
    }
    return shared;
  }

  private Diagnosis diagnosis() {
    List<Diagnosis.SuspectView> suspects = suspects();
    Remedy remedy = remedy();
    return new Diagnosis(
        "",
        verdict(suspects, remedy),
        suspects,
        first.found().stream().filter(one -> inAll(one, Diagnosis::found)).toList(),
        stations(),
        first.winding(),
        nextTests(),
        List.of(),
        List.of(),
        first.notes().stream().filter(one -> inAll(one, Diagnosis::notes)).toList(),
        first.windows().stream().filter(one -> inAll(one, Diagnosis::windows)).toList(),
        first.warnings().stream().filter(one -> inAll(one, Diagnosis::warnings)).toList());
  }

  /** What one of the lists has, and the same list of every other one has as well. */
  private <T> boolean inAll(T one, java.util.function.Function<Diagnosis, List<T>> list) {
    return each.stream().allMatch(diagnosis -> list.apply(diagnosis).contains(one));
  }

  private static Diagnosis.SuspectView view(Diagnosis diagnosis, Suspect suspect) {
    return diagnosis.suspects().stream()
        .filter(one -> one.id() == suspect)
        .findFirst()
        .orElse(
            new Diagnosis.SuspectView(
                suspect,
                0,
                SuspectState.CLEARED,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of()));
  }

  /** On average over the motors that it can be, each as likely as the other. */
  private List<Diagnosis.SuspectView> suspects() {
    Map<Suspect, Double> shares = new EnumMap<>(Suspect.class);
    for (Diagnosis diagnosis : each) {
      diagnosis
          .suspects()
          .forEach(one -> shares.merge(one.id(), one.probability() / each.size(), Double::sum));
    }
    List<Diagnosis.SuspectView> views = new ArrayList<>();
    shares.forEach((suspect, share) -> views.add(view(suspect, share)));
    views.sort(
        Comparator.comparing((Diagnosis.SuspectView v) -> v.state() != SuspectState.PROVED)
            .thenComparing(
                Comparator.comparingDouble(Diagnosis.SuspectView::probability).reversed()));
    return views;
  }

  private Diagnosis.SuspectView view(Suspect suspect, double share) {
    List<Diagnosis.SuspectView> mine = each.stream().map(one -> view(one, suspect)).toList();
    SuspectState state = share >= LIKELY ? SuspectState.LIKELY : SuspectState.POSSIBLE;
    for (SuspectState all : List.of(SuspectState.PROVED, SuspectState.CLEARED)) {
      if (mine.stream().allMatch(one -> one.state() == all)) {
        state = all;
      }
    }
    Diagnosis.SuspectView told =
        mine.stream().max(Comparator.comparingDouble(one -> one.because().size())).orElseThrow();
    return new Diagnosis.SuspectView(
        suspect,
        share,
        state,
        told.because(),
        told.clearedBy(),
        told.pointedAtBy(),
        List.of(),
        told.missing().stream().filter(shared::contains).toList());
  }

  private Remedy remedy() {
    Remedy mine = first.verdict().remedy();
    boolean settled =
        each.stream()
            .map(one -> one.verdict().remedy())
            .allMatch(one -> one.stands() && one.action() == mine.action());
    if (settled) {
      return mine;
    }
    Set<String> change = new LinkedHashSet<>();
    each.forEach(one -> change.addAll(one.verdict().remedy().wouldChange()));
    change.retainAll(shared);
    List<Action> also = new ArrayList<>(mine.also());
    each.forEach(one -> also.retainAll(one.verdict().remedy().also()));
    return Remedy.open(
        also, "Not settled yet: it hangs on which motor it is, too.", List.copyOf(change));
  }

  private Diagnosis.Verdict verdict(List<Diagnosis.SuspectView> suspects, Remedy remedy) {
    Diagnosis.Verdict mine = first.verdict();
    boolean proved =
        each.stream()
            .map(Diagnosis::verdict)
            .allMatch(
                one ->
                    one.state() == VerdictState.DECIDED && one.suspects().equals(mine.suspects()));
    Set<FactType> rests = new LinkedHashSet<>();
    if (proved || remedy.stands()) {
      each.forEach(one -> rests.addAll(one.verdict().restsOn()));
    }
    if (proved) {
      return new Diagnosis.Verdict(
          VerdictState.DECIDED,
          mine.suspects(),
          mine.sentence(),
          remedy,
          List.copyOf(rests),
          "It is so whichever of these motors it is.");
    }
    Diagnosis.SuspectView leading = suspects.get(0);
    boolean likely = leading.probability() >= LIKELY && leading.id().isLink();
    String sentence =
        likely
            ? "Whichever motor it is, most likely "
                + leading.id().spoken()
                + " ("
                + Numbers.plain(100 * leading.probability(), 0)
                + " %), not proved."
            : "Not decided yet: several links can still be at fault.";
    return new Diagnosis.Verdict(
        likely ? VerdictState.NARROWED : VerdictState.OPEN,
        likely ? List.of(leading.id()) : List.of(),
        sentence,
        remedy,
        List.copyOf(rests),
        null);
  }

  /** The links that each of them has; a state that they do not share is not known. */
  private List<Diagnosis.Station> stations() {
    List<Diagnosis.Station> stations = new ArrayList<>();
    for (Diagnosis.Station station : first.stations()) {
      List<Diagnosis.Station> mine =
          each.stream()
              .flatMap(one -> one.stations().stream())
              .filter(one -> one.id() == station.id())
              .toList();
      if (mine.size() == each.size()) {
        stations.add(
            new Diagnosis.Station(
                station.id(),
                shared(mine.stream().map(Diagnosis.Station::state).toList()),
                station.readings()));
      }
    }
    return stations;
  }

  private static Diagnosis.StationState shared(List<Diagnosis.StationState> states) {
    if (states.stream().allMatch(states.get(0)::equals)) {
      return states.get(0);
    }
    boolean doubted =
        states.contains(Diagnosis.StationState.SUSPECT)
            || states.contains(Diagnosis.StationState.FAILED);
    return doubted ? Diagnosis.StationState.SUSPECT : Diagnosis.StationState.UNSEEN;
  }

  /** What each of them has, in the order of the places that it takes in their lists. */
  private List<Diagnosis.NextTest> nextTests() {
    List<Diagnosis.NextTest> tests = new ArrayList<>();
    Set<String> known = new HashSet<>();
    for (Diagnosis diagnosis : each) {
      for (Diagnosis.NextTest test : diagnosis.nextTests()) {
        if (shared.contains(test.check().id()) && known.add(test.check().id())) {
          tests.add(
              new Diagnosis.NextTest(
                  test.check(),
                  test.minutes(),
                  test.travelMinutes(),
                  test.gainBits(),
                  "It tells something whichever of these motors it is.",
                  List.of(),
                  test.again()));
        }
      }
    }
    tests.sort(Comparator.comparingInt(test -> places(test.check().id())));
    return tests;
  }

  private int places(String check) {
    int sum = 0;
    for (Diagnosis diagnosis : each) {
      int place = diagnosis.nextTests().size();
      for (int i = 0; i < diagnosis.nextTests().size(); i++) {
        if (diagnosis.nextTests().get(i).check().id().equals(check)) {
          place = i;
          break;
        }
      }
      sum += place;
    }
    return sum;
  }
}
