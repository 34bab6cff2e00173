package almanac.app.errands.trainer;

import almanac.app.judged.pages.Part;
import almanac.app.judged.pages.Slip;
import almanac.core.history.Aim;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.trainer.Mark;
import almanac.core.trainer.Sure;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What the trainer asks next, and how its learner does. */
public record TrainerPage(
    LocalDate today,
    @Schema(nullable = true, description = "Null where all is known, or not due yet")
        @Nullable NextCase next,
    @Schema(description = "How many are to come back by today") int due,
    @Schema(description = "How many are known by now") long known,
    @Schema(description = "How many there are") int cases,
    @Schema(description = "How many come from the collection's own past") int own,
    @Schema(description = "How many were answered today") int answeredToday,
    @Schema(description = "How many make a sitting") int sitting,
    TrainerProgress progress) {

  /** What is asked: a plant, or a drawing. */
  public record NextCase(
      String key,
      @Schema(description = "Whether it was misjudged before") boolean again,
      @Schema(nullable = true) @Nullable PlantCase plant,
      @Schema(nullable = true) @Nullable DrawingCase drawing) {}

  /** A plant on a day, without its verdict. */
  public record PlantCase(
      String name,
      @Schema(nullable = true, description = "Null for one that was made up")
          @Nullable Long plantId,
      String kind,
      String kindName,
      @Schema(description = "When its kind takes a move") String readyWhen,
      LocalDate on,
      @Schema(description = "Where and in what it stands, and what its keeper wants, a line each")
          List<List<Part>> known,
      @Schema(description = "What had been seen, the newest day first") List<CaseDay> days,
      @Schema(description = "What may be looked at first") List<MayLook> mayLook,
      @Schema(description = "In which ways it can be moved now") List<CaseWay> ways,
      Aim aim) {}

  /** What was seen on one day. */
  public record CaseDay(LocalDate on, List<CaseSeen> seen) {}

  /** One thing that was seen. */
  public record CaseSeen(
      String item,
      String title,
      @Schema(description = "The names of its answers") List<String> answers,
      List<Part> words) {}

  /** A look that may be taken before the plant is judged. */
  public record MayLook(String item, String title, String how) {}

  /** A way to move a plant. */
  public record CaseWay(Verdict way, String words) {}

  /** What a look shows. */
  public record LookShown(@Schema(description = "Empty where nobody knows") List<CaseSeen> seen) {}

  /** A drawing that is to be named. */
  public record DrawingCase(
      String item,
      String title,
      @Schema(description = "The answer that is drawn") String shown,
      List<DrawnName> names) {}

  /** What a drawing may show. */
  public record DrawnName(String answer, String words, String sign) {}

  /** How it went so far. */
  public record TrainerProgress(
      int right,
      int of,
      @Schema(description = "The commonest first") List<MistakesMade> mistakes,
      @Schema(description = "The last weeks, the oldest first") List<TrainedWeek> weeks,
      @Schema(description = "By how sure the learner was") List<BySure> sure) {}

  public record MistakesMade(Mark mark, String words, int count) {}

  public record TrainedWeek(LocalDate from, int right, int of) {}

  public record BySure(Sure sure, String words, int right, int of) {}

  /** What an answer was worth, and what there was to see. */
  public record CaseJudged(
      Mark mark,
      String markWords,
      @Schema(nullable = true, description = "When it comes back; null where it is known")
          @Nullable LocalDate again,
      @Schema(nullable = true, description = "Null for a drawing") @Nullable Slip slip,
      @Schema(description = "Which approaches judge as the learner did, where that was not right")
          List<String> alsoBy,
      @Schema(description = "What the looks would have shown that were not taken")
          List<CaseSeen> unseen,
      @Schema(description = "What the case is about; may be empty") String shows,
      List<Part> done,
      List<Part> came) {}
}
