package almanac.app.errands.taught;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.Paths;
import almanac.app.ground.web.Reckons;
import almanac.app.record.entries.LookEntry;
import almanac.app.record.rules.Rules;
import almanac.app.record.site.Today;
import almanac.core.checks.CheckAnswer;
import almanac.core.checks.Purpose;
import almanac.core.figures.Figures;
import almanac.core.history.PlantStatus;
import almanac.core.inspection.Inspection;
import almanac.core.pot.Pot;
import almanac.core.tally.RootTally;
import almanac.core.taught.After;
import almanac.core.taught.MoveMade;
import almanac.core.taught.Outcomes;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What came of a move that is told in full; nothing of it is kept. */
@RestController
class OutcomesController {
  private final Rules rules;
  private final Today today;

  OutcomesController(Rules rules, Today today) {
    this.rules = rules;
    this.today = today;
  }

  /** A move with what was seen before and after it. */
  @Schema(example = MoveTold.EXAMPLE)
  record MoveTold(
      @NotNull(message = "Give the day of the move.") LocalDate on,
      @NotNull(message = "Say what was done.") MoveMade.Sort sort,
      @Schema(description = "Whether a spike, buds or flowers were on") boolean inFlower,
      @Schema(description = "What was seen, before it and after it, day by day; may be empty")
          @NotNull(message = "Give the looks; there may be none.")
          @Size(max = 200, message = "At most 200 days of looks.")
          List<@Valid @NotNull(message = "A day cannot be empty.") SeenOn> looks,
      @Schema(nullable = true, description = "How its checks after the move were answered")
          @Size(max = 100, message = "At most 100 checks.")
          @Nullable List<@Valid @NotNull(message = "A check cannot be empty.") CheckTold> checks,
      @Schema(nullable = true, description = "When it left its place, if it did")
          @Nullable LocalDate leftOn,
      @Schema(nullable = true, description = "How it left it") @Nullable PlantStatus status,
      @Schema(nullable = true, description = "The day of its next move")
          @Nullable LocalDate movedAgain,
      @Schema(nullable = true, description = "The day on which to tell; today unless given")
          @Nullable LocalDate told) {
    static final String EXAMPLE =
        """
        {"on": "2026-06-03", "sort": "REPOT", "inFlower": false, "told": "2027-05-15",
         "looks": [{"on": "2026-06-01", "looks": {"newRoots": {"answers": ["NUB"]}}},
                   {"on": "2026-06-27", "looks": {"rootTips": {"answers": ["ACTIVE"]}}},
                   {"on": "2026-08-30", "looks": {"newRoots": {"answers": ["ANCHORED"]}}}],
         "checks": [{"on": "2026-08-30", "purpose": "ANCHORED", "answer": "AS_HOPED"}]}""";
  }

  /** What was seen on a day. */
  record SeenOn(
      @NotNull(message = "Say on which day you looked.") LocalDate on,
      @Schema(description = "By spot: an item as in GET /api/choices, with /B to /F for more leads")
          @NotNull(message = "Give what was seen.")
          Map<String, @Valid LookEntry> looks) {}

  /** A check that was answered with a tap. */
  record CheckTold(
      @NotNull(message = "Say on which day it was answered.") LocalDate on,
      @NotNull(message = "Say which check it was.") Purpose purpose,
      @NotNull(message = "Say how it was answered.") CheckAnswer answer) {}

  @Reckons
  @PostMapping("/api/outcomes")
  @Operation(
      summary = "What came of a move; nothing is stored",
      description =
          """
          A move and what was seen after it go in; what came of it comes out, with the looks that it
          rests on. Looks of the first 200 days belong to the move; what is seen later is trouble of
          its own.""")
  MoveView of(@Valid @RequestBody MoveTold told) {
    var figures = rules.figures();
    var day = told.told() == null ? today.get() : told.told();
    refuse(told.on().isAfter(day), "on", "It was moved after the day on which you ask.");
    refuse(
        (told.leftOn() == null) != (told.status() == null),
        told.leftOn() == null ? "leftOn" : "status",
        "Say both when it left its place and how, or neither.");
    refuse(
        told.status() != null && told.status().here(),
        "status",
        "Whoever left its place is given away, lost, or in one pot with another.");
    var looks = new ArrayList<Inspection>();
    for (int i = 0; i < told.looks().size(); i++) {
      var seen = told.looks().get(i);
      looks.add(
          Paths.under(
              "looks[%d]".formatted(i),
              () -> LookEntry.inspection(seen.on(), seen.looks(), figures)));
      refuse(seen.on().isAfter(day), "looks[%d].on".formatted(i), "It lies after that day.");
    }
    var checks = checks(told);
    for (int i = 0; i < checks.size(); i++) {
      refuse(
          checks.get(i).on().isAfter(day), "checks[%d].on".formatted(i), "It lies after that day.");
    }
    looks.sort(Comparator.comparing(Inspection::on));
    var move = move(told, looks, figures);
    return MoveView.of(move, Outcomes.of(move, after(told, looks), day, figures), figures);
  }

  private static void refuse(boolean wrong, String field, String sentence) {
    if (wrong) {
      throw new BadEntry(field, sentence);
    }
  }

  private static MoveMade move(MoveTold told, List<Inspection> looks, Figures figures) {
    return new MoveMade(
        told.on(),
        told.sort(),
        MoveMade.Before.seen(
            looks, told.on(), told.inFlower(), Optional.empty(), Pot.NOT_NOTED, figures),
        new MoveMade.Into(Optional.empty(), Pot.NOT_NOTED),
        RootTally.EMPTY,
        MoveMade.leadBroken(looks, told.on()));
  }

  private static List<CheckTold> checks(MoveTold told) {
    return told.checks() == null ? List.of() : told.checks();
  }

  private static After after(MoveTold told, List<Inspection> looks) {
    return After.of(
        told.on(),
        looks,
        checks(told).stream()
            .map(check -> new After.Answered(check.on(), check.purpose(), check.answer()))
            .toList(),
        Optional.ofNullable(told.leftOn()).map(on -> new After.End(on, told.status())),
        Optional.ofNullable(told.movedAgain()));
  }
}
