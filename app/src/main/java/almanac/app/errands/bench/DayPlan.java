package almanac.app.errands.bench;

import almanac.app.errands.bench.potting.FillView;
import almanac.app.judged.judging.Judging;
import almanac.app.judged.pages.Part;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.stock.Stocks;
import almanac.core.bench.JobAtHand;
import almanac.core.bench.JobStep;
import almanac.core.medium.Mix;
import almanac.core.pot.Filling;
import almanac.core.stock.Lack;
import almanac.core.stock.Shopping;
import almanac.core.stock.Supply;
import almanac.core.stock.Wanted;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What jobs need together: things at hand, mixes by volume, and what runs short. */
@Service
public class DayPlan {
  private final Jobs jobs;
  private final Judging judging;
  private final Stocks stocks;

  DayPlan(Jobs jobs, Judging judging, Stocks stocks) {
    this.jobs = jobs;
    this.judging = judging;
    this.stocks = stocks;
  }

  /** What some jobs need. */
  public record Needs(
      List<String> atHand, List<BatchPage.MixOfBatch> mixes, List<Lacking> lacking) {}

  /** Something that runs short. */
  public record Lacking(
      List<Part> what,
      @Schema(
              nullable = true,
              description = "When it must be there; null where no job waits for it")
          @Nullable LocalDate by) {
    public static Lacking of(Lack lack) {
      return new Lacking(Part.of(lack.what()), lack.by().orElse(null));
    }
  }

  /** What the job of a plant takes that is begun, or would be begun, on a day. */
  public Wanted wanted(PlantInPlace plant, LocalDate today, LocalDate by) {
    return jobs.atHand(plant, today).needs().wanted(by);
  }

  /** What runs short if all of this is taken. */
  public List<Lacking> lacking(List<Wanted> wanted) {
    return Shopping.of(stocks.now(), wanted).stream().map(Lacking::of).toList();
  }

  /**
   * What plants need whose jobs are begun, or would be begun, on a day.
   *
   * @param lacking what runs short for these and all others
   */
  public Needs of(List<PlantInPlace> some, LocalDate today, List<Lacking> lacking) {
    var planned = some.stream().map(plant -> jobs.atHand(jobs.of(plant, today))).toList();
    return new Needs(atHand(planned), mixes(planned), lacking);
  }

  /** What these jobs need, as if there were no others; their plants are in the collection. */
  Needs ofJobs(List<Job> open, LocalDate today) {
    var planned = open.stream().map(jobs::atHand).toList();
    return new Needs(
        atHand(planned),
        mixes(planned),
        lacking(planned.stream().map(each -> each.needs().wanted(today)).toList()));
  }

  private static List<String> atHand(List<JobAtHand> planned) {
    var supplies = new EnumMap<Supply, Integer>(Supply.class);
    planned.forEach(
        each ->
            each.needs()
                .supplies()
                .forEach((supply, count) -> supplies.merge(supply, count, Integer::sum)));
    return planned.stream()
        .flatMap(each -> each.steps().stream())
        .map(JobStep::atHand)
        .flatMap(List::stream)
        .distinct()
        .map(
            thing ->
                Supply.of(thing)
                    .map(supply -> supply.laidReady(supplies.getOrDefault(supply, 1)))
                    .orElse(thing))
        .toList();
  }

  private List<BatchPage.MixOfBatch> mixes(List<JobAtHand> planned) {
    var byMix = new LinkedHashMap<Mix, List<Filling>>();
    for (var each : planned) {
      each.needs()
          .byMix()
          .forEach(
              (mix, fillings) ->
                  byMix.computeIfAbsent(mix, one -> new ArrayList<>()).addAll(fillings));
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
}
