package almanac.core.potting;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.history.Event;
import almanac.core.history.Happening;
import almanac.core.history.PlantHistory;
import almanac.core.history.Potting;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.inspection.Rim;
import almanac.core.kinds.Habit;
import almanac.core.kinds.Kind;
import almanac.core.kinds.StandardKinds;
import almanac.core.kinds.Trait;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RoomToRimTest {
  private static final LocalDate SEEN = LocalDate.of(2027, 5, 1);
  private static final Kind CREEPING = StandardKinds.named("cattleya-two-leaved").orElseThrow();

  private static Optional<RoomToRim> room(Kind kind, Event... after) {
    var events = new ArrayList<Event>();
    events.add(potted(SEEN.minusYears(1)));
    events.addAll(List.of(after));
    return RoomToRim.of(PlantHistory.of(events), kind, SEEN.plusDays(10));
  }

  private static Event potted(LocalDate on) {
    return new Happening.Potted(
        new Potting(PottedOn.on(on), on, Mix.of(Component.PUMICE), Moisture.DRIES_BETWEEN));
  }

  private static Event measured(double mm) {
    return new Happening.Inspected(
        Inspection.on(SEEN).with(Items.RIM, Items.RIM.found(List.of(), mm, Figures.standard())));
  }

  @ParameterizedTest(name = "{0} years of growth to the rim")
  @CsvSource({"0.5, 183", "1, 365", "2, 731"})
  void theRimIsReachedWhenItsGrowthsHaveGoneThatFar(double years, long days) {
    double mm = years * CREEPING.of(Trait.RHIZOME_STEP_MM) * CREEPING.of(Trait.GROWTHS_A_YEAR);
    assertThat(room(CREEPING, measured(mm)).orElseThrow().reached()).isEqualTo(SEEN.plusDays(days));
  }

  @ParameterizedTest
  @CsvSource({"0", "-12"})
  void aLeadAtOrPastTheRimHasReachedIt(double mm) {
    var room = room(CREEPING, measured(mm)).orElseThrow();
    assertThat(room.reached()).isEqualTo(SEEN);
    assertThat(room.mm()).isEqualTo(mm);
    assertThat(room.stepMm()).isEqualTo(CREEPING.of(Trait.RHIZOME_STEP_MM));
  }

  @Test
  void theLeadWithTheLeastRoomDecides() {
    var both =
        Inspection.on(SEEN)
            .with(Items.RIM, Lead.A, Items.RIM.found(List.of(), 40.0, Figures.standard()))
            .with(Items.RIM, Lead.B, Items.RIM.found(List.of(), 9.0, Figures.standard()));
    assertThat(room(CREEPING, new Happening.Inspected(both)).orElseThrow().mm()).isEqualTo(9);
  }

  @Test
  void withoutAMeasureNobodyKnows() {
    assertThat(room(CREEPING)).isEmpty();
    var byEye = Inspection.on(SEEN).with(Items.RIM, Items.RIM.saw(Rim.UNDER_A_SEASON));
    assertThat(room(CREEPING, new Happening.Inspected(byEye))).isEmpty();
  }

  @Test
  void aNewPotMakesTheOldMeasureVoid() {
    assertThat(room(CREEPING, measured(30), potted(SEEN.plusDays(3)))).isEmpty();
  }

  @Test
  void aKindThatGrowsUpwardNeverReachesTheRim() {
    var upward =
        StandardKinds.standard().stream()
            .filter(kind -> kind.of(Trait.HABIT) == Habit.MONOPODIAL)
            .filter(kind -> kind.of(Trait.RHIZOME_STEP_MM) == 0)
            .findFirst()
            .orElseThrow();
    assertThat(room(upward, measured(30))).isEmpty();
  }
}
