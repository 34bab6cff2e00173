package almanac.app.errands.ahead;

import almanac.app.errands.ahead.YearAheadPage.CountAhead;
import almanac.app.errands.ahead.YearAheadPage.PartAhead;
import almanac.app.errands.whatif.OpenSituation;
import almanac.app.errands.whatif.OpenSituation.Units;
import almanac.app.errands.whatif.ToldPlants;
import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.Paths;
import almanac.app.ground.web.Reckons;
import almanac.app.judged.pages.Part;
import almanac.app.record.rules.Rules;
import almanac.app.record.site.Today;
import almanac.core.ahead.CollectionAhead;
import almanac.core.ahead.Hours;
import almanac.core.ahead.MoveAhead;
import almanac.core.ahead.MoveForetold;
import almanac.core.ahead.YearSaid;
import almanac.core.bench.OwnPace;
import almanac.core.bench.Work;
import almanac.core.benchdays.BenchDay;
import almanac.core.judgement.compare.Since;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.verdict.Judge;
import almanac.core.pot.Pot;
import almanac.core.season.LightYear;
import almanac.core.stock.StockNeed;
import almanac.core.stock.Wanted;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class OpenYearController {
  private static final int MOST = 500;
  private static final int MOST_DAYS = 400;

  private final ToldPlants plants;
  private final Rules rules;
  private final Today today;

  OpenYearController(ToldPlants plants, Rules rules, Today today) {
    this.plants = plants;
    this.rules = rules;
    this.today = today;
  }

  /** Plants whose year is asked for, and when there is time for them. */
  @Schema(example = OpenSituation.EXAMPLE_WITH_BENCH_DAYS)
  record AskedYear(
      @Schema(nullable = true, description = "METRIC unless said otherwise") @Nullable Units units,
      @NotEmpty(message = "Give at least one situation.")
          @Size(max = MOST, message = "At most 500 plants have their year at once.")
          List<@Valid @NotNull(message = "A situation cannot be empty.") OpenSituation> situations,
      @Schema(nullable = true, description = "Without any nothing is said of room")
          @Size(max = MOST_DAYS, message = "At most 400 bench days.")
          @Nullable List<@Valid @NotNull(message = "A day cannot be empty.") DayWithTime>
              benchDays) {}

  /** A day on which there is time. */
  record DayWithTime(
      @NotNull(message = "Say which day.") LocalDate on,
      @Schema(description = "1 to 1440") int minutes) {}

  /** The year of those plants. */
  record YearTold(
      LocalDate until,
      List<List<Part>> words,
      CountAhead jobs,
      @Schema(description = "Its plants are numbered as the situations are, from 0")
          List<PartAhead> months,
      List<PartAhead> weeks) {}

  @Reckons
  @PostMapping("/api/year-ahead")
  @Operation(
      summary = "The coming year of up to 500 plants that are told in full; nothing is stored",
      description =
          """
          Each plant's next move as its slip foretells it, by weeks and months, with the range in
          which nine years of ten lie; against bench days, which weeks have no room. The situations
          are told as for /api/judgements, all for the same day. The same question always has the
          same answer.""")
  YearTold ahead(@Valid @RequestBody AskedYear asked) {
    var units = asked.units() == null ? Units.METRIC : asked.units();
    var lights = plants.lights();
    var on = Optional.ofNullable(asked.situations().get(0).on()).orElseGet(today::get);
    var moves = new ArrayList<MoveAhead>();
    for (int i = 0; i < asked.situations().size(); i++) {
      var told = asked.situations().get(i);
      var name = String.valueOf(i);
      Paths.under("situations[%d]".formatted(i), () -> move(name, told, units, lights, on))
          .ifPresent(moves::add);
    }
    var ahead = new CollectionAhead(moves, on, CollectionYear.SEED, rules.figures());
    var overflow = Hours.of(days(asked), on).map(ahead::against);
    return new YearTold(
        ahead.end(),
        YearSaid.of(ahead, overflow).stream().map(Part::of).toList(),
        CountAhead.of(ahead.year().jobs()),
        ahead.months().stream().map(month -> PartAhead.of(month, 0, null)).toList(),
        CollectionYear.weeks(ahead, overflow, Map.of()));
  }

  private static List<BenchDay> days(AskedYear asked) {
    var days = new ArrayList<BenchDay>();
    var told = Optional.ofNullable(asked.benchDays()).orElse(List.of());
    for (int i = 0; i < told.size(); i++) {
      var day = told.get(i);
      days.add(
          Paths.under("benchDays[%d]".formatted(i), () -> new BenchDay(day.on(), day.minutes())));
    }
    return days;
  }

  private Optional<MoveAhead> move(
      String name, OpenSituation told, Units units, Map<Double, LightYear> lights, LocalDate on) {
    if (told.on() != null && !told.on().equals(on)) {
      throw new BadEntry("on", "All plants of a year are told for the same day.");
    }
    var figures = plants.figures(told);
    Situation situation = plants.situation(told, units, lights, on, figures);
    var judge = new Judge(figures, told.approachOrHouse());
    var judged = judge.judge(situation);
    var mix = situation.history().potting().mix();
    var work = Work.of(judged, situation, Pot.NOT_NOTED, Pot.NOT_NOTED, mix);
    var nothing = new StockNeed(List.of(), List.of(), Map.of(), Optional.empty());
    return new MoveForetold(name, situation, judge, judged, figures)
        .move(Since.of(judge, situation, judged), work, new Wanted(on, 1, nothing), OwnPace.USUAL);
  }
}
