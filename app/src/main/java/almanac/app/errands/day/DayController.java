package almanac.app.errands.day;

import almanac.app.errands.benchdays.BenchDays;
import almanac.app.errands.rounds.DaysKept;
import almanac.app.errands.rounds.RoundsAhead;
import almanac.app.judged.judging.Judging;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.site.Today;
import almanac.core.checks.diary.Courses;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.treatments.Treated;
import almanac.core.trials.OnTrial;
import almanac.core.trials.Trial;
import almanac.core.year.DayInShort;
import almanac.core.year.Turning;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/today")
class DayController {
  private final Plants plants;
  private final Judging judging;
  private final RoundsAhead rounds;
  private final DaysKept walking;
  private final BenchDays benchDays;
  private final Today today;

  DayController(
      Plants plants,
      Judging judging,
      RoundsAhead rounds,
      DaysKept walking,
      BenchDays benchDays,
      Today today) {
    this.plants = plants;
    this.judging = judging;
    this.rounds = rounds;
    this.walking = walking;
    this.benchDays = benchDays;
    this.today = today;
  }

  /** What the day asks for. */
  record DayPage(
      LocalDate today,
      @Schema(description = "Plants to take in hand now, the most urgent first") List<Long> inHand,
      @Schema(description = "Windows that open or close within the week, the soonest first")
          List<TurnLine> turns,
      @Schema(description = "Plants whose course can be ended: treated and clean often enough")
          List<CourseOver> coursesOver,
      @Schema(description = "Trials that may be judged by now") List<TrialRipe> trialsRipe) {}

  /** A trial that may be judged. */
  record TrialRipe(UUID uid, String name) {
    static TrialRipe of(Trial trial) {
      return new TrialRipe(trial.uid(), trial.name());
    }
  }

  /** A plant whose course can be ended. */
  record CourseOver(
      long plantId,
      String name,
      @Schema(description = "Whether it goes back to the others with that") boolean freed) {
    static CourseOver of(PlantInPlace plant) {
      return new CourseOver(plant.id(), plant.called(), Courses.freedWith(plant.plant()));
    }
  }

  /** A plant whose window opens or closes. */
  record TurnLine(long plantId, String name, Turning.Turn turn, LocalDate on) {}

  /** The day in one line. */
  record DayHeadline(String words) {}

  /** A plant as it is judged. */
  private record Judged(PlantInPlace plant, Judgement judgement) {}

  @GetMapping
  @Operation(summary = "What today asks for: plants to take in hand, windows that turn this week")
  DayPage day() {
    var day = today.get();
    var all = judged(day);
    return new DayPage(
        day,
        all.stream()
            .filter(each -> each.judgement().verdict().inHand())
            .sorted(Comparator.comparing(Judged::judgement, Judgement.MOST_URGENT))
            .map(each -> each.plant().id())
            .toList(),
        all.stream()
            .flatMap(
                each ->
                    Turning.within(each.judgement().timing(), day, judging.figures())
                        .map(turning -> line(each.plant(), turning))
                        .stream())
            .sorted(Comparator.comparing(TurnLine::on))
            .toList(),
        plants.all().stream().filter(this::courseOver).map(CourseOver::of).toList(),
        plants.all().stream()
            .flatMap(plant -> plant.card().inHand().trials().stream())
            .map(OnTrial::trial)
            .filter(trial -> trial.mayJudge(today.get()))
            .distinct()
            .map(TrialRipe::of)
            .toList());
  }

  private boolean courseOver(PlantInPlace plant) {
    return new Courses(judging.figures()).treated(plant.plant()).filter(Treated::over).isPresent();
  }

  private static TurnLine line(PlantInPlace plant, Turning turning) {
    return new TurnLine(plant.id(), plant.called(), turning.turn(), turning.on());
  }

  @GetMapping("/headline")
  @Operation(summary = "The day in one line; it waits for the plan of the bench days")
  DayHeadline headline() {
    var day = today.get();
    var round =
        rounds.on(day, walking.get()).rounds().stream()
            .findFirst()
            .map(each -> new DayInShort.Stint(each.day(), each.minutes(judging.figures())));
    var bench =
        benchDays.planOn(day).days().stream()
            .filter(each -> !each.jobs().isEmpty())
            .findFirst()
            .map(each -> new DayInShort.Stint(each.day().on(), each.taken()));
    var inHand =
        judged(day).stream()
            .map(Judged::judgement)
            .filter(each -> each.verdict().inHand())
            .collect(Collectors.partitioningBy(Judgement::urgent, Collectors.counting()));
    return new DayHeadline(
        new DayInShort(day, inHand.get(true).intValue(), inHand.get(false).intValue(), round, bench)
            .words(judging.figures()));
  }

  private List<Judged> judged(LocalDate day) {
    return plants.all().stream()
        .map(plant -> new Judged(plant, judging.judge(plant, day)))
        .toList();
  }
}
