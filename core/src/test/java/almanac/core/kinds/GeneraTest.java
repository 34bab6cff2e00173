package almanac.core.kinds;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What a genus on the label says of the kind. */
class GeneraTest {
  private static String kind(String label) {
    return Genera.of(label).map(Genera.Genus::kind).orElse("");
  }

  @Test
  void theFirstWordOfALabelProposesTheKind() {
    assertThat(kind("Oncidium Slow Barge")).isEqualTo("oncidium");
    assertThat(kind("  BRASSIA lock keeper")).isEqualTo("miltonia-brassia");
    assertThat(kind("Ludisia")).isEqualTo("sobralia");
    assertThat(kind("Slow Oncidium")).isEmpty();
    assertThat(kind("")).isEmpty();
  }

  @Test
  void whereAGenusHasPlantsOfSeveralKindsItIsSaidToBeAGuess() {
    assertThat(Genera.of("Cattleya Weir Song").orElseThrow().sure()).isFalse();
    assertThat(Genera.of("Dendrobium Halyard").orElseThrow().sure()).isFalse();
    assertThat(Genera.of("Vanda Blue Gate").orElseThrow().sure()).isTrue();
  }

  @Test
  void eachGenusIsThereOnceAndItsKindIsKnown() {
    assertThat(Genera.all()).extracting(Genera.Genus::name).doesNotHaveDuplicates();
    assertThat(Genera.all()).allMatch(genus -> StandardKinds.named(genus.kind()).isPresent());
  }

  @Test
  void aCrossOfGeneraIsKnownBehindItsSign() {
    assertThat(kind("× Brassocattleya Weir")).isEqualTo("cattleya-one-leaved");
    assertThat(kind("×Brassocattleya Weir")).isEqualTo("cattleya-one-leaved");
    assertThat(kind("x Brassocattleya Weir")).isEqualTo("cattleya-one-leaved");
    assertThat(kind("X-ray")).isEmpty();
  }
}
