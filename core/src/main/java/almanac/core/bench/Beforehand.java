package almanac.core.bench;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figures;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.util.Optional;

/** What is done, or left undone, on the days before a job. Rules: At the bench. */
public final class Beforehand {
  private static final int AN_HOUR = 60;

  private Beforehand() {}

  /**
   * @param on the day of the job
   * @return nothing where it is taken as it stands
   */
  public static Optional<Sentence> of(Work work, LocalDate on, Figures figures) {
    for (var step : JobSteps.of(work, figures)) {
      if (step.task() == Task.DRY) {
        return Optional.of(
            say(
                "Do not water it from {}: bark falls away from dry roots.",
                on.minusDays(figures.count(JobFigures.DRY_DAYS))));
      }
      if (step.task() == Task.SOAK) {
        return Optional.of(
            step.minutes().orElse(0) > AN_HOUR
                ? say("Soak it from the evening of {}: its roots grip the pot.", on.minusDays(1))
                : say("Soak it first thing on the day, while the rest is made ready."));
      }
    }
    return Optional.empty();
  }
}
