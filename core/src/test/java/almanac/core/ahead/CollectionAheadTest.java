package almanac.core.ahead;

import static almanac.core.ahead.MovesAtHand.TODAY;
import static almanac.core.ahead.MovesAtHand.comes;
import static almanac.core.ahead.MovesAtHand.move;
import static almanac.core.ahead.MovesAtHand.some;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.core.benchdays.BenchDay;
import almanac.core.figures.Figures;
import almanac.core.judgement.verdict.Verdict;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Period;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The year of a collection is that of its plants, with an honest range. */
class CollectionAheadTest {
  private static final Figures FIGURES = Figures.standard();
  private static final long SEED = 41;

  private static CollectionAhead ahead(List<MoveAhead> moves) {
    return new CollectionAhead(moves, TODAY, SEED, FIGURES);
  }

  private static List<String> said(CollectionAhead ahead, Optional<Overflow> overflow) {
    return YearSaid.of(ahead, overflow).stream().map(Object::toString).toList();
  }

  @Test
  void theTotalsAreTheSumsOfThePlants() {
    var moves = some(80, 1);
    var ahead = ahead(moves);
    double alone =
        moves.stream().mapToDouble(move -> ahead(List.of(move)).year().jobs().expected()).sum();
    assertThat(alone).isBetween(30.0, 79.0);
    assertThat(ahead.year().jobs().expected()).isEqualTo(alone, within(1e-6));
    for (var parts : List.of(ahead.months(), ahead.weeks())) {
      assertThat(parts.stream().mapToDouble(part -> part.jobs().expected()).sum())
          .isEqualTo(alone, within(1e-6));
      assertThat(parts.stream().mapToDouble(part -> part.minutes().expected()).sum())
          .isEqualTo(30 * alone, within(1e-6));
      for (var part : parts) {
        double byPlant = part.plants().values().stream().mapToDouble(Double::doubleValue).sum();
        assertThat(byPlant).isEqualTo(part.jobs().expected(), within(1e-6));
        assertThat(part.byVerdict().getOrDefault(Verdict.FULL_REPOT, 0.0))
            .isEqualTo(byPlant, within(1e-6));
        assertThat(part.jobs().least()).isLessThanOrEqualTo(part.jobs().most());
      }
    }
  }

  @Test
  void theYearIsTheRestOfThisMonthAndTwelveMore() {
    var ahead = ahead(List.of());
    assertThat(ahead.end()).isEqualTo(LocalDate.of(2028, 1, 31));
    assertThat(ahead.months()).hasSize(13);
    assertThat(ahead.months().get(12).from()).isEqualTo(LocalDate.of(2028, 1, 1));
    assertThat(ahead.weeks().get(0).from()).isEqualTo(LocalDate.of(2027, 1, 18));
    assertThat(ahead.weeks()).allMatch(week -> week.from().getDayOfWeek() == DayOfWeek.MONDAY);
    var last = ahead.weeks().get(ahead.weeks().size() - 1).from();
    assertThat(last).isEqualTo(LocalDate.of(2028, 1, 31));
    assertThat(said(ahead, Optional.empty()))
        .containsExactly("Until 2028-01-31 no move is in sight.");
  }

  @Test
  void whatComesSurelyIsSaidSurely() {
    var day = LocalDate.of(2027, 5, 12);
    var ahead =
        ahead(List.of(move("Slow Barge", day, 0, 10), move("Far Barge", day.plusYears(3), 30, 10)));
    var may = ahead.months().get(4);
    assertThat(may.from()).isEqualTo(LocalDate.of(2027, 5, 1));
    assertThat(may.jobs()).isEqualTo(new Count(1, 1, 1));
    assertThat(may.plants()).containsOnlyKeys("Slow Barge");
    assertThat(ahead.year().jobs()).isEqualTo(new Count(1, 1, 1));
    assertThat(said(ahead, Optional.empty()))
        .containsExactly("Until 2028-01-31 probably one move.");
  }

  @Test
  void whatWouldComeInTheDarkWaitsForTheLight() {
    var day = LocalDate.of(2027, 3, 1);
    var sure = move("Slow Barge", day, 60, 10);
    var dark = TODAY.datesUntil(LocalDate.of(2027, 2, 24), Period.ofWeeks(1)).toList();
    var waits =
        new MoveAhead(
            sure.plant(), sure.verdict(), sure.coming(), 10, 50, dark, 30, 1, sure.takes());
    assertThat(ahead(List.of(sure)).weeks().subList(0, 5))
        .anyMatch(week -> week.jobs().expected() > 0.02);
    assertThat(ahead(List.of(waits)).weeks().subList(0, 5))
        .allMatch(week -> week.jobs().expected() == 0);
    assertThat(ahead(List.of(waits)).year().jobs().expected()).isEqualTo(1, within(1e-6));
  }

  @Test
  void theSameSeedGivesTheSameFiguresAndAnotherPlantShiftsNoOther() {
    var moves = some(30, 2);
    assertThat(ahead(moves).weeks()).isEqualTo(ahead(moves).weeks());
    var fewer = ahead(moves.subList(0, 10)).weeks();
    var more = ahead(moves).weeks();
    for (int week = 0; week < more.size(); week++) {
      assertThat(more.get(week).plants()).containsAllEntriesOf(fewer.get(week).plants());
    }
    assertThat(new CollectionAhead(moves, TODAY, SEED + 1, FIGURES).weeks()).isNotEqualTo(more);
  }

