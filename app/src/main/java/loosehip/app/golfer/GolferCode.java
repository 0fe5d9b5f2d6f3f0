package loosehip.app.golfer;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Locale;

/**
 * The code a golfer goes by where their name has no business: always the same for the same golfer,
 * and telling nobody else who they are. Cut from a SHA-256 digest of their random id.
 */
public final class GolferCode {
  private static final int LETTERS = 10;

  private GolferCode() {}

  /** The code of a golfer's id: ten capital hexadecimal letters. */
  public static String of(String golferId) {
    try {
      byte[] digest =
          MessageDigest.getInstance("SHA-256")
              .digest(("clinician " + golferId).getBytes(StandardCharsets.UTF_8));
      return HexFormat.of().formatHex(digest).substring(0, LETTERS).toUpperCase(Locale.ROOT);
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("Every Java has SHA-256", e);
    }
  }
}
