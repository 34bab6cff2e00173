package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.inspection.Bloom;
import almanac.core.inspection.Item;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Stability;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Piece;
import almanac.core.roots.RootStage;
import almanac.core.words.Answer;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/**
 * Situations a grower can read and add to, in {@code situations.csv}: the kind of plant, where it
 * stands, months in medium bark, what is seen today, and the verdict.
 */
class SituationsTest {
  private static final List<Item<?>> ITEMS = Item.inLookingOrder();

  @ParameterizedTest(name = "{0}, {1}, {2} months, {3} {4} {5} {6} {7}: {8} because {9}")
  @CsvFileSource(resources = "/situations.csv", numLinesToSkip = 1, delimiter = ';')
  void judgedAsAGrowerWould(
      String profile,
      String where,
      int months,
      String roots,
      String bloom,
      String stands,
      String piece,
      String inPot,
      Verdict verdict,
      String because) {
    var plant = where.contains("December") ? Plant.of(profile, Plant.DECEMBER) : Plant.of(profile);
    if (where.contains("lit")) {
      plant.underLights();
    }
    if (where.contains("pumice")) {
      plant.potted(months, Mix.of(Component.PUMICE));
    } else {
      plant.potted(months);
    }
    if (roots.matches("\\d+")) {
      plant.rootsOf(Double.parseDouble(roots));
    } else {
      see(plant, Item.NEW_ROOTS, RootStage.values(), roots);
    }
    see(plant, Item.BLOOM, Bloom.values(), bloom);
    see(plant, Item.STABILITY, Stability.values(), stands);
    see(plant, Item.MEDIUM_PIECE, Piece.values(), piece);
    see(plant, Item.ROOTS_IN_POT, RootsInPot.values(), inPot);

    var judged = plant.judged();
    assertThat(judged.verdict())
        .as("need %.0f, readiness %.0f; %s", judged.need(), judged.readiness(), because)
        .isEqualTo(verdict);
  }

  /** A dash is not looked at. */
  private static <A extends Enum<A> & Answer> void see(
      Plant plant, Item<A> item, A[] answers, String words) {
    if (!words.equals("-")) {
      assertThat(ITEMS).contains(item);
      plant.saw(
          item,
          Arrays.stream(answers)
              .filter(answer -> answer.words().equals(words))
              .findFirst()
              .orElseThrow(() -> new IllegalArgumentException(item + ": " + words)));
    }
  }
}
