package almanac.app.errands.whatif;

import almanac.app.errands.whatif.OpenSituation.Units;
import almanac.app.ground.refusals.Paths;
import almanac.app.ground.web.Reckons;
import almanac.app.judged.pages.Slip;
import almanac.app.judged.pages.Slips;
import almanac.app.record.site.Today;
import almanac.core.judgement.verdict.Judge;
import almanac.core.season.LightYear;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Judges situations that are told in full; nothing of them is kept. */
@RestController
class JudgementsController {
  private static final int MOST = 500;

  private final ToldPlants plants;
  private final Today today;

  JudgementsController(ToldPlants plants, Today today) {
    this.plants = plants;
    this.today = today;
  }

  /** A list of situations. */
  @Schema(example = OpenSituation.EXAMPLE)
  record Asked(
      @Schema(nullable = true, description = "METRIC unless said otherwise") Units units,
      @NotEmpty(message = "Give at least one situation.")
          @Size(max = MOST, message = "At most 500 situations are judged at once.")
          List<@Valid @NotNull(message = "A situation cannot be empty.") OpenSituation>
              situations) {}

  /** What was judged of one situation. */
  record Judged(@Schema(nullable = true) String name, Slip slip) {}

  @Reckons
  @PostMapping("/api/judgements")
  @Operation(
      summary = "Judges up to 500 self-contained situations; nothing is stored",
      description =
          """
          Each situation names its kind, what it stands in and since when, and what was seen on
          which days. What is left out is not known: a thing without a look was not looked at, which
          is never taken for “nothing there”. The answers come in the order of the situations. If
          one of them cannot be right, none is judged, and the fault names it, as in
          situations[3].looks[0].looks.newRoots.""")
  List<Judged> judge(@Valid @RequestBody Asked asked) {
    var units = asked.units() == null ? Units.METRIC : asked.units();
    var lights = plants.lights();
    var answers = new ArrayList<Judged>();
    for (int i = 0; i < asked.situations().size(); i++) {
      var told = asked.situations().get(i);
      answers.add(Paths.under("situations[%d]".formatted(i), () -> judged(told, units, lights)));
    }
    return answers;
  }

  private Judged judged(OpenSituation told, Units units, Map<Double, LightYear> lights) {
    var figures = plants.figures(told);
    var situation = plants.situation(told, units, lights, today.get(), figures);
    return new Judged(told.name(), Slips.of(situation, told.approachOrHouse(), figures));
  }

  /** A situation whose year is asked for. */
  @Schema(example = OpenSituation.EXAMPLE_OF_ONE)
  record AskedAhead(
      @Schema(nullable = true, description = "METRIC unless said otherwise") @Nullable Units units,
      @Valid @NotNull(message = "Give a situation.") OpenSituation situation) {}

  @Reckons
  @PostMapping("/api/months-ahead")
  @Operation(
      summary = "The year ahead of a self-contained situation, week by week; nothing is stored",
      description =
          """
          How much the plant will want a move and how well it would take one, each with its range,
          if nothing is done meanwhile. The first week is its slip of today. A situation is told as
          for /api/judgements.""")
  MonthsAheadView monthsAhead(@Valid @RequestBody AskedAhead asked) {
    var told = asked.situation();
    var units = asked.units() == null ? Units.METRIC : asked.units();
    return Paths.under(
        "situation",
        () -> {
          var figures = plants.figures(told);
          var situation = plants.situation(told, units, plants.lights(), today.get(), figures);
          var judge = new Judge(figures, told.approachOrHouse());
          return MonthsAheadView.of(judge.monthsAhead(situation, judge.judge(situation)));
        });
  }
}
