package almanac.core.trainer;

import almanac.core.figures.Figures;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * When a case is asked again. What was right at first is known; what was misjudged comes back after
 * longer and longer times until it was right at each. A right answer before its day counts for
 * nothing. Rules: The trainer.
 *
 * @param due the day from which it is asked again; nothing once it is known
 */
public record Again(Optional<LocalDate> due) {
  private static final Again KNOWN = new Again(Optional.empty());

  /**
   * @param answers of one case, in the order in which they were given; at least one
   */
  public static Again of(List<Answered> answers, Figures figures) {
    var again = KNOWN;
    int right = 0;
    for (var answer : answers) {
      if (answer.mark() != Mark.RIGHT) {
        right = 0;
        again = on(answer.on(), right, figures);
      } else if (again.due().filter(due -> !answer.on().isBefore(due)).isPresent()) {
        right++;
        again = right < TrainerFigures.AGAIN.size() ? on(answer.on(), right, figures) : KNOWN;
      }
    }
    return again;
  }

  private static Again on(LocalDate answered, int right, Figures figures) {
    return new Again(
        Optional.of(answered.plusDays(figures.count(TrainerFigures.AGAIN.get(right)))));
  }

  public boolean known() {
    return due.isEmpty();
  }
}
