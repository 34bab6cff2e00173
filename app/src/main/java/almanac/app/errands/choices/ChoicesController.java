package almanac.app.errands.choices;

import almanac.app.record.kinds.Kinds;
import almanac.app.record.places.PlaceKind;
import almanac.core.bench.LastWord;
import almanac.core.bench.PieceFate;
import almanac.core.history.Aid;
import almanac.core.history.Aim;
import almanac.core.history.Approach;
import almanac.core.history.PlantStatus;
import almanac.core.inspection.FirstLook;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.inspection.Section;
import almanac.core.kinds.Genera;
import almanac.core.kinds.Kind;
import almanac.core.kinds.Range;
import almanac.core.kinds.ReadyRule;
import almanac.core.kinds.Trait;
import almanac.core.medium.Component;
import almanac.core.medium.Moisture;
import almanac.core.pot.Grade;
import almanac.core.pot.PotType;
import almanac.core.rhizome.Firmness;
import almanac.core.rhizome.Front;
import almanac.core.stock.StockLevel;
import almanac.core.sums.Conversion;
import almanac.core.sums.Substance;
import almanac.core.sums.Use;
import almanac.core.tally.RootFate;
import almanac.core.words.Answer;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ChoicesController {
  private final Kinds kinds;

  ChoicesController(Kinds kinds) {
    this.kinds = kinds;
  }

  /** All that can be chosen. */
  record Choices(
      List<KindChoice> kinds,
      @Schema(description = "To which kind the plants of a genus usually belong")
          List<GenusChoice> genera,
      List<ComponentChoice> components,
      List<MoistureChoice> moistures,
      @Schema(description = "In the order in which growers look") List<LookChoice> looks,
      @Schema(description = "The leads a plant may have") List<Lead> leads,
      List<AimChoice> aims,
      List<ApproachChoice> approaches,
      @Schema(description = "In what kinds of plants differ, in the order in which it is asked for")
          List<TraitChoice> traits,
      List<Named> placeKinds,
      List<Named> statuses,
      List<Named> pots,
      @Schema(description = "What becomes of roots at the bench") List<Named> rootFates,
      @Schema(description = "What becomes of a plant that is let go at the bench")
          List<Named> lastWords,
      @Schema(description = "What may be given to the roots at the bench") List<Named> aids,
      @Schema(description = "How a growth on the map feels") List<Named> firmness,
      @Schema(description = "Whether anything will come of a growth on the map") List<Named> fronts,
      @Schema(description = "What becomes of a piece of a plant") List<Named> pieceFates,
      @Schema(description = "How coarse a medium is") List<Named> grades,
      @Schema(description = "How much there is of what nobody counts") List<Named> stockLevels,
      @Schema(description = "What is diluted") List<Named> substances,
      @Schema(description = "On what it is used") List<Named> uses,
      @Schema(description = "Units that are reckoned into each other") List<Named> conversions,
      @Schema(description = "What is looked at of a plant that has just come, in its order")
          List<String> firstLook) {}

  /** One of a few names, with its words. */
  record Named(String value, String words) {}

  /** What a collector may want of a plant. */
  record AimChoice(Aim aim, String words) {}

  /** One of the ways in which good growers differ. */
  record ApproachChoice(Approach approach, String name, String principle) {}

  /** One thing in which kinds of plants differ. */
  record TraitChoice(
      String trait,
      String title,
      @Schema(description = "Whether a single plant may differ from its kind in it")
          boolean ofAPlant,
      @Schema(nullable = true, description = "What stands behind the number, if it is one")
          String unit,
      @Schema(description = "What it can be; none where it is a number or words")
          List<TraitAnswer> answers) {}

  /** What a trait can be, and for rules of readiness why. */
  record TraitAnswer(String value, String words, @Schema(nullable = true) String why) {}

  /** A kind of plant. */
  record KindChoice(
      String key,
      String name,
      String readyWhen,
      String care,
      Moisture moisture,
      boolean rootsHidden) {}

  /** A genus, and the kind that is proposed for a label that begins with it. */
  record GenusChoice(
      String name,
      String kind,
      @Schema(description = "Whether all that are commonly grown are of that kind") boolean sure) {}

  /** A component of a mix. */
  record ComponentChoice(Component component, String words, String detail, boolean organic) {}

  /** How wet a medium is kept. */
  record MoistureChoice(Moisture moisture, String words) {}

  /** A thing to look at, with its answers. */
  record LookChoice(
      String item,
      Section section,
      String sectionTitle,
      String title,
      String how,
      @Schema(description = "Whether several answers may hold at once") boolean several,
      @Schema(description = "Whether each lead has its own") boolean ofALead,
      @Schema(description = "Whether it is seen in passing, so that it may be as last time")
          boolean inPassing,
      @Schema(nullable = true, description = "What is measured here, if anything is")
          MeasureChoice measure,
      List<AnswerChoice> answers) {}

  /** What can be measured. */
  record MeasureChoice(String words, String unit) {}

  /** One answer. */
  record AnswerChoice(String answer, String words) {}

  /** What a name on a label says of its plant. */
  record LabelRead(
      @Schema(nullable = true, description = "Null where it begins with no genus that is known")
          @Nullable GenusChoice genus) {}

  @GetMapping("/api/labels")
  @Operation(summary = "Which kind is proposed for a plant with a name on its label")
  LabelRead read(@RequestParam String label) {
    return new LabelRead(Genera.of(label).map(ChoicesController::genus).orElse(null));
  }

  private static GenusChoice genus(Genera.Genus genus) {
    return new GenusChoice(genus.name(), genus.kind(), genus.sure());
  }

  @GetMapping("/api/choices")
  @Operation(summary = "Kinds of plants, components of mixes, and looks with their answers")
  Choices all() {
    return new Choices(
        kinds.all().stream().map(ChoicesController::kind).toList(),
        Genera.all().stream().map(ChoicesController::genus).toList(),
        Arrays.stream(Component.values())
            .map(each -> new ComponentChoice(each, each.words(), each.detail(), each.organic()))
            .toList(),
        Arrays.stream(Moisture.values())
            .map(each -> new MoistureChoice(each, each.words()))
            .toList(),
        Items.inLookingOrder().stream().map(ChoicesController::look).toList(),
        List.of(Lead.values()),
        Arrays.stream(Aim.values()).map(each -> new AimChoice(each, each.words())).toList(),
        Arrays.stream(Approach.values())
            .map(each -> new ApproachChoice(each, each.words(), each.principle()))
            .toList(),
        Trait.all().stream().map(ChoicesController::trait).toList(),
        Arrays.stream(PlaceKind.values())
            .map(each -> new Named(each.name(), each.words()))
            .toList(),
        Arrays.stream(PlantStatus.values())
            .filter(PlantStatus::said)
            .map(each -> new Named(each.name(), each.words()))
            .toList(),
        Arrays.stream(PotType.values()).map(each -> new Named(each.name(), each.words())).toList(),
        named(RootFate.values()),
        named(LastWord.values()),
        named(Aid.values()),
        named(Firmness.values()),
        named(Front.values()),
        named(PieceFate.values()),
        named(Grade.values()),
        named(StockLevel.values()),
        named(Substance.values()),
        named(Use.values()),
        named(Conversion.values()),
        FirstLook.items().stream().map(Item::key).toList());
  }

  private static List<Named> named(Answer... answers) {
    return Arrays.stream(answers).map(each -> new Named(each.name(), each.words())).toList();
  }

  private static KindChoice kind(Kind kind) {
    return new KindChoice(
        kind.key(),
        kind.name(),
        kind.of(Trait.READY_RULE).words(),
        kind.of(Trait.CARE),
        kind.of(Trait.MOISTURE),
        kind.of(Trait.ROOTS_HIDDEN));
  }

  private static TraitChoice trait(Trait<?> trait) {
    return new TraitChoice(
        trait.key(), trait.title(), trait.ofAPlant(), unit(trait.range()), answers(trait.range()));
  }

  private static @Nullable String unit(Range<?> range) {
    if (range instanceof Range.Number number) {
      return number.unit();
    }
    return range instanceof Range.Count count ? count.unit() : null;
  }

  private static List<TraitAnswer> answers(Range<?> range) {
    if (range instanceof Range.OneOf<?> one) {
      return one.all().stream()
          .map(Answer.class::cast)
          .map(each -> new TraitAnswer(each.name(), each.words(), why(each)))
          .toList();
    }
    return range instanceof Range.YesNo yesNo
        ? List.of(
            new TraitAnswer("true", yesNo.yes(), null), new TraitAnswer("false", yesNo.no(), null))
        : List.of();
  }

  private static @Nullable String why(Answer answer) {
    return answer instanceof ReadyRule rule ? rule.reason() : null;
  }

  private static LookChoice look(Item<?> item) {
    return new LookChoice(
        item.key(),
        item.section(),
        item.section().title(),
        item.title(),
        item.how(),
        item.takesSeveral(),
        item.ofALead(),
        item.inPassing(),
        item.measurement()
            .map(each -> new MeasureChoice(each.words(), each.measure().words()))
            .orElse(null),
        item.answers().stream()
            .map(Answer.class::cast)
            .map(answer -> new AnswerChoice(answer.name(), answer.words()))
            .toList());
  }
}
