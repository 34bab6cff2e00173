package almanac.app.errands.tuning;

import almanac.app.errands.taught.Learned;
import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.web.Reckons;
import almanac.app.judged.judging.Judging;
import almanac.app.record.collection.Plants;
import almanac.app.record.rules.Rules;
import almanac.app.record.site.Today;
import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Figures;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.rulebook.Rulebook;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/rules")
class RulesController {
  private final Rules rules;
  private final Plants plants;
  private final Judging judging;
  private final Learned learned;
  private final Today today;

  RulesController(Rules rules, Plants plants, Judging judging, Learned learned, Today today) {
    this.rules = rules;
    this.plants = plants;
    this.judging = judging;
    this.learned = learned;
    this.today = today;
  }

  /** One part of the rules. */
  record Chapter(String key, String title, List<RuleLine> figures) {}

  /** One figure of the rules. */
  record RuleLine(
      String key,
      @Schema(description = "What it is called") String name,
      double standard,
      @Schema(nullable = true, description = "The collector's own value, if there is one")
          Double own,
      @Schema(description = "Whether that was taken over from the record of the collection")
          boolean learned,
      String unit,
      double least,
      double most,
      String reason) {}

  /** Changes to figures. */
  record Changes(
      @Schema(
              description =
                  "Values by the keys of their figures; null puts the program's own value back")
          @NotNull(message = "Give the values by the keys of their figures.")
          Map<String, @Nullable Double> values) {}

  /** What changes would do. */
  record Effect(int plants, List<Changed> changed) {}

  /** A plant whose verdict would change. */
  record Changed(
      long plantId,
      String number,
      String label,
      Verdict before,
      String beforeTitle,
      Verdict after,
      String afterTitle) {}

  @GetMapping
  @Operation(summary = "Every figure of the rules with its reason, default and own value")
  List<Chapter> all() {
    var own = rules.own();
    var taken = learned.figures();
    return Rulebook.groups().stream().map(group -> chapter(group, own, taken)).toList();
  }

  @Reckons
  @PostMapping("/trial")
  @Operation(summary = "Which verdicts changed figures would change; nothing is saved")
  Effect tried(@Valid @RequestBody Changes changes) {
    return effect(rules.tried(changes.values()));
  }

  @PutMapping
  @Operation(summary = "Puts changed figures into force, all or none")
  List<Chapter> change(@Valid @RequestBody Changes changes) {
    refuseWhatBreaksPlants(changes.values());
    rules.change(changes.values());
    return all();
  }

  /** Figures by which a plant could not be judged any more are not put into force. */
  private void refuseWhatBreaksPlants(Map<String, @Nullable Double> values) {
    var figures = rules.tried(values);
    for (var plant : this.plants.all()) {
      try {
        judging.judge(plant, today.get(), figures);
      } catch (RuntimeException failure) {
        throw new BadEntry(
            values.keySet().stream().findFirst().orElse("values"),
            "With this, %s %s could not be judged any more."
                .formatted(plant.card().who().number(), plant.name()));
      }
    }
  }

  private Effect effect(Figures figures) {
    var plants = this.plants.all();
    var day = today.get();
    var changed =
        plants.stream()
            .flatMap(
                plant -> {
                  var before = judging.judge(plant, day).verdict();
                  var after = judging.judge(plant, day, figures).verdict();
                  return before == after
                      ? java.util.stream.Stream.<Changed>empty()
                      : java.util.stream.Stream.of(
                          new Changed(
                              plant.id(),
                              plant.card().who().number(),
                              plant.called(),
                              before,
                              before.words(),
                              after,
                              after.words()));
                })
            .toList();
    return new Effect(plants.size(), changed);
  }

  private static Chapter chapter(
      FigureGroup group, Map<String, Double> own, Map<String, Double> taken) {
    return new Chapter(
        group.key(),
        group.title(),
        group.figures().stream()
            .map(figure -> line(figure, own.get(figure.key()), taken.containsKey(figure.key())))
            .toList());
  }

  private static RuleLine line(Figure figure, @Nullable Double own, boolean learned) {
    return new RuleLine(
        figure.key(),
        Rulebook.name(figure),
        figure.standard(),
        own,
        learned,
        figure.unit().words(),
        figure.least(),
        figure.most(),
        figure.reason());
  }
}
