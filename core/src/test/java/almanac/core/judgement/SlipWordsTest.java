package almanac.core.judgement;

import almanac.core.figures.Figures;
import almanac.core.judgement.verdict.Judge;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/** Every slip can be read aloud to somebody who stands at a shelf. */
class SlipWordsTest {
  private static final Judge JUDGE = new Judge(Figures.standard());

  @Test
  void noMadeUpPlantIsSpokenOfAtLengthOrTwice() {
    var tried = new Tried();
    for (int more : List.of(0, 7)) {
      for (var generated : Generated.plants()) {
        var situation = generated.plant(more).situation();
        ReadAloud.check(JUDGE, situation);
        tried.on(situation);
      }
    }
    tried.everywhere();
    tried.atLeast(2_000);
  }

  @ParameterizedTest(name = "{0}, {1}, {2} months in {3}, {4}, {5}")
  @CsvFileSource(resources = "/situations.csv", numLinesToSkip = 1, delimiter = ';')
  void noSituationIsSpokenOfAtLengthOrTwice(
      String kind, String where, int months, String medium, String told, String looks) {
    ReadAloud.check(JUDGE, Findings.plant(kind, where, months, medium, told, looks).situation());
  }
}
