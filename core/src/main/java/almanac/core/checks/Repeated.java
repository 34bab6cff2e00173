package almanac.core.checks;

import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/** Looks of one kind on some days after something happened. Rules: Follow-up checks. */
public final class Repeated {
  private Repeated() {}

  /** An answer and the day on which it was written. */
  public record Answered(CheckAnswer answer, LocalDate on) {}

  /**
   * The next of them.
   *
   * @param days after the beginning, in their order
   * @param slack how many days early or late serve as well
   * @param answered those that were answered since, oldest first
   * @return nothing once all are served
   */
  public static Optional<Check> next(
      Purpose purpose,
      LocalDate since,
      List<Figure> days,
      Figure slack,
      List<Answered> answered,
      Figures figures) {
    if (!answered.isEmpty()) {
      var last = answered.get(answered.size() - 1);
      if (last.answer() == CheckAnswer.NOT_AS_HOPED) {
        var again = last.on().plusDays(figures.count(days.get(0)));
        return Optional.of(new Check(purpose, Window.around(again, figures.count(slack))));
      }
    }
    var served = answered.isEmpty() ? since : answered.get(answered.size() - 1).on();
    return days.stream()
        .map(day -> since.plusDays(figures.count(day)))
        .filter(day -> day.minusDays(figures.count(slack)).isAfter(served))
        .findFirst()
        .map(day -> new Check(purpose, Window.around(day, figures.count(slack))));
  }
}
