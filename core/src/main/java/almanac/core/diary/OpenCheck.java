package almanac.core.diary;

import almanac.core.followup.Check;
import almanac.core.followup.CheckName;
import java.time.LocalDate;

/**
 * A check that is still to be made.
 *
 * @param name by which it is known
 * @param check what for and when
 */
public record OpenCheck(CheckName name, Check check) {
  static OpenCheck since(LocalDate day, Check check) {
    return new OpenCheck(new CheckName(check.purpose(), day), check);
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
