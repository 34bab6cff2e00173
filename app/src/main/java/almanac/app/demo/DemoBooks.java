package almanac.app.demo;

import almanac.app.checks.Answering;
import almanac.app.collection.Keeping;
import almanac.app.collection.Plants;
import almanac.app.inspections.Inspecting;
import almanac.app.jobs.Jobs;
import almanac.app.judging.Judging;
import almanac.app.photos.Photos;
import almanac.app.plants.Adding;
import almanac.app.plants.CardChanges;
import almanac.app.site.Today;
import almanac.app.stock.Recipes;
import almanac.app.stock.Stocks;
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
