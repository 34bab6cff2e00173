package almanac.core.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.figures.Figures;
import almanac.core.inspection.Bubbles;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.medium.Component;
import almanac.core.medium.MediumPiece;
import almanac.core.medium.Mix;
import almanac.core.refusals.Refused;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Answers that cannot be are refused, with the look named. */
class AnswerableTest {
  private static final Inspection LOOK = Inspection.on(LocalDate.of(2027, 5, 15));
  private static final Inspection PIECE =
      LOOK.with(Items.MEDIUM_PIECE, Items.MEDIUM_PIECE.saw(MediumPiece.TEARS));

  @Test
  void nobodyTearsPumice() {
    Answerable.check(PIECE, Mix.of(Component.BARK_MEDIUM));
    Answerable.check(PIECE, Mix.of(Component.PUMICE).and(Component.BARK_MEDIUM, 1));
    assertThatThrownBy(() -> Answerable.check(PIECE, Mix.of(Component.PUMICE)))
        .isInstanceOf(Refused.class)
        .hasMessage("Medium piece: pumice does not decay; there is no piece to press.");
  }

  @Test
  void nobodyFloodsAMount() {
    var bubbles = LOOK.with(Items.BUBBLES, Items.BUBBLES.saw(Bubbles.FEW));
    assertThatThrownBy(() -> Answerable.check(bubbles, Mix.of(Component.MOUNT)))
        .hasMessageContaining("on a mount");
    assertThat(Answerable.refusal(Items.NEW_ROOTS, Mix.of(Component.MOUNT))).isEmpty();
  }

  @Test
  void noMoreTipsAreBrokenThanThereAre() {
    var figures = Figures.standard();
    var counted = LOOK.with(Items.TIPS_IN_ALL, Items.TIPS_IN_ALL.found(List.of(), 6.0, figures));
    var five = counted.with(Items.TIPS_BROKEN, Items.TIPS_BROKEN.found(List.of(), 6.0, figures));
    Answerable.check(five, Mix.of(Component.PUMICE));
    var seven = counted.with(Items.TIPS_BROKEN, Items.TIPS_BROKEN.found(List.of(), 7.0, figures));
    assertThatThrownBy(() -> Answerable.check(seven, Mix.of(Component.PUMICE)))
        .hasMessage("New tips broken: more than the 6 there are.");
  }
}
