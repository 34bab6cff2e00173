package almanac.app.errands.trainer;

import almanac.app.errands.trainer.TrainerPage.BySure;
import almanac.app.errands.trainer.TrainerPage.LookShown;
import almanac.app.errands.trainer.TrainerPage.MistakesMade;
import almanac.app.errands.trainer.TrainerPage.NextCase;
import almanac.app.errands.trainer.TrainerPage.PlantCase;
import almanac.app.errands.trainer.TrainerPage.TrainedWeek;
import almanac.app.errands.trainer.TrainerPage.TrainerProgress;
import almanac.app.record.rules.Rules;
import almanac.app.record.site.Today;
import almanac.core.trainer.Answered;
import almanac.core.trainer.QuickCase;
import almanac.core.trainer.Score;
import almanac.core.trainer.TrainerFigures;
import almanac.core.trainer.Turn;
import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import java.util.Set;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

@RestController
class TrainerController {
  private final Cases cases;
  private final Training training;
  private final Rules rules;
  private final Today today;

  TrainerController(Cases cases, Training training, Rules rules, Today today) {
    this.cases = cases;
    this.training = training;
    this.rules = rules;
    this.today = today;
  }

  @GetMapping("/api/trainer")
  @Operation(summary = "What the trainer asks next, and how its learner does")
  TrainerPage page() {
    var day = today.get();
    var figures = rules.figures();
    var answers = training.all();
    var turn = new Turn(answers, day, figures);
    var keys = cases.keys();
    return new TrainerPage(
        day,
        turn.next(keys.sorts()).map(key -> next(key, answers)).orElse(null),
        turn.due().size(),
        turn.known(),
        keys.count(),
        keys.own().size(),
        (int) answers.stream().filter(each -> each.on().equals(day)).count(),
        figures.count(TrainerFigures.SITTING),
        progress(Score.of(answers, day)));
  }

  private NextCase next(String key, List<Answered> answers) {
    boolean again = answers.stream().anyMatch(each -> each.asked().equals(key));
    return QuickCase.named(key)
        .map(drawn -> new NextCase(key, again, null, CaseViews.of(drawn)))
        .orElseGet(() -> new NextCase(key, again, plant(key), null));
  }

  private PlantCase plant(String key) {
    var told = cases.told(key);
    return CaseViews.of(told.name(), told.plant(), told.asked(), cases.figures(key));
  }

  private static TrainerProgress progress(Score score) {
    return new TrainerProgress(
        score.all().right(),
        score.all().of(),
        score.mistakes().stream()
            .map(mark -> new MistakesMade(mark, mark.words(), score.marks().get(mark)))
            .toList(),
        score.weeks().stream()
            .map(week -> new TrainedWeek(week.from(), week.right().right(), week.right().of()))
            .toList(),
        score.bySureness().entrySet().stream()
            .map(
                each ->
                    new BySure(
                        each.getKey(),
                        each.getKey().words(),
                        each.getValue().right(),
                        each.getValue().of()))
            .toList());
  }

  @GetMapping("/api/trainer/cases/{key}/looks/{item}")
  @Operation(summary = "What a look shows that is taken before a case is judged")
  LookShown look(@PathVariable String key, @PathVariable String item) {
    return new LookShown(
        CaseViews.shown(cases.told(key).asked(), Set.of(LookNames.item(item, "item"))));
  }
}
