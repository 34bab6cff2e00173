package almanac.app.judged.pages;

import almanac.core.checks.Purpose;
import almanac.core.history.Approach;
import almanac.core.judgement.compare.Comparison;
import almanac.core.judgement.moments.WaitCondition;
import almanac.core.judgement.reason.Reason;
import almanac.core.judgement.reason.Scale;
import almanac.core.judgement.verdict.Family;
import almanac.core.judgement.verdict.Step;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.roots.RootStage;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The slip of paper with the verdict on it. */
public record Slip(
    LocalDate judgedOn,
    Approach approach,
    Verdict verdict,
    Family family,
    @Schema(description = "Whether blades and media come into play") boolean atTheBench,
    String title,
    List<Part> advice,
    @Schema(
            description =
                "What is said before all else, each in a sentence: what broke and is not settled,"
                    + " how it is kept in its rest")
        List<List<Part>> first,
    @Schema(description = "Whether it sinks over several looks, so that one may choose to stop")
        boolean downhill,
    long need,
    long readiness,
    @Schema(description = "More than readiness while the newest roots have not been looked at")
        long readinessMost,
    @Schema(
            nullable = true,
            description = "How it is or will be done; absent where nothing is moved")
        String method,
    @Schema(nullable = true, description = "What makes it so, as part of a sentence")
        String methodBecause,
    @Schema(description = "What is done, if it is moved") List<Step> steps,
    @Schema(description = "Fixes without unpotting") List<String> care,
    @Schema(description = "What else is to be done, whatever the verdict") List<String> remarks,
    @Schema(description = "What a move today would cost") List<String> costs,
    @Schema(nullable = true, description = "What a move breaks; absent where none is meant")
        Risk risk,
    @Schema(
            nullable = true,
            description = "From when light and warmth carry what can wait; absent while they do")
        LocalDate gateOpens,
    @Schema(
            nullable = true,
            description = "Since when it has asked for that, day by day; absent where it does not")
        LocalDate since,
    When when,
    @Schema(description = "What today was held against") MovesAhead ahead,
    List<ReasonLine> reasons,
    @Schema(description = "Looks nobody has made since the last potting") List<String> notLookedAt,
    @Schema(description = "Looks made too long ago") List<String> stale,
    @Schema(description = "The looks that would change the verdict most often, two at the most")
        List<Decider> deciding,
    @Schema(description = "How each of the four approaches decides") List<ByApproach> approaches,
    CheckAsked nextCheck,
    @Schema(nullable = true) MediumLife medium,
    @Schema(description = "Growing roots, the lead that decides first") List<RootChart> roots) {

  /** When a verdict is meant. */
  public enum TimingKind {
    OPEN,
    NOW,
    BY,
    BETWEEN,
    WAIT_FOR
  }

  /** When to act, or what to wait for. */
  public record When(
      TimingKind kind,
      @Schema(nullable = true, description = "The first day; while waiting, the earliest")
          LocalDate from,
      @Schema(nullable = true, description = "The likely day; only while waiting") LocalDate likely,
      @Schema(nullable = true, description = "The last day; while waiting, the latest")
          LocalDate to,
      @Schema(description = "What to wait for") List<WaitCondition> waitFor) {}

  /** What today was held against. */
  public record MovesAhead(
      @Schema(
              nullable = true,
              description =
                  "By when it should not be in its pot any longer; absent if not in sight")
          LocalDate deadline,
      @Schema(nullable = true, description = "Absent where none will be") NextMove nextMove,
      @Schema(description = "The moments ahead for the method that is meant, today first")
          List<Moment> moments) {}

  /** When the next move is to be expected. */
  public record NextMove(
      LocalDate from,
      LocalDate likely,
      LocalDate to,
      @Schema(description = "What brings it about, after \"when\"; empty where it is now")
          String when) {}

  /** A day on which it could be moved. */
  public record Moment(
      @Schema(description = "What comes true by then; none for today") List<WaitCondition> waitFor,
      LocalDate from,
      LocalDate likely,
      LocalDate to,
      @Schema(description = "Need then, 0 to 100") long need,
      @Schema(description = "Readiness then, 0 to 100") long readiness,
      @Schema(description = "Whether it rests on roots that do not show yet") boolean foretold,
      @Schema(description = "Whether light and warmth let it be moved then") boolean open) {}

  /** One reason. */
  public record ReasonLine(
      @Schema(
              nullable = true,
              description = "The key of its figure, as in GET /api/rules; absent where none counts")
          String rule,
      Reason.Side side,
      @Schema(nullable = true, description = "The rule in a sentence: why its figure is what it is")
          String ruleSays,
      @Schema(description = "Whether it carried the verdict") boolean carries,
      Scale scale,
      List<Part> sentence,
      long points,
      @Schema(nullable = true, description = "The look it rests on") LookRef look) {}

  /** A look and its day. */
  public record LookRef(String item, String title, LocalDate on) {}

  /** A look that may change the verdict, and to what. */
  public record Decider(
      String item,
      String title,
      String how,
      int outcomes,
      List<Outcome> changes,
      @Schema(description = "What to do and what follows, in a sentence") List<Part> words) {}

  /** One answer and the verdict that would follow. */
  public record Outcome(String answer, Verdict verdict, String title) {}

  /** How an approach decides, and why it differs from the one in force. */
  public record ByApproach(
      Approach approach,
      String name,
      boolean inForce,
      Verdict verdict,
      String title,
      List<Part> why) {
    public static ByApproach of(Comparison comparison, Approach inForce) {
      var other = comparison.judgement();
      return new ByApproach(
          other.approach(),
          other.approach().words(),
          other.approach() == inForce,
          other.verdict(),
          other.title(),
          Part.of(comparison.why()));
    }
  }

  /** What a move today would break of the new root tips, as shares from 0 to 1. */
  public record Risk(
      List<Part> words,
      @Schema(nullable = true, description = "Would break; absent while nobody has seen the roots")
          Double tips,
      @Schema(nullable = true, description = "Of all tips, would be lost for good") Double lost,
      @Schema(description = "What lowers it, and to how much") List<Lowered> lowered,
      @Schema(description = "Week by week, today first; only for growing roots")
          List<RiskWeek> weeks) {}

  /** One way of breaking less. */
  public record Lowered(List<Part> by, double tips, double lost) {}

  /** What a move on that day would break. */
  public record RiskWeek(LocalDate on, RootStage stage, double tips, double lost) {}

  /** When to look again. */
  public record CheckAsked(Purpose purpose, LocalDate early, LocalDate best, LocalDate late) {}

  /** How far the medium is, in percent of its life. */
  public record MediumLife(
      long used,
      long usedLeast,
      @Schema(nullable = true) Long usedMost,
      @Schema(nullable = true) Long byCalendar,
      String state,
      List<Part> because,
      double matureFrom,
      double dueFrom,
      double spentFrom) {}

  /** From a day to a day, and the likely one between them. */
  public record Range(LocalDate earliest, LocalDate likely, LocalDate latest) {}

  /** One measured or seen length, mm. */
  public record Seen(LocalDate on, RootStage stage, @Schema(nullable = true) Double measuredMm) {}

  /** Growing roots of one lead and the lengths that matter, mm. */
  public record RootChart(
      String lead,
      @Schema(description = "The last look at growing roots") LocalDate measuredOn,
      @Schema(description = "How far they were then") RootStage stage,
      @Schema(description = "Whether their length was measured then, and not seen by eye")
          boolean measured,
      @Schema(
              description =
                  "Their length on that day, mm, as far as their stage tells it where nobody"
                      + " measured; below 0 for bumps")
          double lengthMm,
      @Schema(description = "Likely speed in warm and light weeks") double mmAWeek,
      @Schema(description = "Measured lengths of these roots it rests on") int measurements,
      List<Part> restsOn,
      double nubMost,
      double shortMost,
      double midMost,
      @Schema(description = "From this length on a kind with a second window takes a move, mm")
          @Nullable Double opensAtMm,
      Range nubUntil,
      @Schema(description = "When it passes the length that is safe again") Range unsafeUntil,
      boolean opensAgain,
      @Schema(description = "Likely lengths, nine in ten between least and most") List<Ahead> ahead,
      List<Seen> seen) {}

  /** Likely length of roots on a day, mm. */
  public record Ahead(LocalDate on, double least, double likely, double most) {}
}
