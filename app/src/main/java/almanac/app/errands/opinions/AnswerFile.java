package almanac.app.errands.opinions;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.Paths;
import almanac.core.judgement.verdict.Asks;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.refusals.Longest;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** What somebody judged of a plant without knowing its verdict. */
@Schema(name = "OpinionAnswer")
record AnswerFile(
    @Schema(description = "What file this is: answer") @NotBlank(message = NO_ANSWER)
        String mellowAlmanac,
    @Schema(description = "Raised whenever what an older program reads would be wrong") int format,
    @NotNull(message = NO_ANSWER) @Valid Question question,
    @NotNull(message = NO_ANSWER) LocalDate answeredOn,
    @NotNull(message = NO_ANSWER) Asks asks,
    @Schema(nullable = true, description = "Only where it is moved now") @Nullable Verdict how,
    @NotNull(message = NO_ANSWER)
        @Size(max = Longest.NAME, message = "A name has at most {max} characters.")
        String from,
    @NotNull(message = NO_ANSWER) @Size(max = LONGEST_WORDS, message = "At most {max} characters.")
        String says,
    @Schema(description = "How the almanac of whoever answers judges it, by its own rules")
        @NotNull(message = NO_ANSWER)
        @Valid
        Opinion almanac) {
  static final String IS = "answer";
  static final int LONGEST_WORDS = 1000;
  static final String NO_ANSWER = "This file holds no opinion about a plant.";

  /**
   * @throws BadEntry naming what is wrong, if it is another file, or what was asked was altered
   */
  void check() {
    if (!IS.equals(mellowAlmanac)) {
      throw new BadEntry("mellowAlmanac", NO_ANSWER);
    }
    Question.notNewer(format);
    Paths.under("question", question::checked);
  }
}
