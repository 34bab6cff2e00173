package almanac.app.errands.bench;

import almanac.app.judged.judging.Judging;
import almanac.app.judged.pages.OnTrialView;
import almanac.app.judged.pages.Part;
import almanac.app.record.collection.Plants;
import almanac.app.record.site.Today;
import almanac.app.record.stock.Stocks;
import almanac.core.bench.JobStep;
import almanac.core.bench.JobSteps;
import almanac.core.bench.Task;
import almanac.core.checks.diary.Trials;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.judgement.verdict.Method;
import almanac.core.judgement.verdict.Risks;
import java.util.List;
import org.springframework.stereotype.Service;

/** Draws up the page of a job. */
@Service
class JobPages {
  /** What a plant shows only when it is out of its pot, and what breaks as it comes out. */
  private static final List<Item<?>> LOOKED_AT =
      List.of(
          Items.ROOTS_IN_POT,
          Items.MEDIUM_PIECE,
          Items.SMELL,
          Items.PLUG,
          Items.PESTS,
          Items.PEST_PLACE,
          Items.ROT,
          Items.PARTS,
          Items.BREAKAGE,
          Items.WOUND);

  private final Jobs jobs;
  private final Plants plants;
  private final Judging judging;
  private final Stocks stocks;
  private final BatchTable batches;
  private final Today today;

  JobPages(
      Jobs jobs, Plants plants, Judging judging, Stocks stocks, BatchTable batches, Today today) {
    this.jobs = jobs;
    this.plants = plants;
    this.judging = judging;
    this.stocks = stocks;
    this.batches = batches;
    this.today = today;
  }

  JobPage of(Job job) {
    var plant = plants.one(job.plantId());
    var atHand = jobs.atHand(job, plant);
    var work = atHand.work();
    var figures = judging.figures();
    var before = judging.judge(plant, job.on());
    var steps = atHand.steps();
    var potted = new PottedView(atHand, plant.follows(), figures);
    var stock = stocks.now();
    return new JobPage(
        job.uid(),
        batches.of(job.uid()).orElse(null),
        plant.id(),
        plant.name(),
        plant.card().who().number(),
        plant.kind().name(),
        plant.place().name(),
        job.version(),
        job.begunOn(),
        job.begunAt(),
        job.unsaid(today.get()).day(figures),
        work.verdict(),
        work.method().as(work.verdict()).title(),
        work.method().words().toString(),
        work.method().because(),
        Risks.of(judging.situation(plant, job.on()), before, figures)
            .map(risk -> Part.of(risk.words()))
            .orElse(List.of()),
        steps.stream().map(step -> step(step, job.told())).toList(),
        LOOKED_AT.stream().map(Item::key).toList(),
        job.told(),
        TallyView.of(atHand.told().tally(), plant.history().inFlower(job.on()), figures),
        Method.CHOICES.stream().map(each -> new JobPage.Way(each, each.words())).toList(),
        JobSteps.MAY_BE_ADDED.stream()
            .filter(task -> steps.stream().noneMatch(step -> step.task() == task))
            .map(task -> new JobPage.TaskName(task, task.title()))
            .toList(),
        potted.dividing(),
        OnTrialView.of(Trials.endedByMove(plant.plant(), job.on(), figures)),
        atHand.has(Task.POT) ? potted.place(stock) : null,
        atHand.has(Task.FILL) ? potted.fill(stock) : null);
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
