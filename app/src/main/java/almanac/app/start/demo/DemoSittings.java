package almanac.app.start.demo;

import almanac.app.errands.trainer.ShippedCases;
import almanac.app.errands.trainer.Training;
import almanac.core.figures.Figures;
import almanac.core.judgement.verdict.Asks;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.trainer.Answered;
import almanac.core.trainer.Call;
import almanac.core.trainer.Mark;
import almanac.core.trainer.Marking;
import almanac.core.trainer.QuickCase;
import almanac.core.trainer.Sure;
import almanac.core.trainer.TrainingCase;
import almanac.core.trainer.Turn;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;

/** A fortnight with the trainer: at first one answer in three goes wrong, later one in six. */
@Component
class DemoSittings {
  private static final int DAYS = 14;
  private static final Set<Integer> MISSED = Set.of(3, 8, 9, 11);
  private static final int SITTING = 6;
  private static final Figures FIGURES = Figures.standard();

  private final ShippedCases cases;
  private final Training training;

  DemoSittings(ShippedCases cases, Training training) {
    this.cases = cases;
    this.training = training;
  }

  void all(LocalDate today) {
    var given = new ArrayList<Answered>();
    var drawings = QuickCase.all().stream().map(QuickCase::key).toList();
    for (int ago = DAYS; ago > 0; ago--) {
      for (int i = 0; i < SITTING && !MISSED.contains(ago); i++) {
        var day = today.minusDays(ago);
        var often = ago > DAYS / 2 ? 3 : SITTING;
        boolean wrong = given.size() % often == 1;
        new Turn(given, day, FIGURES)
            .next(List.of(cases.keys(), drawings))
            .ifPresent(key -> given.add(answer(key, day, wrong)));
      }
    }
  }

  private Answered answer(String key, LocalDate day, boolean wrong) {
    var drawn = QuickCase.named(key);
    if (drawn.isPresent()) {
      var names = drawn.get().item().answers();
      var shown = drawn.get().shown().name();
      var taken =
          wrong ? names.get((names.indexOf(drawn.get().shown()) + 1) % names.size()).name() : shown;
      var answered =
          new Answered(day, key, drawn.get().mark(taken), sure(key, drawn.get().mark(taken)));
      training.note(answered, taken);
      return answered;
    }
    var asked = cases.byKey().get(key).asked();
    var call = wrong ? mistaken(asked) : call(asked);
    var mark = Marking.of(asked, call, FIGURES);
    var answered = new Answered(day, key, mark, sure(key, mark));
    training.note(answered, call);
    return answered;
  }

  /** Who is right is mostly sure, who is wrong now and then. */
  private static Optional<Sure> sure(String key, Mark mark) {
    var likely = mark == Mark.RIGHT ? Sure.SURE : Sure.GUESSED;
    return Optional.of(
        switch (key.length() % 4) {
          case 0 -> Sure.FAIRLY;
          case 1 -> mark == Mark.RIGHT ? Sure.FAIRLY : Sure.SURE;
          default -> likely;
        });
  }

  private static Call call(TrainingCase asked) {
    var verdict = asked.judged(asked.known(), FIGURES).verdict();
    return new Call(
        verdict.asks(), Optional.of(verdict).filter(Call.HOWS::contains), asked.known());
  }

  /** Who begins repots what should be left, and moves whole what should be taken apart. */
  private static Call mistaken(TrainingCase asked) {
    var asks = call(asked).asks();
    boolean leaves = asks == Asks.LEAVE || asks == Asks.WAIT;
    return new Call(
        Asks.MOVE, Optional.of(leaves ? Verdict.FULL_REPOT : Verdict.PART_REPOT), Set.of());
  }
}
