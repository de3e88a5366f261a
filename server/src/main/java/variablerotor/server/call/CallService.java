package variablerotor.server.call;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.casefile.CaseFile;
import variablerotor.core.casefile.DiagnosisWriter;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.cost.Offer;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.diagnosis.Engine;
import variablerotor.core.diagnosis.Situation;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.FactParser;
import variablerotor.core.fact.FactType;
import variablerotor.core.motor.Warranty;
import variablerotor.core.route.Route;
import variablerotor.core.route.RouteState;
import variablerotor.core.route.Way;
import variablerotor.core.route.Ways;
import variablerotor.json.Json;
import variablerotor.server.account.Account;
import variablerotor.server.photo.PhotoImage;
import variablerotor.server.photo.PhotoKind;
import variablerotor.server.photo.PhotoStore;
import variablerotor.server.shop.Settings;
import variablerotor.server.shop.SettingsStore;
import variablerotor.server.web.Refused;

/**
 * A call from the first touch to the decision. Every change comes with an id that the client made:
 * the same id with the same content again is the same save, with other content it is refused.
 */
@Service
public class CallService {
  private static final int MOST_READINGS = 1000;
  private static final int MOST_PHOTOS = 40;

  private final CallStore store;
  private final SettingsStore settings;
  private final PhotoStore photos;
  private final Clock clock;

  CallService(CallStore store, SettingsStore settings, PhotoStore photos, Clock clock) {
    this.store = store;
    this.settings = settings;
    this.photos = photos;
    this.clock = clock;
  }

  /** What a technician types in for one way forward. */
  public record OfferRequest(Double partPrice, Double labourHours, Double leadDays) {}

  /** The call's facts in force, and what follows from them. */
  private record Standing(
      Particulars particulars,
      List<CallStore.ReadingRow> rows,
      Map<String, UUID> inForce,
      List<Fact> facts,
      Situation situation,
      Diagnosis diagnosis) {}

  /**
   * A practised call as it stands.
   *
   * @param facts the readings in force, in the order of taking
   */
  public record Practised(Situation situation, List<Fact> facts, Settings settings) {}

  private CallStore.Stamp stamp(Account author) {
    return new CallStore.Stamp(author.id(), OffsetDateTime.now(clock));
  }

  @Transactional(readOnly = true)
  public List<CallRow> list(String search, int page, int size) {
    return store.list(search, page * size, size);
  }

  @Transactional
  public CallView open(UUID id, Particulars given, Account author) {
    return open(id, false, given, author);
  }

  /** A call on a simulated motor: kept like any other, and left out of the list. */
  @Transactional
  public CallView openPractice(UUID id, Particulars given, Account author) {
    return open(id, true, given, author);
  }

  private CallView open(UUID id, boolean practice, Particulars given, Account author) {
    Particulars particulars = Particulars.checked(given);
    Diagnosis diagnosis = Engine.diagnose(situation(particulars, List.of(), settings.current()));
    CallStore.Stamp stamp = stamp(author);
    String body = Json.write(Json.plainOf(particulars));
    if (!store.addCall(id, practice, particulars, diagnosis, stamp)) {
      sameOrRefuse(store.particulars(id).equals(body), "call");
      return view(id);
    }
    store.addParticulars(id, id, body, stamp);
    return view(id);
  }

  @Transactional
  public CallView tell(UUID call, UUID id, Particulars given, Account author) {
    lock(call);
    Particulars particulars = Particulars.checked(given);
    CallStore.Stamp stamp = stamp(author);
    String body = Json.write(Json.plainOf(particulars));
    return store.addParticulars(id, call, body, stamp) ? summarised(call, stamp) : view(call);
  }

  @Transactional
  public CallView read(UUID call, UUID id, String fact, Object plain, Account author) {
    lock(call);
    FactType type = fact == null ? null : FactType.ofId(fact);
    if (type == null) {
      throw Refused.field(
          "fact",
          "found " + FactParser.describe(fact) + "; allowed is a fact id such as \"line.volts\"");
    }
    try {
      FactParser.parse(type, plain);
    } catch (FactParser.Refused refused) {
      throw Refused.field("value", refused.getMessage());
    }
    String value = Json.write(plain);
    CallStore.Stamp stamp = stamp(author);
    if (store.countReadings(call) >= MOST_READINGS) {
      throw Refused.conflict("This call holds " + MOST_READINGS + " readings; open a new one.");
    }
    if (store.addReading(id, call, type.id(), value, stamp)) {
      return summarised(call, stamp);
    }
    CallStore.ReadingRow kept = store.reading(id).orElseThrow();
    sameOrRefuse(
        kept.call().equals(call) && kept.fact().equals(type.id()) && kept.value().equals(value),
        "reading");
    return view(call);
  }

