package almanac.app.errands.trainer;

import static almanac.core.words.Sentence.say;

import almanac.app.errands.trainer.TrainerPage.CaseDay;
import almanac.app.errands.trainer.TrainerPage.CaseSeen;
import almanac.app.errands.trainer.TrainerPage.CaseWay;
import almanac.app.errands.trainer.TrainerPage.DrawingCase;
import almanac.app.errands.trainer.TrainerPage.DrawnName;
import almanac.app.errands.trainer.TrainerPage.MayLook;
import almanac.app.errands.trainer.TrainerPage.PlantCase;
import almanac.app.judged.pages.Part;
import almanac.core.figures.Figures;
import almanac.core.history.Aim;
import almanac.core.inspection.FieldGuide;
import almanac.core.inspection.Finding;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.LookSpot;
import almanac.core.judgement.evidence.Situation;
import almanac.core.kinds.Trait;
import almanac.core.medium.PottedOn;
import almanac.core.trainer.Call;
import almanac.core.trainer.QuickCase;
import almanac.core.trainer.TrainingCase;
import almanac.core.words.Answer;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** How cases are shown, without what is to be found out. */
public final class CaseViews {
  private static final int DAYS = 8;

  private CaseViews() {}

  /**
   * A plant, for somebody who does not know its verdict.
   *
   * @param plant its number in this collection; nothing for one that is not of it
   */
  public static PlantCase of(
      String name, Optional<Long> plant, TrainingCase asked, Figures figures) {
    var situation = asked.situation();
    var kind = situation.kind();
    return new PlantCase(
        name,
        plant.orElse(null),
        kind.key(),
        kind.name(),
        kind.of(Trait.READY_RULE).words(),
        situation.today(),
        known(situation).stream().map(Part::of).toList(),
        days(situation),
        asked.mayLook(figures).stream()
            .map(item -> new MayLook(item.key(), item.title(), item.how()))
            .toList(),
        Call.HOWS.stream().map(how -> new CaseWay(how, how.words())).toList(),
        situation.aim());
  }

  private static List<Sentence> known(Situation situation) {
    var lines = new ArrayList<Sentence>();
    var potting = situation.history().potting();
    lines.add(
        potting.pottedOn() instanceof PottedOn.Between between
            ? between.earliest().equals(between.latest())
                ? say("In {} since {}", potting.mix().words(), between.earliest())
                : say("In {} since about {}", potting.mix().words(), between.middle())
            : say("In {}; nobody knows since when", potting.mix().words()));
    lines.add(say("Its medium {}", potting.moisture().words()));
    situation
        .arrival()
        .ifPresent(
            came ->
                lines.add(
                    came.rootless()
                        ? say("It came on {}, without live roots", came.on())
                        : say("It came on {}", came.on())));
    lines.add(light(situation));
    if (situation.aim() != Aim.AS_IT_COMES) {
      lines.add(say("Its keeper wants to {}", situation.aim().words()));
    }
    return lines;
  }

  private static Sentence light(Situation situation) {
    var conditions = situation.conditions();
    var hours = Measure.HOURS.of(Math.round(conditions.hoursOn(situation.today())));
    return conditions.lampHours().isPresent()
        ? say("Under lamps: {} of light", hours)
        : say("On a sill or a stage: {} of light", hours);
  }

  private static List<CaseDay> days(Situation situation) {
    return situation.history().life().stream()
        .filter(each -> !each.empty())
        .sorted(Comparator.comparing(Inspection::on, Comparator.reverseOrder()))
        .limit(DAYS)
        .map(each -> new CaseDay(each.on(), seen(each.findings())))
        .toList();
  }

  /** What a case knows of some things. */
  static List<CaseSeen> shown(TrainingCase asked, Set<Item<?>> items) {
    var findings = new HashMap<>(asked.knows());
    findings.keySet().removeIf(spot -> !items.contains(spot.item()));
    return seen(findings);
  }

  /** What was found, in the order in which growers look. */
  private static List<CaseSeen> seen(Map<LookSpot, Finding<?>> findings) {
    return findings.entrySet().stream()
        .sorted(
            Comparator.comparing(
                    (Map.Entry<LookSpot, Finding<?>> each) -> each.getKey().item().place())
                .thenComparing(each -> each.getKey().lead()))
        .map(each -> seen(each.getKey(), each.getValue()))
        .toList();
  }

  private static CaseSeen seen(LookSpot spot, Finding<?> finding) {
    return new CaseSeen(
        spot.item().key(),
        spot.title(),
        finding.answers().stream().map(answer -> ((Answer) answer).name()).sorted().toList(),
        Part.of(spot.found(finding)));
  }

  static DrawingCase of(QuickCase asked) {
    return new DrawingCase(
        asked.item().key(),
        asked.item().title(),
        asked.shown().name(),
        asked.item().answers().stream()
            .map(Answer.class::cast)
            .map(
                answer ->
                    new DrawnName(
                        answer.name(), answer.words(), FieldGuide.sign(asked.item(), answer)))
            .toList());
  }
}
