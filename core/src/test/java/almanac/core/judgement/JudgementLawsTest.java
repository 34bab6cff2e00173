package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.inspection.LookSpot;
import almanac.core.inspection.Pests;
import almanac.core.inspection.Plug;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Rot;
import almanac.core.inspection.Smell;
import almanac.core.judgement.compare.Comparison;
import almanac.core.judgement.compare.DecidingLooks;
import almanac.core.judgement.compare.Differences;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.figures.NeedFigures;
import almanac.core.judgement.figures.ReadinessFigures;
import almanac.core.judgement.reason.Basis;
import almanac.core.judgement.reason.Need;
import almanac.core.judgement.reason.NoReason;
import almanac.core.judgement.reason.Reason;
import almanac.core.judgement.reason.Reason.Side;
import almanac.core.judgement.reason.Scale;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.judgement.verdict.Timing;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.kinds.ReadyRule;
import almanac.core.kinds.Trait;
import almanac.core.roots.RootStage;
import almanac.core.rulebook.Rulebook;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Function;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What holds for every plant, tried on made-up plants of every kind in every month. */
@Tag("long")
class JudgementLawsTest {
  private static final Figures FIGURES = Figures.standard();
  private static final Judge HOUSE = new Judge(FIGURES);
  private static final List<Generated> PLANTS = Generated.plants();

  private final Tried tried = new Tried();

  private void eachJudged(BiConsumer<Situation, Judgement> law) {
    for (var generated : PLANTS) {
      var situation = generated.plant().situation();
      law.accept(situation, HOUSE.judge(situation));
    }
  }

  private static List<Reason> reasons(Judgement judged, Scale scale) {
    return judged.weighed().reasons().stream().filter(reason -> reason.scale() == scale).toList();
  }

  @Test
  void theSamePlantIsJudgedTheSame() {
    for (var generated : PLANTS) {
      assertThat(generated.plant().judged()).isEqualTo(generated.plant().judged());
      tried.on(generated.plant().situation());
    }
    tried.everywhere();
  }

  /** Everything that cannot wait, whatever the bloom, season or root stage. */
  private static final List<Function<PlantAtHand, PlantAtHand>> HAZARDS =
      List.of(
          plant -> plant.saw(Items.ROOTS_IN_POT, RootsInPot.MOSTLY_SOFT),
          plant -> plant.saw(Items.SMELL, Smell.ROTTEN),
          plant -> plant.saw(Items.PESTS, Pests.ROOT_MEALYBUG),
          plant -> plant.saw(Items.ROT, Rot.SPREADING),
          plant -> plant.saw(Items.ROT, Rot.WILT_RING),
          plant -> plant.saw(Items.PLUG, Plug.ROTTING));

  /** Old roots that die off after a change of medium are none. */
  private static boolean settles(Judgement judged) {
    return judged.weighed().reasons().stream()
        .anyMatch(reason -> reason.basis() == NoReason.SETTLING);
  }

  @Test
  void aHazardNeverMakesAVerdictMilderByAnyApproach() {
    for (var generated : PLANTS) {
      var before = generated.plant().judged();
      for (var hazard : HAZARDS) {
        var situation = hazard.apply(generated.plant().daysAgo(0)).situation();
        for (var approach : Approach.values()) {
          var after = new Judge(FIGURES, approach).judge(situation);
          if (settles(after)) {
            continue;
          }
          assertThat(after.verdict())
              .isGreaterThanOrEqualTo(before.verdict())
              .isIn(Verdict.RESCUE, Verdict.LET_GO);
          assertThat(after.need()).isGreaterThanOrEqualTo(before.need());
        }
        if (before.verdict() != Verdict.RESCUE && before.verdict() != Verdict.LET_GO) {
          tried.on(situation);
        }
      }
    }
    tried.everywhere();
  }

  /** What rests on no look rests on the calendar, on what it was potted in, or on nothing known. */
  @Test
  void nothingIsSaidOfWhatNobodyLookedAt() {
    eachJudged(
        (situation, judged) -> {
          for (var reason : judged.weighed().reasons()) {
            reason
                .look()
                .ifPresent(
                    look ->
                        assertThat(judged.looks().notLookedAt())
                            .doesNotContain(look.spot().item()));
            boolean needsALook =
                reason.scale() == Scale.HAZARD
                    || reason.scale() == Scale.NO_REASON
                    || reason.basis() instanceof Need need
                        && need.matter() != Need.Matter.AGE
                        && !need.equals(NeedFigures.DOUBTFUL_MEDIUM);
            if (needsALook) {
              assertThat(reason.look()).as("%s", reason.sentence()).isPresent();
            }
          }
          if (!judged.looks().notLookedAt().isEmpty()) {
            tried.on(situation);
          }
        });
    tried.everywhere();
  }

