package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.inspection.LookSpot;
import almanac.core.inspection.Rim;
import almanac.core.inspection.Smell;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.evidence.LeadRoots;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.figures.ReadinessFigures;
import almanac.core.judgement.moments.WaitCondition;
import almanac.core.judgement.verdict.Family;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.judgement.verdict.NowOrHold;
import almanac.core.judgement.verdict.Timing;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.kinds.Habit;
import almanac.core.kinds.Trait;
import almanac.core.roots.RootStage;
import almanac.core.words.Answer;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.EnumSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.BiConsumer;
import org.junit.jupiter.api.Test;

/** What a slip promises is kept, and what the season forbids is not said. */
class PromiseLawsTest {
  private static final Figures FIGURES = Figures.standard();
  private static final Judge HOUSE = new Judge(FIGURES);
  private static final List<Generated> PLANTS = Generated.plants();

  /** What is waited for is not seen again as it was. */
  private static final Set<Item<?>> COMES_TRUE =
      Set.of(Items.BLOOM, Items.NEW_ROOTS, Items.BREAKAGE, Items.LEAVES, Items.BULBS);

  private final Tried tried = new Tried();

  private static void each(BiConsumer<Situation, Judgement> law) {
    for (var generated : PLANTS) {
      var situation = generated.plant().situation();
      law.accept(situation, HOUSE.judge(situation));
    }
  }

  /** The same plant on a later day, all of it seen again as it was, and this besides. */
  private static Situation later(Situation situation, LocalDate day, Inspection more) {
    var again = Inspection.on(day);
    for (var item : Items.inLookingOrder()) {
      for (var lead : item.ofALead() ? Lead.values() : new Lead[] {Lead.FIRST}) {
        again = seenAgain(again, situation, item, lead);
      }
    }
    for (var finding : more.findings().entrySet()) {
      again = with(again, finding.getKey(), finding.getValue());
    }
    return new Situation(
        day,
        situation.kind(),
        situation.history().and(again),
        situation.conditions(),
        situation.arrival(),
        situation.aim(),
        situation.rootSpeed());
  }

  private static <A extends Enum<A> & Answer> Inspection seenAgain(
      Inspection again, Situation situation, Item<A> item, Lead lead) {
    var evidence = new Evidence(situation, FIGURES, Approach.HOUSE_RULES);
    if (COMES_TRUE.contains(item) || evidence.stale(item)) {
      return again;
    }
    return situation
        .history()
        .latest(item, lead, situation.today())
        .seen()
        .map(seen -> again.with(item, lead, seen.finding()))
        .orElse(again);
  }

  @SuppressWarnings("unchecked")
  private static <A extends Enum<A> & Answer> Inspection with(
      Inspection again, LookSpot spot, almanac.core.inspection.Finding<?> finding) {
    return again.with(
        (Item<A>) spot.item(), spot.lead(), (almanac.core.inspection.Finding<A>) finding);
  }

  private static Inspection nubs(LocalDate day, Lead lead) {
    return Inspection.on(day)
        .with(Items.NEW_ROOTS, lead, Items.NEW_ROOTS.saw(RootStage.NUB))
        .with(Items.GROWTH, Items.GROWTH.saw(GrowthStage.STARTING));
  }

  private static Inspection longRoots(LocalDate day, Lead lead, double mm) {
    return Inspection.on(day)
        .with(Items.NEW_ROOTS, lead, Items.NEW_ROOTS.found(List.of(), mm, FIGURES));
  }

  /** Each plant as it is, and each as it would be with a lead over the rim of a sour medium. */
  private static void eachAndInNeed(BiConsumer<Situation, Judgement> law) {
    each(law);
    for (var generated : PLANTS) {
      var situation =
          generated
              .plant()
              .daysAgo(0)
              .saw(Items.SMELL, Smell.SOUR)
              .saw(Items.RIM, Rim.OVER)
              .situation();
      law.accept(situation, HOUSE.judge(situation));
    }
  }

