package almanac.app.errands.calendar;

import java.time.LocalDate;

/**
 * Something that stands in the calendar.
 *
 * @param uid its name there, for good
 * @param toDo whether it is to be done in a span of days, and not an event on one
 * @param from the first day
 * @param until the last day
 * @param words more of it; may be empty
 */
record CalendarEntry(
    String uid, boolean toDo, LocalDate from, LocalDate until, String title, String words) {

  private static final int MOST = 3000;

  CalendarEntry {
    words = words.length() > MOST ? words.substring(0, MOST) + " …" : words;
  }

  /** All that is said of it, in one text. */
  String content() {
    return String.join("\n", from.toString(), until.toString(), title, words);
  }
}
