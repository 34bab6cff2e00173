package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.inspection.Item;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.words.Answer;
import java.util.Arrays;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/**
 * Situations a grower can read and add to, in {@code situations.csv}: the kind of plant, where it
 * stands, how many months it is in its medium, what is seen today (the rest is not looked at), and
 * the verdict with the reason for it.
 */
class SituationsTest {
  private static final Map<String, Component> MEDIA =
      Map.of(
          "medium bark", Component.BARK_MEDIUM,
          "pumice", Component.PUMICE,
          "sphagnum", Component.SPHAGNUM_BEST);

  @ParameterizedTest(name = "{0}, {1}, {2} months in {3}, {4}: {5} because {6}")
  @CsvFileSource(resources = "/situations.csv", numLinesToSkip = 1, delimiter = ';')
  void judgedAsAGrowerWould(
      String profile,
      String where,
      int months,
      String medium,
      String looks,
      Verdict verdict,
      String because) {
    var plant = where.contains("December") ? Plant.of(profile, Plant.DECEMBER) : Plant.of(profile);
    if (where.contains("lit")) {
      plant.underLights();
    }
    plant.potted(months, Mix.of(MEDIA.get(medium)));
    if (looks != null) {
      Arrays.stream(looks.split(" \\| ")).forEach(look -> see(plant, look.split("=")));
    }
    var judged = plant.judged();
    assertThat(judged.verdict())
        .as("need %.0f, readiness %.0f; %s", judged.need(), judged.readiness(), because)
        .isEqualTo(verdict);
  }

  private static void see(Plant plant, String[] look) {
    see(plant, Item.named(look[0]).orElseThrow(), look[1]);
  }

  /** A number is what was measured, anything else an answer in its words. */
  private static <A extends Enum<A> & Answer> void see(Plant plant, Item<A> item, String words) {
    if (words.matches("-?\\d+")) {
      plant.measured(item, Double.parseDouble(words));
      return;
    }
    plant.saw(
        item,
        item.answers().stream()
            .filter(answer -> answer.words().equals(words))
            .findFirst()
            .orElseThrow(() -> new IllegalArgumentException(item + ": " + words)));
  }
}
