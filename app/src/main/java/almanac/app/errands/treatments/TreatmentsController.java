package almanac.app.errands.treatments;

import almanac.app.errands.treatments.Treating.BesidePlant;
import almanac.app.errands.treatments.Treating.OnPlant;
import almanac.app.errands.treatments.Treating.Running;
import almanac.app.judged.judging.Judging;
import almanac.app.judged.pages.Pages;
import almanac.app.judged.pages.Saved;
import almanac.app.record.collection.PlantInPlace;
import almanac.app.record.site.Today;
import almanac.core.checks.Window;
import almanac.core.refusals.Longest;
import almanac.core.treatments.Course;
import almanac.core.treatments.Foe;
import almanac.core.treatments.TreatmentFigures;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/treatments")
class TreatmentsController {
  private final Treating treating;
  private final Judging judging;
  private final Pages pages;
  private final Today today;

  TreatmentsController(Treating treating, Judging judging, Pages pages, Today today) {
    this.treating = treating;
    this.judging = judging;
    this.pages = pages;
    this.today = today;
  }

  /** A plant of a course. */
  record TreatedPlant(
      long plantId,
      String name,
      String placeName,
      boolean apart,
      LocalDate since,
      @Schema(description = "The day from which treatments count: a look that found it begins anew")
          LocalDate from,
      int done,
      int left,
      @Schema(nullable = true) @Nullable LocalDate lastTreated,
      @Schema(nullable = true, description = "Absent if none is left")
          @Nullable LocalDate nextTreatment,
      @Schema(description = "Whether the days for it have begun") boolean treatNow,
      int cleanInARow,
      int foundAgain,
      LocalDate nextLook,
      @Schema(description = "Whether the days for it have begun") boolean lookNow,
      boolean over,
      @Schema(description = "The day on which it is over if every look is clean and none late")
          LocalDate overFrom,
      @Schema(description = "Whether another cure should be thought of") boolean tooOften) {
    static TreatedPlant of(OnPlant each, LocalDate today) {
      var plant = each.plant();
      var treated = each.treated();
      return new TreatedPlant(
          plant.id(),
          plant.called(),
          plant.place().name(),
          plant.card().inHand().apartSince() != null,
          each.since(),
          treated.from(),
          treated.done(),
          treated.left(),
          treated.lastTreated().orElse(null),
          treated.next().map(Window::best).orElse(null),
          treated.next().filter(window -> !window.early().isAfter(today)).isPresent(),
          treated.looked().looks().inARow(),
          treated.looked().looks().times(),
          treated.looked().nextLook().best(),
          !treated.looked().nextLook().early().isAfter(today),
          treated.over(),
          treated.overFrom(),
          treated.tooOften());
    }
  }

  /** A plant beside one under treatment. */
  record NeighbourPlant(
      long plantId,
      String name,
      String placeName,
      int cleanInARow,
      boolean found,
      LocalDate nextLook,
      @Schema(description = "Whether the days for it have begun") boolean lookNow,
      boolean over) {
    static NeighbourPlant of(BesidePlant each, LocalDate today) {
      var beside = each.beside();
      return new NeighbourPlant(
          each.plant().id(),
          each.plant().called(),
          each.plant().place().name(),
          beside.looks().inARow(),
          beside.looks().found().isPresent() && beside.looks().inARow() == 0,
          beside.next().best(),
          !beside.next().early().isAfter(today),
          beside.over());
    }
  }

  /** A course that runs. */
  record RunningCourse(
      UUID uid,
      String product,
      Foe against,
      int everyDays,
      int times,
      @Schema(description = "How many clean looks in a row end it") int cleanWanted,
      List<TreatedPlant> plants,
      List<NeighbourPlant> neighbours) {}

  @GetMapping
  @Operation(summary = "The courses that run, with their plants and those beside them")
  List<RunningCourse> running() {
    return treating.running().stream().map(this::course).toList();
  }

