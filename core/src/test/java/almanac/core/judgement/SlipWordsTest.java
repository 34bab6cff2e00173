package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.judgement.compare.DecidingLooks;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.reason.Reason.Side;
import almanac.core.judgement.reason.Scale;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.words.Sentence;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/** Every slip can be read aloud to somebody who stands at a shelf. */
class SlipWordsTest {
  private static final int LONGEST = 110;
  private static final Pattern SENTENCES = Pattern.compile("(?<=[.?!]) (?=[A-Z])");
  private static final Pattern INVERTED = Pattern.compile("^How .* nobody|one of \\d|\\d\\.\\d %");
  private static final Judge JUDGE = new Judge(Figures.standard());

  @Test
  void noMadeUpPlantIsSpokenOfAtLengthOrTwice() {
    var tried = new Tried();
    for (int more : List.of(0, 7)) {
      for (var generated : Generated.plants()) {
        var situation = generated.plant(more).situation();
        check(situation);
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
    check(Findings.plant(kind, where, months, medium, told, looks).situation());
  }

  private static void check(Situation situation) {
    var judged = JUDGE.judge(situation);
    var all = said(situation, judged);
    assertThat(all).as("nothing is said twice").doesNotHaveDuplicates();
    for (var words : all) {
      for (var sentence : SENTENCES.split(words)) {
        assertThat(sentence).hasSizeLessThanOrEqualTo(LONGEST);
      }
      assertThat(words).doesNotContainPattern(INVERTED);
    }
    for (var reason : judged.weighed().reasons()) {
      if (reason.side() == Side.FOR && reason.scale() == Scale.NEED) {
        assertThat(Math.round(reason.points())).as("%s", reason.sentence()).isPositive();
      }
    }
  }

  private static List<String> said(Situation situation, Judgement judged) {
    return Stream.of(
            Stream.of(judged.advice(), judged.method().words()),
            judged.found().first().stream(),
            judged.weighed().reasons().stream().map(reason -> reason.sentence()),
            judged.besides().care().stream(),
            judged.besides().costs().stream(),
            judged.besides().remarks().stream(),
            new DecidingLooks(JUDGE).of(situation, judged).stream().map(look -> look.words()))
        .flatMap(each -> each)
        .map(Sentence::toString)
        .toList();
  }
}
