package variablerotor.server.callfile;

import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import variablerotor.core.diagnosis.Engine;
import variablerotor.core.job.Job;
import variablerotor.core.kept.Wording;
import variablerotor.core.tree.Tree;
import variablerotor.core.view.CallView;
import variablerotor.json.Json;
import variablerotor.server.account.AccountService;
import variablerotor.server.call.CallService;
import variablerotor.server.document.CallPapers;
import variablerotor.server.log.Stamp;
import variablerotor.server.photo.PhotoImage;
import variablerotor.server.photo.PhotoStore;
import variablerotor.server.web.Refused;
import variablerotor.server.web.Sha256;
import variablerotor.server.web.Turn;

/** Packs a call into one file, and brings one in: every record as it was, by whom and when. */
@Service
class CallFiles {
  /** No call of any shop's book is older. */
  private static final OffsetDateTime EARLIEST = OffsetDateTime.parse("2000-01-01T00:00:00Z");

  private final Turn turn = new Turn(1, 4, Duration.ofSeconds(30));
  private final CallFileStore store;
  private final CallService calls;
  private final CallPapers papers;
  private final PhotoStore photos;
  private final AccountService accounts;
  private final TransactionTemplate tx;
  private final Clock clock;

  CallFiles(
      CallFileStore store,
      CallService calls,
      CallPapers papers,
      PhotoStore photos,
      AccountService accounts,
      TransactionTemplate tx,
      Clock clock) {
    this.store = store;
    this.calls = calls;
    this.papers = papers;
    this.photos = photos;
    this.accounts = accounts;
    this.tx = tx;
    this.clock = clock;
  }

  /**
   * @throws Refused where there is no such call, or it is practice
   */
  byte[] pack(UUID call) {
    return turn.take(() -> packed(call));
  }

  private byte[] packed(UUID call) {
    CallFileStore.Opened opened =
        store.opened(call).orElseThrow(() -> Refused.missing("call in the shop’s book"));
    Map<String, List<Map<String, Object>>> records = store.records(call);
    Map<String, byte[]> files = new LinkedHashMap<>();
    files.put(
        CallFile.RECORDS,
        bytes(
            Tree.of(
                "call",
                Tree.of(
                    "id",
                    call.toString(),
                    "openedBy",
                    opened.by().toString(),
                    "openedAt",
                    opened.at()),
                "people",
                people(opened, records),
                "records",
                records)));
    Job job = calls.job(call);
    CallView view = CallView.of(job);
    files.put("case.json", bytes(job.caseTree()));
    if (view.wired() != null) {
      files.put("wiring.json", bytes(view.wired().made()));
    }
    if (view.fit() != null && view.fit().author() != null) {
      files.put("fit.json", bytes(view.fit().fit()));
    }
    if (view.repair() != null && view.repair().author() != null) {
      files.put("proof.json", bytes(view.repair().proof()));
    }
    for (Map<String, Object> photo : records.getOrDefault("photos", List.of())) {
      UUID id = UUID.fromString(String.valueOf(photo.get("id")));
      photos.content(id, call).ifPresent(one -> files.put(nameOf(photo), one.bytes()));
    }
    files.put("papers/report.pdf", papers.report(call));
    files.put("papers/sheet.pdf", papers.sheet(call));
    byte[] label = papers.label(call);
    if (label != null) {
      files.put("papers/label.pdf", label);
    }
    return CallFile.pack(
        files,
        Tree.of(
            "call", call.toString(), "engine", Engine.VERSION, "made", clock.instant().toString()));
  }

  private static String nameOf(Map<String, Object> photo) {
    String ending = "image/png".equals(photo.get("media_type")) ? ".png" : ".jpg";
    return "photos/" + photo.get("id") + ending;
  }

  private List<Object> people(
      CallFileStore.Opened opened, Map<String, List<Map<String, Object>>> records) {
    Set<UUID> ids = new LinkedHashSet<>(List.of(opened.by()));
    records
        .values()
        .forEach(
            rows ->
                rows.forEach(row -> ids.add(UUID.fromString(String.valueOf(row.get("author"))))));
    List<Object> people = new ArrayList<>();
    store.names(ids).forEach((id, name) -> people.add(Tree.of("id", id, "name", name)));
    return people;
  }

