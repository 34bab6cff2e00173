package almanac.app.errands.trainer;

import almanac.app.judged.pages.Part;
import almanac.app.judged.pages.Slip;
import almanac.core.history.Aim;
import almanac.core.trainer.Mark;
import almanac.core.trainer.Sure;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What the trainer asks next, and how its learner does. */
record TrainerPage(
    LocalDate today,
    @Schema(nullable = true, description = "Null where all is known, or not due yet")
        @Nullable NextCase next,
    @Schema(description = "How many are to come back by today") int due,
    @Schema(description = "How many are known by now") long known,
    @Schema(description = "How many there are") int cases,
    @Schema(description = "How many come from the collection's own past") int own,
    @Schema(description = "How many were answered today") int answeredToday,
    @Schema(description = "How many make a sitting") int sitting,
    Progress progress) {

  /** What is asked: a plant, or a drawing. */
  record NextCase(
      String key,
      @Schema(description = "Whether it was misjudged before") boolean again,
      @Schema(nullable = true) @Nullable PlantCase plant,
      @Schema(nullable = true) @Nullable Drawing drawing) {}

  /** A plant on a day, without its verdict. */
  record PlantCase(
      String name,
      @Schema(nullable = true, description = "Null for one that was made up")
          @Nullable Long plantId,
      String kind,
      String kindName,
      @Schema(description = "When its kind takes a move") String readyWhen,
      LocalDate on,
      @Schema(description = "Where and in what it stands, and what its keeper wants, a line each")
          List<List<Part>> known,
      @Schema(description = "What had been seen, the newest day first") List<Day> days,
      @Schema(description = "What may be looked at first") List<MayLook> mayLook,
      @Schema(description = "In which ways it can be moved now") List<Way> ways,
      Aim aim) {}

  /** What was seen on one day. */
  record Day(LocalDate on, List<Seen> seen) {}

  /** One thing that was seen. */
  record Seen(
      String item,
      String title,
      @Schema(description = "The names of its answers") List<String> answers,
      List<Part> words) {}

  /** A look that may be taken before the plant is judged. */
  record MayLook(String item, String title, String how) {}

  /** A way to move a plant. */
  record Way(String way, String words) {}

  /** What a look shows. */
  record Shown(@Schema(description = "Empty where nobody knows") List<Seen> seen) {}

  /** A drawing that is to be named. */
  record Drawing(
      String item,
      String title,
      @Schema(description = "The answer that is drawn") String shown,
      List<Name> names) {}

  /** What a drawing may show. */
  record Name(String answer, String words, String sign) {}

  /** How it went so far. */
  record Progress(
      int right,
      int of,
      @Schema(description = "The commonest first") List<Mistake> mistakes,
      @Schema(description = "The last weeks, the oldest first") List<Week> weeks,
      @Schema(description = "By how sure the learner was") List<BySure> sure) {}

  record Mistake(Mark mark, String words, int count) {}

  record Week(LocalDate from, int right, int of) {}

  record BySure(Sure sure, String words, int right, int of) {}

  /** What an answer was worth, and what there was to see. */
  record Judged(
      Mark mark,
      String markWords,
      @Schema(nullable = true, description = "When it comes back; null where it is known")
          @Nullable LocalDate again,
      @Schema(nullable = true, description = "Null for a drawing") @Nullable Slip slip,
      @Schema(description = "Which approaches judge as the learner did, where that was not right")
          List<String> alsoBy,
      @Schema(description = "What the looks would have shown that were not taken")
          List<Seen> unseen,
      @Schema(description = "What the case is about; may be empty") String shows,
      List<Part> done,
      List<Part> came) {}
}
