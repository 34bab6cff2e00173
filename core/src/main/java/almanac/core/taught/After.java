package almanac.core.taught;

import almanac.core.checks.CheckAnswer;
import almanac.core.checks.Purpose;
import almanac.core.history.PlantStatus;
import almanac.core.inspection.Inspection;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What was seen after a move, until the next one.
 *
 * @param looks oldest first
 * @param answers how its checks were answered, oldest first
 * @param end when it left its place, and how
 * @param movedAgain the day of the next move
 */
public record After(
    List<Inspection> looks,
    List<Answered> answers,
    Optional<End> end,
    Optional<LocalDate> movedAgain) {
  /** A check that was answered with a tap. */
  public record Answered(LocalDate on, Purpose purpose, CheckAnswer answer) {}

  /** The end of its life here. */
  public record End(LocalDate on, PlantStatus status) {}

  /**
   * Of a life, what lies between a move and the next one.
   *
   * @param on the day of the move
   * @param looks oldest first
   */
  public static After of(
      LocalDate on,
      List<Inspection> looks,
      List<Answered> answers,
      Optional<End> end,
      Optional<LocalDate> movedAgain) {
    var until = movedAgain.orElse(LocalDate.MAX);
    return new After(
        looks.stream().filter(look -> look.on().isAfter(on) && look.on().isBefore(until)).toList(),
        answers.stream()
            .filter(answer -> answer.on().isAfter(on) && answer.on().isBefore(until))
            .sorted(Comparator.comparing(Answered::on))
            .toList(),
        end,
        movedAgain);
  }

  public After {
    looks = List.copyOf(looks);
    answers = List.copyOf(answers);
  }
}
