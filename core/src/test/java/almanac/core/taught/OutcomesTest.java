package almanac.core.taught;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.checks.CheckAnswer;
import almanac.core.checks.CheckName;
import almanac.core.checks.Purpose;
import almanac.core.figures.Figures;
import almanac.core.history.Act;
import almanac.core.history.Approach;
import almanac.core.history.Chronicle;
import almanac.core.history.Fate;
import almanac.core.history.Happening;
import almanac.core.history.Outcome;
import almanac.core.history.PlantStatus;
import almanac.core.history.Potting;
import almanac.core.history.Way;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.Breakage;
import almanac.core.inspection.Bulbs;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.GrowthTrend;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.Leaves;
import almanac.core.inspection.Pests;
import almanac.core.inspection.RootTips;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Rot;
import almanac.core.inspection.Stability;
import almanac.core.judgement.verdict.Asks;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.pot.Pot;
import almanac.core.roots.RootStage;
import almanac.core.tally.RootFate;
import almanac.core.tally.RootTally;
import almanac.core.words.Answer;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What came of a move follows from what was seen after it. */
class OutcomesTest {
  private static final Figures FIGURES = Figures.standard();
  private static final LocalDate CAME = LocalDate.of(2024, 3, 1);
  private static final LocalDate MOVED = LocalDate.of(2026, 6, 3);
  private static final LocalDate LATER = MOVED.plusDays(400);
  private static final Mix BARK = Mix.of(Component.BARK_MEDIUM);
  private static final Mix PUMICE = Mix.of(Component.PUMICE);

  private final Chronicle chronicle = new Chronicle();

  @BeforeEach
  void came() {
    chronicle.on(CAME, potted(CAME, BARK, false));
  }

  private static Happening potted(LocalDate on, Mix mix, boolean inFlower) {
    return new Happening.Potted(
        new Potting(PottedOn.on(on), on, mix, Moisture.DRIES_BETWEEN), Pot.NOT_NOTED, inFlower);
  }

  private static Happening worked(Way way) {
    return new Happening.Worked(RootTally.EMPTY, 0, "", "", way);
  }

  private Act moved(Way way) {
    var act = chronicle.on(MOVED, potted(MOVED, PUMICE, false));
    chronicle.with(act, worked(way));
    return act;
  }

  private <A extends Enum<A> & Answer> void sees(int day, Item<A> item, A answer) {
    sees(Inspection.on(MOVED.plusDays(day)).with(item, item.saw(answer)));
  }

  private void sees(Inspection look) {
    chronicle.on(look.on(), new Happening.Inspected(look));
  }

  private void answers(int day, Purpose check, CheckAnswer answer) {
    chronicle.on(MOVED.plusDays(day), new Happening.Checked(new CheckName(check, MOVED), answer));
  }

  /** A move, and what came of it. */
  private record Told(MoveMade move, Afterwards afterwards) {}

  /** Says how much was known of a plant by how many lines there were. */
  private static final MovesMade.Judged SLIP =
      (before, day) ->
          new SlipThen(
              before.history().life().isEmpty() ? Asks.LEAVE : Asks.MOVE,
              Approach.HOUSE_RULES,
              Optional.empty(),
              16.35);

  private static List<Told> told(Chronicle chronicle, LocalDate today) {
    return MovesMade.of(chronicle.plant(), SLIP, FIGURES).stream()
        .map(record -> new Told(record.move(), record.afterwards(today, FIGURES)))
        .toList();
  }

  private Told told(LocalDate today) {
    var told = told(chronicle, today);
    return told.get(told.size() - 1);
  }

  private Outcome outcome() {
    return told(LATER).afterwards().outcome();
  }

  @Test
  void aPlantThatOnlyCameHasNoMove() {
    assertThat(told(chronicle, LATER)).isEmpty();
  }

  private static List<String> then(MoveMade move) {
    return move.then(FIGURES).stream().map(each -> each.what() + ": " + each.words()).toList();
  }

