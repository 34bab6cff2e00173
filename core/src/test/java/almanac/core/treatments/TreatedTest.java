package almanac.core.treatments;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.inspection.Pests;
import almanac.core.inspection.Rot;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class TreatedTest {
  private static final LocalDate BEGUN = LocalDate.of(2028, 2, 24);
  private static final Course SOAP = new Course(new UUID(0, 1), "Soap spray", Foe.PESTS, 7, 3);

  private static LocalDate day(int number) {
    return BEGUN.plusDays(number);
  }

  private static Inspection saw(int day, Pests pests) {
    return Inspection.on(day(day)).with(Items.PESTS, Items.PESTS.saw(pests));
  }

  private static Treated of(List<LocalDate> treatments, Inspection... life) {
    return Treated.of(SOAP, BEGUN, treatments, List.of(life), Figures.standard());
  }

  @Test
  void itIsTreatedAtOnceAndThenNeverSoonerThanTheCourseSays() {
    assertThat(of(List.of()).next().orElseThrow().early()).isEqualTo(BEGUN);
    var once = of(List.of(day(1)));
    assertThat(once.next().orElseThrow().early()).isEqualTo(day(8));
    assertThat(once.left()).isEqualTo(2);
    assertThat(of(List.of(day(0), day(7), day(14))).next()).isEmpty();
  }

  @Test
  void aLeapDayIsADayLikeAnyOther() {
    assertThat(of(List.of(LocalDate.of(2028, 2, 27))).next().orElseThrow().best())
        .isEqualTo(LocalDate.of(2028, 3, 5));
  }

  @Test
  void threeCleanLooksAWeekApartEndItOnceItWasTreatedOftenEnough() {
    var looks =
        new Inspection[] {saw(7, Pests.NONE), saw(14, Pests.SPIDER), saw(21, Pests.SPRINGTAIL)};
    assertThat(of(List.of(day(0), day(7), day(14)), looks).over()).isTrue();
    assertThat(of(List.of(day(0), day(7)), looks).over()).isFalse();
    assertThat(of(List.of(day(0), day(7), day(14)), looks[0], looks[1]).over()).isFalse();
  }

  @Test
  void itIsOverNoSoonerThanItsTreatmentsAreDoneAndItLookedCleanOftenEnough() {
    assertThat(of(List.of()).overFrom())
        .as("three treatments by day 14, three looks by day 21")
        .isEqualTo(day(21));
    assertThat(of(List.of(day(9)), saw(7, Pests.NONE), saw(14, Pests.NONE)).overFrom())
        .as("the third treatment comes on day 23, after the third look")
        .isEqualTo(day(23));
    var done = List.of(day(0), day(7), day(14));
    assertThat(of(done, saw(7, Pests.NONE)).overFrom()).isEqualTo(day(21));
    assertThat(of(done, saw(7, Pests.NONE), saw(15, Pests.MEALYBUG)).overFrom())
        .as("begun anew on day 15")
        .isEqualTo(day(36));
  }

  @Test
  void looksOfOneDayOrOfTheNextCountAsOne() {
    var treated =
        of(
            List.of(day(0), day(7), day(14)),
            saw(7, Pests.NONE),
            saw(7, Pests.NONE),
            saw(8, Pests.NONE));
    assertThat(treated.looked().looks().inARow()).isEqualTo(1);
    assertThat(treated.over()).isFalse();
  }

  @Test
  void oneLookThatFindsItBeginsTheCourseAnew() {
    var treated =
        of(
            List.of(day(0), day(7), day(14)),
            saw(7, Pests.NONE),
            saw(14, Pests.NONE),
            saw(20, Pests.MITES));
    assertThat(treated.from()).isEqualTo(day(20));
    assertThat(treated.left()).isEqualTo(3);
    assertThat(treated.looked().looks().inARow()).isZero();
    assertThat(treated.next().orElseThrow().early()).isEqualTo(day(21));
    assertThat(treated.looked().nextLook().best()).isEqualTo(day(27));
    assertThat(treated.tooOften()).isFalse();
    assertThat(of(List.of(), saw(7, Pests.MITES), saw(14, Pests.MITES)).tooOften()).isTrue();
  }

  @Test
  void theLookOfTheFirstDayIsWhyItBegan() {
    assertThat(of(List.of(), saw(0, Pests.SCALE)).looked().looks().times()).isZero();
  }

  @Test
  void rotIsLookedForByItselfAndFoundAgainAsItWasFound() {
    var soft = Inspection.on(day(3)).with(Items.ROT, Items.ROT.saw(Rot.SOFT_LEAD));
    assertThat(Foe.ROT.stillThere(List.of(soft, saw(4, Pests.NONE)), day(9)))
        .contains(Inspection.on(day(9)).with(Items.ROT, Items.ROT.saw(Rot.SOFT_LEAD)));
    assertThat(Foe.ROT.stillThere(List.of(saw(4, Pests.MITES)), day(9))).isEmpty();
    assertThat(Foe.PESTS.stillThere(List.of(saw(4, Pests.NONE)), day(9))).isEmpty();
  }

  @Test
  void aNeighbourIsLookedAtOnTheFirstDayAndUntilItWasCleanThreeTimes() {
    var figures = Figures.standard();
    assertThat(Beside.of(Foe.PESTS, BEGUN, List.of(), figures).next().early()).isEqualTo(BEGUN);
    var clean = List.of(saw(0, Pests.NONE), saw(7, Pests.NONE), saw(14, Pests.NONE));
    assertThat(Beside.of(Foe.PESTS, BEGUN, clean, figures).over()).isTrue();
    assertThat(Beside.of(Foe.PESTS, BEGUN, clean.subList(0, 2), figures).next().best())
        .isEqualTo(day(14));
  }

  @Test
  void whateverIsWrittenNoCourseIsOverWithSomethingFoundInTheLastThreeLooks() {
    var random = new Random(5);
    int over = 0;
    int anew = 0;
    for (int i = 0; i < 3000; i++) {
      var looks = new ArrayList<Inspection>();
      var treatments = new ArrayList<LocalDate>();
      for (int day = 1; day < 60; day += 1 + random.nextInt(8)) {
        if (random.nextInt(3) > 0) {
          looks.add(saw(day, random.nextInt(8) == 0 ? Pests.THRIPS : Pests.NONE));
        }
        if (random.nextBoolean()) {
          treatments.add(day(day));
        }
      }
      var treated = of(treatments, looks.toArray(Inspection[]::new));
      var after = looks.stream().filter(look -> look.on().isAfter(treated.from())).toList();
      assertThat(after).allMatch(look -> Foe.PESTS.clean(look).orElseThrow());
      if (treated.over()) {
        over++;
        assertThat(after).hasSizeGreaterThanOrEqualTo(3);
        assertThat(treatments.stream().filter(day -> !day.isBefore(treated.from())).count())
            .isGreaterThanOrEqualTo(3);
      }
      anew += treated.from().equals(BEGUN) ? 0 : 1;
    }
    assertThat(over).isGreaterThan(300);
    assertThat(anew).isGreaterThan(300);
  }
}
