package almanac.app.record.stock;

import static almanac.app.db.Tables.ACT;
import static almanac.app.db.Tables.DREW;
import static almanac.app.db.Tables.HAPPENING;
import static almanac.app.db.Tables.STOCK_CHANGE;
import static almanac.app.db.Tables.STOCK_ITEM;
import static org.jooq.impl.DSL.sum;

import almanac.app.db.tables.records.StockItemRecord;
import almanac.app.ground.refusals.NotFound;
import almanac.app.record.journal.Acts;
import almanac.core.medium.Component;
import almanac.core.pot.Grade;
import almanac.core.pot.Pot;
import almanac.core.pot.PotType;
import almanac.core.stock.Goods;
import almanac.core.stock.StockItem;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** The items of the stock and what has become of them. */
@Repository
class StockTable {
  private final DSLContext db;
  private final Acts acts;

  StockTable(DSLContext db, Acts acts) {
    this.db = db;
    this.acts = acts;
  }

  /** Everything that was ever put in stock and not removed, with what there is of it now. */
  List<StockItem> all() {
    var changes = changes();
    var drawn = drawn();
    return db.selectFrom(STOCK_ITEM)
        .orderBy(STOCK_ITEM.DIAMETER_MM, STOCK_ITEM.COMPONENT, STOCK_ITEM.NAME, STOCK_ITEM.UID)
        .fetch(
            row ->
                new StockItem(
                    row.getUid(),
                    goods(row),
                    Math.max(
                        0,
                        changes.getOrDefault(row.getUid(), 0.0)
                            - drawn.getOrDefault(row.getUid(), 0.0))));
  }

  private Map<UUID, Double> changes() {
    return db.select(STOCK_CHANGE.ITEM_UID, sum(STOCK_CHANGE.AMOUNT).cast(Double.class))
        .from(STOCK_CHANGE)
        .groupBy(STOCK_CHANGE.ITEM_UID)
        .fetchMap(row -> row.value1(), row -> row.value2());
  }

  private Map<UUID, Double> drawn() {
    var overruled = acts.overruled();
    var drawn = new HashMap<UUID, Double>();
    db.select(DREW.ITEM_UID, DREW.AMOUNT, ACT.ID)
        .from(DREW)
        .join(HAPPENING)
        .on(HAPPENING.ID.eq(DREW.HAPPENING_ID))
        .join(ACT)
        .on(ACT.ID.eq(HAPPENING.ACT_ID))
        .forEach(
            row -> {
              if (!overruled.contains(row.value3())) {
                drawn.merge(row.value1(), row.value2(), Double::sum);
              }
            });
    return drawn;
  }

  void add(UUID uid, Goods goods) {
    var row = db.newRecord(STOCK_ITEM);
    row.setUid(uid);
    if (goods instanceof Goods.Pots pots) {
      row.setGoods("POTS");
      row.setPot(pots.pot().type().name());
      row.setDiameterMm(pots.pot().diameterMm());
      row.setDepthMm(pots.pot().depthMm());
    } else if (goods instanceof Goods.Loose loose) {
      row.setGoods("LOOSE");
      row.setComponent(loose.component().name());
      row.setGrade(loose.grade() == null ? null : loose.grade().name());
    } else if (goods instanceof Goods.Thing thing) {
      row.setGoods("THING");
      row.setName(thing.name());
    }
    row.insert();
  }

  void change(UUID uid, LocalDate on, double amount) {
    db.insertInto(STOCK_CHANGE, STOCK_CHANGE.ITEM_UID, STOCK_CHANGE.CHANGED_ON, STOCK_CHANGE.AMOUNT)
        .values(uid, on, amount)
        .execute();
  }

  /**
   * @throws NotFound if there is no such item
   */
  void remove(UUID uid) {
    if (db.deleteFrom(STOCK_ITEM).where(STOCK_ITEM.UID.eq(uid)).execute() == 0) {
      throw new NotFound("This is not in the stock any more.");
    }
  }

  private static Goods goods(StockItemRecord row) {
    return switch (row.getGoods()) {
      case "POTS" ->
          new Goods.Pots(
              new Pot(PotType.valueOf(row.getPot()), row.getDiameterMm(), row.getDepthMm(), ""));
      case "LOOSE" -> new Goods.Loose(Component.valueOf(row.getComponent()), grade(row.getGrade()));
      case "THING" -> new Goods.Thing(Objects.requireNonNull(row.getName()));
      default -> throw new IllegalStateException("Unknown goods: " + row.getGoods());
    };
  }

  private static @Nullable Grade grade(@Nullable String name) {
    return name == null ? null : Grade.valueOf(name);
  }
}
