package almanac.app.jobs;

import almanac.app.shown.Part;
import almanac.core.jobs.Task;
import almanac.core.judgement.verdict.Verdict;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/** A job as it stands. */
record JobPage(
    UUID uid,
    long plantId,
    String name,
    String number,
    String kind,
    String placeName,
    @Schema(description = "Who saves must know it; it grows with every save") int version,
    LocalDate begunOn,
    Instant begunAt,
    Verdict verdict,
    String verdictWords,
    @Schema(description = "How it is done, in a sentence") String method,
    @Schema(description = "What makes it so, as part of a sentence") String because,
    @Schema(description = "What a move was expected to break, in a sentence") List<Part> foretold,
    @Schema(description = "They follow from the method and from what was found so far")
        List<StepView> steps,
    @Schema(description = "What is looked at when it is out of its pot") List<String> looks,
    JobTold told,
    TallyView tally) {

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
