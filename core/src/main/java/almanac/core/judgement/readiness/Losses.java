package almanac.core.judgement.readiness;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.inspection.Bloom;
import almanac.core.judgement.figures.ReadinessFigures;
import almanac.core.judgement.reason.Basis;
import almanac.core.judgement.reason.Reason;
import almanac.core.judgement.reason.Reason.Side;
import almanac.core.season.Lack;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/** What takes from a plant's readiness for a move. Rules: Readiness. */
final class Losses {
  private final Footing footing;
  private final Figures figures;
  private final List<Loss> found = new ArrayList<>();

  /** One loss; its sentence is made only if somebody will read it. */
  private record Loss(Figure figure, double points, Supplier<Sentence> sentence) {
    Reason reason() {
      return new Reason(
          new Basis.Loss(figure), Side.AGAINST, sentence.get(), points, Optional.empty());
    }
  }

  private Losses(Footing footing, Figures figures) {
    this.footing = footing;
    this.figures = figures;
  }

  static Losses of(Footing footing, Figures figures) {
    var losses = new Losses(footing, figures);
    losses.season();
    footing.bloom().ifPresent(losses::bloom);
    footing.daysSinceMove().ifPresent(losses::moved);
    if (footing.rootless()) {
      losses.add(
          ReadinessFigures.ROOTLESS, () -> say("It came without roots and is still making them"));
    }
    if (footing.snapped() && !footing.intact()) {
      losses.add(
          ReadinessFigures.LEAD_SNAPPED,
          () -> say("Its lead is snapped off: no root work until an eye swells or another roots"));
    }
    if (footing.dehydrated()) {
      losses.add(ReadinessFigures.DEHYDRATED, () -> say("It has little water left to root from"));
    }
    return losses;
  }

  /** All they take together. */
  double points() {
    double points = 0;
    for (var loss : found) {
      points += loss.points();
    }
    return points;
  }

  List<Reason> reasons() {
    return found.stream().map(Loss::reason).toList();
  }

  private void season() {
    var season = footing.season();
    if (season.missing() > 0 && !(season.resting() && season.missing() < 1)) {
      var lack = season.lack().get();
      add(
          ReadinessFigures.OUT_OF_SEASON,
          () -> lacks(lack, season.missing(), season.open()),
          season.missing());
    } else if (season.resting()) {
      add(ReadinessFigures.OUT_OF_SEASON, () -> say("It rests: no growth, and no root is growing"));
    }
  }

  private static Sentence lacks(Lack lack, double missing, boolean open) {
    return switch (lack) {
      case LIGHT ->
          open && missing <= 0.5
              ? say("The days are a little short for new roots")
              : say("The days are too short to carry new roots");
      case COLD -> say("The place is too cold for its kind to root");
      case HEAT -> say("The place is too hot for its kind to root");
    };
  }

  private void bloom(Bloom bloom) {
    double share = footing.intact() ? figures.of(ReadinessFigures.INTACT_BLOOM) / 100 : 1;
    switch (bloom) {
      case BUDS -> add(ReadinessFigures.BUDS, () -> say("In bud: a move costs the buds"), share);
      case SPIKE ->
          add(
              ReadinessFigures.SPIKE_OR_OPEN,
              () -> say("A spike is on: a move may cost it"),
              share);
      case OPEN ->
          add(
              ReadinessFigures.SPIKE_OR_OPEN,
              () -> say("In flower: a move shortens the flowers"),
              share);
      case FADING -> add(ReadinessFigures.FADING, () -> say("The flowers are fading"), share);
      case NONE, FINISHED -> {}
    }
  }

  private void moved(long days) {
    if (days == 0) {
      add(ReadinessFigures.MOVED_LATELY, () -> say("Moved today: let it root"));
      return;
    }
    var ago = Measure.DAYS.of(days);
    if (days <= figures.of(ReadinessFigures.MOVED_LATELY_DAYS)) {
      add(ReadinessFigures.MOVED_LATELY, () -> say("Moved {} ago: let it root", ago));
    } else if (days <= figures.of(ReadinessFigures.MOVED_DAYS)) {
      add(ReadinessFigures.MOVED, () -> say("Moved only {} ago", ago));
    }
  }

  private void add(Figure figure, Supplier<Sentence> sentence) {
    add(figure, sentence, 1);
  }

  private void add(Figure figure, Supplier<Sentence> sentence, double share) {
    found.add(new Loss(figure, figures.of(figure) * share, sentence));
  }
}
