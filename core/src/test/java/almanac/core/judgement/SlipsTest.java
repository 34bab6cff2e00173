package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.judgement.compare.Comparison;
import almanac.core.judgement.reason.Reason;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Timing;
import almanac.core.words.Sentence;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/**
 * Every situation's slip as it would be read, in {@code slips.txt}: to be read by a grower when a
 * rule changes. Run with -Dalmanac.write=true to write it anew, and read what has changed.
 */
class SlipsTest {
  private static final Path TOLD = Path.of("src", "test", "resources", "situations.csv");
  private static final Path SLIPS = Path.of("src", "test", "resources", "slips.txt");

  @Test
  void theSlipsReadAsTheyDid() throws IOException {
    var slips =
        Files.readAllLines(TOLD).stream()
            .skip(1)
            .map(SlipsTest::slip)
            .collect(Collectors.joining("\n\n", "", "\n"));
    if (Boolean.getBoolean("almanac.write")) {
      Files.writeString(SLIPS, slips);
    }
    assertThat(SLIPS).content().isEqualTo(slips);
  }

  private static String slip(String row) {
    var told = row.split(";");
    var plant =
        Findings.plant(
            told[0],
            told[1],
            Integer.parseInt(told[2]),
            told[3],
            told[4].isEmpty() ? null : told[4],
            told[5].isEmpty() ? null : told[5]);
    var situation = plant.situation();
    var judged = new Judge(Figures.standard(), Findings.approach(told[4])).judge(situation);
    var lines = new java.util.ArrayList<String>();
    lines.add("# " + String.join("; ", List.of(told).subList(0, 6)));
    lines.add(
        "%s. %s (need %d, readiness %d to %d)"
            .formatted(
                judged.verdict().words(),
                judged.advice(),
                Math.round(judged.need()),
                Math.round(judged.readiness()),
                Math.round(judged.weighed().readinessMost())));
    lines.add("when: " + when(judged.timing()));
    judged.weighed().reasons().forEach(reason -> lines.add(reason(reason)));
    lines.addAll(all("care: ", judged.besides().care()));
    lines.addAll(all("cost: ", judged.besides().costs()));
    lines.add(
        "next: %s, %s to %s, best %s"
            .formatted(
                judged.looks().nextCheck().purpose(),
                judged.looks().nextCheck().window().early(),
                judged.looks().nextCheck().window().late(),
                judged.looks().nextCheck().window().best()));
    Comparison.all(situation, judged, Figures.standard())
        .forEach(
            each ->
                lines.add(
                    "%s: %s. %s"
                        .formatted(
                            each.judgement().approach().words(),
                            each.judgement().verdict().words(),
                            each.why())));
    return String.join("\n", lines);
  }

  private static String reason(Reason reason) {
    return "%s %s [%s %s %d]%s"
        .formatted(
            reason.side() == Reason.Side.FOR ? "+" : "-",
            reason.sentence(),
            reason.scale(),
            reason.basis().figure().map(Figure::key).orElseGet(reason.basis()::toString),
            Math.round(reason.points()),
            reason.look().map(look -> " by " + look.spot()).orElse(""));
  }

  private static String when(Timing timing) {
    if (timing instanceof Timing.Waits waits) {
      var wait = waits.awaited();
      return "once %s: %s to %s, likely %s"
          .formatted(wait.words(), wait.earliest(), wait.latest(), wait.likely());
    }
    return timing.toString();
  }

  private static List<String> all(String what, List<Sentence> sentences) {
    return sentences.stream().map(sentence -> what + sentence).toList();
  }
}
