package almanac.app.judged.pages;

import almanac.app.record.entries.LookEntry;
import almanac.app.record.entries.TraitsEntry;
import almanac.app.record.places.Place;
import almanac.core.checks.Check;
import almanac.core.checks.Purpose;
import almanac.core.checks.Tick;
import almanac.core.checks.diary.OpenCheck;
import almanac.core.checks.diary.Urgency;
import almanac.core.history.Aim;
import almanac.core.history.Approach;
import almanac.core.history.PlantStatus;
import almanac.core.history.Standing;
import almanac.core.inspection.Lead;
import almanac.core.judgement.verdict.NowOrHold;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** Everything on a plant's page. */
public record PlantPage(
    long id,
    @Schema(description = "Its name outside the program, for good") UUID uid,
    @Schema(
            description =
                "Of its card: goes back with a change, so that two windows cannot overwrite")
        UUID version,
    @Schema(description = "The name to go by: confirmed before believed before the label")
        String name,
    Card card,
    String kind,
    String kindName,
    Place place,
    Aim aim,
    @Schema(nullable = true, description = "Null where that of its place or the collection holds")
        Approach approach,
    @Schema(nullable = true) LocalDate arrivedOn,
    boolean cameRootless,
    @Schema(description = "In what it differs from its kind") TraitsEntry deviation,
    @Schema(description = "Its kind as this plant follows it") TraitsEntry traits,
    LocalDate addedOn,
    PottingView potting,
    @Schema(description = "The day on which the page is drawn up") LocalDate today,
    @Schema(nullable = true, description = "Null once it is no longer here: it is judged no more")
        Slip slip,
    @Schema(description = "By lead, the oldest first") List<GrowthView> growths,
    @Schema(nullable = true, description = "If somebody has measured it since it was potted")
        RoomView room,
    @Schema(nullable = true, description = "While it is held in the pot it came in")
        HoldingView holding,
    @Schema(nullable = true, description = "While it is kept apart from the others")
        ApartView apart,
    @Schema(nullable = true, description = "While it is open whether to repot or to hold it")
        NowOrHoldView nowOrHold,
    @Schema(nullable = true, description = "While a course runs on it") TreatmentView treatment,
    @Schema(description = "Trials that it stands in") List<OnTrialView> trials,
    @Schema(nullable = true, description = "What to look for before it is given up")
        List<Part> lastChance,
    @Schema(description = "What its flowers are like; empty until somebody said") String flowers,
    @Schema(nullable = true, description = "In whose pot it stands; absent if it has its own")
        Kin inPotOf,
    @Schema(description = "Who stands in its pot besides") List<Kin> holds,
    @Schema(description = "Checks still to be made, the next one first") List<CheckView> checks,
    @Schema(description = "Those of the year after its move that come after the next one")
        List<LaterCheck> later,
    @Schema(description = "All that was written down, newest first") List<Line> journal) {

  /** What stands on its card. */
  public record Card(
      String number,
      String label,
      String believed,
      String confirmed,
      String parents,
      PlantStatus status,
      String statusWords,
      String statusReason,
      String notes,
      String cameFrom,
      String price,
      @Schema(nullable = true) Kin mother,
      List<Kin> daughters,
      @Schema(nullable = true) LocalDate asideOn,
      @Schema(nullable = true) LocalDate apartSince,
      @Schema(nullable = true) LocalDate heldSince) {}

  /** How long the lead has room before it reaches the rim. */
  public record RoomView(
      LocalDate seen,
      @Schema(description = "From the lead to the rim, mm; negative past it") double mm,
      @Schema(description = "How far each growth goes on from the last, mm") double stepMm,
      @Schema(description = "About when the rim is reached") LocalDate reached) {}

  /** How it is held in the pot it came in. */
  public record HoldingView(
      LocalDate since,
      List<SoakView> soaks,
      @Schema(nullable = true, description = "pH to make every feed and flush up to") Double feedTo,
      boolean flush,
      boolean repotAtNubs,
      LocalDate next,
      List<Part> advice) {}

  /** How far the course on it is. */
  public record TreatmentView(String product, LocalDate since, int left, boolean over) {}

  /** Whether a new plant is repotted now or held. */
  public record NowOrHoldView(NowOrHold.Choice choice, List<Part> because) {}

  /** One soak test. */
  public record SoakView(
      LocalDate on,
      @Schema(nullable = true) Double in,
      double out,
      @Schema(nullable = true) Double drop) {}

  /** How it does while it is kept apart. */
  public record ApartView(
      LocalDate since,
      int looks,
      int cleanInARow,
      boolean found,
      LocalDate next,
      LocalDate free,
      boolean over) {}

  /** A plant of the same family. */
  public record Kin(long id, String number, String name, String statusWords) {}

  /** One growth: a lead of this year is a bulb of the next. */
  public record GrowthView(
      String name,
      Lead lead,
      LocalDate since,
      @Schema(nullable = true) LocalDate until,
      @Schema(nullable = true, description = "The largest size measured, mm") Double sizeMm,
      String stage,
      @Schema(nullable = true, description = "The longest root measured, mm") Double rootMm,
      @Schema(description = "Whether it was seen in flower") boolean bloomed) {}

  /** A check that comes after others. */
  public record LaterCheck(String title, String lookFor, LocalDate early, LocalDate late) {
    static LaterCheck of(Check check) {
      var purpose = check.purpose();
      var window = check.window();
      return new LaterCheck(purpose.title(), purpose.lookFor(), window.early(), window.late());
    }
  }

  /** A check in the diary. */
  public record CheckView(
      @Schema(
              description = "Its name, however often its days are worked out",
              example = "STANDS.2027-03-14")
          String id,
      Purpose purpose,
      String title,
      String lookFor,
      @Schema(description = "Whether a look at the plant, written down, answers it")
          boolean byLooking,
      @Schema(description = "How it can be answered with a tap") List<Tick> ticks,
      LocalDate early,
      LocalDate best,
      LocalDate late,
      @Schema(nullable = true, description = "Why it was put off to these days, if it was")
          String putOff,
      @Schema(nullable = true, description = "Why it lies there, where that is not plain")
          List<Part> why,
      Urgency urgency) {

    /** A check as it stands on a day. */
    public static CheckView of(OpenCheck open, LocalDate day) {
      var purpose = open.check().purpose();
      var window = open.check().window();
      return new CheckView(
          open.name().text(),
          purpose,
          open.check().title(),
          open.check().lookFor(),
          purpose.answeredByLooking(),
          purpose.ticks(),
          window.early(),
          window.best(),
          window.late(),
          open.putOff().orElse(null),
          open.check().besides().map(Part::of).orElse(null),
          open.urgency(day));
    }
  }

  /** One line of the journal. */
  public record Line(
      long id,
      @Schema(description = "The act that it belongs to; it is taken back whole") UUID act,
      LineKind kind,
      LocalDate on,
      LocalDate recordedOn,
      List<Part> words,
      String note,
      Standing standing,
      @Schema(nullable = true, description = "When it was potted; only for pottings")
          String pottedOn,
      @Schema(nullable = true, description = "The act that this one corrects") UUID corrects,
      @Schema(description = "What was looked at, by item; only for inspections")
          Map<String, LookEntry> looks,
      @Schema(nullable = true, description = "Only for pottings") PottingView potting,
      @Schema(description = "Whether it tells what the plant stood in when it came") boolean cameIn,
      @Schema(description = "Whether its act can be taken back") boolean canTakeBack) {}

  /** What a line is about. */
  public enum LineKind {
    POTTING,
    INSPECTION,
    CHECK,
    /** Something on its card was changed. */
    CARD
  }
}
