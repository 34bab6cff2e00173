package almanac.app.site;

import static almanac.app.db.Tables.SETTING;

import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** What the collector has set, by name. */
@Repository
public class Settings {
  private final DSLContext db;

  Settings(DSLContext db) {
    this.db = db;
  }

  public Optional<String> get(String name) {
    return db.select(SETTING.CONTENT)
        .from(SETTING)
        .where(SETTING.NAME.eq(name))
        .fetchOptional(SETTING.CONTENT);
  }

  public void set(String name, String content) {
    db.mergeInto(SETTING)
        .using(db.selectOne())
        .on(SETTING.NAME.eq(name))
        .whenMatchedThenUpdate()
        .set(SETTING.CONTENT, content)
        .whenNotMatchedThenInsert(SETTING.NAME, SETTING.CONTENT)
        .values(name, content)
        .execute();
  }
}
