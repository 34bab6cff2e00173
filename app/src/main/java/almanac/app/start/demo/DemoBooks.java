package almanac.app.start.demo;

import almanac.app.errands.bench.Jobs;
import almanac.app.errands.checks.Answering;
import almanac.app.errands.plants.Adding;
import almanac.app.errands.plants.CardChanges;
import almanac.app.errands.plants.Inspecting;
import almanac.app.judged.judging.Judging;
import almanac.app.record.collection.Keeping;
import almanac.app.record.collection.Plants;
import almanac.app.record.photos.Photos;
import almanac.app.record.site.Today;
import almanac.app.record.stock.Recipes;
import almanac.app.record.stock.Stocks;
import org.springframework.stereotype.Component;

/** What the demo is written into, as anybody else writes. */
@Component
record DemoBooks(
    Adding adding,
    CardChanges changes,
    Inspecting inspecting,
    Jobs jobs,
    Answering answering,
    Keeping keeping,
    Plants plants,
    Judging judging,
    Photos photos,
    Stocks stocks,
    Recipes recipes,
    Today today) {}