  @Transactional
  public CallView takeBack(UUID call, UUID id, UUID reading, Account author) {
    lock(call);
    boolean here =
        reading != null
            && store.reading(reading).filter(row -> row.call().equals(call)).isPresent();
    if (!here) {
      throw Refused.missing("reading on this call");
    }
    CallStore.Stamp stamp = stamp(author);
    store.retract(id, reading, stamp);
    return summarised(call, stamp);
  }

  /** Keeps a photo, made anew without what tells where it was taken. */
  @Transactional
  public CallView photograph(UUID call, UUID id, PhotoKind kind, byte[] file, Account author) {
    lock(call);
    if (kind == null) {
      throw Refused.field("kind", "found nothing; required is what the photo shows");
    }
    if (photos.isOf(id, call)) {
      return view(call);
    }
    if (photos.list(call).size() >= MOST_PHOTOS) {
      throw Refused.conflict("This call holds " + MOST_PHOTOS + " photos. Take one away first.");
    }
    CallStore.Stamp stamp = stamp(author);
    if (!photos.add(id, call, kind, PhotoImage.of(file), stamp.author(), stamp.at())) {
      throw Refused.conflict("Another photo has this id already.");
    }
    return view(call);
  }

  @Transactional
  public CallView removePhoto(UUID call, UUID photo, UUID id, Account author) {
    lock(call);
    if (!photos.isOf(photo, call)) {
      throw Refused.missing("photo on this call");
    }
    CallStore.Stamp stamp = stamp(author);
    photos.remove(id, photo, stamp.author(), stamp.at());
    return view(call);
  }

  @Transactional(readOnly = true)
  public PhotoStore.Content photo(UUID call, UUID photo) {
    return photos.content(photo, call).orElseThrow(() -> Refused.missing("photo on this call"));
  }

  /** For the look back on a practised call. */
  @Transactional(readOnly = true)
  public Practised practised(UUID call) {
    store
        .opened(call)
        .filter(CallStore.Opened::practice)
        .orElseThrow(() -> Refused.missing("practised call"));
    Settings figures = settings.current();
    Standing standing = standing(call, figures);
    return new Practised(standing.situation(), standing.facts(), figures);
  }

  @Transactional
  public CallView offer(UUID call, UUID id, Route route, OfferRequest given, Account author) {
    lock(call);
    List<InputFault> faults = new ArrayList<>();
    if (route == null) {
      faults.add(new InputFault("route", "found nothing; required is a way forward"));
    }
    within(faults, "partPrice", given.partPrice(), 1e6);
    within(faults, "labourHours", given.labourHours(), 200);
    within(faults, "leadDays", given.leadDays(), 365);
    if (!faults.isEmpty()) {
      throw Refused.fields(faults);
    }
    Offer offer = new Offer(given.partPrice(), given.labourHours(), given.leadDays());
    if (!store.addOffer(id, call, route, offer, stamp(author))) {
      CallStore.OfferRow kept = store.offer(id).orElseThrow();
      sameOrRefuse(kept.equals(new CallStore.OfferRow(id, call, route, offer)), "offer");
    }
    return view(call);
  }

  private static void within(List<InputFault> faults, String path, Double value, double most) {
    if (value == null || !(value >= 0 && value <= most)) {
      faults.add(
          new InputFault(
              path,
              "found "
                  + FactParser.describe(value)
                  + "; allowed is a number from 0 to "
                  + FactParser.describe(most)));
    }
  }

  @Transactional
  public CallView decide(UUID call, UUID id, Route route, Account author) {
    lock(call);
    if (route == null) {
      throw Refused.field("route", "found nothing; required is a way forward");
    }
    CallStore.DecisionRow kept = store.decision(id).orElse(null);
    if (kept != null) {
      sameOrRefuse(kept.call().equals(call) && kept.route() == route, "decision");
      return view(call);
    }
    Settings figures = settings.current();
    Standing standing = standing(call, figures);
    Way way = ways(standing).stream().filter(one -> one.route() == route).findFirst().orElseThrow();
    if (way.state() == RouteState.BLOCKED) {
      throw Refused.field("route", "This way is blocked: " + way.reasons().get(0).sentence());
    }
    Offer offer = store.offers(call).get(route);
    store.addDecision(
        id,
        call,
        route,
        offer == null ? null : offer.firstCost(figures.labourPerHour()),
        figures.currency(),
        Json.write(DiagnosisWriter.write(standing.diagnosis())),
        stamp(author));
    store.chosen(call, route);
    return view(call);
  }

  /** The call in the open format, as the command line reads it. */
  @Transactional(readOnly = true)
  public Map<String, Object> caseFile(UUID call) {
    store.opened(call).orElseThrow(() -> Refused.missing("call"));
    Standing standing = standing(call, settings.current());
    List<Map<String, Object>> facts = new ArrayList<>();
    for (CallStore.ReadingRow row : standing.rows()) {
      if (row.id().equals(standing.inForce().get(row.fact()))) {
        Map<String, Object> fact = new LinkedHashMap<>();
        fact.put("id", row.fact());
        fact.put("value", plain(row.value()));
        facts.add(fact);
      }
    }
    return withoutNulls(standing.particulars().tree(facts));
  }

