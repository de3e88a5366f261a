package variablerotor.server.supply;

import static variablerotor.server.schema.Tables.SUPPLY_ANSWER;

import java.math.BigDecimal;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.casefile.PartReader;
import variablerotor.core.stock.PartNumber;
import variablerotor.core.stock.Quote;
import variablerotor.json.Json;

/** What the supply house said last of each of its parts, as it said it. */
@Repository
class SupplyStore {
  /** Parts that are kept; past them those that were asked for longest ago go. */
  private static final int MOST = 4000;

  /** Longest that is kept of one part [characters]. */
  private static final int LONGEST = 4000;

  private static final Field<BigDecimal> TIMES =
      DSL.field("sum(extract(epoch from {0}))", BigDecimal.class, SUPPLY_ANSWER.AT);

  private final DSLContext db;

  SupplyStore(DSLContext db) {
    this.db = db;
  }

  /** Keeps an answer's parts; what is too long to be one is left out. */
  void keep(List<?> parts, OffsetDateTime at) {
    for (Object part : parts) {
      String body = Json.write(part);
      if (!(part instanceof Map<?, ?> map) || !(map.get("number") instanceof String number)) {
        continue;
      }
      String key = PartNumber.key(number);
      if (key.isEmpty() || key.length() > PartReader.LONGEST_NUMBER || body.length() > LONGEST) {
        continue;
      }
      db.insertInto(SUPPLY_ANSWER)
          .set(SUPPLY_ANSWER.NUMBER_KEY, key)
          .set(SUPPLY_ANSWER.BODY, body)
          .set(SUPPLY_ANSWER.AT, at)
          .onConflict(SUPPLY_ANSWER.NUMBER_KEY)
          .doUpdate()
          .set(SUPPLY_ANSWER.BODY, body)
          .set(SUPPLY_ANSWER.AT, at)
          .where(SUPPLY_ANSWER.AT.le(at))
          .execute();
    }
    db.deleteFrom(SUPPLY_ANSWER)
        .where(
            SUPPLY_ANSWER.NUMBER_KEY.in(
                DSL.select(SUPPLY_ANSWER.NUMBER_KEY)
                    .from(SUPPLY_ANSWER)
                    .orderBy(SUPPLY_ANSWER.AT.desc(), SUPPLY_ANSWER.NUMBER_KEY)
                    .offset(MOST)))
        .execute();
  }

  private record Read(String version, List<Quote> quotes) {}

  private volatile Read read = new Read("", List.of());

  /** All that is kept; read once for as long as nothing has come since, by whichever process. */
  List<Quote> all(String currency) {
    // Answers that were asked for side by side can come in another order than their times.
    String version =
        currency + " " + db.select(TIMES, DSL.count()).from(SUPPLY_ANSWER).fetchSingle().intoList();
    Read last = read;
    if (!last.version.equals(version)) {
      List<Quote> quotes = new ArrayList<>();
      db.selectFrom(SUPPLY_ANSWER)
          .orderBy(SUPPLY_ANSWER.NUMBER_KEY)
          .forEach(row -> quotes.addAll(quote(row.getBody(), currency, row.getAt().toString())));
      last = new Read(version, List.copyOf(quotes));
      read = last;
    }
    return last.quotes;
  }

  private static List<Quote> quote(String body, String currency, String at) {
    try {
      return PartReader.quotes(Map.of("parts", List.of(Json.kept(body))), currency, at);
    } catch (InputFaults unreadable) {
      // It can be asked for again: what no longer reads is as if it had not been.
      return List.of();
    }
  }
}
