package almanac.app.judging;

import almanac.app.journal.PlantRecord;
import almanac.app.site.Site;
import almanac.core.figures.Figures;
import almanac.core.judgement.Approach;
import almanac.core.judgement.DecidingLooks;
import almanac.core.judgement.Judge;
import almanac.core.judgement.Judgement;
import almanac.core.judgement.Situation;
import almanac.core.medium.Temperatures;
import almanac.core.season.Conditions;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import org.springframework.stereotype.Service;

/** Judges plants by what their journals say. */
@Service
public class Judging {
  /** What the lives of the components are given for, as long as a bench has no means of its own. */
  private static final Temperatures ROOM = Temperatures.steady(20);

  private final Site site;
  private final Figures figures = Figures.standard();
  private final Judge judge = new Judge(figures);

  public Judging(Site site) {
    this.site = site;
  }

  /** The figures in force. */
  public Figures figures() {
    return figures;
  }

  /** The verdict on a plant on a day. */
  public Judgement judge(PlantRecord plant, LocalDate day) {
    return judge.judge(situation(plant, day));
  }

  /** The slip of a plant on a day. */
  public Slip slip(PlantRecord plant, LocalDate day) {
    var situation = situation(plant, day);
    var judged = judge.judge(situation);
    return Slip.of(
        judged,
        new DecidingLooks(judge).of(situation, judged),
        others(situation),
        day,
        plant.profile().hasSecondWindow(),
        figures);
  }

  private List<Slip.Other> others(Situation situation) {
    return Arrays.stream(Approach.values())
        .filter(approach -> approach != Approach.HOUSE_RULES)
        .map(
            approach ->
                Slip.Other.of(approach, new Judge(figures, approach).judge(situation).verdict()))
        .toList();
  }

  private Situation situation(PlantRecord plant, LocalDate day) {
    var conditions = new Conditions(site.light(), plant.bench().controlled(), ROOM);
    return new Situation(day, plant.profile(), plant.history(), conditions);
  }
}
