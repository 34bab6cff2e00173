package almanac.app.record.photos;

import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.web.Reckons;
import almanac.app.record.photos.Photos.Photo;
import almanac.app.record.site.Today;
import almanac.core.refusals.Longest;
import almanac.core.sums.MeasuredLength;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
class PhotosController {

  private final Photos photos;
  private final Darkroom darkroom;
  private final Today today;

  PhotosController(Photos photos, Darkroom darkroom, Today today) {
    this.photos = photos;
    this.darkroom = darkroom;
    this.today = today;
  }

  /** A point of the picture, pixels from its upper left corner. */
  record PicturePoint(
      @NotNull(message = "A point has an x.") Double x,
      @NotNull(message = "A point has a y.") Double y) {
    MeasuredLength.Point point() {
      return new MeasuredLength.Point(x, y);
    }
  }

  /** A known length and what is to be measured by it. */
  record ToMeasure(
      @NotNull(message = "Set two points of the known length.")
          @Size(min = 2, max = 2, message = "Set two points of the known length.")
          List<@NotNull(message = "Set every point.") @Valid PicturePoint> known,
      @NotNull(message = "Say how long it is.") Double knownMm,
      @NotNull(message = "Set points along what is to be measured.")
          @Size(max = 500, message = "At most 500 points.")
          List<@NotNull(message = "Set every point.") @Valid PicturePoint> path) {}

  /** A length with its uncertainty. */
  record LengthRead(double mm, double plusMinusMm) {}

  @GetMapping("/api/plants/{id}/photos")
  @Operation(summary = "The photographs of a plant, the newest first")
  List<Photo> all(@PathVariable long id) {
    return photos.of(id);
  }

  @PostMapping(path = "/api/plants/{id}/photos", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  @Operation(summary = "Keeps a photograph, without the place where it was taken")
  Photo keep(
      @PathVariable long id,
      @RequestParam("photo") MultipartFile photo,
      @RequestParam(defaultValue = "") String caption,
      @RequestParam(required = false) @Nullable UUID look,
      @Parameter(hidden = true) @RequestHeader(name = "Idempotency-Key", required = false)
          @Nullable String key)
      throws IOException {
    if (photo.isEmpty()) {
      throw new BadEntry("photo", "Choose a photograph.");
    }
    if (caption.length() > Longest.REASON) {
      throw new BadEntry("caption", "A caption has at most 400 characters.");
    }
    if (key != null && key.length() > Longest.KEY) {
      throw new BadEntry("Idempotency-Key", "A key has at most 60 characters.");
    }
    var picture = darkroom.unpack(photo::getBytes);
    return photos.keep(id, picture, caption.strip(), look, null, key, today.get());
  }

  @GetMapping("/api/photos/{id}")
  @Operation(summary = "The picture itself")
  ResponseEntity<byte[]> picture(
      @PathVariable long id, @RequestParam(defaultValue = "false") boolean small) {
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_JPEG)
        .cacheControl(CacheControl.maxAge(365, TimeUnit.DAYS).cachePrivate().immutable())
        .body(photos.picture(id, small));
  }

  @DeleteMapping("/api/photos/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Operation(summary = "Removes a photograph")
  void remove(@PathVariable long id) {
    photos.remove(id);
  }

  @Reckons
  @PostMapping("/api/measurements")
  @Operation(summary = "The length of a path in a picture, by a length that is known")
  LengthRead measure(@Valid @RequestBody ToMeasure asked) {
    var read =
        MeasuredLength.along(
            asked.known().get(0).point(),
            asked.known().get(1).point(),
            asked.knownMm(),
            asked.path().stream().map(PicturePoint::point).toList());
    return new LengthRead(read.mm(), read.plusMinusMm());
  }
}
