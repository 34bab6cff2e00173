package almanac.core.rhizome;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.kinds.Kind;
import almanac.core.kinds.StandardKinds;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** How fast a lead goes on: this plant's own years before its kind's. */
class LeadPaceTest {
  private static final Kind ONCIDIUM = StandardKinds.named("oncidium").orElseThrow();
  private static final LocalDate SPRING = LocalDate.of(2022, 4, 1);

  /** A growth that starts every so many months, and is mature before the next. */
  private static List<Inspection> growths(int many, int months, Lead... leads) {
    var life = new ArrayList<Inspection>();
    for (int i = 0; i < many; i++) {
      var day = SPRING.plusMonths((long) i * months);
      life.add(seen(day, GrowthStage.STARTING, leads));
      life.add(seen(day.plusMonths(months - 1), GrowthStage.MATURE, leads));
    }
    return life;
  }

  private static Inspection seen(LocalDate day, GrowthStage stage, Lead... leads) {
    var seen = Inspection.on(day);
    for (var lead : leads) {
      seen = seen.with(Items.GROWTH, lead, Items.GROWTH.saw(stage));
    }
    return seen;
  }

  private static LeadPace pace(List<Inspection> life) {
    return LeadPace.seen(ONCIDIUM, life, Figures.standard());
  }

  @Test
  void whatItsKindMakesIsSharedAmongItsLeads() {
    assertThat(pace(List.of()).of(1)).isEqualTo(1.5);
    assertThat(pace(List.of()).of(6)).isEqualTo(0.25);
    assertThat(pace(List.of()).of(0)).as("none is seen: as one").isEqualTo(1.5);
  }

  @Test
  void itsOwnYearsCountBeforeItsKind() {
    var slow = pace(growths(4, 12, Lead.A));
    assertThat(slow.of(1)).as("one a year").isCloseTo(1, within(0.01));
    assertThat(slow.of(6)).as("each of its leads did so").isCloseTo(1, within(0.01));
    var fast = pace(growths(6, 6, Lead.A));
    assertThat(fast.of(1)).as("two a year").isCloseTo(2, within(0.02));
  }

  @Test
  void oneYearIsTooShortButTwoLeadsMakeTwoOfIt() {
    assertThat(pace(growths(2, 12, Lead.A)).own()).isEmpty();
    assertThat(pace(growths(3, 12, Lead.A)).own()).as("two years, to the day").isPresent();
    assertThat(pace(growths(2, 13, Lead.A, Lead.B)).own()).isPresent();
  }
}
