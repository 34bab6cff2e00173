package almanac.app.ground.entrance;

import almanac.app.ground.network.Devices;
import almanac.app.ground.network.NetworkDoor;
import almanac.app.ground.network.TooManyTries;
import almanac.app.ground.network.WrongPassphrase;
import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.NotFound;
import almanac.app.ground.web.AtTheMachine;
import almanac.core.refusals.Longest;
import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseCookie;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class EntranceController {
  private final Devices devices;
  private final NetworkDoor door;

  EntranceController(Devices devices, NetworkDoor door) {
    this.devices = devices;
    this.door = door;
  }

  /** The passphrase, and how the device is to be called. */
  record Knock(
      @NotNull(message = "Give the passphrase.")
          @Size(max = Longest.PASSPHRASE, message = "A passphrase has at most {max} characters.")
          String passphrase,
      @NotBlank(message = "Give the device a name, so that you know it in the list.")
          @Size(max = Longest.KEY, message = "A device's name has at most {max} characters.")
          String device) {}

  @PostMapping(Entrance.PATH)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Operation(summary = "Lets a device in over the network, if the passphrase is right")
  void letIn(
      @Valid @RequestBody Knock knock, HttpServletRequest request, HttpServletResponse response) {
    if (AtTheMachine.is(request)) {
      throw new BadEntry("passphrase", "On the machine itself nothing is asked.");
    }
    var token = devices.letIn(request.getRemoteAddr(), knock.passphrase(), knock.device().strip());
    response.addHeader(HttpHeaders.SET_COOKIE, cookie(token, Devices.longestAway()));
  }

  @DeleteMapping(Entrance.PATH)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Operation(summary = "Lets this device out, for good")
  void letOut(@Nullable Authentication who, HttpServletResponse response) {
    if (who != null && who.getPrincipal() instanceof Devices.Seen device) {
      devices.end(device.uid());
    }
    response.addHeader(HttpHeaders.SET_COOKIE, cookie("", Duration.ZERO));
  }

  private static String cookie(String token, Duration age) {
    return ResponseCookie.from(KnownDevice.COOKIE, token)
        .path("/")
        .secure(true)
        .httpOnly(true)
        .sameSite("Strict")
        .maxAge(age)
        .build()
        .toString();
  }

  @GetMapping(Entrance.CERTIFICATE)
  @Operation(summary = "The certificate that a phone can be told to trust")
  void certificate(HttpServletResponse response) throws IOException {
    var way = door.way().orElseThrow(() -> new NotFound("It is not open to the network."));
    response.setContentType("application/x-x509-ca-cert");
    response.setHeader(
        HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"mellow-almanac.crt\"");
    response.getOutputStream().write(way.authority());
  }

  @ExceptionHandler(WrongPassphrase.class)
  ProblemDetail wrong(WrongPassphrase wrong) {
    return ProblemDetail.forStatusAndDetail(
        HttpStatus.FORBIDDEN, String.valueOf(wrong.getMessage()));
  }

  @ExceptionHandler(TooManyTries.class)
  ResponseEntity<ProblemDetail> tooMany(TooManyTries many) {
    return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
        .header(HttpHeaders.RETRY_AFTER, String.valueOf(many.seconds()))
        .body(
            ProblemDetail.forStatusAndDetail(
                HttpStatus.TOO_MANY_REQUESTS, String.valueOf(many.getMessage())));
  }
}
