package loosehip.app.signin;

import java.util.Map;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.crypto.password.Pbkdf2PasswordEncoder;

/**
 * Passwords of tests are hashed by the same method with a thousandth of the work: a journey signs
 * in dozens of times and guards nothing. The real work is tested apart; hashes of an earlier
 * edition, and the demo's, are read as ever.
 */
@Configuration
class QuickPasswords {
  private static final int SALT_BYTES = 16;
  private static final int ROUNDS = 300;

  @Bean
  @Primary
  PasswordEncoder quickEncoder() {
    PasswordEncoder quick =
        new Pbkdf2PasswordEncoder(
            "",
            SALT_BYTES,
            ROUNDS,
            Pbkdf2PasswordEncoder.SecretKeyFactoryAlgorithm.PBKDF2WithHmacSHA256);
    DelegatingPasswordEncoder encoder =
        new DelegatingPasswordEncoder("quick", Map.of("quick", quick));
    encoder.setDefaultPasswordEncoderForMatches(new BCryptPasswordEncoder());
    return encoder;
  }
}
