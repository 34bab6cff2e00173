package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.judgement.verdict.Judge;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/** No slip says two things that a grower would call a contradiction. */
class WordsTest {

  @ParameterizedTest(name = "{0}, {1}, {2} months in {3}, {4}, {5}")
  @CsvFileSource(resources = "/situations.csv", numLinesToSkip = 1, delimiter = ';')
  void noSituationIsAnsweredWithAContradiction(
      String kind, String where, int months, String medium, String told, String looks) {
    var situation = Findings.plant(kind, where, months, medium, told, looks).situation();
    for (var approach : Approach.values()) {
      var judged = new Judge(Figures.standard(), approach).judge(situation);
      assertThat(Contradictions.of(judged)).as("%s", Contradictions.sentences(judged)).isEmpty();
    }
  }

  @Test
  void noMadeUpPlantIsAnsweredWithAContradiction() {
    var tried = new Tried();
    for (var generated : Generated.plants()) {
      var situation = generated.plant().situation();
      var judged = new Judge(Figures.standard()).judge(situation);
      assertThat(Contradictions.of(judged))
          .as(
              "%s on %s: %s %s",
              generated.kind(),
              generated.today(),
              Contradictions.of(judged),
              Contradictions.sentences(judged))
          .isEmpty();
      tried.on(situation);
    }
    tried.everywhere();
  }
}
