package almanac.app.errands.trials;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.judged.judging.Judging;
import almanac.app.judged.pages.Pages;
import almanac.app.judged.pages.Saved;
import almanac.app.record.collection.Plants;
import almanac.app.record.site.Site;
import almanac.app.record.site.Today;
import almanac.core.history.Plant;
import almanac.core.inspection.Item;
import almanac.core.trials.Against;
import almanac.core.trials.Trial;
import almanac.core.trials.Tried;
import almanac.core.tried.Halves;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
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
@RequestMapping("/api/trials")
class TrialsController {
  private static final int LONGEST_WORDS = 1000;
  private static final int OLDEST_YEARS = 5;

  private final Trialling trialling;
  private final TrialViews views;
  private final Plants plants;
  private final Judging judging;
  private final Pages pages;
  private final Site site;
  private final Today today;

  TrialsController(
      Trialling trialling,
      TrialViews views,
      Plants plants,
      Judging judging,
      Pages pages,
      Site site,
      Today today) {
    this.trialling = trialling;
    this.views = views;
    this.plants = plants;
    this.judging = judging;
    this.pages = pages;
    this.site = site;
    this.today = today;
  }

  /** Something that can be looked at. */
  record TrialChoice(
      String item, String title, @Schema(description = "Whether it is measured") boolean measured) {
    static TrialChoice of(Item<?> item) {
      return new TrialChoice(item.key(), item.title(), item.measurement().isPresent());
    }
  }

  /** What can be tried. */
  record TriedChoice(Tried tried, String words) {}

  /** What it can be held against. */
  record AgainstChoice(Against against, String words) {}

  /** All trials, and what one begun anew could look at. */
  record TrialsPage(
      @Schema(description = "The newest first") List<TrialViews.TrialLine> trials,
      List<TriedChoice> mayTry,
      List<AgainstChoice> mayHoldAgainst,
      List<TrialChoice> mayLook) {}

  @GetMapping
  @Operation(summary = "All trials, and what may be looked at in one")
  TrialsPage all() {
    return new TrialsPage(
        trialling.all().stream().map(run -> TrialViews.TrialLine.of(run, today.get())).toList(),
        Arrays.stream(Tried.values()).map(each -> new TriedChoice(each, each.words())).toList(),
        Arrays.stream(Against.values()).map(each -> new AgainstChoice(each, each.words())).toList(),
        Trial.mayLook().stream().map(TrialChoice::of).toList());
  }

  /** When a trial may be judged. */
  record HonestFrom(LocalDate day) {}

  @GetMapping("/honest-from")
  @Operation(summary = "The first day on which a trial begun on a day may be judged")
  HonestFrom honestFrom(@RequestParam(required = false) @Nullable LocalDate since) {
    return new HonestFrom(honest(since(since)));
  }

  /**
   * Plants in two halves that differ in one thing.
   *
   * @param tried in what they differ; null where nothing makes two halves of them
   * @param plants those that are tried, or all
   */
  record TrialHalves(
      @Schema(nullable = true, description = "Null where nothing makes two halves of them")
          @Nullable Tried tried,
      @Schema(nullable = true) @Nullable Against against,
      String name,
      List<Long> plants,
      @Schema(description = "In the order of their other halves, where they have them")
          List<Long> others,
      @Schema(nullable = true, description = "The day on which all of them were moved")
          @Nullable LocalDate since) {
    static TrialHalves of(Halves halves) {
      return new TrialHalves(
          halves.tried(),
          halves.against(),
          halves.name(),
          halves.plants().stream().map(Plant::id).toList(),
          halves.others().stream().map(Plant::id).toList(),
          halves.since().orElse(null));
    }
  }

  @GetMapping("/halves")
  @Operation(summary = "What a trial of plants that were moved together would try, on which")
  TrialHalves halves(@RequestParam List<Long> plant) {
    var all = plant.stream().distinct().map(id -> plants.one(id).plant()).toList();
    return Halves.of(all)
        .map(TrialHalves::of)
        .orElseGet(() -> new TrialHalves(null, null, "", plant, List.of(), null));
  }

  @GetMapping("/{uid}")
  @Operation(summary = "A trial, with all that was seen of its plants")
  TrialViews.TrialPage one(@PathVariable UUID uid) {
    return views.page(trialling.one(uid), today.get());
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Begins a trial on some plants, as one act")
  Saved begin(@Valid @RequestBody TrialEntry told) {
    var since = since(told.since());
    var honest = honest(since);
    if (told.judgeOn().isBefore(honest)) {
      throw new BadEntry(
          "judgeOn",
          "From %s on it may be judged: after half a year, and through one change of season."
              .formatted(honest));
    }
    var trial =
        new Trial(
            UUID.randomUUID(),
            told.name().strip(),
            told.tried(),
            told.against(),
            looks(told.looks()),
            since,
            told.judgeOn());
    return pages.saved(trialling.begin(trial, told.plants(), told.others(), today.get()));
  }

  private LocalDate honest(LocalDate since) {
    return Trial.honestFrom(since, site.light(), judging.figures());
  }

  private LocalDate since(@Nullable LocalDate told) {
    var day = today.get();
    if (told == null) {
      return day;
    }
    if (told.isAfter(day) || told.getYear() < day.getYear() - OLDEST_YEARS) {
      throw new BadEntry(
          "since", "It began today or before, at most %d years ago.".formatted(OLDEST_YEARS));
    }
    return told;
  }

  private static List<Item<?>> looks(List<String> keys) {
    var looks = new ArrayList<Item<?>>();
    for (int i = 0; i < keys.size(); i++) {
      var key = keys.get(i);
      int at = i;
      looks.add(
          Trial.mayLook().stream()
              .filter(item -> item.key().equals(key))
              .findFirst()
              .orElseThrow(
                  () ->
                      new BadEntry(
                          "looks[%d]".formatted(at),
                          "“%s” is nothing a trial can look at.".formatted(key))));
    }
    return looks;
  }

  /** The end of a trial. */
  @Schema(example = "{\"words\": \"It dries a day sooner, and roots look the same.\"}")
  record TrialEnd(
      @NotBlank(message = "Say in a sentence what came of it.")
          @Size(max = LONGEST_WORDS, message = "At most {max} characters.")
          String words) {}

  @PostMapping("/{uid}/end")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Closes a trial in its keeper's words")
  Saved close(@PathVariable UUID uid, @Valid @RequestBody TrialEnd told) {
    return pages.saved(trialling.close(uid, told.words().strip(), today.get()));
  }
}