  @Test
  void whoWaitsForRootsAndSeesThemOnTheDayIsToldToMove() {
    eachAndInNeed(
        (situation, judged) -> {
          if (!(judged.timing() instanceof Timing.Waits waits)) {
            return;
          }
          var wait = waits.awaited();
          var lead = judged.found().roots().lead();
          var day = wait.likely();
          boolean nubs =
              wait.conditions().contains(WaitCondition.NEXT_NUBS)
                  || wait.conditions().contains(WaitCondition.NEW_TIPS)
                  || wait.conditions().contains(WaitCondition.START_OF_GROWTH);
          boolean long_ = wait.conditions().contains(WaitCondition.LONG_ROOTS);
          if (!nubs && !long_) {
            return;
          }
          var seen =
              nubs
                  ? nubs(day, lead)
                  : longRoots(day, lead, judged.found().longEnough().getAsDouble());
          var then = HOUSE.judge(later(situation, day, seen));
          if (then.need() < judged.need()) {
            return;
          }
          assertThat(then.verdict().inHand())
              .as(
                  "%s on %s: %s, then %s",
                  situation.kind().key(), situation.today(), judged.advice(), then.advice())
              .isTrue();
          tried.on(situation);
        });
    tried.theWholeYear();
    tried.atLeast(60);
  }

  /** What stands as it stood, but for the season or the flowers that were waited for. */
  @Test
  void whoWaitsForTheSeasonIsToldToMoveWhenItCarries() {
    var own =
        EnumSet.of(
            WaitCondition.LIGHT,
            WaitCondition.WARMTH,
            WaitCondition.COOLER_DAYS,
            WaitCondition.FLOWERS_OVER,
            WaitCondition.SETTLED,
            WaitCondition.EYE,
            WaitCondition.WATER);
    eachAndInNeed(
        (situation, judged) -> {
          if (!(judged.timing() instanceof Timing.Waits waits)
              || judged.found().roots().stage().isEmpty()
              || !own.containsAll(waits.awaited().conditions())) {
            return;
          }
          var day = waits.awaited().likely();
          var seen =
              rootsOn(day, judged.found().roots())
                  .with(Items.BLOOM, Items.BLOOM.saw(Bloom.FINISHED));
          var then = HOUSE.judge(later(situation, day, seen));
          if (then.need() < judged.need() || waitsForRootsThatHadGoneIn(judged, then)) {
            return;
          }
          assertThat(then.verdict().inHand())
              .as(
                  "%s on %s: %s, then %s",
                  situation.kind().key(), situation.today(), judged.advice(), then.advice())
              .isTrue();
          tried.on(situation);
        });
    tried.atLeast(15);
  }

  /** Seen again, roots are there for longer than the first look could promise. */
  private static boolean waitsForRootsThatHadGoneIn(Judgement before, Judgement then) {
    return before.found().roots().forecast().isPresent()
        && then.timing() instanceof Timing.Waits waits
        && ChronoUnit.DAYS.between(
                before.found().roots().forecast().get().look().on(), waits.awaited().likely())
            > FIGURES.of(ReadinessFigures.FORECAST_DAYS);
  }

  /** The roots of that lead as they would be. */
  private static Inspection rootsOn(LocalDate day, LeadRoots roots) {
    var stage = roots.stage().orElseThrow();
    if (!roots.growing()) {
      return Inspection.on(day).with(Items.NEW_ROOTS, roots.lead(), Items.NEW_ROOTS.saw(stage));
    }
    var forecast = roots.forecast().orElseThrow();
    boolean goneIn =
        ChronoUnit.DAYS.between(forecast.look().on(), day)
            > FIGURES.of(ReadinessFigures.FORECAST_DAYS);
    return goneIn
        ? Inspection.on(day)
            .with(Items.NEW_ROOTS, roots.lead(), Items.NEW_ROOTS.saw(RootStage.ANCHORED))
        : longRoots(day, roots.lead(), forecast.lengthOn(day));
  }

  @Test
  void aLookThatIsBookedForAWaitLiesBeforeItEnds() {
    each(
        (situation, judged) -> {
          if (judged.timing() instanceof Timing.Waits waits
              && waits.awaited().likely().isAfter(situation.today())) {
            assertThat(judged.looks().nextCheck().window().late())
                .isBeforeOrEqualTo(waits.awaited().latest());
            boolean lasts =
                waits.awaited().conditions().contains(WaitCondition.LOOK_AT_ROOTS)
                    || waits.awaited().conditions().contains(WaitCondition.LONG_ROOTS);
            if (!lasts) {
              assertThat(judged.looks().nextCheck().window().best())
                  .isBefore(waits.awaited().likely());
              tried.on(situation);
            }
          }
        });
    tried.theWholeYear();
  }