  private static byte[] bytes(Map<String, ?> tree) {
    return Json.writePretty(tree).getBytes(StandardCharsets.UTF_8);
  }

  /** What a file says, before anything of it is kept. */
  private record Said(
      UUID call,
      UUID openedBy,
      OffsetDateTime openedAt,
      Map<UUID, String> people,
      Map<String, List<Map<String, Object>>> records,
      Map<String, byte[]> pixels,
      String digest) {}

  /**
   * Brings a call in, whole or not at all. The same call that is here already, and says the same,
   * stays as it is.
   *
   * @throws Refused where the file is not whole, or the call is here with other content
   */
  Job bringIn(UUID id, InputStream file, Stamp stamp) {
    return turn.take(
        () -> {
          Said said = read(CallFile.unpack(file));
          try {
            Job kept = tx.<@Nullable Job>execute(any -> keep(id, said, stamp));
            return Objects.requireNonNull(kept);
          } catch (DataAccessException | IllegalArgumentException | IllegalStateException bad) {
            throw CallFile.refused(CallFile.RECORDS + " holds what no call holds");
          }
        });
  }

  /** What is told of times by which calls are listed and counted. */
  private static void hold(Said said, Stamp stamp) {
    boolean early = said.openedAt.isBefore(EARLIEST);
    if (early || last(said).at().isAfter(stamp.at().plusDays(1))) {
      throw CallFile.refused(
          "found a time " + (early ? "before " + EARLIEST.getYear() : "that is still to come"));
    }
  }

  private Job keep(UUID id, Said said, Stamp stamp) {
    hold(said, stamp);
    if (store.exists(said.call)) {
      if (!store.records(said.call).equals(said.records)) {
        throw Refused.conflict(
            "This call is here already, and what it holds here is not what the file holds. Nothing"
                + " was brought in.");
      }
      return calls.job(said.call);
    }
    if (store.taken(said.records)) {
      throw Refused.conflict(
          "Something of this call stands on another call here already. Nothing was brought in.");
    }
    said.people.forEach((person, name) -> accounts.knowOf(person, name, stamp.at()));
    Job brought =
        calls.bringIn(
            said.call,
            new Stamp(said.openedBy, said.openedAt),
            last(said),
            () -> store.bringIn(said.call, said.records, said.pixels));
    if (!store.records(said.call).equals(said.records)) {
      throw CallFile.refused(CallFile.RECORDS + " holds what no call holds");
    }
    store.keep(store.brought(id, said.call, said.digest), stamp);
    return calls.job(UUID.fromString(brought.log().id()));
  }

  /** Who made the newest of it, and when. */
  private static Stamp last(Said said) {
    Stamp last = new Stamp(said.openedBy, said.openedAt);
    for (List<Map<String, Object>> rows : said.records.values()) {
      for (Map<String, Object> row : rows) {
        OffsetDateTime at = time(row.get("at"), "at");
        if (at.isAfter(last.at())) {
          last = new Stamp(uuid(row.get("author"), "author"), at);
        }
      }
    }
    return last;
  }

  private static Said read(Map<String, byte[]> files) {
    byte[] text = Objects.requireNonNull(files.get(CallFile.RECORDS));
    Map<?, ?> tree = CallFile.tree(CallFile.RECORDS, text);
    Map<?, ?> call = map(tree.get("call"), "call");
    Map<UUID, String> people = new LinkedHashMap<>();
    for (Object each : list(tree.get("people"), "people")) {
      Map<?, ?> one = map(each, "people");
      String name = String.valueOf(one.get("name")).strip();
      people.put(uuid(one.get("id"), "people.id"), name);
    }
    Map<String, List<Map<String, Object>>> records = records(map(tree.get("records"), "records"));
    Map<String, byte[]> pixels = pixels(records, files);
    UUID openedBy = uuid(call.get("openedBy"), "call.openedBy");
    Set<UUID> named = new LinkedHashSet<>(List.of(openedBy));
    records
        .values()
        .forEach(rows -> rows.forEach(row -> named.add(uuid(row.get("author"), "author"))));
    if (!people.keySet().containsAll(named)) {
      throw CallFile.refused("people do not name everybody who made something");
    }
    people.keySet().retainAll(named);
    return new Said(
        uuid(call.get("id"), "call.id"),
        openedBy,
        time(call.get("openedAt"), "call.openedAt"),
        people,
        records,
        pixels,
        Sha256.of(text));
  }

