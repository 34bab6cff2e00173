package almanac.app.errands.rounds;

import almanac.app.judged.judging.Judging;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.core.checks.diary.Listing;
import almanac.core.checks.diary.OpenCheck;
import almanac.core.rounds.Rounds;
import almanac.core.rounds.RoundsPlan;
import almanac.core.rounds.ToLook;
import almanac.core.rounds.WalkingDays;
import java.time.LocalDate;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** Plans the rounds of the coming weeks from the checks that are open. */
@Service
public class RoundsAhead {
  private final Plants plants;
  private final Judging judging;

  RoundsAhead(Plants plants, Judging judging) {
    this.plants = plants;
    this.judging = judging;
  }

  /** A check of a plant. */
  public record Look(PlantInPlace plant, OpenCheck open) {}

  /** Those of a day and of the weeks after it; what lies further off is planned when it comes. */
  public RoundsPlan<Look> on(LocalDate day, WalkingDays days) {
    return Rounds.plan(
        plants.all().stream().flatMap(plant -> looks(plant, day)).toList(),
        days,
        day,
        judging.figures());
  }

  private Stream<ToLook<Look>> looks(PlantInPlace plant, LocalDate day) {
    return judging.listed(plant, day).stream()
        .filter(each -> each.listing() == Listing.NOW || each.listing() == Listing.SOON)
        .map(each -> new ToLook<>(new Look(plant, each.open()), each.open().check().window()));
  }
}
