package almanac.core.history;

import almanac.core.refusals.Longest;
import almanac.core.refusals.Refused;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;

/**
 * A look or a small job of the collector's own, on a day. Rules: Follow-up checks, looks of one's
 * own.
 *
 * @param uid by which it is known, however often it is met
 * @param look whether it is a question, and not a job
 * @param words what is asked, or to be done
 * @param on the day it is due
 * @param everyWeeks so many weeks after it was met it is due again; 0 for once
 */
public record Booking(UUID uid, boolean look, String words, LocalDate on, int everyWeeks) {
  private static final int MOST_WEEKS = 104;

  /**
   * @throws Refused naming the entry, if it asks nothing, or repeats in more than two years
   */
  public Booking {
    if (words.isBlank() || words.length() > Longest.LINE) {
      throw new Refused(() -> "words", "Say what in 1 to %d characters.".formatted(Longest.LINE));
    }
    if (everyWeeks < 0 || everyWeeks > MOST_WEEKS) {
      throw new Refused(
          () -> "everyWeeks", "Once (0), or every 1 to %d weeks.".formatted(MOST_WEEKS));
    }
  }

  /** Once it was met on a day; nothing if that was all. */
  public Optional<Booking> met(LocalDate day) {
    return everyWeeks == 0 ? Optional.empty() : Optional.of(due(day.plusWeeks(everyWeeks)));
  }

  /** The same on another day. */
  public Booking due(LocalDate day) {
    return new Booking(uid, look, words, day, everyWeeks);
  }
}