  private static Map<String, List<Map<String, Object>>> records(Map<?, ?> told) {
    if (!CallFileStore.kinds().containsAll(told.keySet())) {
      throw CallFile.refused("records of a kind that this program does not know");
    }
    Map<String, List<Map<String, Object>>> records = new LinkedHashMap<>();
    for (String kind : CallFileStore.kinds()) {
      List<Map<String, Object>> rows = new ArrayList<>();
      for (Object each : told.get(kind) == null ? List.of() : list(told.get(kind), kind)) {
        Map<String, Object> row = new LinkedHashMap<>();
        map(each, kind).forEach((name, value) -> row.put(String.valueOf(name), value));
        if (row.get("wording") instanceof Double wording && wording > Wording.NOW) {
          throw CallFile.refused("it was written by a newer version of this program");
        }
        uuid(row.get("id"), kind + ".id");
        // No price, hour or size that is kept of a call is less than nothing.
        if (row.values().stream().anyMatch(one -> one instanceof Double number && number < 0)) {
          throw CallFile.refused(CallFile.RECORDS + ", " + kind + ": found a number below zero");
        }
        rows.add(row);
      }
      records.put(kind, rows);
    }
    if (records.getOrDefault("particulars", List.of()).isEmpty()) {
      throw CallFile.refused("nothing is told of the call");
    }
    return records;
  }

  /** Each photo's pixels: as a photo of this program is, with nothing of where or when in it. */
  private static Map<String, byte[]> pixels(
      Map<String, List<Map<String, Object>>> records, Map<String, byte[]> files) {
    Map<String, byte[]> left = new HashMap<>(files);
    left.remove(CallFile.MANIFEST);
    left.remove(CallFile.RECORDS);
    Map<String, byte[]> pixels = new HashMap<>();
    for (Map<String, Object> photo : records.getOrDefault("photos", List.of())) {
      byte[] content = left.remove(nameOf(photo));
      if (content == null) {
        throw CallFile.refused("a photo is told of and is not there");
      }
      boolean kept =
          PhotoImage.isKept(
              content,
              String.valueOf(photo.get("media_type")),
              side(photo, "width"),
              side(photo, "height"));
      if (!kept) {
        throw CallFile.refused("a photo holds more than a picture, or is another than is told of");
      }
      pixels.put(String.valueOf(photo.get("id")), content);
    }
    if (!left.isEmpty()) {
      throw CallFile.refused(left.keySet().iterator().next() + " is of no photo that is told of");
    }
    return pixels;
  }

  private static int side(Map<String, Object> photo, String name) {
    return photo.get(name) instanceof Double pixels ? pixels.intValue() : 0;
  }

  private static Map<?, ?> map(@Nullable Object value, String name) {
    if (value instanceof Map<?, ?> map) {
      return map;
    }
    throw CallFile.refused(CallFile.RECORDS + ", " + name + ": no object is there");
  }

  private static List<?> list(@Nullable Object value, String name) {
    if (value instanceof List<?> list) {
      return list;
    }
    throw CallFile.refused(CallFile.RECORDS + ", " + name + ": no list is there");
  }

  private static UUID uuid(@Nullable Object value, String name) {
    try {
      return UUID.fromString(String.valueOf(value));
    } catch (IllegalArgumentException none) {
      throw CallFile.refused(CallFile.RECORDS + ", " + name + ": no id is there");
    }
  }

  private static OffsetDateTime time(@Nullable Object value, String name) {
    try {
      return OffsetDateTime.parse(String.valueOf(value)).withOffsetSameInstant(ZoneOffset.UTC);
    } catch (DateTimeParseException none) {
      throw CallFile.refused(CallFile.RECORDS + ", " + name + ": no time is there");
    }
  }
}
