package loosehip.app.store;

import java.security.SecureRandom;
import java.util.Base64;

/** Makes ids of 128 random bits, so that an address cannot be guessed. */
final class Ids {
  private static final SecureRandom RANDOM = new SecureRandom();

  private Ids() {}

  static String fresh() {
    byte[] bytes = new byte[16];
    RANDOM.nextBytes(bytes);
    return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
  }
}
