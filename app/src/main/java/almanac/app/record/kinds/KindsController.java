package almanac.app.record.kinds;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.NotFound;
import almanac.app.record.entries.TraitsEntry;
import almanac.core.kinds.Kind;
import almanac.core.kinds.StandardKinds;
import almanac.core.kinds.Trait;
import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/kinds")
class KindsController {
  private final Kinds kinds;

  KindsController(Kinds kinds) {
    this.kinds = kinds;
  }

  /** A kind of plant, and whether it is the program's own, changed or added. */
  record KindLine(
      String key,
      String name,
      Standing standing,
      TraitsEntry traits,
      String readyWhen,
      String readyBecause) {}

  /** Whose a kind is. */
  enum Standing {
    STANDARD,
    CHANGED,
    ADDED
  }

  @GetMapping
  @Operation(summary = "Every kind of plant with its traits")
  List<KindLine> all() {
    return kinds.all().stream().map(KindsController::kind).toList();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Adds a kind, new or copied from another")
  KindLine add(@Valid @RequestBody KindEntry entry) {
    var key = KindKey.of(entry.name());
    if (kinds.named(key).isPresent()) {
      throw new BadEntry("name", "There is a kind of this name already.");
    }
    return keep(key, entry);
  }

  @PutMapping("/{key}")
  @Operation(summary = "Changes a kind; every plant of it is judged anew")
  KindLine change(@PathVariable String key, @Valid @RequestBody KindEntry entry) {
    if (kinds.named(key).isEmpty()) {
      throw new NotFound("There is no kind “%s”.".formatted(key));
    }
    return keep(key, entry);
  }

  @DeleteMapping("/{key}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Operation(summary = "Puts the program's own kind back, or removes an added one without plants")
  void reset(@PathVariable String key) {
    kinds.reset(key);
  }

  private KindLine keep(String key, KindEntry entry) {
    var kind = entry.kind(key);
    kinds.keep(kind);
    return kind(kind);
  }

  private static KindLine kind(Kind kind) {
    var standing =
        StandardKinds.named(kind.key())
            .map(own -> own.equals(kind) ? Standing.STANDARD : Standing.CHANGED)
            .orElse(Standing.ADDED);
    return new KindLine(
        kind.key(),
        kind.name(),
        standing,
        TraitsEntry.of(kind),
        kind.of(Trait.READY_RULE).words(),
        kind.of(Trait.READY_RULE).reason());
  }
}
