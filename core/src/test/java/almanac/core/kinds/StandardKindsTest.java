package almanac.core.kinds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.refusals.Refused;
import java.util.HashMap;
import java.util.Map;
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
    assertThat(StandardKinds.named(kind).orElseThrow().of(Trait.READY_RULE)).isEqualTo(rule);
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
      boolean creeps = kind.of(Trait.HABIT) == Habit.SYMPODIAL;
      assertThat(kind.of(Trait.RHIZOME_STEP_MM) > 0).as(kind.key()).isEqualTo(creeps);
      assertThat(kind.of(Trait.GROWTHS_A_YEAR) > 0).as(kind.key()).isEqualTo(creeps);
      assertThat(kind.traits().get(Trait.LEAST_GROWTHS).isPresent())
          .as(kind.key())
          .isEqualTo(creeps);
    }
  }

  @Test
  void slippersRootSlowlyOutOfSight() {
    for (var slipper : new String[] {"paphiopedilum", "phragmipedium"}) {
      var kind = StandardKinds.named(slipper).orElseThrow();
      assertThat(kind.of(Trait.ROOTS_HIDDEN)).isTrue();
      assertThat(kind.of(Trait.ROOT_SPEED)).isEqualTo(KindFigures.SLOW_ROOT_SPEED.standard());
    }
    assertThat(ONCIDIUM.of(Trait.ROOT_SPEED)).isEqualTo(KindFigures.ROOT_SPEED.standard());
  }

  @Test
  void aSecondWindowOpensOnlyWhereBrokenRootsBranch() {
    assertThat(ONCIDIUM.hasSecondWindow()).isTrue();
    assertThat(StandardKinds.named("encyclia").orElseThrow().hasSecondWindow()).isFalse();
    assertThat(StandardKinds.named("cattleya-two-leaved").orElseThrow().hasSecondWindow()).isTrue();
  }

  @Test
  void aPlantMayDifferInOneThingAndIsOtherwiseAsItsKind() {
    var slow = ONCIDIUM.with(Traits.NONE.with(Trait.ROOT_SPEED, 9.0));
    assertThat(slow.of(Trait.ROOT_SPEED)).isEqualTo(9);
    assertThat(slow).isNotEqualTo(ONCIDIUM);
    for (var trait : Trait.all()) {
      if (trait != Trait.ROOT_SPEED) {
        assertThat(slow.traits().get(trait))
            .as("%s", trait)
            .isEqualTo(ONCIDIUM.traits().get(trait));
      }
    }
    assertThat(ONCIDIUM.with(Traits.NONE)).isSameAs(ONCIDIUM);
  }

  @Test
  void whatIsOfTheWholeKindIsNoMatterOfOnePlant() {
    for (var trait : Trait.all()) {
      var own = Traits.read(Map.of(trait.key(), ONCIDIUM.traits().written().get(trait.key())));
      if (trait.ofAPlant()) {
        assertThat(ONCIDIUM.with(own)).isEqualTo(ONCIDIUM);
      } else {
        assertThatThrownBy(() -> ONCIDIUM.with(own))
            .isInstanceOfSatisfying(
                Refused.class, refused -> assertThat(refused.field().key()).isEqualTo(trait.key()));
      }
    }
  }

  @Test
  void whatIsWrittenDownOfEveryKindIsReadBack() {
    for (var kind : StandardKinds.standard()) {
      assertThat(Traits.read(kind.traits().written())).isEqualTo(kind.traits());
    }
  }

  @Test
  void aKindWithoutOneOfItsTraitsIsRefused() {
    for (var trait : Trait.all()) {
      var told = new HashMap<>(ONCIDIUM.traits().written());
      told.remove(trait.key());
      var traits = Traits.read(told);
      if (trait.ofEveryKind()) {
        assertThatThrownBy(() -> new Kind("new", "New", traits))
            .isInstanceOfSatisfying(
                Refused.class, refused -> assertThat(refused.field().key()).isEqualTo(trait.key()));
      } else {
        assertThat(new Kind("new", "New", traits).traits()).isEqualTo(traits);
      }
    }
  }

  @ParameterizedTest(name = "{0} of {1} is refused")
  @CsvSource({
    "leastGrowths, 0",
    "leastGrowths, 21",
    "leastGrowths, 2.5",
    "rhizomeStepMm, -1",
    "rhizomeStepMm, 301",
    "growthsAYear, 12.5",
    "rootSpeed, 0.4",
    "rootSpeed, 61",
    "rootSpeed, NaN",
    "growthsAYear, NaN",
    "growthsAYear, many",
    "nightLeast, -11",
    "dayMost, 51",
    "readyRule, SOMETIMES",
    "rootsHidden, perhaps",
    "noSuchTrait, 1"
  })
  void whatCannotBeSoNamesItsTrait(String trait, String told) {
    assertThatThrownBy(() -> Traits.read(Map.of(trait, told)))
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(refused.field().key()).isEqualTo(trait));
  }

  @Test
  void nightsAreNotWarmerThanDays() {
    var upsideDown = Traits.NONE.with(Trait.NIGHT_LEAST, 30.0).with(Trait.DAY_MOST, 20.0);
    assertThatThrownBy(() -> ONCIDIUM.with(upsideDown))
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(refused.field().key()).isEqualTo("dayMost"));
  }
}
