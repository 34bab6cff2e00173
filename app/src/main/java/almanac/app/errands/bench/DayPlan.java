package almanac.app.errands.bench;

import almanac.app.errands.bench.potting.FillView;
import almanac.app.judged.judging.Judging;
import almanac.app.judged.pages.Part;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.stock.Stocks;
import almanac.core.bench.JobStep;
import almanac.core.bench.JobSteps;
import almanac.core.bench.Work;
import almanac.core.medium.Mix;
import almanac.core.pot.Filling;
import almanac.core.stock.StockNeed;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import org.springframework.stereotype.Service;

/** What jobs need together: things at hand, mixes by volume, and what runs short. */
@Service
public class DayPlan {
  private final Jobs jobs;
  private final Plants plants;
  private final Judging judging;
  private final Stocks stocks;

  DayPlan(Jobs jobs, Plants plants, Judging judging, Stocks stocks) {
    this.jobs = jobs;
    this.plants = plants;
    this.judging = judging;
    this.stocks = stocks;
  }

  /** What some jobs need. */
  public record Needs(
      List<String> atHand, List<BatchPage.MixOfBatch> mixes, List<List<Part>> lacking) {}

  /** One job with what it is about. */
  private record Planned(Job job, PlantInPlace plant, Work work, Parting parting) {}

  /** What plants need whose jobs are begun, or would be begun, on a day. */
  public Needs of(List<PlantInPlace> some, LocalDate today) {
    return of(some.stream().map(plant -> jobs.of(plant, today)).toList());
  }

  /** What these jobs need; their plants are in the collection. */
  Needs of(List<Job> open) {
    var planned = open.stream().map(this::planned).toList();
    return new Needs(atHand(planned), mixes(planned), lacking(planned));
  }

  private Planned planned(Job job) {
    var plant = plants.one(job.plantId());
    var work = jobs.work(job, plant);
    return new Planned(job, plant, work, jobs.parting(job, plant, work));
  }

  private List<String> atHand(List<Planned> planned) {
    return planned.stream()
        .flatMap(each -> JobSteps.of(each.work(), judging.figures()).stream())
        .map(JobStep::atHand)
        .flatMap(List::stream)
        .distinct()
        .toList();
  }

  private List<BatchPage.MixOfBatch> mixes(List<Planned> planned) {
    var byMix = new LinkedHashMap<Mix, List<Filling>>();
    for (var each : planned) {
      var fillings = fillings(each);
      if (!fillings.isEmpty()) {
        byMix
            .computeIfAbsent(Jobs.mix(each.job(), each.plant()), mix -> new ArrayList<>())
            .addAll(fillings);
      }
    }
    var stock = stocks.now();
    return byMix.entrySet().stream()
        .map(
            mix ->
                new BatchPage.MixOfBatch(
                    mix.getKey().words(),
                    mix.getValue().size(),
                    FillView.of(mix.getValue(), mix.getKey(), null, stock, judging.figures())))
        .toList();
  }

  private List<Filling> fillings(Planned each) {
    return Needed.fillings(
        each.job(), each.plant(), each.work(), each.parting(), judging.figures());
  }

  private List<List<Part>> lacking(List<Planned> planned) {
    List<StockNeed> needs =
        planned.stream()
            .map(
                each ->
                    Needed.of(
                        each.job(), each.plant(), each.work(), each.parting(), judging.figures()))
            .toList();
    return stocks.now().lacking(needs).stream().map(Part::of).toList();
  }
}
