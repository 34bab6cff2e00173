package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.kinds.Kind;
import almanac.core.kinds.StandardKinds;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/**
 * Situations a grower can read and add to, in {@code situations.csv}: the kind of plant, where it
 * stands, how many months it is in its medium, what else is told of it, what is seen today (the
 * rest is not looked at), and the verdict with the reason for it.
 */
class SituationsTest {

  @ParameterizedTest(name = "{0}, {1}, {2} months in {3}, {4}, {5}: {6} because {7}")
  @CsvFileSource(resources = "/situations.csv", numLinesToSkip = 1, delimiter = ';')
  void judgedAsAGrowerWould(
      String kind,
      String where,
      int months,
      String medium,
      String told,
      String looks,
      Verdict verdict,
      String because) {
    var plant = Findings.plant(kind, where, months, medium, told, looks);
    var judged = new Judge(Figures.standard(), Findings.approach(told)).judge(plant.situation());
    assertThat(judged.verdict())
        .as("need %.0f, readiness %.0f; %s", judged.need(), judged.readiness(), because)
        .isEqualTo(verdict);
  }

  @Test
  void everyKindAndEveryVerdictStandsInTheTable() throws IOException {
    var file = SituationsTest.class.getResourceAsStream("/situations.csv");
    try (var lines = new BufferedReader(new InputStreamReader(file, StandardCharsets.UTF_8))) {
      var rows = lines.lines().skip(1).map(line -> line.split(";")).toList();
      assertThat(rows).hasSizeGreaterThanOrEqualTo(80);
      assertThat(rows.stream().map(row -> row[0]))
          .containsAll(StandardKinds.standard().stream().map(Kind::key).toList());
      assertThat(rows.stream().map(row -> row[6]))
          .containsAll(Arrays.stream(Verdict.values()).map(Verdict::name).toList());
    }
  }
}
