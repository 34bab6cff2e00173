package almanac.core.taught;

import almanac.core.figures.Figures;
import almanac.core.history.Act;
import almanac.core.history.Happening;
import almanac.core.history.Line;
import almanac.core.history.Outcome;
import almanac.core.history.Plant;
import almanac.core.history.Potting;
import almanac.core.history.Way;
import almanac.core.inspection.Inspection;
import almanac.core.medium.Mix;
import almanac.core.medium.PottedOn;
import almanac.core.pot.Pot;
import almanac.core.tally.RootTally;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The moves of a plant, with what was seen after each. Rules: What came of it. */
public final class MovesMade {
  /** Whoever judges a plant as it was known before a move. */
  @FunctionalInterface
  public interface Judged {
    SlipThen on(Plant before, LocalDate day);
  }

  private final Plant plant;
  private final Figures figures;
  private final Judged judged;
  private final List<Inspection> looks;
  private final List<After.Answered> answers = new ArrayList<>();
  private final Map<LocalDate, @Nullable Outcome> said = new LinkedHashMap<>();
  private Optional<After.End> end = Optional.empty();

  private MovesMade(Plant plant, Judged judged, Figures figures) {
    this.plant = plant;
    this.judged = judged;
    this.figures = figures;
    this.looks = plant.history().life();
    plant.journal().holding().forEach(this::note);
  }

  /**
   * All moves that were made here, oldest first.
   *
   * @param whole the plant with all lines of its journal
   */
  public static List<MoveRecord> of(Plant whole, Judged judged, Figures figures) {
    return new MovesMade(whole, judged, figures).records();
  }

  private void note(Line line) {
    if (line.happening() instanceof Happening.Checked checked) {
      answers.add(new After.Answered(line.act().on(), checked.check().purpose(), checked.answer()));
    } else if (line.happening() instanceof Happening.OutcomeSaid told) {
      said.put(told.moved(), told.outcome());
    } else if (line.happening() instanceof Happening.Became became) {
      var status = became.fate().status();
      end = status.here() ? Optional.empty() : Optional.of(new After.End(line.act().on(), status));
    }
  }

  private List<MoveRecord> records() {
    var moves = moves();
    var records = new ArrayList<MoveRecord>();
    for (int i = 0; i < moves.size(); i++) {
      var move = moves.get(i);
      var next =
          i + 1 < moves.size() ? Optional.of(moves.get(i + 1).on()) : Optional.<LocalDate>empty();
      records.add(
          new MoveRecord(
              move,
              After.of(move.on(), looks, answers, next.isPresent() ? Optional.empty() : end, next),
              Optional.ofNullable(said.get(move.on()))));
    }
    return records;
  }

  private List<MoveMade> moves() {
    var acts = new LinkedHashMap<Long, List<Line>>();
    for (var line : plant.journal().holding()) {
      acts.computeIfAbsent(line.act().id(), id -> new ArrayList<>()).add(line);
    }
    var moves = new ArrayList<MoveMade>();
    Happening.@Nullable Potted stoodIn = null;
    var inOrder =
        acts.values().stream()
            .sorted(Comparator.comparing((List<Line> act) -> act.get(0).act().on()))
            .toList();
    for (var act : inOrder) {
      var potted = first(act, Happening.Potted.class);
      var worked = first(act, Happening.Worked.class);
      boolean arrived = plant.journal().ofArrival(act.get(0)) && !piece(potted, act.get(0).act());
      if (!arrived && (potted.isPresent() || worked.isPresent())) {
        moves.add(move(act, potted, worked, stoodIn));
      }
      stoodIn = potted.orElse(stoodIn);
    }
    return moves;
  }

  /** A piece was potted here on the day on which it was divided. */
  private boolean piece(Optional<Happening.Potted> potted, Act act) {
    return plant.card().mother() != null
        && potted
            .filter(each -> each.potting().pottedOn().equals(PottedOn.on(act.on())))
            .isPresent();
  }

  private MoveMade move(
      List<Line> act,
      Optional<Happening.Potted> potted,
      Optional<Happening.Worked> worked,
      Happening.@Nullable Potted stoodIn) {
    var on = act.get(0).act().on();
    var from = Optional.ofNullable(stoodIn);
    var into = potted.or(() -> from);
    return new MoveMade(
        on,
        sort(act, potted, worked),
        MoveMade.Before.seen(
                looks,
                on,
                potted.filter(Happening.Potted::inFlower).isPresent(),
                mix(from),
                from.map(Happening.Potted::pot).orElse(Pot.NOT_NOTED),
                figures)
            .with(plant.before(act.get(0).act()).map(before -> judged.on(before, on))),
        new MoveMade.Into(mix(into), into.map(Happening.Potted::pot).orElse(Pot.NOT_NOTED)),
        worked.map(Happening.Worked::tally).orElse(RootTally.EMPTY),
        MoveMade.leadBroken(looks, on));
  }

  private MoveMade.Sort sort(
      List<Line> act, Optional<Happening.Potted> potted, Optional<Happening.Worked> worked) {
    if (potted.isEmpty()) {
      return MoveMade.Sort.LIFT;
    }
    if (first(act, Happening.Divided.class).isPresent()) {
      return MoveMade.Sort.DIVISION;
    }
    if (plant.journal().ofArrival(act.get(0))) {
      return MoveMade.Sort.PIECE;
    }
    return switch (worked.map(Happening.Worked::way).orElse(Way.OPENED)) {
      case OPENED -> MoveMade.Sort.REPOT;
      case WHOLE -> MoveMade.Sort.SHIFT;
      case CUT -> MoveMade.Sort.RESCUE;
    };
  }

  private static Optional<Mix> mix(Optional<Happening.Potted> potted) {
    return potted.map(Happening.Potted::potting).map(Potting::mix);
  }

  private static <H extends Happening> Optional<H> first(List<Line> act, Class<H> sort) {
    return act.stream().map(Line::happening).filter(sort::isInstance).map(sort::cast).findFirst();
  }
}
