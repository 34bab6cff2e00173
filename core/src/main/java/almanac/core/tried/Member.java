package almanac.core.tried;

import almanac.core.checks.diary.Trials;
import almanac.core.figures.Figures;
import almanac.core.history.Plant;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.taught.MoveRecord;
import almanac.core.trials.OnTrial;
import almanac.core.trials.TrialFigures;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;

/**
 * A plant of a trial, with all that was ever seen of it.
 *
 * @param left the day from which it tells of the trial no more; nothing while it stands in it
 */
public record Member(Plant plant, OnTrial its, Optional<LocalDate> left) {
  static Member of(Plant whole, OnTrial its, Optional<LocalDate> ended, Figures figures) {
    var left = Trials.leftOn(whole, its.trial(), figures);
    return new Member(
        whole, its, left.filter(day -> ended.filter(day::isAfter).isEmpty()).or(() -> ended));
  }

  /**
   * The move that its trial began with, of all that were made of it.
   *
   * @return nothing where the trial tries what needs no move, or none lies near its first day
   */
  public Optional<MoveRecord> begunWith(List<MoveRecord> moves, Figures figures) {
    int near = figures.count(TrialFigures.OF_THE_START);
    var first = its.trial().since();
    return its.trial().tried().byMoving()
        ? moves.stream()
            .filter(each -> Math.abs(ChronoUnit.DAYS.between(each.move().on(), first)) <= near)
            .reduce((former, latter) -> latter)
        : Optional.empty();
  }

  /** What was seen of it while it stood in the trial, oldest first. */
  List<Reading> readings(Item<?> item, LocalDate today) {
    return between(item, its.trial().since(), until(today), true);
  }

  /** What was seen of it in the same months so many years before. */
  List<Reading> readingsBefore(Item<?> item, int years, LocalDate today) {
    return between(
        item, its.trial().since().minusYears(years), until(today).minusYears(years), false);
  }

  private LocalDate until(LocalDate today) {
    return left.orElse(today);
  }

  private List<Reading> between(Item<?> item, LocalDate from, LocalDate until, boolean lastDay) {
    return plant.history().life().stream()
        .filter(seen -> !seen.on().isBefore(from))
        .filter(seen -> seen.on().isBefore(until) || (lastDay && seen.on().equals(until)))
        .flatMap(seen -> readings(item, seen).stream())
        .toList();
  }

  private static List<Reading> readings(Item<?> item, Inspection seen) {
    return seen.findings().entrySet().stream()
        .filter(entry -> entry.getKey().item().equals(item))
        .map(entry -> new Reading(seen.on(), entry.getKey(), entry.getValue()))
        .toList();
  }
}
