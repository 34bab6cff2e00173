package almanac.app.errands.benchdays;

import almanac.app.ground.web.Reckons;
import almanac.app.ground.web.StillThere;
import almanac.app.record.site.Today;
import almanac.core.benchdays.Asker;
import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.time.LocalDate;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/bench-days")
class BenchDaysController {
  private final BenchDays days;
  private final Paces paces;
  private final Preparing preparing;
  private final Planner planner;
  private final StillThere stillThere;
  private final Today today;

  BenchDaysController(
      BenchDays days,
      Paces paces,
      Preparing preparing,
      Planner planner,
      StillThere stillThere,
      Today today) {
    this.days = days;
    this.preparing = preparing;
    this.paces = paces;
    this.planner = planner;
    this.stillThere = stillThere;
    this.today = today;
  }

  @GetMapping
  @Operation(summary = "The bench days with their jobs, and why each lies where it does")
  BenchDaysPage all() {
    return BenchDaysPage.of(days.on(today.get()), paces.now());
  }

  @Reckons
  @PutMapping
  @Operation(
      summary = "Says on which days somebody has time, and which jobs are to be done on which")
  BenchDaysPage keep(@Valid @RequestBody BenchDaysEntry wanted) {
    return BenchDaysPage.of(
        days.keep(
            wanted.benchDays(),
            wanted.chosen(),
            wanted.lying(),
            Optional.ofNullable(wanted.version()),
            today.get()),
        paces.now());
  }

  @GetMapping("/{on}/preparation")
  @Operation(summary = "What is to be made ready for a bench day, and on the days before")
  Preparing.Preparation prepare(@PathVariable LocalDate on) {
    return preparing.of(on, today.get());
  }

  @PutMapping("/{on}/preparation/ready")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Operation(summary = "Ticks a thing off as made ready for a bench day, or takes the tick back")
  void tick(@PathVariable LocalDate on, @Valid @RequestBody ReadyEntry entry) {
    preparing.tick(on, entry.thing(), entry.ready(), today.get());
  }

  @Reckons
  @PostMapping("/plan")
  @Operation(summary = "Lays jobs that are sent along on bench days; keeps nothing")
  @Nullable BenchPlanAnswer plan(
      @Valid @RequestBody BenchPlanAsked asked, HttpServletResponse response) {
    var asker = new Asker();
    try {
      return BenchPlanAnswer.of(
          planner.plan(() -> stillThere.during(response, asker::leaves, () -> asked.plan(asker))));
    } catch (CancellationException nobodyReadsIt) {
      return null;
    }
  }
}
