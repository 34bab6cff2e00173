package almanac.core.year;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.history.Chronicle;
import almanac.core.history.Happening;
import almanac.core.history.Potting;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.roots.RootStage;
import almanac.core.treatments.Course;
import almanac.core.treatments.Foe;
import java.time.LocalDate;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class PastYearsTest {
  private static final LocalDate DAY = LocalDate.of(2024, 2, 20);

  private static Inspection bloom(int day, Bloom bloom) {
    return Inspection.on(DAY.plusDays(day)).with(Items.BLOOM, Items.BLOOM.saw(bloom));
  }

  private static Inspection roots(int day, Lead lead, RootStage stage) {
    return Inspection.on(DAY.plusDays(day)).with(Items.NEW_ROOTS, lead, Items.NEW_ROOTS.saw(stage));
  }

  private static Span span(int from, int until) {
    return new Span(DAY.plusDays(from), DAY.plusDays(until));
  }

  private static Inspection growth(int day, GrowthStage stage) {
    return Inspection.on(DAY.plusDays(day)).with(Items.GROWTH, Items.GROWTH.saw(stage));
  }

  private static Happening potted(LocalDate day) {
    return new Happening.Potted(
        new Potting(PottedOn.on(day), day, Mix.of(Component.LAVA), Moisture.DRIES_BETWEEN));
  }

  /** In the pot in which it came. */
  private static Chronicle came() {
    var chronicle = new Chronicle();
    chronicle.on(DAY, potted(DAY));
    return chronicle;
  }

  private static PastYears past(Inspection... life) {
    var chronicle = came();
    for (var inspection : life) {
      chronicle.on(inspection.on(), new Happening.Inspected(inspection));
    }
    return PastYears.of(chronicle.plant(), DAY.plusYears(3), Figures.standard());
  }

  @Test
  void flowersGoFromTheFirstLookInFlowerToTheLast() {
    var past =
        past(
            bloom(0, Bloom.BUDS),
            bloom(9, Bloom.OPEN),
            bloom(40, Bloom.OPEN),
            bloom(60, Bloom.FADING),
            bloom(70, Bloom.NONE),
            bloom(380, Bloom.OPEN));
    assertThat(past.flowers()).containsExactly(span(9, 60), span(380, 380));
  }

  @Test
  void flowersOfAnotherSeasonAreOthersEvenIfNobodyLookedBetween() {
    assertThat(past(bloom(0, Bloom.OPEN), bloom(365, Bloom.OPEN)).flowers())
        .containsExactly(span(0, 0), span(365, 365));
  }

  @Test
  void nubsCountOnceAFlushWhicheverLeadTheyAreOn() {
    var past =
        past(
            roots(0, Lead.FIRST, RootStage.NUB),
            roots(6, Lead.FIRST, RootStage.NUB),
            roots(20, Lead.FIRST, RootStage.SHORT),
            roots(30, Lead.B, RootStage.NUB),
            roots(366, Lead.FIRST, RootStage.NUB));
    assertThat(past.nubs()).containsExactly(DAY, DAY.plusDays(30), DAY.plusDays(366));
    assertThat(past.nubs().get(2)).as("over a leap day").isEqualTo(LocalDate.of(2025, 2, 20));
    assertThat(past.looks()).hasSize(5);
  }

  @Test
  void aRestGoesOnUntilALookSeesGrowthAndAnotherYearsRestIsAnother() {
    var past =
        past(
            growth(0, GrowthStage.MATURE),
            growth(30, GrowthStage.RESTING),
            bloom(60, Bloom.NONE),
            growth(150, GrowthStage.RESTING),
            growth(190, GrowthStage.STARTING),
            growth(400, GrowthStage.RESTING),
            growth(700, GrowthStage.RESTING));
    assertThat(past.rests()).containsExactly(span(30, 150), span(400, 400), span(700, 700));
  }

  @Test
  void aCourseGoesFromItsBeginningToItsEndAndOneThatRunsToToday() {
    var soap = new Course(new UUID(1, 1), "Soap spray", Foe.PESTS, 7, 3);
    var oil = new Course(new UUID(1, 2), "Leaf oil", Foe.PESTS, 7, 3);
    var chronicle = came();
    chronicle.on(DAY, new Happening.CourseBegun(soap, DAY));
    chronicle.on(DAY.plusDays(40), new Happening.CourseEnded(soap.uid()));
    chronicle.on(DAY.plusDays(300), new Happening.Beside(oil, DAY.plusDays(300)));
    chronicle.on(DAY.plusDays(310), new Happening.CourseBegun(oil, DAY.plusDays(310)));
    assertThat(PastYears.of(chronicle.plant(), DAY.plusDays(320), Figures.standard()).treated())
        .containsExactly(span(0, 40), span(310, 320));
  }

  @Test
  void whatItCameInIsNoPottingHere() {
    var chronicle = came();
    chronicle.on(DAY.plusDays(90), potted(DAY.plusDays(90)));
    assertThat(PastYears.of(chronicle.plant(), DAY.plusDays(99), Figures.standard()).potted())
        .containsExactly(DAY.plusDays(90));
  }
}
