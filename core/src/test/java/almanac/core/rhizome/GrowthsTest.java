package almanac.core.rhizome;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class GrowthsTest {
  private static final LocalDate SPRING = LocalDate.of(2025, 4, 1);

  private static Inspection on(int months) {
    return Inspection.on(SPRING.plusMonths(months));
  }

  private static Inspection stage(int months, Lead lead, GrowthStage stage) {
    return on(months).with(Items.GROWTH, lead, Items.GROWTH.saw(stage));
  }

  private static Inspection size(Inspection inspection, double mm) {
    return inspection.with(
        Items.NEWEST_SIZE, Items.NEWEST_SIZE.found(List.of(), mm, Figures.standard()));
  }

  @Test
  void aLeadOfThisYearIsABulbOfTheNext() {
    var growths =
        Growths.of(
            List.of(
                stage(0, Lead.A, GrowthStage.STARTING)
                    .with(Items.NEW_ROOTS, Items.NEW_ROOTS.saw(RootStage.NUB)),
                size(stage(3, Lead.A, GrowthStage.HALF_GROWN), 60),
                size(stage(7, Lead.A, GrowthStage.MATURE), 96)
                    .with(Items.BLOOM, Items.BLOOM.saw(Bloom.OPEN)),
                stage(12, Lead.A, GrowthStage.EYE_SWELLING),
                size(stage(15, Lead.A, GrowthStage.HALF_GROWN), 70)));
    assertThat(growths).extracting(Growth::name).containsExactly("A 2025", "A 2026");
    var bulb = growths.get(0);
    assertThat(bulb.leads()).isFalse();
    assertThat(bulb.until()).contains(SPRING.plusMonths(12));
    assertThat(bulb.size()).contains(96.0);
    assertThat(bulb.roots()).hasSize(1);
    assertThat(bulb.flowers()).extracting(Growth.Seen::what).containsExactly(Bloom.OPEN);
    assertThat(growths.get(1).size()).contains(70.0);
    assertThat(growths.get(1).leads()).isTrue();
  }

  @Test
  void aGrowthThatOnlyGoesOnIsTheSame() {
    var growths =
        Growths.of(
            List.of(
                stage(0, Lead.A, GrowthStage.EYE_SWELLING),
                stage(1, Lead.A, GrowthStage.STARTING),
                stage(4, Lead.A, GrowthStage.MATURE),
                stage(8, Lead.A, GrowthStage.RESTING)));
    assertThat(growths).hasSize(1);
  }

  @Test
  void everyLeadHasItsOwnLine() {
    var growths =
        Growths.of(
            List.of(
                stage(0, Lead.A, GrowthStage.MATURE)
                    .with(Items.GROWTH, Lead.B, Items.GROWTH.saw(GrowthStage.MATURE)),
                stage(2, Lead.B, GrowthStage.STARTING)));
    assertThat(growths).extracting(Growth::name).containsExactly("A 2025", "B 2025", "B 2025");
    assertThat(growths).extracting(Growth::leads).containsExactly(true, false, true);
  }

  @Test
  void theSizeOfTheFormerIsItsOwnWhenTheNextIsSeen() {
    var next =
        stage(12, Lead.A, GrowthStage.STARTING)
            .with(Items.FORMER_SIZE, Items.FORMER_SIZE.found(List.of(), 88.0, Figures.standard()));
    var growths = Growths.of(List.of(stage(0, Lead.A, GrowthStage.MATURE), next));
    assertThat(growths.get(0).size()).contains(88.0);
    assertThat(growths.get(1).size()).isEmpty();
  }
}
