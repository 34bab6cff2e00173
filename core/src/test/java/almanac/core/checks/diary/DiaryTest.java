package almanac.core.checks.diary;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.checks.Check;
import almanac.core.checks.CheckAnswer;
import almanac.core.checks.CheckName;
import almanac.core.checks.FollowUpFigures;
import almanac.core.checks.Purpose;
import almanac.core.checks.Series;
import almanac.core.checks.Window;
import almanac.core.figures.Figures;
import almanac.core.history.Act;
import almanac.core.history.Booking;
import almanac.core.history.Chronicle;
import almanac.core.history.Happening;
import almanac.core.history.Potting;
import almanac.core.history.Way;
import almanac.core.inspection.Breakage;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.inspection.Pests;
import almanac.core.kinds.Rest;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.pot.Pot;
import almanac.core.pot.PotType;
import almanac.core.refusals.Refused;
import almanac.core.tally.RootFate;
import almanac.core.tally.RootTally;
import almanac.core.treatments.Course;
import almanac.core.treatments.Foe;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class DiaryTest {
  private static final LocalDate CAME = LocalDate.of(2027, 1, 10);
  private static final LocalDate MOVED = LocalDate.of(2027, 3, 1);
  private static final LocalDate NEXT_YEAR = LocalDate.of(2028, 6, 1);

  private final Chronicle chronicle = new Chronicle();

  private Act on(LocalDate day, @Nullable Act supersedes, Happening happening) {
    return chronicle.on(day, supersedes, happening);
  }

  private Act potted(LocalDate day, @Nullable Act supersedes) {
    return on(
        day,
        supersedes,
        new Happening.Potted(
            new Potting(
                PottedOn.on(day), day, Mix.of(Component.BARK_FINE), Moisture.DRIES_BETWEEN)));
  }

  private Act looked(LocalDate day) {
    return on(
        day,
        null,
        new Happening.Inspected(Inspection.on(day).with(Items.PESTS, Items.PESTS.saw(Pests.NONE))));
  }

  /** A judgement that wants to look again after two months. */
  private static Check inTwoMonths(LocalDate judged) {
    return new Check(Purpose.AS_JUDGED, Window.between(judged.plusDays(50), judged.plusDays(70)));
  }

  private List<OpenCheck> open(LocalDate today) {
    return open(Rest.NONE, today);
  }

  private List<OpenCheck> open(Rest rest, LocalDate today) {
    return new Diary(Figures.standard(), rest).of(chronicle.plant(), DiaryTest::inTwoMonths, today);
  }

  @Test
  void theLooksOfTheYearAfterAMoveAreAllInSight() {
    potted(CAME, null);
    assertThat(yearAfter(CAME)).as("it stands in what it came in").isEmpty();
    potted(MOVED, null);
    assertThat(yearAfter(MOVED))
        .containsExactly(Purpose.ROOT_TIPS, Purpose.ANCHORED, Purpose.MEDIUM, Purpose.YEAR);
    answered(MOVED.plusDays(8), CheckAnswer.AS_HOPED);
    assertThat(yearAfter(MOVED.plusDays(8)))
        .containsExactly(Purpose.ANCHORED, Purpose.MEDIUM, Purpose.YEAR);
    assertThat(yearAfter(MOVED.plusDays(120)))
        .as("what is over is over")
        .containsExactly(Purpose.MEDIUM, Purpose.YEAR);
  }

  private List<Purpose> yearAfter(LocalDate today) {
    return new Diary(Figures.standard(), Rest.NONE)
        .yearAfterMove(chronicle.plant(), today).stream().map(Check::purpose).toList();
  }

  @Test
  void whatLostMostOfItsRootsToRotIsLookedAtWeekByWeek() {
    potted(CAME, null);
    var moved = potted(MOVED, null);
    var rotten = RootTally.EMPTY.and(RootFate.FIRM_KEPT, 4).and(RootFate.SOFT, 11);
    chronicle.with(moved, new Happening.Worked(rotten, 40, "", "", Way.OPENED));
    answered(MOVED.plusDays(8), CheckAnswer.AS_HOPED);
    assertThat(open(MOVED.plusDays(8)).get(0).check().window().best())
        .isEqualTo(MOVED.plusDays(15));
  }

  /** What starts without water gets its first with its roots, not when its cuts are dry. */
  @Test
  void whatIsPartedIsWateredWhenItsWoundsAreDryButNotWhatStartsDry() {
    potted(CAME, null);
    var divided = potted(MOVED, null);
    chronicle.with(divided, new Happening.Divided(7));
    assertThat(open(Rest.COOL, divided.on()).get(0).check().purpose()).isEqualTo(Purpose.WATER);
    assertThat(open(Rest.DRY, divided.on()).get(0).check().purpose()).isEqualTo(Purpose.STANDS);
  }

  private OpenCheck of(Series series, LocalDate today) {
    return open(today).stream()
        .filter(open -> open.check().purpose().series() == series)
        .findFirst()
        .orElseThrow();
  }

  private void answered(LocalDate day, CheckAnswer answer) {
    on(day, null, new Happening.Checked(of(Series.AFTERCARE, day).name(), answer));
  }

  @Test
  void whatItCameInBringsNoAftercare() {
    potted(CAME, null);
    assertThat(open(CAME))
        .extracting(open -> open.check().purpose())
        .containsOnly(Purpose.AS_JUDGED);
  }

  @Test
  void aPieceThatWasPottedAsItWasPartedHasTheLooksOfItsOwnMove() {
    var parted = potted(CAME, null);
    chronicle.with(parted, new Happening.PartedFrom(3L));
    assertThat(open(CAME).get(0).check().purpose()).isEqualTo(Purpose.WATER);
    assertThat(yearAfter(CAME))
        .containsExactly(
            Purpose.STANDS, Purpose.ROOT_TIPS, Purpose.ANCHORED, Purpose.MEDIUM, Purpose.YEAR);
  }

  @Test
  void aDivisionThatWasPottedLongBeforeItWasWrittenDownHasNone() {
    var potting =
        new Potting(
            PottedOn.on(CAME.minusYears(1)),
            CAME.minusYears(1),
            Mix.of(Component.BARK_FINE),
            Moisture.DRIES_BETWEEN);
    var coming = on(CAME, null, new Happening.Potted(potting));
    chronicle.with(coming, new Happening.PartedFrom(3L));
    assertThat(open(CAME))
        .extracting(open -> open.check().purpose())
        .containsOnly(Purpose.AS_JUDGED);
  }

  @Test
  void aMissedCheckStaysMissedUntilTheNextIsDueWhichSaysSo() {
    potted(CAME, null);
    potted(MOVED, null);
    var stands = of(Series.AFTERCARE, MOVED);
    assertThat(stands.check().purpose()).isEqualTo(Purpose.STANDS);
    assertThat(of(Series.AFTERCARE, MOVED.plusDays(24))).isEqualTo(stands);
    assertThat(stands.urgency(MOVED.plusDays(24))).isEqualTo(Urgency.OVERDUE);
    var tips = of(Series.AFTERCARE, MOVED.plusDays(25));
    assertThat(tips.check().purpose()).isEqualTo(Purpose.ROOT_TIPS);
    assertThat(tips.check().why().orElseThrow())
        .hasToString("“Does it stand?” was not answered; this look comes in its place.");
    assertThat(of(Series.AFTERCARE, NEXT_YEAR).check().purpose()).isEqualTo(Purpose.YEAR);
    on(MOVED.plusDays(26), null, new Happening.Checked(tips.name(), CheckAnswer.AS_HOPED));
    assertThat(of(Series.AFTERCARE, MOVED.plusDays(26)).check().purpose())
        .isEqualTo(Purpose.ANCHORED);
    assertThat(of(Series.AFTERCARE, MOVED.plusDays(26)).check().why()).isEmpty();
    assertThat(stands.urgency(MOVED)).isEqualTo(Urgency.LATER);
    assertThat(stands.urgency(stands.check().window().late())).isEqualTo(Urgency.DUE);
  }

  @Test
  void aLookLeavesTheCheckAfterTheMoveItsName() {
    potted(CAME, null);
    potted(MOVED, null);
    var before = of(Series.AFTERCARE, MOVED).name();
    looked(MOVED.plusDays(2));
    looked(MOVED.plusDays(4));
    assertThat(of(Series.AFTERCARE, MOVED.plusDays(4)).name()).isEqualTo(before);
  }

  @Test
  void eachAnswerBringsTheNextAndTroubleTheSameAgain() {
    potted(CAME, null);
    potted(MOVED, null);
    answered(MOVED.plusDays(8), CheckAnswer.NOT_AS_HOPED);
    var again = of(Series.AFTERCARE, MOVED.plusDays(8));
    assertThat(again.check().purpose()).isEqualTo(Purpose.STANDS);
    assertThat(again.name().since()).isEqualTo(MOVED.plusDays(8));
    answered(MOVED.plusDays(15), CheckAnswer.AS_HOPED);
    assertThat(of(Series.AFTERCARE, MOVED.plusDays(15)).check().purpose())
        .isEqualTo(Purpose.ROOT_TIPS);
  }

  @Test
  void aMoveThatWasCorrectedKeepsItsAnswersAndAnotherMoveBeginsAnew() {
    potted(CAME, null);
    var moved = potted(MOVED, null);
    answered(MOVED.plusDays(8), CheckAnswer.AS_HOPED);
    potted(MOVED.minusDays(1), moved);
    var next = of(Series.AFTERCARE, MOVED.plusDays(8));
    assertThat(next.check().purpose()).isEqualTo(Purpose.ROOT_TIPS);
    potted(MOVED.plusDays(20), null);
    assertThat(of(Series.AFTERCARE, MOVED.plusDays(20)).check().purpose())
        .isEqualTo(Purpose.STANDS);
  }

  @Test
  void aRepotTakenBackBringsTheFormerChecksBack() {
    potted(CAME, null);
    potted(MOVED, null);
    answered(MOVED.plusDays(8), CheckAnswer.AS_HOPED);
    var before = open(NEXT_YEAR);
    var moved = potted(MOVED.plusDays(20), null);
    assertThat(open(NEXT_YEAR)).isNotEqualTo(before);
    on(MOVED.plusDays(21), moved, new Happening.Withdrawn());
    assertThat(open(NEXT_YEAR)).isEqualTo(before);
  }

  @Test
  void theLookThatIsWantedIsCountedFromTheLastTimeSomebodyWroteOfIt() {
    potted(CAME, null);
    looked(CAME.plusDays(30));
    var wanted = of(Series.AS_JUDGED, NEXT_YEAR);
    assertThat(wanted.check()).isEqualTo(inTwoMonths(CAME.plusDays(30)));
    on(CAME.plusDays(40), null, new Happening.Noted("Of its card alone"));
    assertThat(of(Series.AS_JUDGED, NEXT_YEAR)).isEqualTo(wanted);
  }

  @Test
  void keptApartAndHeldBringTheirOwnAndAreOverOnceTheyEnd() {
    potted(CAME, null);
    on(CAME, null, new Happening.KeptApart(CAME));
    on(CAME, null, new Happening.Held(CAME));
    assertThat(of(Series.KEPT_APART, CAME).name().since()).isEqualTo(CAME);
    assertThat(of(Series.HELD, CAME).check().window().best()).isEqualTo(CAME);
    looked(CAME.plusDays(3));
    assertThat(of(Series.KEPT_APART, CAME.plusDays(3)).name().since()).isEqualTo(CAME.plusDays(3));
    on(CAME.plusDays(4), null, new Happening.LetIn());
    on(CAME.plusDays(4), null, new Happening.Freed());
    assertThat(open(CAME.plusDays(4)))
        .extracting(open -> open.check().purpose().series())
        .containsOnly(Series.AS_JUDGED);
  }

  @Test
  void whatIsPutOffMovesToItsDayWithItsReasonUntilItIsAnswered() {
    potted(CAME, null);
    var wanted = of(Series.AS_JUDGED, NEXT_YEAR);
    var until = wanted.check().window().best().plusDays(20);
    var act = on(CAME.plusDays(3), null, new Happening.PutOff(wanted.name(), until, "Away"));
    var moved = of(Series.AS_JUDGED, NEXT_YEAR);
    assertThat(moved.name()).isEqualTo(wanted.name());
    assertThat(moved.check().window().early()).isEqualTo(until);
    assertThat(moved.check().window().late()).isAfterOrEqualTo(until);
    assertThat(moved.putOff()).contains("Away");
    on(CAME.plusDays(4), act, new Happening.Withdrawn());
    assertThat(of(Series.AS_JUDGED, NEXT_YEAR)).isEqualTo(wanted);
    on(CAME.plusDays(5), null, new Happening.PutOff(wanted.name(), until, "Away"));
    looked(CAME.plusDays(6));
    assertThat(of(Series.AS_JUDGED, NEXT_YEAR).putOff()).isEmpty();
  }

  @Test
  void aLeadThatBrokeOffIsLookedAtForAnEyeUntilOneIsSeen() {
    potted(CAME, null);
    on(
        CAME.plusDays(10),
        null,
        new Happening.Inspected(
            Inspection.on(CAME.plusDays(10))
                .with(Items.BREAKAGE, Items.BREAKAGE.saw(Breakage.LEAD_SNAPPED))));
    var eye = of(Series.EYE, CAME.plusDays(20));
    assertThat(eye.check().window().best()).isEqualTo(CAME.plusDays(40));
    on(CAME.plusDays(41), null, new Happening.Checked(eye.name(), CheckAnswer.CANNOT_TELL));
    assertThat(of(Series.EYE, CAME.plusDays(42)).check().window().best())
        .isEqualTo(CAME.plusDays(70));
    on(
        CAME.plusDays(70),
        null,
        new Happening.Checked(of(Series.EYE, CAME.plusDays(70)).name(), CheckAnswer.AS_HOPED));
    assertThat(open(CAME.plusDays(71))).noneMatch(open -> open.check().purpose() == Purpose.EYE);
  }

  @Test
  void rotThatWasCutOutAtTheBenchIsLookedAtInThreeDays() {
    potted(CAME, null);
    var moved = potted(MOVED, null);
    assertThat(open(MOVED)).noneMatch(open -> open.check().purpose() == Purpose.WOUND);
    chronicle.with(moved, new Happening.Worked(RootTally.EMPTY, 20, "", "", Way.CUT));
    assertThat(of(Series.WOUND, MOVED).check().window().best()).isEqualTo(MOVED.plusDays(3));
  }

  @Test
  void aCourseBringsTreatmentsAndLooksUntilItIsEnded() {
    var course = new Course(new UUID(1, 1), "Soap spray", Foe.PESTS, 5, 2);
    potted(CAME, null);
    on(CAME, null, new Happening.KeptApart(CAME));
    on(CAME, null, new Happening.CourseBegun(course, CAME));
    assertThat(of(Series.TREATMENT, CAME).check().window().early()).isEqualTo(CAME);
    assertThat(of(Series.UNDER_TREATMENT, CAME).check().window().best())
        .isEqualTo(CAME.plusDays(7));
    assertThat(open(CAME))
        .as("its looks are those for which it is kept apart")
        .noneMatch(open -> open.check().purpose() == Purpose.APART);
    on(CAME.plusDays(1), null, new Happening.Treated(course.uid(), CAME.plusDays(1)));
    assertThat(of(Series.TREATMENT, CAME).check().window().early()).isEqualTo(CAME.plusDays(6));
    var second = on(CAME.plusDays(6), null, new Happening.Treated(course.uid(), CAME.plusDays(6)));
    assertThat(open(CAME)).noneMatch(open -> open.check().purpose() == Purpose.TREAT);
    on(CAME.plusDays(6), second, new Happening.Withdrawn());
    assertThat(of(Series.TREATMENT, CAME).check().window().early()).isEqualTo(CAME.plusDays(6));
    on(CAME.plusDays(7), null, new Happening.CourseEnded(course.uid()));
    assertThat(open(CAME.plusDays(7)))
        .extracting(open -> open.check().purpose().series())
        .containsOnly(Series.AS_JUDGED, Series.KEPT_APART);
  }

  @Test
  void whatStandsBesideIsLookedAtUntilItIsTreatedItself() {
    var course = new Course(new UUID(1, 1), "Soap spray", Foe.PESTS, 5, 2);
    potted(CAME, null);
    on(CAME, null, new Happening.Beside(course, CAME));
    assertThat(of(Series.NEIGHBOUR, CAME).name().since()).isEqualTo(CAME);
    on(CAME.plusDays(2), null, new Happening.CourseBegun(course, CAME.plusDays(2)));
    assertThat(open(CAME.plusDays(2)))
        .extracting(open -> open.check().purpose().series())
        .contains(Series.TREATMENT)
        .doesNotContain(Series.NEIGHBOUR);
  }

  @Test
  void whatCameOutAsHopedIsNewsForTwoMonths() {
    potted(CAME, null);
    potted(MOVED, null);
    var answered = of(Series.AFTERCARE, MOVED).check().window().best();
    answered(answered, CheckAnswer.AS_HOPED);
    var journal = chronicle.plant().journal();
    assertThat(AsHoped.lately(journal, answered.plusDays(59), Figures.standard()))
        .extracting(AsHoped::on)
        .containsExactly(answered);
    assertThat(AsHoped.lately(journal, answered.plusDays(60), Figures.standard())).isEmpty();
  }

  @Test
  void whatDidNotComeOutAsHopedIsNone() {
    potted(CAME, null);
    potted(MOVED, null);
    var answered = of(Series.AFTERCARE, MOVED).check().window().best();
    answered(answered, CheckAnswer.NOT_AS_HOPED);
    assertThat(AsHoped.lately(chronicle.plant().journal(), answered, Figures.standard())).isEmpty();
  }

  private Happening answer(Purpose purpose, CheckAnswer answer) {
    return Answered.happening(
        chronicle.plant(), new CheckName(purpose, MOVED), answer, MOVED.plusDays(8));
  }

  @Test
  void anAnswerIsWrittenAsWhatItMeans() {
    potted(CAME, null);
    var soap = new Course(new UUID(8, 1), "soap", Foe.PESTS, 7, 3);
    on(CAME, null, new Happening.CourseBegun(soap, CAME));
    assertThat(answer(Purpose.STANDS, CheckAnswer.AS_HOPED))
        .isEqualTo(
            new Happening.Checked(new CheckName(Purpose.STANDS, MOVED), CheckAnswer.AS_HOPED));
    assertThat(answer(Purpose.APART, CheckAnswer.AS_HOPED))
        .isInstanceOfSatisfying(
            Happening.Inspected.class,
            seen -> {
              assertThat(seen.on()).isEqualTo(MOVED.plusDays(8));
              assertThat(seen.inspection().look(Items.PESTS).saw(Pests.NONE)).isTrue();
            });
    assertThat(answer(Purpose.TREAT, CheckAnswer.AS_HOPED))
        .isEqualTo(new Happening.Treated(soap.uid(), MOVED.plusDays(8)));
    assertThat(answer(Purpose.TREATED, CheckAnswer.AS_HOPED))
        .isInstanceOfSatisfying(
            Happening.Inspected.class,
            seen -> assertThat(seen.inspection().look(Items.PESTS).saw(Pests.NONE)).isTrue());
    assertThatThrownBy(() -> answer(Purpose.TREATED, CheckAnswer.NOT_AS_HOPED))
        .as("nobody ever said what it was")
        .hasMessageContaining("Write down what you found");
    on(
        CAME.plusDays(1),
        null,
        new Happening.Inspected(
            Inspection.on(CAME.plusDays(1)).with(Items.PESTS, Items.PESTS.saw(Pests.SCALE))));
    assertThat(answer(Purpose.TREATED, CheckAnswer.NOT_AS_HOPED))
        .isInstanceOfSatisfying(
            Happening.Inspected.class,
            seen -> assertThat(seen.inspection().look(Items.PESTS).saw(Pests.SCALE)).isTrue());
    assertThatThrownBy(() -> answer(Purpose.AS_JUDGED, CheckAnswer.CANNOT_TELL))
        .isInstanceOfSatisfying(
            Refused.class, bad -> assertThat(bad.field().key()).isEqualTo("answer"));
  }

  @Test
  void aCheckIsPutOffToADayAheadAndNotTooFar() {
    var check = new CheckName(Purpose.STANDS, MOVED);
    int most = Figures.standard().count(FollowUpFigures.PUT_OFF_MOST);
    for (int days : new int[] {1, most}) {
      var until = MOVED.plusDays(days);
      assertThat(Answered.putOff(check, until, "away", MOVED, Figures.standard()))
          .isEqualTo(new Happening.PutOff(check, until, "away"));
    }
    for (int days : new int[] {-1, 0, most + 1}) {
      assertThatThrownBy(
              () -> Answered.putOff(check, MOVED.plusDays(days), "away", MOVED, Figures.standard()))
          .isInstanceOfSatisfying(
              Refused.class, bad -> assertThat(bad.field().key()).isEqualTo("until"));
    }
  }

  @Test
  void aCheckIsKnownByItsNameAndByNoOther() {
    var name = new CheckName(Purpose.ROOT_TIPS, MOVED);
    assertThat(name.text()).isEqualTo("ROOT_TIPS.2027-03-01");
    assertThat(CheckName.parse(name.text())).contains(name);
    for (var bad : List.of("", "ROOT_TIPS", "ROOT_TIPS.", ".2027-03-01", "TIPS.2027-03-01")) {
      assertThat(CheckName.parse(bad)).as(bad).isEmpty();
    }
  }

  @Test
  void whereALeadSnappedAnEyeIsLookedForUntilItShoots() {
    potted(CAME, null);
    assertThat(open(CAME)).noneMatch(each -> each.check().purpose() == Purpose.EYE);
    on(
        CAME.plusDays(3),
        null,
        new Happening.Inspected(
            Inspection.on(CAME.plusDays(3))
                .with(Items.BREAKAGE, Items.BREAKAGE.saw(Breakage.LEAD_SNAPPED))));
    var eye = of(Series.EYE, CAME.plusDays(3));
    var name = eye.name();
    on(CAME.plusDays(40), null, new Happening.Checked(name, CheckAnswer.CANNOT_TELL));
    assertThat(of(Series.EYE, CAME.plusDays(40)).name().since()).isEqualTo(CAME.plusDays(40));
    on(CAME.plusDays(60), null, new Happening.Checked(name, CheckAnswer.AS_HOPED));
    assertThat(open(CAME.plusDays(60))).noneMatch(each -> each.check().purpose() == Purpose.EYE);
  }

  private static Booking look(long uid, int days, int everyWeeks) {
    return new Booking(new UUID(9, uid), true, "ripe " + uid, CAME.plusDays(days), everyWeeks);
  }

  private void ownAnswered(LocalDate day, CheckAnswer answer) {
    var plant = chronicle.plant();
    var name = of(Series.OWN, day).name();
    for (var happening : Answered.happenings(plant, name, answer, day, Figures.standard())) {
      on(day, null, happening);
    }
  }

  private boolean ownIsOpen(LocalDate day) {
    return open(day).stream().anyMatch(open -> open.check().purpose() == Purpose.OWN);
  }

  @Test
  void aLookOfOnesOwnIsAskedAgainUntilItIsAnsweredWithYes() {
    potted(CAME, null);
    on(CAME, null, new Happening.Booked(look(1, 20, 0)));
    var own = of(Series.OWN, CAME);
    assertThat(own.check().window())
        .isEqualTo(new Window(CAME.plusDays(15), CAME.plusDays(20), CAME.plusDays(25)));
    assertThat(own.check().title()).isEqualTo("ripe 1");
    assertThat(own.check().lookFor()).isEqualTo("A look of your own");
    assertThat(own.check().besides()).isEmpty();
    ownAnswered(CAME.plusDays(20), CheckAnswer.NOT_AS_HOPED);
    assertThat(of(Series.OWN, CAME.plusDays(20)).check().window().best())
        .as("again in a fortnight")
        .isEqualTo(CAME.plusDays(34));
    ownAnswered(CAME.plusDays(34), CheckAnswer.AS_HOPED);
    assertThat(ownIsOpen(CAME.plusDays(34))).isFalse();
  }

  @Test
  void whatIsBookedEverySoManyWeeksIsDueAgainAfterTheAnswer() {
    potted(CAME, null);
    on(CAME, null, new Happening.Booked(look(1, 20, 3)));
    ownAnswered(CAME.plusDays(23), CheckAnswer.AS_HOPED);
    assertThat(of(Series.OWN, CAME.plusDays(23)).check().window().best())
        .isEqualTo(CAME.plusDays(44));
    on(CAME.plusDays(24), null, new Happening.Unbooked(look(1, 20, 3).uid()));
    assertThat(ownIsOpen(CAME.plusDays(24))).isFalse();
  }

  @Test
  void questionsThatLieWithinDaysOfEachOtherAreOneLook() {
    potted(CAME, null);
    on(CAME, null, new Happening.Booked(look(1, 20, 0)));
    on(CAME, null, new Happening.Booked(look(2, 25, 0)));
    on(CAME, null, new Happening.Booked(look(3, 26, 0)));
    assertThat(of(Series.OWN, CAME).check().title()).isEqualTo("ripe 1 · ripe 2");
    ownAnswered(CAME.plusDays(20), CheckAnswer.AS_HOPED);
    assertThat(of(Series.OWN, CAME.plusDays(20)).check().title()).isEqualTo("ripe 3");
  }

  @Test
  void aSmallJobOfItsOwnIsDueFromItsDayOn() {
    potted(CAME, null);
    var job = new Booking(new UUID(9, 1), false, "turn it", CAME.plusDays(10), 2);
    on(CAME, null, new Happening.Booked(job));
    assertThat(ownIsOpen(CAME.plusDays(10))).isFalse();
    assertThat(Bookings.jobs(chronicle.plant(), CAME.plusDays(9))).isEmpty();
    assertThat(Bookings.jobs(chronicle.plant(), CAME.plusDays(10))).containsExactly(job);
    on(CAME.plusDays(12), null, Bookings.met(job, CAME.plusDays(12)));
    assertThat(Bookings.jobs(chronicle.plant(), CAME.plusDays(25))).isEmpty();
    assertThat(Bookings.jobs(chronicle.plant(), CAME.plusDays(26))).hasSize(1);
  }

  @Test
  void whatWentIntoAMuchWiderPotIsKeptDrierUntilItsRootsFillIt() {
    pottedInto(CAME, 100.0);
    pottedInto(MOVED, 150.0);
    assertThat(of(Series.AFTERCARE, MOVED).check().why().orElseThrow().toString())
        .contains("keep it drier until roots reach the wall");
    pottedInto(NEXT_YEAR, 185.0);
    assertThat(of(Series.AFTERCARE, NEXT_YEAR).check().why()).as("two fingers").isEmpty();
  }

  private void pottedInto(LocalDate day, double mm) {
    var potting =
        new Potting(PottedOn.on(day), day, Mix.of(Component.BARK_FINE), Moisture.DRIES_BETWEEN);
    on(day, null, new Happening.Potted(potting, new Pot(PotType.CLEAR, mm, null, ""), false));
  }
}
