package loosehip.app.lan;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import org.apache.tomcat.util.http.MimeHeaders;
import org.apache.tomcat.util.http.Rfc6265CookieProcessor;
import org.apache.tomcat.util.http.ServerCookie;
import org.apache.tomcat.util.http.ServerCookies;

/**
 * On the encrypted port the cookie of the session is called {@code __Host-…} (RFC 6265bis,
 * 4.1.3.2): a browser takes such a one from this host alone, over an encrypted connection alone,
 * for every path, so that no neighbour on the network can plant another. On this machine's own port
 * it keeps its plain name.
 */
final class HostCookies extends Rfc6265CookieProcessor {
  static final String PLAIN = "LOOSEHIP";
  static final String PREFIXED = "__Host-" + PLAIN;

  HostCookies() {
    setSameSiteCookies("lax");
  }

  @Override
  public String generateHeader(Cookie cookie, HttpServletRequest request) {
    if (!request.isSecure() || !cookie.getName().equals(PLAIN)) {
      return super.generateHeader(cookie, request);
    }
    Cookie prefixed = new Cookie(PREFIXED, cookie.getValue());
    cookie.getAttributes().forEach(prefixed::setAttribute);
    prefixed.setPath("/");
    prefixed.setSecure(true);
    prefixed.setHttpOnly(true);
    return super.generateHeader(prefixed, request);
  }

  /** What came under the prefixed name is the session; a plain one beside it is nobody's. */
  @Override
  public void parseCookieHeader(MimeHeaders headers, ServerCookies cookies) {
    super.parseCookieHeader(headers, cookies);
    boolean prefixed = false;
    for (int i = 0; i < cookies.getCookieCount(); i++) {
      prefixed |= cookies.getCookie(i).getName().equals(PREFIXED);
    }
    for (int i = 0; prefixed && i < cookies.getCookieCount(); i++) {
      ServerCookie cookie = cookies.getCookie(i);
      if (cookie.getName().equals(PREFIXED)) {
        named(cookie, PLAIN);
      } else if (cookie.getName().equals(PLAIN)) {
        named(cookie, "planted");
      }
    }
  }

  private static void named(ServerCookie cookie, String name) {
    byte[] bytes = name.getBytes(StandardCharsets.US_ASCII);
    cookie.getName().setBytes(bytes, 0, bytes.length);
  }
}
