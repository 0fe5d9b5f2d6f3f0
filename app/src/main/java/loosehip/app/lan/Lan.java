package loosehip.app.lan;

import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.springframework.stereotype.Component;

/** Where phones in the same room reach this copy. */
@Component
public class Lan {
  private final LanSettings settings;
  private final List<String> addresses;

  Lan(LanSettings settings) {
    this.settings = settings;
    this.addresses =
        !settings.on()
            ? List.of()
            : settings.address().isBlank() ? ofThisMachine() : List.of(settings.address());
  }

  /** Whether phones are answered at all. */
  public boolean on() {
    return settings.on();
  }

  /** The encrypted port. */
  int port() {
    return settings.port();
  }

  /** The one address to bind to; blank for all of this machine's. */
  String bind() {
    return settings.address();
  }

  /** The addresses of this machine on local networks, without port. */
  List<String> addresses() {
    return addresses;
  }

  /** The beginnings of the addresses to open on a phone: {@code https://192.168.1.20:8443}. */
  public List<String> bases() {
    return addresses.stream().map(a -> "https://" + a + ":" + settings.port()).toList();
  }

  private static List<String> ofThisMachine() {
    List<String> found = new ArrayList<>();
    try {
      for (NetworkInterface card : Collections.list(NetworkInterface.getNetworkInterfaces())) {
        if (card.isUp() && !card.isLoopback() && !card.isVirtual()) {
          for (InetAddress address : Collections.list(card.getInetAddresses())) {
            if (address instanceof Inet4Address && !address.isLinkLocalAddress()) {
              found.add(address.getHostAddress());
            }
          }
        }
      }
    } catch (SocketException unreadable) {
      return List.of();
    }
    return List.copyOf(found);
  }
}
