package almanac.app.errands.calendar;

import almanac.app.errands.calendar.Published.Said;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.ZoneId;
import java.util.List;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.CalendarComponent;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.component.VToDo;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.Due;
import net.fortuna.ical4j.model.property.LastModified;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Status;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.XProperty;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/**
 * Writes entries as iCalendar (RFC 5545). All are whole days, which are the same in every time
 * zone.
 */
final class CalendarFeed {
  /** Lines may have 75 bytes, and a letter up to three. */
  private static final int LETTERS = 25;

  private CalendarFeed() {}

  static String of(List<Said> said, ZoneId zone) {
    var calendar = new Calendar();
    calendar.add(new ProdId("-//Mellow Almanac//Mellow Almanac//EN"));
    calendar.add(ImmutableVersion.VERSION_2_0);
    calendar.add(ImmutableCalScale.GREGORIAN);
    calendar.add(new XProperty("X-WR-CALNAME", "Mellow Almanac"));
    calendar.add(new XProperty("X-WR-TIMEZONE", zone.getId()));
    said.forEach(each -> calendar.add(component(each)));
    try (var out = new StringWriter()) {
      new CalendarOutputter(false, LETTERS).output(calendar, out);
      return out.toString();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static CalendarComponent component(Said said) {
    var entry = said.entry();
    CalendarComponent component = entry.toDo() ? new VToDo(false) : new VEvent(false);
    component.add(new Uid(entry.uid()));
    component.add(new DtStamp(said.changedAt()));
    component.add(new LastModified(said.changedAt()));
    component.add(new Sequence(said.version()));
    // What is due on its first day says so once: by the rule a thing is due after it starts.
    if (!entry.toDo() || entry.from().isBefore(entry.until())) {
      component.add(new DtStart<>(entry.from()));
    }
    component.add(entry.toDo() ? new Due<>(entry.until()) : new DtEnd<>(entry.until().plusDays(1)));
    component.add(new Summary(entry.title()));
    if (!entry.words().isEmpty()) {
      component.add(new Description(entry.words()));
    }
    if (said.cancelled()) {
      component.add(new Status(Status.VALUE_CANCELLED));
    }
    return component;
  }
}
