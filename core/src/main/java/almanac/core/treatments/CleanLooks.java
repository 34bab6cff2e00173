package almanac.core.treatments;

import almanac.core.inspection.Inspection;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * Looks in a row at which nothing was found. Two looks that lie closer together than they must
 * count as one.
 *
 * @param looks on how many days somebody looked
 * @param inARow how many clean ones stand at the end
 * @param last the day of the last look, clean or not
 * @param found the day of the last look that found something
 * @param times how many looks found something
 */
public record CleanLooks(
    int looks, int inARow, Optional<LocalDate> last, Optional<LocalDate> found, int times) {

  /**
   * @param inspections oldest first
   * @param clean whether nothing was found; nothing if nobody looked
   * @param since the first day that counts
   * @param apart how many days must lie between two clean looks, at least 1
   */
  public static CleanLooks of(
      List<Inspection> inspections,
      Function<Inspection, Optional<Boolean>> clean,
      LocalDate since,
      int apart) {
    int looks = 0;
    int inARow = 0;
    int times = 0;
    LocalDate last = null;
    LocalDate counted = null;
    LocalDate found = null;
    for (var inspection : inspections) {
      var nothing = clean.apply(inspection);
      var on = inspection.on();
      if (nothing.isEmpty() || on.isBefore(since)) {
        continue;
      }
      looks += on.equals(last) ? 0 : 1;
      last = on;
      if (!nothing.get()) {
        times++;
        inARow = 0;
        found = on;
        counted = on;
      } else if (counted == null || !on.isBefore(counted.plusDays(apart))) {
        inARow++;
        counted = on;
      }
    }
    return new CleanLooks(
        looks, inARow, Optional.ofNullable(last), Optional.ofNullable(found), times);
  }
}
