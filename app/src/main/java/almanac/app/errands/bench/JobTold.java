package almanac.app.errands.bench;

import almanac.app.errands.bench.dividing.MapEntry;
import almanac.app.ground.refusals.Paths;
import almanac.app.record.entries.LookEntry;
import almanac.app.record.entries.MixPart;
import almanac.app.record.entries.PotEntry;
import almanac.core.bench.LastWord;
import almanac.core.bench.PieceFate;
import almanac.core.bench.Task;
import almanac.core.bench.ToldAtBench;
import almanac.core.figures.Figures;
import almanac.core.history.Aid;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.pot.Pot;
import almanac.core.refusals.Longest;
import almanac.core.tally.RootTally;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What was told of a job so far. */
public record JobTold(
    @Schema(nullable = true, description = "The step it is at; the first open one unless given")
        Task at,
    @NotNull(message = "Give the steps that are done; there may be none.") Set<Task> done,
    @NotNull(message = "Give the steps that were passed over; there may be none.")
        Set<Task> skipped,
    @Schema(description = "What was found at the bench, by spot")
        @NotNull(message = "Give what was found; it may be nothing.")
        @Size(max = 100, message = "There are not so many things to look at.")
        Map<String, @NotNull(message = "Give what was found.") @Valid LookEntry> looks,
    @NotNull(message = "Give the tally; it may be empty.") @Valid TallyEntry tally,
    @Schema(nullable = true, description = "The pot it goes into; as before unless given") @Valid
        PotEntry pot,
    @Schema(description = "The mix it goes into; as before if empty")
        @NotNull(message = "Give the mix; it may be empty.")
        @Size(max = 20, message = "A mix has at most 20 components.")
        List<@NotNull(message = "Give a component and its parts.") @Valid MixPart> mix,
    @Schema(nullable = true) Moisture moisture,
    @NotNull(message = "Give the timers that run; there may be none.")
        @Size(max = 20, message = "At most 20 timers run at once.")
        List<@NotNull(message = "Give a timer.") @Valid TimerEntry> timers,
    @Schema(nullable = true, description = "How long it took; measured unless given")
        @Min(value = 1, message = "A job takes from 1 to 1440 minutes.")
        @Max(value = 1440, message = "A job takes from 1 to 1440 minutes.")
        Integer minutes,
    @NotNull(message = "Say what went well; it may be nothing.")
        @Size(max = Longest.ACCOUNT, message = "Say in at most {max} characters what went well.")
        String well,
    @NotNull(message = "Say what did not go well; it may be nothing.")
        @Size(
            max = Longest.ACCOUNT,
            message = "Say in at most {max} characters what did not go well.")
        String badly,
    @Schema(nullable = true, description = "How it is done, where that is not as advised")
        @Nullable Verdict chosen,
    @Schema(description = "Steps that are wanted besides") Set<Task> added,
    @Schema(nullable = true, description = "How it was drawn, and cut") @Valid
        @Nullable DividingEntry dividing,
    @Schema(nullable = true, description = "The pot in the stock, if it is taken from there")
        @Nullable UUID potItem,
    @Schema(nullable = true, description = "What goes under and over the mix, and what is kept")
        @Valid
        @Nullable FillEntry fill,
    @Schema(
            nullable = true,
            description = "The day of the work; the one on which it was begun unless given")
        @Nullable LocalDate on,
    @Schema(nullable = true, description = "What became of it, where it is let go") @Valid
        @Nullable EndingEntry ending,
    @Schema(description = "What was given to the roots, by its name; none unless given")
        @Size(max = 3, message = "There are not so many of them.")
        @Nullable
            Map<
                Aid,
                @Size(max = Longest.LINE, message = "Name it in at most {max} characters.") String>
            aids,
    @Schema(nullable = true, description = "Which page told it") @Valid @Nullable TellerEntry by) {
  /** What was kept by an older program has nothing of what came later. */
  public JobTold {
    added = added == null ? Set.of() : added;
    aids = aids == null ? Map.of() : aids;
  }

  /** Before anything is done. */
  static final JobTold NOTHING =
      new JobTold(
          null,
          Set.of(),
          Set.of(),
          Map.of(),
          TallyEntry.EMPTY,
          null,
          List.of(),
          null,
          List.of(),
          null,
          "",
          "",
          null,
          Set.of(),
          null,
          null,
          null,
          null,
          null,
          null,
          null);

  /** All steps before that one are done. */
  public static JobTold at(Task step, RootTally tally, Mix mix) {
    return new JobTold(
        step,
        EnumSet.range(Task.TAG, Task.values()[step.ordinal() - 1]),
        Set.of(),
        Map.of(),
        new TallyEntry(tally.counts(), tally.byEye()),
        null,
        MixPart.of(mix),
        null,
        List.of(),
        null,
        "",
        "",
        null,
        Set.of(),
        null,
        null,
        null,
        null,
        null,
        null,
        null);
  }

  /**
   * What was told of another plant of a tray, as far as it is the same for all: the pot, the mix,
   * the layers, how it is done and the steps. What was found, counted and cut stays its own.
   */
  JobTold sameAs(JobTold other) {
    return new JobTold(
        other.at,
        other.done,
        other.skipped,
        looks,
        tally,
        other.pot,
        other.mix,
        other.moisture,
        timers,
        minutes,
        well,
        badly,
        other.chosen,
        other.added,
        dividing,
        other.potItem,
        other.fill,
        other.on,
        ending,
        aids,
        null);
  }

  /** The same with the minutes it took. */
  JobTold taking(int so) {
    return new JobTold(
        at, done, skipped, looks, tally, pot, mix, moisture, timers, so, well, badly, chosen, added,
        dividing, potItem, fill, on, ending, aids, by);
  }

  /** Whether the page that told this told what was before, too, and had no answer. */
  boolean follows(JobTold before) {
    return by != null
        && before.by != null
        && by.page.equals(before.by.page)
        && by.turn >= before.by.turn;
  }

  /** The page that told it, and how often that had told something before. */
  public record TellerEntry(
      @NotNull(message = "Name the page that tells it.")
          @Size(min = 1, max = Longest.KEY, message = "Name the page in 1 to {max} characters.")
          String page,
      @Min(value = 0, message = "Turns are counted from 0.") int turn) {}

  /** How the plant was drawn, and where it is cut. */
  public record DividingEntry(
      @Schema(nullable = true, description = "As it was proposed unless given") @Valid
          @Nullable MapEntry map,
      @Schema(description = "Joints that are cut, by their places in the list")
          @NotNull(message = "Give the cuts; there may be none.")
          @Size(max = 60, message = "There are not so many joints.")
          List<@NotNull(message = "Give the place of a joint.") Integer> cuts,
      @Schema(description = "What becomes of a piece, by the name of its first growth")
          @NotNull(message = "Say what becomes of the pieces; it may be left open.")
          @Size(max = 60, message = "There are not so many pieces.")
          Map<String, @NotNull(message = "Say what becomes of the piece.") @Valid PieceEntry>
              pieces) {
    static final DividingEntry NONE = new DividingEntry(null, List.of(), Map.of());

    private ToldAtBench.Cutting meant() {
      var told = new HashMap<String, ToldAtBench.PieceTold>();
      pieces.forEach(
          (key, piece) ->
              told.put(key, Paths.under("dividing.pieces." + key, () -> piece.meant())));
      return new ToldAtBench.Cutting(
          map == null
              ? Optional.empty()
              : Optional.of(Paths.under("dividing.map", () -> map.map())),
          cuts,
          told);
    }
  }

  /** What becomes of one piece, and in which pot. */
  public record PieceEntry(
      @NotNull(message = "Say what becomes of the piece.") PieceFate fate,
      @Schema(nullable = true, description = "As that of the plant itself unless given") @Valid
          @Nullable PotEntry pot,
      @Schema(nullable = true) @Nullable UUID potItem,
      @Schema(nullable = true, description = "To whom it is given")
          @Size(max = Longest.REASON, message = "Say in at most {max} characters to whom.")
          @Nullable String to,
      @Schema(nullable = true, description = "The mix it goes into; that of the plant unless given")
          @Size(max = 20, message = "A mix has at most 20 components.")
          @Nullable List<@NotNull(message = "Give a component and its parts.") @Valid MixPart> mix,
      @Schema(nullable = true, description = "What became of its own roots, if they were counted")
          @Valid
          @Nullable TallyEntry tally) {

    private ToldAtBench.PieceTold meant() {
      return new ToldAtBench.PieceTold(
          fate,
          noted(pot),
          Optional.ofNullable(potItem),
          to == null ? "" : to,
          mix == null || mix.isEmpty() ? Optional.empty() : Optional.of(MixPart.mix(mix)),
          tally == null ? RootTally.EMPTY : tally.tally());
    }
  }

  /** What became of a plant that was let go. */
  public record EndingEntry(
      @NotNull(message = "Say what became of it.") LastWord became,
      @NotNull(message = "Say why; it may be left empty.")
          @Size(max = Longest.REASON, message = "A reason has at most {max} characters.")
          String why,
      @Schema(description = "Whether a firm bulb with an eye was saved, a plant of its own now")
          boolean bulbSaved) {}

  /** What goes under and over the mix, and what of the old one is boiled and kept. */
  public record FillEntry(
      @Schema(nullable = true, description = "mm; as the rules say unless given")
          @Nullable Double bottomMm,
      @Schema(nullable = true, description = "mm; as the rules say unless given")
          @Nullable Double topMm,
      @Schema(description = "What goes back into the stock, ml by component")
          @NotNull(message = "Say what goes back into the stock; it may be nothing.")
          @Size(max = 20, message = "There are not so many components.")
          Map<Component, @NotNull(message = "Give how much, in ml.") Double> back) {
    static final FillEntry AS_USUAL = new FillEntry(null, null, Map.of());

    private ToldAtBench.Layers meant() {
      return new ToldAtBench.Layers(given(bottomMm), given(topMm), back);
    }
  }

  private DividingEntry cutting() {
    return dividing == null ? DividingEntry.NONE : dividing;
  }

  FillEntry filling() {
    return fill == null ? FillEntry.AS_USUAL : fill;
  }

  /**
   * What it means.
   *
   * @param on the day of the work
   * @throws almanac.core.refusals.Refused naming what cannot be right
   */
  ToldAtBench meant(LocalDate on, Figures figures) {
    return new ToldAtBench(
        new ToldAtBench.Steps(done, skipped, added),
        LookEntry.inspection(on, looks, figures),
        tally.tally(),
        new ToldAtBench.Into(
            noted(pot),
            Optional.ofNullable(potItem),
            mix.isEmpty() ? Optional.empty() : Optional.of(MixPart.mix(mix)),
            Optional.ofNullable(moisture),
            filling().meant()),
        cutting().meant(),
        Optional.ofNullable(chosen),
        Optional.ofNullable(ending)
            .map(told -> new ToldAtBench.Ending(told.became, told.why, told.bulbSaved)),
        new ToldAtBench.Account(
            minutes == null ? OptionalInt.empty() : OptionalInt.of(minutes), well, badly, aids));
  }

  private static Optional<Pot> noted(@Nullable PotEntry pot) {
    return pot == null ? Optional.empty() : Optional.of(PotEntry.pot(pot));
  }

  private static OptionalDouble given(@Nullable Double number) {
    return number == null ? OptionalDouble.empty() : OptionalDouble.of(number);
  }

  /** Something that is waited for. */
  public record TimerEntry(
      @NotNull(message = "Say for which step the timer runs.") Task task,
      @NotNull(message = "Say when the timer rings.") Instant rings,
      @Schema(nullable = true, description = "What it is for; the name of its step unless given")
          @Size(
              max = Longest.SHORT_NAME,
              message = "A timer has a name of at most {max} characters.")
          @Nullable String name) {}
}
