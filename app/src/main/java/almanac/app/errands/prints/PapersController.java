package almanac.app.errands.prints;

import almanac.app.errands.prints.Papers.PaperChapter;
import almanac.app.errands.prints.Papers.PaperLine;
import almanac.app.errands.taught.Remembered;
import almanac.app.judged.pages.Pages;
import almanac.app.judged.pages.Part;
import almanac.app.judged.pages.PlantPage;
import almanac.app.record.collection.Plants;
import almanac.app.record.rules.Rules;
import almanac.app.record.site.Today;
import almanac.core.history.Happening;
import almanac.core.history.Standing;
import io.swagger.v3.oas.annotations.Operation;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

@RestController
class PapersController {
  /** Nobody has parted a plant of a plant of a plant more often than this. */
  private static final int MOST_ANCESTORS = 50;

  private static final MediaType MARKDOWN =
      new MediaType("text", "markdown", StandardCharsets.UTF_8);

  private final Plants plants;
  private final Pages pages;
  private final Remembered remembered;
  private final Rules rules;
  private final Today today;

  PapersController(Plants plants, Pages pages, Remembered remembered, Rules rules, Today today) {
    this.plants = plants;
    this.pages = pages;
    this.remembered = remembered;
    this.rules = rules;
    this.today = today;
  }

  @GetMapping("/api/plants/{id}/papers")
  @Operation(summary = "The papers of a plant: its whole history, for whoever has it next")
  Papers papers(@PathVariable long id) {
    var page = page(id);
    var chapters = new ArrayList<PaperChapter>();
    chapters.add(new PaperChapter("The plant", plant(page)));
    var came = moves(id);
    if (!came.isEmpty()) {
      chapters.add(new PaperChapter("What came of its moves", came));
    }
    chapters.add(new PaperChapter("Its history", lines(page.journal().stream(), LocalDate.MAX)));
    var at = id;
    for (int i = 0; i < MOST_ANCESTORS; i++) {
      var parting = parting(at);
      if (parting.isEmpty()) {
        break;
      }
      var mother = page(parting.get().mother());
      chapters.add(
          new PaperChapter(
              "Of %s, %s, before it was parted".formatted(mother.card().number(), mother.name()),
              lines(mother.journal().stream(), parting.get().on())));
      at = parting.get().mother();
    }
    return new Papers(page.name(), List.copyOf(chapters));
  }

  @GetMapping("/api/plants/{id}/papers.md")
  @Operation(summary = "The papers of a plant as a text file")
  ResponseEntity<String> asText(@PathVariable long id) {
    var papers = papers(id);
    var file =
        ContentDisposition.attachment()
            .filename(papers.title() + ".md", StandardCharsets.UTF_8)
            .build();
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, file.toString())
        .contentType(MARKDOWN)
        .body(papers.asMarkdown());
  }

  private List<PaperLine> moves(long id) {
    return remembered.of(plants.one(id)).moves().stream()
        .map(
            move ->
                new PaperLine(
                    null,
                    Part.of(move.afterwards(today.get(), rules.figures()).words(move.move())),
                    ""))
        .toList();
  }

  private PlantPage page(long id) {
    return pages.of(plants.one(id));
  }

  /** From whom it was parted, and when. */
  private record Parting(long mother, LocalDate on) {}

  private Optional<Parting> parting(long id) {
    Parting parting = null;
    for (var line : plants.whole(id).journal().holding()) {
      if (line.happening() instanceof Happening.PartedFrom parted) {
        parting = parted.mother() == null ? null : new Parting(parted.mother(), line.act().on());
      }
    }
    return Optional.ofNullable(parting).filter(found -> plants.has(found.mother()));
  }

  private static List<PaperLine> plant(PlantPage page) {
    var card = page.card();
    return Stream.of(
            said("Number", card.number()),
            said("On its label", card.label()),
            said("Believed to be", card.believed()),
            said("Confirmed on flowering", card.confirmed()),
            said("Its flowers", page.flowers()),
            said("Kind", page.kindName()),
            said("Parents", card.parents()),
            said("Came from", card.cameFrom()),
            said("Divided from", card.mother() == null ? "" : card.mother().number()),
            said("It is", card.statusWords() + reason(card.statusReason())),
            said("It stands in", page.potting().mixWords()),
            said("Notes", card.notes()))
        .flatMap(Optional::stream)
        .toList();
  }

  private static String reason(String reason) {
    return reason.isBlank() ? "" : ", " + reason;
  }

  private static Optional<PaperLine> said(String what, String words) {
    return words.isBlank() ? Optional.empty() : Optional.of(PaperLine.of(what + ": " + words));
  }

  private static List<PaperLine> lines(Stream<PlantPage.Line> journal, LocalDate until) {
    return journal
        .filter(line -> line.standing() == Standing.HOLDS && !line.on().isAfter(until))
        .sorted(Comparator.comparing(PlantPage.Line::on))
        .map(line -> new PaperLine(line.on(), line.words(), line.note()))
        .toList();
  }
}
