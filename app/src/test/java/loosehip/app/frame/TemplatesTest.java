package loosehip.app.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TemplatesTest {
  @ParameterizedTest
  @CsvSource({
    "'<p>\n    one  two\n  </p>', '<p>\none  two\n</p>'",
    "'<a  b=\"c\n   d\">', '<a  b=\"c\nd\">'",
    "'one line', 'one line'"
  })
  void indentationGoesAndLineBreaksStay(String written, String made) {
    assertThat(Templates.unindented(written)).isEqualTo(made);
  }

  /** Where blanks are kept as they are written, no template writes lines of its own. */
  @Test
  void noTemplateNeedsItsIndentation() throws IOException {
    Path all = Path.of("src", "main", "resources", "templates");
    try (Stream<Path> files = Files.walk(all)) {
      List<Path> pages = files.filter(f -> f.toString().endsWith(".html")).toList();
      assertThat(pages)
          .hasSizeGreaterThan(80)
          .allSatisfy(
              page ->
                  assertThat(read(page))
                      .doesNotContain("<pre")
                      .doesNotContainPattern("<textarea[^>]*>[^<]*\\n"));
    }
  }

  private static String read(Path page) {
    try {
      return Files.readString(page);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
