package almanac.app.benches;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/benches")
class BenchesController {
  private final Benches benches;

  BenchesController(Benches benches) {
    this.benches = benches;
  }

  /** A bench to add. */
  record NewBench(
      @NotBlank(message = "Give the bench a name.")
          @Size(max = 80, message = "A bench's name has at most 80 characters.")
          String name,
      @NotNull(message = "Say whether the bench stands under lights.") Boolean controlled) {}

  @GetMapping
  @Operation(summary = "All benches")
  List<Bench> all() {
    return benches.all();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Adds a bench")
  Bench add(@Valid @RequestBody NewBench bench) {
    return benches.add(bench.name().strip(), bench.controlled());
  }
}
