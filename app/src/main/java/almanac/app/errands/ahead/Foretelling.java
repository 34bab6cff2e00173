package almanac.app.errands.ahead;

import almanac.app.errands.bench.Jobs;
import almanac.app.errands.benchdays.Paces;
import almanac.app.judged.judging.Judging;
import almanac.app.judged.judging.WorkedOut;
import almanac.app.record.collection.PlantInPlace;
import almanac.core.ahead.MoveAhead;
import almanac.core.ahead.MoveForetold;
import almanac.core.bench.OwnPace;
import java.time.LocalDate;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The next move of each plant; worked out anew once the plant, or what it rests on, is another. */
@Component
class Foretelling {
  private record Basis(Judging.Basis judging, OwnPace pace) {}

  private final Judging judging;
  private final Jobs jobs;
  private final Paces paces;
  private final WorkedOut<Optional<MoveAhead>> moves = new WorkedOut<>();

  Foretelling(Judging judging, Jobs jobs, Paces paces) {
    this.judging = judging;
    this.jobs = jobs;
    this.paces = paces;
  }

  /** The move of a plant by its id; nothing where none is to be expected. */
  Optional<MoveAhead> of(PlantInPlace plant, LocalDate today) {
    var basis = new Basis(judging.basis(today), paces.now());
    return moves.of(plant, basis, () -> anew(plant, today));
  }

  private Optional<MoveAhead> anew(PlantInPlace plant, LocalDate today) {
    var judged = judging.judge(plant, today);
    var foretold =
        new MoveForetold(
            String.valueOf(plant.id()),
            judging.situation(plant, today),
            judging.judge(plant),
            judged,
            judging.figures());
    if (!foretold.any()) {
      return Optional.empty();
    }
    var job = jobs.atHand(plant, today);
    return foretold.move(
        judging.since(plant, today, judged), job.work(), job.needs().wanted(today), paces.now());
  }
}
