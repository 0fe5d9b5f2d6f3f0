package loosehip.app.phone;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import loosehip.app.document.Documents;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.resource.ResourceUrlProvider;

/** The files a phone keeps, by the addresses of this edition. */
@Component
class PhoneFiles {
  private static final List<String> KEPT =
      List.of(
          "/css/phone.css",
          "/js/phone-theme.js",
          "/js/phone-queue.js",
          "/js/phone-motion.js",
          "/js/phone-player.js",
          "/js/phone.js",
          "/fonts/atkinson-hyperlegible-next-latin-wght-normal.woff2");

  private final ResourceUrlProvider addresses;

  PhoneFiles(ResourceUrlProvider addresses) {
    this.addresses = addresses;
  }

  /** The script that answers where there is no line, with the addresses it keeps. */
  String worker() {
    List<String> kept = KEPT.stream().map(this::address).toList();
    try (InputStream in = PhoneFiles.class.getResourceAsStream("worker.js")) {
      String script = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      return script
          .replace("\"KEPT\"", Documents.JSON.writeValueAsString(kept))
          .replace("EDITION", Integer.toHexString(kept.hashCode()));
    } catch (IOException unreadable) {
      throw new UncheckedIOException(unreadable);
    }
  }

  private String address(String plain) {
    String found = addresses.getForLookupPath(plain);
    return found == null ? plain : found;
  }
}
