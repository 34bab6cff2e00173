package almanac.core.judgement;

import static almanac.core.judgement.PlantAtHand.MAY;
import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Timing;
import almanac.core.kinds.ReadyRule;
import almanac.core.kinds.Trait;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.year.Phase;
import almanac.core.year.PlantYear;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What lies before a plant in the coming year. */
class PlantYearTest {
  private static final Figures FIGURES = Figures.standard();

  private static PlantYear of(PlantAtHand plant) {
    var situation = plant.situation();
    return PlantYear.of(
        new Evidence(situation, FIGURES, Approach.HOUSE_RULES),
        new Judge(FIGURES, Approach.HOUSE_RULES).judge(situation));
  }

  private static List<Phase> of(PlantYear year, Phase.Kind... kinds) {
    return year.phases().stream().filter(phase -> List.of(kinds).contains(phase.kind())).toList();
  }

  @Test
  void nubsAreOpenThenTheRootsAreUnsafeThenLongEnough() {
    var year = of(PlantAtHand.of("oncidium").potted(26).rootsOf(6));
    var roots = of(year, Phase.Kind.OPEN, Phase.Kind.UNSAFE);
    assertThat(roots)
        .extracting(Phase::kind)
        .containsExactly(Phase.Kind.OPEN, Phase.Kind.UNSAFE, Phase.Kind.OPEN);
    assertThat(roots.get(0).from()).isEqualTo(MAY);
    assertThat(roots.get(1).from()).isEqualTo(roots.get(0).until().plusDays(1));
    assertThat(roots.get(2).from()).isEqualTo(roots.get(1).until().plusDays(1));
    assertThat(year.opens(MAY)).contains(MAY);
  }

  @Test
  void longerRootsHaveNoNubsLeft() {
    var roots =
        of(
            of(PlantAtHand.of("oncidium").potted(26).rootsOf(40)),
            Phase.Kind.OPEN,
            Phase.Kind.UNSAFE);
    assertThat(roots.get(0).kind()).isEqualTo(Phase.Kind.UNSAFE);
    assertThat(roots.get(0).from()).isEqualTo(MAY);
  }

  @Test
  void theSeasonIsShutInTheDarkOfEitherHalfOfTheWorld() {
    var north = of(of(PlantAtHand.of("phalaenopsis").potted(20)), Phase.Kind.SHUT).get(0);
    var south = of(of(PlantAtHand.of("phalaenopsis").potted(20).inTheSouth()), Phase.Kind.SHUT);
    assertThat(north.from().getMonthValue()).isBetween(8, 11);
    assertThat(north.until().getMonthValue()).isBetween(1, 4);
    assertThat(south).isNotEmpty();
    assertThat(south.get(0).from().getMonthValue()).isBetween(3, 7);
    assertThat(of(of(PlantAtHand.of("phalaenopsis").potted(20).underLights()), Phase.Kind.SHUT))
        .isEmpty();
  }

  @Test
  void mediumThatDoesNotDecayIsNeverDue() {
    assertThat(of(PlantAtHand.of("phalaenopsis").potted(20, Mix.of(Component.LAVA))).due())
        .isEmpty();
    var bark = of(PlantAtHand.of("phalaenopsis").potted(6));
    assertThat(bark.due().orElseThrow()).isAfter(MAY);
    assertThat(bark.spent().orElseThrow()).isAfter(bark.due().orElseThrow());
  }

  @Test
  void noDayOfAnyYearIsBothOpenAndUnsafeAndTheDaysOfTheVerdictAreItsOwn() {
    var kinds = List.of("oncidium", "cattleya-one-leaved", "phalaenopsis", "paphiopedilum");
    var random = new Random(17);
    int both = 0;
    int waits = 0;
    int shut = 0;
    for (int i = 0; i < 400; i++) {
      var day = LocalDate.of(2027 + random.nextInt(2), 1, 1).plusDays(random.nextInt(366));
      var plant =
          PlantAtHand.of(kinds.get(random.nextInt(kinds.size())), day)
              .potted(random.nextInt(40))
              .rootsOf(2 + random.nextInt(120));
      var year = of(random.nextInt(4) == 0 ? plant.inTheSouth() : plant);
      var open = of(year, Phase.Kind.OPEN);
      var unsafe = of(year, Phase.Kind.UNSAFE);
      for (var one : open) {
        assertThat(unsafe)
            .noneMatch(
                other ->
                    !other.until().isBefore(one.from()) && !one.until().isBefore(other.from()));
      }
      for (var dark : of(year, Phase.Kind.SHUT)) {
        boolean dry =
            open.stream()
                .noneMatch(
                    one ->
                        !dark.until().isBefore(one.from()) && !one.until().isBefore(dark.from()));
        shut += dry ? 1 : 0;
        assertThat(dry || growsOnInTheDark(plant)).isTrue();
      }
      both += open.isEmpty() || unsafe.isEmpty() ? 0 : 1;
      var timing = new Judge(FIGURES, Approach.HOUSE_RULES).judge(plant.situation()).timing();
      assertThat(year.meant().isEmpty()).isEqualTo(timing instanceof Timing.Open);
      waits += year.meant().filter(PlantYear.Meant::waits).isPresent() ? 1 : 0;
      var days = new ArrayList<LocalDate>();
      of(year, Phase.Kind.SHUT).forEach(phase -> days.addAll(List.of(phase.from(), phase.until())));
      assertThat(days).isSorted().doesNotHaveDuplicates();
    }
    assertThat(both).isGreaterThan(50);
    assertThat(waits).isGreaterThan(30);
    assertThat(shut).isGreaterThan(150);
  }

  /** Kinds whose tips grow on where it is warm. */
  private static boolean growsOnInTheDark(PlantAtHand plant) {
    return plant.situation().kind().of(Trait.READY_RULE) == ReadyRule.TIPS_GROWING;
  }
}
