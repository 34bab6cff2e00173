package almanac.app.errands.opinions;

import almanac.app.errands.whatif.OpenSituation;
import almanac.app.ground.disk.Sha256;
import almanac.app.ground.refusals.BadEntry;
import almanac.core.refusals.Longest;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.UUID;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

/** A plant as it leaves for an opinion: with all that was seen, and without its verdict. */
@Schema(name = "OpinionQuestion")
record Question(
    @Schema(description = "What file this is: question") @NotBlank(message = NO_QUESTION)
        String mellowAlmanac,
    @Schema(description = "Raised whenever what an older program reads would be wrong") int format,
    @Schema(description = "The plant's name outside the program, for good")
        @NotNull(message = NO_QUESTION)
        UUID plant,
    @NotBlank(message = NO_QUESTION)
        @Size(max = Longest.NAME, message = "A name has at most {max} characters.")
        String kindName,
    @NotNull(message = NO_QUESTION) @Valid OpenSituation situation,
    @Schema(description = "Of all that stands above, so that a change is noticed")
        @NotNull(message = NO_QUESTION)
        String digest) {
  static final String IS = "question";
  static final int FORMAT = 1;
  private static final String NO_QUESTION = "This file asks for no opinion about a plant.";
  private static final JsonMapper PLAIN =
      JsonMapper.builder()
          .addModule(new SimpleModule().addSerializer(Number.class, new PlainNumber()))
          .build();

  /** A number as whoever passes the file on may write it, too: 8 for 8.0. */
  private static final class PlainNumber extends ValueSerializer<Number> {
    @Override
    public void serialize(Number number, JsonGenerator file, SerializationContext context) {
      file.writeNumber(new BigDecimal(number.toString()).stripTrailingZeros().toPlainString());
    }
  }

  /** The file of a plant. */
  static Question of(UUID plant, String kindName, OpenSituation situation) {
    return new Question(IS, FORMAT, plant, kindName, situation, digest(plant, kindName, situation));
  }

  private static String digest(UUID plant, String kindName, OpenSituation situation) {
    return Sha256.of(
        PLAIN.writeValueAsBytes(new Object[] {IS, FORMAT, plant, kindName, situation}));
  }

  /**
   * @throws BadEntry naming the format, if a newer program made the file
   */
  static void notNewer(int format) {
    if (format > FORMAT) {
      throw new BadEntry(
          "format", "A newer program made this file; bring this one up to date to read it.");
    }
  }

  /**
   * This question.
   *
   * @throws BadEntry naming what is wrong, if it is another file, was made by a newer program, or
   *     was altered
   */
  Question checked() {
    if (!IS.equals(mellowAlmanac)) {
      throw new BadEntry("mellowAlmanac", NO_QUESTION);
    }
    notNewer(format);
    if (!digest.equals(digest(plant, kindName, situation))) {
      throw new BadEntry("digest", "This file was altered since it was made; ask for it again.");
    }
    return this;
  }
}
