package almanac.app.errands.benchdays;

import almanac.app.errands.bench.DayPlan;
import almanac.app.errands.bench.Jobs;
import almanac.app.errands.benchdays.JobsAhead.Ahead;
import almanac.app.ground.refusals.NotFound;
import almanac.app.judged.judging.Judging;
import almanac.app.judged.pages.Part;
import almanac.core.bench.Beforehand;
import almanac.core.benchdays.PlannedDay;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Draws up what is to be made ready for a bench day. */
@Component
class Preparing {
  private final BenchDays days;
  private final DayPlan needs;
  private final AllNeeds all;
  private final Jobs jobs;
  private final Judging judging;
  private final ReadyThings ready;

  Preparing(
      BenchDays days, DayPlan needs, AllNeeds all, Jobs jobs, Judging judging, ReadyThings ready) {
    this.days = days;
    this.needs = needs;
    this.all = all;
    this.jobs = jobs;
    this.judging = judging;
    this.ready = ready;
  }

  /** One bench day made ready. */
  record Preparation(
      LocalDate on,
      int minutes,
      int taken,
      @Schema(description = "In the order of the work") List<PlantToPrepare> plants,
      @Schema(description = "Sterile blades: one for each plant") int blades,
      DayPlan.Needs needs,
      @Schema(description = "What was ticked off so far") List<String> ready) {}

  /** One plant. */
  record PlantToPrepare(
      long plantId,
      String name,
      String number,
      String placeName,
      String title,
      int minutes,
      String mix,
      @Schema(nullable = true, description = "What to do on the days before")
          @Nullable List<Part> before) {}

  /**
   * @throws NotFound if it is no bench day
   */
  Preparation of(LocalDate on, LocalDate today) {
    var planned = days.on(today);
    PlannedDay day =
        planned.plan().days().stream()
            .filter(each -> each.day().on().equals(on))
            .findFirst()
            .orElseThrow(() -> new NotFound("%s is no bench day.".formatted(on)));
    var ahead = day.jobs().stream().map(each -> planned.jobs().get(each.job().id())).toList();
    return new Preparation(
        on,
        day.day().minutes(),
        day.taken(),
        ahead.stream().map(each -> plant(each, on, today)).toList(),
        ahead.size(),
        needs.of(ahead.stream().map(Ahead::plant).toList(), today, lacking(planned, on, today)),
        ready.of(on));
  }

  /** Of the one sum of all that runs short, what must be there by then. */
  private List<DayPlan.Lacking> lacking(BenchDays.Planned planned, LocalDate on, LocalDate today) {
    return all.lacking(planned, today).stream()
        .filter(each -> each.by() == null || !each.by().isAfter(on))
        .toList();
  }

  /**
   * @throws NotFound if it is no bench day that is yet to come
   */
  void tick(LocalDate on, String thing, boolean done, LocalDate today) {
    if (days.from(today).stream().noneMatch(day -> day.on().equals(on))) {
      throw new NotFound("%s is no bench day.".formatted(on));
    }
    ready.set(on, thing, done, today);
  }

  private PlantToPrepare plant(Ahead ahead, LocalDate on, LocalDate today) {
    var plant = ahead.plant();
    var job = ahead.job();
    Optional<List<Part>> before =
        Beforehand.of(jobs.ahead(plant, today), on, judging.figures()).map(Part::of);
    return new PlantToPrepare(
        plant.id(),
        plant.called(),
        plant.card().who().number(),
        plant.place().name(),
        BenchDaysPage.titleOf(ahead.judged()),
        job.minutes(),
        job.mix(),
        before.orElse(null));
  }
}