  @Test
  void howItWasIsToldAsItWasKnownBeforeTheMove() {
    sees(-4, Items.NEW_ROOTS, RootStage.NUB);
    var act = chronicle.on(MOVED, potted(MOVED, PUMICE, true));
    var tally =
        RootTally.EMPTY
            .and(RootFate.FIRM_KEPT, 20)
            .and(RootFate.NEW_KEPT, 7)
            .and(RootFate.NEW_BROKEN, 2);
    chronicle.with(act, new Happening.Worked(tally, 0, "", "", Way.OPENED));
    assertThat(then(told(LATER).move()))
        .containsExactly(
            "Slip: its slip asked for it, by house rules",
            "Light: 16 h a day",
            "New roots: nubs",
            "Flowers: in bud or flower",
            "Medium: from %s into %s".formatted(BARK.words(), PUMICE.words()),
            "Roots lost: light; 2 of 9 new tips broken");
  }

  @Test
  void whatWasSeenAtTheBenchOrLaterDoesNotCountForItsSlip() {
    var act = moved(Way.OPENED);
    chronicle.with(
        act,
        new Happening.Inspected(
            Inspection.on(MOVED).with(Items.LEAVES, Items.LEAVES.saw(Leaves.FIRM))));
    sees(3, Items.LEAVES, Leaves.FIRM);
    assertThat(told(LATER).move().before().slip().orElseThrow().asked()).isEqualTo(Asks.LEAVE);
  }

  @Test
  void newTipsAndThenAFirmStandAreAPlantThatTookHold() {
    sees(-4, Items.NEW_ROOTS, RootStage.NUB);
    moved(Way.OPENED);
    sees(10, Items.NEW_ROOTS, RootStage.NONE);
    sees(24, Items.ROOT_TIPS, RootTips.ACTIVE);
    sees(70, Items.LEAVES, Leaves.FIRM);
    sees(88, Items.NEW_ROOTS, RootStage.ANCHORED);

    var told = told(LATER);
    assertThat(told.afterwards().words(told.move()))
        .hasToString(
            "Repotted at the nubs on 2026-06-03; new tips by 2026-06-27, held by 2026-08-30:"
                + " re-established.");
    assertThat(told.afterwards().tips())
        .contains(new Afterwards.Since(MOVED.plusDays(10), MOVED.plusDays(24)));
    assertThat(told.afterwards().holds()).contains(new Afterwards.Since(MOVED, MOVED.plusDays(88)));
    assertThat(told.afterwards().restsOn())
        .extracting(sign -> sign.on() + " " + sign.words())
        .containsExactly(
            "2026-06-27 root tips growing",
            "2026-08-12 leaves: firm",
            "2026-08-30 newest roots: in the medium");
  }

  @Test
  void rootsInTheMediumOrAsLongAsBeforeAreThoseItWasMovedWith() {
    sees(-4, Items.NEW_ROOTS, RootStage.MID);
    moved(Way.OPENED);
    sees(10, Items.NEW_ROOTS, RootStage.ANCHORED);
    sees(20, Items.NEW_ROOTS, RootStage.LONG);
    assertThat(told(LATER).afterwards().tips()).isEmpty();
    assertThat(told(LATER).afterwards().holds()).isEmpty();
    sees(30, Items.NEW_ROOTS, RootStage.NUB);
    assertThat(told(LATER).afterwards().tips())
        .as("another flush")
        .contains(new Afterwards.Since(MOVED, MOVED.plusDays(30)));
    sees(25, Items.ROOT_TIPS, RootTips.ACTIVE);
    assertThat(told(LATER).afterwards().tips().orElseThrow().by()).isEqualTo(MOVED.plusDays(25));
    sees(60, Items.NEW_ROOTS, RootStage.ANCHORED);
    assertThat(told(LATER).afterwards().holds().orElseThrow().by()).isEqualTo(MOVED.plusDays(60));
  }

