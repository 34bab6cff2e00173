package almanac.app.errands.plants;

import almanac.app.judged.pages.Altered;
import almanac.app.judged.pages.Pages;
import almanac.app.record.collection.Keeping;
import almanac.app.record.site.Today;
import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ActsController {
  private final Keeping keeping;
  private final Pages pages;
  private final Today today;

  ActsController(Keeping keeping, Pages pages, Today today) {
    this.keeping = keeping;
    this.pages = pages;
    this.today = today;
  }

  /** Several acts, in the order in which they were written. */
  record ActNames(
      @NotEmpty(message = "Name at least one act.")
          @Size(max = 20_000, message = "There are too many acts.")
          List<@NotNull UUID> acts) {}

  @PostMapping("/api/acts/withdrawals")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Operation(summary = "Takes several acts back, all or none; they stay readable")
  void withdrawAll(@Valid @RequestBody ActNames named) {
    keeping.withdrawAll(named.acts(), today.get());
  }

  @PostMapping("/api/acts/{act}/withdrawal")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Takes back an act on all its plants; it stays readable")
  Altered withdraw(@PathVariable UUID act) {
    return pages.takenBack(keeping.withdraw(act, today.get()));
  }
}
