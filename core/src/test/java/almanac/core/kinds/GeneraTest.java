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

  @Test
  void generaAreKnownAsTheyAreShortenedOnLabels() {
    assertThat(kind("Phal Sunday Bell")).isEqualTo("phalaenopsis");
    assertThat(kind("Paph. Towpath")).isEqualTo("paphiopedilum");
    assertThat(kind("C. Weir Song")).isEqualTo("cattleya-one-leaved");
    assertThat(kind("C Weir Song")).as("one letter may be anything").isEmpty();
    assertThat(Genera.of("C. Weir Song (bifoliate)").orElseThrow())
        .isEqualTo(new Genera.Genus("Cattleya (two-leaved)", "cattleya-two-leaved", true));
    assertThat(Genera.of("Cattleya (two-leaved)").orElseThrow().kind())
        .isEqualTo("cattleya-two-leaved");
    assertThat(Genera.of("Vanda bifoliate").orElseThrow().kind()).isEqualTo("vanda");
  }
}
