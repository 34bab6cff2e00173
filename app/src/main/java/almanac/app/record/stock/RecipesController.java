package almanac.app.record.stock;

import almanac.app.record.entries.MixPart;
import almanac.core.refusals.Longest;
import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class RecipesController {
  private final Recipes recipes;

  RecipesController(Recipes recipes) {
    this.recipes = recipes;
  }

  /** A mix to be kept by name. */
  record RecipeEntry(
      @NotBlank(message = "Give the recipe a name.")
          @Size(max = Longest.SHORT_NAME, message = "A recipe's name has at most {max} characters.")
          String name,
      @NotNull(message = "Give the mix.")
          @Size(max = 20, message = "A mix has at most 20 components.")
          List<@NotNull(message = "Give a component and its parts.") @Valid MixPart> mix) {}

  /** A mix that is kept by name. */
  record RecipeLine(UUID uid, String name, List<MixPart> mix, String words) {
    static RecipeLine of(Recipes.Recipe recipe) {
      return new RecipeLine(
          recipe.uid(), recipe.name(), MixPart.of(recipe.mix()), recipe.mix().words());
    }
  }

  @GetMapping("/api/recipes")
  @Operation(summary = "Mixes that are kept by name")
  List<RecipeLine> all() {
    return recipes.all().stream().map(RecipeLine::of).toList();
  }

  @PostMapping("/api/recipes")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Keeps a mix by name, instead of the one that had it before")
  RecipeLine keep(@Valid @RequestBody RecipeEntry entry) {
    return RecipeLine.of(recipes.keep(entry.name().strip(), MixPart.mix(entry.mix())));
  }

  @DeleteMapping("/api/recipes/{uid}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Operation(summary = "Forgets a recipe")
  void forget(@PathVariable UUID uid) {
    recipes.forget(uid);
  }
}
