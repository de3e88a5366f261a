package variablerotor.server.stock;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.casefile.PartReader;
import variablerotor.core.stock.Finder;
import variablerotor.core.stock.InStock;
import variablerotor.core.stock.Part;
import variablerotor.core.stock.PartNumber;
import variablerotor.core.stock.Place;
import variablerotor.server.call.CallService;
import variablerotor.server.log.Editions;
import variablerotor.server.log.Save;
import variablerotor.server.log.Stamp;
import variablerotor.server.supply.SupplyService;
import variablerotor.server.web.Faults;
import variablerotor.server.web.MayLag;
import variablerotor.server.web.Refused;

/** Parts that the shop keeps, and how many of each lie where. */
@Service
public class StockService {
  static final int MOST_PARTS = 5000;
  private static final int MOST_MOVES = 100;
  static final int LONGEST_PLACE = 60;
  private static final int LONGEST_QUESTION = 100;

  private final StockStore store;
  private final SupplyService supply;
  private final CallService calls;

  StockService(StockStore store, SupplyService supply, CallService calls) {
    this.store = store;
    this.supply = supply;
    this.calls = calls;
  }

  /**
   * A part and where it lies.
   *
   * @param edition that is in force: a change names it
   */
  public record PartRow(UUID id, UUID edition, Part part, List<InStock.StockPlace> places) {
    public PartRow {
      places = List.copyOf(places);
    }

    static PartRow of(StockStore.Kept kept) {
      return new PartRow(kept.id(), kept.edition(), kept.stock().part(), kept.stock().places());
    }
  }

  /** All parts, by number. */
  @MayLag
  public List<PartRow> list() {
    return store.all().stream().map(PartRow::of).toList();
  }

  /** The same without their ids. */
  @Transactional(readOnly = true)
  public List<InStock> stock() {
    return store.all().stream().map(StockStore.Kept::stock).toList();
  }

  /**
   * A part that was found.
   *
   * @param id null where the shop does not keep it
   */
  record FoundRow(@Nullable UUID id, Finder.PartFound found) {}

  /**
   * @param says what is to be said of the question; empty where nothing is
   */
  record FoundParts(String says, List<FoundRow> parts) {}

  /**
   * Parts by number, barcode or words, in stock and as the supply house said last.
   *
   * @throws Refused where the question is too long
   */
  @MayLag
  FoundParts find(String typed) {
    if (typed.length() > LONGEST_QUESTION) {
      throw Refused.field("q", "allowed are at most " + LONGEST_QUESTION + " characters");
    }
    Finder.Answer answer = Finder.find(typed, stock(), supply.kept());
    List<FoundRow> rows = rows(answer.found());
    return new FoundParts(
        answer.misread()
            ? "These are a barcode's digits, and one of them was misread: the last does not check."
            : "",
        rows);
  }

  /** Each with the id that it has in the stock. */
  @Transactional(readOnly = true)
  List<FoundRow> rows(List<Finder.PartFound> found) {
    return found.stream().map(one -> new FoundRow(idOf(one.part().number()), one)).toList();
  }

  private @Nullable UUID idOf(String number) {
    return store.all().stream()
        .filter(one -> PartNumber.same(one.stock().part().number(), number))
        .map(StockStore.Kept::id)
        .findFirst()
        .orElse(null);
  }

  /**
   * Keeps a part as it is told.
   *
   * @param base the edition that it was changed from; null for a new one
   * @throws Refused with every field that makes no sense, or where another edition is in force
   */
  @Transactional
  List<PartRow> put(UUID part, UUID id, @Nullable UUID base, Object told, Stamp stamp) {
    store.lockList();
    Part read = read(told, "");
    for (StockStore.Kept one : store.all()) {
      if (!one.id().equals(part) && PartNumber.same(one.stock().part().number(), read.number())) {
        throw Refused.field("number", "Another part has this number; allowed is one of its own.");
      }
    }
    if (!store.holdsEdition(id)) {
      Editions.InForce now = store.edition(part).orElse(null);
      Map<String, Object> theirs = store.newest(part).map(Part::tree).orElse(Map.of());
      Editions.hold(base, now, theirs, read.tree());
    }
    store.add(id, part, read, false, stamp);
    return limited();
  }

  /**
   * All parts.
   *
   * @throws Refused where they are more than there is room for
   */
  List<PartRow> limited() {
    List<PartRow> all = list();
    if (all.size() > MOST_PARTS) {
      throw Refused.field("number", "allowed are at most " + MOST_PARTS + " parts");
    }
    return all;
  }

  static Part read(Object told, String where) {
    try {
      return PartReader.part(told);
    } catch (InputFaults faults) {
      throw Refused.fields(where, faults.faults());
    }
  }

  /**
   * Takes a part away; what it was and what came and went of it stays on record.
   *
   * @param base the edition that was seen
   * @throws Refused while some of it lie anywhere, or where another edition is in force
   */
  @Transactional
  List<PartRow> remove(UUID part, UUID id, @Nullable UUID base, Stamp stamp) {
    store.lockList();
    store.lock(part);
    if (!store.holdsEdition(id)) {
      Editions.holdRemoval(base, store.edition(part).orElse(null));
      Part last = store.newest(part).orElseThrow(() -> Refused.missing("part"));
      int left =
          list().stream()
              .filter(one -> one.id().equals(part))
              .flatMap(one -> one.places().stream())
              .mapToInt(InStock.StockPlace::count)
              .sum();
      if (left > 0) {
        throw Refused.conflict("There are still " + left + " of it. Count them away first.");
      }
      store.add(id, part, last, true, stamp);
    }
    return list();
  }

