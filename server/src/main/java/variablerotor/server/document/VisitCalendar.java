package variablerotor.server.document;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import variablerotor.core.handover.ReturnVisit;
import variablerotor.core.job.Particulars;

/**
 * A return visit as a calendar file (iCalendar, RFC 5545): a whole day, which is the same day in
 * every zone.
 */
final class VisitCalendar {
  private VisitCalendar() {}

  /**
   * @param call by which a later file takes the place of this one
   * @param day on which it is due
   * @param now when the file is made
   */
  static byte[] of(ReturnVisit visit, Particulars told, String call, LocalDate day, Instant now) {
    VEvent event = new VEvent(day, day.plusDays(1), "Return visit: " + told.place());
    event.replace(new DtStamp(now));
    event.add(new Uid(call + "@variable-rotor"));
    event.add(
        new Location(
            told.unitName().isEmpty() ? told.place() : told.place() + ", " + told.unitName()));
    event.add(new Description(description(visit)));
    Calendar calendar = new Calendar();
    calendar.add(new ProdId("-//Variable Rotor//Return visit//EN"));
    calendar.add(ImmutableVersion.VERSION_2_0);
    calendar.add(event);
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try {
      new CalendarOutputter().output(calendar, bytes);
    } catch (IOException fault) {
      throw new UncheckedIOException(fault);
    }
    return bytes.toByteArray();
  }

  private static String description(ReturnVisit visit) {
    List<String> lines = new ArrayList<>(List.of(visit.why()));
    visit.bring().forEach(one -> lines.add("To bring: " + one));
    visit.left().forEach(one -> lines.add("To do: " + one));
    return String.join("\n", lines);
  }
}
