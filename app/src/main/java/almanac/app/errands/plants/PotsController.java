package almanac.app.errands.plants;

import almanac.app.record.rules.Rules;
import almanac.core.pot.Pot;
import almanac.core.pot.PotType;
import almanac.core.pot.PotVolume;
import io.swagger.v3.oas.annotations.Operation;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class PotsController {
  private final Rules rules;

  PotsController(Rules rules) {
    this.rules = rules;
  }

  @GetMapping("/api/pots/volume")
  @Operation(summary = "What an empty pot holds, and the loose mix to have at hand for it")
  PotVolume volume(@RequestParam double diameterMm, @RequestParam double depthMm) {
    return new Pot(PotType.UNKNOWN, diameterMm, depthMm, "").holds(rules.figures()).orElseThrow();
  }
}
