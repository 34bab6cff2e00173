package almanac.app.errands.calendar;

import almanac.app.errands.benchdays.BenchDays;
import almanac.app.errands.rounds.DaysKept;
import almanac.app.errands.rounds.RoundsAhead;
import almanac.app.errands.rounds.RoundsAhead.Look;
import almanac.app.record.rules.Rules;
import almanac.core.benchdays.PlannedDay;
import almanac.core.rounds.PlannedRound;
import almanac.core.rounds.ToLook;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What stands in the calendar on a day: bench days, rounds, and every look on them. */
@Component
class CalendarEntries {
  private static final String OURS = "@mellow-almanac";

  private final RoundsAhead rounds;
  private final DaysKept walking;
  private final BenchDays bench;
  private final Rules rules;

  CalendarEntries(RoundsAhead rounds, DaysKept walking, BenchDays bench, Rules rules) {
    this.rounds = rounds;
    this.walking = walking;
    this.bench = bench;
    this.rules = rules;
  }

  List<CalendarEntry> on(LocalDate today) {
    var entries = new ArrayList<CalendarEntry>();
    for (var day : bench.planOn(today).days()) {
      if (!day.jobs().isEmpty()) {
        entries.add(bench(day));
      }
    }
    for (var round : rounds.on(today, walking.get()).rounds()) {
      entries.add(round(round));
      round.all().stream().map(CalendarEntries::look).forEach(entries::add);
    }
    return entries;
  }

  private static CalendarEntry bench(PlannedDay day) {
    var on = day.day().on();
    return new CalendarEntry(
        "bench-" + on + OURS,
        false,
        on,
        on,
        "Bench day: %d min of %d".formatted(day.taken(), day.day().minutes()),
        day.jobs().stream()
            .map(each -> "%s (%d min)".formatted(each.job().name(), each.job().minutes()))
            .collect(Collectors.joining("\n")));
  }

  private CalendarEntry round(PlannedRound<Look> round) {
    return new CalendarEntry(
        "round-" + round.day() + OURS,
        false,
        round.day(),
        round.day(),
        "Round: about %d min".formatted(round.minutes(rules.figures())),
        round.all().stream().map(CalendarEntries::title).collect(Collectors.joining("\n")));
  }

  private static CalendarEntry look(ToLook<Look> look) {
    var window = look.window();
    return new CalendarEntry(
        "look-%s-%s%s"
            .formatted(look.what().plant().plant().uid(), look.what().open().name().text(), OURS),
        true,
        window.early(),
        window.late(),
        title(look),
        look.what().open().check().lookFor());
  }

  private static String title(ToLook<Look> look) {
    return "%s: %s".formatted(look.what().plant().called(), look.what().open().check().title());
  }
}
