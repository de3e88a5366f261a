package variablerotor.server.keeping;

import java.io.IOException;
import java.io.Reader;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.Properties;
import org.jspecify.annotations.Nullable;

/**
 * How the backups stand.
 *
 * @param scheduled whether any are taken by themselves
 * @param folder where they lie
 * @param taken when the newest was, ISO 8601; null where there is none
 * @param bytes of the newest
 * @param kept how many there are
 * @param failed when the last try did, ISO 8601; null where it did not
 * @param late whether the newest is older than it may be, or there is none
 */
record Backups(
    boolean scheduled,
    @Nullable String folder,
    @Nullable String taken,
    long bytes,
    int kept,
    boolean encrypted,
    @Nullable String failed,
    boolean late) {
  /** One a day, and time to take it. */
  private static final Duration OLDEST = Duration.ofHours(30);

  private static final Backups NONE = new Backups(false, null, null, 0, 0, false, null, true);

  /**
   * @param told the folder in which it is told; empty where nobody tells
   */
  static Backups of(String told, Instant now) {
    if (told.isEmpty()) {
      return NONE;
    }
    Properties lines = new Properties();
    try (Reader in = Files.newBufferedReader(Path.of(told, "backup"))) {
      lines.load(in);
    } catch (NoSuchFileException none) {
      return NONE;
    } catch (IOException | IllegalArgumentException unreadable) {
      // Said as not known to be there: nobody is to rely on what cannot be read.
      return NONE;
    }
    Instant taken = moment(lines.getProperty("taken"));
    return new Backups(
        true,
        lines.getProperty("folder"),
        taken == null ? null : taken.toString(),
        number(lines.getProperty("bytes")),
        (int) number(lines.getProperty("kept")),
        Boolean.parseBoolean(lines.getProperty("encrypted")),
        moment(lines.getProperty("failed")) == null ? null : lines.getProperty("failed"),
        taken == null || taken.isBefore(now.minus(OLDEST)));
  }

  private static @Nullable Instant moment(@Nullable String text) {
    try {
      return text == null ? null : Instant.parse(text);
    } catch (DateTimeParseException odd) {
      return null;
    }
  }

  private static long number(@Nullable String text) {
    return text != null && text.matches("\\d{1,18}") ? Long.parseLong(text) : 0;
  }
}
