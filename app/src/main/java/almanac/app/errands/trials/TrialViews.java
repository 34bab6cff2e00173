package almanac.app.errands.trials;

import almanac.app.errands.taught.Remembered;
import almanac.app.judged.judging.Judging;
import almanac.app.judged.pages.Part;
import almanac.app.record.collection.Plants;
import almanac.core.inspection.Measurement;
import almanac.core.trials.OnTrial.Side;
import almanac.core.tried.Compared;
import almanac.core.tried.Difference;
import almanac.core.tried.Member;
import almanac.core.tried.Reading;
import almanac.core.tried.TrialRun;
import almanac.core.words.Measure;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Trials as they are shown. */
@Component
class TrialViews {
  private final Plants plants;
  private final Remembered remembered;
  private final Judging judging;

  TrialViews(Plants plants, Remembered remembered, Judging judging) {
    this.plants = plants;
    this.remembered = remembered;
    this.judging = judging;
  }

  /** A trial in the list. */
  record TrialLine(
      UUID uid,
      String name,
      @Schema(description = "What is tried, as a part of a sentence") String tried,
      @Schema(description = "What it is held against, as a part of a sentence") String against,
      @Schema(description = "The same as a head over what was seen of them") String others,
      LocalDate since,
      @Schema(description = "From that day on it may be judged") LocalDate judgeOn,
      TrialRun.State state,
      @Schema(description = "How many it is tried on") int plants,
      @Schema(nullable = true) @Nullable LocalDate closedOn,
      @Schema(nullable = true, description = "What its keeper says of it")
          @Nullable String conclusion) {
    static TrialLine of(TrialRun run, LocalDate today) {
      var trial = run.trial();
      return new TrialLine(
          trial.uid(),
          trial.name(),
          trial.tried().words(),
          trial.against().words(),
          trial.against().side(),
          trial.since(),
          trial.judgeOn(),
          run.state(today),
          (int) run.members().stream().filter(member -> member.its().side() == Side.TRIED).count(),
          run.closed().map(TrialRun.Closed::on).orElse(null),
          run.closed().map(TrialRun.Closed::words).orElse(null));
    }
  }

  /** A plant of a trial. */
  record TrialPlant(
      long plantId,
      String name,
      String placeName,
      Side side,
      @Schema(description = "Those of one number are held against each other; 0 for none") int pair,
      @Schema(nullable = true, description = "The day from which it tells of the trial no more")
          @Nullable LocalDate left,
      @Schema(description = "What came of the move it began with; empty where it did not")
          List<Part> cameOf) {}

  /** What was seen of one thing on one plant on a day. */
  record TrialReading(
      LocalDate on, List<Part> words, @Schema(nullable = true) @Nullable Double measured) {
    static TrialReading of(Reading reading) {
      return new TrialReading(
          reading.on(),
          Part.of(reading.spot().found(reading.finding())),
          boxed(reading.finding().measured()));
    }
  }

  /** One plant's readings of one thing. */
  record TrialRow(
      long plantId,
      List<TrialReading> seen,
      @Schema(nullable = true, description = "What the readings come to") @Nullable Double value,
      @Schema(nullable = true, description = "What the same months of the years before came to")
          @Nullable Double before) {}

  /** How much more something is where it is tried. */
  record TrialDifference(
      int plants, double low, double likely, double high, Difference.Says says) {}

  /** One thing that is looked at. */
  record TrialLook(
      String item,
      String title,
      @Schema(nullable = true, description = "Absent where nothing is measured")
          @Nullable Measure measure,
      List<TrialRow> rows,
      @Schema(nullable = true, description = "Absent before the trial may be judged")
          @Nullable TrialDifference difference,
      @Schema(description = "What follows from it; empty before the trial may be judged")
          List<Part> words) {}

  /** A trial with all that was seen of its plants. */
  record TrialPage(TrialLine trial, List<TrialPlant> plants, List<TrialLook> looks) {}

  TrialPage page(TrialRun run, LocalDate today) {
    return new TrialPage(
        TrialLine.of(run, today),
        run.members().stream().map(member -> plant(member, today)).toList(),
        run.compared(today, judging.figures()).stream().map(TrialViews::look).toList());
  }

  private TrialPlant plant(Member member, LocalDate today) {
    var plant = plants.one(member.plant().id());
    var figures = judging.figures();
    return new TrialPlant(
        plant.id(),
        plant.called(),
        plant.place().name(),
        member.its().side(),
        member.its().pair(),
        member.left().orElse(null),
        member
            .begunWith(remembered.of(plant).moves(), figures)
            .map(each -> Part.of(each.afterwards(today, figures).words(each.move())))
            .orElse(List.of()));
  }

  private static TrialLook look(Compared compared) {
    return new TrialLook(
        compared.item().key(),
        compared.item().title(),
        compared.item().measurement().map(Measurement::measure).orElse(null),
        compared.rows().stream()
            .map(
                row ->
                    new TrialRow(
                        row.member().plant().id(),
                        row.readings().stream().map(TrialReading::of).toList(),
                        boxed(row.value()),
                        boxed(row.before())))
            .toList(),
        compared
            .difference()
            .map(
                of -> new TrialDifference(of.plants(), of.low(), of.likely(), of.high(), of.says()))
            .orElse(null),
        compared.words().map(Part::of).orElse(List.of()));
  }

  private static @Nullable Double boxed(OptionalDouble value) {
    return value.isPresent() ? value.getAsDouble() : null;
  }
}