  @Test
  void tipsThatStoppedAreNone() {
    moved(Way.OPENED);
    sees(
        Inspection.on(MOVED.plusDays(40))
            .with(Items.NEW_ROOTS, Items.NEW_ROOTS.saw(RootStage.SHORT))
            .with(Items.ROOT_TIPS, Items.ROOT_TIPS.saw(RootTips.STOPPED)));
    assertThat(told(LATER).afterwards().tips()).isEmpty();
  }

  @Test
  void ofTwoLooksOnOneDayTheOneThatSawItCounts() {
    moved(Way.OPENED);
    sees(27, Items.NEW_ROOTS, RootStage.NONE);
    sees(27, Items.NEW_ROOTS, RootStage.NUB);
    sees(90, Items.STABILITY, Stability.FIRM);
    sees(90, Items.STABILITY, Stability.LOOSE);
    var told = told(LATER).afterwards();
    assertThat(told.tips()).contains(new Afterwards.Since(MOVED, MOVED.plusDays(27)));
    assertThat(told.holds()).contains(new Afterwards.Since(MOVED, MOVED.plusDays(90)));
  }

  @Test
  void tipsAndAFirmLeafOfOneDayTellByThatDay() {
    moved(Way.OPENED);
    sees(60, Items.NEW_ROOTS, RootStage.NONE);
    sees(100, Items.NEW_ROOTS, RootStage.SHORT);
    sees(100, Items.LEAVES, Leaves.FIRM);
    assertThat(told(LATER).afterwards().holds())
        .contains(new Afterwards.Since(MOVED.plusDays(60), MOVED.plusDays(100)));
  }

  @Test
  void tapsSayTheSameAsLooks() {
    moved(Way.OPENED);
    answers(30, Purpose.ROOT_TIPS, CheckAnswer.AS_HOPED);
    answers(60, Purpose.ANCHORED, CheckAnswer.CANNOT_TELL);
    answers(90, Purpose.ANCHORED, CheckAnswer.AS_HOPED);
    assertThat(outcome()).isEqualTo(Outcome.RE_ESTABLISHED);
    assertThat(told(LATER).afterwards().holds().orElseThrow().by()).isEqualTo(MOVED.plusDays(90));
  }

  @Test
  void whoDoesNotHoldWhenOneFlushIsOverIsSlow() {
    moved(Way.OPENED);
    answers(85, Purpose.ANCHORED, CheckAnswer.NOT_AS_HOPED);
    assertThat(told(MOVED.plusDays(120)).afterwards().outcome()).isEqualTo(Outcome.TOO_EARLY);
    assertThat(outcome()).as("and nobody saw it hold later").isEqualTo(Outcome.SLOW);
    answers(140, Purpose.ANCHORED, CheckAnswer.AS_HOPED);
    assertThat(outcome()).isEqualTo(Outcome.SLOW);
    assertThat(told(LATER).afterwards().holds())
        .contains(new Afterwards.Since(MOVED.plusDays(85), MOVED.plusDays(140)));
  }

  @Test
  void aStandThatIsLostAgainNeverHeld() {
    moved(Way.OPENED);
    sees(70, Items.STABILITY, Stability.FIRM);
    sees(90, Items.STABILITY, Stability.LOOSE);
    assertThat(outcome()).isEqualTo(Outcome.SLOW);
    assertThat(told(LATER).afterwards().holds()).isEmpty();
  }

  @Test
  void stakesHoldAPlantInTheFirstWeeksAndItsOwnRootsLater() {
    moved(Way.OPENED);
    sees(30, Items.STABILITY, Stability.FIRM);
    assertThat(outcome()).isEqualTo(Outcome.NOBODY_LOOKED);
    sees(75, Items.STABILITY, Stability.FIRM);
    assertThat(outcome()).isEqualTo(Outcome.RE_ESTABLISHED);
  }

  @Test
  void aBallThatStayedWholeOnlyHasToStand() {
    moved(Way.WHOLE);
    sees(12, Items.STABILITY, Stability.FIRM);
    var told = told(LATER);
    assertThat(told.afterwards().words(told.move()))
        .hasToString("Moved up whole on 2026-06-03, stood by 2026-06-15: re-established.");
  }

