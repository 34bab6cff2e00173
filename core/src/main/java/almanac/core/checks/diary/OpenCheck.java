package almanac.core.checks.diary;

import almanac.core.checks.Check;
import almanac.core.checks.CheckName;
import almanac.core.checks.FollowUpFigures;
import almanac.core.checks.Purpose;
import almanac.core.checks.Window;
import almanac.core.figures.Figures;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;

/**
 * A check that is still to be made.
 *
 * @param name by which it is known
 * @param check what for and when
 * @param putOff why it was put off, in the collector's own words, if it was
 */
public record OpenCheck(CheckName name, Check check, Optional<String> putOff) {
  static OpenCheck since(LocalDate day, Check check) {
    return new OpenCheck(new CheckName(check.purpose(), day), check, Optional.empty());
  }

  /** The same on another day, which somebody chose. */
  OpenCheck putOff(LocalDate until, String reason) {
    var window = check.window();
    long late = ChronoUnit.DAYS.between(window.best(), window.late());
    return new OpenCheck(
        name, check.on(new Window(until, until, until.plusDays(late))), Optional.of(reason));
  }

  /**
   * Where it stands on the list of a day.
   *
   * @param cannotWait whether the plant is to be taken in hand at once; who was not in time is
   *     looked at like all others
   */
  public Listing listing(LocalDate day, boolean cannotWait, Figures figures) {
    if (urgency(day) == Urgency.LATER) {
      var soon = day.plusDays(figures.count(FollowUpFigures.SOON));
      return check.window().early().isAfter(soon) ? Listing.LATER : Listing.SOON;
    }
    return cannotWait && check.purpose() == Purpose.AS_JUDGED && urgency(day) == Urgency.DUE
        ? Listing.WITH_THE_MOVE
        : Listing.NOW;
  }

  /** Where a day lies in its window. */
  public Urgency urgency(LocalDate day) {
    var window = check.window();
    if (day.isAfter(window.late())) {
      return Urgency.OVERDUE;
    }
    return day.isBefore(window.early()) ? Urgency.LATER : Urgency.DUE;
  }
}
