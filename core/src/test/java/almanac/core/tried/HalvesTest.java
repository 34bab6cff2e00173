package almanac.core.tried;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.history.Chronicle;
import almanac.core.history.Happening;
import almanac.core.history.Plant;
import almanac.core.history.Potting;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.pot.Pot;
import almanac.core.pot.PotType;
import almanac.core.trials.Against;
import almanac.core.trials.Tried;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Which of the plants that were moved together are tried, and which they are held against. */
class HalvesTest {
  private static final LocalDate DAY = LocalDate.of(2027, 5, 8);

  private static Plant plant(int id, Component medium, PotType pot, LocalDate day) {
    return plant(id, null, medium, pot, day);
  }

  private static Plant plant(int id, Long mother, Component medium, PotType pot, LocalDate day) {
    var chronicle = new Chronicle();
    chronicle.on(
        day,
        new Happening.Potted(
            new Potting(PottedOn.on(day), day, Mix.of(medium), Moisture.DRIES_BETWEEN),
            new Pot(pot, null, null, ""),
            false));
    if (mother != null) {
      chronicle.on(day, new Happening.PartedFrom(mother));
    }
    return Plant.of(id, new UUID(1, id), chronicle.journal());
  }

  private static Plant in(int id, Component medium) {
    return plant(id, medium, PotType.CLEAR, DAY);
  }

  @Test
  void theFewerInTheirMediumAreHeldAgainstTheRest() {
    var bark = in(1, Component.BARK_MEDIUM);
    var pumice = in(2, Component.PUMICE);
    var more = in(3, Component.BARK_MEDIUM);
    var halves = Halves.of(List.of(bark, pumice, more)).orElseThrow();
    assertThat(halves.tried()).isEqualTo(Tried.MEDIUM);
    assertThat(halves.name()).isEqualTo("pumice");
    assertThat(halves.against()).isEqualTo(Against.OTHERS);
    assertThat(halves.plants()).containsExactly(pumice);
    assertThat(halves.others()).containsExactly(bark, more);
    assertThat(halves.since()).hasValue(DAY);
  }

  @Test
  void ofAsManyTheSecondIsTried() {
    var halves = Halves.of(List.of(in(1, Component.PUMICE), in(2, Component.BARK_MEDIUM)));
    assertThat(halves).map(Halves::name).hasValue("medium bark");
  }

  @Test
  void piecesOfOnePlantAreHalvesInTheOrderOfThoseTried() {
    var one = in(1, Component.BARK_MEDIUM);
    var two = in(2, Component.BARK_MEDIUM);
    var ofTwo = plant(3, 2L, Component.PUMICE, PotType.CLEAR, DAY);
    var ofOne = plant(4, 1L, Component.PUMICE, PotType.CLEAR, DAY);
    var halves = Halves.of(List.of(one, two, ofTwo, ofOne)).orElseThrow();
    assertThat(halves.against()).isEqualTo(Against.OTHER_HALF);
    assertThat(halves.plants()).containsExactly(ofTwo, ofOne);
    assertThat(halves.others()).containsExactly(two, one);
    var sisters =
        Halves.of(List.of(plant(5, 9L, Component.BARK_MEDIUM, PotType.CLEAR, DAY), of(6, 9L)));
    assertThat(sisters).map(Halves::against).hasValue(Against.OTHER_HALF);
    var strangers = Halves.of(List.of(one, two, ofTwo, of(7, 9L))).orElseThrow();
    assertThat(strangers.against()).isEqualTo(Against.OTHERS);
    assertThat(strangers.others()).containsExactly(one, two);
  }

  private static Plant of(int id, long mother) {
    return plant(id, mother, Component.PUMICE, PotType.CLEAR, DAY);
  }

  @Test
  void whereTheMediumIsOneThePotsMakeThem() {
    var clear = in(1, Component.PUMICE);
    var basket = plant(2, Component.PUMICE, PotType.BASKET, DAY.minusDays(1));
    var halves = Halves.of(List.of(clear, basket)).orElseThrow();
    assertThat(halves.tried()).isEqualTo(Tried.POT);
    assertThat(halves.name()).isEqualTo(PotType.BASKET.words());
    assertThat(halves.since()).as("moved on two days").isEmpty();
  }

  @Test
  void oneSideOrThreeAreNoHalves() {
    assertThat(Halves.of(List.of(in(1, Component.PUMICE), in(2, Component.PUMICE)))).isEmpty();
    assertThat(
            Halves.of(
                List.of(
                    in(1, Component.PUMICE),
                    in(2, Component.BARK_FINE),
                    in(3, Component.BARK_MEDIUM))))
        .isEmpty();
    assertThat(Halves.of(List.of())).isEmpty();
  }
}
