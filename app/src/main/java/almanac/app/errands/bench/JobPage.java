package almanac.app.errands.bench;

import almanac.app.errands.bench.dividing.GrowthMark;
import almanac.app.errands.bench.dividing.MapEntry;
import almanac.app.errands.bench.dividing.PieceView;
import almanac.app.errands.bench.dividing.PlanView;
import almanac.app.errands.bench.potting.FillView;
import almanac.app.errands.bench.potting.PlaceView;
import almanac.app.judged.pages.OnTrialView;
import almanac.app.judged.pages.Part;
import almanac.app.record.entries.MixPart;
import almanac.app.record.entries.PotEntry;
import almanac.core.bench.PieceFate;
import almanac.core.bench.Task;
import almanac.core.judgement.verdict.Verdict;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A job as it stands. */
record JobPage(
    UUID uid,
    @Schema(nullable = true, description = "The batch that it is one of") @Nullable UUID batch,
    long plantId,
    String name,
    String number,
    String kind,
    String placeName,
    @Schema(description = "Who saves must know it; it grows with every save") int version,
    LocalDate begunOn,
    Instant begunAt,
    @Schema(description = "Whether it was open for so long that its day has to be said")
        boolean asksDay,
    Verdict verdict,
    String verdictWords,
    @Schema(description = "How it is done, in a sentence") String method,
    @Schema(description = "What makes it so, as part of a sentence") String because,
    @Schema(description = "What a move was expected to break, in a sentence") List<Part> foretold,
    @Schema(description = "They follow from the method and from what was found so far")
        List<StepView> steps,
    @Schema(description = "What is looked at when it is out of its pot") List<String> looks,
    JobTold told,
    TallyView tally,
    @Schema(description = "How it may be done instead") List<Way> ways,
    @Schema(description = "Steps that may be wanted besides") List<TaskName> mayAdd,
    @Schema(nullable = true, description = "Null for a plant of one stem")
        @Nullable DividingView dividing,
    @Schema(description = "Trials that the move ends for it") List<OnTrialView> trials,
    @Schema(nullable = true, description = "Null where it goes into no pot")
        @Nullable PlaceView place,
    @Schema(nullable = true, description = "Null where no pot was measured")
        @Nullable FillView fill) {

  /** A way to move it. */
  record Way(Verdict verdict, String words) {}

  /** A step by its name. */
  record TaskName(Task task, String title) {}

  /** How it is drawn, and what it may be parted into. */
  record DividingView(
      @Schema(description = "As it was drawn, or as it is proposed") MapEntry map,
      @Schema(
              description =
                  "What follows for its growths from where they stand and where it is cut")
          List<GrowthMark> marks,
      @Schema(description = "Whether somebody drew it") boolean drawn,
      @Schema(description = "The growths that stay this plant, by their names")
          List<String> staying,
      @Schema(description = "So many firm growths a piece of this kind needs") int least,
      @Schema(description = "Ways to cut it; none where it is not parted") List<PlanView> plans,
      @Schema(description = "What the cuts that are meant leave; none where it is not parted")
          List<PieceLine> pieces) {}

  /** One piece with what becomes of it. */
  record PieceLine(
      @Schema(description = "The name of its first growth") String key,
      @Schema(description = "The letter by which it stands on the drawing") String letter,
      PieceView piece,
      @Schema(description = "Towards which hours of the clock its sound leads go on")
          List<Integer> towards,
      PieceFate fate,
      @Schema(description = "The pot that would be right for it, mm across") double wantedMm,
      @Schema(nullable = true) @Nullable PotEntry pot,
      @Schema(nullable = true) @Nullable UUID potItem,
      @Schema(description = "To whom it is given; may be empty") String to,
      @Schema(
              nullable = true,
              description = "Its own mix; absent if it is that of the plant itself")
          @Nullable List<MixPart> mix,
      @Schema(description = "What became of its own roots; empty if they were not counted")
          TallyEntry tally) {}

  /** One step. */
  record StepView(
      Task task,
      String title,
      String what,
      String why,
      @Schema(nullable = true, description = "What can hurt at this step") String caution,
      List<String> atHand,
      @Schema(nullable = true, description = "How long to wait, where one waits") Integer minutes,
      StepState state) {}

  /** How far a step is. */
  enum StepState {
    OPEN,
    DONE,
    SKIPPED
  }
}
