package almanac.app.record.stock;

import static almanac.app.db.Tables.RECIPE;
import static almanac.app.db.Tables.RECIPE_PART;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toMap;

import almanac.app.db.tables.records.RecipePartRecord;
import almanac.app.db.tables.records.RecipeRecord;
import almanac.app.ground.refusals.NotFound;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Mixes that are kept by name. */
@Repository
@Transactional
public class Recipes {
  private final DSLContext db;

  Recipes(DSLContext db) {
    this.db = db;
  }

  /** A mix by its name. */
  public record Recipe(UUID uid, String name, Mix mix) {}

  /** All of them, by name. */
  @Transactional(readOnly = true)
  public List<Recipe> all() {
    var parts =
        db.selectFrom(RECIPE_PART).stream().collect(groupingBy(RecipePartRecord::getRecipeUid));
    return db.selectFrom(RECIPE)
        .orderBy(RECIPE.NAME)
        .fetch(
            row ->
                new Recipe(
                    row.getUid(),
                    row.getName(),
                    new Mix(
                        parts.get(row.getUid()).stream()
                            .collect(
                                toMap(
                                    part -> Component.valueOf(part.getComponent()),
                                    RecipePartRecord::getParts)))));
  }

  /** Keeps a mix by a name, instead of the one that had it before. */
  public Recipe keep(String name, Mix mix) {
    db.deleteFrom(RECIPE).where(RECIPE.NAME.eq(name)).execute();
    var uid = UUID.randomUUID();
    db.executeInsert(new RecipeRecord(uid, name));
    db.batchInsert(
            mix.parts().entrySet().stream()
                .map(part -> new RecipePartRecord(uid, part.getKey().name(), part.getValue()))
                .toList())
        .execute();
    return new Recipe(uid, name, mix);
  }

  /**
   * @throws NotFound if there is no such recipe
   */
  public void forget(UUID uid) {
    if (db.deleteFrom(RECIPE).where(RECIPE.UID.eq(uid)).execute() == 0) {
      throw new NotFound("There is no such recipe any more.");
    }
  }
}