  @Test
  void anUnseenLookWeighsNothing() {
    for (var generated : PLANTS) {
      var seen = generated.plant();
      var situation = seen.situation();
      var judged = HOUSE.judge(situation);
      for (var item : judged.looks().notLookedAt()) {
        var forgotten = situation.with(situation.history().without(LookSpot.of(item)));
        assertThat(HOUSE.judge(forgotten)).as("%s", item).isEqualTo(judged);
        tried.on(situation);
      }
      for (var reason : reasons(judged, Scale.NEED)) {
        if (reason.points() > 0 && reason.look().isPresent()) {
          var spot = reason.look().get().spot();
          var without = HOUSE.judge(situation.with(situation.history().without(spot)));
          assertThat(without.weighed().reasons())
              .as("without the look at %s", spot)
              .noneMatch(
                  other -> other.look().filter(look -> look.spot().equals(spot)).isPresent());
        }
      }
    }
    tried.everywhere();
  }

  @Test
  void aLookThatIsForgottenIsALookNeverMade() {
    for (var generated : PLANTS) {
      var blind = generated.plant().situation();
      var seen = generated.plant().daysAgo(0).saw(Items.PLUG, Plug.ROTTING).situation();
      var forgotten = seen.with(seen.history().without(LookSpot.of(Items.PLUG)));
      assertThat(HOUSE.judge(forgotten)).isEqualTo(HOUSE.judge(blind));
      if (!HOUSE.judge(seen).equals(HOUSE.judge(blind))) {
        tried.on(seen);
      }
    }
    tried.everywhere();
  }

  @Test
  void needIsTheSumOfItsPointsAndReadinessItsBaseWithoutItsLosses() {
    eachJudged(
        (situation, judged) -> {
          double sum =
              judged.weighed().reasons().stream()
                  .filter(reason -> reason.scale() == Scale.NEED || reason.scale() == Scale.HAZARD)
                  .mapToDouble(Reason::points)
                  .sum();
          assertThat(judged.need()).isCloseTo(Math.min(100, sum), within(1e-9));
          var base = reasons(judged, Scale.READINESS);
          boolean floor =
              base.stream()
                  .anyMatch(
                      each -> each.basis().equals(new Basis.Base(ReadinessFigures.INTACT_MOVE)));
          assertThat(base).hasSize(floor ? 2 : 1);
          assertThat(floor).isEqualTo(floor && judged.method().intact());
          if (!judged.method().intact() && !base.get(0).basis().equals(Basis.Bare.UNSEEN)) {
            double losses = reasons(judged, Scale.LOSS).stream().mapToDouble(Reason::points).sum();
            assertThat(judged.readiness())
                .isCloseTo(Math.max(0, base.get(0).points() - losses), within(1e-9));
            if (losses > 0) {
              tried.on(situation);
            }
          }
        });
    tried.everywhere();
  }

  @Test
  void everyFigureThatIsNamedStandsInTheRulebook() {
    eachJudged(
        (situation, judged) -> {
          for (var reason : judged.weighed().reasons()) {
            reason
                .basis()
                .figure()
                .ifPresent(
                    figure -> {
                      assertThat(Rulebook.named(figure.key())).contains(figure);
                      tried.on(situation);
                    });
          }
        });
    tried.everywhere();
  }

  @Test
  void anOlderMediumNeverLowersTheNeed() {
    for (var generated : PLANTS) {
      var younger = generated.plant(24).judged();
      var older = generated.plant(36).judged();
      assertThat(older.need()).isGreaterThanOrEqualTo(younger.need());
      if (older.need() > younger.need()) {
        tried.on(generated.plant(36).situation());
      }
    }
    tried.theWholeYear();
    tried.atLeast(50);
  }

  @Test
  void whatWasWellLongAgoCalmsNobody() {
    eachJudged(
        (situation, judged) -> {
          for (var reason : judged.weighed().reasons()) {
            boolean reassures = reason.side() == Side.AGAINST && reason.scale() == Scale.NEED;
            var item = reason.look().map(look -> look.spot().item());
            if (reassures && item.filter(Items.STABILITY::equals).isPresent()) {
              assertThat(judged.looks().stale()).doesNotContain(Items.STABILITY);
            }
          }
          if (judged.looks().stale().contains(Items.STABILITY)) {
            tried.on(situation);
          }
        });
    tried.everywhere();
  }

  /** Whether a growing tip is there, in a kind whose roots say when it takes a move. */
  private static boolean aTipDecides(Generated generated, Judgement judged) {
    return judged.found().roots().growing()
        && generated.plant().situation().kind().of(Trait.READY_RULE) != ReadyRule.START_OF_GROWTH;
  }

  @Test
  void anotherLeadInTheMediumChangesNothingWhereATipIsGrowing() {
    for (var generated : PLANTS) {
      var before = generated.plant().judged();
      if (!aTipDecides(generated, before)) {
        continue;
      }
      var with = generated.plant().daysAgo(0).saw(Items.NEW_ROOTS, Lead.B, RootStage.ANCHORED);
      assertThat(with.judged().readiness()).isEqualTo(before.readiness());
      assertThat(with.judged().found().roots().lead()).isEqualTo(Lead.FIRST);
      tried.on(with.situation());
    }
    tried.theWholeYear();
    tried.atLeast(200);
  }

