package almanac.app.errands.tuning;

import almanac.app.judged.judging.Judging;
import almanac.app.judged.pages.Slip.ByApproach;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.collection.Plants;
import almanac.app.record.rules.CollectionApproach;
import almanac.app.record.site.Today;
import almanac.core.history.Approach;
import almanac.core.judgement.compare.JudgedApart;
import almanac.core.judgement.verdict.Judgement;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/approach")
class ApproachController {
  private final CollectionApproach collection;
  private final Plants plants;
  private final Judging judging;
  private final Today today;

  ApproachController(CollectionApproach collection, Plants plants, Judging judging, Today today) {
    this.collection = collection;
    this.plants = plants;
    this.judging = judging;
    this.today = today;
  }

  /** The collection's approach. */
  record Chosen(@NotNull(message = "Choose an approach.") Approach approach) {}

  @GetMapping
  @Operation(summary = "The approach that holds where neither plant nor place has its own")
  Chosen get() {
    return new Chosen(collection.get());
  }

  /** A plant of which the four approaches ask for different things. */
  record ApartLine(
      long plantId, String name, @Schema(description = "In their order") List<ByApproach> by) {}

  /** All of them. */
  record ApartPage(
      LocalDate judgedOn,
      @Schema(description = "Of how many plants") int plants,
      @Schema(description = "Those that part most first") List<ApartLine> apart) {}

  @GetMapping("/apart")
  @Operation(summary = "The plants of which the four approaches ask for different things today")
  ApartPage apart() {
    var all = plants.all();
    var apart =
        all.stream()
            .map(plant -> new Judged(plant, judging.byApproaches(plant)))
            .filter(judged -> judged.by().apart())
            .sorted(
                Comparator.<Judged>comparingLong(judged -> -judged.by().asked())
                    .thenComparing(
                        judged -> judging.judge(judged.plant(), today.get()),
                        Judgement.MOST_URGENT))
            .map(this::line)
            .toList();
    return new ApartPage(today.get(), all.size(), apart);
  }

  private record Judged(PlantInPlace plant, JudgedApart by) {}

  private ApartLine line(Judged judged) {
    var inForce = judging.approach(judged.plant());
    return new ApartLine(
        judged.plant().id(),
        judged.plant().called(),
        judged.by().by().stream().map(each -> ByApproach.of(each, inForce)).toList());
  }

  @PutMapping
  @Operation(summary = "Chooses the collection's approach; every plant is judged anew")
  Chosen choose(@Valid @RequestBody Chosen chosen) {
    collection.choose(chosen.approach());
    return chosen;
  }
}
