package almanac.core.trainer;

import static almanac.core.trainer.Mark.RIGHT;
import static almanac.core.trainer.Mark.TOO_EARLY;
import static almanac.core.trainer.Mark.TOO_LATE;
import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What was misjudged comes back; what is known does not. */
class AgainTest {
  private static final Figures FIGURES = Figures.standard();
  private static final LocalDate MONDAY = LocalDate.of(2027, 5, 3);

  private final List<Answered> answers = new ArrayList<>();

  private static Answered answer(String asked, int day, Mark mark) {
    return new Answered(MONDAY.plusDays(day), asked, mark, Optional.empty());
  }

  private Again after(int day, Mark mark) {
    answers.add(answer("x", day, mark));
    return Again.of(answers, FIGURES);
  }

  private static void comesOn(Again again, int day) {
    assertThat(again.due()).contains(MONDAY.plusDays(day));
  }

  @Test
  void whatWasRightAtOnceIsKnown() {
    assertThat(after(0, RIGHT).known()).isTrue();
  }

  @Test
  void whatWasMisjudgedComesBackLaterAndLater() {
    comesOn(after(0, TOO_EARLY), 1);
    comesOn(after(1, RIGHT), 1 + 3);
    comesOn(after(5, RIGHT), 5 + 8);
    comesOn(after(13, RIGHT), 13 + 21);
    assertThat(after(34, RIGHT).known()).isTrue();
  }

  @Test
  void aMistakeOnTheWayBeginsAnew() {
    after(0, TOO_EARLY);
    after(1, RIGHT);
    comesOn(after(4, TOO_LATE), 5);
    comesOn(after(5, RIGHT), 8);
  }

  @Test
  void whatIsRightBeforeItIsDueCountsForNothingAndAMistakeAlwaysDoes() {
    after(0, TOO_EARLY);
    comesOn(after(0, RIGHT), 1);
    comesOn(after(0, RIGHT), 1);
    after(1, RIGHT);
    comesOn(after(2, RIGHT), 4);
    comesOn(after(2, TOO_LATE), 3);
  }

  @Test
  void whatIsLongestDueComesFirstThenWhatWasNeverAsked() {
    var given = List.of(answer("b", 0, TOO_LATE), answer("a", 2, TOO_LATE), answer("c", 0, RIGHT));
    var sorts = List.of(List.of("a", "b", "c", "d"), List.of("e"));
    assertThat(new Turn(given, MONDAY.plusDays(3), FIGURES).due()).containsExactly("b", "a");
    assertThat(new Turn(given, MONDAY.plusDays(3), FIGURES).next(sorts)).contains("b");
    assertThat(new Turn(given, MONDAY.plusDays(2), FIGURES).next(sorts)).contains("b");
    assertThat(new Turn(given, MONDAY, FIGURES).next(sorts)).contains("e");
    assertThat(new Turn(given, MONDAY, FIGURES).known()).isEqualTo(1);
  }

  @Test
  void whatIsGoneFromTheCollectionIsNotAsked() {
    var given = List.of(answer("gone", 0, TOO_LATE));
    assertThat(new Turn(given, MONDAY.plusDays(9), FIGURES).next(List.of(List.of("d"))))
        .contains("d");
    assertThat(new Turn(given, MONDAY.plusDays(9), FIGURES).next(List.of(List.of()))).isEmpty();
  }

  /** Whatever is answered, and whenever: who goes on comes to the end, and nothing is lost. */
  @Test
  void whoIsRightFromSomeDayOnKnowsItAll() {
    var random = new Random(5);
    int mistakes = 0;
    for (int round = 0; round < 60; round++) {
      var sorts = List.of(List.of("a", "b", "c", "d", "e"), List.of("f", "g"), List.<String>of());
      var given = new ArrayList<Answered>();
      int day = 0;
      while (new Turn(given, MONDAY.plusDays(400), FIGURES).next(sorts).isPresent() && day < 400) {
        var next = new Turn(given, MONDAY.plusDays(day), FIGURES).next(sorts);
        if (next.isEmpty()) {
          day++;
          continue;
        }
        boolean wrong = day < 40 && random.nextInt(3) == 0;
        mistakes += wrong ? 1 : 0;
        given.add(answer(next.get(), day, wrong ? TOO_EARLY : RIGHT));
      }
      assertThat(new Turn(given, MONDAY.plusDays(day), FIGURES).known()).isEqualTo(7);
      assertThat(day).isLessThan(200);
    }
    assertThat(mistakes).isGreaterThan(60);
  }

  @Test
  void theScoreCountsByWeekByMistakeAndBySureness() {
    var given =
        List.of(
            new Answered(MONDAY.minusDays(1), "a", TOO_EARLY, Optional.of(Sure.SURE)),
            new Answered(MONDAY, "b", RIGHT, Optional.of(Sure.SURE)),
            new Answered(MONDAY.plusDays(6), "c", TOO_LATE, Optional.of(Sure.GUESSED)),
            new Answered(MONDAY.plusDays(6), "d", TOO_EARLY, Optional.empty()));
    var score = Score.of(given, MONDAY.plusDays(6));
    assertThat(score.all()).isEqualTo(new Score.Right(1, 4));
    assertThat(score.mistakes()).containsExactly(TOO_EARLY, TOO_LATE);
    assertThat(score.bySureness())
        .containsEntry(Sure.SURE, new Score.Right(1, 2))
        .containsEntry(Sure.GUESSED, new Score.Right(0, 1))
        .doesNotContainKey(Sure.FAIRLY);
    assertThat(score.weeks()).hasSize(12);
    assertThat(score.weeks().subList(10, 12))
        .containsExactly(
            new Score.Week(MONDAY.minusWeeks(1), new Score.Right(0, 1)),
            new Score.Week(MONDAY, new Score.Right(1, 3)));
  }
}
