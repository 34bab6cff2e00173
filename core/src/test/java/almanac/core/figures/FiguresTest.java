package almanac.core.figures;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.refusals.Refused;
import almanac.core.rulebook.Rulebook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every figure has one home, a reason and a range; the collector's own stand in its place. */
class FiguresTest {
  private final FigureGroup group = new FigureGroup("soil", "Soil");
  private final Figure depth = group.figure("depth", 40, Unit.MM, 10, 90, "Deep enough to stand");

  @Test
  void theCollectorsOwnStandsInPlaceOfTheDefault() {
    var own = Figures.standard().with(depth, 25);
    assertThat(own.of(depth)).isEqualTo(25);
    assertThat(own.with(depth, 26).of(depth)).isEqualTo(26);
    assertThat(own.of(depth)).as("figures never change").isEqualTo(25);
    assertThat(Figures.standard().of(depth)).isEqualTo(40);
  }

  @Test
  void theEndsOfTheRangeBelongToIt() {
    assertThat(Figures.standard().with(depth, 10).of(depth)).isEqualTo(10);
    assertThat(Figures.standard().with(depth, 90).of(depth)).isEqualTo(90);
  }

  @Test
  void aPartOfTheRulesIsTheSameWhereEachOfItsFiguresIs() {
    var other = new FigureGroup("pot", "Pot").figure("rim", 5, Unit.MM, 1, 9, "Below the rim");
    var own = Figures.standard().with(depth, 25);
    assertThat(own.sameIn(group, Figures.standard())).isFalse();
    assertThat(own.sameIn(group, own.with(other, 7))).isTrue();
    assertThat(Figures.standard().sameIn(group, Figures.standard().with(depth, 40))).isTrue();
  }

  @ParameterizedTest
  @ValueSource(doubles = {9.99, 90.01, -40, Double.NaN, Double.POSITIVE_INFINITY})
  void whatLiesOutsideIsRefusedByItsKey(double value) {
    assertThatThrownBy(() -> Figures.standard().with(depth, value))
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(refused.field().key()).isEqualTo("soil.depth"))
        .hasMessageContaining("from 10.0 to 90.0 mm");
  }

  @Test
  void wholeThingsAreCountedRounded() {
    assertThat(Figures.standard().with(depth, 20.4).count(depth)).isEqualTo(20);
    assertThat(Figures.standard().with(depth, 20.5).count(depth)).isEqualTo(21);
  }

  @Test
  void aFigureWithoutAReasonOrWithATakenNameIsNone() {
    assertThatThrownBy(() -> group.figure("depth", 1, Unit.MM, 0, 2, "Again"))
        .hasMessageContaining("soil.depth");
    assertThatThrownBy(() -> group.figure("width", 1, Unit.MM, 0, 2, " "))
        .hasMessageContaining("reason");
    assertThatThrownBy(() -> group.figure("height", 3, Unit.MM, 0, 2, "Too high"))
        .hasMessageContaining("outside");
    assertThat(group.figures()).as("nothing of them is kept").containsExactly(depth);
  }

  @Test
  void everyFigureOfTheRulesIsFoundByItsKey() {
    var all = Rulebook.groups().stream().flatMap(each -> each.figures().stream()).toList();
    assertThat(all).extracting(Figure::key).doesNotHaveDuplicates();
    for (var figure : all) {
      assertThat(Rulebook.named(figure.key())).contains(figure);
      assertThat(figure.key()).matches("[a-z]+(\\.[a-z0-9]+(-[a-z0-9]+)*)+");
    }
    assertThat(Rulebook.named("need.mood")).isEmpty();
  }

  @Test
  void pointsAndDaysHaveTheirUsualBounds() {
    var points = group.points("worth", 40, "Some");
    assertThat(points.unit()).isEqualTo(Unit.POINTS);
    assertThat(points.least()).isZero();
    assertThat(points.most()).isEqualTo(100);
    var days = group.days("rest", 40, "A while");
    assertThat(days.unit()).isEqualTo(Unit.DAYS);
    assertThat(days.least()).isEqualTo(1);
    assertThat(days.most()).isEqualTo(730);
    assertThat(group.figure("end", 2, Unit.MM, 2, 2, "It is what it is").standard()).isEqualTo(2);
  }

  @Test
  void whatBelongsTogetherIsInOrder() {
    assertThat(group.orders()).isEmpty();
    var less = group.points("less", 10, "Less");
    var more = group.points("more", 20, "More");
    group.inOrder(less, more);
    assertThat(group.orders()).containsExactly(java.util.List.of(less, more));
    assertThat(group.key()).isEqualTo("soil");
    assertThat(group.title()).isEqualTo("Soil");
  }
}
