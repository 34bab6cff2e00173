package almanac.app.errands.prints;

import almanac.app.judged.pages.Part;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * The papers of a plant: what it is, what it stands in, and all that was written of it, with what
 * was written of the plants it was parted from.
 */
record Papers(String title, List<PaperChapter> chapters) {

  /** A part of them. */
  record PaperChapter(String heading, List<PaperLine> lines) {}

  /** One line. */
  record PaperLine(
      @Schema(nullable = true, description = "The day it is about, if it is about one")
          @Nullable LocalDate on,
      List<Part> words,
      String note) {

    static PaperLine of(String words) {
      return new PaperLine(null, List.of(new Part(words, null, null, null)), "");
    }

    private String asMarkdown() {
      var said = words.stream().map(Part::text).collect(Collectors.joining());
      return "- %s%s%s"
          .formatted(
              on == null ? "" : "**" + on + "** ",
              plain(said),
              note.isBlank() ? "" : " (" + plain(note) + ")");
    }
  }

  /** As a text that reads well by itself. */
  String asMarkdown() {
    return chapters.stream()
        .map(
            chapter ->
                "## %s\n\n%s\n"
                    .formatted(
                        plain(chapter.heading()),
                        chapter.lines().stream()
                            .map(PaperLine::asMarkdown)
                            .collect(Collectors.joining("\n"))))
        .collect(Collectors.joining("\n", "# %s\n\n".formatted(plain(title)), ""));
  }

  /** What a collector wrote stays what it is: no mark of it means anything to a reader. */
  private static String plain(String words) {
    return words.replaceAll("([\\\\`*_#<>\\[\\]|])", "\\\\$1").replace("\n", " ");
  }
}
