package variablerotor.server.document;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Times as a paper has them, in the shop's own zone. */
final class PaperTime {
  private static final DateTimeFormatter TIME =
      DateTimeFormatter.ofPattern("d MMM uuuu, HH:mm", Locale.ENGLISH);

  private final Clock clock;
  private final ZoneId zone;

  PaperTime(Clock clock, String zone) {
    this.clock = clock;
    this.zone = ZoneId.of(zone);
  }

  /**
   * @param at as ISO 8601
   */
  String of(String at) {
    return TIME.format(OffsetDateTime.parse(at).atZoneSameInstant(zone));
  }

  String now() {
    return TIME.format(OffsetDateTime.now(clock).atZoneSameInstant(zone));
  }

  LocalDate today() {
    return LocalDate.now(clock.withZone(zone));
  }

  /**
   * @param at as ISO 8601
   */
  LocalDate dayOf(String at) {
    return OffsetDateTime.parse(at).atZoneSameInstant(zone).toLocalDate();
  }
}
