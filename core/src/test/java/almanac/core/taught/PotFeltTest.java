package almanac.core.taught;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import almanac.core.figures.Figures;
import almanac.core.history.Chronicle;
import almanac.core.history.Happening;
import almanac.core.history.Potting;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.medium.Component;
import almanac.core.medium.MediumPiece;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.medium.Temperatures;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

/** What a piece between the fingers says of how long its component lasts. */
class PotFeltTest {
  private static final Figures FIGURES = Figures.standard();
  private static final LocalDate POTTED = LocalDate.of(2024, 1, 1);
  private static final Mix BARK = Mix.of(Component.BARK_FINE);

  /** Eighteen months, half of which are nine; a day or two of rounding. */
  private static final Offset<Double> CLOSE = within(0.02);

  private final Chronicle chronicle = new Chronicle();

  private void potted(LocalDate on, PottedOn when, Mix mix, Moisture moisture) {
    chronicle.on(on, new Happening.Potted(new Potting(when, on, mix, moisture)));
  }

  private void felt(int months, MediumPiece piece) {
    var day = POTTED.plusMonths(months);
    chronicle.on(
        day,
        new Happening.Inspected(
            Inspection.on(day).with(Items.MEDIUM_PIECE, Items.MEDIUM_PIECE.saw(piece))));
  }

  private List<PotFelt> told() {
    return PotFelt.of(chronicle.plant(), Temperatures.steady(20), FIGURES);
  }

  private LifeHere.Told only() {
    assertThat(told()).hasSize(1);
    return told().get(0).life();
  }

  @Test
  void tornAtNineMonthsItLastsAtMostHalfAsLong() {
    potted(POTTED, PottedOn.on(POTTED), BARK, Moisture.DRIES_BETWEEN);
    felt(9, MediumPiece.TEARS);
    assertThat(only().least()).isZero();
    assertThat(only().most()).isCloseTo(0.5, CLOSE);
  }

  @Test
  void keptItsShapeAtEighteenMonthsItLastsAtLeastTwiceAsLong() {
    potted(POTTED, PottedOn.on(POTTED), BARK, Moisture.DRIES_BETWEEN);
    felt(18, MediumPiece.KEEPS_SHAPE);
    assertThat(only().least()).isCloseTo(2, CLOSE);
    assertThat(only().most()).isInfinite();
  }

  @Test
  void severalPiecesOfOnePotNarrowItAndTheLastHoldsWhereTheyDisagree() {
    potted(POTTED, PottedOn.on(POTTED), BARK, Moisture.DRIES_BETWEEN);
    felt(9, MediumPiece.DENTS);
    felt(18, MediumPiece.TEARS);
    assertThat(only().least()).isCloseTo(0.5 / 0.8, CLOSE);
    assertThat(only().most()).isCloseTo(1, CLOSE);
    felt(20, MediumPiece.KEEPS_SHAPE);
    assertThat(only().least()).isCloseTo(20 / 9.0, CLOSE);
  }

  @Test
  void whereItIsKeptWetTheSameTimeUsesMore() {
    potted(POTTED, PottedOn.on(POTTED), BARK, Moisture.KEPT_MOIST);
    felt(9, MediumPiece.TEARS);
    assertThat(only().most()).isCloseTo(0.7, CLOSE);
    assertThat(told().get(0).moisture()).isEqualTo(Moisture.KEPT_MOIST);
  }

  @Test
  void itIsHeldAgainstTheAssumedLifeWhateverWasTakenOverSince() {
    potted(POTTED, PottedOn.on(POTTED), BARK, Moisture.DRIES_BETWEEN);
    felt(9, MediumPiece.TEARS);
    var own = FIGURES.with(Component.BARK_FINE.life().orElseThrow(), 9);
    assertThat(PotFelt.of(chronicle.plant(), Temperatures.steady(20), own)).isEqualTo(told());
  }

  @Test
  void ofSeveralComponentsTheOneThatGovernsIsMeant() {
    var mixed = new Mix(Map.of(Component.BARK_COARSE, 2.0, Component.BARK_FINE, 1.0));
    potted(POTTED, PottedOn.on(POTTED), mixed, Moisture.DRIES_BETWEEN);
    felt(9, MediumPiece.TEARS);
    assertThat(told()).extracting(PotFelt::component).containsExactly(Component.BARK_FINE);
    assertThat(PotFelt.governing(Mix.of(Component.PUMICE), FIGURES)).isEmpty();
    assertThat(PotFelt.governing(Mix.of(Component.UNKNOWN), FIGURES)).isEmpty();
    var little = Mix.of(Component.PUMICE).and(Component.BARK_FINE, 0.2);
    assertThat(PotFelt.governing(little, FIGURES)).isEmpty();
  }

  @Test
  void aPotOfUnknownAgeAndOneThatNobodyFeltTellNothing() {
    potted(POTTED, PottedOn.unknown(), BARK, Moisture.DRIES_BETWEEN);
    felt(9, MediumPiece.TEARS);
    assertThat(told()).isEmpty();
    potted(POTTED.plusMonths(12), PottedOn.on(POTTED.plusMonths(12)), BARK, Moisture.ALWAYS_WET);
    assertThat(told()).isEmpty();
    felt(30, MediumPiece.MUSH);
    assertThat(told()).hasSize(1);
  }

  @Test
  void eachPotOfAPlantTellsByItself() {
    potted(POTTED, PottedOn.on(POTTED), BARK, Moisture.DRIES_BETWEEN);
    felt(9, MediumPiece.TEARS);
    var again = POTTED.plusMonths(12);
    potted(again, PottedOn.on(again), BARK, Moisture.DRIES_BETWEEN);
    felt(12 + 18, MediumPiece.KEEPS_SHAPE);
    assertThat(told()).hasSize(2);
    assertThat(told().get(1).life().least()).isCloseTo(2, CLOSE);
  }
}
