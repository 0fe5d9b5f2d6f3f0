package loosehip.app.licence;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.File;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Nothing ships without a licence that lets it. */
class ShippedTest {
  @Test
  void everyPartHasALicenceAndNothingOfTheTestsShips() {
    List<Shipped> all = Shipped.all();
    assertThat(all).hasSizeGreaterThan(80).allSatisfy(s -> assertThat(s.licences()).isNotEmpty());
    assertThat(all).extracting(Shipped::name).anyMatch(n -> n.endsWith(":sqlite-jdbc"));
    assertThat(all)
        .extracting(Shipped::name)
        .noneMatch(n -> n.contains("junit") || n.contains("mockito") || n.contains("playwright"));
  }

  /** The bill is kept as a file; after a change of dependencies it is written anew. */
  @Test
  void theBillNamesWhatShipsAndNothingElse() throws Exception {
    List<String> ships =
        Stream.of(
                Files.readString(Path.of("target", "ships.classpath"))
                    .strip()
                    .split(File.pathSeparator))
            .map(p -> Path.of(p).getFileName().toString())
            .filter(jar -> jar.endsWith(".jar") && !jar.startsWith("loose-hip"))
            .toList();
    assertThat(ships).hasSizeGreaterThan(80);
    assertThat(
            Shipped.all().stream()
                .filter(s -> !s.version().isEmpty() && !s.name().startsWith("loosehip:"))
                .map(s -> s.name().replaceAll(".*:", "") + "-" + s.version() + ".jar"))
        .as("written anew by: mvn -Pbill package -DskipTests")
        .containsExactlyInAnyOrderElementsOf(ships);
  }

  /** Each font that ships has its licence in the same folder. */
  @Test
  void everyFontIsListed() throws Exception {
    Path fonts = Path.of("src", "main", "resources", "static", "fonts");
    try (Stream<Path> files = Files.list(fonts)) {
      List<String> families =
          files
              .map(f -> f.getFileName().toString())
              .filter(f -> f.endsWith(".woff2"))
              .map(f -> f.split("-latin")[0].replace('-', ' '))
              .distinct()
              .toList();
      assertThat(families)
          .isNotEmpty()
          .allSatisfy(
              family ->
                  assertThat(Shipped.all())
                      .anyMatch(s -> s.name().toLowerCase().startsWith(family)));
    }
  }

  @Test
  void theListIsALineEach() {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    LicenceCommand.print(
        List.of(new Shipped("a:b", "1.0", List.of("MIT", "EPL-2.0"))), new PrintStream(out));
    assertThat(out.toString(StandardCharsets.UTF_8).strip()).endsWith("MIT, or EPL-2.0");
  }
}
