package loosehip.app.signin;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PasswordRuleTest {
  private static final PasswordRule RULE = new PasswordRule();

  @ParameterizedTest
  @CsvSource({
    "elevenchars, At least 12",
    "'', At least 12",
    "password1234, guessed quickly",
    "aaaaaaaaaaaaaa, guessed quickly",
    "qwertyuiop123, guessed quickly",
    "wrenwrenwrenwren, guessed quickly",
    "larch over the ninth green, ",
    "дождь над лиственницей, ",
    "xK7-marble-dune, "
  })
  void shortAndCommonOnesAreRefused(String password, String words) {
    assertThat(RULE.problem(password, List.of("The Shed", "Wren", "wren")).orElse(""))
        .contains(words == null ? "" : words)
        .satisfies(said -> assertThat(said.isEmpty()).isEqualTo(words == null));
  }

  @ParameterizedTest
  @CsvSource({"64", "200", "5000"})
  void longOnesAreTaken(int length) {
    String sentence = "every day ten slow turns beside the tractor ".repeat(length / 40 + 1);
    assertThat(RULE.problem(sentence.substring(0, length), List.of())).isEmpty();
  }
}
