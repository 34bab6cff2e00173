package almanac.core.trainer;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * How a learner does.
 *
 * @param marks how often each was given
 * @param weeks the last ones, the oldest first, those without an answer among them
 * @param bySureness what came of the answers by how sure the learner was of them
 */
public record Score(Map<Mark, Integer> marks, List<Week> weeks, Map<Sure, Right> bySureness) {
  private static final int WEEKS = 12;

  /** So many right of so many. */
  public record Right(int right, int of) {
    static Right of(List<Answered> answers) {
      return new Right(
          (int) answers.stream().filter(each -> each.mark() == Mark.RIGHT).count(), answers.size());
    }
  }

  /**
   * One week.
   *
   * @param from its Monday
   */
  public record Week(LocalDate from, Right right) {}

  public static Score of(List<Answered> answers, LocalDate today) {
    var marks = new EnumMap<Mark, Integer>(Mark.class);
    answers.forEach(answer -> marks.merge(answer.mark(), 1, Integer::sum));
    var sure = new EnumMap<Sure, Right>(Sure.class);
    for (var how : Sure.values()) {
      var said = answers.stream().filter(each -> each.sure().filter(how::equals).isPresent());
      var right = Right.of(said.toList());
      if (right.of() > 0) {
        sure.put(how, right);
      }
    }
    var monday = today.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    var weeks =
        Stream.iterate(monday.minusWeeks(WEEKS - 1L), week -> week.plusWeeks(1))
            .limit(WEEKS)
            .map(week -> new Week(week, Right.of(in(week, answers))))
            .toList();
    return new Score(marks, weeks, sure);
  }

  private static List<Answered> in(LocalDate week, List<Answered> answers) {
    return answers.stream()
        .filter(each -> !each.on().isBefore(week) && each.on().isBefore(week.plusWeeks(1)))
        .toList();
  }

  /** All answers together. */
  public Right all() {
    int of = marks.values().stream().mapToInt(Integer::intValue).sum();
    return new Right(marks.getOrDefault(Mark.RIGHT, 0), of);
  }

  /** The mistakes that were made, the commonest first. */
  public List<Mark> mistakes() {
    return Arrays.stream(Mark.values())
        .filter(mark -> mark != Mark.RIGHT && marks.containsKey(mark))
        .sorted(java.util.Comparator.comparing((Mark mark) -> -marks.get(mark)))
        .toList();
  }
}
