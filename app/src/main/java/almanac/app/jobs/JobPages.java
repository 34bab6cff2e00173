package almanac.app.jobs;

import almanac.app.collection.Plants;
import almanac.app.judging.Judging;
import almanac.app.shown.Part;
import almanac.core.inspection.Item;
import almanac.core.jobs.JobStep;
import almanac.core.jobs.JobSteps;
import almanac.core.jobs.Task;
import almanac.core.judgement.verdict.Risks;
import java.util.List;
import org.springframework.stereotype.Service;

/** Draws up the page of a job. */
@Service
class JobPages {
  /** What a plant shows only when it is out of its pot, and what breaks as it comes out. */
  private static final List<Item<?>> LOOKED_AT =
      List.of(
          Item.ROOTS_IN_POT,
          Item.MEDIUM_PIECE,
          Item.SMELL,
          Item.PLUG,
          Item.PESTS,
          Item.PEST_PLACE,
          Item.ROT,
          Item.PARTS,
          Item.BREAKAGE,
          Item.WOUND);

  private final Jobs jobs;
  private final Plants plants;
  private final Judging judging;

  JobPages(Jobs jobs, Plants plants, Judging judging) {
    this.jobs = jobs;
    this.plants = plants;
    this.judging = judging;
  }

  JobPage of(Job job) {
    var plant = plants.one(job.plantId());
    var work = jobs.work(job);
    var figures = judging.figures();
    var before = judging.judge(plant, job.begunOn());
    return new JobPage(
        job.uid(),
        plant.id(),
        plant.name(),
        plant.card().number(),
        plant.kind().name(),
        plant.place().name(),
        job.version(),
        job.begunOn(),
        job.begunAt(),
        work.verdict(),
        work.verdict().words(),
        work.method().words().toString(),
        work.method().because(),
        Risks.of(judging.situation(plant, job.begunOn()), before, figures)
            .map(risk -> Part.of(risk.words()))
            .orElse(List.of()),
        JobSteps.of(work, figures).stream().map(step -> step(step, job.told())).toList(),
        LOOKED_AT.stream().map(Item::key).toList(),
        job.told(),
        TallyView.of(job.told().tally().tally(), plant.history().inFlower(job.begunOn()), figures));
  }

  private static JobPage.StepView step(JobStep step, JobTold told) {
    return new JobPage.StepView(
        step.task(),
        step.task().title(),
        step.what(),
        step.why(),
        step.caution().orElse(null),
        step.atHand(),
        step.minutes().isPresent() ? step.minutes().getAsInt() : null,
        state(step.task(), told));
  }

  private static JobPage.StepState state(Task task, JobTold told) {
    if (told.done().contains(task)) {
      return JobPage.StepState.DONE;
    }
    return told.skipped().contains(task) ? JobPage.StepState.SKIPPED : JobPage.StepState.OPEN;
  }
}
