package almanac.app.judging;

import almanac.app.web.Part;
import almanac.core.figures.Figures;
import almanac.core.inspection.Item;
import almanac.core.judgement.Approach;
import almanac.core.judgement.DecidingLook;
import almanac.core.judgement.Family;
import almanac.core.judgement.Judgement;
import almanac.core.judgement.Reason;
import almanac.core.judgement.Timing;
import almanac.core.judgement.Verdict;
import almanac.core.medium.MediumFigures;
import almanac.core.roots.RootFigures;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;

/** The slip of paper with the verdict on it. */
public record Slip(
    LocalDate judgedOn,
    Verdict verdict,
    Family family,
    String title,
    List<Part> advice,
    long need,
    long readiness,
    long readinessMost,
    @Schema(
            nullable = true,
            description = "How it is or will be done; absent where nothing is moved")
        String method,
    @Schema(description = "Fixes without unpotting") List<String> care,
    @Schema(description = "Act between these days", nullable = true) Days when,
    List<ReasonLine> reasons,
    @Schema(description = "Looks nobody has made since the last potting") List<String> notLookedAt,
    @Schema(description = "Looks made too long ago") List<String> stale,
    @Schema(description = "The looks that would change the verdict most often, two at the most")
        List<Decider> deciding,
    @Schema(description = "How other approaches decide") List<Other> others,
    @Schema(nullable = true) MediumLife medium,
    @Schema(nullable = true) RootChart roots) {

  /** From a day to a day; without an end, from that day on. */
  public record Days(LocalDate from, @Schema(nullable = true) LocalDate to) {}

  /** One reason. */
  public record ReasonLine(
      String rule, Reason.Side side, Reason.Scale scale, List<Part> sentence, long points) {}

  /** A look that may change the verdict, and to what. */
  public record Decider(
      String item, String title, String how, int outcomes, List<Outcome> changes) {}

  /** One answer and the verdict that would follow. */
  public record Outcome(String answer, Verdict verdict, String title) {}

  /** How another approach decides, and what sets it apart. */
  public record Other(String approach, String principle, Verdict verdict, String title) {

    /** That approach's verdict. */
    static Other of(Approach approach, Verdict verdict) {
      return new Other(approach.words(), approach.principle(), verdict, verdict.words());
    }
  }

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

  /** Growing roots and the lengths that matter, mm. */
  public record RootChart(
      LocalDate measuredOn,
      double lengthMm,
      double mmAWeek,
      double spread,
      double nubMost,
      double shortMost,
      double midMost,
      LocalDate nubUntil,
      LocalDate unsafeUntil,
      boolean opensAgain) {}

  /** The slip of a judgement. */
  public static Slip of(
      Judgement judgement,
      List<DecidingLook> deciding,
      List<Other> others,
      LocalDate day,
      boolean opensAgain,
      Figures figures) {
    return new Slip(
        day,
        judgement.verdict(),
        judgement.verdict().family(),
        judgement.verdict().words(),
        Part.of(judgement.advice()),
        Math.round(judgement.need()),
        Math.round(judgement.readiness()),
        Math.round(judgement.readinessMost()),
        method(judgement),
        judgement.care().stream().map(Object::toString).toList(),
        when(judgement.timing(), day),
        judgement.reasons().stream()
            .map(
                reason ->
                    new ReasonLine(
                        reason.rule(),
                        reason.side(),
                        reason.scale(),
                        Part.of(reason.sentence()),
                        Math.round(reason.points())))
            .toList(),
        judgement.notLookedAt().stream().map(Item::key).toList(),
        judgement.stale().stream().map(Item::key).toList(),
        deciding.stream().map(Slip::decider).toList(),
        others,
        medium(judgement, figures),
        roots(judgement, opensAgain, figures));
  }

  private static @org.jspecify.annotations.Nullable String method(Judgement judgement) {
    return judgement.verdict().family() == Family.LEAVE_ALONE
            || judgement.verdict() == Verdict.LIFT_AND_LOOK
            || judgement.verdict() == Verdict.LET_GO
        ? null
        : judgement.method().howTo().toString();
  }

  private static Decider decider(DecidingLook look) {
    return new Decider(
        look.item().key(),
        look.item().title(),
        look.item().how(),
        look.outcomes(),
        look.changes().stream()
            .map(change -> new Outcome(change.answer(), change.verdict(), change.verdict().words()))
            .toList());
  }

  private static @org.jspecify.annotations.Nullable Days when(Timing timing, LocalDate day) {
    if (timing instanceof Timing.Now) {
      return new Days(day, day);
    }
    if (timing instanceof Timing.Until until) {
      return new Days(day, until.until());
    }
    return timing instanceof Timing.Waits waits ? new Days(waits.awaited().likely(), null) : null;
  }

  private static @org.jspecify.annotations.Nullable MediumLife medium(
      Judgement judgement, Figures figures) {
    return judgement
        .used()
        .map(
            used ->
                new MediumLife(
                    Math.round(used.likely()),
                    Math.round(used.least()),
                    used.most().isPresent() ? Math.round(used.most().getAsDouble()) : null,
                    used.byCalendar().isPresent()
                        ? Math.round(used.byCalendar().getAsDouble())
                        : null,
                    almanac.core.medium.MediumState.at(used.likely(), figures).words(),
                    Part.of(used.because()),
                    figures.of(MediumFigures.MATURE),
                    figures.of(MediumFigures.DUE),
                    figures.of(MediumFigures.SPENT)))
        .orElse(null);
  }

  private static @org.jspecify.annotations.Nullable RootChart roots(
      Judgement judgement, boolean opensAgain, Figures figures) {
    return judgement
        .forecast()
        .map(
            forecast ->
                new RootChart(
                    forecast.look().on(),
                    forecast.lengthMm(),
                    forecast.speed(),
                    forecast.spread(),
                    figures.of(RootFigures.NUB_MOST),
                    figures.of(RootFigures.SHORT_MOST),
                    figures.of(RootFigures.MID_MOST),
                    forecast.nubUntil(figures).likely(),
                    forecast.unsafeUntil(figures).likely(),
                    opensAgain))
        .orElse(null);
  }
}
