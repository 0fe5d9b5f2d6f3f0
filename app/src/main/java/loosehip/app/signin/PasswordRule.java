package loosehip.app.signin;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * Which passwords are taken: at least {@value #SHORTEST} characters, of any length and any letters,
 * and none that is guessed in few tries. Looked up on this machine alone.
 */
@Component
public class PasswordRule {
  /** Fewest characters. */
  public static final int SHORTEST = 12;

  /** More is taken whole as a password, but no longer looked at for being common. */
  private static final int LOOKED_AT = 100;

  /** Guesses of ten million and more: the third of five steps of the library. */
  private static final int STRONG = 2;

  private final Zxcvbn guesser = new Zxcvbn();

  /**
   * What is wrong with a password; empty when nothing is.
   *
   * @param about names it must not be made of
   */
  public Optional<String> problem(String password, List<String> about) {
    if (password.codePointCount(0, password.length()) < SHORTEST) {
      return Optional.of(
          "At least " + SHORTEST + " characters; a short sentence of your own is good.");
    }
    String looked = password.substring(0, Math.min(password.length(), LOOKED_AT));
    return guesser.measure(looked, about).getScore() < STRONG
        ? Optional.of("This is guessed quickly. A short sentence of your own is good.")
        : Optional.empty();
  }
}
