package almanac.app.errands.taught;

import static almanac.core.words.Sentence.say;

import almanac.app.errands.taught.YearReview.GrowthsCompared;
import almanac.app.errands.taught.YearReview.LossInReview;
import almanac.app.errands.taught.YearReview.MoveInReview;
import almanac.app.errands.taught.YearReview.MovesCounted;
import almanac.app.ground.refusals.BadEntry;
import almanac.app.judged.pages.Part;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.rules.Rules;
import almanac.app.record.site.Today;
import almanac.core.history.Arrival;
import almanac.core.taught.InReview;
import almanac.core.taught.MoveTold;
import almanac.core.words.Sentence;
import io.swagger.v3.oas.annotations.Operation;
import java.time.Month;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ReviewController {
  private static final int FIRST = 1900;

  private final Plants plants;
  private final Remembered remembered;
  private final Rules rules;
  private final Today today;

  ReviewController(Plants plants, Remembered remembered, Rules rules, Today today) {
    this.plants = plants;
    this.remembered = remembered;
    this.rules = rules;
    this.today = today;
  }

  @GetMapping("/api/reviews/{year}")
  @Operation(summary = "What a year brought: moves, losses, flowers, growths, and what they took")
  YearReview review(@PathVariable int year) {
    if (year < FIRST || year > today.get().getYear()) {
      throw new BadEntry("year", "Give a year from 1900 to this one.");
    }
    var everybody = plants.everybody();
    var pasts = pasts(everybody);
    var byId = everybody.stream().collect(Collectors.toMap(PlantInPlace::id, Function.identity()));
    var review = InReview.of(year, pasts, rules.figures());
    var count = review.count();
    return new YearReview(
        year,
        today.get(),
        InReview.years(pasts),
        review.moves().stream().map(made -> move(made, byId)).toList(),
        review.outcomes().entrySet().stream()
            .map(each -> new MovesCounted(each.getKey(), each.getKey().words(), each.getValue()))
            .toList(),
        review.lost().stream().map(lost -> lost(lost, byId)).toList(),
        months(review.flowers()),
        months(review.flowersBefore()),
        new GrowthsCompared(
            review.growths().larger(), review.growths().equal(), review.growths().smaller()),
        count.received(),
        count.divided(),
        count.given(),
        count.minutes(),
        count.pots(),
        count.ml(),
        prices(year, everybody),
        review.best().map(made -> move(made, byId)).orElse(null),
        review.worst().map(made -> move(made, byId)).orElse(null));
  }

  private List<InReview.OfPlant> pasts(List<PlantInPlace> everybody) {
    var figures = rules.figures();
    var past = remembered.all(everybody);
    var pasts = new ArrayList<InReview.OfPlant>();
    for (int i = 0; i < everybody.size(); i++) {
      var moves =
          past.get(i).moves().stream()
              .map(record -> MoveTold.of(record, today.get(), figures))
              .toList();
      pasts.add(new InReview.OfPlant(everybody.get(i).id(), past.get(i).years(), moves));
    }
    return pasts;
  }

  private static MoveInReview move(InReview.Made made, Map<Long, PlantInPlace> byId) {
    var move = made.told().move();
    return new MoveInReview(
        made.plant(),
        byId.get(made.plant()).called(),
        move.on(),
        made.told().afterwards().outcome(),
        Part.of(made.told().afterwards().words(move)),
        move.before().slip().map(slip -> slip.words()).orElse(""));
  }

  private static LossInReview lost(InReview.Lost lost, Map<Long, PlantInPlace> byId) {
    var end = lost.end();
    var before =
        end.trouble()
            .map(trouble -> say("{} on {}", trouble.words(), trouble.on()))
            .or(() -> lost.after().map(ReviewController::moved));
    return new LossInReview(
        lost.plant(),
        byId.get(lost.plant()).called(),
        end.on(),
        end.fate().because(),
        before.map(Part::of).orElse(List.of()));
  }

  private static Sentence moved(MoveTold told) {
    return say("{} on {}", told.move().sort().words(), told.move().on());
  }

  private static List<Integer> months(Map<Month, Integer> counted) {
    return Arrays.stream(Month.values()).map(month -> counted.getOrDefault(month, 0)).toList();
  }

  private static List<String> prices(int year, List<PlantInPlace> everybody) {
    return everybody.stream()
        .map(plant -> plant.card().origin())
        .filter(origin -> !origin.price().isBlank())
        .filter(
            origin ->
                origin.arrival().map(Arrival::on).filter(on -> on.getYear() == year).isPresent())
        .map(origin -> origin.price())
        .toList();
  }
}
