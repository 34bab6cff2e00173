package almanac.app.errands.rounds;

import almanac.app.errands.rounds.RoundsAhead.Look;
import almanac.app.ground.web.Reckons;
import almanac.app.record.collection.Walk;
import almanac.app.record.entries.WindowEntry;
import almanac.app.record.rules.Rules;
import almanac.app.record.site.Today;
import almanac.core.figures.Figures;
import almanac.core.rounds.PlannedRound;
import almanac.core.rounds.Rounds;
import almanac.core.rounds.ToLook;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/rounds")
class RoundsController {
  private final RoundsAhead ahead;
  private final DaysKept days;
  private final Rules rules;
  private final Today today;

  RoundsController(RoundsAhead ahead, DaysKept days, Rules rules, Today today) {
    this.ahead = ahead;
    this.days = days;
    this.rules = rules;
    this.today = today;
  }

  /** The rounds of the coming weeks, and on which days they can be. */
  record RoundsPage(
      DaysEntry days,
      List<RoundAhead> rounds,
      @Schema(description = "Looks for which there is no day in more than a year")
          List<LookAhead> left) {}

  /** One round. */
  record RoundAhead(
      LocalDate day,
      @Schema(description = "How long it is likely to take") int minutes,
      @Schema(
              nullable = true,
              description =
                  "Without which it could be later; null if missed looks alone are its reason")
          @Nullable LookAhead needed,
      @Schema(description = "In walking order, those that are kept apart last")
          List<LookAhead> looks) {}

  /** How a look lies to the day on which it is planned. */
  enum Caught {
    IN_TIME,
    OUTSIDE,
    OVERDUE
  }

  /** A look on the way. */
  record LookAhead(
      long plantId,
      String name,
      String placeName,
      String title,
      LocalDate early,
      LocalDate best,
      LocalDate late,
      Caught caught) {
    static LookAhead of(ToLook<Look> look, Caught caught) {
      var plant = look.what().plant();
      var window = look.window();
      return new LookAhead(
          plant.id(),
          plant.called(),
          plant.place().name(),
          look.what().open().check().title(),
          window.early(),
          window.best(),
          window.late(),
          caught);
    }
  }

  @GetMapping
  @Operation(
      summary =
          "The fewest rounds that catch every check of the coming weeks, each with why it is there")
  RoundsPage all() {
    var walking = days.get();
    var plan = ahead.on(today.get(), walking);
    return new RoundsPage(
        DaysEntry.of(walking),
        plan.rounds().stream().map(this::round).toList(),
        plan.left().stream().map(look -> LookAhead.of(look, Caught.OUTSIDE)).toList());
  }

  @PutMapping("/days")
  @Operation(summary = "Says on which days somebody goes round")
  RoundsPage keep(@Valid @RequestBody DaysEntry wanted) {
    days.set(wanted.days());
    return all();
  }

  private RoundAhead round(PlannedRound<Look> round) {
    return new RoundAhead(
        round.day(),
        round.minutes(rules.figures()),
        round.needed() == null ? null : LookAhead.of(round.needed(), Caught.IN_TIME),
        Stream.of(
                marked(round.looks(), Caught.IN_TIME),
                marked(round.outside(), Caught.OUTSIDE),
                marked(round.overdue(), Caught.OVERDUE))
            .flatMap(each -> each)
            .sorted(Comparator.comparing(each -> each.look().what().plant(), Walk.ROUND))
            .map(each -> LookAhead.of(each.look(), each.caught()))
            .toList());
  }

  private record Marked(ToLook<Look> look, Caught caught) {}

  private static Stream<Marked> marked(List<ToLook<Look>> looks, Caught caught) {
    return looks.stream().map(look -> new Marked(look, caught));
  }

  /** Checks that somebody sends along. */
  @Schema(
      example =
          """
          {"today":"2027-05-15",
           "days":{"weekdays":["SATURDAY"],"away":[{"from":"2027-06-01","to":"2027-06-14"}]},
           "checks":[{"name":"A: does it stand?","early":"2027-05-16","best":"2027-05-18",
                      "late":"2027-05-24"}]}""")
  record RoundsAsked(
      @NotNull(message = "Give the day from which on is planned.") @Schema(example = "2027-05-15")
          LocalDate today,
      @NotNull(message = "Give the days on which somebody goes round.") @Valid DaysEntry days,
      @NotNull(message = "Give the checks.") @Size(max = 5000, message = "At most 5000 checks.")
          List<@NotNull @Valid CheckEntry> checks) {}

  /** One check: what for, and when it is worth it. */
  record CheckEntry(
      @NotBlank(message = "Name the check.") @Size(max = 200) @Schema(example = "A: does it stand?")
          String name,
      @NotNull(message = "Give the first day.") @Schema(example = "2027-05-16") LocalDate early,
      @NotNull(message = "Give the best day.") @Schema(example = "2027-05-18") LocalDate best,
      @NotNull(message = "Give the last day.") @Schema(example = "2027-05-20") LocalDate late) {}

  /** The fewest rounds for them. */
  record RoundsAnswer(
      List<RoundPlanned> rounds,
      @Schema(description = "Checks for which there is no day in more than a year")
          List<String> left) {}

  /** One round, with the names of what is looked at. */
  record RoundPlanned(
      LocalDate day,
      @Schema(nullable = true) @Nullable String needed,
      List<String> inTime,
      List<String> outside,
      List<String> overdue) {}

  @Reckons
  @PostMapping("/plan")
  @Operation(summary = "Plans the fewest rounds for checks that are sent along; keeps nothing")
  RoundsAnswer plan(@Valid @RequestBody RoundsAsked asked) {
    var looks =
        IntStream.range(0, asked.checks().size())
            .mapToObj(i -> look(i, asked.checks().get(i)))
            .toList();
    var plan = Rounds.plan(looks, asked.days().days(), asked.today(), Figures.standard());
    return new RoundsAnswer(
        plan.rounds().stream()
            .map(
                round ->
                    new RoundPlanned(
                        round.day(),
                        round.needed() == null ? null : round.needed().what(),
                        names(round.looks()),
                        names(round.outside()),
                        names(round.overdue())))
            .toList(),
        names(plan.left()));
  }

  private static ToLook<String> look(int i, CheckEntry check) {
    return new ToLook<>(
        check.name(),
        WindowEntry.window("checks[%d]".formatted(i), check.early(), check.best(), check.late()));
  }

  private static List<String> names(List<ToLook<String>> looks) {
    return looks.stream().map(ToLook::what).toList();
  }
}
