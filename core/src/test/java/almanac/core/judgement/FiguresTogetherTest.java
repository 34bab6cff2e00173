package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.checks.Aftercare;
import almanac.core.checks.CheckAnswer;
import almanac.core.checks.Move;
import almanac.core.checks.Purpose;
import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.holding.Holding;
import almanac.core.holding.KeptApart;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.verdict.Judge;
import almanac.core.refusals.Refused;
import almanac.core.rulebook.Rulebook;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Whatever figures a collector may set, every plant can be judged and every check booked. */
@Tag("long")
class FiguresTogetherTest {
  private static final LocalDate DAY = LocalDate.of(2027, 5, 15);

  private static List<Situation> situations() throws IOException {
    var file = FiguresTogetherTest.class.getResourceAsStream("/situations.csv");
    try (var lines = new BufferedReader(new InputStreamReader(file, StandardCharsets.UTF_8))) {
      return lines
          .lines()
          .skip(1)
          .map(
              line ->
                  Arrays.stream(line.split(";"))
                      .map(FiguresTogetherTest::entry)
                      .toArray(String[]::new))
          .map(
              row ->
                  Findings.plant(row[0], row[1], Integer.parseInt(row[2]), row[3], row[4], row[5])
                      .situation())
          .toList();
    }
  }

  private static String entry(String written) {
    return written.isBlank() ? null : written.strip();
  }

  private static List<Figure> figures() {
    return Rulebook.groups().stream().flatMap(group -> group.figures().stream()).toList();
  }

  private static void everything(Figures figures, List<Situation> situations) {
    for (boolean inFlower : new boolean[] {true, false}) {
      assertThat(Aftercare.of(Move.repotted(DAY, inFlower), figures)).hasSize(5);
      for (var answer : CheckAnswer.values()) {
        Aftercare.next(
            Purpose.STANDS,
            answer,
            inFlower ? Move.repotted(DAY, true).thenNursed() : Move.repotted(DAY, false),
            DAY.plusDays(9),
            figures);
      }
    }
    assertThat(Holding.of(List.of(), DAY, figures).check()).isNotNull();
    assertThat(KeptApart.of(List.of(), DAY, DAY.plusDays(4), figures).check()).isNotNull();
    var judge = new Judge(figures, Approach.HOUSE_RULES);
    for (var situation : situations) {
      assertThat(judge.judge(situation).looks().nextCheck()).isNotNull();
    }
  }

  @Test
  void atTheEndsOfEveryFigureThatIsAllowed() throws IOException {
    var situations = situations();
    var refused = new ArrayList<String>();
    int allowed = 0;
    for (var figure : figures()) {
      for (double value : new double[] {figure.least(), figure.most()}) {
        var tried = Figures.standard().with(figure, value);
        try {
          Rulebook.check(tried, Set.of(figure.key()));
        } catch (Refused refusal) {
          assertThat(refusal.field().key()).as("the one that is changed").isEqualTo(figure.key());
          refused.add(figure.key());
          continue;
        }
        allowed++;
        everything(tried, situations);
      }
    }
    assertThat(allowed).isGreaterThan(350);
    assertThat(refused)
        .contains("check.stands-early", "check.year-late", "roots.nub-most", "medium.due");
  }
}
