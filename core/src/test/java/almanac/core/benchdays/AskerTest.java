package almanac.core.benchdays;

import static almanac.core.benchdays.Seasons.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.figures.Figures;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.Test;

class AskerTest {
  /** A search of hours. */
  private static final int TIMES = 2_000;

  private static Board season() {
    var season = Seasons.of(new Random(3), 60, 10);
    var seats = season.jobs().stream().map(job -> new JobSeat(job, null, false)).toList();
    return new Board(season.days(), seats, Weights.of(Figures.standard(), Set.of()));
  }

  @Test
  void nothingIsSearchedForWhoHasLeft() {
    var asker = new Asker();
    asker.leaves();
    assertThatThrownBy(() -> Solving.solve(season(), TIMES, asker))
        .isInstanceOf(CancellationException.class);
    assertThatThrownBy(
            () ->
                BenchPlans.plan(
                    Seasons.of(new Random(3), 60, 10).jobs(),
                    List.of(new BenchDay(TODAY, 90)),
                    TODAY,
                    Figures.standard(),
                    asker))
        .isInstanceOf(CancellationException.class);
  }

  @Test
  void aSearchEndsOnceItsAskerLeaves() {
    var asker = new Asker();
    var solver = Solving.solver(TIMES, 120_000, 1);
    var search = CompletableFuture.supplyAsync(() -> asker.search(solver, season()));
    while (!solver.isSolving()) {
      assertThat(search).isNotDone();
    }
    while (!search.isDone()) {
      asker.leaves();
      Thread.onSpinWait();
    }
    assertThat(search).isCompletedExceptionally();
    assertThatThrownBy(search::join).hasRootCauseInstanceOf(CancellationException.class);
  }
}
