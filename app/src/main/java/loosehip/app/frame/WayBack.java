package loosehip.app.frame;

import java.net.URI;
import java.util.Optional;

/** The page a form came from, when it is one of the same golfer. */
public final class WayBack {
  private WayBack() {}

  /**
   * Path and query of the page.
   *
   * @param here the address as the form tells it; whatever is no page of this golfer leads nowhere
   */
  public static Optional<String> of(String here, String golfer) {
    URI asked = address(here);
    String path = asked.isAbsolute() || asked.getRawAuthority() != null ? "" : asked.getRawPath();
    if (path == null || !path.startsWith("/golfers/" + golfer + "/")) {
      return Optional.empty();
    }
    return Optional.of(path + (asked.getRawQuery() == null ? "" : "?" + asked.getRawQuery()));
  }

  /**
   * Path and query of any page of this program.
   *
   * @param asked an address from outside; whatever leads elsewhere is empty
   */
  public static Optional<String> local(String asked) {
    URI address = address(asked);
    String path = address.getRawPath();
    boolean here =
        !address.isAbsolute()
            && address.getRawAuthority() == null
            && path != null
            && path.matches("/([^/\\\\].*)?");
    return here
        ? Optional.of(path + (address.getRawQuery() == null ? "" : "?" + address.getRawQuery()))
        : Optional.empty();
  }

  private static URI address(String here) {
    try {
      return URI.create(here);
    } catch (IllegalArgumentException noAddress) {
      return URI.create("");
    }
  }
}
