package almanac.core.kinds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.medium.Moisture;
import almanac.core.refusals.Refused;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The kinds of plants, and how one plant may differ from its kind. */
class StandardKindsTest {
  private static final Kind ONCIDIUM = StandardKinds.named("oncidium").orElseThrow();

  @ParameterizedTest(name = "{0} takes a move {1}")
  @CsvSource({
    "phalaenopsis, TIPS_GROWING",
    "vanda, TIPS_GROWING",
    "cattleya-one-leaved, ANY_TIME",
    "cattleya-two-leaved, LONG_FIRST",
    "encyclia, NUB_ONLY",
    "oncidium, NUB_OR_LONG",
    "miltoniopsis, NUB_OR_LONG",
    "paphiopedilum, NUB_ONLY",
    "phragmipedium, ANY_TIME",
    "coelogyne, INTACT_ONLY",
    "catasetum, START_OF_GROWTH",
    "other-sympodial, NUB_ONLY",
    "other-monopodial, TIPS_GROWING"
  })
  void eachKindFollowsItsOwnRule(String kind, ReadyRule rule) {
    assertThat(StandardKinds.named(kind).orElseThrow().readyRule()).isEqualTo(rule);
  }

  @Test
  void keysAndNamesAreUnique() {
    assertThat(StandardKinds.standard()).extracting(Kind::key).doesNotHaveDuplicates();
    assertThat(StandardKinds.standard()).extracting(Kind::name).doesNotHaveDuplicates();
    assertThat(StandardKinds.named("nothing-like-it")).isEmpty();
  }

  @Test
  void whatCreepsHasAStepAndWhatGrowsUpwardHasNone() {
    for (var kind : StandardKinds.standard()) {
      boolean creeps = kind.habit() == Habit.SYMPODIAL;
      assertThat(kind.rhizomeStepMm() > 0).as(kind.key()).isEqualTo(creeps);
      assertThat(kind.growthsAYear() > 0).as(kind.key()).isEqualTo(creeps);
      assertThat(kind.leastGrowths().isPresent()).as(kind.key()).isEqualTo(creeps);
    }
  }

  @Test
  void slippersRootSlowlyOutOfSight() {
    for (var slipper : new String[] {"paphiopedilum", "phragmipedium"}) {
      var kind = StandardKinds.named(slipper).orElseThrow();
      assertThat(kind.rootsHidden()).isTrue();
      assertThat(kind.rootSpeed()).isEqualTo(KindFigures.SLOW_ROOT_SPEED.standard());
    }
    assertThat(ONCIDIUM.rootSpeed()).isEqualTo(KindFigures.ROOT_SPEED.standard());
  }

  @Test
  void aSecondWindowOpensOnlyWhereBrokenRootsBranch() {
    assertThat(ONCIDIUM.hasSecondWindow()).isTrue();
    assertThat(StandardKinds.named("encyclia").orElseThrow().hasSecondWindow()).isFalse();
    assertThat(StandardKinds.named("cattleya-two-leaved").orElseThrow().hasSecondWindow()).isTrue();
  }

  @Test
  void aPlantMayDifferInOneThingAndIsOtherwiseAsItsKind() {
    var slow =
        new Deviation(null, null, null, null, null, null, null, null, 9.0, null).of(ONCIDIUM);
    assertThat(slow.rootSpeed()).isEqualTo(9);
    assertThat(slow).usingRecursiveComparison().ignoringFields("rootSpeed").isEqualTo(ONCIDIUM);
    assertThat(Deviation.NONE.of(ONCIDIUM)).isSameAs(ONCIDIUM);
  }

  @Test
  void aPlantMayDifferInEverything() {
    var other =
        new Deviation(
                ReadyRule.INTACT_ONLY,
                Branching.NO,
                Moisture.ALWAYS_WET,
                5,
                40.0,
                0.5,
                8.0,
                26.0,
                3.0,
                true)
            .of(ONCIDIUM);
    assertThat(other.readyRule()).isEqualTo(ReadyRule.INTACT_ONLY);
    assertThat(other.branching()).isEqualTo(Branching.NO);
    assertThat(other.moisture()).isEqualTo(Moisture.ALWAYS_WET);
    assertThat(other.leastGrowths()).isEqualTo(OptionalInt.of(5));
    assertThat(other.rhizomeStepMm()).isEqualTo(40);
    assertThat(other.growthsAYear()).isEqualTo(0.5);
    assertThat(other.warmth()).isEqualTo(new Warmth(8, 26));
    assertThat(other.rootSpeed()).isEqualTo(3);
    assertThat(other.rootsHidden()).isTrue();
    assertThat(other.name()).isEqualTo(ONCIDIUM.name());
  }

  @ParameterizedTest(name = "{0} of {1} is refused")
  @CsvSource({
    "leastGrowths, 0",
    "leastGrowths, 21",
    "rhizomeStepMm, -1",
    "rhizomeStepMm, 301",
    "growthsAYear, 12.5",
    "rootSpeed, 0.4",
    "rootSpeed, 61",
    "rootSpeed, NaN",
    "growthsAYear, NaN"
  })
  void aNumberThatMakesNoSenseNamesItsField(String field, double value) {
    var deviation =
        new Deviation(
            null,
            null,
            null,
            field.equals("leastGrowths") ? (int) value : null,
            field.equals("rhizomeStepMm") ? value : null,
            field.equals("growthsAYear") ? value : null,
            null,
            null,
            field.equals("rootSpeed") ? value : null,
            null);
    assertThatThrownBy(() -> deviation.of(ONCIDIUM))
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(refused.field()).isEqualTo(field));
  }

  @Test
  void nightsAreNotWarmerThanDays() {
    var upsideDown = new Deviation(null, null, null, null, null, null, 30.0, 20.0, null, null);
    assertThatThrownBy(() -> upsideDown.of(ONCIDIUM)).isInstanceOf(Refused.class);
  }
}
