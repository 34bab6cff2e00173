package almanac.core.benchdays;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.checks.Window;
import almanac.core.figures.Figures;
import almanac.core.judgement.Generated;
import almanac.core.judgement.PlantAtHand;
import almanac.core.judgement.compare.Since;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Timing;
import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("long")
class JobAheadTest {
  private static final Figures FIGURES = Figures.standard();
  private static final Judge JUDGE = new Judge(FIGURES);
  private static final int DAYS = 10;
  private static final int A_FEW = 3;

  private static Window window(Situation situation) {
    var judged = JUDGE.judge(situation);
    var since = Since.of(JUDGE, situation, judged);
    return JobAhead.window(judged, since, situation.today(), FIGURES).orElseThrow();
  }

  /** Passing time moves neither its best day nor its last; once the best is over it is today. */
  @Test
  void theBestDayDoesNotSlideWithTheMorning() {
    int held = 0;
    int over = 0;
    for (var generated : Generated.plants()) {
      var now = generated.plant().situation();
      var judged = JUDGE.judge(now);
      if (!judged.verdict().atTheBench() || !(judged.timing() instanceof Timing.Between)) {
        continue;
      }
      var first = window(now);
      for (int days = 1; days <= DAYS; days += A_FEW) {
        var day = now.today().plusDays(days);
        var later = PlantAtHand.on(now, day);
        if (JUDGE.judge(later).verdict() != judged.verdict()) {
          break;
        }
        if (!JUDGE.judge(later).timing().equals(new Timing.Between(day, first.late()))) {
          continue;
        }
        var then = window(later);
        boolean past = first.best().isBefore(day);
        assertThat(then.best()).isEqualTo(past ? day : first.best());
        assertThat(then.late()).isEqualTo(first.late());
        held++;
        over += past ? 1 : 0;
      }
    }
    assertThat(held).as("later days").isGreaterThan(80);
    assertThat(over).as("after the best day").isGreaterThan(8);
  }

  @Test
  void whatIsLateIsDoneAsSoonAsMayBe() {
    int late = 0;
    for (var generated : Generated.plants()) {
      var now = generated.plant().situation();
      var judged = JUDGE.judge(now);
      var by = judged.timing().lastDay();
      if (by.isEmpty() || !by.get().isBefore(now.today())) {
        continue;
      }
      assertThat(window(now).early()).isEqualTo(now.today());
      assertThat(window(now).best()).isEqualTo(now.today());
      var asked =
          JobAhead.asked(judged, Since.of(JUDGE, now, judged), Optional.empty(), now.today());
      assertThat(asked.orElseThrow().by()).isEqualTo(by);
      assertThat(asked.get().words(now.today()).orElseThrow().toString()).contains("late");
      late++;
    }
    assertThat(late).isGreaterThan(20);
  }
}
