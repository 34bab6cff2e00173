package almanac.app.ground.web;

import io.swagger.v3.oas.annotations.Hidden;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The description of the interface for programs, as it was drawn up when this was built. */
@Hidden
@RestController
class DescriptionController {
  @GetMapping(path = "/api/openapi", produces = MediaType.APPLICATION_JSON_VALUE)
  Resource description() {
    return new ClassPathResource("openapi.json");
  }
}