  /**
   * The same as {@link #move}, but what is lent and comes back, which loans keep.
   *
   * @throws Refused where it makes no sense, or so many do not lie there
   */
  @Transactional
  PartRow moveByHand(UUID part, UUID id, Move move, Stamp stamp) {
    if (move.reason() == Move.Reason.LENT || move.reason() == Move.Reason.RETURNED) {
      throw Refused.field("reason", "What is lent and comes back is kept as a loan.");
    }
    return move(part, id, move, stamp);
  }

  /**
   * Keeps that parts were counted, or came or went.
   *
   * @throws Refused where it makes no sense, or so many do not lie there
   */
  @Transactional
  public PartRow move(UUID part, UUID id, Move move, Stamp stamp) {
    checked(move).refuse();
    Part is = store.newest(part).orElseThrow(() -> Refused.missing("part"));
    if (move.call() != null) {
      // The call before the part, as everywhere: two who wait for each other would wait forever.
      calls.lock(move.call());
      calls.requireReal(move.call());
    }
    // One part at a time: whoever comes second sees what is left.
    store.lock(part);
    Save save = store.move(id, part, move);
    if (!store.holds(save)) {
      int change = change(part, move);
      int now = store.count(part, move.at(), move.where());
      if (now + change < 0) {
        throw Refused.conflict(left(is, move, now));
      }
      if (now + change > PartReader.MOST_COUNT) {
        throw Refused.field(
            "count", "That would be more than " + PartReader.MOST_COUNT + " in one place.");
      }
      store.keep(save, part, move.at(), move.where(), change, stamp);
      if (move.reason() == Move.Reason.MOVED) {
        arrive(part, id, move, stamp);
      }
    }
    return row(part);
  }

  /** The other half of a move. */
  private void arrive(UUID part, UUID id, Move move, Stamp stamp) {
    UUID other = UUID.nameUUIDFromBytes((id + " to").getBytes(StandardCharsets.UTF_8));
    Move to = move.arriving();
    store.keep(store.move(other, part, to), part, to.at(), to.where(), to.count(), stamp);
  }

  private static String left(Part part, Move move, int now) {
    String place = (move.at() == Place.VAN ? "van " : "shelf ") + move.where();
    return now == 0
        ? "There is none of " + part.number() + " left on " + place + "."
        : "Only " + now + " of " + part.number() + " left on " + place + ".";
  }

  private int change(UUID part, Move move) {
    return switch (move.reason()) {
      case COUNTED -> move.count() - store.count(part, move.at(), move.where());
      case RECEIVED, RETURNED -> move.count();
      case TAKEN, LENT, MOVED -> -move.count();
      case PUT_BACK -> {
        int taken = store.taken(Objects.requireNonNull(move.call())).getOrDefault(part, 0);
        if (move.count() > taken) {
          throw Refused.field(
              "count",
              "found "
                  + move.count()
                  + "; this call has taken "
                  + taken
                  + ", and no more can be put back");
        }
        yield move.count();
      }
    };
  }

  private static Faults checked(Move move) {
    Faults faults =
        new Faults()
            .required("reason", move.reason(), "a reason such as COUNTED")
            .required("at", move.at(), "VAN or SHELF");
    place(faults, "at", move.at(), "where", move.where());
    int least = move.reason() == Move.Reason.COUNTED ? 0 : 1;
    if (move.count() < least || move.count() > PartReader.MOST_COUNT) {
      faults.add(
          "count",
          "found "
              + move.count()
              + "; allowed is a whole number from "
              + least
              + " to "
              + PartReader.MOST_COUNT);
    }
    boolean forCall = move.reason() == Move.Reason.TAKEN || move.reason() == Move.Reason.PUT_BACK;
    if (forCall && move.call() == null) {
      faults.add("call", "found nothing; required is the call that it is for");
    }
    if (move.reason() == Move.Reason.MOVED) {
      faults.required("toAt", move.toAt(), "VAN or SHELF");
      place(faults, "toAt", move.toAt(), "toWhere", move.toWhere());
      if (move.at() == move.toAt() && move.where() != null && move.where().equals(move.toWhere())) {
        faults.add("toWhere", "found the same place; allowed is another");
      }
    }
    return faults;
  }

  private static void place(
      Faults faults, String atField, @Nullable Place at, String field, @Nullable String where) {
    if (at == Place.SUPPLY_HOUSE) {
      faults.add(atField, "found SUPPLY_HOUSE; allowed is VAN or SHELF");
    }
    if (where == null
        || where.isBlank()
        || where.length() > LONGEST_PLACE
        || !where.equals(where.strip())
        || where.chars().anyMatch(Character::isISOControl)) {
      faults.add(field, "required is the name of the van or shelf, at most " + LONGEST_PLACE);
    }
  }

  /** One part as it lies. */
  @Transactional(readOnly = true)
  PartRow one(UUID part) {
    return row(part);
  }

  private PartRow row(UUID part) {
    return store.all().stream()
        .filter(one -> one.id().equals(part))
        .findFirst()
        .map(PartRow::of)
        .orElseThrow(() -> Refused.missing("part"));
  }

  /** The part of this id, also where it was taken away since. */
  @Transactional(readOnly = true)
  public Part part(UUID part) {
    return store.newest(part).orElseThrow(() -> Refused.missing("part"));
  }

  /** What came and went of a part, the newest first. */
  @MayLag
  List<StockStore.Moved> moves(UUID part) {
    part(part);
    return store.moves(part, MOST_MOVES);
  }

  /** How many of each part a call has taken and not put back. */
  @Transactional(readOnly = true)
  public Map<UUID, Integer> taken(UUID call) {
    return store.taken(call);
  }

  /** The list as CSV, as it can be brought in again. */
  @MayLag
  String export() {
    return StockTable.write(stock());
  }
}
