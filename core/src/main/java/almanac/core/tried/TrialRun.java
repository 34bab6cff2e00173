package almanac.core.tried;

import almanac.core.figures.Figures;
import almanac.core.history.Happening;
import almanac.core.history.Plant;
import almanac.core.trials.OnTrial;
import almanac.core.trials.Trial;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * A trial as it went so far.
 *
 * @param members those on which it is tried first, and pairs by their number
 * @param closed the day on which its keeper closed it, and what he says of it
 */
public record TrialRun(Trial trial, List<Member> members, Optional<Closed> closed) {
  private static final Comparator<Member> ORDER =
      Comparator.<Member, OnTrial.Side>comparing(member -> member.its().side())
          .thenComparing(member -> member.its().pair())
          .thenComparing(member -> member.plant().id());

  /** The end of a trial, in its keeper's words. */
  public record Closed(LocalDate on, String words) {}

  /** How a trial stands on a day. */
  public enum State {
    /** It shows what was measured, and no conclusion. */
    UNDER_WAY,
    /** It may be judged. */
    RIPE,
    CLOSED
  }

  /**
   * All trials that plants stand or stood in, the newest first.
   *
   * @param wholes the plants with all lines of their journals
   */
  public static List<TrialRun> of(Collection<Plant> wholes, Figures figures) {
    var begun = new LinkedHashMap<UUID, List<Map.Entry<Plant, OnTrial>>>();
    var closed = new LinkedHashMap<UUID, Closed>();
    for (var plant : wholes) {
      for (var line : plant.journal().holding()) {
        if (line.happening() instanceof Happening.TrialBegun happening) {
          begun
              .computeIfAbsent(happening.its().trial().uid(), uid -> new ArrayList<>())
              .add(Map.entry(plant, happening.its()));
        } else if (line.happening() instanceof Happening.TrialEnded end) {
          closed.put(end.trial(), new Closed(line.act().on(), end.words()));
        }
      }
    }
    return begun.values().stream()
        .map(its -> run(its, closed, figures))
        .sorted(
            Comparator.<TrialRun, LocalDate>comparing(run -> run.trial().since())
                .reversed()
                .thenComparing(run -> run.trial().uid()))
        .toList();
  }

  private static TrialRun run(
      List<Map.Entry<Plant, OnTrial>> its, Map<UUID, Closed> closed, Figures figures) {
    var trial = its.get(0).getValue().trial();
    var end = Optional.ofNullable(closed.get(trial.uid()));
    var members =
        its.stream()
            .map(each -> Member.of(each.getKey(), each.getValue(), end.map(Closed::on), figures))
            .sorted(ORDER)
            .toList();
    return new TrialRun(trial, members, end);
  }

  /** How it stands on a day. */
  public State state(LocalDate today) {
    if (closed.isPresent()) {
      return State.CLOSED;
    }
    return trial.mayJudge(today) ? State.RIPE : State.UNDER_WAY;
  }

  /** Whether it was still run when it might be judged. */
  boolean mayJudge(LocalDate today) {
    return trial.mayJudge(closed.map(Closed::on).orElse(today));
  }

  /** What was seen of each thing that the trial looks at, in the order of looking. */
  public List<Compared> compared(LocalDate today, Figures figures) {
    return trial.looks().stream().map(item -> Compared.of(this, item, today, figures)).toList();
  }
}
