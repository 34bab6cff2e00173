package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

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

/** A slip as somebody at a shelf hears it. */
public final class ReadAloud {
  private static final int LONGEST = 110;
  private static final Pattern SENTENCES = Pattern.compile("(?<=[.?!]) (?=[A-Z])");
  private static final Pattern INVERTED = Pattern.compile("^How .* nobody|one of \\d|\\d\\.\\d %");

  private ReadAloud() {}

  /** Short sentences, none twice, none inverted, and no reason for a move that counts nothing. */
  public static void check(Judge judge, Situation situation) {
    var judged = judge.judge(situation);
    var all = said(judge, situation, judged);
    assertThat(all).as("nothing is said twice").doesNotHaveDuplicates();
    for (var words : all) {
      for (var sentence : SENTENCES.split(words)) {
        assertThat(sentence.length()).as(sentence).isLessThanOrEqualTo(LONGEST);
      }
      assertThat(words).doesNotContainPattern(INVERTED);
    }
    for (var reason : judged.weighed().reasons()) {
      if (reason.side() == Side.FOR && reason.scale() == Scale.NEED) {
        assertThat(Math.round(reason.points())).as("%s", reason.sentence()).isPositive();
      }
    }
  }

  private static List<String> said(Judge judge, Situation situation, Judgement judged) {
    return Stream.of(
            Stream.of(judged.advice(), judged.method().words()),
            judged.found().first().stream(),
            judged.weighed().reasons().stream().map(reason -> reason.sentence()),
            judged.besides().care().stream(),
            judged.besides().costs().stream(),
            judged.besides().remarks().stream(),
            new DecidingLooks(judge).of(situation, judged).stream().map(look -> look.words()))
        .flatMap(each -> each)
        .map(Sentence::toString)
        .toList();
  }
}