  @Test
  void withTipsSeenAFirmLeafWillDoWhereNobodyPulledAtIt() {
    moved(Way.OPENED);
    sees(40, Items.NEW_ROOTS, RootStage.SHORT);
    sees(60, Items.LEAVES, Leaves.FIRM);
    assertThat(outcome()).as("too soon to tell by its leaves").isEqualTo(Outcome.NOBODY_LOOKED);
    sees(100, Items.LEAVES, Leaves.FIRM);
    assertThat(outcome()).isEqualTo(Outcome.RE_ESTABLISHED);
  }

  @Test
  void firmLeavesAloneSayNothingOfRoots() {
    moved(Way.OPENED);
    sees(100, Items.LEAVES, Leaves.FIRM);
    assertThat(outcome()).isEqualTo(Outcome.NOBODY_LOOKED);
  }

  @Test
  void flowersHideMissingRootsForAWhile() {
    moved(Way.OPENED);
    sees(40, Items.BLOOM, Bloom.OPEN);
    assertThat(told(MOVED.plusDays(60)).afterwards().outcome()).isEqualTo(Outcome.TOO_EARLY);
  }

  @Test
  void leavesMayWrinkleForThreeWeeks() {
    sees(-5, Items.LEAVES, Leaves.FIRM);
    moved(Way.OPENED);
    sees(14, Items.LEAVES, Leaves.WRINKLED);
    assertThat(told(MOVED.plusDays(15)).afterwards().outcome()).isEqualTo(Outcome.TOO_EARLY);
    sees(40, Items.LEAVES, Leaves.WRINKLED);
    assertThat(told(MOVED.plusDays(40)).afterwards().outcome()).isEqualTo(Outcome.SET_BACK);
    sees(80, Items.LEAVES, Leaves.FIRM);
    sees(80, Items.NEW_ROOTS, RootStage.ANCHORED);
    assertThat(outcome()).as("it drinks again").isEqualTo(Outcome.RE_ESTABLISHED);
  }

  @Test
  void asSoftAsItCameIsNoLoss() {
    sees(-5, Items.LEAVES, Leaves.WRINKLED);
    sees(-5, Items.BULBS, Bulbs.SHRIVELLED);
    moved(Way.CUT);
    sees(40, Items.LEAVES, Leaves.WRINKLED);
    sees(60, Items.BULBS, Bulbs.SHRIVELLED);
    assertThat(told(MOVED.plusDays(80)).afterwards().outcome()).isEqualTo(Outcome.TOO_EARLY);
    sees(90, Items.LEAVES, Leaves.LIMP);
    assertThat(outcome()).isEqualTo(Outcome.SET_BACK);
  }

  @Test
  void aGrowthThatAbortedIsASetbackAlsoIfThePlantHolds() {
    sees(-5, Items.GROWTH, GrowthStage.HALF_GROWN);
    moved(Way.OPENED);
    sees(35, Items.GROWTH, GrowthStage.NONE);
    answers(90, Purpose.ANCHORED, CheckAnswer.AS_HOPED);
    assertThat(outcome()).isEqualTo(Outcome.SET_BACK);
  }

  @Test
  void whereNothingGrewNothingAborted() {
    sees(-5, Items.GROWTH, GrowthStage.RESTING);
    moved(Way.OPENED);
    sees(35, Items.GROWTH, GrowthStage.NONE);
    assertThat(told(MOVED.plusDays(40)).afterwards().outcome()).isEqualTo(Outcome.TOO_EARLY);
  }

  @Test
  void aLeadThatSnappedAtTheBenchIsASetback() {
    var act = moved(Way.OPENED);
    chronicle.with(
        act,
        new Happening.Inspected(
            Inspection.on(MOVED).with(Items.BREAKAGE, Items.BREAKAGE.saw(Breakage.LEAD_SNAPPED))));
    assertThat(outcome()).isEqualTo(Outcome.SET_BACK);
  }

