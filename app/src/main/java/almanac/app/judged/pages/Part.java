package almanac.app.judged.pages;

import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;

/** A part of a sentence: plain words, a measure, or a day. */
public record Part(
    @Schema(description = "The part as plain text") String text,
    @Schema(nullable = true) Double value,
    @Schema(nullable = true) Measure measure,
    @Schema(nullable = true) LocalDate day) {

  /** The parts of a sentence, in order. */
  public static List<Part> of(Sentence sentence) {
    return sentence.parts().stream().map(Part::of).toList();
  }

  private static Part of(Sentence.Part part) {
    if (part instanceof Sentence.Quantity quantity) {
      return new Part(quantity.toString(), quantity.value(), quantity.measure(), null);
    }
    return part instanceof Sentence.Day day
        ? new Part(day.toString(), null, null, day.date())
        : new Part(part.toString(), null, null, null);
  }
}
