package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.judged.judging.Judging;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.start.RunningApplication;
import almanac.core.judgement.Contradictions;
import almanac.core.judgement.ReadAloud;
import almanac.core.judgement.verdict.Verdict;
import java.time.LocalDate;
import java.util.EnumSet;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** The demo opened in four seasons: no slip contradicts itself, and none moves what can wait. */
class DemoSeasonsTest {
  private static final int WEEKS_LATER = 5;

  @ParameterizedTest
  @ValueSource(strings = {"2026-11-26", "2027-01-15", "2027-05-15", "2027-08-27"})
  void everySlipReadsAsAGrowerWouldWriteIt(LocalDate today) throws Exception {
    try (var demo = RunningApplication.demoOn(today)) {
      demo.start();
      var judging = demo.bean(Judging.class);
      var verdicts = EnumSet.noneOf(Verdict.class);
      for (var plant : demo.bean(Plants.class).all()) {
        var judged = judging.judge(plant, today);
        verdicts.add(judged.verdict());
        ReadAloud.check(judging.judge(plant), judging.situation(plant, today));
        assertThat(Contradictions.of(judged))
            .as("%s on %s: %s", plant.name(), today, Contradictions.sentences(judged))
            .isEmpty();
        assertThat(whatIf(demo, plant, today))
            .as("what if nothing were otherwise: %s", plant.name())
            .isEqualTo(demo.get("/api/plants/" + plant.id()).body().path("slip"));
        var later = today.plusWeeks(WEEKS_LATER);
        assertThat(whatIf(demo, plant, later).path("verdict").asString())
            .as("%s on %s", plant.name(), later)
            .isEqualTo(judging.judge(plant, later).verdict().name());
      }
      assertThat(verdicts).hasSizeGreaterThan(5).contains(Verdict.LEAVE, Verdict.RESCUE);
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 3, 4, 6, 7, 9, 10, 12})
  void betweenTheSeasonsItsSlipsCanBeReadAloudToo(int month) throws Exception {
    var today = LocalDate.of(2027, month, 1);
    try (var demo = RunningApplication.demoOn(today)) {
      demo.start();
      var judging = demo.bean(Judging.class);
      var all = demo.bean(Plants.class).all();
      assertThat(all).hasSizeGreaterThan(60);
      for (var plant : all) {
        ReadAloud.check(judging.judge(plant), judging.situation(plant, today));
      }
    }
  }

  private static JsonNode whatIf(RunningApplication demo, PlantInPlace plant, LocalDate on)
      throws Exception {
    return demo.post(
            "/api/plants/%d/what-if".formatted(plant.id()),
            "{\"on\":\"%s\",\"looks\":{},\"figures\":{}}".formatted(on))
        .body()
        .path("slip");
  }
}
