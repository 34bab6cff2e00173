package almanac.app.errands.year;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.summingInt;

import almanac.app.errands.benchdays.BenchDays;
import almanac.app.errands.year.YearLine.YearLook;
import almanac.app.ground.refusals.BadEntry;
import almanac.app.record.collection.Plants;
import almanac.app.record.rules.Rules;
import almanac.app.record.site.Today;
import almanac.core.benchdays.BenchDay;
import almanac.core.season.Weeks;
import almanac.core.year.PastYears;
import almanac.core.year.Phase;
import almanac.core.year.Span;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/year")
class YearController {
  private static final int MOST_PLANTS = 100;

  private final YearAhead ahead;
  private final BenchDays bench;
  private final Plants plants;
  private final Rules rules;
  private final Today today;

  YearController(YearAhead ahead, BenchDays bench, Plants plants, Rules rules, Today today) {
    this.ahead = ahead;
    this.bench = bench;
    this.plants = plants;
    this.rules = rules;
    this.today = today;
  }

  @GetMapping
  @Operation(summary = "The coming year of every plant, as far as it can be told, along a walk")
  List<YearLine> ahead() {
    return ahead.on(today.get());
  }

  /** A week of the calendar year. */
  record YearWeek(
      @Schema(description = "Its first day") LocalDate from,
      @Schema(description = "Looks whose best day lies in it") int looks,
      @Schema(description = "Plants that take a move from some day of it on") int opening,
      @Schema(description = "Whether a bench day lies in it") boolean bench) {}

  @GetMapping("/weeks")
  @Operation(summary = "The weeks of this calendar year: looks, windows that open, bench days")
  List<YearWeek> weeks() {
    var day = today.get();
    var lines = ahead.on(day);
    var weeks = Weeks.ofTheYear(day);
    var looks = byWeek(lines.stream().flatMap(line -> line.looks().stream()).map(YearLook::best));
    var opening = byWeek(lines.stream().flatMap(YearController::openingWeeks));
    var benchDays = byWeek(bench.from(weeks.get(0)).stream().map(BenchDay::on));
    return weeks.stream()
        .map(
            from ->
                new YearWeek(
                    from,
                    looks.getOrDefault(from, 0),
                    opening.getOrDefault(from, 0),
                    benchDays.containsKey(from)))
        .toList();
  }

  /** How many of some days lie in each week, by its Monday. */
  private static Map<LocalDate, Integer> byWeek(Stream<LocalDate> days) {
    return days.collect(groupingBy(Weeks::monday, summingInt(day -> 1)));
  }

  /** Each week in which a plant begins to take a move. */
  private static Stream<LocalDate> openingWeeks(YearLine line) {
    return line.phases().stream()
        .filter(phase -> phase.kind() == Phase.Kind.OPEN)
        .map(phase -> Weeks.monday(phase.from()))
        .distinct();
  }

  /** What was seen of a plant in its years here. */
  record YearPast(
      long plantId,
      @Schema(description = "In flower, from the first look that saw it to the last")
          List<YearSpan> flowers,
      @Schema(description = "At rest, from the first look that saw it resting to the last")
          List<YearSpan> rests,
      @Schema(description = "Under treatment, until it was over or until today")
          List<YearSpan> treated,
      @Schema(description = "When nubs of a new flush were first seen") List<LocalDate> nubs,
      @Schema(description = "When it was potted here") List<LocalDate> potted,
      @Schema(description = "When somebody looked") List<LocalDate> looks) {
    static YearPast of(long id, PastYears past) {
      return new YearPast(
          id,
          spans(past.flowers()),
          spans(past.rests()),
          spans(past.treated()),
          past.nubs(),
          past.potted(),
          past.looks());
    }

    private static List<YearSpan> spans(List<Span> spans) {
      return spans.stream().map(YearSpan::of).toList();
    }
  }

  @GetMapping("/past")
  @Operation(summary = "The past years of some plants, from their whole journals")
  List<YearPast> past(@RequestParam List<Long> plants) {
    if (plants.size() > MOST_PLANTS) {
      throw new BadEntry("plants", "At most %d plants at once.".formatted(MOST_PLANTS));
    }
    var day = today.get();
    var figures = rules.figures();
    return plants.stream()
        .map(this.plants::whole)
        .map(plant -> YearPast.of(plant.id(), PastYears.of(plant, day, figures)))
        .toList();
  }
}
