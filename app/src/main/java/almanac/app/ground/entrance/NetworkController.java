package almanac.app.ground.entrance;

import almanac.app.ground.network.AccessFile;
import almanac.app.ground.network.Devices;
import almanac.app.ground.network.NetworkDoor;
import almanac.app.ground.network.ScanCode;
import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.web.AtTheMachine;
import almanac.core.refusals.Longest;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/network")
class NetworkController {
  private final AccessFile access;
  private final Devices devices;
  private final NetworkDoor door;

  NetworkController(AccessFile access, Devices devices, NetworkDoor door) {
    this.access = access;
    this.devices = devices;
    this.door = door;
  }

  /** Whether and how other devices come in. */
  record NetworkView(
      @Schema(description = "Whether this was asked for on the machine itself") boolean here,
      @Schema(description = "Whether a passphrase was chosen") boolean chosen,
      @Schema(nullable = true, description = "Null while it is closed") @Nullable WayView way,
      @Schema(nullable = true, description = "Why it is not open although it was to be")
          @Nullable String trouble,
      List<DeviceView> devices) {}

  /** What others need to come in. */
  record WayView(
      @Schema(description = "The likeliest first") List<String> addresses,
      @Schema(description = "The first address as a code to scan, one unit a square")
          String codePath,
      int codeSize,
      String fingerprint,
      String authorityFingerprint) {}

  /** A device that was let in. */
  record DeviceView(
      UUID uid,
      String name,
      Instant since,
      @Schema(description = "To the hour") Instant seen,
      @Schema(description = "Whether it is the one that asks") boolean own) {}

  /** Whether other devices may come in. */
  record NetworkWanted(
      @NotNull(message = "Say whether it is to be open.") Boolean open,
      @Schema(
              nullable = true,
              description = "A new passphrase, by which every device has to come in anew")
          @Nullable
          @Size(max = Longest.PASSPHRASE, message = "A passphrase has at most {max} characters.")
          String passphrase) {}

  @GetMapping
  @Operation(summary = "Whether and how other devices of the house come in, and which did")
  NetworkView view(HttpServletRequest request, @Nullable Authentication who) {
    var own =
        who != null && who.getPrincipal() instanceof Devices.Seen device ? device.uid() : null;
    return new NetworkView(
        AtTheMachine.is(request),
        access.chosen(),
        door.way().map(NetworkController::view).orElse(null),
        door.trouble().orElse(null),
        devices.all().stream()
            .map(
                each ->
                    new DeviceView(
                        each.uid(), each.name(), each.since(), each.seen(), each.uid().equals(own)))
            .toList());
  }

  private static WayView view(NetworkDoor.Way way) {
    var code = ScanCode.of(way.addresses().isEmpty() ? "" : way.addresses().get(0));
    return new WayView(
        way.addresses(), code.path(), code.size(), way.fingerprint(), way.authorityFingerprint());
  }

  @PutMapping
  @Operation(summary = "Opens or closes the way in for other devices; on the machine itself only")
  NetworkView turn(
      @Valid @RequestBody NetworkWanted wanted,
      HttpServletRequest request,
      @Nullable Authentication who) {
    AtTheMachine.refuseOthers(request);
    if (wanted.passphrase() != null) {
      access.choose(wanted.passphrase());
    } else if (wanted.open() && !access.chosen()) {
      throw new BadEntry("passphrase", "Choose a passphrase first.");
    }
    devices.forgetTries();
    door.turn(wanted.open());
    return view(request, who);
  }

  @DeleteMapping("/devices/{uid}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @Operation(summary = "Lets a device in no longer")
  void end(@PathVariable UUID uid) {
    devices.end(uid);
  }
}
