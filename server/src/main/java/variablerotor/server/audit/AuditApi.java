package variablerotor.server.audit;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.server.csv.Csv;
import variablerotor.server.web.Faults;
import variablerotor.server.web.Only;
import variablerotor.server.web.Refused;
import variablerotor.server.web.Right;

/** The audit list over HTTP, page by page and as a table. */
@Only(Right.LEAD)
@RestController
@RequestMapping("/api/audit")
class AuditApi {
  private static final int A_PAGE = 100;
  private static final int MOST_ROWS = 50_000;
  private static final int MOST_DAYS = 3660;

  private final AuditStore store;
  private final Clock clock;

  AuditApi(AuditStore store, Clock clock) {
    this.store = store;
    this.clock = clock;
  }

  /** Which of them; null for all. */
  record Asked(Deed.@Nullable Field field, @Nullable UUID person) {}

  /** Where a page ends. */
  record After(OffsetDateTime at, UUID id) {
    @Override
    public String toString() {
      return at + "_" + id;
    }

    static @Nullable After read(@Nullable String text) {
      if (text == null) {
        return null;
      }
      int apart = text.lastIndexOf('_');
      try {
        return new After(
            OffsetDateTime.parse(text.substring(0, Math.max(0, apart))),
            UUID.fromString(text.substring(apart + 1)));
      } catch (DateTimeParseException | IllegalArgumentException odd) {
        throw Refused.field("before", "allowed is the 'next' of the page before");
      }
    }
  }

  /**
   * @param by null where the machine's keeper did it, by the command line
   * @param title the deed, in words
   * @param subject of whom or what; empty where the deed says it
   * @param told how it stood after; empty where there is no more to say
   */
  record AuditRow(
      UUID id,
      OffsetDateTime at,
      @Nullable String by,
      Deed deed,
      String title,
      String subject,
      String told,
      @Nullable UUID call) {}

  /**
   * @param next asks for the page after this; null on the last
   */
  record AuditPage(List<AuditRow> rows, @Nullable String next) {}

  /**
   * @param days back to which it goes
   * @param before the {@code next} of the page before
   */
  @GetMapping
  AuditPage page(
      @RequestParam(required = false) Deed.@Nullable Field field,
      @RequestParam(required = false) @Nullable UUID person,
      @RequestParam(defaultValue = "30") int days,
      @RequestParam(required = false) @Nullable String before) {
    List<AuditRow> rows =
        store.list(new Asked(field, person), since(days), After.read(before), A_PAGE + 1);
    boolean more = rows.size() > A_PAGE;
    List<AuditRow> shown = more ? rows.subList(0, A_PAGE) : rows;
    AuditRow last = more ? shown.get(A_PAGE - 1) : null;
    return new AuditPage(shown, last == null ? null : new After(last.at(), last.id()).toString());
  }

  /** The same as a table; of more rows than it holds the newest. */
  @GetMapping("/table")
  ResponseEntity<byte[]> table(
      @RequestParam(required = false) Deed.@Nullable Field field,
      @RequestParam(required = false) @Nullable UUID person,
      @RequestParam(defaultValue = "30") int days) {
    List<List<String>> table = new ArrayList<>();
    table.add(List.of("at", "by", "what", "of", "told", "call"));
    for (AuditRow row : store.list(new Asked(field, person), since(days), null, MOST_ROWS)) {
      table.add(
          List.of(
              row.at().toString(),
              Objects.requireNonNullElse(row.by(), ""),
              row.deed().name(),
              row.subject(),
              row.told(),
              Objects.toString(row.call(), "")));
    }
    return Csv.file("audit.csv", Csv.write(table));
  }

  private OffsetDateTime since(int days) {
    new Faults().within("days", (double) days, 1, MOST_DAYS).refuse();
    return OffsetDateTime.now(clock).minusDays(days);
  }
}