  @Test
  void aPlantWaitsOnlyWhereItWouldNotTakeTheMoveOrTheSeasonForbidsIt() {
    each(
        (situation, judged) -> {
          if (judged.verdict() == Verdict.WAIT_FOR) {
            var evidence = new Evidence(situation, FIGURES, Approach.HOUSE_RULES);
            boolean notReady = judged.readiness() < FIGURES.of(JudgementFigures.GOOD_MOMENT);
            boolean readierLater =
                judged.ahead().moments().stream()
                    .anyMatch(moment -> moment.readiness() > judged.readiness() + 10);
            assertThat(notReady || !evidence.season().open() || readierLater).isTrue();
            tried.on(situation);
          }
          if (judged.verdict().family() == Family.LEAVE_ALONE) {
            assertThat(judged.need()).isLessThan(FIGURES.of(JudgementFigures.MUST_FROM));
          }
        });
    tried.theWholeYear();
    tried.atLeast(50);
  }

  @Test
  void outOfSeasonNothingIsAGoodMomentAndNothingIsTakenApart() {
    each(
        (situation, judged) -> {
          var evidence = new Evidence(situation, FIGURES, Approach.HOUSE_RULES);
          if (evidence.season().open()) {
            return;
          }
          assertThat(judged.advice().toString()).doesNotContain("A good moment");
          boolean takenApart =
              judged.verdict() == Verdict.DIVIDE
                  || judged.verdict() == Verdict.FULL_REPOT
                  || judged.verdict() == Verdict.PART_REPOT;
          if (takenApart && !judged.method().intact() && !(judged.timing() instanceof Timing.Now)) {
            assertThat(judged.need())
                .isGreaterThanOrEqualTo(FIGURES.of(JudgementFigures.COST_WHAT_MAY_FROM));
          }
          tried.on(situation);
        });
    tried.atLeast(200);
  }

  @Test
  void nobodyIsToldToWaitForADayOnWhichTheSeasonCarriesNothing() {
    each(
        (situation, judged) -> {
          if (judged.timing() instanceof Timing.Waits waits
              && !waits.awaited().conditions().contains(WaitCondition.OWN_ROOTS)
              && judged.need() < 85
              && !judged.method().intact()) {
            var day = waits.awaited().likely();
            boolean open = situation.conditions().gateOpen(day, situation.kind().warmth(), FIGURES);
            boolean tips = situation.kind().of(Trait.READY_RULE).name().equals("TIPS_GROWING");
            boolean never =
                situation
                    .conditions()
                    .gateOpensFrom(day, situation.kind().warmth(), FIGURES)
                    .isEmpty();
            assertThat(open || tips || never)
                .as("%s on %s", judged.advice(), situation.today())
                .isTrue();
            tried.on(situation);
          }
        });
    tried.theWholeYear();
  }

  @Test
  void oneStemmedKindsWaitForTipsAndNotForTheNextGrowth() {
    each(
        (situation, judged) -> {
          boolean oneStem = situation.kind().of(Trait.HABIT) == Habit.MONOPODIAL;
          if (judged.timing() instanceof Timing.Waits waits) {
            if (oneStem) {
              assertThat(waits.awaited().conditions()).doesNotContain(WaitCondition.NEXT_NUBS);
              tried.on(situation);
            } else {
              assertThat(waits.awaited().conditions()).doesNotContain(WaitCondition.NEW_TIPS);
            }
          }
        });
    tried.atLeast(10);
  }

  @Test
  void repotNowOrHoldSaysWhatTheSlipSays() {
    each(
        (situation, judged) -> {
          var choice = NowOrHold.of(judged, true, FIGURES).choice();
          boolean moves = judged.verdict().atTheBench() && judged.verdict() != Verdict.LET_GO;
          assertThat(choice == NowOrHold.Choice.REPOT_NOW).isEqualTo(moves);
          assertThat(choice == NowOrHold.Choice.NEITHER)
              .isEqualTo(judged.verdict() == Verdict.LET_GO);
          tried.on(situation);
        });
    tried.everywhere();
  }

  @Test
  void theLongestRootOfAKindIsAnnouncedWhereItIsReady() {
    int announced = 0;
    for (double mm = 60; mm < 130; mm += 10) {
      var judged = PlantAtHand.of("cattleya-two-leaved").potted(30).rootsOf(mm).judged();
      assertThat(judged.found().longEnough()).isEqualTo(OptionalDouble.of(130));
      announced += judged.timing() instanceof Timing.Waits ? 1 : 0;
    }
    assertThat(announced).isPositive();
  }
}