  /**
   * The truth is drawn by an own reckoning: each plant's own luck, and a spring that all share. Of
   * the months that may bring something, nine in ten keep to their range.
   */
  @Test
  void theRangesHoldOverCollectionsOfKnownTruth() {
    int months = 0;
    int held = 0;
    int uncertain = 0;
    var luck = new Random(5);
    for (int collection = 0; collection < 60; collection++) {
      var moves = some(40, 100 + collection);
      var parts = ahead(moves).months();
      for (int year = 0; year < 10; year++) {
        double spring = luck.nextGaussian();
        var came = new int[parts.size()];
        for (var move : moves) {
          var day = comes(move, spring, luck);
          int month =
              day.isBefore(TODAY) ? 0 : (day.getYear() - 2027) * 12 + day.getMonthValue() - 1;
          if (month < came.length) {
            came[month]++;
          }
        }
        for (int month = 0; month < came.length; month++) {
          var range = parts.get(month).jobs();
          months++;
          held += came[month] >= range.least() && came[month] <= range.most() ? 1 : 0;
          uncertain += range.least() < range.most() ? 1 : 0;
        }
      }
    }
    assertThat(uncertain).as("months that may go either way").isGreaterThan(5000);
    assertThat(100.0 * held / months).isBetween(88.0, 97.0);
  }

  @Test
  void moreSpreadNeverPromisesMore() {
    int wider = 0;
    for (int i = 0; i < 20; i++) {
      var day = TODAY.plusDays(60 + 10 * i);
      var narrow = ahead(List.of(move("Slow Barge", day, 10, 5))).months();
      var wide = ahead(List.of(move("Slow Barge", day, 50, 5))).months();
      double sure = narrow.stream().mapToDouble(month -> month.jobs().expected()).max().orElse(0);
      double less = wide.stream().mapToDouble(month -> month.jobs().expected()).max().orElse(0);
      assertThat(less).isLessThanOrEqualTo(sure);
      wider += less < sure ? 1 : 0;
    }
    assertThat(wider).isGreaterThan(15);
  }

  @Test
  void aWeekWithoutRoomIsSaidAndWhoMayWaitIsAskedTo() {
    var saturday = LocalDate.of(2027, 5, 15);
    var days = List.of(new BenchDay(saturday, 60), new BenchDay(saturday.plusWeeks(2), 60));
    var hours = new Hours(days, 60, List.of());
    var day = LocalDate.of(2027, 5, 12);
    var moves =
        List.of(
            move("Hurried Barge", day, 0, 3),
            move("Slow Barge", day, 0, 3),
            move("Patient Barge", day, 0, 30));
    var ahead = ahead(moves);
    var none = ahead.against(hours);
    assertThat(said(ahead, Optional.of(none))).contains("Your bench days have room for all of it.");
    var half =
        ahead.against(new Hours(List.of(new BenchDay(saturday, 59), days.get(1)), 60, List.of()));
    assertThat(half.weeks().stream().filter(Overflow.Room::overflows).map(Overflow.Room::monday))
        .containsExactly(LocalDate.of(2027, 5, 10));
    assertThat(half.proposals())
        .containsExactly(
            new Overflow.Otherwise(
                "Patient Barge", LocalDate.of(2027, 5, 10), LocalDate.of(2027, 5, 24)));
    assertThat(said(ahead, Optional.of(half)))
        .contains(
            "The week of 2027-05-10 probably has too little room: one move would come too"
                + " late.");
  }

  @Test
  void whatIsNamedIsTheTimeThereIsAndAfterThatItsUsualMeasure() {
    var saturday = LocalDate.of(2027, 1, 30);
    var hours =
        Hours.of(List.of(new BenchDay(saturday, 120), new BenchDay(TODAY.minusDays(3), 500)), TODAY)
            .orElseThrow();
    assertThat(hours.in(LocalDate.of(2027, 1, 18))).isZero();
    assertThat(hours.in(LocalDate.of(2027, 1, 25))).isEqualTo(120);
    assertThat(hours.in(LocalDate.of(2027, 2, 1))).isEqualTo(60);
    assertThat(
            new Hours(hours.named(), 60, List.of(LocalDate.of(2027, 1, 25)))
                .in(LocalDate.of(2027, 1, 25)))
        .isZero();
    assertThat(Hours.of(List.of(), TODAY)).isEmpty();
  }

  /** Whoever has too little time gives up what is late by then, not what is still in time. */
  @Test
  void whatIsLateHoldsNoneBack() {
    var day = LocalDate.of(2027, 5, 12);
    var moves =
        List.of(
            move("First Barge", day, 0, 2),
            move("Second Barge", day, 0, 2),
            move("Third Barge", day.plusWeeks(1), 0, 2),
            move("Fourth Barge", day.plusWeeks(2), 0, 2));
    var overflow = ahead(moves).against(new Hours(List.of(), 30, List.of()));
    assertThat(overflow.tooLate()).isEqualTo(1);
    assertThat(ahead(moves).against(new Hours(List.of(), 15, List.of())).tooLate()).isEqualTo(2);
    var away =
        new Hours(List.of(), 30, List.of(LocalDate.of(2027, 5, 17), LocalDate.of(2027, 5, 24)));
    assertThat(ahead(moves).against(away).tooLate()).isEqualTo(3);
  }

  /**
   * Three that may come in any of many weeks overflow none of them, and are too many all the same.
   */
  @Test
  void roomIsPromisedOnlyIfNothingComesTooLate() {
    var day = LocalDate.of(2027, 6, 12);
    var moves =
        List.of(
            move("First Barge", day, 40, 0),
            move("Second Barge", day, 40, 0),
            move("Third Barge", day, 40, 0));
    var ahead = ahead(moves);
    var little = ahead.against(new Hours(List.of(), 8, List.of()));
    assertThat(little.weeks()).noneMatch(Overflow.Room::overflows);
    assertThat(little.tooLate()).isGreaterThan(0.5);
    assertThat(said(ahead, Optional.of(little)))
        .anyMatch(words -> words.startsWith("No week overflows, and yet "));
  }
}