  private static Map<String, Object> withoutNulls(Map<?, ?> tree) {
    Map<String, Object> kept = new LinkedHashMap<>();
    tree.forEach(
        (key, value) -> {
          if (value instanceof Map<?, ?> inner) {
            kept.put(String.valueOf(key), withoutNulls(inner));
          } else if (value != null) {
            kept.put(String.valueOf(key), value);
          }
        });
    return kept;
  }

  @Transactional(readOnly = true)
  public CallView view(UUID call) {
    store.opened(call).orElseThrow(() -> Refused.missing("call"));
    Settings figures = settings.current();
    return view(call, figures, standing(call, figures));
  }

  private CallView view(UUID call, Settings figures, Standing standing) {
    CallStore.Opened opened = store.opened(call).orElseThrow();
    Map<Route, Offer> offers = store.offers(call);
    List<Way> ways = ways(standing);
    return new CallView(
        call,
        standing.particulars(),
        opened.by(),
        opened.at(),
        opened.changedAt(),
        standing.rows().stream().map(row -> reading(row, standing)).toList(),
        DiagnosisView.of(standing.diagnosis()),
        ways.stream().map(way -> way(way, offers.get(way.route()), figures)).toList(),
        Ways.recommended(ways, offers, figures.labourPerHour(), standing.diagnosis()),
        store.decisions(call).stream()
            .map(
                row ->
                    new CallView.DecisionView(
                        row.id(),
                        row.route(),
                        row.firstCost(),
                        row.currency(),
                        row.author(),
                        row.at()))
            .toList(),
        figures,
        photos.list(call),
        Warranty.of(standing.particulars().unit().warrantyUntil(), LocalDate.now(clock)),
        opened.practice(),
        Engine.VERSION);
  }

  private static CallView.ReadingView reading(CallStore.ReadingRow row, Standing standing) {
    return new CallView.ReadingView(
        row.id(),
        row.fact(),
        plain(row.value()),
        fact(row).spoken(),
        row.author(),
        row.at(),
        row.id().equals(standing.inForce().get(row.fact())),
        row.retracted());
  }

  private static CallView.WayView way(Way way, Offer offer, Settings figures) {
    CallView.OfferView view =
        offer == null
            ? null
            : new CallView.OfferView(
                offer.partPrice(),
                offer.labourHours(),
                offer.leadDays(),
                offer.labour(figures.labourPerHour()),
                offer.firstCost(figures.labourPerHour()));
    return new CallView.WayView(way.route(), way.state(), way.reasons(), way.loses(), view);
  }

  private List<Way> ways(Standing standing) {
    return Ways.of(
        standing.particulars().unit(),
        standing.particulars().motor(),
        standing.situation().facts(),
        standing.diagnosis(),
        LocalDate.now(clock));
  }

  private void lock(UUID call) {
    if (!store.lock(call)) {
      throw Refused.missing("call");
    }
  }

  private static void sameOrRefuse(boolean same, String what) {
    if (!same) {
      throw Refused.conflict("Another " + what + " has this id already.");
    }
  }

  /** Works the verdict out anew, keeps what the list shows of it, and shows the call. */
  private CallView summarised(UUID call, CallStore.Stamp stamp) {
    Settings figures = settings.current();
    Standing standing = standing(call, figures);
    store.summarise(
        call, standing.particulars(), standing.diagnosis(), standing.inForce().size(), stamp.at());
    return view(call, figures, standing);
  }

  private Standing standing(UUID call, Settings figures) {
    Particulars particulars = Json.as(Particulars.class, plain(store.particulars(call)));
    List<CallStore.ReadingRow> rows = store.readings(call);
    Map<String, UUID> inForce = new HashMap<>();
    List<Fact> facts = new ArrayList<>();
    for (CallStore.ReadingRow row : rows) {
      if (!row.retracted()) {
        inForce.put(row.fact(), row.id());
        facts.add(fact(row));
      }
    }
    Situation situation = situation(particulars, facts, figures);
    return new Standing(particulars, rows, inForce, facts, situation, Engine.diagnose(situation));
  }

  /** The kept plates are checked and typed already. */
  private static Situation situation(Particulars particulars, List<Fact> facts, Settings figures) {
    return new CaseFile(
            null, particulars.unit(), particulars.motor(), particulars.symptom(), facts, List.of())
        .situation(figures.balanceLimitPercent());
  }

  private static Fact fact(CallStore.ReadingRow row) {
    FactType type = FactType.ofId(row.fact());
    try {
      return new Fact(type, FactParser.parse(type, plain(row.value())));
    } catch (FactParser.Refused refused) {
      throw new IllegalStateException("kept reading no longer reads: " + row.id(), refused);
    }
  }

  private static Object plain(String json) {
    try {
      return Json.read(json);
    } catch (InputFaults faults) {
      throw new IllegalStateException("kept JSON no longer reads", faults);
    }
  }
}
