package almanac.app.record.site;

import static almanac.app.db.Tables.SETTING;

import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

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

  /** Sets several, all or none. */
  @Transactional
  public void setAll(Map<String, String> contents) {
    contents.forEach(this::set);
  }

  /** Sets one, as a part of what the present transaction writes. */
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
