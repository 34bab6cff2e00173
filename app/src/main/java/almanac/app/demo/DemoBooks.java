package almanac.app.demo;

import almanac.app.journal.Cards;
import almanac.app.journal.Journal;
import almanac.app.journal.Recorder;
import almanac.app.photos.Photos;
import almanac.app.site.Today;
import org.springframework.stereotype.Component;

/** What the demo is written into, as anybody else writes. */
@Component
record DemoBooks(Cards cards, Recorder recorder, Journal journal, Photos photos, Today today) {}
