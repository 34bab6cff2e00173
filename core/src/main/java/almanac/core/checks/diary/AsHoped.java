package almanac.core.checks.diary;

import almanac.core.checks.CheckAnswer;
import almanac.core.checks.FollowUpFigures;
import almanac.core.checks.Purpose;
import almanac.core.checks.Series;
import almanac.core.figures.Figures;
import almanac.core.history.Happening;
import almanac.core.history.Journal;
import java.time.LocalDate;
import java.util.List;

/**
 * A check after a move that came out as it was hoped. Rules: Follow-ups.
 *
 * @param on the day of the answer
 */
public record AsHoped(Purpose purpose, LocalDate on) {
  /** Those of a plant that are news, in the order of its journal. */
  public static List<AsHoped> lately(Journal journal, LocalDate today, Figures figures) {
    var since = today.minusDays(figures.count(FollowUpFigures.NEWS));
    return journal.holding().stream()
        .filter(line -> line.act().on().isAfter(since))
        .filter(line -> wentWell(line.happening()))
        .map(
            line ->
                new AsHoped(
                    ((Happening.Checked) line.happening()).check().purpose(), line.act().on()))
        .toList();
  }

  private static boolean wentWell(Happening happening) {
    return happening instanceof Happening.Checked checked
        && checked.answer() == CheckAnswer.AS_HOPED
        && checked.check().purpose().series() == Series.AFTERCARE;
  }
}
