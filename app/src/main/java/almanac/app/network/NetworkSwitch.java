package almanac.app.network;

import org.springframework.stereotype.Component;

/** Opens and closes for other devices, and keeps that for the next start. */
@Component
public class NetworkSwitch {
  private final AccessFile access;
  private final NetworkDoor door;

  NetworkSwitch(AccessFile access, NetworkDoor door) {
    this.access = access;
    this.door = door;
  }

  public void turn(boolean open) {
    access.change(before -> before.opened(open));
    if (open) {
      door.open();
    } else {
      door.close();
    }
  }
}
