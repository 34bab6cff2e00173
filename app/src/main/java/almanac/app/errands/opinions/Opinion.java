package almanac.app.errands.opinions;

import almanac.app.judged.pages.Part;
import almanac.app.judged.pages.Slip;
import almanac.core.judgement.verdict.Asks;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/** How an almanac judges: what, when, how, and on which looks that rests. */
record Opinion(
    @NotNull(message = "An opinion says what is to be done.") Asks asks,
    @NotBlank(message = "An opinion has a title.") @Size(max = Opinion.LONGEST) String title,
    @NotNull @Size(max = Opinion.MOST) List<@NotNull @Valid Part> advice,
    @Schema(description = "How it is or will be done; empty where nothing is moved")
        @NotNull
        @Size(max = Opinion.LONGEST)
        String method,
    @Schema(description = "The reasons that weigh most") @NotNull @Size(max = Opinion.MOST)
        List<@NotNull List<@NotNull @Valid Part>> reasons,
    @Schema(description = "The looks that they rest on") @NotNull @Size(max = Opinion.MOST)
        List<@NotBlank String> looks) {
  static final int LONGEST = 500;
  static final int MOST = 60;

  static Opinion of(Slip slip) {
    var carried = slip.reasons().stream().filter(Slip.ReasonLine::carries).toList();
    return new Opinion(
        slip.verdict().asks(),
        slip.title(),
        slip.advice(),
        slip.method() == null ? "" : slip.method(),
        carried.stream().map(Slip.ReasonLine::sentence).toList(),
        carried.stream()
            .filter(reason -> reason.look() != null)
            .map(reason -> reason.look().title())
            .distinct()
            .toList());
  }
}
