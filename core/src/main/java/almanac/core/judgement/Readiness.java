package almanac.core.judgement;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.inspection.Bloom;
import almanac.core.judgement.Reason.Scale;
import almanac.core.judgement.Reason.Side;
import almanac.core.profile.Profile;
import almanac.core.profile.ReadyRule;
import almanac.core.roots.RootFigures;
import almanac.core.roots.RootStage;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.List;

/**
 * How well a plant would take a move. While the newest roots have not been looked at it is a range
 * over all they could be.
 *
 * @param least in the worst case, 0 to 100
 * @param most in the best case, 0 to 100
 * @param reasons what adds to it and takes from it
 */
record Readiness(double least, double most, List<Reason> reasons) {

  static Readiness of(Footing footing, Profile profile, Figures figures) {
    var reasons = new ArrayList<Reason>();
    double least = 100;
    double most = 0;
    for (var stage : RootStage.values()) {
      if (footing.stage().isEmpty() || footing.stage().get() == stage) {
        double base = figures.of(baseFigure(stage, footing, profile, figures));
        least = Math.min(least, base);
        most = Math.max(most, base);
      }
    }
    reasons.add(roots(footing, profile, least, figures));
    double loss = 0;
    for (var reason : losses(footing, figures)) {
      reasons.add(reason);
      loss += reason.points();
    }
    return new Readiness(within(least - loss), within(most - loss), List.copyOf(reasons));
  }

  private static double within(double points) {
    return Math.max(0, Math.min(100, points));
  }

  private static Figure baseFigure(
      RootStage stage, Footing footing, Profile profile, Figures figures) {
    boolean reached =
        profile.readyRule() == ReadyRule.LONG_FIRST
            && stage == RootStage.LONG
            && footing.rootLength().orElse(0) >= figures.of(RootFigures.LONG_FIRST);
    return reached
        ? ReadinessFigures.LONG_FIRST_REACHED
        : ReadinessFigures.base(profile.readyRule(), stage);
  }

  private static Reason roots(Footing footing, Profile profile, double base, Figures figures) {
    if (footing.stage().isEmpty()) {
      return new Reason(
          "readiness",
          Side.AGAINST,
          Scale.READINESS,
          say(
              "Nobody knows how far the newest roots are; it takes a move {}",
              profile.readyRule().words()),
          0);
    }
    var stage = footing.stage().get();
    boolean ready = base >= figures.of(JudgementFigures.READY_ENOUGH);
    return new Reason(
        baseFigure(stage, footing, profile, figures).key(),
        ready ? Side.FOR : Side.AGAINST,
        Scale.READINESS,
        rootSentence(stage, footing, profile),
        base);
  }

  private static Sentence rootSentence(RootStage stage, Footing footing, Profile profile) {
    var rule = profile.readyRule().words();
    if (footing.rootLength().isPresent()) {
      var length = Measure.MM.of(Math.round(footing.rootLength().getAsDouble()));
      return say("Newest roots about {}, {}; it takes a move {}", length, stage.words(), rule);
    }
    return switch (stage) {
      case NONE -> say("No new roots; it takes a move {}", rule);
      case ANCHORED -> say("The newest roots are in the medium; it takes a move {}", rule);
      default -> say("Newest roots: {}; it takes a move {}", stage.words(), rule);
    };
  }

  private static List<Reason> losses(Footing footing, Figures figures) {
    var losses = new ArrayList<Reason>();
    if (!footing.inSeason()) {
      losses.add(
          loss(
              ReadinessFigures.OUT_OF_SEASON,
              say("The days are too short to carry new roots"),
              figures));
    }
    footing
        .bloom()
        .ifPresent(
            bloom -> {
              switch (bloom) {
                case BUDS ->
                    losses.add(
                        loss(ReadinessFigures.BUDS, say("In bud: a move costs the buds"), figures));
                case SPIKE, OPEN ->
                    losses.add(
                        loss(
                            ReadinessFigures.SPIKE_OR_OPEN,
                            say(
                                bloom == Bloom.SPIKE
                                    ? "A spike is on: a move may cost it"
                                    : "In flower: a move shortens the flowers"),
                            figures));
                case FADING ->
                    losses.add(
                        loss(ReadinessFigures.FADING, say("The flowers are fading"), figures));
                case NONE, FINISHED -> {}
              }
            });
    footing.daysSinceMove().ifPresent(days -> moved(days, figures, losses));
    return losses;
  }

  private static void moved(long days, Figures figures, List<Reason> losses) {
    var ago = Measure.DAYS.of(days);
    if (days <= figures.of(ReadinessFigures.MOVED_LATELY_DAYS)) {
      losses.add(
          loss(ReadinessFigures.MOVED_LATELY, say("Moved {} ago: let it root", ago), figures));
    } else if (days <= figures.of(ReadinessFigures.MOVED_DAYS)) {
      losses.add(loss(ReadinessFigures.MOVED, say("Moved only {} ago", ago), figures));
    }
  }

  private static Reason loss(Figure figure, Sentence sentence, Figures figures) {
    return new Reason(figure.key(), Side.AGAINST, Scale.LOSS, sentence, figures.of(figure));
  }
}
