package almanac.app.errands.bench.potting;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.Paths;
import almanac.app.ground.web.Reckons;
import almanac.app.record.entries.MixPart;
import almanac.app.record.entries.PotEntry;
import almanac.app.record.kinds.Kinds;
import almanac.app.record.rules.Rules;
import almanac.app.record.site.Today;
import almanac.core.figures.Figures;
import almanac.core.kinds.Kind;
import almanac.core.kinds.Trait;
import almanac.core.pot.Ball;
import almanac.core.pot.Filling;
import almanac.core.pot.Outline;
import almanac.core.pot.Pot;
import almanac.core.pot.PotMove;
import almanac.core.pot.Seats;
import almanac.core.pot.SetDepth;
import almanac.core.pot.Spot;
import almanac.core.rhizome.LeadPace;
import almanac.core.rhizome.Sketch;
import almanac.core.stock.Stock;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PositiveOrZero;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class PottingController {
  /** No pot is deeper. */
  private static final long DEEPEST_MM = 1000;

  private static final String NO_LAYER = "A layer goes from 0 to " + DEEPEST_MM + " mm.";

  private final Kinds kinds;
  private final Rules rules;
  private final Today today;

  PottingController(Kinds kinds, Rules rules, Today today) {
    this.kinds = kinds;
    this.rules = rules;
    this.today = today;
  }

  /** A plant seen from above, and pots to choose from. */
  @Schema(
      example =
          """
          {"kind":"oncidium","radiusMm":15,
           "growths":[{"x":0,"y":-40,"heading":null},{"x":0,"y":0,"heading":null},
                      {"x":0,"y":40,"heading":20}],
           "oldMm":120,"mediumYears":2,"ballStays":false,"rootsWouldBreak":false,"followsRoots":false,
           "rootless":false,
           "pots":[{"type":"CLEAR","diameterMm":120,"depthMm":100,"topLayer":""},
                   {"type":"CLEAR","diameterMm":160,"depthMm":140,"topLayer":""}]}""")
  record PotsAsked(
      @Schema(description = "The key of a kind, as GET /api/kinds lists them")
          @NotBlank(message = "Say what kind of plant it is.")
          String kind,
      @Schema(description = "Half of what a growth is across, mm") double radiusMm,
      @Schema(description = "None if nobody drew it: it takes the room of its old pot then")
          @NotNull(message = "Give the growths.")
          List<@NotNull(message = "A growth cannot be empty.") @Valid StandingEntry> growths,
      @Schema(
              nullable = true,
              description =
                  "Growths that each lead of this plant made in a year; else the kind's, shared"
                      + " among its leads")
          @Nullable Double growthsAYear,
      @Schema(nullable = true, description = "Across the old pot, mm") @Nullable Double oldMm,
      @Schema(nullable = true, description = "How deep the old pot is inside, mm")
          @Nullable Double oldDepthMm,
      @Schema(nullable = true, description = "How long the mix lasts; null if nothing decays")
          @Nullable Double mediumYears,
      @Schema(description = "Whether the ball goes into the new pot whole") boolean ballStays,
      @Schema(
              description =
                  "Whether a pot of the usual size would break its roots: the smallest step that"
                      + " spares them is right then")
          boolean rootsWouldBreak,
      @Schema(description = "Whether so many roots were lost that the pot follows them")
          boolean followsRoots,
      boolean rootless,
      @Schema(
              nullable = true,
              description = "How deep you mean to set it; without it nothing is said")
          @Nullable SetDepth level,
      @NotNull(message = "Give the pots.")
          List<@NotNull(message = "A pot cannot be empty.") @Valid PotEntry> pots) {

    LeadPace pace(Kind of) {
      return growthsAYear == null
          ? LeadPace.of(of)
          : new LeadPace(of.of(Trait.GROWTHS_A_YEAR), OptionalDouble.of(growthsAYear));
    }

    Outline outline(Kind of) {
      long leads = growths.stream().filter(each -> each.heading() != null).count();
      return new Outline(
          growths.stream()
              .map(each -> new Outline.Standing(new Spot(each.x(), each.y()), each.heading()))
              .toList(),
          radiusMm,
          of.of(Trait.RHIZOME_STEP_MM) * pace(of).of(leads));
    }
  }

  /** Where a growth stands. */
  record StandingEntry(
      @Schema(description = "mm from the pot's middle towards 3 o'clock") double x,
      @Schema(description = "mm from the pot's middle towards 12 o'clock") double y,
      @Schema(
              nullable = true,
              description = "Where it goes on, degrees clockwise from 12 o'clock; null if not")
          @Nullable Double heading) {}

  /** The pots for a plant. */
  record PotsAnswer(
      @Schema(description = "The best first") List<SeatView> seats,
      @Schema(description = "The pot that would be right, mm across") double wantedMm,
      @Schema(description = "How deep it is set") SetDepth level,
      String levelWords,
      String levelWhy,
      @Schema(
              nullable = true,
              description =
                  "What is wrong with the depth you mean to set it at; null if nothing is")
          @Nullable String levelFault) {}

  /** Pots to fill. */
  @Schema(
      example =
          """
          {"pots":[{"pot":{"type":"CLEAR","diameterMm":150,"depthMm":130,"topLayer":""},
                    "old":{"type":"CLEAR","diameterMm":120,"depthMm":108,"topLayer":""},
                    "ball":"BARE","bottomMm":15,"topMm":10}],
           "mix":[{"component":"BARK_FINE","parts":3},{"component":"PERLITE","parts":1}]}""")
  record FillAsked(
      @NotNull(message = "Give the pots.")
          @Size(min = 1, max = 500, message = "Fill from 1 to 500 pots.")
          List<@NotNull(message = "A pot cannot be empty.") @Valid FilledEntry> pots,
      @NotNull(message = "Give the mix.")
          @Size(max = 20, message = "A mix has at most 20 components.")
          List<@NotNull(message = "Give a component and its parts.") @Valid MixPart> mix) {}

  /** One pot with what goes into it. */
  record FilledEntry(
      @NotNull(message = "Say what pot it is.") @Valid PotEntry pot,
      @Schema(nullable = true, description = "The pot it comes from; nothing is taken off without")
          @Valid
          @Nullable PotEntry old,
      @NotNull(message = "Say how much of the ball stays.") Ball ball,
      @Schema(description = "The layer under the mix")
          @PositiveOrZero(message = NO_LAYER)
          @Max(value = DEEPEST_MM, message = NO_LAYER)
          double bottomMm,
      @Schema(description = "The layer over it")
          @PositiveOrZero(message = NO_LAYER)
          @Max(value = DEEPEST_MM, message = NO_LAYER)
          double topMm) {}

  @Reckons
  @PostMapping("/api/pot-advice")
  @Operation(
      summary = "Which pot a plant wants, and where in it; nothing is stored",
      description =
          """
          The smallest circle round all growths and round where the leads will be, with a margin:
          for how many years a pot has room, and how far the plant is shifted in it.""")
  PotsAnswer pots(@Valid @RequestBody PotsAsked asked) {
    var kind =
        kinds
            .named(asked.kind())
            .orElseThrow(
                () -> new BadEntry("kind", "There is no such kind; GET /api/kinds lists them."));
    if (asked.growthsAYear() != null
        && !(asked.growthsAYear() >= 0 && asked.growthsAYear() <= 12)) {
      throw new BadEntry("growthsAYear", "A lead makes from 0 to 12 growths a year.");
    }
    if (!(asked.radiusMm() > 0 && asked.radiusMm() <= 500)) {
      throw new BadEntry("radiusMm", "Half a growth is over 0 to 500 mm.");
    }
    var outline = asked.growths().isEmpty() ? undrawn(asked, kind) : asked.outline(kind);
    var move =
        new PotMove(
            optional(asked.oldMm()),
            optional(asked.oldDepthMm()),
            optional(asked.mediumYears()),
            asked.ballStays(),
            asked.rootsWouldBreak(),
            asked.followsRoots(),
            asked.rootless(),
            kind);
    var seats = new Seats(outline, move, rules.figures());
    var level = SetDepth.of(kind);
    return new PotsAnswer(
        seats.in(measured(asked.pots())).stream()
            .map(seat -> SeatView.of(seat, null, null, today.get()))
            .toList(),
        seats.wantedMm(),
        level,
        level.words(),
        level.why(),
        asked.level() == null ? null : level.against(asked.level()).orElse(null));
  }

  /** A plant that nobody drew takes as much room as its pot has. */
  private Outline undrawn(PotsAsked asked, Kind kind) {
    if (asked.oldMm() == null) {
      throw new BadEntry("growths", "Give the growths, or what the old pot is across.");
    }
    return Sketch.of(List.of(), kind, Optional.empty())
        .outline(kind, asked.pace(kind), rules.figures())
        .within(asked.oldMm() / 2);
  }

  private static List<Pot> measured(List<PotEntry> entries) {
    var pots = new ArrayList<Pot>();
    for (int i = 0; i < entries.size(); i++) {
      var entry = entries.get(i);
      var name = "pots[%d]".formatted(i);
      if (entry.diameterMm() == null) {
        throw new BadEntry(name + ".diameterMm", "Measure the pot across its rim.");
      }
      pots.add(PotEntry.under(name, entry));
    }
    return pots;
  }

  private static OptionalDouble optional(@Nullable Double value) {
    return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
  }

  @Reckons
  @PostMapping("/api/sums/fill")
  @Operation(summary = "How much of what goes into pots, together; nothing is stored")
  FillView fill(@Valid @RequestBody FillAsked asked) {
    var figures = rules.figures();
    var fillings = new ArrayList<Filling>();
    for (int i = 0; i < asked.pots().size(); i++) {
      var each = asked.pots().get(i);
      fillings.add(Paths.under("pots[%d]".formatted(i), () -> filling(each, figures)));
    }
    return FillView.of(fillings, MixPart.mix(asked.mix()), null, new Stock(List.of()), figures);
  }

  private static Filling filling(FilledEntry entry, Figures figures) {
    return Filling.of(
        PotEntry.under("pot", entry.pot()),
        entry.ball().ml(PotEntry.under("old", entry.old()), figures),
        entry.bottomMm(),
        entry.topMm(),
        figures);
  }
}
