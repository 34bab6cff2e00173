package almanac.core.inspection;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.words.Answer;
import java.util.HashSet;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

class FieldGuideTest {
  @TestFactory
  Stream<DynamicTest> everyLookSaysHowAndBySignOfEachAnswer() {
    return Items.inLookingOrder().stream()
        .map(item -> DynamicTest.dynamicTest(item.key(), () -> isWhole(item)));
  }

  private static void isWhole(Item<?> item) {
    assertThat(FieldGuide.how(item)).endsWith(".").hasSizeBetween(20, 140);
    var signs =
        item.answers().stream()
            .map(answer -> FieldGuide.sign(item, (Answer) answer))
            .collect(Collectors.toList());
    assertThat(signs)
        .doesNotHaveDuplicates()
        .allMatch(sign -> !sign.isBlank() && !sign.endsWith("."));
    assertThat(signs).allMatch(sign -> sign.length() <= 60);
  }

  @Test
  void nothingStandsInItThatNobodyLooksAt() {
    var known = new HashSet<String>();
    for (var item : Items.inLookingOrder()) {
      known.add(item.key());
      known.add(item.key() + ".caution");
      item.answers().forEach(answer -> known.add(item.key() + "." + ((Answer) answer).name()));
    }
    assertThat(new TreeSet<>(FieldGuide.keys())).isSubsetOf(known);
  }
}