  @Test
  void oldRootsThatGoAreNoOutcomeUnlessNearlyAllAreGoneMuchLater() {
    moved(Way.OPENED);
    sees(60, Items.ROOTS_IN_POT, RootsInPot.MOSTLY_SOFT);
    assertThat(told(MOVED.plusDays(61)).afterwards().outcome()).isEqualTo(Outcome.TOO_EARLY);
    sees(130, Items.ROOTS_IN_POT, RootsInPot.MOSTLY_SOFT);
    assertThat(outcome()).isEqualTo(Outcome.SET_BACK);
  }

  @Test
  void whatIsSeenAfterTwoHundredDaysIsTroubleOfItsOwn() {
    moved(Way.OPENED);
    answers(90, Purpose.ANCHORED, CheckAnswer.AS_HOPED);
    sees(201, Items.ROT, Rot.SOFT_LEAD);
    assertThat(outcome()).isEqualTo(Outcome.RE_ESTABLISHED);
    sees(200, Items.ROT, Rot.SOFT_LEAD);
    assertThat(outcome()).isEqualTo(Outcome.SET_BACK);
  }

  @Test
  void whatIsSeenInTheFirstWeekWasSoBefore() {
    moved(Way.OPENED);
    sees(3, Items.NEW_ROOTS, RootStage.NUB);
    assertThat(told(LATER).afterwards().tips()).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "LOST, 60, LOST",
    "LOST, 201, NOBODY_LOOKED",
    "GIVEN_AWAY, 60, LEFT",
    "IN_ONE_POT, 60, LEFT"
  })
  void whoeverWentBeforeItCouldBeJudgedLeftTheCount(PlantStatus status, int day, Outcome outcome) {
    moved(Way.OPENED);
    chronicle.on(MOVED.plusDays(day), new Happening.Became(new Fate(status, "x")));
    assertThat(outcome()).isEqualTo(outcome);
  }

  @Test
  void whoeverHeldBeforeItWentIsCounted() {
    moved(Way.OPENED);
    answers(90, Purpose.ANCHORED, CheckAnswer.AS_HOPED);
    chronicle.on(
        MOVED.plusDays(120), new Happening.Became(new Fate(PlantStatus.GIVEN_AWAY, "a friend")));
    assertThat(outcome()).isEqualTo(Outcome.RE_ESTABLISHED);
  }

  @Test
  void whoeverDiedOfPestsOrWiltIsNoLossOfTheMove() {
    moved(Way.OPENED);
    sees(50, Items.PESTS, Pests.MEALYBUG);
    chronicle.on(MOVED.plusDays(80), new Happening.Became(new Fate(PlantStatus.LOST, "mealybug")));
    assertThat(outcome()).isEqualTo(Outcome.LEFT);
  }

  @Test
  void whoeverCameBackNeverWent() {
    moved(Way.OPENED);
    chronicle.on(MOVED.plusDays(50), new Happening.Became(new Fate(PlantStatus.LOST, "x")));
    chronicle.on(MOVED.plusDays(51), new Happening.Became(Fate.GROWING));
    answers(90, Purpose.ANCHORED, CheckAnswer.AS_HOPED);
    assertThat(outcome()).isEqualTo(Outcome.RE_ESTABLISHED);
  }

  @Test
  void theNextMoveEndsWhatBelongsToTheFirst() {
    moved(Way.OPENED);
    var again = MOVED.plusDays(120);
    chronicle.on(again, potted(again, BARK, true));
    sees(200, Items.NEW_ROOTS, RootStage.ANCHORED);
    var told = told(chronicle, LATER.plusDays(200));
    assertThat(told)
        .extracting(each -> each.afterwards().outcome())
        .containsExactly(Outcome.LEFT, Outcome.RE_ESTABLISHED);
    assertThat(told.get(1).move().before().inFlower()).isTrue();
    assertThat(told.get(1).move().before().mix()).contains(PUMICE);
    assertThat(told.get(1).move().changedMedium()).isTrue();
  }

  @Test
  void aSmallerGrowthIsSaidBesideTheOutcome() {
    moved(Way.OPENED);
    answers(90, Purpose.ANCHORED, CheckAnswer.AS_HOPED);
    sees(150, Items.GROWTH_TREND, GrowthTrend.SMALLER);
    var told = told(LATER);
    assertThat(told.afterwards().words(told.move()).toString())
        .endsWith(": re-established, and its next growth was smaller.");
  }

  @Test
  void somebodyMaySayOtherwiseAndTakeThatBack() {
    moved(Way.OPENED);
    answers(90, Purpose.ANCHORED, CheckAnswer.AS_HOPED);
    chronicle.on(LATER, new Happening.OutcomeSaid(MOVED, Outcome.SET_BACK));
    assertThat(outcome()).isEqualTo(Outcome.SET_BACK);
    assertThat(told(LATER).afterwards().said()).isTrue();
    chronicle.on(LATER, new Happening.OutcomeSaid(MOVED, null));
    assertThat(outcome()).isEqualTo(Outcome.RE_ESTABLISHED);
    assertThat(told(LATER).afterwards().said()).isFalse();
  }

  @Test
  void anActThatWasTakenBackLeavesNoTrace() {
    moved(Way.OPENED);
    var before = told(chronicle, LATER);
    var look =
        chronicle.on(
            MOVED.plusDays(90),
            new Happening.Inspected(
                Inspection.on(MOVED.plusDays(90))
                    .with(Items.NEW_ROOTS, Items.NEW_ROOTS.saw(RootStage.ANCHORED))));
    assertThat(told(chronicle, LATER)).isNotEqualTo(before);
    chronicle.on(LATER, look, new Happening.Withdrawn());
    assertThat(told(chronicle, LATER)).isEqualTo(before);
  }

  @Test
  void theOrderOfEntryDoesNotMatter() {
    moved(Way.OPENED);
    answers(90, Purpose.ANCHORED, CheckAnswer.AS_HOPED);
    sees(24, Items.NEW_ROOTS, RootStage.NONE);
    sees(34, Items.NEW_ROOTS, RootStage.SHORT);
    sees(-4, Items.NEW_ROOTS, RootStage.NUB);
    var told = told(LATER);
    assertThat(told.move().before().stage()).contains(RootStage.NUB);
    assertThat(told.afterwards().tips())
        .contains(new Afterwards.Since(MOVED.plusDays(24), MOVED.plusDays(34)));
  }

  @ParameterizedTest
  @EnumSource(Way.class)
  void whatWasDoneIsToldByTheWayOfTheWork(Way way) {
    moved(way);
    var sorts = List.of(MoveMade.Sort.REPOT, MoveMade.Sort.SHIFT, MoveMade.Sort.RESCUE);
    assertThat(told(LATER).move().sort()).isEqualTo(sorts.get(way.ordinal()));
  }

  @Test
  void aPlantThatWasLiftedAndPutBackWasNotPotted() {
    chronicle.on(MOVED, worked(Way.WHOLE));
    var told = told(LATER);
    assertThat(told.move().sort()).isEqualTo(MoveMade.Sort.LIFT);
    assertThat(told.move().changedMedium()).isFalse();
    assertThat(told.move().into().mix()).contains(BARK);
  }

  @Test
  void aPieceWasMovedOnTheDayItWasDividedAndAGiftWasNot() {
    var piece = new Chronicle();
    var act = piece.on(MOVED, potted(MOVED, PUMICE, false));
    piece.with(act, new Happening.PartedFrom(7L));
    assertThat(told(piece, LATER))
        .extracting(each -> each.move().sort())
        .containsExactly(MoveMade.Sort.PIECE);
    var longAgo = new Chronicle();
    var written = longAgo.on(MOVED, potted(CAME, PUMICE, false));
    longAgo.with(written, new Happening.PartedFrom(7L));
    assertThat(told(longAgo, LATER)).isEmpty();
  }

  @Test
  void theStageOfTheRootsIsOneSeenInTheWeeksBefore() {
    sees(-31, Items.NEW_ROOTS, RootStage.NUB);
    moved(Way.OPENED);
    assertThat(told(LATER).move().before().stage()).isEmpty();
  }
}
