package almanac.core.rhizome;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import almanac.core.inspection.Lead;
import almanac.core.kinds.Kind;
import almanac.core.kinds.StandardKinds;
import almanac.core.kinds.Trait;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A map to begin with, from what was seen and from what was drawn last. */
class SketchTest {
  private static final Kind KIND = StandardKinds.named("oncidium").orElseThrow();

  private static Growth growth(Lead lead, int year, boolean leads) {
    return new Growth(
        lead,
        LocalDate.of(year, 5, 1),
        leads ? Optional.empty() : Optional.of(LocalDate.of(year + 1, 5, 1)),
        List.of(),
        List.of(),
        List.of(),
        List.of());
  }

  private static List<String> names(RhizomeMap map) {
    return map.growths().stream().map(MapGrowth::name).toList();
  }

  @Test
  void growthsOfTheCardStandInARowAndOnlyTheNewestLeads() {
    var map =
        Sketch.of(
            List.of(
                growth(Lead.A, 2024, false),
                growth(Lead.A, 2025, false),
                growth(Lead.A, 2026, true),
                growth(Lead.B, 2026, true)),
            KIND,
            Optional.empty());
    assertThat(names(map)).containsExactly("A 2024", "A 2025", "A 2026", "B 2026");
    assertThat(map.joints())
        .extracting(Joint::name)
        .containsExactly("A 2024–A 2025", "A 2025–A 2026", "A 2024–B 2026");
    assertThat(map.growths().stream().filter(each -> each.front() == Front.LEAD)).hasSize(2);
    double step = KIND.of(Trait.RHIZOME_STEP_MM);
    var one = map.growths().get(0).at();
    assertThat(map.growths().get(1).at().less(one).mm()).isCloseTo(step, within(1e-9));
  }

  @Test
  void whatHasGrownSinceStandsInFrontOfWhatWasDrawn() {
    var last =
        Sketch.of(
            List.of(growth(Lead.A, 2024, false), growth(Lead.A, 2025, true)),
            KIND,
            Optional.empty());
    var now =
        Sketch.of(
            List.of(
                growth(Lead.A, 2024, false),
                growth(Lead.A, 2025, false),
                growth(Lead.A, 2026, true)),
            KIND,
            Optional.of(last));
    assertThat(names(now)).containsExactly("A 2024", "A 2025", "A 2026");
    assertThat(now.growths().get(1).front()).isEqualTo(Front.SPENT);
    var behind = now.growths().get(1).at();
    assertThat(now.growths().get(2).at().less(behind).degrees()).isCloseTo(0, within(1e-9));
    assertThat(Sketch.of(List.of(), KIND, Optional.of(last))).isEqualTo(last);
  }

  @Test
  void aPlantNobodyHasLookedAtIsDrawnWithThreeGrowths() {
    var map = Sketch.of(List.of(), KIND, Optional.empty());
    assertThat(names(map)).containsExactly("1", "2", "3");
    assertThat(map.heading(map.growths().get(2))).contains(0.0);
  }

  @Test
  void aPieceKeepsItsJoints() {
    var map = Sketch.of(List.of(), KIND, Optional.empty());
    var front = map.only(map.growths().subList(1, 3));
    assertThat(front.joints()).extracting(Joint::name).containsExactly("2–3");
    assertThat(front.outline(KIND, LeadPace.of(KIND), Figures.standard()).creeps()).isTrue();
  }
}
