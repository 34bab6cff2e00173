package almanac.app.record.stock;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.record.entries.PotEntry;
import almanac.app.record.site.Today;
import almanac.core.medium.Component;
import almanac.core.pot.Grade;
import almanac.core.refusals.Longest;
import almanac.core.stock.Goods;
import almanac.core.stock.StockItem;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class StockController {
  private final Stocks stocks;
  private final Today today;

  StockController(Stocks stocks, Today today) {
    this.stocks = stocks;
    this.today = today;
  }

  /** Something that comes into the stock: pots, a component or a thing by its name. */
  record StockEntry(
      @Schema(nullable = true) @Valid @Nullable PotEntry pot,
      @Schema(nullable = true) @Nullable Component component,
      @Schema(nullable = true, description = "How coarse the component is") @Nullable Grade grade,
      @Schema(nullable = true)
          @Size(max = Longest.SHORT_NAME, message = "A name has at most {max} characters.")
          @Nullable String name,
      @Schema(
              description =
                  "Pots by number, components in ml, things: 0 out, 1 low, 2 there is enough")
          @NotNull(message = "Say how much there is.")
          Double amount) {

    Goods goods() {
      if (pot != null) {
        return new Goods.Pots(PotEntry.pot(pot).bare());
      }
      if (component != null) {
        return new Goods.Loose(component, grade);
      }
      if (name == null || name.isBlank()) {
        throw new BadEntry("name", "Say what it is: a pot, a component, or a name.");
      }
      return new Goods.Thing(name.strip());
    }
  }

  /** How much there is of it now. */
  record Counted(@NotNull(message = "Say how much there is.") Double amount) {}

  /** One thing in stock. */
  record StockLine(
      UUID uid,
      String words,
      @Schema(nullable = true) @Nullable PotEntry pot,
      @Schema(nullable = true) @Nullable Component component,
      @Schema(nullable = true) @Nullable Grade grade,
      @Schema(
              description =
                  "Pots by number, components in ml, things: 0 out, 1 low, 2 there is enough")
          double amount) {

    static StockLine of(StockItem item) {
      var goods = item.goods();
      return new StockLine(
          item.uid(),
          goods.words(),
          goods instanceof Goods.Pots pots ? PotEntry.of(pots.pot()) : null,
          goods instanceof Goods.Loose loose ? loose.component() : null,
          goods instanceof Goods.Loose loose ? loose.grade() : null,
          item.amount());
    }
  }

  @GetMapping("/api/stock")
  @Operation(summary = "What lies ready, less what jobs have drawn")
  List<StockLine> all() {
    return stocks.now().items().stream().map(StockLine::of).toList();
  }

  @PostMapping("/api/stock")
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Puts something in stock")
  StockLine add(@Valid @RequestBody StockEntry entry) {
    return StockLine.of(stocks.add(entry.goods(), entry.amount(), today.get()));
  }

  @PutMapping("/api/stock/{uid}")
  @Operation(summary = "Says how much there is of something now")
  StockLine count(@PathVariable UUID uid, @Valid @RequestBody Counted counted) {
    return StockLine.of(stocks.count(uid, counted.amount(), today.get()));
  }

  @DeleteMapping("/api/stock/{uid}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Operation(summary = "No longer keeps it in stock; what jobs drew of it stays told")
  void remove(@PathVariable UUID uid) {
    stocks.remove(uid);
  }
}
