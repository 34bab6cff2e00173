package almanac.app.errands.taught;

import almanac.app.record.collection.PlantInPlace;
import almanac.core.history.Outcome;
import almanac.core.taught.ByKind;
import almanac.core.taught.Chance;
import almanac.core.taught.Foretold;
import almanac.core.taught.HowLong;
import almanac.core.taught.Lessons;
import almanac.core.taught.LifeHere;
import almanac.core.taught.Question;
import almanac.core.taught.SpeedHere;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What the collection taught its keeper. */
record TaughtPage(
    @Schema(description = "How many moves were made here") int moves,
    @Schema(nullable = true, description = "The day of the first") @Nullable LocalDate since,
    @Schema(description = "What came of how many; none that nothing came to")
        List<OutcomeCount> counted,
    List<QuestionView> questions,
    @Schema(description = "By when half had new root tips") HalfBy tips,
    @Schema(description = "By when half had taken hold") HalfBy holds,
    @Schema(description = "How long components last here, the best known first")
        List<LifeView> lives,
    @Schema(description = "Moves at which nobody looked in time, the newest first")
        List<Unseen> unseen,
    @Schema(description = "What was foretold in the last years, and whether it came so")
        List<ForetoldView> foretold,
    @Schema(description = "How fast roots grow here, by kind, the best known first")
        List<SpeedView> speeds,
    @Schema(description = "New root tips broken by moves, all together first")
        List<TipsView> broken,
    @Schema(description = "Days from wet to dry, by the time of the year; a plant counts once")
        List<MeanView> dried,
    @Schema(
            nullable = true,
            description = "How many times as long as assumed a job takes; null if nobody said")
        @Nullable MeanView took,
    @Schema(description = "Days in which half of the flushes came from bumps to nubs") HalfBy nubs,
    @Schema(description = "Days that are assumed for it") double nubsAssumed,
    @Schema(description = "By ready rule and kind, those with the most moves first")
        List<ByRuleLine> byKind) {

  /** A ready rule, with the kinds under it of which enough moves tell. */
  record ByRuleLine(ChanceLine rule, List<ChanceLine> kinds) {
    static ByRuleLine of(ByKind each) {
      return new ByRuleLine(
          ChanceLine.of(each.rule()), each.kinds().stream().map(ChanceLine::of).toList());
    }
  }

  /** How many moves came to something. */
  record OutcomeCount(Outcome outcome, String words, int count) {}

  /** A question, with its sides. */
  record QuestionView(Question question, String title, List<ChanceLine> lines) {
    static QuestionView of(Lessons.Answered answered) {
      return new QuestionView(
          answered.question(),
          answered.question().title(),
          answered.lines().stream().map(ChanceLine::of).toList());
    }
  }

  /** One side of a question: how many took hold in time. */
  record ChanceLine(
      String words,
      @Schema(description = "How many took hold in time") int well,
      @Schema(description = "Of how many that tell") int of,
      @Schema(description = "How many of them took hold too late") int slow,
      @Schema(description = "How many of them were set back or lost") int badly,
      @Schema(description = "What is assumed without them, 0 to 1") double assumed,
      @Schema(description = "In nine cases of ten the truth lies over this, 0 to 1") double low,
      double likely,
      @Schema(description = "and under this") double high,
      Chance.Against against,
      String says,
      @Schema(description = "Moves of which it is too early to say") int waiting,
      @Schema(description = "Moves at which nobody looked in time") int unseen) {
    static ChanceLine of(Lessons.Line line) {
      var chance = line.chance();
      return new ChanceLine(
          line.words(),
          chance.well(),
          chance.of(),
          line.slow(),
          line.badly(),
          chance.assumed(),
          chance.low(),
          chance.likely(),
          chance.high(),
          chance.against(),
          chance.words(),
          line.waiting(),
          line.unseen());
    }
  }

  /** By when half of all had come to something; between two days, since nobody watches. */
  record HalfBy(
      int cases,
      @Schema(nullable = true, description = "After that day from the move")
          @Nullable Integer after,
      @Schema(nullable = true, description = "and by that one; null if less than half came to it")
          @Nullable Integer by) {
    static HalfBy of(HowLong half) {
      return new HalfBy(
          half.cases(),
          half.after().isPresent() ? half.after().getAsInt() : null,
          half.by().isPresent() ? half.by().getAsInt() : null);
    }
  }

  /** How long a component lasts here, in months at 20 °C and watered when dry. */
  record LifeView(
      @Schema(description = "The key of its figure, as in GET /api/rules") String figure,
      String words,
      @Schema(description = "How many pots were felt") int pots,
      double assumed,
      double low,
      double likely,
      double high,
      Chance.Against against,
      String says,
      @Schema(nullable = true, description = "What could be taken over") @Nullable Double proposed,
      @Schema(nullable = true, description = "The collector's own value in force")
          @Nullable Double own,
      @Schema(description = "Whether that was taken over from here") boolean learned,
      @Schema(description = "Whether the pots still carry it; true without one") boolean carried) {
    static LifeView of(LifeHere life, Map<String, Double> owns, Map<String, Double> learned) {
      var key = life.component().life().orElseThrow().key();
      var own = owns.get(key);
      return new LifeView(
          key,
          life.component().words(),
          life.pots(),
          life.assumed(),
          life.low(),
          life.likely(),
          life.high(),
          life.against(),
          life.words(),
          life.proposed().isPresent() ? life.proposed().getAsDouble() : null,
          own,
          learned.containsKey(key),
          own == null || life.carries(own));
    }
  }

  /** A move at which nobody looked. */
  record Unseen(long plantId, String name, LocalDate on) {}

  /** How fast roots of a kind grow here, mm a week in warm and light weeks. */
  record SpeedView(
      @Schema(description = "The key of the kind") String kind,
      String words,
      @Schema(description = "How many plants were measured") int plants,
      double assumed,
      @Schema(description = "In nine cases of ten the truth lies over this") double low,
      double likely,
      @Schema(description = "and under this") double high,
      Chance.Against against,
      String says) {
    static SpeedView of(SpeedHere here) {
      return new SpeedView(
          here.kind().key(),
          here.kind().name(),
          here.plants(),
          here.assumed(),
          here.low(),
          here.likely(),
          here.high(),
          here.against(),
          here.words());
    }
  }

  /** Of one sort of things foretold, how many came inside their range. */
  record ForetoldView(
      Foretold.What what,
      String words,
      @Schema(description = "How many came inside their range") int came,
      int of,
      @Schema(description = "The newest of them, the newest first") List<ForetoldCase> newest) {
    private static final int SHOWN = 60;

    static Optional<ForetoldView> of(Foretold.What what, List<ForetoldCase> all) {
      var those = all.stream().filter(each -> each.what() == what).toList();
      return those.isEmpty()
          ? Optional.empty()
          : Optional.of(
              new ForetoldView(
                  what,
                  what.words(),
                  (int) those.stream().filter(ForetoldCase::came).count(),
                  those.size(),
                  those.stream().limit(SHOWN).toList()));
    }
  }

  /** One thing that was foretold, and what came. */
  record ForetoldCase(
      Foretold.What what,
      long plantId,
      String name,
      @Schema(description = "The day of the look from which it was foretold") LocalDate said,
      @Schema(description = "The day of the look that told") LocalDate seen,
      @Schema(description = "Whether it came inside its range") boolean came) {
    static ForetoldCase of(PlantInPlace plant, Foretold foretold) {
      return new ForetoldCase(
          foretold.what(),
          plant.id(),
          plant.called(),
          foretold.said(),
          foretold.seen(),
          foretold.came());
    }
  }

  /**
   * As it is shown.
   *
   * @param own the collector's own figures by their keys
   * @param learned those of them that were taken over from here
   */
  static TaughtPage of(Taught.Now now, Map<String, Double> own, Map<String, Double> learned) {
    var lessons = now.lessons();
    return new TaughtPage(
        lessons.counted().values().stream().mapToInt(Integer::intValue).sum(),
        now.since().orElse(null),
        counted(lessons),
        lessons.answers().stream().map(QuestionView::of).toList(),
        HalfBy.of(lessons.tips()),
        HalfBy.of(lessons.holds()),
        lessons.lives().stream().map(life -> LifeView.of(life, own, learned)).toList(),
        now.unseen(),
        Arrays.stream(Foretold.What.values())
            .flatMap(what -> ForetoldView.of(what, now.foretold()).stream())
            .toList(),
        now.speeds().stream().map(SpeedView::of).toList(),
        now.lessons().broken().stream().map(TipsView::of).toList(),
        now.dried().stream().map(MeanView::of).toList(),
        now.took().map(MeanView::of).orElse(null),
        HalfBy.of(now.nubs()),
        now.nubsAssumed(),
        now.byKind().stream().map(ByRuleLine::of).toList());
  }

  private static List<OutcomeCount> counted(Lessons lessons) {
    return Arrays.stream(Outcome.values())
        .filter(lessons.counted()::containsKey)
        .map(each -> new OutcomeCount(each, each.words(), lessons.counted().get(each)))
        .toList();
  }
}
