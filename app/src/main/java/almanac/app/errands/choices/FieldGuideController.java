package almanac.app.errands.choices;

import almanac.app.record.rules.Rules;
import almanac.core.inspection.FieldGuide;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.Section;
import almanac.core.roots.RootFigures;
import almanac.core.words.Answer;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class FieldGuideController {
  private final Rules rules;

  FieldGuideController(Rules rules) {
    this.rules = rules;
  }

  /** A card for each look, and the lengths at which roots are drawn on theirs. */
  record Guide(
      @Schema(description = "In the order in which growers look") List<GuideCard> cards,
      RootLengths roots) {}

  /** The longest a new root is in each of its stages, in mm. */
  record RootLengths(double nubMost, double shortMost, double midMost) {}

  /** How one look is taken, and what each answer looks like. */
  record GuideCard(
      String item,
      Section section,
      String sectionTitle,
      String title,
      @Schema(description = "In one sentence") String how,
      @Schema(nullable = true, description = "What can hurt at this look, if anything can")
          String caution,
      @Schema(nullable = true, description = "What is measured, in words, if anything is")
          String measured,
      @Schema(description = "How many days the look speaks for the plant") int holdsGoodDays,
      @Schema(description = "None where something is only measured") List<Sign> signs) {}

  /** By what one answer is known. */
  record Sign(String answer, String words, String sign) {}

  @GetMapping("/api/field-guide")
  @Operation(summary = "How each look is taken, and by what each answer is known")
  Guide guide() {
    var figures = rules.figures();
    return new Guide(
        Items.inLookingOrder().stream().map(this::card).toList(),
        new RootLengths(
            figures.of(RootFigures.NUB_MOST),
            figures.of(RootFigures.SHORT_MOST),
            figures.of(RootFigures.MID_MOST)));
  }

  private GuideCard card(Item<?> item) {
    return new GuideCard(
        item.key(),
        item.section(),
        item.section().title(),
        item.title(),
        FieldGuide.how(item),
        FieldGuide.caution(item).orElse(null),
        item.measurement().map(each -> each.words()).orElse(null),
        rules.figures().count(item.holdsGood()),
        item.answers().stream().map(Answer.class::cast).map(each -> sign(item, each)).toList());
  }

  private static Sign sign(Item<?> item, Answer answer) {
    return new Sign(answer.name(), answer.words(), FieldGuide.sign(item, answer));
  }
}
