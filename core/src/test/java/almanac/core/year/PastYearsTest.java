package almanac.core.year;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.inspection.Bloom;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Lead;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class PastYearsTest {
  private static final LocalDate DAY = LocalDate.of(2024, 2, 20);

  private static Inspection bloom(int day, Bloom bloom) {
    return Inspection.on(DAY.plusDays(day)).with(Item.BLOOM, Item.BLOOM.saw(bloom));
  }

  private static Inspection roots(int day, Lead lead, RootStage stage) {
    return Inspection.on(DAY.plusDays(day)).with(Item.NEW_ROOTS, lead, Item.NEW_ROOTS.saw(stage));
  }

  private static PastYears.Span span(int from, int until) {
    return new PastYears.Span(DAY.plusDays(from), DAY.plusDays(until));
  }

  @Test
  void flowersGoFromTheFirstLookInFlowerToTheLast() {
    var past =
        PastYears.of(
            List.of(
                bloom(0, Bloom.BUDS),
                bloom(9, Bloom.OPEN),
                bloom(40, Bloom.OPEN),
                bloom(60, Bloom.FADING),
                bloom(70, Bloom.NONE),
                bloom(380, Bloom.OPEN)));
    assertThat(past.flowers()).containsExactly(span(9, 60), span(380, 380));
  }

  @Test
  void flowersOfAnotherSeasonAreOthersEvenIfNobodyLookedBetween() {
    assertThat(PastYears.of(List.of(bloom(0, Bloom.OPEN), bloom(365, Bloom.OPEN))).flowers())
        .containsExactly(span(0, 0), span(365, 365));
  }

  @Test
  void nubsCountOnceAFlushWhicheverLeadTheyAreOn() {
    var past =
        PastYears.of(
            List.of(
                roots(0, Lead.FIRST, RootStage.NUB),
                roots(6, Lead.FIRST, RootStage.NUB),
                roots(20, Lead.FIRST, RootStage.SHORT),
                roots(30, Lead.B, RootStage.NUB),
                roots(366, Lead.FIRST, RootStage.NUB)));
    assertThat(past.nubs()).containsExactly(DAY, DAY.plusDays(30), DAY.plusDays(366));
    assertThat(past.nubs().get(2)).as("over a leap day").isEqualTo(LocalDate.of(2025, 2, 20));
    assertThat(past.looks()).hasSize(5);
  }
}
