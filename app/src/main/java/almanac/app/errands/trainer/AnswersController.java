package almanac.app.errands.trainer;

import static almanac.core.words.Sentence.say;

import almanac.app.errands.trainer.TrainerPage.CaseJudged;
import almanac.app.ground.refusals.BadEntry;
import almanac.app.judged.pages.Part;
import almanac.app.judged.pages.Slips;
import almanac.app.record.rules.Rules;
import almanac.app.record.site.Today;
import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.inspection.FieldGuide;
import almanac.core.inspection.Item;
import almanac.core.judgement.verdict.Asks;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.trainer.Again;
import almanac.core.trainer.Answered;
import almanac.core.trainer.Call;
import almanac.core.trainer.Mark;
import almanac.core.trainer.Marking;
import almanac.core.trainer.Sure;
import almanac.core.trainer.TrainingCase;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class AnswersController {
  private static final int MOST_LOOKS = 20;

  private final Cases cases;
  private final Training training;
  private final Rules rules;
  private final Today today;

  AnswersController(Cases cases, Training training, Rules rules, Today today) {
    this.cases = cases;
    this.training = training;
    this.rules = rules;
    this.today = today;
  }

  /** What a learner says of a plant. */
  @Schema(
      example =
          "{\"asks\": \"MOVE\", \"how\": \"FULL_REPOT\", \"looked\": [\"smell\"], \"sure\": \"FAIRLY\"}")
  record CaseCalled(
      @NotNull(message = "Say what is to be done.") Asks asks,
      @Schema(nullable = true, description = "Only where it is repotted now") @Nullable Verdict how,
      @Schema(description = "The looks that were taken first")
          @NotNull(message = "Give the looks that were taken; there may be none.")
          @Size(max = MOST_LOOKS, message = "At most 20 looks.")
          List<@NotBlank(message = "A look has a name.") String> looked,
      @Schema(nullable = true) @Nullable Sure sure) {}

  /** For what a drawing is taken. */
  @Schema(example = "{\"taken\": \"NUB\", \"sure\": \"SURE\"}")
  record DrawingNamed(
      @NotBlank(message = "Say what it shows.") String taken,
      @Schema(nullable = true) @Nullable Sure sure) {}

  @PostMapping("/api/trainer/cases/{key}/answer")
  @ResponseStatus(HttpStatus.CREATED)
  @Transactional
  @Operation(summary = "Judges a case of the trainer; what it was worth is written down")
  public CaseJudged answer(@PathVariable String key, @Valid @RequestBody CaseCalled called) {
    var told = cases.told(key);
    var figures = cases.figures(key);
    var looked = new LinkedHashSet<Item<?>>();
    for (int i = 0; i < called.looked().size(); i++) {
      looked.add(LookNames.item(called.looked().get(i), "looked[%d]".formatted(i)));
    }
    var call = new Call(called.asks(), Optional.ofNullable(called.how()), looked);
    var mark = Marking.of(told.asked(), call, figures);
    training.note(answered(key, mark, called.sure()), call);
    var unseen = new LinkedHashSet<>(told.asked().known());
    unseen.removeAll(looked);
    return new CaseJudged(
        mark,
        mark.words(),
        again(key),
        Slips.of(told.asked().after(looked), told.asked().approach(), figures),
        mark == Mark.RIGHT ? List.of() : alsoBy(told.asked(), call, figures),
        CaseViews.shown(told.asked(), unseen),
        told.shows(),
        Part.of(told.done()),
        Part.of(told.came()));
  }

  private static List<String> alsoBy(TrainingCase asked, Call call, Figures figures) {
    return Arrays.stream(Approach.values())
        .filter(approach -> approach != asked.approach())
        .filter(
            approach ->
                Marking.of(
                        new TrainingCase(asked.situation(), approach, asked.knows()), call, figures)
                    == Mark.RIGHT)
        .map(Approach::words)
        .toList();
  }

  @PostMapping("/api/trainer/drawings/{key}/answer")
  @ResponseStatus(HttpStatus.CREATED)
  @Transactional
  @Operation(summary = "Names a drawing of the trainer; what that was worth is written down")
  public CaseJudged name(@PathVariable String key, @Valid @RequestBody DrawingNamed named) {
    var drawn = cases.drawn(key);
    if (drawn.item().answers().stream().noneMatch(each -> each.name().equals(named.taken()))) {
      throw new BadEntry("taken", "“%s” is no answer to this look.".formatted(named.taken()));
    }
    var mark = drawn.mark(named.taken());
    training.note(answered(key, mark, named.sure()), named.taken());
    return new CaseJudged(
        mark,
        mark.words(),
        again(key),
        null,
        List.of(),
        List.of(),
        FieldGuide.sign(drawn.item(), drawn.shown()),
        Part.of(say(drawn.shown().words())),
        List.of());
  }

  private Answered answered(String key, Mark mark, @Nullable Sure sure) {
    return new Answered(today.get(), key, mark, Optional.ofNullable(sure));
  }

  private @Nullable LocalDate again(String key) {
    var given = training.all().stream().filter(each -> each.asked().equals(key)).toList();
    return Again.of(given, rules.figures()).due().orElse(null);
  }
}
