package almanac.app.errands.calendar;

import static almanac.app.db.Tables.PUBLISHED;

import almanac.app.db.tables.records.PublishedRecord;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Knows what was said in the calendar before, and so what has changed or is no more. */
@Repository
class Published {
  /** So long after its day a cancelled entry is still said to be cancelled. */
  private static final int SAID_DAYS = 30;

  private final DSLContext db;
  private final Clock clock;

  Published(DSLContext db, Clock clock) {
    this.db = db;
    this.clock = clock;
  }

  /**
   * An entry with how often it has changed.
   *
   * @param version 0 at first
   * @param changedAt when it became what it is
   */
  record Said(CalendarEntry entry, int version, Instant changedAt, boolean cancelled) {}

  /** The entries, and those that were said before and are no more. */
  @Transactional
  List<Said> say(List<CalendarEntry> entries, LocalDate today) {
    var now = clock.instant().truncatedTo(ChronoUnit.SECONDS);
    Map<String, PublishedRecord> known = new HashMap<>();
    db.selectFrom(PUBLISHED).forEach(row -> known.put(row.getUid(), row));
    var said = new ArrayList<Said>();
    for (var entry : entries) {
      var row = known.remove(entry.uid());
      if (row == null) {
        row = db.newRecord(PUBLISHED);
        row.setUid(entry.uid());
        row.setVersion(-1);
      }
      if (row.getVersion() < 0 || row.getCancelled() || !row.getContent().equals(entry.content())) {
        turn(row, entry, now, false);
      }
      said.add(said(row, entry));
    }
    for (var row : known.values()) {
      if (row.getUntilDay().isBefore(today.minusDays(SAID_DAYS))) {
        row.delete();
      } else if (!row.getUntilDay().isBefore(today) || row.getCancelled()) {
        var entry = entry(row);
        if (!row.getCancelled()) {
          turn(row, entry, now, true);
        }
        said.add(said(row, entry));
      }
    }
    return said;
  }

  private static void turn(
      PublishedRecord row, CalendarEntry entry, Instant now, boolean cancelled) {
    row.setContent(entry.content());
    row.setVersion(row.getVersion() + 1);
    row.setChangedAt(OffsetDateTime.ofInstant(now, ZoneOffset.UTC));
    row.setUntilDay(entry.until());
    row.setCancelled(cancelled);
    row.store();
  }

  private static Said said(PublishedRecord row, CalendarEntry entry) {
    return new Said(entry, row.getVersion(), row.getChangedAt().toInstant(), row.getCancelled());
  }

  private static CalendarEntry entry(PublishedRecord row) {
    var lines = row.getContent().split("\n", 4);
    return new CalendarEntry(
        row.getUid(),
        row.getUid().startsWith("look-"),
        LocalDate.parse(lines[0]),
        LocalDate.parse(lines[1]),
        lines[2],
        lines[3]);
  }
}
