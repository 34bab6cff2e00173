package almanac.app.errands.sheet;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.web.Reckons;
import almanac.app.record.site.Settings;
import almanac.app.record.site.Today;
import almanac.core.sheet.Decisions;
import almanac.core.sheet.PotUnit;
import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import java.io.IOException;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/sheets")
class SheetsController {
  private static final int LONGEST_NAME = 200;

  private final Sheets sheets;
  private final BringingIn bringing;
  private final Settings settings;
  private final Today today;

  SheetsController(Sheets sheets, BringingIn bringing, Settings settings, Today today) {
    this.sheets = sheets;
    this.bringing = bringing;
    this.settings = settings;
    this.today = today;
  }

  /** What was brought in, so that it can be taken back. */
  record BroughtIn(UUID act, int plants) {}

  @Reckons
  @PostMapping(consumes = "application/octet-stream")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Reads a list of plants from a CSV or XLSX file, without keeping any")
  SheetView look(@RequestParam String name, HttpServletRequest request) throws IOException {
    if (name.isBlank() || name.length() > LONGEST_NAME) {
      throw new BadEntry("name", "A file's name has 1 to 200 characters.");
    }
    var waiting = sheets.read(request.getInputStream(), name.strip());
    return SheetView.of(waiting, Decisions.guess(waiting.sheet(), usualUnit(), today.get()));
  }

  private PotUnit usualUnit() {
    return settings.get("units.length").filter("INCH"::equals).isPresent()
        ? PotUnit.INCH
        : PotUnit.CM;
  }

  @Reckons
  @PostMapping("/{uid}/reading")
  @Operation(summary = "What a list says if it is understood so, with all that cannot be right")
  SheetReadingView read(@PathVariable UUID uid, @Valid @RequestBody SheetDecisions decisions) {
    return SheetReadingView.of(bringing.read(sheets.one(uid).sheet(), decisions.decisions()));
  }

  @PostMapping("/{uid}")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Brings all plants of a list in, as one act, or none if one cannot be right")
  BroughtIn bring(@PathVariable UUID uid, @Valid @RequestBody SheetDecisions decisions) {
    var waiting = sheets.one(uid);
    var written = bringing.bring(waiting.name(), waiting.sheet(), decisions.decisions());
    sheets.leave();
    return new BroughtIn(written.act().uid(), written.plants().size());
  }

  @DeleteMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Operation(summary = "Leaves the list that was read last")
  void leave() {
    sheets.leave();
  }
}
