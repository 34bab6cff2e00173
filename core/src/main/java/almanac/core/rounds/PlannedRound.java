package almanac.core.rounds;

import java.time.LocalDate;
import java.util.List;
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
}
