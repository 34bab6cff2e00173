package almanac.app.journal;

import almanac.core.followup.CheckAnswer;
import almanac.core.history.Event;
import almanac.core.history.Potting;
import almanac.core.inspection.Inspection;
import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * One line of a plant's journal; never changed once written.
 *
 * @param id in the order of writing
 * @param on the day it is about
 * @param recordedOn the day it was written
 * @param supersedes the line that it corrects or strikes out, if any
 * @param note in the collector's own words, may be empty
 * @param content what happened
 */
public record JournalEntry(
    long id,
    LocalDate on,
    LocalDate recordedOn,
    @Nullable Long supersedes,
    String note,
    Content content) {

  /** What a line of the journal is about. */
  public sealed interface Content {}

  /**
   * @param inFlower whether it was in bud or flower at the time
   */
  public record Potted(Potting potting, boolean inFlower, Pot pot) implements Content {}

  /** Somebody looked. */
  public record Inspected(Inspection inspection) implements Content {}

  /** A booked check was answered. */
  public record Answered(long checkId, CheckAnswer answer) implements Content {}

  /** The superseded line should not have been written. */
  public record Withdrawn() implements Content {}

  /** What it means for the judgement, if anything. */
  Optional<Event> event() {
    if (content instanceof Potted potted) {
      return Optional.of(new Event.Potted(potted.potting()));
    }
    return content instanceof Inspected inspected
        ? Optional.of(new Event.Inspected(inspected.inspection()))
        : Optional.empty();
  }

  /** The day by which it is put in order: a potting of unknown date comes before all else. */
  LocalDate order() {
    return event().map(Event::on).orElse(on);
  }
}
