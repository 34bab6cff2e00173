package almanac.app.errands.calendar;

import almanac.app.ground.refusals.NotFound;
import almanac.app.record.site.Today;
import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.nio.charset.StandardCharsets;
import java.time.ZoneId;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class CalendarController {
  private static final MediaType CALENDAR =
      new MediaType("text", "calendar", StandardCharsets.UTF_8);

  private final FeedAddress address;
  private final CalendarEntries entries;
  private final Published published;
  private final Today today;

  CalendarController(
      FeedAddress address, CalendarEntries entries, Published published, Today today) {
    this.address = address;
    this.entries = entries;
    this.published = published;
    this.today = today;
  }

  /** Where the calendar is. */
  record CalendarAddress(
      @Schema(description = "Behind the address of the program", example = "/calendar/k3x.ics")
          String path) {}

  @GetMapping("/api/calendar")
  @Operation(summary = "Where the calendar is; whoever knows it may read it")
  CalendarAddress where() {
    return new CalendarAddress(path(address.get()));
  }

  @PostMapping("/api/calendar/renewal")
  @Operation(
      summary = "Gives the calendar another address; under the former nothing is read any more")
  CalendarAddress renew() {
    return new CalendarAddress(path(address.renew()));
  }

  private static String path(String address) {
    return "/calendar/%s.ics".formatted(address);
  }

  @Hidden
  @GetMapping("/calendar/{address}.ics")
  ResponseEntity<byte[]> calendar(@PathVariable("address") String asked) {
    if (!address.is(asked)) {
      throw new NotFound("There is no such calendar; its address may have been renewed.");
    }
    var day = today.get();
    return ResponseEntity.ok()
        .contentType(CALENDAR)
        .cacheControl(CacheControl.noStore())
        .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"mellow-almanac.ics\"")
        .body(
            CalendarFeed.of(published.say(entries.on(day), day), ZoneId.systemDefault())
                .getBytes(StandardCharsets.UTF_8));
  }
}
