package almanac.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;

/** What answers have in common, and when two inspections are the same. */
class AnswersTest {
  private static final LocalDate DAY = LocalDate.of(2027, 5, 15);

  private static <A extends Enum<A>> void only(Class<A> answers, Predicate<A> holds, List<A> of) {
    assertThat(Arrays.stream(answers.getEnumConstants()).filter(holds).toList()).isEqualTo(of);
  }

  @Test
  void eachAnswerSaysOfWhatSortItIs() {
    only(Bloom.class, Bloom::inFlower, List.of(Bloom.SPIKE, Bloom.BUDS, Bloom.OPEN));
    only(
        GrowthStage.class,
        GrowthStage::beginning,
        List.of(GrowthStage.EYE_SWELLING, GrowthStage.STARTING));
    only(
        GrowthStage.class,
        GrowthStage::growing,
        List.of(
            GrowthStage.EYE_SWELLING,
            GrowthStage.STARTING,
            GrowthStage.HALF_GROWN,
            GrowthStage.NEARLY_MATURE));
    only(Rim.class, Rim::jammed, List.of(Rim.JAMMED, Rim.DEFORMING));
    only(
        Pests.class,
        Pests::aboveThePot,
        List.of(Pests.MEALYBUG, Pests.SCALE, Pests.MITES, Pests.THRIPS, Pests.SNAIL));
    only(Pests.class, pest -> !pest.harmful(), List.of(Pests.NONE, Pests.SPRINGTAIL, Pests.SPIDER));
  }

  @Test
  void oneLookSeesASortOfAnswers() {
    var seen = Inspection.on(DAY).with(Items.RIM, Items.RIM.saw(Rim.DEFORMING));
    assertThat(seen.look(Items.RIM).saw(Rim::jammed)).isTrue();
    assertThat(seen.look(Items.RIM).saw((Rim rim) -> rim == Rim.OVER)).isFalse();
    assertThat(seen.look(Items.PESTS).saw(Pests::harmful)).as("nobody looked").isFalse();
  }

  @Test
  void twoInspectionsAreTheSameByTheirDayAndWhatWasFound() {
    var one = Inspection.on(DAY).with(Items.RIM, Items.RIM.saw(Rim.OVER));
    var same = Inspection.on(DAY).with(Items.RIM, Items.RIM.saw(Rim.OVER));
    assertThat(one)
        .isEqualTo(same)
        .hasSameHashCodeAs(same)
        .isNotEqualTo(Inspection.on(DAY.plusDays(1)).with(Items.RIM, Items.RIM.saw(Rim.OVER)))
        .isNotEqualTo(Inspection.on(DAY).with(Items.RIM, Items.RIM.saw(Rim.ROOM)))
        .isNotEqualTo(Inspection.on(DAY));
    assertThat(one.hashCode())
        .isNotEqualTo(Inspection.on(DAY.plusDays(1)).hashCode())
        .isNotEqualTo(Inspection.on(DAY).hashCode());
    assertThat(one.toString()).contains("2027-05-15", "rim");
    assertThat(Items.RIM).hasToString("rim");
    assertThat(Items.LEAVES.how()).isEqualTo("Bend one gently");
    assertThat(Items.LEAVES.section()).isEqualTo(Section.ABOVE);
  }
}
