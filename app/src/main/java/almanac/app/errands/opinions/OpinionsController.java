package almanac.app.errands.opinions;

import almanac.app.errands.trainer.CaseViews;
import almanac.app.errands.trainer.TrainerPage.PlantCase;
import almanac.app.errands.whatif.OpenSituation.Units;
import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.NotFound;
import almanac.app.ground.refusals.Paths;
import almanac.app.ground.web.Reckons;
import almanac.app.judged.judging.Judging;
import almanac.app.judged.pages.Slips;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.kinds.Kinds;
import almanac.app.record.rules.CollectionApproach;
import almanac.app.record.site.Today;
import almanac.core.history.Approach;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.verdict.Asks;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.refusals.Longest;
import almanac.core.season.LightYear;
import almanac.core.trainer.Call;
import almanac.core.trainer.Parting;
import almanac.core.trainer.TrainingCase;
import almanac.core.words.Sentence;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Opinions are asked for, given and laid beside each other; nothing of them is kept. */
@RestController
class OpinionsController {
  private final Plants plants;
  private final Asking asking;
  private final Kinds kinds;
  private final Judging judging;
  private final CollectionApproach approach;
  private final Today today;

  OpinionsController(
      Plants plants,
      Asking asking,
      Kinds kinds,
      Judging judging,
      CollectionApproach approach,
      Today today) {
    this.plants = plants;
    this.asking = asking;
    this.kinds = kinds;
    this.judging = judging;
    this.approach = approach;
    this.today = today;
  }

  /** What somebody judges of the plant of a file. */
  record OpinionGiven(
      @NotNull(message = "Give the file that asks.") @Valid Question question,
      @NotNull(message = "Say what is to be done.") Asks asks,
      @Schema(nullable = true, description = "Only where it is repotted now") @Nullable Verdict how,
      @NotNull(message = "Say who you are; it may be empty.")
          @Size(max = Longest.NAME, message = "A name has at most {max} characters.")
          String from,
      @NotNull(message = "Say why; it may be empty.")
          @Size(max = AnswerFile.LONGEST_WORDS, message = "At most {max} characters.")
          String says) {}

  /** An opinion beside one's own. */
  record OpinionsBeside(
      @Schema(description = "The plant in this collection") long plantId,
      String name,
      LocalDate on,
      String from,
      LocalDate answeredOn,
      Asks asks,
      @Schema(nullable = true, description = "How they would move it, in words")
          @Nullable String how,
      String says,
      @Schema(description = "How their almanac judges it") Opinion theirs,
      @Schema(description = "How this one judged it, by what the file tells") Opinion ours,
      @Schema(description = "Where they part, a sentence each; none where they agree")
          List<String> parts) {}

  @GetMapping("/api/plants/{id}/question")
  @Operation(summary = "A plant as a file that asks for an opinion: without its verdict")
  ResponseEntity<Question> ask(@PathVariable long id) {
    var plant = plants.one(id);
    var file =
        ContentDisposition.attachment()
            .filename(plant.name() + ", what would you do.json", StandardCharsets.UTF_8)
            .build();
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, file.toString())
        .body(asking.of(plant, today.get()));
  }

  @Reckons
  @PostMapping("/api/opinions/question")
  @Operation(summary = "Shows the plant of a file that asks for an opinion")
  PlantCase show(@Valid @RequestBody Question question) {
    question.checked();
    return CaseViews.of(
        name(question),
        Optional.empty(),
        new TrainingCase(situation(question), approach.get(), Map.of()),
        judging.figures());
  }

  @Reckons
  @PostMapping("/api/opinions/answer")
  @Operation(summary = "The file that answers: an opinion, and that of this almanac beside it")
  AnswerFile answer(@Valid @RequestBody OpinionGiven given) {
    var question = Paths.under("question", given.question()::checked);
    var call = new Call(given.asks(), Optional.ofNullable(given.how()), Set.of());
    return new AnswerFile(
        AnswerFile.IS,
        Question.FORMAT,
        question,
        today.get(),
        call.asks(),
        given.how(),
        given.from().strip(),
        given.says().strip(),
        Paths.under("question", () -> judged(question, approach.get())));
  }

  @Reckons
  @PostMapping("/api/opinions/compare")
  @Operation(summary = "Lays an opinion that came back beside one's own")
  OpinionsBeside compare(@Valid @RequestBody AnswerFile answer) {
    answer.check();
    var question = answer.question();
    var plant = ours(question);
    var ours = judged(question, judging.approach(plant));
    return new OpinionsBeside(
        plant.id(),
        plant.called(),
        day(question),
        answer.from(),
        answer.answeredOn(),
        answer.asks(),
        answer.how() == null ? null : answer.how().words(),
        answer.says(),
        answer.almanac(),
        ours,
        Parting.of(held(answer.almanac()), held(ours)).stream().map(Sentence::toString).toList());
  }

  private static Parting.Held held(Opinion opinion) {
    return new Parting.Held(opinion.asks(), opinion.method(), opinion.looks());
  }

  private PlantInPlace ours(Question question) {
    return plants.everybody().stream()
        .filter(plant -> plant.plant().uid().equals(question.plant()))
        .findFirst()
        .orElseThrow(
            () -> new NotFound("“%s” is no plant of this collection.".formatted(name(question))));
  }

  private Opinion judged(Question question, Approach by) {
    return Opinion.of(Slips.of(situation(question), by, judging.figures()));
  }

  private Situation situation(Question question) {
    var told = question.situation();
    return Paths.under(
        "situation",
        () -> {
          var kind =
              kinds
                  .named(told.kind())
                  .orElseThrow(
                      () ->
                          new BadEntry(
                              "kind",
                              "“%s” is a kind of their own; it is not known here."
                                  .formatted(question.kindName())));
          return told.situation(
              kind, LightYear.at(told.latitude(0)), Units.METRIC, day(question), judging.figures());
        });
  }

  private LocalDate day(Question question) {
    var on = question.situation().on();
    return on == null ? today.get() : on;
  }

  private static String name(Question question) {
    var name = question.situation().name();
    return name == null ? question.kindName() : name;
  }
}
