package almanac.app.acts;

import almanac.app.collection.Keeping;
import almanac.app.shown.Altered;
import almanac.app.shown.Pages;
import almanac.app.site.Today;
import io.swagger.v3.oas.annotations.Operation;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
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

  @PostMapping("/api/acts/{act}/withdrawal")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Takes back an act on all its plants; it stays readable")
  Altered withdraw(@PathVariable UUID act) {
    return pages.takenBack(keeping.withdraw(act, today.get()));
  }
}
