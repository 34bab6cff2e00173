package almanac.core.kinds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.refusals.Refused;
import almanac.core.words.Answer;
import java.util.Arrays;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** A kind of plant, its traits and how they are written. */
class KindTest {
  private static final Kind KIND = StandardKinds.named("oncidium").orElseThrow();

  @Test
  void aKindHasAKeyAndANameOfSomeLength() {
    assertThat(new Kind("own", "x".repeat(200), KIND.traits()).name()).hasSize(200);
    for (var bad : new String[] {"", " ", "x".repeat(201)}) {
      assertThatThrownBy(() -> new Kind("own", bad, KIND.traits())).isInstanceOf(Refused.class);
    }
    assertThatThrownBy(() -> new Kind(" ", "Own", KIND.traits())).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> new Kind("own", "Own", Traits.NONE)).isInstanceOf(Refused.class);
  }

  @Test
  void nightsAreColderThanDays() {
    double day = KIND.of(Trait.DAY_MOST);
    assertThatThrownBy(() -> new Kind("own", "Own", KIND.traits().with(Trait.NIGHT_LEAST, day)))
        .isInstanceOf(Refused.class);
    assertThat(
            new Kind("own", "Own", KIND.traits().with(Trait.NIGHT_LEAST, day - 0.5))
                .of(Trait.NIGHT_LEAST))
        .isEqualTo(day - 0.5);
  }

  @Test
  void eachTraitIsReadWithinItsBounds() {
    int numbers = 0;
    int counts = 0;
    int texts = 0;
    for (var trait : Trait.all()) {
      assertThat(trait.title()).isNotBlank();
      assertThat(trait.toString()).isEqualTo(trait.key());
      var range = trait.range();
      if (range instanceof Range.Number number) {
        numbers++;
        bounds(range, number.least(), number.most());
      } else if (range instanceof Range.Count count) {
        counts++;
        bounds(range, count.least(), count.most());
        assertThat(range.read(count.least() + ".5")).isEmpty();
      } else if (range instanceof Range.Text text) {
        texts++;
        assertThat(range.read("x".repeat(text.longest()))).isPresent();
        assertThat(range.read("x".repeat(text.longest() + 1))).isEmpty();
      } else if (range instanceof Range.OneOf<?> one) {
        assertThat(one.read("nothing of the kind")).isEmpty();
      }
    }
    assertThat(numbers).as("numbers").isPositive();
    assertThat(counts).as("counts").isPositive();
    assertThat(texts).as("texts").isPositive();
  }

  private static void bounds(Range<?> range, double least, double most) {
    assertThat(range.read(plain(least))).isPresent();
    assertThat(range.read(plain(most))).isPresent();
    assertThat(range.read(plain(least - 1))).isEmpty();
    assertThat(range.read(plain(most + 1))).isEmpty();
  }

  private static String plain(double value) {
    return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
  }

  @Test
  void aPlantDiffersOnlyInWhatIsAPlants() {
    for (var trait : Trait.all()) {
      var written = KIND.traits().get(trait).map(Object::toString);
      if (written.isEmpty() || trait.range() instanceof Range.OneOf<?>) {
        continue;
      }
      var own = Traits.read(Map.of(trait.key(), written.orElseThrow()));
      assertThat(own).isNotEqualTo(Traits.NONE).isEqualTo(own);
      if (trait.ofAPlant()) {
        assertThat(KIND.with(own).traits()).isEqualTo(KIND.traits());
      } else {
        assertThatThrownBy(() -> KIND.with(own)).as(trait.key()).isInstanceOf(Refused.class);
      }
    }
  }

  @Test
  void everyAnswerOfATraitIsSaidInWords() {
    Stream.of(Branching.values(), Ground.values(), Habit.values(), RootThickness.values())
        .flatMap(Arrays::stream)
        .map(Answer.class::cast)
        .forEach(answer -> assertThat(answer.words()).as("%s", answer).isNotBlank());
    for (var rule : ReadyRule.values()) {
      assertThat(rule.reason()).as("%s", rule).isNotBlank();
    }
    assertThat(Genera.all()).isNotEmpty().doesNotHaveDuplicates();
  }
}
