package almanac.core.words;

import static almanac.core.words.Sentence.say;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.words.Sentence.Day;
import almanac.core.words.Sentence.Quantity;
import almanac.core.words.Sentence.Words;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SentenceTest {
  private static final LocalDate DAY = LocalDate.of(2027, 5, 16);

  @Test
  void measuresAndDaysStayMeasuresAndDays() {
    var said = say("Newest roots {} on {}, {}.", Measure.MM.of(34), DAY, "short");
    assertThat(said.parts())
        .containsExactly(
            new Words("Newest roots "),
            new Quantity(34, Measure.MM),
            new Words(" on "),
            new Day(DAY),
            new Words(", short."));
    assertThat(said).hasToString("Newest roots 34 mm on 2027-05-16, short.");
  }

  @Test
  void wordsAloneAreASentence() {
    assertThat(say("Leave it.").parts()).containsExactly(new Words("Leave it."));
  }

  @Test
  void placesNextToEachOtherHaveNoWordsBetween() {
    assertThat(say("{}{}", "a", DAY)).hasToString("a2027-05-16");
  }

  @Test
  void twoSentencesBecomeOne() {
    assertThat(say("By {}", DAY).and(say(": {}.", Measure.MM.of(2))))
        .hasToString("By 2027-05-16: 2 mm.");
  }

  @ParameterizedTest
  @CsvSource({"'{} and {}', 1", "'{}', 2", "'none', 1", "'{}', 0"})
  void placesAndValuesMustAgree(String template, int values) {
    Object[] given = java.util.Collections.nCopies(values, "x").toArray();
    assertThatThrownBy(() -> say(template, given))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining(template);
  }

  @Test
  void wordsSideBySideAreOnePart() {
    var sentence = say("Newest roots: {}", "nubs").and(say(", ")).and(say("{}", Measure.MM.of(6)));
    assertThat(sentence.parts())
        .containsExactly(new Words("Newest roots: nubs, "), Measure.MM.of(6));
  }

  @Test
  void anEmptySentenceSaysNothing() {
    assertThatThrownBy(() -> new Sentence(List.of())).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> say("")).isInstanceOf(IllegalArgumentException.class);
  }

  @ParameterizedTest(name = "{1} of {0} is {2}")
  @CsvSource({
    "MM, 34, 34 mm",
    "MM, 1, 1 mm",
    "MM, 0.5, 0.5 mm",
    "MM, -8, \u22128 mm",
    "MM_A_WEEK, 17, 17 mm a week",
    "ML, 1940, 1940 ml",
    "MONTHS, 1, 1 month",
    "MONTHS, 25, 25 months",
    "WEEKS, 1.5, 1.5 weeks",
    "DAYS, 1, 1 day",
    "POINTS, 1, 1 point",
    "PERCENT, 116, 116 %",
    "HOURS, 14, 14 h",
    "COUNT, 3, 3",
    "PH, 6.2, pH 6.2",
    "PH, 7, pH 7"
  })
  void aNumberIsSaidWithWhatItCounts(Measure measure, double value, String said) {
    assertThat(measure.of(value)).hasToString(said);
  }
}
