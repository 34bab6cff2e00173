package almanac.core.checks;

import static almanac.core.checks.CheckAnswer.AS_HOPED;
import static almanac.core.checks.CheckAnswer.CANNOT_TELL;
import static almanac.core.checks.CheckAnswer.NOT_AS_HOPED;
import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class AftercareTest {
  private static final LocalDate MOVED = LocalDate.of(2027, 5, 15);
  private static final Figures FIGURES = Figures.standard();
  private static final Move MOVE = Move.repotted(MOVED, false);

  private static Optional<Check> next(Purpose purpose, CheckAnswer answer, int day) {
    return Aftercare.next(purpose, answer, MOVE, MOVED.plusDays(day), FIGURES);
  }

  @Test
  void theChecksOfAYearFollowOneAnother() {
    var first = Aftercare.first(MOVE, MOVED, FIGURES).orElseThrow();
    assertThat(first.purpose()).isEqualTo(Purpose.STANDS);
    assertThat(first.window())
        .isEqualTo(new Window(MOVED.plusDays(7), MOVED.plusDays(8), MOVED.plusDays(10)));
    assertThat(next(Purpose.STANDS, AS_HOPED, 8)).map(Check::purpose).contains(Purpose.ROOT_TIPS);
    assertThat(next(Purpose.ROOT_TIPS, AS_HOPED, 30))
        .map(Check::purpose)
        .contains(Purpose.ANCHORED);
    assertThat(next(Purpose.ANCHORED, AS_HOPED, 90)).map(Check::purpose).contains(Purpose.MEDIUM);
    assertThat(next(Purpose.MEDIUM, AS_HOPED, 180)).map(Check::purpose).contains(Purpose.YEAR);
    assertThat(next(Purpose.YEAR, AS_HOPED, 360)).isEmpty();
  }

  @Test
  void troubleIsSeenAgainInAWeekAndDoubtInAFortnight() {
    var trouble = next(Purpose.ROOT_TIPS, NOT_AS_HOPED, 30).orElseThrow();
    assertThat(trouble.purpose()).isEqualTo(Purpose.ROOT_TIPS);
    assertThat(trouble.window().best()).isEqualTo(MOVED.plusDays(37));
    var doubt = next(Purpose.ROOT_TIPS, CANNOT_TELL, 30).orElseThrow();
    assertThat(doubt.window().best()).isEqualTo(MOVED.plusDays(44));
  }

  @Test
  void inFlowerRootTipsAreLookedForLater() {
    var tips =
        Aftercare.of(Move.repotted(MOVED, true), FIGURES).stream()
            .filter(check -> check.purpose() == Purpose.ROOT_TIPS)
            .findFirst()
            .orElseThrow();
    assertThat(tips.window().early()).isEqualTo(MOVED.plusDays(50));
  }

  @Test
  void aRepotWrittenDownLateBooksOnlyWhatCanStillBeSeen() {
    var first = Aftercare.first(MOVE, MOVED.plusDays(60), FIGURES).orElseThrow();
    assertThat(first.purpose()).isEqualTo(Purpose.ANCHORED);
    assertThat(Aftercare.first(MOVE, MOVED.plusYears(2), FIGURES)).isEmpty();
  }

  @Test
  void aQuietVerdictNeedsNoCheckOfItsOwnWhileAftercareComesSooner() {
    var aftercare = Aftercare.first(MOVE, MOVED, FIGURES);
    var later = new Check(Purpose.AS_JUDGED, Window.about(MOVED.plusDays(90), MOVED, 0.2));
    var sooner = new Check(Purpose.AS_JUDGED, Window.between(MOVED, MOVED.plusDays(1)));
    assertThat(Aftercare.leavesRoomFor(later, aftercare)).isFalse();
    assertThat(Aftercare.leavesRoomFor(sooner, aftercare)).isTrue();
    var first = new Check(Purpose.FIRST_LOOK, sooner.window());
    assertThat(Aftercare.leavesRoomFor(first, aftercare)).isFalse();
    assertThat(Aftercare.leavesRoomFor(later, Optional.empty())).isTrue();
  }

  @Test
  void whatLostMostOfItsRootsIsLookedAtEveryWeekForSixWeeks() {
    var looks = new ArrayList<String>();
    var day = Aftercare.first(MOVE, MOVED, FIGURES).orElseThrow().window().best();
    var check = nursed(Purpose.STANDS, day).orElseThrow();
    while (check.purpose().compareTo(Purpose.ANCHORED) < 0) {
      day = check.window().best();
      looks.add(check.purpose() + " " + ChronoUnit.DAYS.between(MOVED, day));
      check = nursed(check.purpose(), day).orElseThrow();
    }
    assertThat(looks).containsExactly("STANDS 15", "STANDS 22", "ROOT_TIPS 29", "ROOT_TIPS 36");
    assertThat(check.window().early()).isEqualTo(MOVED.plusDays(80));
  }

  private static Optional<Check> nursed(Purpose answered, LocalDate day) {
    return Aftercare.next(answered, CheckAnswer.AS_HOPED, MOVE.thenNursed(), day, FIGURES);
  }

  @Test
  void aBallThatStayedWholeIsLookedAtOnceAndAfterAYear() {
    var whole = new Move(MOVED, false, false, true, false);
    assertThat(Aftercare.of(whole, FIGURES))
        .extracting(Check::purpose)
        .containsExactly(Purpose.STANDS, Purpose.YEAR);
    assertThat(Aftercare.next(Purpose.STANDS, AS_HOPED, whole, MOVED.plusDays(9), FIGURES))
        .map(Check::purpose)
        .contains(Purpose.YEAR);
  }

  @Test
  void aDivisionIsWateredOnceItsWoundsAreDryAndNotBefore() {
    var parted = new Move(MOVED, false, true, false, true);
    var water = Aftercare.first(parted, MOVED, FIGURES).orElseThrow();
    assertThat(water.purpose()).isEqualTo(Purpose.WATER);
    assertThat(water.window().early()).isEqualTo(MOVED.plusDays(2));
    assertThat(water.window().late()).isEqualTo(MOVED.plusDays(5));
    assertThat(Aftercare.next(Purpose.WATER, AS_HOPED, parted, MOVED.plusDays(3), FIGURES))
        .as("nursed or not, then it is seen whether it stands")
        .map(Check::purpose)
        .contains(Purpose.STANDS);
  }

  @Test
  void cutRotIsLookedAtThriceAndSoonerAgainWhereItIsNotClean() {
    var days =
        List.of(
            FollowUpFigures.WOUND_FIRST, FollowUpFigures.WOUND_SECOND, FollowUpFigures.WOUND_LAST);
    var answered = new ArrayList<Repeated.Answered>();
    var looked = new ArrayList<Integer>();
    for (int i = 0; i < 4; i++) {
      var next =
          Repeated.next(Purpose.WOUND, MOVED, days, FollowUpFigures.WOUND_SLACK, answered, FIGURES);
      if (next.isEmpty()) {
        break;
      }
      var best = next.get().window().best();
      looked.add((int) ChronoUnit.DAYS.between(MOVED, best));
      answered.add(new Repeated.Answered(AS_HOPED, best));
    }
    assertThat(looked).containsExactly(3, 7, 14);
    answered.add(new Repeated.Answered(NOT_AS_HOPED, MOVED.plusDays(15)));
    assertThat(
            Repeated.next(
                    Purpose.WOUND, MOVED, days, FollowUpFigures.WOUND_SLACK, answered, FIGURES)
                .orElseThrow()
                .window()
                .best())
        .isEqualTo(MOVED.plusDays(18));
  }
}
