package almanac.app.judged.pages;

import io.swagger.v3.oas.annotations.media.Schema;

/** A plant that is no longer here. */
public record GonePlant(
    long id,
    String number,
    String name,
    String kindName,
    String statusWords,
    @Schema(description = "To whom it went, or what it died of") String reason) {}
