package almanac.core.rounds;

import almanac.core.figures.Figures;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * One walk.
 *
 * @param looks those that it catches inside their windows
 * @param outside those for which no day lies inside: the nearest is taken
 * @param overdue those whose window has passed already
 * @param needed the one whose window ends first after the walk before, without which it could be
 *     later; null if it is there for others than those in time
 * @param <T> what is looked at
 */
public record PlannedRound<T>(
    LocalDate day,
    List<ToLook<T>> looks,
    List<ToLook<T>> outside,
    List<ToLook<T>> overdue,
    @Nullable ToLook<T> needed) {
  public PlannedRound {
    looks = List.copyOf(looks);
    outside = List.copyOf(outside);
    overdue = List.copyOf(overdue);
  }

  /** All that are looked at. */
  public List<ToLook<T>> all() {
    return Stream.of(looks, outside, overdue).flatMap(List::stream).toList();
  }

  /** How long it is likely to take. */
  public int minutes(Figures figures) {
    return all().size() * figures.count(RoundFigures.LOOK_MINUTES);
  }
}
