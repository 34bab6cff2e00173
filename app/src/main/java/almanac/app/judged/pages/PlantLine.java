package almanac.app.judged.pages;

import almanac.core.history.Approach;
import almanac.core.judgement.verdict.Family;
import almanac.core.judgement.verdict.Verdict;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;

/** A plant in the list. */
public record PlantLine(
    long id,
    String number,
    String name,
    String kind,
    String kindName,
    long placeId,
    String placeName,
    @Schema(description = "Its turn along the walk through its place") double stand,
    Approach approach,
    Verdict verdict,
    Family family,
    @Schema(description = "Its turn when several want a hand; 0 comes first") int turn,
    @Schema(description = "Whether it is to be taken in hand now") boolean inHand,
    String title,
    List<Part> advice,
    long need,
    long readiness,
    long readinessMost,
    Slip.When when,
    @Schema(nullable = true, description = "Since when it has been asked for, if it is")
        LocalDate since,
    @Schema(nullable = true, description = "When its next move is to be expected")
        Slip.NextMove nextMove,
    @Schema(nullable = true, description = "The weightiest reason") List<Part> reason,
    @Schema(nullable = true) LocalDate asideOn,
    @Schema(nullable = true) LocalDate apartSince,
    boolean treated,
    @Schema(nullable = true) LocalDate heldSince,
    @Schema(nullable = true) LocalDate lastSeen,
    @Schema(nullable = true) PlantPage.CheckView nextCheck) {}
