package loosehip.app.glossary;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import loosehip.app.figure.Figures;
import loosehip.app.words.Text;
import org.junit.jupiter.api.Test;

/** Every word has a sentence and a drawing, and the docs tell the same. */
class GlossaryTest {
  private final Glossary glossary = new Glossary(new Figures());

  @Test
  void everyWordHasASentenceAndADrawing() throws IOException {
    String signs = new String(getClass().getResourceAsStream("/static/signs.svg").readAllBytes());
    assertThat(glossary.all()).hasSizeGreaterThan(70);
    for (Term term : glossary.all()) {
      assertThat(term.sentence()).as(term.id()).endsWith(".").hasSizeBetween(20, 260);
      boolean drawn = term.drawing().isPresent() || signs.contains("id=\"" + term.sign() + "\"");
      assertThat(drawn).as("a drawing of " + term.id()).isTrue();
    }
  }

  @Test
  void oneFormStandsForOneWord() {
    Map<String, String> seen = new HashMap<>();
    glossary
        .forms()
        .forEach(
            f ->
                assertThat(seen.put(f.form().toLowerCase(Locale.ROOT), f.term()))
                    .as(f.form())
                    .isNull());
    assertThat(glossary.forms()).isNotEmpty();
  }

  @Test
  void theDocsTellTheSame() throws IOException {
    StringBuilder made =
        new StringBuilder(
            "# Words of the trade\n\nMade from `app/src/main/resources/loosehip/app/glossary/terms.txt`"
                + " and the faults of the core.\n\n| word | what it is |\n|---|---|\n");
    for (Term term : glossary.all()) {
      made.append("| ").append(Text.upper(term.word())).append(" | ");
      made.append(term.sentence()).append(" |\n");
    }
    assertThat(Files.readString(Path.of("../docs/glossary.md"))).isEqualTo(made.toString());
  }
}
