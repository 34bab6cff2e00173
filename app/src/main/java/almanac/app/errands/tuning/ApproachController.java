package almanac.app.errands.tuning;

import almanac.app.record.rules.CollectionApproach;
import almanac.core.history.Approach;
import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/approach")
class ApproachController {
  private final CollectionApproach collection;

  ApproachController(CollectionApproach collection) {
    this.collection = collection;
  }

  /** The collection's approach. */
  record Chosen(@NotNull(message = "Choose an approach.") Approach approach) {}

  @GetMapping
  @Operation(summary = "The approach that holds where neither plant nor place has its own")
  Chosen get() {
    return new Chosen(collection.get());
  }

  @PutMapping
  @Operation(summary = "Chooses the collection's approach; every plant is judged anew")
  Chosen choose(@Valid @RequestBody Chosen chosen) {
    collection.choose(chosen.approach());
    return chosen;
  }
}