  @Test
  void aSecondGrowingLeadNeverMakesItReadier() {
    for (var generated : PLANTS) {
      var before = generated.plant().judged();
      if (!aTipDecides(generated, before)) {
        continue;
      }
      var with = generated.plant().daysAgo(0).saw(Items.NEW_ROOTS, Lead.B, RootStage.MID);
      boolean sameSeason = reasons(with.judged(), Scale.LOSS).equals(reasons(before, Scale.LOSS));
      if (!sameSeason || with.judged().method().intact() != before.method().intact()) {
        continue;
      }
      assertThat(with.judged().readiness()).isLessThanOrEqualTo(before.readiness());
      if (with.judged().readiness() < before.readiness()) {
        tried.on(with.situation());
      }
    }
    tried.theWholeYear();
    tried.atLeast(50);
  }

  @Test
  void whoHasNotSeenTheRootsIsToldARangeThatHoldsEveryAnswer() {
    for (var generated : PLANTS) {
      var situation = generated.plant().situation();
      var judged = HOUSE.judge(situation);
      if (situation.kind().of(Trait.READY_RULE) == ReadyRule.START_OF_GROWTH
          || !judged.looks().notLookedAt().contains(Items.NEW_ROOTS)
          || judged.method().intact()) {
        continue;
      }
      assertThat(reasons(judged, Scale.READINESS))
          .singleElement()
          .satisfies(
              reason -> assertThat(reason.sentence().toString()).startsWith("Nobody has seen"));
      for (var stage : RootStage.values()) {
        var seen = generated.plant().daysAgo(0).saw(Items.NEW_ROOTS, stage).situation();
        var then = HOUSE.judge(seen);
        boolean otherwise =
            !reasons(then, Scale.LOSS).equals(reasons(judged, Scale.LOSS))
                || then.method().intact() != judged.method().intact();
        if (!otherwise) {
          assertThat(then.readiness())
              .isBetween(judged.readiness(), judged.weighed().readinessMost());
          tried.on(situation);
        }
      }
    }
    tried.theWholeYear();
    tried.atLeast(500);
  }

  @Test
  void nothingIsPlannedInThePast() {
    eachJudged(
        (situation, judged) -> {
          var today = situation.today();
          var window = judged.looks().nextCheck().window();
          assertThat(window.early()).isAfterOrEqualTo(today);
          assertThat(window.best()).isBetween(window.early(), window.late());
          if (judged.timing() instanceof Timing.Until until) {
            assertThat(
                    !until.until().isBefore(today)
                        || judged.advice().toString().contains("should have been"))
                .as("%s", judged.advice())
                .isTrue();
          }
          if (judged.timing() instanceof Timing.Waits waits) {
            var wait = waits.awaited();
            assertThat(wait.earliest()).isAfterOrEqualTo(today);
            assertThat(wait.likely()).isBetween(wait.earliest(), wait.latest());
          }
          tried.on(situation);
        });
    tried.everywhere();
  }

  private static double of(almanac.core.figures.Figure figure) {
    return FIGURES.of(figure);
  }

  @Test
  void nothingSetsAJudgementApartFromItselfAndAnythingElseDoes() {
    for (var generated : PLANTS) {
      var judged = generated.plant().judged();
      assertThat(Differences.between(judged, generated.plant().judged())).isEmpty();
      var spoilt = generated.plant().daysAgo(0).saw(Items.SMELL, Smell.SOUR);
      if (spoilt.judged().need() != judged.need()) {
        assertThat(Differences.between(judged, spoilt.judged())).isNotEmpty();
        tried.on(spoilt.situation());
      }
    }
    tried.everywhere();
  }

  @Test
  void eachApproachIsShownWithItsReason() {
    eachJudged(
        (situation, judged) -> {
          var all = Comparison.all(situation, judged, FIGURES);
          assertThat(all)
              .extracting(each -> each.judgement().approach())
              .containsExactly(Approach.values());
          assertThat(all.get(0).judgement()).isSameAs(judged);
          for (var each : all) {
            boolean same = each.judgement().verdict() == judged.verdict();
            assertThat(each.why().toString().startsWith("The same"))
                .isEqualTo(each.judgement() != judged && same);
            if (!same) {
              tried.on(situation);
            }
          }
        });
    tried.theWholeYear();
    tried.atLeast(200);
  }

  @Test
  void aDecidingLookIsOneThatIsMissingAndItsAnswersDecide() {
    eachJudged(
        (situation, judged) -> {
          for (var look : new DecidingLooks(HOUSE).of(situation, judged)) {
            var item = look.spot().item();
            assertThat(
                    judged.looks().notLookedAt().contains(item)
                        || judged.looks().stale().contains(item))
                .isTrue();
            assertThat(look.changes()).isNotEmpty().hasSizeLessThanOrEqualTo(look.outcomes());
            assertThat(look.changes())
                .as("%s", look.words())
                .anyMatch(change -> change.verdict().inHand() || judged.verdict().inHand());
            assertThat(look.words().toString())
                .containsAnyOf(". If ", ". Whatever you see, ")
                .endsWith(".");
            tried.on(situation);
          }
        });
    tried.everywhere();
  }
}
