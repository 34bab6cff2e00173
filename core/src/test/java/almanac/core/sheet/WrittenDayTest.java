package almanac.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class WrittenDayTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 26);

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          2024-05-16            | 2024-05-16
          2024/5/6              | 2024-05-06
          2024-05-16 00:00:00   | 2024-05-16
          2024-05-16T09:30      | 2024-05-16
          16.05.2024            | 2024-05-16
          16/5/24               | 2024-05-16
          5/16/2024             | 2024-05-16
          16 May 2024           | 2024-05-16
          16-May-24             | 2024-05-16
          16th of May 2024      | 2024-05-16
          May 16, 2024          | 2024-05-16
          Sept 3rd 2023         | 2023-09-03
          May 2024              | 2024-05
          may '24               | 2024-05
          05/2024               | 2024-05
          2024-05               | 2024-05
          2024                  | 2024
          3/5/98                | 1998-05-03
          03-04-2024            | 2024-04-03
          """)
  void theUsualFormsAreReadAsTheyAreMeant(String written, String meant) {
    var read = WrittenDay.read(written, TODAY);

    assertThat(read.as(true).orElseThrow().text()).isEqualTo(meant);
    assertThat(read.rough()).isFalse();
  }

  @ParameterizedTest
  @CsvSource({
    "ca. 2021, 2021",
    "18 months ago, 2025-05",
    "2 years ago, 2024",
    "a year ago, 2025",
    "3 weeks ago, 2026-11-05",
    "2021?, 2021",
    "spring 2023, 2023",
    "45428, 2024-05-16"
  })
  void whatIsTakenForADayIsSaid(String written, String meant) {
    var read = WrittenDay.read(written, TODAY);

    assertThat(read.as(true).orElseThrow().text()).isEqualTo(meant);
    assertThat(read.rough()).isTrue();
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "-", "?", "unknown", "n/a", "Not known", "??"})
  void nobodyKnowsIsAnAnswer(String written) {
    assertThat(WrittenDay.read(written, TODAY).as(true).orElseThrow().text()).isEqualTo("unknown");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "31.02.2024",
        "13/13/2024",
        "last week",
        "Mayonnaise 2024",
        "2024-00-10",
        "99999999"
      })
  void whatIsNoDayIsNotRead(String written) {
    assertThat(WrittenDay.read(written, TODAY).readable()).isFalse();
  }

  @Test
  void aDayThatCanBeMeantInTwoWaysIsAmbiguous() {
    var read = WrittenDay.read("3/4/2024", TODAY);

    assertThat(read.ambiguous()).isTrue();
    assertThat(read.as(true).orElseThrow().text()).isEqualTo("2024-04-03");
    assertThat(read.as(false).orElseThrow().text()).isEqualTo("2024-03-04");
    assertThat(WrittenDay.read("4/4/2024", TODAY).ambiguous()).isFalse();
  }

  @Test
  void whatWouldLieInTheFutureWasMeantInTheOtherOrder() {
    var read = WrittenDay.read("3/12/2026", TODAY);

    assertThat(read.oneOrder()).isTrue();
    assertThat(read.as(true).orElseThrow().text()).isEqualTo("2026-03-12");
  }
}