  private RunningCourse course(Running running) {
    var course = running.course();
    var day = today.get();
    return new RunningCourse(
        course.uid(),
        course.product(),
        course.foe(),
        course.every(),
        course.times(),
        judging.figures().count(TreatmentFigures.CLEAN),
        running.plants().stream().map(each -> TreatedPlant.of(each, day)).toList(),
        running.beside().stream().map(each -> NeighbourPlant.of(each, day)).toList());
  }

  /** A plant that stands near. */
  record NearPlant(long plantId, String name, String placeName) {
    static NearPlant of(PlantInPlace plant) {
      return new NearPlant(plant.id(), plant.name(), plant.place().name());
    }
  }

  @GetMapping("/neighbours")
  @Operation(summary = "Those that stand so near to some plants that they should be looked at too")
  List<NearPlant> neighbours(@RequestParam List<Long> plants) {
    return treating
        .neighbours(plants, judging.figures().count(TreatmentFigures.NEIGHBOURS))
        .stream()
        .map(NearPlant::of)
        .toList();
  }

  /** A course to begin. */
  record CourseEntry(
      @NotBlank(message = "Say what is used, as its label calls it.")
          @Size(max = Longest.LINE, message = "At most {max} characters.")
          @Schema(example = "Soap spray from the shed")
          String product,
      @NotNull(message = "Say what it is against: pests or rot.") Foe against,
      @NotNull(message = "Say every how many days.")
          @Min(value = 1, message = "At least a day lies between two treatments.")
          @Max(value = 90, message = "At most 90 days; beyond, it is not one course.")
          @Schema(example = "7")
          Integer everyDays,
      @NotNull(message = "Say how often.")
          @Min(value = 1, message = "At least once.")
          @Max(value = 20, message = "At most 20 times.")
          @Schema(example = "3")
          Integer times,
      @NotEmpty(message = "Choose at least one plant.")
          @Size(max = 500, message = "At most 500 plants at once.")
          List<@NotNull Long> plants,
      @NotNull(message = "Leave the list empty if none stands near.")
          @Size(max = 500, message = "At most 500 plants at once.")
          List<@NotNull Long> neighbours,
      @Schema(description = "Whether its plants are kept apart from now on") boolean apart) {}

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Begins a course on some plants, as one act")
  Saved begin(@Valid @RequestBody CourseEntry told) {
    var course =
        new Course(
            UUID.randomUUID(),
            told.product().strip(),
            told.against(),
            told.everyDays(),
            told.times());
    return pages.saved(
        treating.begin(course, told.plants(), told.neighbours(), told.apart(), today.get()));
  }

  /** Some plants of a course. */
  record OfCourse(
      @NotEmpty(message = "Choose at least one plant.")
          @Size(max = 500, message = "At most 500 plants at once.")
          List<@NotNull Long> plants) {}

  @PostMapping("/{uid}/plants")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Takes plants into a course that runs")
  Saved join(@PathVariable UUID uid, @Valid @RequestBody OfCourse told) {
    return pages.saved(treating.join(uid, told.plants(), today.get()));
  }

  @PostMapping("/{uid}/treated")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Writes that plants of a course were treated today")
  Saved treated(@PathVariable UUID uid, @Valid @RequestBody OfCourse told) {
    return pages.saved(treating.treated(uid, told.plants(), today.get()));
  }

  @PostMapping("/{uid}/clean")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Writes that nothing was found on plants of a course, or beside it")
  Saved clean(@PathVariable UUID uid, @Valid @RequestBody OfCourse told) {
    return pages.saved(treating.clean(uid, told.plants(), today.get()));
  }

  @PostMapping("/{uid}/end")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Ends a course for some plants")
  Saved end(@PathVariable UUID uid, @Valid @RequestBody OfCourse told) {
    return pages.saved(treating.end(uid, told.plants(), today.get()));
  }
}
