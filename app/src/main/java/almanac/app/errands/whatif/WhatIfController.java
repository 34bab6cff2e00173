package almanac.app.errands.whatif;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.web.Reckons;
import almanac.app.judged.judging.Judging;
import almanac.app.judged.pages.Part;
import almanac.app.judged.pages.Slip;
import almanac.app.judged.pages.Slips;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.entries.LookEntry;
import almanac.app.record.entries.MixPart;
import almanac.app.record.entries.TraitsEntry;
import almanac.app.record.rules.Rules;
import almanac.app.record.site.Today;
import almanac.core.figures.Figures;
import almanac.core.history.Aim;
import almanac.core.history.Answerable;
import almanac.core.history.Approach;
import almanac.core.history.PlantHistory;
import almanac.core.history.Potting;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.LookSpot;
import almanac.core.judgement.compare.Differences;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.risk.Handling;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.judgement.verdict.Risks;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.refusals.DayAhead;
import almanac.core.words.Sentence;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What the slip would say if something were otherwise; nothing is saved. */
@RestController
class WhatIfController {
  /** A plant is asked about at most so far ahead. */
  private final Plants plants;

  private final Judging judging;
  private final Rules rules;
  private final Today today;

  WhatIfController(Plants plants, Judging judging, Rules rules, Today today) {
    this.plants = plants;
    this.judging = judging;
    this.rules = rules;
    this.today = today;
  }

  /** What to take as otherwise; what is left out stays as it is. */
  record WhatIf(
      @Schema(nullable = true, description = "The day to judge on") LocalDate on,
      @Schema(
              description =
                  "What is taken as seen on that day, by spot; null: as if nobody had looked")
          @NotNull(message = "Give what is seen; it may be empty.")
          @Size(max = 100, message = "There are not so many things to look at.")
          Map<String, @Nullable @Valid LookEntry> looks,
      @Schema(nullable = true, description = "A day, a month, a year, or unknown")
          @Size(max = 40, message = "Say when it was potted: a day, a month, a year, or unknown.")
          String pottedOn,
      @Schema(nullable = true) @Size(min = 1, message = "A mix needs at least one component.")
          List<@NotNull(message = "Give a component and its parts.") @Valid MixPart> mix,
      @Schema(nullable = true) Moisture moisture,
      @Schema(nullable = true) Approach approach,
      @Schema(nullable = true) Aim aim,
      @Schema(nullable = true) TraitsEntry deviation,
      @Schema(nullable = true, description = "How a move would be done") HandlingEntry handling,
      @Schema(description = "Figures of the rules by their keys")
          @NotNull(message = "Give figures by their keys; there may be none.")
          Map<String, @NotNull(message = "Give a number.") Double> figures) {}

  /** How a plant is taken out of its pot; what is left out is as its method has it. */
  record HandlingEntry(
      @Schema(nullable = true, description = "How much of the root ball is opened")
          Handling.Opened opened,
      @Schema(description = "Soaked until its roots are supple") boolean soaked,
      @Schema(description = "The pot is cut or broken off") boolean potCut) {

    Handling in(Judgement judged) {
      return new Handling(opened == null ? judged.method().opened() : opened, soaked, potCut);
    }
  }

  /** The slip as it would be, and what sets it apart from the one in force. */
  record WouldBe(
      Slip slip,
      List<List<Part>> changes,
      @Schema(description = "What is taken as seen, in a sentence") List<Part> words) {}

  @Reckons
  @PostMapping("/api/plants/{id}/what-if")
  @Operation(summary = "The slip as it would be if something were otherwise; nothing is saved")
  WouldBe ask(@PathVariable long id, @Valid @RequestBody WhatIf asked) {
    var plant = plants.one(id);
    var figures = asked.figures().isEmpty() ? rules.figures() : rules.tried(asked.figures());
    var approach = asked.approach() == null ? judging.approach(plant) : asked.approach();
    var situation = situation(plant, asked, figures);
    var before = judging.judge(plant, today.get());
    var after = new Judge(figures, approach).judge(situation);
    var changes = new ArrayList<>(Differences.between(before, after));
    var handling = Optional.ofNullable(asked.handling()).map(entry -> entry.in(after));
    handling.flatMap(way -> broken(situation, after, way, figures)).ifPresent(changes::add);
    return new WouldBe(
        handling
            .map(way -> Slips.handled(situation, approach, figures, way))
            .orElseGet(() -> Slips.of(situation, approach, figures)),
        changes.stream().map(Part::of).toList(),
        seen(asked, situation.today(), figures).said().map(Part::of).orElse(List.of()));
  }

  private static Optional<Sentence> broken(
      Situation situation, Judgement judged, Handling way, Figures figures) {
    var asMeant = Handling.of(judged.method().opened());
    return Risks.of(situation, judged, way, figures)
        .insteadOf(Risks.of(situation, judged, asMeant, figures));
  }

  private Situation situation(PlantInPlace plant, WhatIf asked, Figures figures) {
    var day = asked.on() == null ? today.get() : DayAhead.check(asked.on(), today.get());
    var known = judging.situation(plant, day);
    return new Situation(
        day,
        asked.deviation() == null
            ? plant.follows()
            : plant.kind().with(asked.deviation().own("deviation", plant.kind())),
        history(plants.whole(plant.id()).history(), asked, day, figures),
        known.conditions(),
        known.arrival(),
        asked.aim() == null ? plant.card().wish().aim() : asked.aim(),
        asked.deviation() == null ? known.rootSpeed() : Optional.empty());
  }

  private PlantHistory history(PlantHistory known, WhatIf asked, LocalDate day, Figures figures) {
    var history = known.in(potting(known.potting(), asked));
    for (var look : asked.looks().entrySet()) {
      if (look.getValue() == null) {
        history =
            history.without(
                LookSpot.named(look.getKey())
                    .orElseThrow(
                        () ->
                            new BadEntry(
                                "looks." + look.getKey(), "There is no such thing to look at.")));
      }
    }
    var seen = seen(asked, day, figures);
    Answerable.check(seen, history.potting().mix());
    return seen.empty() ? history : history.and(seen);
  }

  private static Inspection seen(WhatIf asked, LocalDate day, Figures figures) {
    return LookEntry.inspection(day, asked.looks(), figures);
  }

  private Potting potting(Potting known, WhatIf asked) {
    return new Potting(
        asked.pottedOn() == null
            ? known.pottedOn()
            : PottedOn.entered(asked.pottedOn(), today.get()),
        known.knownSince(),
        asked.mix() == null ? known.mix() : MixPart.mix(asked.mix()),
        asked.moisture() == null ? known.moisture() : asked.moisture());
  }
}
